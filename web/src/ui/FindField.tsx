import { Input, Label, SearchField } from 'react-aria-components';
import { styled } from 'styled-components';

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
    width: 100%;
    min-height: ${({ theme }) => theme.touch};
    padding: 0 ${({ theme }) => theme.space(2)};
    border: 0;
    border-bottom: 2px solid ${({ theme }) => theme.colour.strong};
    background: ${({ theme }) => theme.colour.paper};
    font: 400 1.05rem/1.3 ${({ theme }) => theme.font.written};
  }
`;
