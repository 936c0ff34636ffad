import type { Catalogue } from '../catalogue';
import type { Profile } from '../family';
import { type FormulaLine } from '../formula';
import { USUAL_START, type BakeStart, type OvenSetting, type PanSize } from '../kitchen';
import type { Range, Steps } from '../quantity';
import { range } from '../quantity';
import type { BakeFacts } from '../read';
import type { TinMade } from '../vocabulary';
import { sectionOf, windowOf, type BatterBake } from './batter';
import { browningAt, type Browning } from './browning';
import { coolDown, type CoolDown } from './coolDown';
import { doubtOf, type Anchored } from './doubt';
import { layerOf, type Layer } from './layer';
import { microwaved, USUAL_WATTS } from './microwave';
import type { OvenTemper } from './oven';
import { bakeSection, type SectionResult } from './section';
import { starchSets } from './setting';
import { baseOf, mixedWithFrozen, startCelsius } from './start';

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
  /** Another stuff than the tin is made of; null: its own. */
  readonly made: TinMade | null;
  /** How the household's oven runs beside its dial. */
  readonly temper: OvenTemper;
  /** Height above the sea, m: water boils sooner up there. The recipe's own time is of the sea. */
  readonly altitudeMetres: number;
  /** How many of the recipe's own batches are made. Without another tin they fill as many more of the recipe's. */
  readonly batches: number;
  /** Pieces that a batch of the recipe makes, as it says; null where it says nothing. */
  readonly pieces: number | null;
  readonly start: BakeStart;
  /** Lines that go in frozen: berries. */
  readonly frozen: ReadonlySet<string>;
  /** True over simulated minutes of a bake of one's own; null: the recipe's time counts. */
  readonly timed: number | null;
  /** W, where it is cooked in a microwave; null: it isn't. */
  readonly watts: number | null;
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
  readonly doneCelsius: number;
  readonly centre: SectionResult['centre'];
  readonly crust: SectionResult['crust'];
  readonly edge: SectionResult['edge'];
  /** Empty unless they were asked for. */
  readonly frames: SectionResult['frames'];
  readonly doneBy: SectionResult['doneBy'];
  /** True / simulated for the wheat recipe; null when the recipe states no time. */
  readonly anchor: number | null;
  readonly anchored: Anchored;
  /** By what the simulated minutes were stretched. */
  readonly stretch: number;
  /** °C as it came to the oven. */
  readonly startCelsius: number;
  /** °C at which its starch has set; null without flour. */
  readonly setCelsius: number | null;
  /** How brown its top is when it is done, and at the end of its window; null where it sees no oven. */
  readonly browning: { readonly done: Browning; readonly late: Browning } | null;
  readonly cooling: CoolDown | null;
  readonly piece: Layer['piece'];
  /** In a microwave. */
  readonly watts: number | null;
}

/** A stated time further from the simulation than this is doubted itself, and anchors no more than this. */
const ANCHOR_RANGE: readonly [number, number] = [0.5, 2];
const MIN_DEPTH = 0.4;
const MAX_DEPTH = 12;
/** A microwave's field is uneven, and its power is a guess until it was tested. Share of the time. */
const MICROWAVE_DOUBT = 0.25;

interface Place {
  readonly pan: PanSize | null;
  readonly pieces: number | null;
  readonly oven: OvenSetting;
  readonly start: BakeStart;
  readonly altitudeMetres: number;
}

/** °C of the batter as it goes in, with what is frozen in it. */
function startOf(
  lines: readonly FormulaLine[],
  { from }: BakeStart,
  { frozen }: BakeQuestion,
  catalogue: Catalogue,
): number {
  const own = startCelsius(from);
  const cold = lines.filter(({ line }) => frozen.has(line));
  return mixedWithFrozen(
    lines.filter(({ line }) => !frozen.has(line)),
    cold,
    own,
    catalogue,
  );
}

function layIn(
  lines: readonly FormulaLine[],
  place: Place,
  question: BakeQuestion,
  catalogue: Catalogue,
): Layer {
  const { profile, filled } = question;
  const ask = {
    lines,
    profile,
    pan: place.pan,
    filled,
    pieces: place.pieces,
    startCelsius: startCelsius(place.start.from),
    ovenCelsius: place.oven.celsius,
  };
  const layer = layerOf(ask, catalogue);
  return { ...layer, depthCm: Math.min(MAX_DEPTH, Math.max(MIN_DEPTH, layer.depthCm)) };
}

/** What the solver is asked of some lines in some place; `truly`: the oven as it is. */
function bakeIn(
  lines: readonly FormulaLine[],
  place: Place,
  truly: number,
  question: BakeQuestion,
  catalogue: Catalogue,
): BatterBake {
  const { start, altitudeMetres } = place;
  const setting = {
    layer: layIn(lines, place, question, catalogue),
    oven: { ...place.oven, celsius: truly },
    startCelsius: startOf(lines, start, question, catalogue),
    base: baseOf(start, truly),
    shared: start.shared,
    altitudeMetres,
  };
  return sectionOf(lines, question.profile, setting, catalogue);
}

/** The recipe's own place, and the one asked for. */
function placesOf(question: BakeQuestion): { readonly theirs: Place; readonly ours: Place } {
  const { facts, profile, batches, pieces, start, altitudeMetres, made } = question;
  const theirs: Place = {
    pan: facts?.pan ?? null,
    pieces,
    oven: { celsius: facts?.ovenCelsius ?? profile.usualOven, fan: facts?.fan ?? false },
    start: USUAL_START,
    altitudeMetres: 0,
  };
  const more = theirs.pan && { ...theirs.pan, count: theirs.pan.count * batches };
  const pan = question.pan ?? more;
  return {
    theirs,
    ours: {
      pan: pan && made ? { ...pan, made } : pan,
      pieces: pieces === null ? null : pieces * batches,
      oven: question.oven ?? theirs.oven,
      start,
      altitudeMetres,
    },
  };
}

/** What sets the simulated minutes right. */
function* anchorOf(
  question: BakeQuestion,
  theirs: Place,
  catalogue: Catalogue,
): Steps<Pick<BakeAnswer, 'anchor' | 'anchored' | 'stretch'>> {
  const { facts, timed } = question;
  const stated = facts?.minutes ? (facts.minutes.low + facts.minutes.high) / 2 : null;
  const wheat =
    stated === null
      ? null
      : yield* bakeSection(bakeIn(question.original, theirs, theirs.oven.celsius, question, catalogue));
  const anchor = stated !== null && wheat?.minutes ? stated / wheat.minutes : null;
  const clamped = (ratio: number) => Math.min(ANCHOR_RANGE[1], Math.max(ANCHOR_RANGE[0], ratio));
  if (timed !== null) return { anchor, anchored: 'bake', stretch: clamped(timed) };
  if (anchor === null) return { anchor, anchored: 'nothing', stretch: 1 };
  // Where the recipe names no tin the depth is a guess, and the stated time is the better witness of it.
  const known = theirs.pan !== null && theirs.pan.shape !== 'tray';
  return { anchor, anchored: 'recipe', stretch: known ? clamped(anchor) : anchor };
}

/**
 * The bake time of the converted batter: the wheat recipe is baked in its own tin and oven, and its stated time gives
 * true/simulated; the converted time is that ratio times the simulated one in the tin and oven chosen. A bake of one's own that was
 * timed beats it. Without either the simulation stands alone, in more doubt.
 */
function* predictBake(question: BakeQuestion, catalogue: Catalogue): Steps<BakeAnswer> {
  const { converted, profile, facts, temper, framed = false } = question;
  const { theirs, ours: place } = placesOf(question);
  const anchor = yield* anchorOf(question, theirs, catalogue);
  const { stretch } = anchor;
  const bake = bakeIn(converted, place, place.oven.celsius + temper.offset, question, catalogue);
  const ours = yield* bakeSection({ ...bake, framed });
  const central = ours.minutes === null ? null : ours.minutes * stretch;
  const stretched = (curve: SectionResult['centre']) =>
    curve.map(([minute, celsius]) => [minute * stretch, celsius] as const);
  const spread =
    anchor.anchored === 'recipe' && facts?.minutes
      ? (facts.minutes.high - facts.minutes.low) / (facts.minutes.high + facts.minutes.low)
      : 0;
  const window = windowOf(central, Math.hypot(doubtOf(anchor.anchored, temper.doubt), spread));
  const layer = layIn(converted, place, question, catalogue);
  const crust = stretched(ours.crust);
  const cooling = ours.minutes === null ? null : yield* coolDown(bake, ours, profile.coolMinutes);
  return {
    ...anchor,
    ...window,
    ovenCelsius: place.oven.celsius,
    fan: place.oven.fan,
    pan: place.pan,
    depthCm: layer.depthCm,
    doneCelsius: bake.doneCelsius,
    centre: stretched(ours.centre),
    crust,
    edge: stretched(ours.edge),
    frames: ours.frames.map((frame) => ({ ...frame, minute: frame.minute * stretch })),
    doneBy: ours.doneBy,
    startCelsius: bake.startCelsius,
    setCelsius: starchSets(converted, catalogue),
    browning: window.minutes && {
      done: browningAt(crust, window.minutes.central, converted),
      late: browningAt(crust, window.minutes.high, converted),
    },
    cooling,
    piece: layer.piece,
    watts: null,
  };
}

/** A bake that sees no oven. */
function unseen(question: BakeQuestion, catalogue: Catalogue): BakeAnswer {
  const { theirs, ours } = placesOf(question);
  const place = { ...ours, pan: question.pan ?? theirs.pan };
  const { depthCm, piece } = layIn(question.converted, place, question, catalogue);
  return {
    ovenCelsius: null,
    fan: false,
    pan: place.pan,
    depthCm,
    minutes: null,
    firstCheck: null,
    doneCelsius: question.profile.doneCelsius,
    centre: [],
    crust: [],
    edge: [],
    frames: [],
    doneBy: null,
    anchor: null,
    anchored: 'nothing',
    stretch: 1,
    startCelsius: startOf(question.converted, question.start, question, catalogue),
    setCelsius: starchSets(question.converted, catalogue),
    browning: null,
    cooling: null,
    piece,
    watts: null,
  };
}

/** On a griddle, in fat, in steam: the recipe's own time. */
function statedBake(question: BakeQuestion, catalogue: Catalogue): BakeAnswer {
  const { facts } = question;
  const minutes = facts?.minutes
    ? range((facts.minutes.low + facts.minutes.high) / 2, facts.minutes.low, facts.minutes.high)
    : null;
  return { ...unseen(question, catalogue), minutes, firstCheck: minutes === null ? null : minutes.low };
}

/** In a microwave: an energy balance. A recipe of the microwave anchors it, as one of a usual power. */
function microwaveBake(question: BakeQuestion, watts: number, catalogue: Catalogue): BakeAnswer {
  const { original, converted, profile, facts, timed } = question;
  const bare = unseen(question, catalogue);
  const minutes = (lines: readonly FormulaLine[], power: number) =>
    microwaved(lines, profile, bare.startCelsius, power, catalogue) / 60;
  const theirs =
    facts?.minutes && facts.ovenCelsius === null ? (facts.minutes.low + facts.minutes.high) / 2 : null;
  const anchor = theirs === null ? null : theirs / minutes(original, USUAL_WATTS);
  const stretch = Math.min(ANCHOR_RANGE[1], Math.max(ANCHOR_RANGE[0], timed ?? anchor ?? 1));
  const anchored: Anchored = timed !== null ? 'bake' : anchor !== null ? 'recipe' : 'nothing';
  return {
    ...bare,
    ...windowOf(minutes(converted, watts) * stretch, MICROWAVE_DOUBT),
    anchor,
    anchored,
    stretch,
    watts,
  };
}

/** How long it is baked: by energy in a microwave, simulated in an oven, else as the recipe says. */
export function* bakeOf(question: BakeQuestion, catalogue: Catalogue): Steps<BakeAnswer> {
  if (question.watts !== null) return microwaveBake(question, question.watts, catalogue);
  const oven = question.profile.cooked === 'oven' || question.oven || question.facts?.ovenCelsius;
  return oven ? yield* predictBake(question, catalogue) : statedBake(question, catalogue);
}
