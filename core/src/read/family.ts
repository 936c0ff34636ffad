import { availabilityOf, doesIt, getIngredient, type Catalogue } from '../catalogue';
import { familyOf } from '../family';
import { FAMILIES, type FamilyId } from '../vocabulary';
import { boughtDough } from './boughtDough';
import { DEEDS } from './data/deeds';
import { weighLines } from './mainPart';
import { RATIOS, type FamilyRatios } from './ratios';
import type { FamilyGuess, Line } from './types';

/** Spread of each ratio between recipes of one family, as a factor in natural logs. */
const SPREAD = 0.55;
/** Added to both sides so that "no egg" and "a little egg" are near. g per 100 g flour. */
const SOFTEN = 8;
/**
 * One ratio speaks against a family by so much at most (log-odds): the jam and cream of an unparted list are in it too, and say
 * nothing of the batter.
 */
const MOST_AGAINST = 1.25;
const TITLE_EVIDENCE = 4;
const METHOD_EVIDENCE = 1.1;
const MOST_WORDS = 2;
/** Log-odds against what a recipe would name and doesn't. */
const UNNAMED = -3;
/** So many families are shown beside the one that is guessed. */
const SHOWN = 4;

/** What each weighed item of a line brings to the ratios, g; and how much of it is flour. */
function shareOf(line: Line, catalogue: Catalogue): FamilyRatios & { readonly flour: number } {
  const sum = { flour: 0, water: 0, fat: 0, sugars: 0, egg: 0 };
  if (line.aside) return sum;
  for (const item of line.items) {
    if (item.ingredient === null || !item.grams || item.alternative || item.aside) continue;
    const ingredient = getIngredient(catalogue, item.ingredient);
    const { composition, role } = ingredient;
    const grams = item.grams.central;
    if (role === 'wheat-flour' || role === 'gf-flour' || role === 'starch') sum.flour += grams;
    sum.water += (grams * composition.water * availabilityOf(ingredient)) / 100;
    sum.fat += (grams * composition.fat) / 100;
    if (role === 'sugar' || role === 'syrup') sum.sugars += (grams * composition.sugars) / 100;
    if (role === 'egg') sum.egg += grams;
  }
  return sum;
}

export function ratiosOf(lines: readonly Line[], catalogue: Catalogue): FamilyRatios | null {
  const shares = lines.map((line) => shareOf(line, catalogue));
  const flour = shares.reduce((sum, share) => sum + share.flour, 0);
  if (flour <= 0) return null;
  const of = (what: keyof FamilyRatios) =>
    (100 * shares.reduce((sum, share) => sum + share[what], 0)) / flour;
  return { water: of('water'), fat: of('fat'), sugars: of('sugars'), egg: of('egg') };
}

/** What is usual in a family. */
export function usualRatios(id: FamilyId): FamilyRatios {
  const [water, fat, sugars, egg] = familyOf(id).ratios;
  return { water, fat, sugars, egg };
}

export interface RatioBesideUsual {
  readonly what: keyof FamilyRatios;
  readonly has: number;
  readonly usual: number;
  /** The line that brings most of it, and its share (0–1). */
  readonly line: Line | undefined;
  readonly share: number;
}

/** A recipe's ratios beside those of a family, each with the line that counts most. */
export function compareRatios(
  lines: readonly Line[],
  family: FamilyId,
  ratios: FamilyRatios,
  catalogue: Catalogue,
): RatioBesideUsual[] {
  const usual = usualRatios(family);
  const shares = lines.map((line) => ({ line, brings: shareOf(line, catalogue) }));
  return RATIOS.map((what) => {
    const total = shares.reduce((sum, { brings }) => sum + brings[what], 0);
    const most = shares.reduce<(typeof shares)[number] | undefined>(
      (best, one) => (one.brings[what] > (best?.brings[what] ?? 0) ? one : best),
      undefined,
    );
    return {
      what,
      has: ratios[what],
      usual: usual[what],
      line: most?.line,
      share: most && total > 0 ? most.brings[what] / total : 0,
    };
  });
}

const likeness = (ratios: FamilyRatios, prototype: FamilyRatios) =>
  RATIOS.reduce(
    (score, what) =>
      score -
      Math.min(
        MOST_AGAINST,
        (Math.log((ratios[what] + SOFTEN) / (prototype[what] + SOFTEN)) / SPREAD) ** 2 / 2,
      ),
    0,
  );

const said = (text: string, words: RegExp | null) => (words ? [...new Set(text.match(words))] : []);

/** What of a title names a family. */
const namedIn = (title: string, id: FamilyId) => {
  const { words, titles } = familyOf(id);
  return [...new Set([...said(title, words), ...said(title, titles)])];
};

/** Of everything in it, so little flour binds or dusts and builds nothing. */
const LITTLE_FLOUR = 0.06;
const FLOURED = -6;

/** Log-odds of a formula for a family. Without flour what its bought dough makes is left, or what needs none. */
function formulaScore(id: FamilyId, ratios: FamilyRatios | null, bought: FamilyId | undefined): number {
  if (!ratios) return id === (bought ?? 'flourless') ? 0 : -3;
  if (id !== 'flourless') return likeness(ratios, usualRatios(id));
  const all = 100 + RATIOS.reduce((sum, what) => sum + ratios[what], 0);
  return 100 / all < LITTLE_FLOUR ? 0 : FLOURED;
}

/** A filling's flour and ground nuts, g. */
const SPOONFUL = 150;

/** A name within a longer one says nothing of its own: a griddle cake is no cake. */
const GENERIC =
  /^(?:cakes?|g[âa]teaux?|tortes?|sponges?|lamingtons?|crisp|upside[- ]down|cookies?|biscuits|loaf|bars?|pudding|rounds|fingers|rolls|snaps?)$/i;
const GENERIC_EVIDENCE = 3.2;

function titleEvidence(own: readonly string[], all: readonly string[]): number {
  const within = (name: string) =>
    all.some((other) => other.length > name.length && other.toLowerCase().includes(name.toLowerCase()));
  return Math.max(
    0,
    ...own.map((name) => (within(name) ? 0.5 : GENERIC.test(name) ? GENERIC_EVIDENCE : TITLE_EVIDENCE)),
  );
}

const doneTo = (id: FamilyId, method: string): number =>
  DEEDS.reduce((sum, { family, words, says }) => (family === id && words.test(method) ? sum + says : sum), 0);

/**
 * Guesses the family: log-odds of the formula's ratios and of words in title and method, made a probability over all
 * families. Confidence 0–1. Without flour and without a word it is `flourless` with little confidence. The nearest families
 * come along with what spoke for each. `beside`: all lines of the page, of which a starter
 * may hold the yeast.
 */
export function guessFamily(
  title: string,
  lines: readonly Line[],
  method: string,
  catalogue: Catalogue,
  beside: readonly Line[] = lines,
): FamilyGuess {
  const bought = boughtDough(lines);
  // Beside a dough that was bought a spoonful of flour builds nothing.
  const dusted = bought !== undefined && weighLines(lines, catalogue).flour < SPOONFUL;
  const ratios = dusted ? null : ratiosOf(lines, catalogue);
  const yeast = beside.some((line) =>
    line.items.some(({ ingredient }) => {
      const one = ingredient === null ? undefined : catalogue.byId.get(ingredient);
      return one !== undefined && doesIt(one, 'yeast');
    }),
  );
  const inTitles = FAMILIES.flatMap((id) => namedIn(title, id));
  const fried = doneTo('doughnut', method) > 0;
  const scores = FAMILIES.map((id) => {
    const { words, onlyNamed: named, yeast: byYeast, foam } = familyOf(id);
    const done = doneTo(id, method);
    // A cake is a foam by what is done: its title alone says nothing of it.
    const inTitle = namedIn(title, id).filter((name) => !foam || done > 0 || !GENERIC.test(name));
    const inMethod = said(method, words);
    // A doughnut is one by being fried, with yeast or without.
    const risen = yeast === byYeast || (fried && id === 'doughnut') ? 0 : -6;
    return {
      id,
      words: [...inTitle, ...inMethod],
      score:
        formulaScore(id, ratios, bought) +
        risen +
        (named && inTitle.length + inMethod.length === 0 ? UNNAMED : 0) +
        titleEvidence(inTitle, inTitles) +
        done +
        METHOD_EVIDENCE * Math.min(MOST_WORDS, method.match(words)?.length ?? 0),
    };
  }).sort((a, b) => b.score - a.score);
  const [best] = scores as [(typeof scores)[number], ...typeof scores];
  const total = scores.reduce((sum, { score }) => sum + Math.exp(score - best.score), 0);
  return {
    id: best.id,
    confidence: 1 / total,
    ratios,
    nearest: scores.slice(0, SHOWN).map(({ id, words, score }) => ({
      id,
      probability: Math.exp(score - best.score) / total,
      words,
      usual: usualRatios(id),
    })),
  };
}
