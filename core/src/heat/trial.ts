import type { Catalogue } from '../catalogue';
import type { Profile } from '../family';
import { compositionOf, massOf, type FormulaLine } from '../formula';
import type { OvenSetting } from '../kitchen';
import type { Range, Steps } from '../quantity';
import { bakeBatter, DOUBT_FREE, windowOf } from './batter';
import { overflowWords } from './fill';
import { microwaveSeconds } from './microwave';
import { crownOf, floorOf, reachOf } from './pan';
import type { Reach, SectionResult } from './section';
import { usualCount, type Vessel } from './vessel';

/** Some batter, what it is put in, and the oven: a bake by physics alone, that no stated time corrects. */
export interface TrialQuestion {
  readonly lines: readonly FormulaLine[];
  readonly profile: Profile;
  readonly vessel: Vessel;
  /** Among how many of them the batter is shared; null: as many as usual. */
  readonly count: number | null;
  readonly oven: OvenSetting;
  readonly startCelsius: number;
  readonly altitudeMetres: number;
}

export interface TrialBake {
  /** Null when it is never done in four hours. */
  readonly minutes: Range | null;
  readonly firstCheck: number | null;
  readonly centre: SectionResult['centre'];
  readonly crust: SectionResult['crust'];
  readonly doneBy: SectionResult['doneBy'];
  readonly count: number;
  /** Of the batter before it rises, and when it has risen; null in a microwave. */
  readonly depthCm: number | null;
  readonly risenCm: number | null;
  /** Share of the weight that goes as water. */
  readonly lost: number;
  readonly warnings: readonly string[];
}

/** A bake that is none: too deep, too thin, too hot, too cold, or nothing to bake. */
export class HeatRangeError extends Error {
  constructor(why: string) {
    super(why);
    this.name = 'HeatRangeError';
  }
}

const OVEN_CELSIUS = [60, 300] as const;
const DEPTH_CM = [0.2, 15] as const;
/** A scoop of so many ml bakes as thick as the family's usual piece; a larger one is thicker, by its fourth root. */
const USUAL_SCOOP_ML = 30;

const inMl = (lines: readonly FormulaLine[], { density }: Profile) => massOf(lines) / density;

interface Layer {
  readonly depthCm: number;
  readonly count: number;
  readonly crown: number;
  readonly reach: Reach | null;
  readonly wall: number;
}

function layerOf({ lines, profile, vessel, count }: TrialQuestion): Layer {
  if (vessel.kind === 'microwave') throw new HeatRangeError('A microwave has no layers.');
  const ml = inMl(lines, profile);
  if (vessel.kind === 'scoop')
    return {
      depthCm: profile.usualDepthCm * (vessel.ml / USUAL_SCOOP_ML) ** 0.25,
      count: count ?? Math.max(1, Math.round(ml / vessel.ml)),
      crown: 1,
      reach: null,
      wall: vessel.row.wall,
    };
  const many = count ?? usualCount(vessel, ml);
  const depthCm = ml / many / floorOf(vessel.size);
  if (depthCm < DEPTH_CM[0] || depthCm > DEPTH_CM[1])
    throw new HeatRangeError(
      `The batter would stand ${depthCm.toFixed(1)} cm deep in ${many} × ${vessel.row.name}; from ${DEPTH_CM[0]} to ${DEPTH_CM[1]} cm can be simulated. Choose other tins, or more of them.`,
    );
  const { size, row } = vessel;
  return { depthCm, count: many, crown: crownOf(size), reach: reachOf(size), wall: row.wall };
}

/** A microwave heats all of it at once: an energy balance, and no section. */
function inMicrowave(question: TrialQuestion, watts: number, catalogue: Catalogue): TrialBake {
  const { lines, profile } = question;
  const seconds = microwaveSeconds(
    { grams: massOf(lines), composition: compositionOf(lines, catalogue) },
    { from: question.startCelsius, to: profile.doneCelsius, lost: profile.waterLost },
    watts,
  );
  const minutes = seconds / 60;
  return {
    ...windowOf(minutes, DOUBT_FREE),
    centre: [
      [0, question.startCelsius],
      [minutes, profile.doneCelsius],
    ],
    crust: [],
    doneBy: 'centre',
    count: question.count ?? 1,
    depthCm: null,
    risenCm: null,
    lost: profile.waterLost,
    warnings: ['Never metal in a microwave. In bursts: it goes on cooking as it stands.'],
  };
}

/** Bakes some batter in a vessel. Throws HeatRangeError with what to do instead where it can't be simulated. */
export function* trialBake(question: TrialQuestion, catalogue: Catalogue): Steps<TrialBake> {
  const { lines, profile, vessel, oven, startCelsius } = question;
  if (!(massOf(lines) > 0))
    throw new HeatRangeError('Nothing on this list has a weight, so there is nothing to bake.');
  if (vessel.kind === 'microwave') return inMicrowave(question, vessel.watts, catalogue);
  if (!(oven.celsius >= OVEN_CELSIUS[0] && oven.celsius <= OVEN_CELSIUS[1]))
    throw new HeatRangeError(
      `An oven of ${oven.celsius} °C: from ${OVEN_CELSIUS.join(' to ')} °C can be simulated.`,
    );
  const { depthCm, count, crown, reach, wall } = layerOf(question);
  const setting = { reach, wall, oven, startCelsius, altitudeMetres: question.altitudeMetres };
  const found = yield* bakeBatter(lines, profile, { ...setting, depthCm: depthCm * crown }, catalogue);
  const { centre, crust, doneBy, lost } = found;
  const risenCm = depthCm * profile.rise;
  const over =
    vessel.kind === 'tin' ? overflowWords(risenCm, vessel.row.heightCm, floorOf(vessel.size), count) : null;
  return {
    ...windowOf(found.minutes, DOUBT_FREE),
    centre,
    crust,
    doneBy,
    count,
    depthCm,
    risenCm,
    lost,
    warnings: over === null ? [] : [over],
  };
}
