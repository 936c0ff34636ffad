import { useState } from 'react';
import { Input, TextField } from 'react-aria-components';
import { styled } from 'styled-components';
import { Caption } from './Choice';

interface Props {
  readonly label: string;
  readonly type: 'date' | 'datetime-local';
  /** As the browser's own field has it: `YYYY-MM-DD`, with `THH:mm` where there is a time; empty for none. */
  readonly value: string;
  readonly onCommit: (value: string) => void;
}

/** A day, or a day and time. A half-typed one stays in the field; only a whole one goes on. */
export function DateEntry({ label, type, value, onCommit }: Props) {
  const [shown, setShown] = useState(value);
  const [known, setKnown] = useState(value);
  if (value !== known) {
    setKnown(value);
    setShown(value);
  }
  return (
    <Entry
      value={shown}
      onChange={(next) => {
        setShown(next);
        // The browser's field says '' while a date is half typed.
        if (next !== '') onCommit(next.slice(0, type === 'date' ? 10 : 16));
      }}
    >
      <Caption>{label}</Caption>
      <Box type={type} />
    </Entry>
  );
}

const Entry = styled(TextField)`
  display: grid;
  gap: ${({ theme }) => theme.space(1)};
`;
const Box = styled(Input)`
  min-height: ${({ theme }) => theme.touch};
  padding: 0 ${({ theme }) => theme.space(2)};
  border: 0;
  border-bottom: 2px solid ${({ theme }) => theme.colour.strong};
  background: ${({ theme }) => theme.colour.paper};
  font: 600 1.2rem/1 ${({ theme }) => theme.font.figures};
`;
