import { keptValue, type KeptTopic, type Moment } from '../../kitchen';
import { BELIEVED_RATIOS, SAME_OVEN } from '../../log';
import type { SymptomId } from '../../vocabulary';
import { SEEN, STEPS_OF_FIVE } from './data/priors';
import type { Sum } from './belief';
import type { BakeTopic, LoggedBake, OfTime, TastedTopic } from './types';

/** What a bake says of a topic: a sum of quantities, seen to be so much; or why it says nothing. */
export type Lesson = { readonly of: string; readonly sum: Sum; readonly time?: OfTime } &
  /** `doubt`: why somebody is asked before it counts. */
  (
    | { readonly kind: 'seen'; readonly value: number; readonly sd: number; readonly doubt?: string }
    | { readonly kind: 'refused'; readonly why: string }
  );

const UNDER: ReadonlySet<SymptomId> = new Set<SymptomId>([
  'raw',
  'gummy',
  'collapsed',
  'wet-line',
  'soggy-base',
  'pale',
]);
const OVER: ReadonlySet<SymptomId> = new Set<SymptomId>(['dry', 'hard', 'dark', 'bitter']);
const TOO_MUCH: ReadonlySet<SymptomId> = new Set<SymptomId>(['tough', 'gummy']);
const TOO_LITTLE: ReadonlySet<SymptomId> = new Set<SymptomId>(['crumbly', 'falls-apart']);

const saw = ({ notes }: LoggedBake, those: ReadonlySet<SymptomId>): boolean =>
  notes.seen.some(({ symptom }) => those.has(symptom));

/** A figure that the bake was foretold with already, as a logarithm: what it says is on top of that. */
const already = ({ kept }: LoggedBake, topic: KeptTopic, of: string): number =>
  Math.log(keptValue(kept, topic, of, 1));

/** Half a day: a step back by more is midnight. */
const MIDNIGHT = 12 * 60;
const minuteOf = ({ at }: Moment): number => Number(at.slice(0, 2)) * 60 + Number(at.slice(3, 5));

/** What was written down later stands earlier on the clock: it was put back, or another device's went otherwise. */
const clockJumped = ({ notes: { moments } }: LoggedBake): boolean =>
  moments.some((one, at) => {
    const back = at === 0 ? 0 : minuteOf(moments[at - 1]!) - minuteOf(one);
    return back > 0 && back < MIDNIGHT;
  });

/** So many scales that all stand on one end judge nothing. */
const JUDGED = 4;
const ENDS: ReadonlySet<number> = new Set([1, 9]);

/** Why marks are no judgement; undefined: they are one. */
function sameMarks({ notes: { looks } }: LoggedBake): string | undefined {
  const marks = looks.flatMap((look) => Object.values(look.marks));
  return marks.length >= JUDGED && new Set(marks).size === 1 && ENDS.has(marks[0]!)
    ? `every scale stands on ${marks[0]!}: was it judged?`
    : undefined;
}

const NAMELESS = 'the oven';

export const ovenOf = ({ oven }: LoggedBake): string => oven ?? NAMELESS;
/** The household's oven by kind of tin and of bake. */
export const timeOf = (bake: LoggedBake): string => [ovenOf(bake), bake.tin, bake.family].join(' · ');

/** The three that a bake's time hangs on. */
export const timeSum = (bake: OfTime): Sum => {
  const oven = bake.oven ?? NAMELESS;
  return [
    [`time-oven/${oven}`, 1],
    [`time-tin/${oven}/${bake.tin}`, 1],
    [`time-family/${oven}/${bake.family}`, 1],
  ];
};

/** A thermometer that stood so far from the dial, °C, was in another oven than the one foretold for. */
const OFF = 8;
function ovenOff({ notes, foretold }: LoggedBake): boolean {
  const dial = notes.ovenCelsius ?? foretold.ovenCelsius;
  const { trueCelsius } = notes.measured;
  return trueCelsius !== null && dial !== null && Math.abs(trueCelsius - dial) >= OFF;
}

function time(bake: LoggedBake): Lesson | null {
  const { minutes, ovenCelsius } = bake.notes;
  const { minutes: window, ovenCelsius: dial } = bake.foretold;
  if (minutes === null || !window) return null;
  const { oven, tin, family } = bake;
  const about = { of: timeOf(bake), sum: timeSum(bake), time: { oven, tin, family } };
  const refused = (why: string): Lesson => ({ kind: 'refused', ...about, why });
  if (clockJumped(bake)) return refused('the clock jumped while it was baked');
  if (ovenCelsius !== null && dial !== null && Math.abs(ovenCelsius - dial) > SAME_OVEN)
    return refused('the dial stood elsewhere than on the docket');
  if (ovenOff(bake)) return refused('the thermometer stood elsewhere than the dial');
  if (saw(bake, UNDER)) return refused('it wasn’t done when it came out');
  if (saw(bake, OVER)) return refused('it had stayed in too long');
  const ratio = minutes / (window.central / bake.learntFactor);
  if (ratio < BELIEVED_RATIOS[0] || ratio > BELIEVED_RATIOS[1]) return refused('such a time can’t be meant');
  return { kind: 'seen', ...about, value: Math.log(ratio), sd: SEEN.time };
}

function offset(bake: LoggedBake): Lesson | null {
  const { trueCelsius } = bake.notes.measured;
  const dial = bake.notes.ovenCelsius ?? bake.foretold.ovenCelsius;
  if (trueCelsius === null || dial === null) return null;
  const of = ovenOf(bake);
  return { kind: 'seen', of, sum: [[`offset/${of}`, 1]], value: trueCelsius - dial, sd: SEEN.offset };
}

const SPOONFUL = 15;

function thirst(bake: LoggedBake): Lesson | null {
  const { batter } = bake.notes;
  const { thirstGrams, flours } = bake;
  if (thirstGrams === null || thirstGrams <= 0 || flours.length === 0) return null;
  if (batter.mixed === null && batter.rested === null && batter.spoonfuls === null) return null;
  const about = {
    of: flours.map(({ ingredient }) => ingredient).join(' · '),
    sum: flours.map(({ ingredient, share }) => [`thirst/${ingredient}`, share] as const),
  };
  if (batter.rested === null)
    return { kind: 'refused', ...about, why: 'it was judged before its rest: the flours hadn’t drunk' };
  const spoonfuls =
    batter.spoonfuls ?? (batter.rested === 'too thin' ? -1 : batter.rested === 'too thick' ? 1 : 0);
  const more = SPOONFUL * spoonfuls;
  if (thirstGrams + more <= 0.3 * thirstGrams)
    return { kind: 'refused', ...about, why: 'so many spoonfuls can’t be meant' };
  return {
    kind: 'seen',
    ...about,
    value:
      Math.log((thirstGrams + more) / thirstGrams) +
      flours.reduce((sum, { ingredient, share }) => sum + share * already(bake, 'thirst', ingredient), 0),
    sd: SEEN.batterGrams / thirstGrams,
  };
}

/** An oven of its own temper bakes faster or slower; further off a bake was mis-timed. */
const MISTIMED = [0.7, 1.45] as const;
const ILL_DONE: ReadonlySet<SymptomId> = new Set<SymptomId>(['raw', 'dark', 'hard', 'pale']);

/** Other things than the dose were wrong with it. */
function otherwise(bake: LoggedBake): string | null {
  const { notes, foretold } = bake;
  const look = notes.batter.rested ?? notes.batter.mixed;
  if (look !== null && look !== 'right') return 'its liquid was off';
  if (ovenOff(bake)) return 'the oven was off';
  if (notes.minutes !== null && foretold.minutes) {
    const ratio = notes.minutes / foretold.minutes.central;
    if (ratio < MISTIMED[0] || ratio > MISTIMED[1]) return 'it was in for another time than it should be';
  }
  if (saw(bake, ILL_DONE)) return 'it wasn’t done as it should be';
  return notes.cut === 'warm' ? 'it was cut warm' : null;
}

const doubted = (doubt: string | undefined): { readonly doubt?: string } => (doubt ? { doubt } : {});

/** What a slight look, and a clear one, say of the dose, as a logarithm. */
const SLIGHTLY = 0.2;
const CLEARLY = 0.45;

/** How clearly any of some symptoms was seen. */
const howClearly = ({ notes }: LoggedBake, those: ReadonlySet<SymptomId>): number =>
  Math.max(
    0,
    ...notes.seen.map(({ symptom, degree }) => (!those.has(symptom) ? 0 : degree < 1 ? SLIGHTLY : CLEARLY)),
  );

function dose(bake: LoggedBake): Lesson | null {
  if (bake.binder === null || bake.binder <= 0 || bake.notes.looks.length === 0) return null;
  const about = { of: bake.family, sum: [[`dose/${bake.family}`, 1]] as const };
  const why = otherwise(bake);
  if (why !== null) return { kind: 'refused', ...about, why };
  const value =
    howClearly(bake, TOO_LITTLE) - howClearly(bake, TOO_MUCH) + already(bake, 'dose', bake.family);
  return { kind: 'seen', ...about, value, sd: SEEN.dose, ...doubted(sameMarks(bake)) };
}

/** What under or over adds to a probe’s word, °C. */
const SHIFT = 2;

function done(bake: LoggedBake): Lesson | null {
  const { probeCelsius } = bake.notes.measured;
  if (probeCelsius === null || bake.doneCelsius === null || bake.notes.looks.length === 0) return null;
  const of = bake.family;
  const off = probeCelsius - bake.doneCelsius + keptValue(bake.kept, 'done', of, 0);
  const value = off + (saw(bake, UNDER) ? SHIFT : saw(bake, OVER) ? -SHIFT : 0);
  return { kind: 'seen', of, sum: [[`done/${of}`, 1]], value, sd: SEEN.done, ...doubted(sameMarks(bake)) };
}

/** What blind tasters say of one thing: its sugar or liquid is wished the other way, by so much a step of the five. */
const tasted =
  (topic: TastedTopic) =>
  (bake: LoggedBake): Lesson | null => {
    const marks = bake.justRight[topic];
    if (!marks || marks.length === 0) return null;
    const { step, sd } = STEPS_OF_FIVE[topic];
    const off = marks.reduce((sum, mark) => sum + mark - JUST_RIGHT, 0) / marks.length;
    return {
      kind: 'seen',
      of: bake.family,
      sum: [[`${topic}/${bake.family}`, 1]],
      value: already(bake, topic, bake.family) - step * off,
      sd: sd / Math.sqrt(marks.length),
    };
  };
const JUST_RIGHT = 3;

/** What a bake says of each topic; null: nothing that was written down bears on it. */
export const LESSONS: Readonly<Record<BakeTopic, (bake: LoggedBake) => Lesson | null>> = {
  time,
  offset,
  thirst,
  dose,
  done,
  sweetness: tasted('sweetness'),
  moistness: tasted('moistness'),
};
