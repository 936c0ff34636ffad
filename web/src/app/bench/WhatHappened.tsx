import { useState } from 'react';
import { styled } from 'styled-components';
import { Button } from '../../ui/Button';

/** What went wrong, to be seen and copied: nothing of the recipe's words is in it. */
export function WhatHappened({ cause }: { readonly cause: string }) {
  const [copied, setCopied] = useState<boolean | null>(null);
  // Over plain http there is no clipboard to write to.
  const copy = async () =>
    ('clipboard' in navigator ? navigator.clipboard.writeText(cause) : Promise.reject(new Error())).then(
      () => setCopied(true),
      () => setCopied(false),
    );
  return (
    <details>
      <summary>What happened</summary>
      <Said>{cause}</Said>
      <Button onPress={() => void copy()}>Copy it</Button>
      <span role="status">
        {copied === null
          ? ''
          : copied
            ? ' Copied.'
            : ' This browser doesn’t let the page copy: mark it by hand.'}
      </span>
    </details>
  );
}

const Said = styled.pre`
  max-height: 12rem;
  overflow: auto;
  margin: ${({ theme }) => theme.space(2)} 0;
  font-size: 0.8rem;
  white-space: pre-wrap;
  overflow-wrap: anywhere;
`;
