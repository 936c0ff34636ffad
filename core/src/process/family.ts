import { doesIt, type Catalogue } from '../catalogue';
import { familyOf } from '../family';
import {
  boughtDough,
  lastWordOf,
  mainPart,
  RATIOS,
  ratiosOf,
  usualRatios,
  weighLines,
  wholeMethod,
  type FamilyRatios,
  type Line,
  type Part,
  type Recipe,
} from '../read';
import { FAMILIES, type FamilyId } from '../vocabulary';
import { baseKind } from './base';
import { DEEDS } from './data/deeds';
import type { FamilyGuess } from './types';

/** Spread of each ratio between recipes of one family, as a factor in natural logs. */
const SPREAD = 0.55;
/** Added to both sides so that "no egg" and "a little egg" are near. g per 100 g flour. */
const SOFTEN = 8;
/**
 * One ratio speaks against a family by so much at most (log-odds): the jam and cream of an unparted list are in it too, and say
 * nothing of the batter.
 */
const MOST_AGAINST = 1.25;
const TITLE_EVIDENCE = 4.6;
/** What names nothing else: a clafoutis. */
const ONLY_IN_TITLES = 6;
/** What is raised with yeast and baked in a tart's tin is a dough all the same (log-odds). */
const RISEN_PASTRY = -12;
const METHOD_EVIDENCE = 1.1;
const MOST_WORDS = 2;
/** Log-odds against what a recipe would name, or say by what is done, and doesn't. */
const UNNAMED = -3;
/** And against what its bought dough doesn't make. */
const UNLIKE_BOUGHT = -5;
/** Of a part that is called a base: it is pressed or rolled. */
const BASE_EVIDENCE = 2.2;
/** So many families are shown beside the one that is guessed. */
const SHOWN = 4;

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
/** And of so little nothing is built at all: a spoonful of cornflour in a meringue. */
const A_TRACE = 0.01;
const FLOURED = -6;

/** Log-odds of a formula for a family. Without flour what its bought dough makes is left, or what needs none. */
function formulaScore(id: FamilyId, ratios: FamilyRatios | null, bought: FamilyId | undefined): number {
  if (!ratios) return id === (bought ?? 'flourless') ? 0 : bought === undefined ? UNNAMED : UNLIKE_BOUGHT;
  const share = 100 / (100 + RATIOS.reduce((sum, what) => sum + ratios[what], 0));
  if (id === 'flourless') return share < LITTLE_FLOUR ? 0 : FLOURED;
  return likeness(ratios, usualRatios(id)) + (share < A_TRACE ? FLOURED : 0);
}

/** A filling's flour and ground nuts, g. */
const SPOONFUL = 150;

/** A name within a longer one says nothing of its own: a griddle cake is no cake. */
const GENERIC =
  /^(?:cakes?|g[âa]teaux?|tortes?|sponges?|lamingtons?|crisp|upside[- ]down|cookies?|biscuits|loaf|bars?|pudding|rounds|fingers|rolls|snaps?)$/i;
const GENERIC_EVIDENCE = 3.2;

/** "Mud cake cookies" are cookies: what is baked in another's manner is the last of two names. */
const MODIFIES = /(?:cakes?|pie|bread|doughnut|muffin|brownie|pancake|cobbler|velvet|torte|loaf)$/i;
const HEAD_NOUN =
  /^\s+(?:cookies|biscuits|bars|muffins|brownies|blondies|doughnuts|scones|tarts?|pancakes|waffles)\b/i;

/** `own`: what of the title names the family, among `all` that names any. */
function titleEvidence(own: readonly string[], all: readonly string[], most: number, title: string): number {
  const within = (name: string) =>
    all.some((other) => other.length > name.length && other.toLowerCase().includes(name.toLowerCase()));
  const modifies = (name: string) =>
    MODIFIES.test(name) && HEAD_NOUN.test(title.slice(title.indexOf(name) + name.length));
  return Math.max(
    0,
    ...own.map((name) =>
      within(name) || modifies(name) ? 0.5 : GENERIC.test(name) ? GENERIC_EVIDENCE : most,
    ),
  );
}

const doneTo = (id: FamilyId, method: string): number =>
  DEEDS.reduce((sum, { family, words, says }) => (family === id && words.test(method) ? sum + says : sum), 0);

/**
 * Guesses the family: log-odds of the formula's ratios and of words in title and method, made a probability over all
 * families. Confidence 0–1. Without flour and without a word it is `flourless` with little confidence. The nearest families
 * come along with what spoke for each. `beside`: all lines of the page, of which a starter
 * may hold the yeast; `base`: what its main part is, if that is called a base.
 */
export function guessFamily(
  title: string,
  lines: readonly Line[],
  method: string,
  catalogue: Catalogue,
  beside: readonly Line[] = lines,
  base: FamilyId | null = null,
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
    const { words, titles, onlyNamed: named, yeast: byYeast, foam, cooked } = familyOf(id);
    const done = doneTo(id, method);
    // A cake is a foam by what is done: its title alone says nothing of it.
    const inTitle = namedIn(title, id).filter((name) => !foam || done > 0 || !GENERIC.test(name));
    const inMethod = said(method, words);
    // A doughnut is one by being fried, and a waffle by its iron, with yeast or without.
    const byItsHeat =
      (fried && id === 'doughnut') || (cooked === 'griddle' && inTitle.length > 0 && done > 0);
    const risen = yeast === byYeast || byItsHeat ? 0 : yeast && id === 'pastry' ? RISEN_PASTRY : -6;
    return {
      id,
      words: [...inTitle, ...inMethod],
      score:
        formulaScore(id, ratios, bought) +
        risen +
        (named && inTitle.length + inMethod.length === 0 && done <= 0 ? UNNAMED : 0) +
        titleEvidence(
          inTitle,
          inTitles,
          said(title, titles).length > 0 ? ONLY_IN_TITLES : TITLE_EVIDENCE,
          title,
        ) +
        done +
        (id === base ? BASE_EVIDENCE : 0) +
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

/** "With a gingernut base", "on shortbread crust": what stands under the bake. */
const ON_A_BASE = /\b(?:with|on|over) (?:an? |the )?(?:[\p{L}-]+ ){1,3}(?:base|crust)\b/giu;

/** What a crumb on top is called: "streusel topping", "for the crumble". */
const CRUMBS = /\b(?:streusel|crumble|crumbs?)\b/i;
/** The words that a smaller part goes by: its last, and what its crumbs are called. */
const goesBy = ({ name }: Part): readonly string[] =>
  name === null ? [] : [lastWordOf(name), CRUMBS.exec(name)?.[0] ?? ''].filter((word) => word !== '');

/** A text without what it says of smaller parts: a slice with a streusel is no streusel. */
const withoutNamesOf = (parts: readonly Part[], text: string): string =>
  parts.flatMap(goesBy).reduce((words, one) => words.replace(new RegExp(`\\b${one}\\b`, 'gi'), ' '), text);

/** What says how much it makes, in the page's head. */
const MAKES = /^(?:makes|serves|yield)/i;

/** What kind of bake a page is: by the part with the flour, its title, and what is done. */
export function familyOfPage({ title, parts, method }: Recipe, catalogue: Catalogue): FamilyGuess {
  const lines = parts.flatMap((part) => part.lines);
  const main = mainPart(parts, catalogue);
  const besides = parts.filter((part) => part !== main && weighLines(part.lines, catalogue).flour > 0);
  const makes = lines.filter(({ kind, source }) => kind !== 'ingredient' && MAKES.test(source));
  return guessFamily(
    [withoutNamesOf(besides, title.replace(ON_A_BASE, ' ')), ...makes.map(({ source }) => source)].join(' '),
    main?.lines ?? lines,
    wholeMethod(method),
    catalogue,
    lines,
    main ? baseKind(main, catalogue) : null,
  );
}
