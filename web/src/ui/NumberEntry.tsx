import { useState } from 'react';
import { FieldError, Input, TextField } from 'react-aria-components';
import { styled } from 'styled-components';
import { Caption } from './Choice';
import { typedMeasure } from './typed';

interface Props {
  readonly label: string;
  /** Null: nothing is entered. */
  readonly value: number | null;
  readonly unit?: string;
  readonly min: number;
  readonly max: number;
  readonly onCommit: (value: number) => void;
  readonly hideLabel?: boolean;
}

const say = (value: number | null) => (value === null ? '' : String(Number(value.toPrecision(6))));
/**
 * A number by hand. What is being typed stays the field's own until it is left or Enter is pressed, and then only a number
 * within its limits goes on. Other units than the field's are understood: "8 in", "350F", "1h20".
 */
export function NumberEntry({ label, value, unit, min, max, onCommit, hideLabel = false }: Props) {
  const [typed, setTyped] = useState<string | null>(null);
  const number = typed === null ? value : typedMeasure(typed, unit);
  const wrong = typed !== null && typed.trim() !== '' && !(number !== null && number >= min && number <= max);
  const commit = () => {
    if (typed === null || wrong) return;
    if (typed.trim() !== '' && number !== null && number !== value) onCommit(number);
    setTyped(null);
  };
  return (
    <Entry
      aria-label={hideLabel ? label : undefined}
      value={typed ?? say(value)}
      onChange={setTyped}
      onBlur={commit}
      onKeyDown={(event) => {
        if (event.key === 'Enter') commit();
        if (event.key === 'Escape') setTyped(null);
      }}
      isInvalid={wrong}
    >
      {hideLabel ? null : <Caption>{label}</Caption>}
      <Box>
        <Figures inputMode={unit === undefined ? 'decimal' : 'text'} />
        {unit ? <Unit>{unit}</Unit> : null}
      </Box>
      <Trouble>{`A number from ${min} to ${max}.`}</Trouble>
    </Entry>
  );
}

const Entry = styled(TextField)`
  display: grid;
  gap: ${({ theme }) => theme.space(1)};
  justify-items: start;
`;
const Box = styled.span`
  display: inline-flex;
  align-items: baseline;
  gap: ${({ theme }) => theme.space(1.5)};
`;
const Figures = styled(Input)`
  width: 5.2em;
  min-height: ${({ theme }) => theme.touch};
  padding: 0 ${({ theme }) => theme.space(2)};
  border: 0;
  border-bottom: 2px solid ${({ theme }) => theme.colour.strong};
  border-radius: 0;
  background: ${({ theme }) => theme.colour.paper};
  font: 600 1.35rem/1 ${({ theme }) => theme.font.figures};
  text-align: right;
  &[data-invalid] {
    border-bottom-color: ${({ theme }) => theme.colour.danger};
  }
`;
const Unit = styled.span`
  color: ${({ theme }) => theme.colour.soft};
`;
const Trouble = styled(FieldError)`
  color: ${({ theme }) => theme.colour.danger};
  font-size: 0.85rem;
`;
