import type { Setting } from '../read';
import type { ActionClass } from './data/verbs';
import type { Told } from './told';
import type { Medium } from './types';

/** What one thing goes through may be told in bits; what heats it at the moment. */
export interface Heat {
  oven: Setting | null;
  oil: Setting | null;
  griddle: Setting | null;
  medium: Medium | null;
  /** The last deed that has times of its own, or puts something where it is heated. */
  last: ActionClass | null;
  /** How many clauses ago the oven was set. */
  since: number;
}

/** It goes on without heat. */
export const OFF = /\b(?:switched[- ]off|turned[- ]off|turn(?: it| the oven)? off|oven off)\b/i;
/** What is warmed for something else. */
export const MELTS = /\b(?:melt|warm|soften|bursts?|jam|marmalade|butter|syrup|caramel|gel)\b/i;

/** "Fill a pan with oil. Heat to 180C." */
const OF_FAT = /\b(?:oil|fat|fryer|lard)\b/i;
const HEATS_IT = /^\W*(?:and |then )?(?:heat|bring|warm)(?: it)?(?: up)? to\b/i;
const heatsFat = (action: Told, before: Told | undefined): boolean =>
  before !== undefined &&
  before.step === action.step &&
  OF_FAT.test(before.text) &&
  HEATS_IT.test(action.text);

/** °C. */
const WARM = 110;
/** "Oven at 95 °C" beside a griddle: what is done waits in it. */
const keepsWarm = ({ of, celsius }: Setting, { medium }: Heat): boolean =>
  of === 'oven' && medium === 'griddle' && celsius <= WARM;

/** What an action changes of it. `before`: the action before. */
export function remember(action: Told, heat: Heat, before: Told | undefined): void {
  if (heatsFat(action, before)) {
    heat.oil = action.settings[0] ?? heat.oil;
    heat.medium = 'fried';
    return;
  }
  const settings = action.settings.filter((one) => !keepsWarm(one, heat));
  for (const one of settings) {
    const plate = action.class === 'griddle' && !/\boven\b/i.test(action.text);
    if (one.of === 'oven' && plate) heat.griddle = one;
    if (one.of === 'oven' && action.class !== 'fry' && !plate) heat.oven = one;
    if (one.of === 'fat' || (one.of === 'oven' && action.class === 'fry')) heat.oil = one;
  }
  if (action.settings.some(({ of }) => of === 'oven') && action.class !== 'set-oven') heat.since = 0;
  if (settings.some(({ of }) => of === 'oven'))
    heat.medium =
      action.class === 'fry' ? 'fried' : action.class === 'griddle' && !heat.oven ? 'griddle' : 'oven';
  if (action.settings.some(({ of }) => of === 'fat') || action.class === 'set-fat') heat.medium = 'fried';
  if (action.class === 'griddle' && !heat.oven && !IN_A_SAUCE.test(action.text)) heat.medium = 'griddle';
  if (action.class === 'steam') heat.medium = 'steamed';
  if (action.class === 'microwave' && !MELTS.test(action.text)) heat.medium = 'microwave';
}
const IN_A_SAUCE = /\b(?:melt|brown|toast|caramel|syrup|sauce|custard|simmer)\b/i;

/** "Turn off, leave in the oven": from here on it only keeps its warmth. */
export const turnsOff = ({ text }: Told, next: Told | undefined): boolean =>
  OFF.test(text) && OF_AN_OVEN.test(next?.first === false ? `${text} ${next.text}` : text);
const OF_AN_OVEN = /\b(?:oven|door)\b/i;
