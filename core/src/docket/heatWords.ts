import type { Profile } from '../family';
import { burstsOf } from '../heat';
import { standsFree, type BakeStart } from '../kitchen';
import type { HotSide, StartBase } from '../vocabulary';
import { sayDial, sayHeat } from './ovenWords';
import { sayMinutes, saySeconds } from './sayMinutes';
import type { Docket, DocketBake } from './types';

/** What is said of a bake that comes to the oven otherwise than from the bowl onto a bare rack; null where it doesn't. */
const ON_WORDS: Readonly<Record<StartBase, string | null>> = {
  rack: null,
  tray: 'stands on a tray, which is cold at first',
  'hot-tray': 'goes on a tray that is still hot',
  'hot-skillet': 'goes into a skillet that was heated empty in the oven (the handle burns)',
};

export function startWords({ from, on, shared }: BakeStart, celsius: number): string | null {
  const words = [
    ...(from === 'room' && Math.round(celsius) >= 20 ? [] : [`goes in at ${sayHeat(celsius)}`]),
    ...(ON_WORDS[on] === null ? [] : [ON_WORDS[on]]),
    ...(shared ? ['shares the oven with another dish'] : []),
  ];
  return words.length === 0 ? null : `It ${words.join(', ')}.`;
}

function microwaveWords({ minutes, watts, doneSigns }: DocketBake): string {
  const { first, each, about } = burstsOf(60 * minutes!.central);
  return `Here: in the microwave at ${watts} W, ${saySeconds(first)}, then bursts of ${saySeconds(each)} with a look between, about ${about} of them. Done: ${doneSigns}. Never metal, and let it stand before it is eaten.`;
}

/** What its top is like, where the end of the window needs a word. */
const BROWN_WORDS = {
  pale: 'Its top stays pale',
  golden: 'Its top is golden then',
  deep: 'Its top is deep brown then',
  'too dark': 'Its top is likely to be too dark by then: lay foil over it at the first look',
} as const;

function brownWords({ browning }: DocketBake): string {
  if (!browning) return '';
  const late = browning.late === 'too dark' && browning.done !== 'too dark' ? '; left longer, cover it' : '';
  return ` ${BROWN_WORDS[browning.done]}${late}.`;
}

/** What to do about an oven that browns unevenly. */
const SIDE_WORDS: Readonly<Record<HotSide, string>> = {
  none: '',
  left: ' Turn it half way: this oven is hotter on the left.',
  right: ' Turn it half way: this oven is hotter on the right.',
  back: ' Turn it half way: this oven is hotter at the back.',
  front: ' Turn it half way: this oven is hotter in front.',
  top: ' A rack lower than usual: this oven is hotter at the top.',
  bottom: ' A rack higher than usual: this oven is hotter at the bottom.',
};

/** True where it is baked in several stages: what is said is said of the longest. */
export const ofSeveral = ({ ofStages = 0, ovenCelsius }: DocketBake): boolean =>
  ovenCelsius !== null && ofStages > 1;

/** How long, how hot, how to tell. */
export function bakeWords(bake: DocketBake): string {
  const { minutes, firstCheck, ovenCelsius, doneSigns } = bake;
  if (bake.watts !== null && minutes) return microwaveWords(bake);
  if (ovenCelsius === null) return `As long as written, and by its look. Done: ${doneSigns}.`;
  if (!minutes || firstCheck === null)
    return 'This bake is never done in the simulation: check pan and oven.';
  const start = bake.startWords === null ? '' : ` ${bake.startWords}`;
  return `${ofSeveral(bake) ? `Here, for the longest of its ${bake.ofStages} stages in the oven (the others as written)` : 'Here'}: ${sayDial(ovenCelsius, bake.fan)}, about ${Math.round(minutes.central)} minutes (${Math.round(minutes.low)}–${Math.round(minutes.high)}), first look at ${Math.round(firstCheck)}.${start}${SIDE_WORDS[bake.oven?.hotSide ?? 'none']} Done: ${doneSigns}; about ${sayHeat(bake.doneCelsius)} in the middle.${brownWords(bake)}`;
}

/** How long, with its window; seconds in a microwave. */
export function bakeTimeWords(bake: DocketBake): string {
  const { minutes, watts } = bake;
  if (!minutes) return 'no time found';
  if (watts !== null) return `about ${saySeconds(60 * minutes.central)} in bursts`;
  const which = ofSeveral(bake) ? `, the longest of ${bake.ofStages} stages` : '';
  return `about ${Math.round(minutes.central)} minutes (${Math.round(minutes.low)}–${Math.round(minutes.high)})${which}`;
}

/** Where and how long it cools. */
export function coolWords(
  { pan, piece, coolMinutes, cooling }: DocketBake,
  { texture }: Pick<Profile, 'texture'>,
): string {
  const place = (pan !== null && standsFree(pan)) || texture === 'dough' ? 'on the tray' : 'in the tin';
  const cold =
    cooling?.cold && cooling.cold > coolMinutes
      ? ` Then a rack: cold through${piece ? '' : ', and fit to cut,'} about ${sayMinutes(cooling.cold)} after the oven.`
      : '';
  return `Leave it ${place} for ${coolMinutes} minutes: without gluten it is tender until it has cooled.${cold}`;
}

/** What the cold does for a portion of dough, where it is rested in it. */
export function coldWords({ chilled, frozen }: Docket['rest']): string {
  if (chilled === null) return '';
  const freezer =
    frozen === null
      ? ''
      : ` Shaped and in a hurry: ${Math.round(frozen)} minutes in the freezer make it firm enough to keep its shape.`;
  return ` A portion is cold through after ${sayMinutes(chilled)}.${freezer}`;
}
