import { styled } from 'styled-components';
import { Button } from './Button';

interface Props<T extends string> {
  readonly name: string;
  /** From the first, which is "not", to the last and round again. */
  readonly states: readonly { readonly id: T; readonly words: string }[];
  readonly value: T;
  readonly onChange: (value: T) => void;
}

/** Something that is not, a little, or very much so: each press goes one further. */
export function CycleChip<T extends string>({ name, states, value, onChange }: Props<T>) {
  const at = Math.max(
    0,
    states.findIndex(({ id }) => id === value),
  );
  const words = states[at]!.words;
  return (
    <Chip
      data-on={at > 0 || undefined}
      data-last={at === states.length - 1 || undefined}
      aria-label={`${name}: ${words}`}
      onPress={() => onChange(states[(at + 1) % states.length]!.id)}
    >
      {name}
      {at > 0 ? <small>{words}</small> : null}
    </Chip>
  );
}

const Chip = styled(Button)`
  font-weight: 500;
  small {
    font-size: 0.78em;
  }
  &[data-on] {
    border-color: ${({ theme }) => theme.colour.ink};
    background: ${({ theme }) => theme.colour.ink};
    color: ${({ theme }) => theme.colour.ground};
  }
  &[data-on][data-last] {
    background: transparent;
    color: ${({ theme }) => theme.colour.ink};
    border-style: dashed;
  }
`;
