import { Label, Radio, RadioGroup } from 'react-aria-components';
import { styled } from 'styled-components';

interface Option<T extends string> {
  readonly id: T;
  readonly name: string;
}

interface Props<T extends string> {
  readonly label: string;
  readonly value: T;
  readonly options: readonly Option<T>[];
  readonly onChange: (value: T) => void;
}

/** One of a few, all in view. */
export function Choice<T extends string>({ label, value, options, onChange }: Props<T>) {
  return (
    <Group value={value} onChange={(next) => onChange(next as T)} orientation="horizontal">
      <Caption>{label}</Caption>
      <Row>
        {options.map(({ id, name }) => (
          <Stop key={id} value={id}>
            {name}
          </Stop>
        ))}
      </Row>
    </Group>
  );
}

const Group = styled(RadioGroup)`
  display: grid;
  gap: ${({ theme }) => theme.space(1)};
  justify-items: start;
`;
export const Caption = styled(Label)`
  font-size: 0.82rem;
  font-weight: 600;
  color: ${({ theme }) => theme.colour.soft};
`;
const Row = styled.div`
  display: flex;
  flex-wrap: wrap;
`;
const Stop = styled(Radio)`
  display: inline-flex;
  align-items: center;
  min-height: ${({ theme }) => theme.touch};
  padding: 0 ${({ theme }) => theme.space(3.5)};
  margin-right: -1.5px;
  border: 1.5px solid ${({ theme }) => theme.colour.strong};
  cursor: pointer;
  &[data-hovered] {
    background: ${({ theme }) => theme.colour.table};
  }
  &[data-selected] {
    background: ${({ theme }) => theme.colour.ink};
    border-color: ${({ theme }) => theme.colour.ink};
    color: ${({ theme }) => theme.colour.ground};
    font-weight: 650;
  }
`;
