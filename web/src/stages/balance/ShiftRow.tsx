import { memo } from 'react';
import { styled } from 'styled-components';
import type { Shift } from '@omniarton/core/balance';
import { Small } from '../../ui/layout';

/** One shift as a sentence: from, to, because; and where the rule comes from. */
export const ShiftRow = memo(function ShiftRow({ shift }: { readonly shift: Shift }) {
  const { from, to, because, source, confidence } = shift;
  return (
    <Line>
      <p>
        <span>{from}</span> <Arrow aria-label="becomes">→</Arrow> <strong>{to}</strong>
      </p>
      <Because>because {lowerFirst(because)}</Because>
      <Small>
        {source.startsWith(confidence.replace('-', ' '))
          ? source
          : `${source} · ${confidence.replaceAll('-', ' ')}`}
      </Small>
    </Line>
  );
});

const lowerFirst = (text: string) => text.charAt(0).toLowerCase() + text.slice(1);

const Line = styled.li`
  padding: ${({ theme }) => `${theme.space(2.5)} 0`};
  border-bottom: 1px solid ${({ theme }) => theme.colour.line};
  max-width: 48rem;
`;
const Arrow = styled.span`
  padding: 0 ${({ theme }) => theme.space(1)};
  color: ${({ theme }) => theme.colour.act};
  font-weight: 700;
`;
const Because = styled.p`
  font: 400 1rem/1.4 ${({ theme }) => theme.font.written};
`;
