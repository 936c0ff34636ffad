import { useState } from 'react';
import { useStore } from 'react-redux';
import { v7 as newId } from 'uuid';
import { panelOf, type Ingredient, type OwnIngredient } from '@omniarton/core/catalogue';
import type { RootState } from '../state/state';
import { askQuick } from '../state/engine/engine';
import { askInKitchen, parcelOf } from '../state/engine/kitchens';
import { Button } from '../ui/Button';
import { IngredientBox } from '../kitchen/IngredientBox';
import { Row, Small } from '../ui/layout';
import type { KitchenChange } from '../state/kitchen/kitchens';
import { EMPTY_OWN, OwnForm } from './OwnForm';
import { Entry, Section } from '../ui/Section';

interface Props {
  readonly household: string;
  readonly ingredients: readonly OwnIngredient[];
  readonly change: (how: KitchenChange) => void;
  /** A name to begin a description with. */
  readonly describe: string | null;
}

/** An entry of the catalogue as the beginning of one's own word on it: the same id, so that it takes its place. */
const copyOf = (one: Ingredient): OwnIngredient => ({
  id: one.id,
  name: one.name,
  also: [],
  role: one.role,
  panel: panelOf(one),
  cupGrams: Object.values(one.cup)[0]?.[0] ?? null,
  eachGrams: one.each?.[0] ?? null,
  gluten: one.gluten,
  grain: one.grain,
  allergens: one.allergens,
  possible: one.possible,
  note: one.note,
  certified: false,
  label: null,
});

const fresh = (name: string): OwnIngredient => ({ ...EMPTY_OWN, id: `own-${newId()}`, name });

/** Ingredients of one's own, and one's own word on those of the catalogue. */
export function OwnIngredients({ household, ingredients, change, describe }: Props) {
  const store = useStore<RootState>();
  const [open, setOpen] = useState<OwnIngredient | null>(() => (describe ? fresh(describe) : null));
  const save = (own: OwnIngredient) => {
    change((doc) => ({ ...doc, ingredients: [...doc.ingredients.filter(({ id }) => id !== own.id), own] }));
    setOpen(null);
  };
  const copy = async (id: string) => {
    const found = await askInKitchen<Ingredient>(
      askQuick,
      parcelOf(store.getState(), household),
      async (engine, key) => await engine.ingredient(key, id),
      () => undefined,
    );
    setOpen(copyOf(found));
  };
  return (
    <Section
      id="own"
      name="Your own ingredients"
      about="From their labels: panel, list and warnings. A copy of an entry of the catalogue takes its place in every list of this kitchen."
    >
      {ingredients.map((own) => (
        <Entry
          key={own.id}
          name={own.name}
          onRemove={() =>
            change((doc) => ({ ...doc, ingredients: doc.ingredients.filter(({ id }) => id !== own.id) }))
          }
        >
          <Small>{own.note}</Small>
          <Row>
            <Button onPress={() => setOpen(own)}>Change it</Button>
          </Row>
        </Entry>
      ))}
      {open ? (
        <OwnForm key={open.id} begin={open} onSave={save} onCancel={() => setOpen(null)} />
      ) : (
        <Row $gap={4} style={{ alignItems: 'end' }}>
          <Button onPress={() => setOpen(fresh(''))}>Describe a new one</Button>
          <IngredientBox
            household={household}
            label="Or copy from the catalogue"
            value={null}
            onPick={(id) => void copy(id)}
          />
        </Row>
      )}
    </Section>
  );
}
