import type { Catalogue } from '../catalogue';
import type { Steps } from '../quantity';
import { anchorOf } from './anchor';
import { bakeIn, isOnePlace, placesOf } from './bakePlace';
import type { FoundBake, BakeQuestion } from './bakeQuestion';
import { windowOf } from './batter';
import { browningAt } from './browning';
import { coolDown } from './coolDown';
import { coolMinutesIn } from './coolingIn';
import { shownDoubt } from './doubt';
import { bakeSection, type Curve } from './section';
import { starchSets } from './setting';
import { microwaveBake, statedBake } from './unseenBake';
import { tinKind, type PanSize } from '../kitchen';

/**
 * Other flours alone move a time by no more than so much, as a factor: beyond it the simulation hangs on something small, as on a
 * wafer's last water. Common practice.
 */
const MOST_BY_FLOURS = 1.3;
/** And of what is thin by less: it is done by its colour. cm and a factor; common practice. */
const THIN = { depthCm: 1.5, most: 1.1 } as const;

/** What simulated minutes are stretched by, held near the recipe's own time where tin, oven and start are the recipe's too. */
function heldToRecipe(
  minutes: number | null,
  { anchored, stretch }: Pick<FoundBake, 'anchored' | 'stretch'>,
  { facts, profile }: BakeQuestion,
  inItsPlace: boolean,
  depthCm: number,
): number {
  if (anchored !== 'recipe' || !inItsPlace || minutes === null || !facts?.minutes) return stretch;
  const stated = (facts.minutes.low + facts.minutes.high) / 2;
  // A wafer is done by its colour, and as thin as it was.
  const thin = depthCm < THIN.depthCm ? THIN.most : MOST_BY_FLOURS;
  const most = profile.piece === 'spreads' && profile.dryThrough ? 1 : thin;
  const moved = Math.min(most, Math.max(1 / most, (minutes * stretch) / stated));
  return (moved * stated) / minutes;
}

/** What this kitchen has learnt of such a bake in such a tin. */
const learntIn = (pan: PanSize | null, { learnt }: BakeQuestion): FoundBake['learnt'] =>
  learnt.find(({ tin }) => tin === tinKind(pan)) ?? null;

/**
 * The bake time of the converted batter: the wheat recipe is baked in its own tin and oven, and its stated time gives
 * true/simulated; the converted time is that ratio times the simulated one in the tin and oven chosen. A bake of one's own that was
 * timed beats it. Without either the simulation stands alone, in more doubt.
 */
function* predictBake(question: BakeQuestion, catalogue: Catalogue): Steps<FoundBake> {
  const { converted, profile, facts, temper, framed = false } = question;
  const { theirs, ours: place } = placesOf(question);
  const anchor = yield* anchorOf(question, theirs, catalogue);
  const { bake, layer } = bakeIn(converted, place, place.oven.celsius + temper.offset, question, catalogue);
  const ours = yield* bakeSection({ ...bake, framed });
  const held = heldToRecipe(ours.minutes, anchor, question, isOnePlace(theirs, place), layer.depthCm);
  // A bake of one's own that was timed was in this kitchen already.
  const learnt = anchor.anchored === 'bake' ? null : learntIn(place.pan, question);
  const stretch = held * (learnt?.factor ?? 1);
  const central = ours.minutes === null ? null : ours.minutes * stretch;
  const stretched = (curve: Curve) => curve.map(([minute, celsius]) => [minute * stretch, celsius] as const);
  const spread =
    anchor.anchored === 'recipe' && facts?.minutes
      ? (facts.minutes.high - facts.minutes.low) / (facts.minutes.high + facts.minutes.low)
      : 0;
  const window = windowOf(central, Math.hypot(shownDoubt(anchor.anchored, temper.doubt), spread));
  const crust = stretched(ours.crust);
  const coolMinutes = coolMinutesIn(profile, place.pan, layer);
  const cooling = ours.minutes === null ? null : yield* coolDown(bake, ours, coolMinutes);
  return {
    ...anchor,
    stretch,
    learnt,
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
    coolMinutes,
    piece: layer.piece,
    watts: null,
  };
}

/** How long it is baked: by energy in a microwave, simulated in an oven, else as the recipe says. */
export function* bakeOf(question: BakeQuestion, catalogue: Catalogue): Steps<FoundBake> {
  if (question.watts !== null) return microwaveBake(question, question.watts, catalogue);
  const oven = question.profile.cooked === 'oven' || question.oven || question.facts?.ovenCelsius;
  return oven ? yield* predictBake(question, catalogue) : statedBake(question, catalogue);
}
