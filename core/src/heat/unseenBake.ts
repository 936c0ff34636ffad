import type { Catalogue } from '../catalogue';
import type { FormulaLine } from '../formula';
import { range } from '../quantity';
import { clampedAnchor } from './anchor';
import { layIn, placesOf, startOf } from './bakePlace';
import type { FoundBake, BakeQuestion } from './bakeQuestion';
import { windowOf } from './batter';
import { coolMinutesIn } from './coolingIn';
import { DOUBTS, type Anchored } from './data/doubts';
import { microwaved, USUAL_WATTS } from './microwave';
import { starchSets } from './setting';

/** A bake that sees no oven. */
function unseen(question: BakeQuestion, catalogue: Catalogue): FoundBake {
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
    learnt: null,
    startCelsius: startOf(question.converted, question.start, question, catalogue),
    setCelsius: starchSets(question.converted, catalogue),
    browning: null,
    cooling: null,
    coolMinutes: coolMinutesIn(question.profile, place.pan, { depthCm, piece }),
    piece,
    watts: null,
  };
}

/** On a griddle, in fat, in steam: the recipe's own time. */
export function statedBake(question: BakeQuestion, catalogue: Catalogue): FoundBake {
  const { facts } = question;
  const minutes = facts?.minutes
    ? range((facts.minutes.low + facts.minutes.high) / 2, facts.minutes.low, facts.minutes.high)
    : null;
  return { ...unseen(question, catalogue), minutes, firstCheck: minutes === null ? null : minutes.low };
}

/** In a microwave: an energy balance. A recipe of the microwave anchors it, as one of a usual power. */
export function microwaveBake(question: BakeQuestion, watts: number, catalogue: Catalogue): FoundBake {
  const { original, converted, profile, facts, timed } = question;
  const bare = unseen(question, catalogue);
  const minutes = (lines: readonly FormulaLine[], power: number) =>
    microwaved(lines, profile, bare.startCelsius, power, catalogue) / 60;
  const theirs =
    facts?.minutes && facts.ovenCelsius === null ? (facts.minutes.low + facts.minutes.high) / 2 : null;
  const anchor = theirs === null ? null : theirs / minutes(original, USUAL_WATTS);
  const stretch = clampedAnchor(timed ?? anchor ?? 1);
  const anchored: Anchored = timed !== null ? 'bake' : anchor !== null ? 'recipe' : 'nothing';
  return {
    ...bare,
    ...windowOf(minutes(converted, watts) * stretch, DOUBTS.microwave),
    anchor,
    anchored,
    stretch,
    watts,
  };
}
