import { PANS, type PanSize } from '../kitchen';
import { dishIn, saysSize, type Process } from '../process';
import { range, settle } from '../quantity';
import { settled } from './bake';
import type { DocketBake, DocketStage } from './types';

/** A time that moves by less is the author's own. */
const SAME_TIME = 0.07;
/** °C that no dial shows. */
export const SAME_HEAT = 3;

/** The recipe's own time as it is now: its own range, as much longer or shorter as the bake is. Null: as written. */
export function movedTime(
  said: { readonly low: number; readonly high: number } | null,
  { minutes }: Pick<DocketBake, 'minutes'>,
): { readonly low: number; readonly high: number } | null {
  if (!said || !minutes) return null;
  const ratio = minutes.central / ((said.low + said.high) / 2);
  if (Math.abs(ratio - 1) < SAME_TIME) return null;
  const [low, high] = [Math.round(said.low * ratio), Math.round(said.high * ratio)];
  return low === said.low && high === said.high ? null : { low, high };
}

/** Looked at no later than the step says that it may be done. */
function timeOf(said: { readonly low: number; readonly high: number } | null, bake: DocketBake) {
  const told = movedTime(said, bake) ?? said;
  if (!told) return { minutes: bake.minutes, firstCheck: bake.firstCheck };
  const first = bake.firstCheck ?? told.low;
  return {
    minutes: range(settle((told.low + told.high) / 2), settle(told.low), settle(told.high)),
    firstCheck: settled(Math.min(first, told.low)),
  };
}

/** A tin as one of its name usually is: nobody need have said so. */
const isUsual = ({ shape, lengthCm, widthCm }: PanSize): boolean =>
  PANS.rows[shape].lengthCm === lengthCm && PANS.rows[shape].widthCm === widthCm;

const BASIN = /\bbasin\b/i;
/** "A buttered tin": nobody said that it is round. */
function plainVessel({ shape, words, ...size }: PanSize & { readonly words: string }): string | null {
  if (BASIN.test(words)) return 'pudding basin';
  const said =
    shape !== 'round' ||
    saysSize(words) ||
    PANS.rows[shape].words.test(words) ||
    !isUsual({ shape, ...size });
  return said ? null : (/\b(?:tin|pan|dish)\b/i.exec(words)?.[0].toLowerCase() ?? null);
}

const TEACUPS = /\btea ?cups\b(?! of)/i;
/** "A 12-hole madeleine tray": of the size of a muffin's cups, and called otherwise. */
const CUPS_OF = /\b(madeleine|doughnut|donut|friand|financier|popover|cannel[ée])\b/iu;
function cupsIn({ shape, words }: PanSize & { readonly words: string }): string | null {
  if (TEACUPS.test(words)) return 'teacups';
  const [, of] = CUPS_OF.exec(words) ?? [];
  return of !== undefined && shape.startsWith('muffin') ? `${of.toLowerCase()} moulds` : null;
}

/** The dish that an author speaks of by its own name. */
function vesselOf(pan: Process['stages'][number]['pan']): Pick<DocketStage, 'vessel'> {
  const vessel = pan === null ? null : (dishIn(pan.words) ?? cupsIn(pan) ?? plainVessel(pan));
  return vessel === null ? {} : { vessel };
}

/** A stage as its recipe has it; `turned`: what an oven that it names is set to now. */
function asWritten(
  { medium, ovenCelsius, oilCelsius, fan, minutes, what, mixture, pan }: Process['stages'][number],
  mixtures: Process['mixtures'],
  turned: (celsius: number | null) => number | null,
): DocketStage {
  return {
    medium,
    ovenCelsius: medium === 'oven' ? settled(turned(ovenCelsius)) : ovenCelsius,
    oilCelsius,
    fan,
    minutes:
      minutes && range(settle((minutes.low + minutes.high) / 2), settle(minutes.low), settle(minutes.high)),
    firstCheck: minutes && settle(minutes.low),
    what,
    mixture: mixtures.find(({ id }) => id === mixture)?.name ?? null,
    pan: pan && { shape: pan.shape, lengthCm: pan.lengthCm, widthCm: pan.widthCm, count: pan.count },
    sized: pan !== null && (saysSize(pan.words) || !isUsual(pan)),
    ...vesselOf(pan),
  };
}

/** The docket's own bake, where the recipe's method names none. */
const ownBake = (bake: DocketBake, mixtures: Process['mixtures']): DocketStage => ({
  medium: bake.watts === null ? 'oven' : 'microwave',
  ovenCelsius: settled(bake.ovenCelsius),
  oilCelsius: null,
  fan: bake.fan,
  minutes: bake.minutes,
  firstCheck: bake.firstCheck,
  what: 'bake',
  mixture: mixtures.find(({ family }) => family.because === 'main')?.name ?? null,
  pan: bake.pan,
  sized: bake.pan !== null,
});

/**
 * What the docket goes through of heat and cold, in order, as its steps say it: the stage that the bake is known by with the docket's
 * oven, time and tin, every other as the recipe has it. A recipe whose method names none has the docket's bake alone.
 */
export function docketStages(
  { stages, main, mixtures, bake: facts }: Process,
  bake: DocketBake,
): DocketStage[] {
  const stated = facts?.ovenCelsius ?? null;
  /** The same oven told elsewhere is turned with it. */
  const turned = (celsius: number | null) =>
    celsius !== null && stated !== null && bake.ovenCelsius !== null && Math.abs(celsius - stated) < SAME_HEAT
      ? bake.ovenCelsius
      : celsius;
  const written = stages.map((one) => asWritten(one, mixtures, turned));
  const unseen = bake.ovenCelsius === null && bake.watts === null;
  if (main === null) return unseen || !bake.minutes ? written : [...written, ownBake(bake, mixtures)];
  const known = stages[main]!;
  const pan = bake.pan ?? known.pan;
  // A tin that somebody chose has the size that they gave.
  const own =
    known.pan && bake.pan && known.pan.shape === bake.pan.shape && known.pan.lengthCm === bake.pan.lengthCm;
  const sized = own ? saysSize(known.pan.words) || !isUsual(known.pan) : pan !== null;
  // A time that a page gives for its microwave stays: its step says it.
  const ownTime = bake.watts === null || (known.medium === 'microwave' && known.minutes !== null);
  const now: DocketStage =
    bake.watts !== null || known.medium !== 'oven'
      ? { ...written[main]!, ...(ownTime ? {} : ownBake(bake, mixtures)), pan, sized }
      : {
          ...written[main]!,
          ovenCelsius: settled(bake.ovenCelsius),
          fan: bake.fan,
          ...timeOf(known.minutes, bake),
          pan,
          sized,
        };
  return written.map((one, at) => (at === main ? now : one));
}
