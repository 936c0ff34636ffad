import pluralize from 'pluralize';
import { getIngredient, type Catalogue } from '../../catalogue';
import { amountBefore } from './amounts';
import { EGG } from './data/madeFirst';
import { mentionsIn, type Mention } from './foodsNamed';
import { candidatesFor, isBrushed, meantBy, milksOf, partOf } from './meant';
import { nameless } from './nameless';
import type { Renamed } from './renamed';
import { capitalised, type SpanEdit } from './spans';
import { andList } from './spoken';

/** What a list still has as its author wrote it. */
export interface Kept {
  /** The last words of its names, and its ingredients. */
  readonly lastWords: ReadonlySet<string>;
  readonly foods: ReadonlySet<string>;
}

/** What a step is known to work with. */
interface StepTold {
  /** The lines that it takes, and the part of each. */
  readonly taken: ReadonlyMap<string, string>;
  readonly kept: Kept;
  /** What it says that it takes of something, as words before its present name; null: all of it. */
  readonly portion: (amount: string, one: Renamed) => string | null;
  /** Whether an amount is all that the list has of something. */
  readonly isAll: (amount: string, one: Renamed) => boolean;
}

/** Words before a food's name that still hold when it is another food. */
const KEPT =
  /^(?:(?:hot|warm|cold|cool|softened|soft|melted|chilled|lukewarm|boiling|tepid|cooled|whipped)[\s-]+)+/i;
/** "The flour mixture" is a mixture, and no flour. */
const A_MIXTURE = /^[\s-]+(?:mix(?:ture)?s?|ingredients|paste)\b/i;
/** Words behind which a flour wants its article; in a list it has none. */
const WANTS_ARTICLE =
  /\b(?:sift|sieve|fold|stir|add|whisk|mix|rub|pulse|process|combine|beat|blend|knead|together|tip|into|over|in|through|work|cut in|then|almost all|nearly all|(?:begin|end|start|finish)(?:ning|n?ing)? with)\s*$/i;
/** A taste or a look, which is nobody's flour: "no streaks of flour", "until it no longer tastes of flour". */
const A_LOOK =
  /\b(?:tast\w+|streaks?|pockets?|traces?|lumps?|bits|smell\w*) of (?:dry |raw |white )?(?:the )?$|\b(?:dry|raw|visible) $/i;

/** Where a mention ends with the other food that would do in its place: "butter (or margarine)", "milk or cream". */
function withAlternative(source: string, { from, words }: Mention, next: Mention | undefined): number {
  const end = from + words.length;
  const bracket = /^\s*\(or [^)]{2,40}\)/i.exec(source.slice(end));
  if (bracket) return end + bracket[0].length;
  const between = next ? source.slice(end, next.from) : '';
  return next && /^,? or (?:the |some )?$/i.test(between) ? next.from + next.words.length : end;
}

/** "sugar, eggs and vanilla". */
const IN_A_ROW = /, (?:the )?$/i;
const GOES_ON = /^(?:,| and\b| &)/i;
/** "eggs and vanilla". */
const AND_A_FOOD = /^ (?:and|&) (?:the |\d[\w ]* )?$/i;
/** "the sugar, oil and eggs". */
const ENDS_A_ROW = /(?<=\w) and (?:the )?$/i;
/** "Adding more flour". */
const MORE_OF_IT = /\b(?:more|extra|additional) $/i;
/** "Egg wash" is brushed on whatever it is of. */
const WASH = /^[\s-]?wash\b/i;
const washed = (source: string, end: number, { words }: Mention): number =>
  /egg$/i.test(words) ? end + (WASH.exec(source.slice(end))?.[0].length ?? 0) : end;

/** Whole countable things that are now one mass: "one at a time" is "a little at a time". */
const EACH = /\b(?:(?:one|1) (?:at a time|by one|after (?:the other|another))|singly)\b/gi;

/** Eggs that are now something else go in a little at a time, no longer one. */
function uncounted(
  source: string,
  renamed: readonly Renamed[],
  lines: readonly string[],
  catalogue: Catalogue,
): SpanEdit[] {
  const counted = renamed.some(
    ({ line, was }) => lines.includes(line) && getIngredient(catalogue, was).role === 'egg',
  );
  if (!counted) return [];
  return [...source.matchAll(EACH)].map(({ 0: words, index }) => ({
    from: index,
    to: index + words.length,
    text: 'a little at a time',
    because: 'it is no longer counted',
  }));
}

/** In one list a blend is named once: "semolina, almonds, flour" are two things of which one is the blend. */
const JOINS = /(?:,\s*(?:and\s+)?|\s+(?:and|&|\+)\s+)(?:the\s+)?$/i;
/** More of it, or another sentence. */
const AGAIN_OF_IT = /[.;!?]|\b(?:rest|remaining|half|other|then|more)\b/i;
/** Of one thing in the place of an egg half goes where the yolk went, and half where the white did. */
function halfOf({ halves }: Renamed, { ingredient }: Mention): string | null {
  if (halves === null || (ingredient !== EGG.yolk && ingredient !== EGG.white)) return null;
  return ingredient === halves ? 'half of the' : 'the other half of the';
}

/** A word that stands before a food and in its new name is said once: "the soft dairy-free soft cheese". */
function stutterBefore(head: string, now: string): number {
  const [, word] = /([\p{L}’'-]+)\s+$/u.exec(head) ?? [];
  const twice =
    word !== undefined && word.length > 3 && now.toLowerCase().split(/[\s-]/).includes(word.toLowerCase());
  return twice ? /[\p{L}’'-]+\s+$/u.exec(head)![0].length : 0;
}

/** A mention of several by the names of all. */
const allOfThem = ({ from, words }: Mention, all: readonly Renamed[]): SpanEdit => ({
  from,
  to: from + words.length,
  text: andList([...new Set(all.map(({ now }) => now))]),
  because: 'milk is out',
});

/** Where a mention stands among the others: what was said before it, to where, and what follows. */
interface Row {
  readonly one: Renamed;
  readonly from: number;
  readonly to: number;
  readonly before: Renamed | undefined;
  readonly end: number;
  readonly next: Mention | undefined;
}

/** What is named twice in a row is said once: "butter and margarine" that are one block now, "flour, cornflour". Null: it isn't. */
function saidAlready(source: string, { one, from, to, before, end, next }: Row): SpanEdit | null {
  const between = source.slice(Math.max(0, end), from);
  const twice =
    end >= 0 &&
    (before?.now === one.now || (before?.blend === true && one.blend && before.part === one.part));
  if (twice && /^\s*(?:,|and|or|&|\+)?\s*(?:the\s+)?$/i.test(between))
    return { from: from - between.length, to, text: '', because: '' };
  const joined =
    twice && one.blend && !AGAIN_OF_IT.test(between) ? (JOINS.exec(between)?.[0].length ?? 0) : 0;
  if (joined > 0) return { from: from - joined, to, text: '', because: '' };
  const twin =
    next !== undefined &&
    next.words.toLowerCase() === one.now.toLowerCase() &&
    /^\s*(?:,|and|&|\+)\s*(?:the\s+)?$/i.test(source.slice(to, next.from));
  return twin ? { from, to: next.from, text: '', because: '' } : null;
}

/** "150 g rye flour, 150 g wheat flour": the amounts of a blend's flours are of all of it together. */
const isBothOf = (
  source: string,
  to: number,
  next: Mention | undefined,
  { blend }: Renamed,
  renamed: readonly Renamed[],
): boolean =>
  blend &&
  next !== undefined &&
  renamed.some((one) => one.blend && one.was === next.ingredient) &&
  /^\s*(?:,|and|&|\+)\s*$/i.test(source.slice(to, amountBefore(source, next.from)));

/** "The flour mixture" is still one; "the rye mixture", "the discard mix" is called by what is in it now. */
const mixtureNow = ({ from, words }: Mention): SpanEdit[] =>
  /flour/i.test(words)
    ? []
    : [{ from, to: from + words.length, text: 'flour', because: `${words} is in the blend` }];

/** "The remaining 150 ml" is what is left. */
const THE_REST = /\b(?:remaining|reserved|leftover|other|last)\s+$/i;

/** "Both flours" are one blend now, "all the flours" too. */
const BOTH = /(?<!\b(?:almost|nearly|most|not|in) )\b(?:both|all) (?:of )?(?:the )?$/i;

/** "The plain and self-raising flours": the first of two sorts has only its adjective. */
const ANOTHER_SORT =
  /\b(?:the )?(?:plain|white|strong|wholemeal|whole ?wheat|rye|spelt|cake|bread|SR|self[- ]raising) (?:and|&|\+) (?:the )?$/i;

/** Where a mention stands: whether another food follows in the same row, and how much of it is taken where that isn't all. */
interface Place {
  readonly from: number;
  readonly to: number;
  readonly followed: boolean;
  readonly share: string | null;
}

/** Verbs that a food may be the subject of, as they are said of several and of one. */
const OF_SEVERAL: Readonly<Record<string, string>> = {
  are: 'is',
  were: 'was',
  have: 'has',
  seem: 'seems',
  look: 'looks',
  start: 'starts',
  begin: 'begins',
  turn: 'turns',
  get: 'gets',
  brown: 'browns',
};
const A_VERB = /^ (\p{L}+)\b/u;

/** "If the almonds seem" of one meal now is "seems": the verb that agrees, behind the name, and where the author's ends; empty where none has to. */
function agreeing(source: string, to: number, was: string, now: string): { text: string; to: number } {
  const [said = '', verb = ''] = A_VERB.exec(source.slice(to)) ?? [];
  const one = OF_SEVERAL[verb];
  const several = pluralize.isPlural(was.trim().split(' ').at(-1)!);
  return one !== undefined && several && pluralize.isSingular(now.split(' ').at(-1)!)
    ? { text: ` ${one}`, to: to + said.length }
    : { text: '', to };
}

const A_SINGLE = /^(?:an?|one)\s+$/i;

/** A mention by its present name, with the article or the half that it wants, as it fits into the row that it stands in. */
function saidNow(
  source: string,
  mention: Mention,
  one: Renamed,
  { from, to, followed, share }: Place,
): SpanEdit {
  const because = `${one.words.trim()} is ${one.now} now`;
  if (share !== null) return { from, to, text: `${share}${one.now}`, because };
  // "Stick a pretzel in each": one of several.
  const [single] = A_SINGLE.exec(source.slice(from, mention.from)) ?? [];
  const [last = ''] = /\p{L}+$/u.exec(one.now) ?? [];
  if (single && pluralize.isPlural(last) && pluralize.isSingular(mention.words.trim().split(' ').at(-1)!))
    return { from, to, text: `a ${one.now.slice(0, -last.length)}${pluralize.singular(last)}`, because };
  const kept = KEPT.exec(mention.words)?.[0] ?? '';
  // "Sift in the flours": the blend, and what else is flour and is named nowhere.
  const called = one.blend && /flours$/i.test(mention.words) ? one.all : one.now;
  // In a row of foods two things are two more of the row.
  const inRow = followed || (IN_A_ROW.test(source.slice(0, from)) && GOES_ON.test(source.slice(to)));
  const name = inRow ? called.replace(/ and /g, ', ') : called;
  const now = name.split(' ').includes(kept.trim()) ? name : `${kept}${name}`;
  const head = source.slice(0, from);
  // A sentence may begin with it, and a flour that a verb stands before wants its article.
  const begins = /^\s*$|[.!?:]\s*$/.test(head) && /[\p{Lu}\d½¼¾⅓⅔]/u.test(source.charAt(from));
  const bare = one.blend && WANTS_ARTICLE.test(head);
  const article =
    (from < mention.from || bare) && !/\b(?:the|your|this|that|remaining|other|reserved)\s*$/i.test(head)
      ? 'the '
      : '';
  const row = name.includes(' and ') && article === '' ? (ENDS_A_ROW.exec(head)?.[0].length ?? 0) : 0;
  if (row > 0) return { from: from - row, to, text: `, ${now}`, because };
  const half = /\bof (?:the )?$/i.test(head) ? null : halfOf(one, mention);
  const said = half ? /\b(?:the|your) $/i.exec(head)?.[0].length : undefined;
  // "The butter's melted": what hangs on the name stays on it.
  const hangs = /['’]s$/.exec(mention.words)?.[0] ?? '';
  const both = (BOTH.exec(head) ?? (one.blend ? ANOTHER_SORT.exec(head) : null))?.[0].length ?? 0;
  const text = `${half ? `${half} ` : both > 0 ? 'the ' : article}${now}${hangs}`;
  const back = said ?? (both > 0 ? both : article === '' ? stutterBefore(head, now) : 0);
  const verb = agreeing(source, to, mention.words, now);
  return {
    from: from - back,
    to: verb.to,
    text: `${begins ? capitalised(text) : text}${verb.text}`,
    because,
  };
}

/**
 * Says each replaced food by its present name. The author's determiner and what still holds of it stay; an amount goes where it is
 * all that the list has.
 */
export function renameMentions(
  source: string,
  renamed: readonly Renamed[],
  { taken, kept, portion, isAll }: StepTold,
  catalogue: Catalogue,
): { readonly edits: SpanEdit[]; readonly lines: readonly string[] } {
  const lines: string[] = [];
  // "The sugar" is the caster sugar that stays, unless the step takes the icing sugar that doesn't.
  const stays = (word: string, { line }: Renamed) => kept.lastWords.has(word) && !taken.has(line);
  const part = partOf(renamed, taken);
  let before: Renamed | undefined;
  let end = -1;
  // "Peanut butter" that stays is none of the butter that goes.
  const isKept = ({ ingredient, words }: Mention) =>
    /\s/.test(words) && kept.foods.has(ingredient) && !renamed.some(({ was }) => was === ingredient);
  const mentions = mentionsIn(source, catalogue);
  const edits = mentions.flatMap((mention, nth): SpanEdit[] => {
    if (isKept(mention)) return [];
    const all = milksOf(mention, renamed);
    if (all.length > 1) {
      lines.push(...all.map(({ line }) => line));
      return [allOfThem(mention, all)];
    }
    const mixture = A_MIXTURE.test(source.slice(mention.from + mention.words.length));
    const from = amountBefore(source, mention.from);
    const amount = source.slice(from, mention.from);
    const meant = meantBy(
      {
        ...mention,
        brushed: isBrushed(source, mention),
        isAll: (each) => amount !== '' && isAll(amount, each),
      },
      candidatesFor(mention, renamed, { mixture, part, stays }, catalogue),
      taken,
      part,
    );
    // "Resist adding more flour": of the dough's, whatever the step works with.
    const more = /\bflour$/i.test(mention.words) && MORE_OF_IT.test(source.slice(0, mention.from));
    const one = more && !meant?.blend ? (renamed.find(({ blend }) => blend) ?? meant) : meant;
    if (!one) return [];
    lines.push(one.line);
    if (one.blend && A_LOOK.test(source.slice(0, mention.from))) return [];
    if (one.blend && mixture) return mixtureNow(mention);
    const next = mentions[nth + 1];
    const to = washed(source, withAlternative(source, mention, next), mention);
    const again = saidAlready(source, { from, to, next, one, before, end });
    [before, end] = [one, to];
    if (again) return [again];
    const followed = next !== undefined && AND_A_FOOD.test(source.slice(to, next.from));
    const whole = THE_REST.test(source.slice(0, from)) || isBothOf(source, to, next, one, renamed);
    const share = from < mention.from && !whole ? portion(amount, one) : null;
    return [saidNow(source, mention, one, { from, to, followed, share })];
  });
  const loose = nameless(source, renamed, mentions, catalogue);
  return {
    edits: [...edits, ...loose.edits, ...uncounted(source, renamed, lines, catalogue)],
    lines: [...lines, ...loose.lines],
  };
}
