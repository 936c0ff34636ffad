import { burstsOf } from '../heat';
import type { BakeStart } from '../kitchen';
import type { HotSide, StartBase } from '../vocabulary';
import { sayHeat, type MeasureSystem } from './system';
import { saySeconds } from './sayMinutes';
import type { DocketBake } from './types';

/** What is said of a bake that comes to the oven otherwise than from the bowl onto a bare rack; null where it doesn't. */
const ON_WORDS: Readonly<Record<StartBase, string | null>> = {
  rack: null,
  tray: 'stands on a tray, which is cold at first',
  'hot-tray': 'goes on a tray that is still hot',
  'hot-skillet': 'goes into a skillet that was heated empty in the oven (the handle burns)',
};

export function startWords(
  { from, on, shared }: BakeStart,
  celsius: number,
  system: MeasureSystem,
): string | null {
  const words = [
    ...(from === 'room' ? [] : [`goes in at ${sayHeat(celsius, system)}`]),
    ...(ON_WORDS[on] === null ? [] : [ON_WORDS[on]]),
    ...(shared ? ['shares the oven with another dish'] : []),
  ];
  return words.length === 0 ? null : `It ${words.join(', ')}.`;
}

/** Bursts, since a microwave gives no second chance. Example: "in the microwave at 800 W for 60 seconds, then …". */
export function microwaveWords({ minutes, watts }: DocketBake): string {
  const { first, each, about } = burstsOf(60 * minutes!.central);
  return `in the microwave at ${watts} W for ${saySeconds(first)}, then about ${about} bursts of ${saySeconds(each)} with a look between; never in metal`;
}

/** What to do about an oven that browns unevenly. */
export const SIDE_WORDS: Readonly<Record<HotSide, string>> = {
  none: '',
  left: 'Turn it half way: this oven is hotter on the left.',
  right: 'Turn it half way: this oven is hotter on the right.',
  back: 'Turn it half way: this oven is hotter at the back.',
  front: 'Turn it half way: this oven is hotter in front.',
  top: 'A rack lower than usual: this oven is hotter at the top.',
  bottom: 'A rack higher than usual: this oven is hotter at the bottom.',
};

/** True where it is baked in several stages: what is said is said of the longest. */
const ofSeveral = ({ ofStages = 0, ovenCelsius }: DocketBake): boolean =>
  ovenCelsius !== null && ofStages > 1;

/** How long, with its window; seconds in a microwave. */
export function bakeTimeWords(bake: DocketBake): string {
  const { minutes, watts } = bake;
  if (!minutes) return '';
  if (watts !== null) return `about ${saySeconds(60 * minutes.central)} in bursts`;
  const which = ofSeveral(bake) ? `, the longest of ${bake.ofStages} stages` : '';
  return `about ${Math.round(minutes.central)} minutes (${Math.round(minutes.low)}–${Math.round(minutes.high)})${which}`;
}
