import { Link } from 'react-router';
import type { HouseRecipe, KitchenDocument } from '@omniarton/core/kitchen';
import { EGG_SIZES, LOCALES, type EggSize, type Locale } from '@omniarton/core/vocabulary';
import { benchPath } from '../base/paths';
import { LOCALE_WORDS } from '../words/read';
import { Choice } from '../ui/Choice';
import { Row, Small } from '../ui/layout';
import { Notice } from '../ui/Notice';
import { Pick } from '../ui/Pick';
import { TextEntry } from '../ui/TextEntry';
import type { KitchenChange } from '../state/kitchen/kitchens';
import { Entry, Section } from '../ui/Section';

interface Props {
  readonly household: string;
  readonly doc: KitchenDocument;
  readonly change: (how: KitchenChange) => void;
}

/** Recipes that stand in other lists. */
export function HouseRecipes({
  household,
  doc,
  change,
  troubles,
}: Props & { readonly troubles: readonly string[] }) {
  const set = (recipe: string, part: Partial<HouseRecipe>) =>
    change((kitchen) => ({
      ...kitchen,
      recipes: kitchen.recipes.map((one) => (one.recipe === recipe ? { ...one, ...part } : one)),
    }));
  return (
    <Section
      id="house-recipes"
      name="Recipes that stand in other lists"
      about="A crust, a nut butter, a soured cream of your own. It carries its weight, what is in it and the state of its guard along; when it changes, those lists ask again. A recipe is put here from its Read stage."
    >
      {troubles.map((words) => (
        <Notice key={words} tone="danger">
          {words}
        </Notice>
      ))}
      {doc.recipes.map(({ recipe, name, as }) => (
        <Entry
          key={recipe}
          name={name}
          onRemove={() =>
            change((kitchen) => ({
              ...kitchen,
              recipes: kitchen.recipes.filter((one) => one.recipe !== recipe),
            }))
          }
        >
          <Row $gap={4} style={{ alignItems: 'end' }}>
            <TextEntry
              label="Other lists call it"
              value={name}
              maxLength={80}
              onCommit={(next) => set(recipe, { name: next })}
            />
            <Choice
              label="It stands in"
              value={as}
              options={[
                { id: 'written', name: 'as written' },
                { id: 'converted', name: 'as its docket has it' },
              ]}
              onChange={(next) => set(recipe, { as: next })}
            />
          </Row>
          <Small>
            <Link to={benchPath(household, recipe)}>To the recipe</Link>
          </Small>
        </Entry>
      ))}
      {doc.recipes.length === 0 ? <Small>None yet.</Small> : null}
    </Section>
  );
}

const USUAL = 'usual';

/** The eggs in the house, and whose spoons a recipe means that doesn't say. */
export function EggsAndSpoons({ doc, change }: Omit<Props, 'household'>) {
  return (
    <Section
      id="eggs"
      name="Eggs and spoons"
      about="For recipes that name no size, or give no sign of where they come from."
    >
      <Row $gap={4} style={{ alignItems: 'end' }}>
        <Pick<EggSize | typeof USUAL>
          label="The eggs here are"
          value={doc.eggSize ?? USUAL}
          options={[
            { id: USUAL, name: 'as usual where the recipe comes from' },
            ...EGG_SIZES.map((id) => ({ id, name: id })),
          ]}
          onChange={(id) => change((kitchen) => ({ ...kitchen, eggSize: id === USUAL ? null : id }))}
        />
        <Pick<Locale | typeof USUAL>
          label="Cups and spoons are"
          value={doc.locale ?? USUAL}
          options={[
            { id: USUAL, name: 'as the units suggest' },
            ...LOCALES.map((id) => ({ id, name: LOCALE_WORDS[id] })),
          ]}
          onChange={(id) => change((kitchen) => ({ ...kitchen, locale: id === USUAL ? null : id }))}
        />
      </Row>
    </Section>
  );
}
