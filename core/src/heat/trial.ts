import type { Catalogue } from '../catalogue';
import type { Profile } from '../family';
import { massOf, type FormulaLine } from '../formula';
import { PANS, type OvenSetting, type PanSize } from '../kitchen';
import type { Range, Steps } from '../quantity';
import { bakeBatter, windowOf } from './batter';
import { shownDoubt } from './doubt';
import { overfilled } from './fill';
import type { HeatWarning } from './says';
import { batterMl, layerOf, type Layer } from './layer';
import { microwaved } from './microwave';
import type { SectionResult } from './section';
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
  readonly warnings: readonly HeatWarning[];
}

/** A bake that is none: too deep, too thin, too hot, too cold, or nothing to bake. */
export class HeatRangeError extends Error {
  constructor(why: string) {
    super(why);
    this.name = 'HeatRangeError';
  }
}

/** Doubt of an oven of which nothing is known, K. */
const UNKNOWN_OVEN = 10;
const OVEN_CELSIUS = [60, 300] as const;
const DEPTH_CM = [0.1, 15] as const;

/** How it lies, and among how many it is shared. */
function layIn(
  { lines, profile, count, startCelsius, oven }: TrialQuestion,
  size: Omit<PanSize, 'count'>,
  catalogue: Catalogue,
): { readonly layer: Layer; readonly pan: PanSize } {
  const ml = batterMl(lines, profile);
  const many = count ?? (size.pieceMl ? Math.max(1, Math.round(ml / size.pieceMl)) : usualCount(size, ml));
  const pan = { ...size, count: many };
  // A scoop is a piece, whatever the family is else baked in.
  const scooped: Profile = size.pieceMl && profile.piece === null ? { ...profile, piece: 'stands' } : profile;
  const ask = {
    lines,
    profile: scooped,
    pan,
    filled: false,
    pieces: null,
    startCelsius,
    ovenCelsius: oven.celsius,
  };
  const layer = layerOf(ask, catalogue);
  if (layer.depthCm < DEPTH_CM[0] || layer.depthCm > DEPTH_CM[1])
    throw new HeatRangeError(
      `The batter would stand ${layer.depthCm.toFixed(1)} cm deep in ${many} × ${PANS.rows[size.shape].vessel.name}; from ${DEPTH_CM[0]} to ${DEPTH_CM[1]} cm can be simulated. Choose other tins, or more of them.`,
    );
  return { layer, pan };
}

/** A microwave heats all of it at once: an energy balance, and no section. */
function inMicrowave(question: TrialQuestion, watts: number, catalogue: Catalogue): TrialBake {
  const { lines, profile } = question;
  const seconds = microwaved(lines, profile, question.startCelsius, watts, catalogue);
  const minutes = seconds / 60;
  return {
    ...windowOf(minutes, shownDoubt('nothing', UNKNOWN_OVEN)),
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
    warnings: [{ code: 'no-metal', values: {} }],
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
  const { layer, pan } = layIn(question, vessel.size, catalogue);
  const setting = { layer, oven, startCelsius, altitudeMetres: question.altitudeMetres };
  const found = yield* bakeBatter(lines, profile, setting, catalogue);
  const { depthCm } = layer;
  const { centre, crust, doneBy, lost } = found;
  const over = overfilled(pan, depthCm, profile.rise);
  return {
    ...windowOf(found.minutes, shownDoubt('nothing', UNKNOWN_OVEN)),
    centre,
    crust,
    doneBy,
    count: pan.count,
    depthCm,
    risenCm: depthCm * profile.rise,
    lost,
    warnings: over === null ? [] : [over],
  };
}
