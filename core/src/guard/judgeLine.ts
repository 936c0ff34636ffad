import { getIngredient, unfold, type Catalogue, type Ingredient } from '../catalogue';
import type { Item, Line } from '../read';
import { cleanLine, namedIn, tokensOf } from '../read';
import {
  ALLERGENS,
  asWorded,
  GLUTEN_CLASSES,
  GRAIN_CLASSES,
  type Allergen,
  type Avoidance,
  type GlutenClass,
  type GrainClass,
} from '../vocabulary';
import { CLAIMED_FREE, FLOUR_WORDS, MARKERS, UNCLAIMED, type Marker } from './data/markers';
import type { Reason } from './says';
import type { LineGuard } from './types';

interface Judgement {
  readonly gluten: GlutenClass;
  readonly grain: GrainClass;
  readonly allergens: readonly Avoidance[];
  readonly possible: readonly Avoidance[];
  readonly reason: Reason | null;
}

const worse = <T extends string>(order: readonly T[], a: T, b: T): T =>
  order.indexOf(a) >= order.indexOf(b) ? a : b;
const union = <T>(...lists: readonly (readonly T[])[]): T[] => [...new Set(lists.flat())];

const ownJudgements = new WeakMap<Catalogue, Map<string, Judgement>>();

/** What an ingredient is by itself, its components included: the worst of them. Found once a catalogue. */
function ofIngredient(ingredient: Ingredient, catalogue: Catalogue): Judgement {
  const known = ownJudgements.get(catalogue) ?? new Map<string, Judgement>();
  ownJudgements.set(catalogue, known);
  const own = known.get(ingredient.id) ?? worstOfParts(ingredient, catalogue);
  known.set(ingredient.id, own);
  return own;
}

/** What its row says of it, in the table's own words. */
const noted = ({ note }: Ingredient): Reason | null => (note === '' ? null : asWorded(note));

function worstOfParts(ingredient: Ingredient, catalogue: Catalogue): Judgement {
  const own: Judgement = { ...ingredient, reason: noted(ingredient) };
  return unfold(catalogue, ingredient.id)
    .map((part) => getIngredient(catalogue, part.ingredient))
    .reduce<Judgement>(
      (sum, part) => ({
        gluten: worse(GLUTEN_CLASSES, sum.gluten, part.gluten),
        grain: worse(GRAIN_CLASSES, sum.grain, part.grain),
        allergens: union(sum.allergens, part.allergens),
        possible: union(sum.possible, part.possible),
        reason: sum.reason ?? noted(part),
      }),
      own,
    );
}

const wordings = new WeakMap<Ingredient, ReadonlySet<string>>();

/** All that an ingredient is called, in one form. */
function wordingsOf(ingredient: Ingredient): ReadonlySet<string> {
  const { name, also, kinds } = ingredient;
  const known =
    wordings.get(ingredient) ?? new Set([name, ...also, ...kinds].map((one) => tokensOf(one).join(' ')));
  wordings.set(ingredient, known);
  return known;
}

const judgedWordForWord = (words: string, ingredient: Ingredient) =>
  wordingsOf(ingredient).has(tokensOf(words).join(' '));

/** "besan (gram flour)": the other name in brackets, word for word the same thing, betrays nothing. */
const withoutOtherNames = (words: string, ingredient: Ingredient): string =>
  words.replace(/\(\s*(?:i\.e\.|aka|also called)?\s*([^()]+)\)/gi, (bracket, name: string) =>
    judgedWordForWord(name, ingredient) ? ' ' : bracket,
  );

/** The words of a line without claims that would set off a marker ("gluten-free", "not self-rising"). */
const heard = (words: string) =>
  words
    .replace(/\b(?:not|no|without|instead of) [\w-]+/gi, ' ')
    .replace(/\bfree[- ]range\b/gi, ' ')
    .replace(/\b(?:for|to)\s.*$/i, ' ');

const ANY_MARKER = new RegExp(MARKERS.map(({ words }) => words.source).join('|'), 'i');

function markerOf(words: string): Marker | undefined {
  const text = heard(words);
  if (!ANY_MARKER.test(text)) return undefined;
  return MARKERS.find((marker) => marker.words.test(text));
}

const EVERY_CLAIM = new RegExp(CLAIMED_FREE, 'gi');

/** A line's words without what only looks like a claim: "not gluten-free", "or gluten-free flour", "gluten-free if needed". */
const meant = (words: string) => UNCLAIMED.reduce((text, one) => text.replace(one, ' '), words);

/** True when the words claim that what they name is without gluten. */
export const claimsFree = (words: string): boolean => CLAIMED_FREE.test(meant(words));

const MILLED_ROLES = new Set(['gf-flour', 'starch', 'binder']);

/**
 * The words of a line without those that name its flour: named as what it is, its own "flour" or "bread" betrays no wheat,
 * and a second one may.
 */
function withoutItsName(
  text: string,
  { match, words }: Pick<Item, 'match' | 'words'>,
  flour: Ingredient,
): string {
  if (match !== 'exact') return endsInName(words, flour) ? text.replace(FLOUR_WORDS, ' ') : text;
  return (words.match(/[\p{L}\d]+/gu) ?? []).reduce(
    (rest, word) => rest.replace(new RegExp(`(?<![\\p{L}\\d])${word}(?![\\p{L}\\d])`, 'iu'), ' '),
    text,
  );
}

const UNKNOWN: Judgement = {
  gluten: 'unknown',
  grain: 'unknown',
  allergens: [],
  possible: [],
  reason: { code: 'unplaced', values: {} },
};
/** Names that a leftover word before them doesn't make doubtful: nobody sells a wheaten banana. */
const PLAIN_ROLES = new Set(['fruit-veg', 'egg', 'salt']);

/** The words end in the ingredient's own name, letter for letter: "Russet apple", not "pear" for "tears". */
const endsInName = (words: string, { name, also, kinds }: Ingredient): boolean => {
  const last = tokensOf(words).at(-1);
  return [name, ...also, ...kinds].some((one) => tokensOf(one).at(-1) === last);
};

/** The words end in a plain food's name, whatever stands before it. */
const endsPlainly = ({ words }: Pick<Item, 'words'>, ingredient: Ingredient): boolean =>
  PLAIN_ROLES.has(ingredient.role) && endsInName(words, ingredient);

/** What fruit is sold in: "toffee apples", "yoghurt-coated strawberries". */
const DRESSED =
  /\b(?:choc\w*|caramel\w*|toffee|fudge|honey|sugar\w*|yogh?urt|cand\w+|crystalli\w+|coated|covered|dipped|glaz\w+|batter\w*|bread\w*|crumb\w*|crusted|stuffed|filled|pickled|dried|freeze|crisp\w*|crunchy|fried)\b/i;
/** "750 g Italian prune plums": whatever sort it is, it is a plum, and nobody need be asked. */
export const isASort = (item: Pick<Item, 'words'>, ingredient: Ingredient): boolean =>
  ingredient.role === 'fruit-veg' && endsPlainly(item, ingredient) && !DRESSED.test(item.words);

/** A claim is read on the packet: what would hold gluten is then a label to check, not a danger named. */
function claimed({ gluten, allergens, possible, ...rest }: Judgement, words: string): Judgement {
  // Wheat starch with its gluten taken out is still wheat.
  if (/\bwheat\b/i.test(words))
    return {
      ...rest,
      gluten: 'check-label',
      allergens,
      possible,
      reason: { code: 'not-wheat-free', values: {} },
    };
  return {
    ...rest,
    gluten: gluten === 'contains' ? 'check-label' : gluten,
    allergens: allergens.filter((one) => one !== 'wheat'),
    possible: allergens.includes('wheat') ? union(possible, ['wheat']) : possible,
    reason: { code: 'claims-free', values: {} },
  };
}

function caught(base: Judgement, marker: Marker): Judgement {
  if (GLUTEN_CLASSES.indexOf(marker.gluten) <= GLUTEN_CLASSES.indexOf(base.gluten)) return base;
  const grain =
    marker.gluten === 'contains'
      ? worse(GRAIN_CLASSES, base.grain === 'unknown' ? 'grain' : base.grain, 'grain')
      : base.grain;
  return {
    ...base,
    gluten: marker.gluten,
    grain,
    allergens:
      marker.wheat && marker.gluten === 'contains' ? union(base.allergens, ['wheat']) : base.allergens,
    reason: asWorded(marker.reason),
  };
}

/**
 * Judges one thing on a line by the catalogue, by the words that betray gluten, and by what it claims. `words` are all
 * that the line says of it, brackets too.
 */
function judgeItem(
  item: Pick<Item, 'ingredient' | 'name' | 'words' | 'match'>,
  words: string,
  catalogue: Catalogue,
): Judgement {
  const ingredient = item.ingredient === null ? undefined : getIngredient(catalogue, item.ingredient);
  const base = ingredient ? ofIngredient(ingredient, catalogue) : UNKNOWN;
  const known =
    ingredient !== undefined &&
    item.match === 'exact' &&
    words.includes(item.words) &&
    judgedWordForWord(item.words, ingredient);
  const rest = words.replace(item.words, ' ');
  const beyond = known ? withoutOtherNames(rest, ingredient) : rest;
  if (known && !claimsFree(beyond) && !markerOf(beyond)) return base;
  const claim = claimsFree(words);
  const said = (known ? beyond : words).replace(EVERY_CLAIM, ' ');
  const named = !known && ingredient !== undefined && MILLED_ROLES.has(ingredient.role);
  const bare = named ? withoutItsName(said, item, ingredient) : said;
  const marker = markerOf(bare);
  const netted =
    marker && !(ingredient && item.match === 'exact' && marker.gluten === 'check-label')
      ? caught(base, marker)
      : base;
  const sound =
    netted.gluten === 'free' && item.match === 'near' && ingredient && !endsPlainly(item, ingredient);
  const settled = sound
    ? {
        ...netted,
        gluten: 'check-label' as const,
        reason: { code: 'read-as' as const, values: { name: item.name } },
      }
    : netted;
  return claim && settled.gluten !== 'free' && settled.gluten !== 'unknown'
    ? claimed(settled, words)
    : settled;
}

/** Some words judged by themselves, as on a label: by what they were matched to, and by the words that betray gluten. */
export function judgeWords(
  words: string,
  match: { readonly ingredient: string; readonly name: string; readonly match: Item['match'] } | undefined,
  catalogue: Catalogue,
): Pick<Judgement, 'gluten' | 'reason'> & { readonly avoid: readonly Avoidance[] } {
  const item = {
    ingredient: match?.ingredient ?? null,
    name: match?.name ?? words,
    words,
    match: match?.match ?? 'none',
  } as const;
  const { gluten, allergens, reason } = judgeItem(item, words, catalogue);
  return { gluten, avoid: allergens, reason };
}

const lawful = (list: readonly Avoidance[]): Allergen[] => ALLERGENS.filter((one) => list.includes(one));

/** A line judged, with all that a person may avoid in it: corn too, which no law lists. */
export interface JudgedLine extends Omit<LineGuard, 'lookFor'> {
  readonly avoid: readonly Avoidance[];
  readonly maybe: readonly Avoidance[];
}

/** A line is guarded on its way in and on its way out, and judged once. */
const judged = new WeakMap<Line, { readonly by: Catalogue; readonly as: JudgedLine }>();

/** What a line is: the worst of its items. A line in which nothing could be placed is unknown. */
export function judgeLine(line: Line, catalogue: Catalogue): JudgedLine {
  const known = judged.get(line);
  if (known?.by === catalogue) return known.as;
  const as = judge(line, catalogue);
  judged.set(line, { by: catalogue, as });
  return as;
}

/** "A few per muffin", "half in the dough", "the crumbs from the buns": where it goes or comes from, and not what it is. */
const WHERE_IT_GOES =
  /\b(?:per|(?:in|on|for) each) \p{L}+|\b(?:in(?:to)?|for|on) the (?:dough|batter|cake|pastry|crust|sponge|biscuits?|cookies?|buns?|rolls?)\b|\bthe crumbs? (?:from|of) the (?:cake|buns?|rolls?|sponge|loaf)\b/giu;
/** The words of a line that one of its items is judged by. */
const wordsFor = (line: Line, item: Item) =>
  (line.items.length === 1 ? cleanLine(line.source) : item.words).replace(WHERE_IT_GOES, '');

/** True for an item that holds gluten by its kind and claims on its packet to be without. */
export function claimedItem(line: Line, item: Item, catalogue: Catalogue): boolean {
  if (item.ingredient === null || getIngredient(catalogue, item.ingredient).gluten !== 'contains')
    return false;
  const words = wordsFor(line, item);
  return claimsFree(words) && judgeItem(item, words, catalogue).gluten === 'check-label';
}

/** A longer line is a sentence: what it names is a deed's. */
const LIST_LINE = 120;
/** "Dust with flour", "flour for the tin", "skip if your flour has some": no flour of the list's. */
const NO_LISTED_FLOUR =
  /\b(?:dust\w*|sprinkl\w*|roll\w*|shak\w*|knock|use)\b|\bflour (?:it|the|a|them)\b|\b(?:your|the|into|with|on) (?:\w+ )?flour\b/i;

/** A flour that a list's line names and that none of its things is; null: there is none. What isn't read isn't replaced. */
function unreadFlour(line: Line, catalogue: Catalogue): Judgement | null {
  const holds = ({ ingredient }: Item) =>
    ingredient !== null && getIngredient(catalogue, ingredient).gluten === 'contains';
  const source = cleanLine(line.source).replace(/\([^()]*\)/g, ' ');
  if (line.items.length === 0 || source.length > LIST_LINE || line.items.some(holds)) return null;
  if (claimsFree(source) || NO_LISTED_FLOUR.test(source)) return null;
  const there = new Set(line.items.map(({ ingredient }) => ingredient));
  const flour = namedIn(source, catalogue).find(
    ({ ingredient, words }) =>
      !there.has(ingredient) &&
      getIngredient(catalogue, ingredient).role === 'wheat-flour' &&
      // "Finely ground hazelnut flour" is one name.
      !line.items.some((item) => item.words.includes(words)),
  );
  return flour
    ? {
        ...UNKNOWN,
        gluten: 'check-label',
        grain: 'grain',
        reason: { code: 'flour-unread', values: { words: flour.words } },
      }
    : null;
}

function judge(line: Line, catalogue: Catalogue): JudgedLine {
  const read = line.items.map((item) => judgeItem(item, wordsFor(line, item), catalogue));
  const unread = unreadFlour(line, catalogue);
  const all = unread === null ? read : [...read, unread];
  const [first = UNKNOWN, ...rest] = all;
  const sum = rest.reduce<Judgement>(
    (a, b) => ({
      gluten: worse(GLUTEN_CLASSES, a.gluten, b.gluten),
      grain: worse(GRAIN_CLASSES, a.grain, b.grain),
      allergens: union(a.allergens, b.allergens),
      possible: union(a.possible, b.possible),
      reason:
        GLUTEN_CLASSES.indexOf(b.gluten) > GLUTEN_CLASSES.indexOf(a.gluten)
          ? b.reason
          : (a.reason ?? b.reason),
    }),
    first,
  );
  return {
    line: line.id,
    source: line.source,
    gluten: sum.gluten,
    grain: sum.grain,
    allergens: lawful(sum.allergens),
    possible: lawful(sum.possible),
    reason: sum.reason,
    avoid: sum.allergens,
    maybe: sum.possible,
  };
}
