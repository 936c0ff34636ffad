import { useState } from 'react';
import { styled } from 'styled-components';
import type { Spoke, TakenFor } from '@omniarton/core/read';
import { PAGE_KIND_NAMES } from '@omniarton/core/vocabulary';
import { askQuick } from '../../state/engine/engine';
import { Button } from '../../ui/Button';
import { useDraft } from '../../state/bench/onBench';
import { featureWords } from '../../words/pageKinds';

interface Props extends Pick<TakenFor, 'kind' | 'or'> {
  readonly at: number;
}

const MOST = 4;

/** What spoke for it: asked for, and worked out then. */
export function WhyKind({ at, kind, or }: Props) {
  const text = useDraft(({ doc }) => doc.text);
  const [spoke, setSpoke] = useState<readonly Spoke[] | 'failed' | null>(null);
  const ask = () =>
    void askQuick((engine) => engine.whyKind(text, at, { kind, or })).then(setSpoke, () =>
      setSpoke('failed'),
    );
  if (spoke === null)
    return (
      <Button $weight="quiet" onPress={ask}>
        Why?
      </Button>
    );
  if (spoke === 'failed')
    return <p role="status">The engine gave no answer. Press the line and ask again.</p>;
  return (
    <Reasons role="status">
      {PAGE_KIND_NAMES[kind]} rather than {PAGE_KIND_NAMES[or]}:{' '}
      {spoke.length === 0
        ? 'what stands around it decided.'
        : `${[...new Set(spoke.map(({ feature }) => featureWords(feature)))].slice(0, MOST).join('; ')}.`}
    </Reasons>
  );
}

const Reasons = styled.p`
  flex: 1 1 100%;
  padding: ${({ theme }) => `${theme.space(1)} 0`};
  font-size: 0.92rem;
  color: ${({ theme }) => theme.colour.soft};
`;
