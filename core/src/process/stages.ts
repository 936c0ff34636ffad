import type { Duration, Setting } from '../read';
import { OFF, remember, turnsOff, type Heat } from './heatNow';
import { EACH_SIDE, GRILL } from './data/mediumWords';
import { mediumFor } from './mediumOfTime';
import { announced, joined, underALid, type ToldStage } from './toldStages';
import type { Told } from './told';
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
  /(?:\b(?:look|peek|check|touch|disturb)(?: (?:at )?it| in| inside)? (?:till?|until|before|for(?: the first)?)\s+)$|(?:\b(?:after|every|each|the last|last|the first|first|final|within|when it (?:has|['’]s) been in the oven(?: for)?|up to|than|only|(?<!\bback )in)\s+(?:the\s+|about\s+|a\s+)?)$|\b(?:don['’]?t|do not|never|without) open(?:ing)?\b(?:(?!\b(?:down to|up to|turn|reduce|\d{3})\b)[^.!)])*$/i;
const NO_LENGTH_BEFORE =
  /^\s*(?:apart|before|ahead|earlier|later|in advance|bursts?|-?second bursts?|old|from now)\b|^\s*-?\s*second bursts/i;
/** "Bak de koek in 25 minuten goudbruin": so long, and not within it. */
const BAKED_IN = /\bin (?:ca\. |ongeveer |etwa )?\d[\d\s–-]*minuten$/i;
const TURNED = /\b(?:flip|turn|other side|first side)\b/i;
/** What lies in a pan and is turned. */
const FLIPS = /\bflip/i;
const OR = /^\W*or\b/i;
/** ", or 20 min in a fan oven". */
const OR_IN_ANOTHER = /^\W*or\W*$/i;
const IF = /^\W*(?:but |and )?if\b|\bif (?:they|it|you|the)\b/i;
/** "(1 min 10 at 1000W)": another oven's. */
const OF_OTHER_POWER = /^[^.,;(]{0,6}\b(?:at|in) \d{3,4} ?w(?:atts?)?\b/i;
const MORE = /\b(?:more|another|further|longer|back|return|again)\b/i;

/** What a title alone says of how a thing is done. */
/** Batters that the oven bakes. */
const OF_THE_OVEN = /\bdutch bab(?:y|ies)\b|\bclafoutis?\b|\bfar breton\b|\byorkshire pud|\bpopovers?\b/i;
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
      !(NO_LENGTH_AFTER.test(text.slice(0, from)) && !BAKED_IN.test(text.slice(0, to))) &&
      !NO_LENGTH_BEFORE.test(text.slice(to)),
  );

function minutesOf(lengths: readonly Duration[], text: string, medium: Medium): Minutes | null {
  const [first, second] = lengths;
  if (!first) return null;
  const turned = second !== undefined && TURNED.test(text.slice(first.to, second.from));
  const turns = medium === 'griddle' || medium === 'fried';
  if (turns && turned) return { low: first.low + second.low, high: first.high + second.high };
  const sides = turns && EACH_SIDE.test(text) ? 2 : 1;
  return { low: first.low * sides, high: first.high * sides };
}

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
  const [one, other] = lengths;
  // "160 for an hour and ten, or an hour in your fan at 140": another oven than this.
  const ovens = action.settings.filter(({ of }) => of === 'oven');
  if (one && other && OR_IN_ANOTHER.test(action.text.slice(one.to, other.from))) {
    heat.oven = ovens[0] ?? heat.oven;
    return [stageOf(medium, { low: one.low, high: one.high }, action, heat)];
  }
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

/**
 * Every stretch of heat and cold that the actions tell of, in order. Title and family say how, where nothing else does.
 * `oven`: what it is set to before the first of them.
 */
export function stagesOf(
  actions: readonly Told[],
  title: string,
  family: FamilyId,
  oven?: Setting,
): ToldStage[] {
  const medium =
    mediumOfTitle(title) ?? (family === 'pancake' && !OF_THE_OVEN.test(title) ? 'griddle' : null);
  const heat: Heat = { oven: oven ?? null, oil: null, griddle: null, medium, last: null, since: Infinity };
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
