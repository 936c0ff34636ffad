import { useState } from 'react';
import { Input, TextField } from 'react-aria-components';
import { styled } from 'styled-components';
import { wordLine } from './layout';
import { Caption } from './Choice';

interface Props {
  readonly label: string;
  readonly value: string;
  readonly onCommit: (value: string) => void;
  readonly maxLength?: number;
  /** Takes the whole row. */
  readonly wide?: boolean;
  /** An empty text goes on too. */
  readonly mayBeEmpty?: boolean;
  readonly placeholder?: string;
}

/** A short text by hand. What is being typed stays the field's own until it is left or Enter is pressed. */
export function TextEntry({
  label,
  value,
  onCommit,
  maxLength,
  wide,
  mayBeEmpty = false,
  placeholder,
}: Props) {
  const [typed, setTyped] = useState<string | null>(null);
  const commit = () => {
    const next = typed?.trim();
    if (next !== undefined && next !== value && (mayBeEmpty || next !== '')) onCommit(next);
    setTyped(null);
  };
  return (
    <Entry
      $wide={wide ?? false}
      value={typed ?? value}
      onChange={setTyped}
      onBlur={commit}
      onKeyDown={(event) => {
        if (event.key === 'Enter') commit();
        if (event.key === 'Escape') setTyped(null);
      }}
    >
      <Caption>{label}</Caption>
      <Input maxLength={maxLength} placeholder={placeholder} />
    </Entry>
  );
}

const Entry = styled(TextField)<{ $wide: boolean }>`
  display: grid;
  flex: ${({ $wide }) => ($wide ? '1 1 100%' : '0 1 16rem')};
  gap: ${({ theme }) => theme.space(1)};
  input {
    ${wordLine}
  }
`;
