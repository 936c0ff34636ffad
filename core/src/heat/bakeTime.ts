import type { Catalogue } from '../catalogue';
import type { Profile } from '../family';
import { massOf, type FormulaLine } from '../formula';
import type { OvenSetting, PanSize } from '../kitchen';
import type { Range, Steps } from '../quantity';
import { range } from '../quantity';
import type { BakeFacts } from '../read';
import { bakeBatter, DOUBT_FREE, ROOM_CELSIUS, windowOf } from './batter';
import { crownOf, panArea, reachOf } from './pan';
import { OVEN } from './data/oven';
import type { SectionResult } from './section';

export interface BakeQuestion {
  readonly original: readonly FormulaLine[];
  readonly converted: readonly FormulaLine[];
  readonly profile: Profile;
  readonly facts: BakeFacts | null;
  /** The tin and the oven of the converted bake; null: the recipe's own. */
  readonly pan: PanSize | null;
  readonly oven: OvenSetting | null;
  /** The lines are those of all parts, which are baked as one: a pastry with its filling. */
  readonly filled: boolean;
  /** Heat through the wall of the tin chosen, W/(m²·K); the recipe's own is of metal. */
  readonly wall: number;
  readonly ovenOffsetCelsius: number;
  /** Height above the sea, m: water boils sooner up there. The recipe's own time is of the sea. */
  readonly altitudeMetres: number;
  /** How many of the recipe's own batches are made. Without another tin they fill as many more of the recipe's. */
  readonly batches: number;
  /** Keep what the section of the converted bake looks like, minute by minute. */
  readonly framed?: boolean;
}

export interface BakeAnswer {
  /** Null where it sees no oven. */
  readonly ovenCelsius: number | null;
  readonly fan: boolean;
  readonly pan: PanSize | null;
  readonly depthCm: number;
  /** Null when the simulation finds it never done in four hours. */
  readonly minutes: Range | null;
  readonly firstCheck: number | null;
  readonly centre: SectionResult['centre'];
  readonly crust: SectionResult['crust'];
  /** Empty unless they were asked for. */
  readonly frames: SectionResult['frames'];
  readonly doneBy: SectionResult['doneBy'];
  /** True / simulated for the wheat recipe; null when the recipe states no time. */
  readonly anchor: number | null;
}

/** Doubt of an anchored prediction, share of the time. */
const DOUBT_ANCHORED = 0.08;
/** A stated time further from the simulation than this is doubted itself, and anchors no more than this. */
const ANCHOR_RANGE: readonly [number, number] = [0.5, 2];
const MIN_DEPTH = 0.4;
const MAX_DEPTH = 12;

function depthOf(
  lines: readonly FormulaLine[],
  { profile: { density, usualDepthCm, filledDepthCm }, filled }: BakeQuestion,
  pan: PanSize | null,
): number {
  if (!pan || pan.shape === 'tray') return filled ? (filledDepthCm ?? usualDepthCm) : usualDepthCm;
  return Math.min(MAX_DEPTH, Math.max(MIN_DEPTH, massOf(lines) / density / panArea(pan)));
}

interface Place {
  readonly wall: number;
  readonly pan: PanSize | null;
  readonly oven: OvenSetting;
  readonly altitudeMetres: number;
}

function simulate(
  lines: readonly FormulaLine[],
  { pan, oven, wall, altitudeMetres }: Place,
  question: BakeQuestion,
  catalogue: Catalogue,
): Steps<SectionResult> {
  const { profile, ovenOffsetCelsius, framed = false } = question;
  const depthCm = depthOf(lines, question, pan) * (pan ? crownOf(pan) : 1);
  // Pieces on a tray are slabs.
  const reach = pan && pan.shape !== 'tray' ? reachOf(pan) : null;
  const trueOven = { ...oven, celsius: oven.celsius + ovenOffsetCelsius };
  const startCelsius = ROOM_CELSIUS;
  const setting = { depthCm, reach, wall, oven: trueOven, startCelsius, altitudeMetres, framed };
  return bakeBatter(lines, profile, setting, catalogue);
}

/**
 * The bake time of the converted batter: the wheat recipe is baked in its own tin and oven, and its stated time gives
 * true/simulated; the converted time is that ratio times the simulated one in the tin and oven chosen. Without a stated time
 * the simulation stands alone, in more doubt.
 */
function* predictBake(question: BakeQuestion, catalogue: Catalogue): Steps<BakeAnswer> {
  const { original, converted, profile, facts } = question;
  const theirs: Place = {
    pan: facts?.pan ?? null,
    wall: OVEN.wall,
    oven: { celsius: facts?.ovenCelsius ?? profile.usualOven, fan: facts?.fan ?? false },
    altitudeMetres: 0,
  };
  const more = theirs.pan && { ...theirs.pan, count: theirs.pan.count * question.batches };
  const place: Place = {
    pan: question.pan ?? more,
    wall: question.wall,
    oven: question.oven ?? theirs.oven,
    altitudeMetres: question.altitudeMetres,
  };
  const stated = facts?.minutes ? (facts.minutes.low + facts.minutes.high) / 2 : null;
  const wheat = stated === null ? null : yield* simulate(original, theirs, question, catalogue);
  const ours = yield* simulate(converted, place, question, catalogue);
  const ratio = stated !== null && wheat?.minutes ? stated / wheat.minutes : null;
  // Where the recipe names no tin the depth is a guess, and the stated time is the better witness of it.
  const known = theirs.pan !== null && theirs.pan.shape !== 'tray';
  const anchor =
    ratio !== null && known ? Math.min(ANCHOR_RANGE[1], Math.max(ANCHOR_RANGE[0], ratio)) : ratio;
  const central = ours.minutes === null ? null : ours.minutes * (anchor ?? 1);
  const stretched = (curve: SectionResult['centre']) =>
    curve.map(([minute, celsius]) => [minute * (anchor ?? 1), celsius] as const);
  const spread = facts?.minutes && stated ? (facts.minutes.high - facts.minutes.low) / 2 / stated : 0;
  const doubt = Math.hypot(anchor === null ? DOUBT_FREE : DOUBT_ANCHORED, spread);
  return {
    ovenCelsius: place.oven.celsius,
    fan: place.oven.fan,
    pan: place.pan,
    depthCm: depthOf(converted, question, place.pan),
    ...windowOf(central, doubt),
    centre: stretched(ours.centre),
    crust: stretched(ours.crust),
    frames: ours.frames.map((frame) => ({ ...frame, minute: frame.minute * (anchor ?? 1) })),
    doneBy: ours.doneBy,
    anchor: ratio,
  };
}

/** A bake that sees no oven keeps the recipe's own time; what is simulated here is an oven. */
function statedBake(question: BakeQuestion): BakeAnswer {
  const { converted, facts, pan } = question;
  const place = pan ?? facts?.pan ?? null;
  const minutes = facts?.minutes
    ? range((facts.minutes.low + facts.minutes.high) / 2, facts.minutes.low, facts.minutes.high)
    : null;
  return {
    ovenCelsius: null,
    fan: false,
    pan: place,
    depthCm: depthOf(converted, question, place),
    minutes,
    firstCheck: minutes === null ? null : minutes.low,
    centre: [],
    crust: [],
    frames: [],
    doneBy: null,
    anchor: null,
  };
}

/** How long it is baked: simulated in an oven, where it sees one, else as the recipe says. */
export function* bakeOf(question: BakeQuestion, catalogue: Catalogue): Steps<BakeAnswer> {
  const oven = question.profile.cooked === 'oven' || question.oven || question.facts?.ovenCelsius;
  return oven ? yield* predictBake(question, catalogue) : statedBake(question);
}
