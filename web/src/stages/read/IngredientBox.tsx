import { useEffect, useState } from 'react';
import { Button, ComboBox, Input } from 'react-aria-components';
import { styled } from 'styled-components';
import { askQuick } from '../../engine/engine';
import type { IngredientName } from '../../engine/engine.worker';
import { Caption } from '../../ui/Choice';
import { Item, List, Sheet } from '../../ui/Pick';

let catalogue: Promise<readonly IngredientName[]> | undefined;

/** The names of all ingredients, fetched from the engine once a page. */
export function useIngredients(): readonly IngredientName[] {
  const [all, setAll] = useState<readonly IngredientName[]>([]);
  useEffect(() => {
    let gone = false;
    catalogue ??= askQuick((engine) => engine.ingredients());
    catalogue.then(
      (found) => (gone ? undefined : setAll(found)),
      () => (catalogue = undefined),
    );
    return () => void (gone = true);
  }, []);
  return all;
}

interface Props {
  readonly value: string | null;
  readonly onPick: (ingredient: string) => void;
}

/** Finds an ingredient by typing part of its name. */
export function IngredientBox({ value, onPick }: Props) {
  const all = useIngredients();
  // Made when the names are there: a list that changes under the fingers would close.
  if (all.length === 0) return <p role="status">Fetching the names …</p>;
  return (
    <Box
      defaultItems={all}
      defaultValue={value}
      onChange={(key) => (key !== null && key !== value ? onPick(String(key)) : undefined)}
    >
      <Caption>It is</Caption>
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
