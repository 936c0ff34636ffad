import { Input, TextField } from 'react-aria-components';
import { styled } from 'styled-components';
import { Caption } from '../ui/Choice';
import { wordLine } from '../ui/layout';

interface Props {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly type?: 'text' | 'password';
  readonly maxLength: number;
  readonly autoComplete?: string;
}

/** One line of a form that is sent as a whole. */
export const LineField = ({
  label,
  value,
  onChange,
  type = 'text',
  maxLength,
  autoComplete = 'off',
}: Props) => (
  <Field value={value} onChange={onChange} type={type} autoComplete={autoComplete}>
    <Caption>{label}</Caption>
    <Input maxLength={maxLength} autoCapitalize="off" spellCheck={false} />
  </Field>
);

const Field = styled(TextField)`
  display: grid;
  gap: ${({ theme }) => theme.space(1)};
  max-width: 24rem;
  input {
    ${wordLine}
  }
`;
