import { Button, ComboBox, Input } from 'react-aria-components';
import { styled } from 'styled-components';
import type { IngredientName } from '../state/engine/answers';
import { useIngredients } from '../state/engine/useIngredients';
import { Caption } from '../ui/Choice';
import { Item, List, Sheet } from '../ui/Pick';

interface Props {
  readonly household: string;
  readonly label?: string;
  readonly value: string | null;
  readonly onPick: (ingredient: string) => void;
}

/** Finds an ingredient by typing part of its name. */
export function IngredientBox({ household, label = 'It is', value, onPick }: Props) {
  const all = useIngredients(household);
  // Made when the names are there: a list that changes under the fingers would close.
  if (all.length === 0) return <p role="status">Fetching the names …</p>;
  return (
    <Box
      defaultItems={all}
      defaultValue={value}
      onChange={(key) => (key !== null && key !== value ? onPick(String(key)) : undefined)}
    >
      <Caption>{label}</Caption>
      <Field>
        <Input />
        <Button aria-label="All ingredients">▾</Button>
      </Field>
      <Sheet>
        <List>
          {({ id, name }: IngredientName) => (
            <Item id={id} textValue={name}>
              {name}
            </Item>
          )}
        </List>
      </Sheet>
    </Box>
  );
}

const Box = styled(ComboBox)`
  display: grid;
  gap: ${({ theme }) => theme.space(1)};
` as typeof ComboBox;
const Field = styled.div`
  display: flex;
  input {
    min-height: ${({ theme }) => theme.touch};
    width: 14rem;
    padding: 0 ${({ theme }) => theme.space(2)};
    border: 0;
    border-bottom: 2px solid ${({ theme }) => theme.colour.strong};
    background: ${({ theme }) => theme.colour.paper};
  }
  button {
    min-width: ${({ theme }) => theme.touch};
    border: 0;
    background: ${({ theme }) => theme.colour.paper};
    cursor: pointer;
  }
`;
