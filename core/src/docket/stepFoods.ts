import { getIngredient } from '../catalogue';
import { catalogueOf, type Kitchen } from '../kitchen';
import {
  lastWordOf,
  mainPart,
  readProse,
  type Item,
  type Line,
  type Part,
  type Recipe,
  type Step,
} from '../read';
import { FLOUR_ROLES } from '../vocabulary';

/** "Bind with 3 tbsp cold water", "pour in the boiling water": what goes into a dough or a batter. */
const INTO_THE_BAKE =
  /\b(?:dough|pastry|bind|bring (?:it )?together|flour|yeast|batter|paste|crumbs)\b|\b(?:pour|add|stir|mix|beat)\w* (?:in )?the (?:hot |boiling |warm |cold )?(?:water|milk)\b/i;
/** A bath, steam, a brush or a pan of it goes into nothing. */
const BESIDE_IT =
  /\b(?:bath|roasting (?:tin|pan)|steam\w*|brush\w*|wash|glaze|icing|poach\w*|simmer\w*|blanch\w*|rinse|soak\w*|dip|cover\w* with|pan of|syrup|cornflour|cornstarch|gelatine?|sprinkle|spray|dish of|tray of|topping|cross(?:es)?)\b/i;
/** Less is a splash, g. */
const LEAST = 15;
/** Water and milk have more, cream less: water, %. */
const WATERY = 80;

/** A step's sentences; one that says what is done with a measured liquid. */
const sentencesOf = ({ source }: Step): string[] => source.split(/(?<=[.!?])\s+/);

const known = new WeakMap<Recipe, Recipe>();

/**
 * A recipe with what its steps measure and its list forgets: water or milk on the list of what is built with flour (a pastry's
 * "3 tbsp cold water" is what it is bound with), all else in a part of its own ("melt 4 oz dark chocolate with ½ cup cream"), where
 * it is bought and guarded. Once for each recipe.
 */
export function withStepFoods(recipe: Recipe, kitchen: Kitchen): Recipe {
  const there = known.get(recipe) ?? withFoods(recipe, kitchen);
  known.set(recipe, there);
  return there;
}

/** A step's foods as one line of the list. */
const lineOf = (id: string, items: readonly Item[]): Line => ({
  id,
  source: items.map(({ grams, words }) => `${Math.round(grams!.central)} g ${words}`).join(' + '),
  kind: 'ingredient',
  items,
  aside: false,
  measuredBy: 'volume',
});

/** Lighter is a pinch or a spice, which a step's own words tell, g. */
const LEAST_BESIDE = 5;
/** What may be taken, or is taken on another day. */
const MAY_BE =
  /\b(?:or|instead|if (?:you )?(?:like|want|prefer)|optional\w*|variation|try|tip|substitute|swap|serve with|like|same as|consistency)\b/i;
/** "Chocolate sauce: melt 4 oz dark chocolate": what it is for. */
const CALLED = /^\W*(?:\d+[.)]\s*)?(\p{L}[\p{L} ]{2,30}):\s/u;

function withFoods(recipe: Recipe, kitchen: Kitchen): Recipe {
  const catalogue = catalogueOf(kitchen);
  const reader = { catalogue, locale: recipe.locale, eggSize: kitchen.eggSize };
  const listed = recipe.parts.flatMap(({ lines }) => lines);
  const ids = new Set(listed.map(({ id }) => id));
  const main = mainPart(recipe.parts, catalogue);
  // A letter's sentences are its list already.
  if (!main || recipe.method.some(({ id }) => ids.has(id))) return recipe;
  const says = (word: string) => listed.some(({ source }) => source.toLowerCase().includes(word));
  const has = (ingredient: string) =>
    says(ingredient) || listed.some(({ items }) => items.some((one) => one.ingredient === ingredient));
  const measured = ({ ingredient, grams, quantity, unit }: Item, least: number): boolean =>
    ingredient !== null &&
    grams !== null &&
    grams.central >= least &&
    quantity !== null &&
    unit !== null &&
    !has(ingredient);
  const binds = (one: Item): boolean =>
    one.role === 'liquid' &&
    measured(one, LEAST) &&
    getIngredient(catalogue, one.ingredient!).composition.water > WATERY;
  const stands = (one: Item): boolean =>
    !FLOUR_ROLES.has(one.role) &&
    one.ingredient !== WATER &&
    measured(one, LEAST_BESIDE) &&
    !says(lastWordOf(one.words.toLowerCase()));
  const saidIn = (step: Step, but: RegExp, takes: (item: Item) => boolean): Item[] =>
    sentencesOf(step)
      .filter((one) => !but.test(one))
      .flatMap((one) => readProse(one, reader).items.filter(takes));
  const liquid = recipe.method
    .filter(({ source }) => INTO_THE_BAKE.test(source))
    .flatMap((step) => saidIn(step, BESIDE_IT, binds).map((item) => lineOf(step.id, [item])))
    .at(0);
  const beside = recipe.method.flatMap((step): Part[] => {
    const items = saidIn(step, MAY_BE, stands);
    const name = CALLED.exec(step.source)?.[1]?.toLowerCase() ?? 'also';
    return items.length === 0 || step.id === liquid?.id
      ? []
      : [{ id: `also-${step.id}`, name, lines: [lineOf(step.id, items)] }];
  });
  if (!liquid && beside.length === 0) return recipe;
  const parts = recipe.parts.map((part) =>
    liquid && part.id === main.id ? { ...part, lines: [...part.lines, liquid] } : part,
  );
  return { ...recipe, parts: [...parts, ...beside] };
}
const WATER = 'water';
