import { Input, Label, SearchField } from 'react-aria-components';
import { styled } from 'styled-components';
import { wordLine } from './layout';

interface Props {
  readonly label: string;
  readonly value: string;
  readonly onChange: (words: string) => void;
  readonly placeholder?: string;
  readonly maxLength?: number;
}

/** Words that something is looked for by; Escape empties it. */
export const FindField = ({ label, value, onChange, placeholder, maxLength }: Props) => (
  <Field value={value} onChange={onChange}>
    <Label>{label}</Label>
    <Input placeholder={placeholder} maxLength={maxLength} />
  </Field>
);

const Field = styled(SearchField)`
  display: grid;
  flex: 1 1 14rem;
  gap: ${({ theme }) => theme.space(1)};
  label {
    font-size: 0.88rem;
    font-weight: 600;
    color: ${({ theme }) => theme.colour.soft};
  }
  input {
    ${wordLine}
  }
`;
