import { availabilityOf, getIngredient, type Catalogue } from '../catalogue';
import { FAMILIES, type FamilyId } from '../vocabulary';
import { PROTOTYPES } from './data/prototypes';
import type { Item, Line } from './types';

/** Spread of each ratio between recipes of one family, as a factor in natural logs. */
const SPREAD = 0.55;
/** Added to both sides so that "no egg" and "a little egg" are near. g per 100 g flour. */
const SOFTEN = 8;
const TITLE_EVIDENCE = 3.2;
const METHOD_EVIDENCE = 1.1;
const MOST_WORDS = 2;

type Ratios = readonly [water: number, fat: number, sugars: number, egg: number];

function ratiosOf(items: readonly Item[], catalogue: Catalogue): Ratios | undefined {
  const sum = { flour: 0, water: 0, fat: 0, sugars: 0, egg: 0 };
  for (const item of items) {
    if (item.ingredient === null || !item.grams || item.alternative) continue;
    const ingredient = getIngredient(catalogue, item.ingredient);
    const { composition, role } = ingredient;
    const grams = item.grams.central;
    if (role === 'wheat-flour' || role === 'gf-flour' || role === 'starch') sum.flour += grams;
    sum.water += (grams * composition.water * availabilityOf(ingredient)) / 100;
    sum.fat += (grams * composition.fat) / 100;
    if (role === 'sugar' || role === 'syrup') sum.sugars += (grams * composition.sugars) / 100;
    if (role === 'egg') sum.egg += grams;
  }
  if (sum.flour <= 0) return undefined;
  const of = (grams: number) => (100 * grams) / sum.flour;
  return [of(sum.water), of(sum.fat), of(sum.sugars), of(sum.egg)];
}

const likeness = (ratios: Ratios, prototype: Ratios) =>
  ratios.reduce(
    (score, ratio, at) => score - (Math.log((ratio + SOFTEN) / (prototype[at]! + SOFTEN)) / SPREAD) ** 2 / 2,
    0,
  );

const said = (text: string, words: RegExp) => Math.min(MOST_WORDS, text.match(words)?.length ?? 0);

/**
 * Guesses the family: log-odds of the formula's ratios and of words in title and method, made a probability over all
 * families. Confidence 0–1. Without flour and without a word it is `flourless` with little confidence.
 */
export function guessFamily(
  title: string,
  lines: readonly Line[],
  method: string,
  catalogue: Catalogue,
): { id: FamilyId; confidence: number } {
  const ratios = ratiosOf(
    lines.flatMap((line) => line.items),
    catalogue,
  );
  const yeast = lines.some((line) =>
    line.items.some((item) => item.ingredient === 'yeast' || item.ingredient === 'fresh-yeast'),
  );
  const scores = FAMILIES.map((id) => {
    const { ratios: prototype, words } = PROTOTYPES.rows[id];
    const formula = ratios
      ? id === 'flourless'
        ? -12
        : likeness(ratios, prototype)
      : id === 'flourless'
        ? 0
        : -3;
    const risen = yeast === (id === 'yeast-dough') ? 0 : -6;
    return {
      id,
      score:
        formula +
        risen +
        TITLE_EVIDENCE * Math.min(1, said(title, words)) +
        METHOD_EVIDENCE * said(method, words),
    };
  });
  const best = scores.reduce((a, b) => (b.score > a.score ? b : a));
  const total = scores.reduce((sum, { score }) => sum + Math.exp(score - best.score), 0);
  return { id: best.id, confidence: 1 / total };
}
