import { MEDIA } from './actions';
import {
  AGAIN_LATER,
  AJAR,
  ANOTHER,
  BACK_FOR,
  BAKED,
  BROWNS_BUTTER,
  COOKS,
  EACH_SIDE,
  GRILL,
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
  THICKENS,
  TILL_BUBBLES,
  TILL_GOLDEN,
  TURNED_FIRST,
  WAITS,
  WAITS_FOR_BUBBLES,
  WAKES_YEAST,
  WHILE_IT_HEATS,
} from './data/mediumWords';
import { OWNS_ITS_TIME, type ActionClass } from './data/verbs';
import { MELTS, OFF, type Heat } from './heatNow';
import type { Told } from './told';
import type { Medium } from './types';

/** What a rule is asked about a time. */
export interface Asked {
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
export const onTheGriddle = ({ class: kind, text }: Told, { medium }: Heat): boolean =>
  medium === 'griddle' &&
  (kind === 'rest'
    ? WAITS_FOR_BUBBLES.test(text)
    : kind === 'shape' || kind === 'place'
      ? SHOWS_HEAT.test(text)
      : kind === null &&
        (ONE_SIDE.test(text) ||
          TILL_BUBBLES.test(text) ||
          LADLED.test(text) ||
          (COOKS.test(text) && (SIDE.test(text) || BAKED.test(text)))));

/** "Lay the pears in the caramel and cook for 10 minutes", "cook gently, lid on": on the hob, and nothing of the bake. */
const isPansOwn = (text: string, { medium }: Heat, sentence: readonly Told[]): boolean =>
  COOKS.test(text) &&
  ((medium === 'oven' && OF_A_PAN.test(text)) ||
    sentence.some(({ class: kind }) => kind === 'boil' || kind === 'melt'));

/** The first that holds decides; null: the time is no heat's. */
export interface Rule {
  readonly because: string;
  readonly holds: (asked: Asked) => boolean;
  readonly medium: Medium | null | ((asked: Asked) => Medium | null);
}

/** No bake is as short, minutes. */
const MOMENT = 5;
const isMoment = ({ high }: { readonly high: number }): boolean => high <= MOMENT;
const griddleIfHot = ({ heat }: Asked): Medium | null => (heat.medium === 'griddle' ? 'griddle' : null);
export const mediumOf = (kind: ActionClass | null): Medium | undefined =>
  kind === null ? undefined : MEDIA[kind];
const melts = ({ text, sentence }: Asked): boolean =>
  MELTS.test(text) || sentence.some((one) => one.class === 'melt');

/** What the words of the clause say, whatever was before it. */
export const BY_ITS_WORDS: readonly Rule[] = [
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
  {
    because: '"cook until bubbling, about 2 minutes": a caramel, or a sauce',
    holds: ({ kind, text, action, heat }) =>
      kind === null &&
      heat.medium !== 'griddle' &&
      COOKS.test(text) &&
      THICKENS.test(text) &&
      action.durations.every(isMoment),
    medium: null,
  },
  {
    because: 'yeast that wakes in its water is nowhere near the heat',
    holds: ({ text }) => WAKES_YEAST.test(text),
    medium: null,
  },
  {
    because: 'it goes back where it was, though only to dry',
    holds: ({ text, heat }) => heat.oven !== null && BACK_FOR.test(text),
    medium: 'oven',
  },
  {
    because:
      '"ladle in just enough to coat, 1 min each side": in a pan, where neither an oven nor fat is hot',
    holds: ({ kind, text, heat }) =>
      (kind === null || kind === 'layer' || kind === 'place') &&
      heat.oven === null &&
      heat.oil === null &&
      (heat.medium === null || heat.medium === 'griddle') &&
      EACH_SIDE.test(text),
    medium: 'griddle',
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
export const BY_ITS_DEED: readonly Rule[] = [
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
    because: 'what is turned on a griddle has its other side there',
    holds: ({ kind, heat, text }) => kind === null && heat.medium === 'griddle' && TURNED_FIRST.test(text),
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
