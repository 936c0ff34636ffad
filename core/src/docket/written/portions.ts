import { getIngredient } from '../../catalogue';
import { lineFactor } from '../../formula';
import { mlPerUnit } from '../../quantity';
import { isOfBlend, readAmount, weigh, type Item } from '../../read';
import { sayRounded } from './amounts';
import type { Facts } from './facts';
import type { Renamed } from './renamed';

/** An amount that is nearly the whole is the line said again; as good as nothing beside it is another thing. */
const NEARLY_ALL = 0.9;
const HARDLY_ANY = 0.003;
/** So near to all of it a measure is the line's own. */
const ALL = 0.02;
/** A spoon is as good a measure of what stands in as of what was there, ml. */
const SPOON_ML = 20;
/** Shares that are said in a word, and how near to them is that share. */
const SHARES: readonly (readonly [number, string])[] = [
  [1 / 2, 'half'],
  [1 / 3, 'a third'],
  [2 / 3, 'two thirds'],
  [1 / 4, 'a quarter'],
  [3 / 4, 'three quarters'],
];
const NEAR = 0.015;
/** "1 cup plus 2 tablespoons" is how a whole line is written. */
const A_SUM = /\bplus\b|\+|\band\b/i;
const ARTICLES = /^\s*(?:the|about)\s+|\s+of\s*$/gi;

interface Whole {
  /** As its author wrote it, and what stands in for it now: grams. */
  readonly was: number;
  readonly now: number;
}

/** All that was of a thing: of a blend every flour that is in it now. */
function wholeOf({ line, part, was, blend, ids }: Renamed, { recipe, request, parts }: Facts): Whole {
  const isOf = (own: string, item: Item) =>
    blend
      ? item.role === 'wheat-flour' && !item.aside && !item.alternative
      : own === line && item.ingredient === was;
  const lines = recipe.parts.find(({ id }) => id === part)?.lines ?? [];
  const written = lines
    .filter(({ aside }) => !aside || !blend)
    .flatMap((own) =>
      own.items
        .filter((item) => item.grams && isOf(own.id, item))
        .map((item) => item.grams!.central / lineFactor(request.scale, own.id)),
    );
  const docket = parts.find(({ id }) => id === part)?.lines ?? [];
  const now = docket.filter(({ id }) => (blend ? isOfBlend(id) : ids.includes(id)));
  return {
    was: written.reduce((sum, grams) => sum + grams, 0),
    now: now.reduce((sum, { grams }) => sum + (grams?.central ?? 0), 0),
  };
}

interface Portion {
  /** Of all that was of it. */
  readonly share: number;
  /** As said; null: pieces. */
  readonly unit: string | null;
}

const BY_THE_SHEET = 'leaf';

/** How many pieces or sheets the list has of a thing; null: it is measured. */
function countOf({ line }: Renamed, { recipe }: Facts): number | null {
  const own = recipe.parts.flatMap(({ lines }) => lines).find(({ id }) => id === line);
  const { quantity, unit } = readAmount(own?.source ?? '');
  return quantity && (unit === null || unit === BY_THE_SHEET) ? quantity.central : null;
}

/** How much of a thing a step says that it takes; null: it says nothing that can be weighed. */
function portionSaid(amount: string, one: Renamed, { was }: Whole, facts: Facts): Portion | null {
  const { catalogue, kitchen, recipe } = facts;
  const { quantity, unit } = readAmount(`${amount} ${one.words}`);
  if (!quantity || was <= 0 || A_SUM.test(amount)) return null;
  const pieces = unit === null || unit === BY_THE_SHEET ? countOf(one, facts) : null;
  if (pieces !== null) return { share: quantity.central / pieces, unit: null };
  const scales = { catalogue, locale: recipe.locale, eggSize: kitchen.eggSize };
  const grams = weigh(quantity, unit, getIngredient(catalogue, one.was).id, one.words, scales)?.grams.central;
  return grams === undefined ? null : { share: grams / was, unit };
}

const plainAmount = (said: string): string => said.replace(ARTICLES, '').trim();

/** Whether a step names a thing with all that its list has of it: "150 g butter" is the icing's, and not the cake's 225. */
export function takesAll(said: string, one: Renamed, facts: Facts): boolean {
  const taken = portionSaid(plainAmount(said), one, wholeOf(one, facts), facts);
  return taken !== null && Math.abs(taken.share - 1) <= ALL;
}

/**
 * What a step says that it takes of a replaced thing, in what there is of it now: "1 tbsp flour" → "1 tbsp of the ", "100 g of the
 * flour" of 200 → "100 g of the ", "2 eggs" of four → "half of the ". Null: it takes all, or says nothing that can be weighed.
 */
export function portionOf(said: string, one: Renamed, facts: Facts): string | null {
  const { recipe, request } = facts;
  const amount = plainAmount(said);
  const whole = wholeOf(one, facts);
  const taken = portionSaid(amount, one, whole, facts);
  if (taken === null || whole.now <= 0) return null;
  const { share, unit } = taken;
  if (share < HARDLY_ANY || share >= NEARLY_ALL) return null;
  const spooned = unit !== null && (mlPerUnit(unit, recipe.locale) ?? Infinity) <= SPOON_ML;
  if (spooned && one.made === null && lineFactor(request.scale, one.line) === 1) return `${amount} of the `;
  const words = SHARES.find(([value]) => Math.abs(share - value) <= NEAR)?.[1];
  const weight = `${sayRounded(share * whole.now)} g`;
  return `${(unit === null || spooned ? words : undefined) ?? weight} of the `;
}
