import { MIXES } from './toldStages';
import type { Told } from './told';
import type { Medium } from './types';
import { BY_ITS_DEED, BY_ITS_WORDS, mediumOf, onTheGriddle, type Asked, type Rule } from './mediumRules';
import type { Heat } from './heatNow';
import { BAKED, BETWEEN, INTO } from './data/mediumWords';
import { OWNS_ITS_TIME, type ActionClass } from './data/verbs';

/** Minutes. */
const TOO_LONG_TO_MIX = 20;
/** A time that follows an oven's heat at once is its, whatever went before. */
const JUST = 2;
/** Without a word of what it looks like, so short a time is no bake, minutes. */
const BRIEF = 3;
/** What takes longer isn't fried, minutes. */
const LONGEST_FRY = 15;

/** Deeds after which a bare time is the oven's: it is in the tin. */
const TO_THE_OVEN: ReadonlySet<ActionClass> = new Set([
  'place',
  'shape',
  'layer',
  'line-tin',
  'set-oven',
  'bake',
  'fold',
  'combine',
  'prepare',
  'toast',
  'finish',
]);

/** The clauses of its sentence before it, and the one that follows. */
interface Beside {
  readonly before: readonly Told[];
  readonly after: Told | undefined;
}

/** What is hot, and what it looks like. */
const BY_WHAT_IS_HOT: readonly Rule[] = [
  { because: 'it names the oven', holds: ({ text }) => /\boven\b/i.test(text), medium: 'oven' },
  {
    because: 'it looks baked, and nothing else is hot',
    holds: ({ heat, text }) =>
      heat.oven !== null && BAKED.test(text) && heat.medium !== 'griddle' && heat.medium !== 'fried',
    medium: 'oven',
  },
  {
    because: '"spoon into the cases, 12 min": there is nothing to wait for but the oven',
    holds: ({ heat, kind, brief, text }) =>
      heat.oven !== null && kind === 'place' && !brief && INTO.test(text) && heat.medium === 'oven',
    medium: 'oven',
  },
  {
    because: '"between the tins, 25–30 min": as much so',
    holds: ({ heat, kind, brief, text }) =>
      heat.oven !== null && kind === null && !brief && BETWEEN.test(text),
    medium: 'oven',
  },
  {
    because: 'it bakes on a griddle',
    holds: ({ action, heat }) => onTheGriddle(action, heat),
    medium: 'griddle',
  },
];

/** What was done before it. */
const BY_WHAT_WAS_DONE: readonly Rule[] = [
  {
    because: 'nuts that are toasted or butter that melts aren’t the bake',
    holds: ({ before }) => before === 'toast' || before === 'microwave',
    medium: null,
  },
  {
    because: 'it goes on in what the sentence put it into',
    holds: ({ before, sentence }) =>
      sentence.length > 0 && mediumOf(before) !== undefined && mediumOf(before) !== 'griddle',
    medium: ({ before }) => mediumOf(before) ?? null,
  },
  {
    because: '"Dry in, whisk. 50–55 min.": nobody whisks for so long',
    holds: ({ before, heat, kind, sentence, action }) =>
      heat.oven !== null &&
      kind === null &&
      sentence.length === 0 &&
      before !== null &&
      MIXES.has(before) &&
      action.durations.every(({ low }) => low >= TOO_LONG_TO_MIX),
    medium: 'oven',
  },
  {
    because: 'it is the time of a deed that has one, unless the thing is in the tin by then',
    holds: ({ before, heat }) =>
      before !== null &&
      OWNS_ITS_TIME.has(before) &&
      !(heat.oven && (TO_THE_OVEN.has(before) || heat.since <= JUST)),
    medium: null,
  },
  {
    because: 'nothing is in fat for so long',
    holds: ({ heat, action }) =>
      heat.medium === 'fried' && heat.oil === null && action.durations.some(({ high }) => high > LONGEST_FRY),
    medium: null,
  },
  {
    because: 'a time behind an oven’s heat is its',
    holds: ({ heat }) => heat.oven !== null && heat.since <= JUST,
    medium: 'oven',
  },
  {
    because: 'what is hot is what it is done in',
    holds: ({ heat }) => heat.medium !== null && heat.medium !== 'oven',
    medium: ({ heat }) => heat.medium,
  },
  {
    because: 'the oven is on, and it takes longer than a moment',
    holds: ({ heat, brief }) => heat.oven !== null && !brief,
    medium: 'oven',
  },
];

const RULES: readonly Rule[] = [...BY_ITS_WORDS, ...BY_ITS_DEED, ...BY_WHAT_IS_HOT, ...BY_WHAT_WAS_DONE];

/** The medium that a time of this clause is said of; null: it is no heat's. */
export function mediumFor(action: Told, heat: Heat, { before: sentence, after }: Beside): Medium | null {
  const { class: kind, text, durations } = action;
  const before = sentence.at(-1)?.class ?? heat.last;
  const brief = durations.every(({ high }) => high <= BRIEF);
  const asked: Asked = { action, kind, text, heat, sentence, after, before, brief };
  const medium = RULES.find(({ holds }) => holds(asked))?.medium ?? null;
  return typeof medium === 'function' ? medium(asked) : medium;
}
