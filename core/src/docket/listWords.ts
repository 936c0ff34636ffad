import pluralize from 'pluralize';
import { doesIt, getIngredient, type Catalogue } from '../catalogue';
import { matchIngredient, measuredInEnglish, type Item, type Line } from '../read';
import { sayFraction } from '../quantity';
import { tidy } from './authorsLine';
import { SPOON_LEADS } from './lineWords';
import { behindItsName, extraOf, inLine, preparationOf, takenUp, wanted } from './preparation';
import { spokenName } from './written';
import type { Role } from '../vocabulary';
import type { DocketLine } from './types';

/** Longer is a sentence, and no line. */
const LONGEST = 120;
/** What the author calls a thing, where that is a name and nothing else. */
const PLAIN_WORDS = /^(?!.*\b(?:or|and|of|the|with|for)\b)\p{Ll}[\p{L} '’-]{2,39}$/u;
/** Pieces that are so near a whole number are that many. */
const NEAR_WHOLE = 0.08;

/** Sizes that eggs are sold by. */
const EGG_SIZE = /\b(?:extra[- ]large|large|medium|small|jumbo)\b/i;

/** How a thing that is counted is said: "3 eggs", "about 2½ eggs: beat and weigh". Null for what is weighed. */
function countedWords(
  { ingredient, grams, changed }: DocketLine,
  name: string,
  from: From | undefined,
  catalogue: Catalogue,
): string | null {
  if (ingredient === null || !grams) return null;
  const { each, role } = getIngredient(catalogue, ingredient);
  if (role !== 'egg' || !each) return null;
  // What stays as the recipe counts it is counted by that: its eggs needn't be ours.
  const own =
    from && !from.scaled && !changed && from.item.unit === null ? from.item.quantity?.central : undefined;
  // More or less of the recipe's own eggs is counted in those: a country's are of other sizes.
  const theirs =
    from && from.item.ingredient === ingredient && from.item.unit === null && from.item.grams
      ? from.item.grams.central / (from.item.quantity?.central ?? NaN)
      : NaN;
  const n = own ?? grams.central / (Number.isFinite(theirs) ? theirs : each[0]);
  const whole = Math.round(n);
  const size = (!changed && EGG_SIZE.exec(from?.item.words ?? '')?.[0].toLowerCase()) || '';
  const called = size === '' ? name : `${size} ${name}`;
  const plural = (count: number) => (count === 1 ? called : `${called}s`);
  if (whole > 0 && Math.abs(n - whole) <= NEAR_WHOLE * Math.max(1, whole)) return `${whole} ${plural(whole)}`;
  const half = Math.round(2 * n) / 2;
  return `${called}, beaten (about ${half < 1 ? '½' : `${Math.floor(half)}${half % 1 === 0 ? '' : '½'}`} ${plural(Math.ceil(half))})`;
}

/** Loose measures as a cook says them: "a pinch of sugar". */
const LOOSE: Readonly<Record<string, readonly [one: string, more: string]>> = {
  pinch: ['a pinch of', 'pinches of'],
  dash: ['a dash of', 'dashes of'],
  drop: ['a drop of', 'drops of'],
  handful: ['a handful of', 'handfuls of'],
  knob: ['a knob of', 'knobs of'],
  sprig: ['a sprig of', 'sprigs of'],
  slice: ['a slice of', 'slices of'],
};

/** "orange zest": of so many oranges. */
const OF_A_FRUIT = /^(\p{L}+) (zest|rind|peel|juice)$/u;

const BALLS = /^(?:balls?|cubes?|pieces?) of \p{Ll}+ \p{Ll}+$/u;
/** What stays and is counted, or measured loosely, is said as its author did: "4 ripe pears", "a pinch of sugar". */
function asCounted(from: From, called: string): string | null {
  const { quantity, unit } = from.item;
  if (!quantity || from.scaled || quantity.low !== quantity.high) return null;
  const n = sayFraction(quantity.central);
  const [, fruit, part] = OF_A_FRUIT.exec(called) ?? [];
  if (unit === null && fruit) return `${part} of ${n} ${quantity.central > 1 ? pluralize(fruit) : fruit}`;
  // What is counted is what its author calls so: three balls of stem ginger are no three gingers.
  const [own = ''] = from.item.words.split(',');
  const counted = PLAIN_WORDS.test(own) || BALLS.test(own) ? own : called;
  if (unit === null && /^\d|^x\b/i.test(counted)) return null;
  // Another language's word is said in ours, of several in its plural.
  if (unit === null)
    return `${n} ${from.line.source.includes(counted) || quantity.central <= 1 ? counted : pluralize(counted)}`;
  const spoon = SPOONS[unit];
  if (spoon && (from.item.grams?.central ?? SPOON_LEADS) < SPOON_LEADS) return `${n} ${spoon} ${called}`;
  const loose = LOOSE[unit];
  if (!loose) return null;
  return quantity.central === 1 ? `${loose[0]} ${called}` : `${n} ${loose[1]} ${called}`;
}

/** As many pieces of what stands in for them weight for weight: "8 slices of gluten-free bread", "24 gluten-free ladyfingers". */
function asManyPieces(
  { ingredient, grams }: DocketLine,
  from: From | undefined,
  name: string,
  catalogue: Catalogue,
): string | null {
  const { unit = null, quantity = null, grams: was = null } = from?.item ?? {};
  if (!quantity || !was || !grams || from!.scaled) return null;
  if (Math.abs(grams.central / was.central - 1) >= NEAR_WHOLE) return null;
  const n = sayFraction(quantity.central);
  if (unit === 'slice') return `${n} ${LOOSE[unit]![quantity.central === 1 ? 0 : 1]} ${name}`;
  // What is counted in leaves is gelatine, or pastry in sheets.
  const bought = ingredient !== null && doesIt(getIngredient(catalogue, ingredient), 'bought without gluten');
  if (bought && unit === 'leaf') return `${n} ${pluralize('sheet', quantity.central)} of ${name}`;
  const spoon = unit === null ? undefined : SPOONS[unit];
  if (bought && spoon) return `${sayFraction(Math.round(2 * quantity.central) / 2)} ${spoon} ${name}`;
  return bought && unit === null && !WEIGHED.test(from!.line.source)
    ? `${n} ${quantity.central > 1 ? name : pluralize.singular(name)}`
    : null;
}
const SPOONS: Readonly<Record<string, string>> = { tablespoon: 'tbsp', teaspoon: 'tsp' };
/** The line says what its pieces weigh. */
const WEIGHED = /\d\s?(?:g|oz)\b/i;

/** What the author's line is to the docket's. */
export interface From {
  readonly line: Line;
  /** As it stands on the page, with all that is on it. */
  readonly page: Line;
  readonly item: Item;
  /** The line is of one thing only, and not made more or less of. */
  readonly whole: boolean;
  readonly scaled: boolean;
}

const KIN: ReadonlySet<Role> = new Set<Role>(['fat', 'liquid']);
/** A fat that stands in for a fat is wanted as that was, a milk as the milk: cold and cubed, melted, warm. */
const isKin = ({ ingredient }: DocketLine, from: From | undefined, catalogue: Catalogue): boolean =>
  ingredient !== null &&
  from !== undefined &&
  (doesIt(getIngredient(catalogue, ingredient), 'bought without gluten') ||
    (KIN.has(from.item.role) && getIngredient(catalogue, ingredient).role === from.item.role));

/** So little is taken between two fingers, g. */
const A_PINCH = 0.5;

/** "Lukewarm milk 350ml" begins its line, and is lukewarm milk; Greek yogurt is Greek. */
const uncapitalised = (words: string): string =>
  words.replace(
    /^(?!(?:Greek|Dutch|Swiss|Italian|French|English|Irish|Turkish|Demerara)\b)\p{Lu}(?=\p{Ll})/u,
    (letter) => letter.toLowerCase(),
  );

/** Whether the author's words name it; what a person said a line is stands in no words of it. */
const namesIt = (words: string, { ingredient }: Item, catalogue: Catalogue): boolean =>
  PLAIN_WORDS.test(words) && matchIngredient(words, catalogue)?.ingredient === ingredient;
/** "1 pot plain yoghurt". */
const IN_ITS_POT = /^(?:pots?|tubs?|cartons?)\s+(?:of\s+)?(?=\p{L})/iu;
/** "Pearl sugar for the top" is pearl sugar. */
const WHAT_FOR = /\s+(?:for|to)\s.*$/i;

/** What nobody knows keeps its amount: "3 tbsp of its syrup". */
function unknownWords({ item }: From): string | null {
  const { ingredient, quantity, unit, words } = item;
  if (ingredient !== null || !quantity || unit === null) return null;
  return `${sayFraction(quantity.central)} ${pluralize(unit, quantity.central)} ${/^(?:its|the|their|this)\b/i.test(words) ? 'of ' : ''}${words}`;
}

/** ", for glazing": what one thing of a line that has several is kept back for, or what stands in for a line that is. */
function keptFor({ line, item, whole }: From, changed: boolean): string {
  if (whole ? !(changed && (line.aside || item.aside)) : !item.aside) return '';
  const behind = tidy(line).split(item.words).at(-1) ?? '';
  const what = /\b(?:for|to) \p{L}[\p{L} ]{2,30}(?=$|[,;.])/u.exec(behind.trim())?.[0];
  return what ? `, ${what}` : '';
}

/** "(ladyfingers)" behind gluten-free ladyfingers says nothing more. */
const echoes = (prepared: string, said: string): boolean => {
  const [, bracket] = /^ \(([^)]+)\)$/.exec(prepared) ?? [];
  return bracket !== undefined && said.includes(bracket);
};

/** A docket's line in words beside its weight. A line that stays stays as its author wrote it, preparation and all. */
export function listWords(made: DocketLine, from: From | undefined, catalogue: Catalogue): string {
  const unknown = from && !from.whole ? unknownWords(from) : null;
  if (unknown !== null) return unknown;
  const name = spokenName(made.name);
  const tidied = from ? measuredInEnglish(tidy(from.line)) : '';
  if (from?.whole && !made.changed && tidied.length <= LONGEST)
    return from.page === from.line
      ? tidied
      : `${tidied}${takenUp(from.page, from.item) || extraOf(from.page, from.item)}`;
  const same = from !== undefined && from.item.ingredient === made.ingredient;
  const own = uncapitalised(from?.item.words.replace(WHAT_FOR, '').replace(IN_ITS_POT, '') ?? '');
  const called = same && namesIt(own, from.item, catalogue) ? inLine(tidied, own) : name;
  const pieces = asManyPieces(made, from, name, catalogue);
  const counted = same && !made.changed ? asCounted(from, called) : pieces;
  const pinch = from && made.grams && made.grams.central < A_PINCH;
  if (counted === null && pinch) return `a pinch of ${called}`;
  const kin = !same && isKin(made, from, catalogue);
  const prepared =
    same || kin || pieces !== null
      ? preparationOf(from!.line, from!.item, catalogue) ||
        takenUp(from!.page, from!.item) ||
        behindItsName(from!.page, from!.item)
      : '';
  const said = countedWords(made, name, from, catalogue) ?? counted ?? called;
  const shown = kin ? wanted(from!.item, prepared) : prepared;
  const kept = from ? keptFor(from, made.changed) : '';
  return `${said}${echoes(shown, said) || shown === kept ? '' : shown}${kept}`;
}
