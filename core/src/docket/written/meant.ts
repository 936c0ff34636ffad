import { doesIt, getIngredient, plainId, type Catalogue } from '../../catalogue';
import { MADE } from '../../guard';
import { lastWordOf } from '../../read';
import { EGG } from './data/madeFirst';
import type { Mention } from './foodsNamed';
import type { Renamed } from './renamed';

const FLOUR = /flours?$/i;
/** Whether a step's word may be this thing of the list: the same food, or one that ends in the same word. */
function answers(
  { ingredient, words }: Mention,
  one: Renamed,
  stays: (word: string, than: Renamed) => boolean,
  catalogue: Catalogue,
): boolean {
  // "Let the pudding sit": what the recipe makes is no custard of its list.
  const called = `${one.words} ${getIngredient(catalogue, one.was).name}`.toLowerCase();
  if (MADE.has(words.toLowerCase()) && !called.includes(words.toLowerCase())) return false;
  if (ingredient === one.was || plainId(ingredient) === plainId(one.was)) return true;
  const [said, was] = [getIngredient(catalogue, ingredient), getIngredient(catalogue, one.was)];
  if (said.role === 'wheat-flour' && was.role === 'wheat-flour') return FLOUR.test(words);
  // Of separated eggs the white and the yolk are meant too.
  if (said.role === 'egg' && doesIt(was, 'whole egg')) return true;
  // "The cheese" is the cream cheese of the list.
  const alike = said.role === was.role || said.allergens.some((allergen) => was.allergens.includes(allergen));
  const word = lastWordOf(words);
  return alike && word === lastWordOf(one.words) && !stays(word, one);
}

/** The part that most of what a step takes belongs to. */
export function partOf(renamed: readonly Renamed[], taken: ReadonlyMap<string, string>): string | null {
  const counts = new Map<string, number>();
  for (const part of taken.values()) counts.set(part, (counts.get(part) ?? 0) + 1);
  const [best] = [...counts].sort(([, a], [, b]) => b - a);
  return best?.[0] ?? renamed[0]?.part ?? null;
}

/** So many characters beside a food tell what is done with it. */
const NEAR = 30;
const BRUSHES = /\b(?:brush|glaz|wash|seal)/i;
export const isBrushed = (source: string, { from }: Mention): boolean =>
  BRUSHES.test(source.slice(Math.max(0, from - NEAR), from + NEAR));
const EGGS: ReadonlySet<string> = new Set(Object.values(EGG));
/** Milk in the place of an egg is what is brushed on. */
const isWash = ({ now, was, blend, made }: Renamed): boolean =>
  !blend && made === null && /milk$/.test(now) && EGGS.has(was);

/** "Flour" alone is whichever the step's part has. */
const ONE_WORD = /^\p{L}+$/u;
/** Of several that answer the one of the step's part; of these what the step takes, and what builds before what only dusts. */
export function meantBy(
  {
    ingredient,
    words,
    brushed,
    isAll,
  }: Mention & {
    readonly brushed: boolean;
    readonly isAll: (one: Renamed) => boolean;
  },
  found: readonly Renamed[],
  taken: ReadonlyMap<string, string>,
  part: string | null,
): Renamed | undefined {
  const worth = (one: Renamed) =>
    (isWash(one) === brushed ? 32 : 0) +
    (found.length > 1 && isAll(one) ? 24 : 0) +
    (one.was === ingredient ? (ONE_WORD.test(words.trim()) ? 6 : 16) : 0) +
    (one.part === part ? (one.halves === null ? 8 : 20) : 0) +
    (taken.has(one.line) ? 10 : 0) +
    (one.blend ? 2 : 0) +
    (one.weighed ? 1 : 0);
  return [...found].sort((a, b) => worth(b) - worth(a))[0];
}

/** A word for whatever of the kind is in the pan; whipped cream is none. */
const ANY_MILK = 'milk';
/** A word for what was made of several, of which one is called so now. */
const ANY_CREAM = 'cream';
/** Cheeses that a cream is made of hold more water than butter does, g per 100 g. */
const CREAMED_FROM = 35;
const isCreamed = (id: string, catalogue: Catalogue): boolean => {
  const { role, allergens, composition } = getIngredient(catalogue, id);
  return role === 'fat' && allergens.includes('milk') && composition.water >= CREAMED_FROM;
};
/**
 * "The hot milk" is the half-and-half of the list, where that alone of its part is of milk; "the cream" what of the list is
 * a cream now, or was the cheese that it is made of.
 */
function nextOfKin(
  { ingredient, words }: Mention,
  renamed: readonly Renamed[],
  part: string | null,
  catalogue: Catalogue,
): readonly Renamed[] {
  const last = lastWordOf(words);
  if (last === ANY_CREAM) {
    const own = renamed.filter((each) => each.part === part);
    const creams = own.filter(({ now }) => lastWordOf(now) === ANY_CREAM);
    const cheeses = own.filter(({ was }) => isCreamed(was, catalogue));
    return [creams, cheeses].find((some) => some.length === 1) ?? [];
  }
  if (last !== ANY_MILK) return [];
  const said = getIngredient(catalogue, ingredient);
  const kin = renamed.filter((each) => {
    const was = getIngredient(catalogue, each.was);
    const alike = was.allergens.some((one) => said.allergens.includes(one));
    return each.part === part && was.role === said.role && alike;
  });
  return kin.length === 1 ? kin : [];
}

/** Which of several things a mention may be: "the flour mixture" is never what only thickens. */
export function candidatesFor(
  mention: Mention,
  renamed: readonly Renamed[],
  {
    mixture,
    part,
    stays,
  }: {
    readonly mixture: boolean;
    readonly part: string | null;
    readonly stays: (word: string, than: Renamed) => boolean;
  },
  catalogue: Catalogue,
): readonly Renamed[] {
  const found = renamed.filter((each) => answers(mention, each, stays, catalogue));
  if (found.length === 0) return nextOfKin(mention, renamed, part, catalogue);
  const building = found.filter(({ blend }) => blend);
  return mixture && building.length > 0 ? building : found;
}

/** "Combine the milks" is of all that a part has. */
const MILKS = /^milks$/i;
export function milksOf({ words: said }: Mention, renamed: readonly Renamed[]): readonly Renamed[] {
  if (!MILKS.test(said)) return [];
  const milks = renamed.filter(({ words }) => lastWordOf(words) === ANY_MILK);
  const parts = [...new Set(milks.map(({ part }) => part))];
  return (
    parts.map((id) => milks.filter(({ part }) => part === id)).sort((a, b) => b.length - a.length)[0] ?? []
  );
}
