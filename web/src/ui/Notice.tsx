import type { ReactNode } from 'react';
import { styled } from 'styled-components';

type Tone = 'calm' | 'ask' | 'danger';

interface Props {
  readonly tone?: Tone;
  /** Read out at once by a screen reader, for what has just gone wrong. */
  readonly loud?: boolean;
  readonly children: ReactNode;
}

/** A word from the page to the person: calm, a question, or a danger. Its sign says which without the colour. */
export function Notice({ tone = 'calm', loud = false, children }: Props) {
  return (
    <Slip $tone={tone} role={loud ? 'alert' : 'status'}>
      <span aria-hidden="true">{{ calm: '·', ask: '?', danger: '!' }[tone]}</span>
      <div>{children}</div>
    </Slip>
  );
}

const Slip = styled.div<{ $tone: Tone }>`
  display: grid;
  grid-template-columns: 1.2em minmax(0, 1fr);
  gap: ${({ theme }) => theme.space(2)};
  padding: ${({ theme }) => `${theme.space(2.5)} ${theme.space(3)}`};
  border-left: 4px solid
    ${({ theme, $tone }) =>
      ({ calm: theme.colour.strong, ask: theme.colour.ask, danger: theme.colour.danger })[$tone]};
  background: ${({ theme, $tone }) =>
    ({ calm: theme.colour.table, ask: theme.colour.askWash, danger: theme.colour.dangerWash })[$tone]};
  > span {
    font: 700 1.2rem/1.3 ${({ theme }) => theme.font.figures};
    text-align: center;
  }
`;
