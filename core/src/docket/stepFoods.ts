import { getIngredient, type Catalogue } from '../catalogue';
import { catalogueOf, type Kitchen } from '../kitchen';
import { NOT_NAMED } from '../guard';
import {
  blanked,
  lastWordOf,
  mainPart,
  readProse,
  type Item,
  type Line,
  type Part,
  type Recipe,
} from '../read';
import { FLOUR_ROLES } from '../vocabulary';

/** "Bind with 3 tbsp cold water", "pour in the boiling water": what goes into a dough or a batter. */
const INTO_THE_BAKE =
  /\b(?:dough|pastry|bind|bring (?:it )?together|flour|yeast|batter|paste|crumbs)\b|\b(?:pour|add|stir|mix|beat)\w* (?:in )?the (?:hot |boiling |warm |cold )?(?:water|milk)\b/i;
/** A bath, steam, a brush or a pan of it goes into nothing. */
const BESIDE_IT =
  /\b(?:bath|roasting (?:tin|pan)|steam\w*|brush\w*|wash|glaze|icing(?! sugar)|poach\w*|simmer\w*|blanch\w*|rinse|soak\w*|dip|cover\w* with|pan of|syrup|cornflour|cornstarch|gelatine?|sprinkle|spray|dish of|tray of|topping|cross(?:es)?)\b/i;
/** Less is a splash, g. */
const LEAST = 15;
/** Water and milk have more, cream less: water, %. */
const WATERY = 80;

/** Each says what is done with what it measures. */
const sentencesOf = (source: string): string[] =>
  source.split(/(?<=[.!?])(?<!\b(?:pts?|qts?|oz|lbs?|tbsps?|tsps?|approx|ca|min)\.)\s+/i);

const known = new WeakMap<Recipe, Recipe>();

/**
 * A recipe with what its steps and its notes measure and its list forgets: water or milk, and what a note above the steps measures,
 * on the list of what is built with flour (a pastry's "3 tbsp cold water" is what it is bound with), all else in a part of its own
 * ("melt 4 oz dark chocolate with ½ cup cream"), where it is bought and guarded. Once for each recipe.
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

/** "50 g of the sugar", "a third of the egg whites": of what the list has. */
const OF_THE_LIST =
  /(?:\d[\d./½¼¾]*\s?\p{L}+\.?|\b(?:an?|one|two) (?:third|quarter|half|little|bit|spoonful)s?|\b(?:half|some|most|rest)) of (?:the|your|this|that) \p{L}+(?: (?:whites?|yolks?))?/giu;

/** Lighter is a pinch or a spice, which a step's own words tell, g. */
const LEAST_BESIDE = 5;
/** So many letters of a fruit's name are in its plural too. */
const STEM = 5;
/** What may be taken, or is taken on another day. */
const MAY_BE =
  /\b(?:or|instead|if (?:you )?(?:like|want|prefer)|optional\w*|variation|try|tip|substitute|swap|serve with|like|same as|consistency|stor(?:e|ed|age)|keep (?:it|them) in)\b/i;
/** "Chocolate sauce: melt 4 oz dark chocolate": what it is for. */
const CALLED = /^\W*(?:\d+[.)]\s*)?(\p{L}[\p{L} ]{2,30}):\s/u;

/** "Take a 125 g pot of yoghurt; the pot is your measure", above the list, and in the method "mix yoghurt and sugar". */
const beforeTheSteps = (id: string, { kinds }: Recipe): boolean => {
  const at = kinds.findIndex(({ line }) => line === id);
  const steps = kinds.findIndex(({ kind }) => kind === 'step');
  return at >= 0 && at < steps;
};
const isUsed = ({ words }: Item, { method }: Recipe): boolean => {
  const word = lastWordOf(words.toLowerCase());
  return method.some(({ source }) => source.toLowerCase().includes(word));
};

/** Water or milk that a dough or batter is made with; any other food. `among`: the lines that would name it. */
interface Forgotten {
  readonly binds: (item: Item) => boolean;
  readonly stands: (item: Item, among: readonly Line[]) => boolean;
}

function forgottenOn(lines: readonly Line[], catalogue: Catalogue): Forgotten {
  const says = (word: string, among: readonly Line[]) =>
    among.some(({ source }) => source.toLowerCase().includes(word));
  // "50 ml cherry juice", out of the jar of cherries.
  const comesOf = ({ role, words }: Item, among: readonly Line[]) =>
    role === 'liquid' &&
    words
      .toLowerCase()
      .split(' ')
      .some((word) => word.length >= STEM && says(word.slice(0, STEM), among));
  const isListed = (ingredient: string) =>
    lines.some(({ items }) => items.some((one) => one.ingredient === ingredient));
  // "Whisk 2 eggs with the sugar": eggs alone are told by their number.
  const measured = ({ ingredient, grams, quantity, unit, role }: Item, least: number): boolean =>
    ingredient !== null &&
    grams !== null &&
    grams.central >= least &&
    quantity !== null &&
    (unit !== null || (role === 'egg' && Number.isInteger(quantity.central))) &&
    !isListed(ingredient);
  return {
    binds: (one) =>
      one.role === 'liquid' &&
      measured(one, LEAST) &&
      getIngredient(catalogue, one.ingredient!).composition.water > WATERY &&
      !says(one.ingredient!, lines) &&
      !comesOf(one, lines),
    stands: (one, among) =>
      !FLOUR_ROLES.has(one.role) &&
      one.ingredient !== WATER &&
      measured(one, LEAST_BESIDE) &&
      !says(lastWordOf(one.words.toLowerCase()), among) &&
      !comesOf(one, among),
  };
}

function withFoods(recipe: Recipe, kitchen: Kitchen): Recipe {
  const catalogue = catalogueOf(kitchen);
  const reader = { catalogue, locale: recipe.locale, eggSize: kitchen.eggSize };
  const lines = recipe.parts.flatMap((part) => part.lines);
  const ids = new Set(lines.map(({ id }) => id));
  const main = mainPart(recipe.parts, catalogue);
  // A letter's sentences are its list already.
  if (!main || recipe.method.some(({ id }) => ids.has(id))) return recipe;
  const { binds, stands } = forgottenOn(lines, catalogue);
  const saidIn = (source: string, but: RegExp, takes: (item: Item) => boolean): Item[] =>
    sentencesOf(source)
      .filter((one) => !but.test(one))
      .flatMap((one) =>
        readProse(NOT_NAMED.reduce(blanked, one).replace(OF_THE_LIST, ' '), reader).items.filter(takes),
      );
  const liquid = recipe.method
    .filter(({ source }) => INTO_THE_BAKE.test(source))
    .flatMap(({ id, source }) => saidIn(source, BESIDE_IT, binds).map((item) => lineOf(id, [item])))
    .at(0);
  // A pudding that a page is called by is the bake; "cream horns" hold no cream yet.
  const listed = lines.filter(({ kind }) => kind === 'ingredient');
  const beside = recipe.method.flatMap(({ id, source }): Part[] => {
    const items = saidIn(source, MAY_BE, (one) => stands(one, one.role === 'liquid' ? listed : lines));
    const name = CALLED.exec(source)?.[1]?.toLowerCase() ?? 'also';
    return items.length === 0 || id === liquid?.id
      ? []
      : [{ id: `also-${id}`, name, lines: [lineOf(id, items)] }];
  });
  const noted = lines
    .filter(({ id, kind }) => kind === 'note' && beforeTheSteps(id, recipe))
    .flatMap(({ id, source }): Line[] => {
      const items = saidIn(source, MAY_BE, (one) => stands(one, listed) && isUsed(one, recipe));
      return items.length === 0 ? [] : [lineOf(id, items)];
    });
  if (!liquid && beside.length === 0 && noted.length === 0) return recipe;
  const now = new Set(noted.map(({ id }) => id));
  const parts = recipe.parts.map((part) => {
    const kept = part.lines.filter(({ id }) => !now.has(id));
    return {
      ...part,
      lines: part.id === main.id ? [...noted, ...kept, ...(liquid ? [liquid] : [])] : kept,
    };
  });
  return { ...recipe, parts: [...parts, ...beside] };
}
const WATER = 'water';
