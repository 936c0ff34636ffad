import type { Duration, Setting } from '../read';
import { MEDIA } from './actions';
import { MELTS, OFF, remember, turnsOff, type Heat } from './heatNow';
import { announced, joined, MIXES, underALid, type ToldStage } from './toldStages';
import type { Told } from './told';
import { OWNS_ITS_TIME, type ActionClass } from './data/verbs';
import type { FamilyId } from '../vocabulary';
import type { Medium, Minutes, Stage } from './types';

/** Syrups and dumplings boil for minutes; what boils for longer is a pudding in its cloth, or a fruit that is waited for. */
const LONG_BOIL = 60;
/** What bakes, fries, steams or warms it through: cold doesn't, and what is boiled for a moment is made before. */
export const heats = ({ medium, minutes }: Pick<Stage, 'medium' | 'minutes'>): boolean =>
  medium !== 'chilled' && (medium !== 'boiled' || (minutes?.low ?? 0) >= LONG_BOIL);

export type { ToldStage } from './toldStages';

/** A time before or after such words is a moment, a part or a pause of something else, and no length of heat. */
const NO_LENGTH_AFTER =
  /(?:\b(?:after|every|each|the last|last|the first|first|final|within|when it (?:has|['’]s) been in the oven(?: for)?|up to|than|only|in)\s+(?:the\s+|about\s+|a\s+)?)$|\b(?:don['’]?t|do not|never|without) open(?:ing)?\b(?:(?!\b(?:down to|up to|turn|reduce|\d{3})\b)[^.])*$/i;
const NO_LENGTH_BEFORE =
  /^\s*(?:apart|before|ahead|earlier|later|in advance|bursts?|-?second bursts?|old|from now)\b|^\s*-?\s*second bursts/i;
const EACH_SIDE = /\b(?:per|a|each|on each|either|on either|on both|both|on one) sides?\b/i;
const SHOWS_HEAT = /\b(?:bubbl\w*|holes|golden|brown\w*|set)\b/i;
const ONE_SIDE = /\b(?:first|second|other) side\b|\bside (?:one|two|[12])\b/i;
/** "40-50 sec till pale gold." */
const TILL_GOLDEN = /\b(?:until|till?) (?:\p{L}+ )?(?:gold(?:en)?|brown(?:ed)?)\b/iu;
/** "Wait for bubbles (2 min)". */
const WAITS_FOR_BUBBLES = /\bwait\b[^.;]*\bbubbl/i;
/** "⅔ cup each, 4 to 5 minutes or until the steaming stops": a waffle. */
const LADLED =
  /\b(?:cups?|ladles?(?:ful)?|scoops?|spoons?(?:ful)?|tbsp) (?:for |of batter )?(?:each|per|a) |\bsteam(?:ing)? stops\b|\bstops? steaming\b/i;
const SIDE = /\bsides?\b/i;
const TURNED = /\b(?:flip|turn|other side|first side)\b/i;
const OR = /^\W*or\b/i;
const IF = /^\W*(?:but |and )?if\b|\bif (?:they|it|you|the)\b/i;
/** "(1 min 10 at 1000W)": another oven's. */
const OF_OTHER_POWER = /^[^.,;(]{0,6}\b(?:at|in) \d{3,4} ?w(?:atts?)?\b/i;
/** It goes on in the oven, though not shut in. */
const AJAR = /\bdoor (?:propped |wedged )?(?:open|ajar)\b/i;
const ON_THE_HOB = /\b(?:on|over) (?:a |the )?(?:[\w-]+ )?(?:ring|hob|burner|stove|flame|embers)\b/i;
const OVER_HEAT = /\bover (?:a )?(?:[\w-]+ )?heat\b/i;
/** What lies in a pan and is turned. */
const FLIPS = /\bflip/i;
const GRILL = /\b(?:grill|broil(?:er)?)\b/i;
const IN_A_PAN = /\b(?:dry|frying|small|sauce)? ?(?:pan|skillet|saucepan)\b/i;
/** Where a thing waits, and what a mixture looks like before it is baked. */
const WAITS =
  /\b(?:on the (?:sheet|tray|slide|counter)|in the (?:tin|pan)\b|rack|stand|out of the oven|on a cloth|stiff|let (?:dry|set)|to dry|set aside|(?:until|till) (?:it is |they are )?dry|upside down|room temperature)\b/i;
/** It waits, unless it says what only heat does. */
const LEFT = /\b(?:low heat|in (?:its |their )?(?:tins?|pans?)|cold|cool)\b/i;
const STIRRED =
  /\b(?:pale|thick and|ribbon|trail|peaks?|frothy|foamy|speed|hook|machine|mixer|by hand|strokes|smooth|hard)\b/i;
const INTO =
  /\binto (?:the |a |your |each )?(?:\p{L}+ ){0,2}(?:tins?|pans?|cases|cups|moulds?|holes|liners|dish)\b/iu;
/** "Between the tins, 25–30 min." */
const BETWEEN = /\bbetween (?:the |your |two |three |2 |3 )?(?:\p{L}+ )?(?:tins|pans|cases)\b/iu;
/** Nothing is in it yet. */
const PREHEATS = /\bpre-?heat/i;
/** "Reheat 30 sec in the microwave": on another day. */
const AGAIN_LATER = /\b(?:re-?heat|thaw|defrost|freshen)/i;
/** "Cook for 4-5 minutes or until butter turns nut brown." */
const BROWNS_BUTTER = /\b(?:until|till) (?:the )?butter\b/i;
const IRON = /\b(?:waffle|pizzelle|wafer|krumkake)[- ](?:iron|maker)\b/i;
const IN_THE_OVEN = /\b(?:in|into|to) the (?:hot )?oven\b/i;
/** What only heat does. */
const BAKED =
  /\b(?:golden|brown(?:ed)?|set|wobble|springy|springs?|bounces?|skewer|toothpick|clean|risen|puffed|crisp|bubbl\w+|colou?r|firm)\b/i;
const MORE = /\b(?:more|another|further|longer|back|return|again)\b/i;

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

/** What a title alone says of how a thing is done. */
function mediumOfTitle(title: string): Medium | null {
  if (/\bsteam/i.test(title)) return 'steamed';
  if (/\bmug\b|microwave|\b\d+[- ](?:second|minute|min)\b/i.test(title)) return 'microwave';
  if (
    /\b(?:fried|doughnuts?|donuts?|fritters?|churros|beignets?|crullers?)\b/i.test(title) &&
    !/\bbaked\b/i.test(title)
  )
    return 'fried';
  if (
    /\b(?:pancakes?|pikelets?|waffles?|crumpets?|griddle|drop scones?|cr[eê]pes?|blini|welsh cakes?)\b/i.test(
      title,
    ) &&
    !/\b(?:oven|baked)\b/i.test(title)
  )
    return 'griddle';
  return null;
}

const lengthsOf = ({ text, durations }: Told): Duration[] =>
  durations.filter(
    ({ from, to }) =>
      !OF_OTHER_POWER.test(text.slice(to)) &&
      !NO_LENGTH_AFTER.test(text.slice(0, from)) &&
      !NO_LENGTH_BEFORE.test(text.slice(to)),
  );

/** The clauses of its sentence before it, and the one that follows. */
interface Beside {
  readonly before: readonly Told[];
  readonly after: Told | undefined;
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

/** The medium that a time of this clause is said of; null: it is no heat's. */
function mediumFor(action: Told, heat: Heat, { before: sentence, after }: Beside): Medium | null {
  const { class: kind, text, settings } = action;
  const own = kind === null ? undefined : MEDIA[kind];
  const brief = action.durations.every(({ high }) => high <= BRIEF);
  if (kind === 'set-oven' && PREHEATS.test(text) && !BAKED.test(text)) return null;
  if (AGAIN_LATER.test(text) || BROWNS_BUTTER.test(text)) return null;
  if (IRON.test(text)) return 'griddle';
  if (OFF.test(text) || AJAR.test(text) || GRILL.test(text)) return 'oven';
  if (ON_THE_HOB.test(text) && kind === null)
    return heat.medium === 'griddle' || BAKED.test(text) ? 'griddle' : null;
  if (OVER_HEAT.test(text) && kind === null) return heat.medium === 'griddle' ? 'griddle' : null;
  if (kind === 'toast') return heat.oven && !IN_A_PAN.test(text) ? 'oven' : null;
  if (kind === 'microwave')
    return MELTS.test(text) || sentence.some((one) => one.class === 'melt') ? null : 'microwave';
  if (own === 'griddle' && heat.medium !== 'griddle') return null;
  if (own) return own;
  // "2 min a side" in hot fat.
  if (kind === null && heat.oil !== null && EACH_SIDE.test(text)) return 'fried';
  // "Turn it down to 350 and leave it be for another thirty."
  if (kind === 'rest' && sentence.some((one) => one.class === 'set-oven')) return 'oven';
  // "Place the tins back in the oven and leave undisturbed for 20 minutes until puffed."
  if (
    kind === 'rest' &&
    BAKED.test(text) &&
    sentence.some((one) => one.class === 'bake' || IN_THE_OVEN.test(one.text))
  )
    return 'oven';
  if (settings.some(({ of }) => of === 'oven')) return 'oven';
  if (kind === 'rest' && onTheGriddle(action, heat)) return 'griddle';
  if (kind !== null && OWNS_ITS_TIME.has(kind)) return null;
  if (heat.medium === 'griddle' && kind === null && TILL_GOLDEN.test(text)) return 'griddle';
  // What is put "in tin, 20 min" isn't left there.
  const left = kind !== 'place' && LEFT.test(text);
  if (WAITS.test(text) || ((STIRRED.test(text) || left) && !BAKED.test(text))) return null;
  if (kind === null && (isPansOwn(text, heat, sentence) || after?.class === 'boil')) return null;
  if (kind === null && MELTS.test(text) && brief && !BAKED.test(text)) return null;
  if (/\boven\b/i.test(text)) return 'oven';
  if (heat.oven && BAKED.test(text) && !(heat.medium === 'griddle' || heat.medium === 'fried')) return 'oven';
  // "Spoon into the cases, 12 min": there is nothing to wait for but the oven.
  if (heat.oven && kind === 'place' && !brief && INTO.test(text) && heat.medium === 'oven') return 'oven';
  if (heat.oven && kind === null && !brief && BETWEEN.test(text)) return 'oven';
  if (onTheGriddle(action, heat)) return 'griddle';
  // Said of what was just done in the same sentence, or before it.
  const before = sentence.at(-1)?.class ?? heat.last;
  if (before === 'toast' || before === 'microwave') return null;
  const theirs = before === null ? undefined : MEDIA[before];
  if (theirs && theirs !== 'griddle' && sentence.length > 0) return theirs;
  // "Dry in, whisk. 50–55 min.": nobody whisks for so long.
  const mixed =
    before !== null && MIXES.has(before) && action.durations.every(({ low }) => low >= TOO_LONG_TO_MIX);
  if (heat.oven && mixed && kind === null && sentence.length === 0) return 'oven';
  if (
    before !== null &&
    OWNS_ITS_TIME.has(before) &&
    !(heat.oven && (TO_THE_OVEN.has(before) || heat.since <= JUST))
  )
    return null;
  if (heat.medium === 'fried' && heat.oil === null && action.durations.some(({ high }) => high > LONGEST_FRY))
    return null;
  if (heat.oven && heat.since <= JUST) return 'oven';
  if (heat.medium !== null && heat.medium !== 'oven') return heat.medium;
  return heat.oven && !brief ? 'oven' : null;
}

function minutesOf(lengths: readonly Duration[], text: string, medium: Medium): Minutes | null {
  const [first, second] = lengths;
  if (!first) return null;
  const turned = second !== undefined && TURNED.test(text.slice(first.to, second.from));
  const turns = medium === 'griddle' || medium === 'fried';
  if (turns && turned) return { low: first.low + second.low, high: first.high + second.high };
  const sides = turns && EACH_SIDE.test(text) ? 2 : 1;
  return { low: first.low * sides, high: first.high * sides };
}

/** Minutes. */
const TOO_LONG_TO_MIX = 20;
/** "Put in a pan with the sugar and cook gently, lid on, for 5 minutes." */
const OF_A_PAN = /\b(?:gently|lid on|covered|stirring|(?:low|medium|high) heat|soft(?:en(?:ed|s)?)?)\b/i;
const COOKS = /\bcooks?\b/i;
/** A time that follows an oven's heat at once is its, whatever went before. */
const JUST = 2;
/** Without a word of what it looks like, so short a time is no bake, minutes. */
const BRIEF = 3;
/** What takes longer isn't fried, minutes. */
const LONGEST_FRY = 15;

/** A case without what it will hold. */
const BLIND = /\bblind\b/i;
const round = (celsius: number) => Math.round(celsius);

function stageOf(
  medium: Medium,
  minutes: Minutes | null,
  { id, text, step, verb, celsius }: Told,
  heat: Heat,
): ToldStage {
  const cold = OFF.test(text) || (GRILL.test(text) && celsius === null);
  const oven = medium === 'oven' && !cold ? heat.oven : null;
  const griddle = medium === 'griddle' ? (celsius ?? heat.griddle?.celsius ?? null) : null;
  return {
    medium,
    ovenCelsius: oven ? round(oven.celsius) : griddle === null ? null : round(griddle),
    oilCelsius: medium === 'fried' && heat.oil ? round(heat.oil.celsius) : null,
    fan: oven?.fan ?? false,
    minutes,
    what: (GRILL.exec(text) ?? BLIND.exec(text))?.[0] ?? verb ?? text.trim().slice(0, 40),
    step,
    action: id,
  };
}

/**
 * Several times of one clause with a temperature for each: "15 min at 200, then 170 for 25". `before`: what the oven was set to
 * until this clause, for a time that stands ahead of a new one: "5 min, then 350 for 15 more".
 */
function withTimes(
  action: Told,
  lengths: readonly Duration[],
  heat: Heat,
  medium: Medium,
  before: Setting | null,
): ToldStage[] {
  const ovens = action.settings.filter(({ of }) => of === 'oven');
  const [only] = ovens;
  if (medium === 'oven' && only && before && lengths.length === 2 && lengths[0]!.to < only.from)
    return lengths.map((one, n) =>
      stageOf(medium, { low: one.low, high: one.high }, action, n === 0 ? { ...heat, oven: before } : heat),
    );
  if (medium !== 'oven' || lengths.length < 2 || ovens.length < 2) {
    const all = medium === 'oven' && lengths.length === 2 && /\bwithout\b|\bmore\b/i.test(action.text);
    return all
      ? lengths.map((one) => stageOf(medium, { low: one.low, high: one.high }, action, heat))
      : [stageOf(medium, minutesOf(lengths, action.text, medium), action, heat)];
  }
  return lengths.map((one, n) => {
    heat.oven = ovens[n] ?? ovens.at(-1)!;
    return stageOf(medium, { low: one.low, high: one.high }, action, heat);
  });
}

/** Every stretch of heat and cold that the actions tell of, in order. Title and family say how, where nothing else does. */
export function stagesOf(actions: readonly Told[], title: string, family: FamilyId): ToldStage[] {
  const medium = mediumOfTitle(title) ?? (family === 'pancake' ? 'griddle' : null);
  const heat: Heat = { oven: null, oil: null, griddle: null, medium, last: null, since: Infinity };
  const stages: ToldStage[] = [];
  const inACloth = actions.some(({ text }) => IN_A_CLOTH.test(text));
  let sentence: Told[] = [];
  actions.forEach((action, at) => {
    if (action.first) sentence = [];
    heat.since += 1;
    const set = heat.oven;
    remember(action, heat, actions[at - 1]);
    // "Cook in the oven for 35 minutes, or steam 40 minutes": one or the other.
    const instead = OR.test(action.text) && stages.some(({ step }) => step === action.step);
    const lengths = instead ? [] : lengthsOf(action);
    const next = actions[at + 1];
    if (turnsOff(action, next)) heat.oven = null;
    const doubtful = IF.test(action.text) || (sentence[0] !== undefined && IF.test(sentence[0].text));
    const medium =
      lengths.length > 0 && !(doubtful && MORE.test(sentence.map(({ text }) => text).join(' ') + action.text))
        ? mediumFor(action, heat, { before: sentence, after: next?.first ? undefined : next })
        : null;
    // A pancake is fried in a pan and not in a bath of fat, unless its heat is given.
    const shallow =
      family === 'pancake' &&
      lengths.length > 0 &&
      ((medium === 'fried' && heat.oil === null) || FLIPS.test(action.text));
    const over = shallow
      ? 'griddle'
      : medium === 'boiled' && !inACloth && OVER_WATER.test(action.text) && lengths[0]!.high >= LONG_STEAM
        ? 'steamed'
        : medium;
    // "Chill overnight": a night in the cold, without figures.
    if (over === null && action.class === 'chill' && lengths.length === 0 && action.minutes !== null)
      stages.push(stageOf('chilled', action.minutes, action, heat));
    if (over !== null) stages.push(...withTimes(action, lengths, heat, over, set));
    else if (action.class === 'bake' && action.settings.length > 0 && lengths.length === 0)
      heat.medium = 'oven';
    if (action.class !== null) heat.last = action.class;
    sentence.push(action);
  });
  const fries = actions.find(({ class: kind }) => kind === 'fry');
  // How hot the fat is is told, and how long by the look alone.
  if (fries && heat.oil !== null && !stages.some((one) => one.medium === 'fried'))
    stages.push(stageOf('fried', null, fries, heat));
  return joined(announced(underALid(stages, actions), actions));
}

/** A pudding in its basin stands over water for so long at least, minutes. */
const OVER_WATER = /\b(?:over|in) (?:barely |gently )?(?:simmering|boiling) water\b|\blid on\b/i;
const LONG_STEAM = 30;
/** What is tied in a cloth lies in the water. */
const IN_A_CLOTH =
  /\b(?:cloth|muslin)\b[^.]{0,60}\b(?:tie|wring|dredge|scald)|\b(?:tie|wring|dredge|scald)\b[^.]{0,60}\b(?:cloth|muslin)\b/i;
