import type { Medium } from './types';
import { MEDIA } from './actions';
import { MELTS, OFF, type Heat } from './heatNow';
import { MIXES } from './toldStages';
import type { Told } from './told';
import {
  AGAIN_LATER,
  AJAR,
  ANOTHER,
  BAKED,
  BETWEEN,
  BROWNS_BUTTER,
  COOKS,
  EACH_SIDE,
  GRILL,
  INTO,
  IN_A_PAN,
  IN_THE_OVEN,
  IRON,
  LADLED,
  LEFT,
  OF_A_PAN,
  ONE_SIDE,
  ON_THE_HOB,
  OTHER_APPLIANCE,
  OVER_HEAT,
  PREHEATS,
  SHOWS_HEAT,
  SIDE,
  STIRRED,
  TILL_GOLDEN,
  WAITS,
  WAITS_FOR_BUBBLES,
  WHILE_IT_HEATS,
} from './data/mediumWords';
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

/** What a rule is asked about a time. */
interface Asked {
  readonly action: Told;
  readonly kind: ActionClass | null;
  readonly text: string;
  readonly heat: Heat;
  readonly sentence: readonly Told[];
  readonly after: Told | undefined;
  /** What was just done in the same sentence, or before it. */
  readonly before: ActionClass | null;
  /** Too short for a bake without a word of what it looks like. */
  readonly brief: boolean;
}

/** "Drop tablespoons of batter, 1–2 min till bubbles", "cook thin crêpes, about 1 min on the first side", "cook until golden, 4 min". */
const onTheGriddle = ({ class: kind, text }: Told, { medium }: Heat): boolean =>
  medium === 'griddle' &&
  (kind === 'rest'
    ? WAITS_FOR_BUBBLES.test(text)
    : kind === 'shape' || kind === 'place'
      ? SHOWS_HEAT.test(text)
      : kind === null &&
        (ONE_SIDE.test(text) ||
          LADLED.test(text) ||
          (COOKS.test(text) && (SIDE.test(text) || BAKED.test(text)))));

/** "Lay the pears in the caramel and cook for 10 minutes", "cook gently, lid on": on the hob, and nothing of the bake. */
const isPansOwn = (text: string, { medium }: Heat, sentence: readonly Told[]): boolean =>
  COOKS.test(text) &&
  ((medium === 'oven' && OF_A_PAN.test(text)) ||
    sentence.some(({ class: kind }) => kind === 'boil' || kind === 'melt'));

/** The first that holds decides; null: the time is no heat's. */
interface Rule {
  readonly because: string;
  readonly holds: (asked: Asked) => boolean;
  readonly medium: Medium | null | ((asked: Asked) => Medium | null);
}

const griddleIfHot = ({ heat }: Asked): Medium | null => (heat.medium === 'griddle' ? 'griddle' : null);
const mediumOf = (kind: ActionClass | null): Medium | undefined => (kind === null ? undefined : MEDIA[kind]);
const melts = ({ text, sentence }: Asked): boolean =>
  MELTS.test(text) || sentence.some((one) => one.class === 'melt');

/** What the words of the clause say, whatever was before it. */
const BY_ITS_WORDS: readonly Rule[] = [
  {
    because: 'a slow cooker is another way than the oven that the page tells of',
    holds: ({ text, sentence, heat }) =>
      heat.oven !== null &&
      [...sentence.map((one) => one.text), text].some((one) => OTHER_APPLIANCE.test(one)),
    medium: null,
  },
  {
    because: 'an oven that heats up has nothing in it yet',
    holds: ({ kind, text }) => kind === 'set-oven' && PREHEATS.test(text) && !BAKED.test(text),
    medium: null,
  },
  {
    because: 'what waits while it heats up is beside it',
    holds: ({ kind, text }) => kind !== 'bake' && WHILE_IT_HEATS.test(text),
    medium: null,
  },
  {
    because: 'it is warmed again on another day, or butter is browned',
    holds: ({ text }) => AGAIN_LATER.test(text) || BROWNS_BUTTER.test(text),
    medium: null,
  },
  { because: 'an iron bakes from both sides', holds: ({ text }) => IRON.test(text), medium: 'griddle' },
  {
    because: 'it stays in the oven, off, ajar or under the grill',
    holds: ({ text }) => OFF.test(text) || AJAR.test(text) || GRILL.test(text),
    medium: 'oven',
  },
  {
    because: 'on the hob is a pan: of what is baked there, or of something else',
    holds: ({ kind, text }) => kind === null && ON_THE_HOB.test(text),
    medium: (asked) => (BAKED.test(asked.text) ? 'griddle' : griddleIfHot(asked)),
  },
  {
    because: 'so is what is said to be over a heat',
    holds: ({ kind, text }) => kind === null && OVER_HEAT.test(text),
    medium: griddleIfHot,
  },
];

/** What the deed says. */
const BY_ITS_DEED: readonly Rule[] = [
  {
    because: 'nuts are toasted in the oven unless they are in a pan',
    holds: ({ kind }) => kind === 'toast',
    medium: ({ heat, text }) => (heat.oven && !IN_A_PAN.test(text) ? 'oven' : null),
  },
  {
    because: 'what only melts in a microwave isn’t baked there',
    holds: ({ kind }) => kind === 'microwave',
    medium: (asked) => (melts(asked) ? null : 'microwave'),
  },
  {
    because: 'a deed has its medium, but a pan is no griddle where nothing is baked on one',
    holds: ({ kind }) => mediumOf(kind) !== undefined,
    medium: ({ kind, heat }) => {
      const own = mediumOf(kind)!;
      return own === 'griddle' && heat.medium !== 'griddle' ? null : own;
    },
  },
  {
    because: '"2 min a side" in hot fat',
    holds: ({ kind, heat, text }) => kind === null && heat.oil !== null && EACH_SIDE.test(text),
    medium: 'fried',
  },
  {
    because: '"turn it down to 350 and leave it be for another thirty"',
    holds: ({ kind, sentence }) => kind === 'rest' && sentence.some((one) => one.class === 'set-oven'),
    medium: 'oven',
  },
  {
    because: '"place the tins back in the oven and leave undisturbed for 20 minutes until puffed"',
    holds: ({ kind, text, sentence }) =>
      kind === 'rest' &&
      BAKED.test(text) &&
      sentence.some((one) => one.class === 'bake' || IN_THE_OVEN.test(one.text)),
    medium: 'oven',
  },
  {
    because: 'it stands beside an oven’s heat',
    holds: ({ action }) => action.settings.some(({ of }) => of === 'oven'),
    medium: 'oven',
  },
  {
    because: 'it waits for the bubbles on a griddle',
    holds: ({ kind, action, heat }) => kind === 'rest' && onTheGriddle(action, heat),
    medium: 'griddle',
  },
  {
    because: 'mixing, resting and cooling have times of their own',
    holds: ({ kind }) => kind !== null && OWNS_ITS_TIME.has(kind),
    medium: null,
  },
  {
    because: 'on a griddle it turns golden',
    holds: ({ kind, heat, text }) => kind === null && heat.medium === 'griddle' && TILL_GOLDEN.test(text),
    medium: 'griddle',
  },
  {
    because: '"bake 15 minutes, turn over and another 15": it goes on',
    holds: ({ kind, text, sentence }) =>
      kind === null && ANOTHER.test(text) && sentence.some((one) => one.class === 'bake'),
    medium: 'oven',
  },
  {
    because: 'it waits or is stirred; what is put "in tin, 20 min" isn’t left there',
    holds: ({ kind, text }) =>
      WAITS.test(text) ||
      ((STIRRED.test(text) || (kind !== 'place' && LEFT.test(text))) && !BAKED.test(text)),
    medium: null,
  },
  {
    because: 'a pan’s own cooking is nothing of the bake',
    holds: ({ kind, text, heat, sentence, after }) =>
      kind === null && (isPansOwn(text, heat, sentence) || after?.class === 'boil'),
    medium: null,
  },
  {
    because: 'what melts for a moment is nothing of the bake',
    holds: ({ kind, text, brief }) => kind === null && MELTS.test(text) && brief && !BAKED.test(text),
    medium: null,
  },
];

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
