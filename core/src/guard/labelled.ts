import {
  getIngredient,
  NO_BEHAVIOUR,
  plainId,
  unfold,
  VARIANT_MARK,
  type Catalogue,
  type Ingredient,
} from '../catalogue';
import { catalogueOf, type ConversionRequest, type Kitchen, type KnownLabel } from '../kitchen';
import type { Item, Line, Recipe } from '../read';
import { LABEL_FACTS, type LabelFact } from '../vocabulary';
import { COMMERCIAL, HOLDS, IMPLIED } from './data/commercial';
import { claimedItem } from './judgeLine';

type Says = Readonly<Partial<Record<LabelFact, boolean>>>;
const NOTHING_SAID: Says = {};
const HELD = LABEL_FACTS.filter((fact) => fact !== 'certified');

/** The blend of the catalogue that an item is, labelled or not; undefined when it is none. */
const blendOf = ({ ingredient }: Item): string | undefined => {
  if (ingredient === null) return undefined;
  const id = plainId(ingredient);
  return COMMERCIAL.has(id) ? id : undefined;
};

const isCommercial = (item: Item): boolean => blendOf(item) !== undefined;

/** What the bags at home say of the blend on a line: that all of them are certified. */
const atHome = (line: Line, labels: readonly KnownLabel[]): Says =>
  line.items.some((item) =>
    labels.some(({ ingredient, certified }) => certified && ingredient === blendOf(item)),
  )
    ? { certified: true }
    : NOTHING_SAID;

/** What is known of the blend on a line: what its label says, and before that what its name and the bags at home give away. */
export function labelOf(line: Line, { labels }: ConversionRequest, home: readonly KnownLabel[]): Says {
  if (!line.items.some(isCommercial)) return NOTHING_SAID;
  const implied = IMPLIED.filter(({ words }) => words.test(line.source)).reduce<Says>(
    (sum, { says }) => ({ ...sum, ...says }),
    {},
  );
  return { ...implied, ...atHome(line, home), ...labels.find((one) => one.line === line.id)?.says };
}

/** What the label of a line's blend has still to be looked up for. */
export const factsToAsk = (
  line: Line,
  request: ConversionRequest,
  home: readonly KnownLabel[],
): LabelFact[] => {
  if (!line.items.some(isCommercial)) return [];
  const says = { ...atHome(line, home), ...request.labels.find((one) => one.line === line.id)?.says };
  return LABEL_FACTS.filter((fact) => says[fact] === undefined);
};

/** A blend as its label has it: the flours of the table's usual one, and of the rest what the label names. */
function asLabelled(blend: Ingredient, says: Says, catalogue: Catalogue): Ingredient {
  const added = new Set(HELD.map((fact) => HOLDS.rows[fact].ingredient));
  const usual = unfold(catalogue, blend.id);
  const flours = usual.filter(({ ingredient }) => !added.has(ingredient));
  const more = HELD.flatMap((fact) => {
    const row = HOLDS.rows[fact];
    const known = usual.find(({ ingredient }) => ingredient === row.ingredient);
    if (says[fact] === false || (says[fact] === undefined && !known)) return [];
    return [known ?? row];
  });
  const room = 1 - more.reduce((sum, { share }) => sum + share, 0);
  const milled = flours.reduce((sum, { share }) => sum + share, 0);
  return {
    ...blend,
    id: `${blend.id}${VARIANT_MARK}${LABEL_FACTS.map((fact) => (says[fact] === undefined ? '' : `${fact}${says[fact] ? 1 : 0}`)).join('')}`,
    also: [],
    kinds: [],
    allergens: says.milk ? [...new Set([...blend.allergens, 'milk' as const])] : blend.allergens,
    possible: says.milk === undefined ? blend.possible : blend.possible.filter((one) => one !== 'milk'),
    gluten: says.certified ? 'free' : blend.gluten,
    note: says.certified ? '' : blend.note,
    madeOf: [...flours.map((one) => ({ ...one, share: (one.share / milled) * room })), ...more],
  };
}

const CLAIMED = 'claimed';

/** Made goods that usually hold gluten and claim on their packet that these don't: kept, and asked about. */
const asClaimed = (ingredient: Ingredient): Ingredient => ({
  ...ingredient,
  ...NO_BEHAVIOUR,
  thirst: ingredient.thirst,
  id: `${ingredient.id}${VARIANT_MARK}${CLAIMED}`,
  role: ingredient.role === 'wheat-flour' ? 'gf-flour' : ingredient.role,
  also: [],
  kinds: [],
  madeOf: [],
  gluten: 'check-label',
  allergens: ingredient.allergens.filter((one) => one !== 'wheat'),
  possible: [...new Set([...ingredient.possible, 'wheat' as const])],
  note: 'claims to be gluten-free: read it on the packet',
});

/**
 * A recipe and a kitchen in which what claims to be without gluten is taken at its word until its label is read, and each commercial blend is what its label says: no second dose of gum or leavening, and
 * milk powder where there is some.
 */
export function forLabels(
  recipe: Recipe,
  request: ConversionRequest,
  kitchen: Kitchen,
): { readonly recipe: Recipe; readonly kitchen: Kitchen } {
  const catalogue = catalogueOf(kitchen);
  const made = new Map<string, Ingredient>();
  const reclaim = (line: Line): Line => {
    if (!line.items.some((item) => claimedItem(line, item, catalogue))) return line;
    const items = line.items.map((item) => {
      if (item.ingredient === null || !claimedItem(line, item, catalogue)) return item;
      const one = asClaimed(getIngredient(catalogue, item.ingredient));
      made.set(one.id, one);
      return { ...item, ingredient: one.id, role: one.role };
    });
    return { ...line, items };
  };
  const relabel = (line: Line): Line => {
    if (!line.items.some(isCommercial)) return reclaim(line);
    const says = labelOf(line, request, kitchen.labels);
    if (Object.keys(says).length === 0) return line;
    return {
      ...line,
      items: line.items.map((item) => {
        const blend = catalogue.byId.get(blendOf(item) ?? '');
        if (!blend || blend.madeOf.length === 0) return item;
        const one = asLabelled(blend, says, catalogue);
        made.set(one.id, one);
        return { ...item, ingredient: one.id };
      }),
    };
  };
  const parts = recipe.parts.map((part) => ({ ...part, lines: part.lines.map(relabel) }));
  if (made.size === 0) return { recipe, kitchen };
  return {
    recipe: { ...recipe, parts },
    kitchen: {
      ...kitchen,
      version: `${kitchen.version}+${[...made.keys()].join('+')}`,
      ingredients: [...kitchen.ingredients, ...made.values()],
    },
  };
}
