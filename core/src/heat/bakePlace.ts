import { altitudeAt } from '../balance';
import type { Catalogue } from '../catalogue';
import type { FormulaLine } from '../formula';
import { USUAL_START, type BakeStart, type OvenSetting, type PanSize } from '../kitchen';
import type { Pan } from '../read';
import type { BakeQuestion } from './bakeQuestion';
import { sectionOf, type BatterBake } from './batter';
import { layerOf, type Layer } from './layer';
import { baseOf, mixedWithFrozen, startCelsius } from './start';

/** Thinner and deeper than this nothing is baked, cm: a tin of a wrong size would else make a bake of days. */
const MIN_DEPTH = 0.1;
const MAX_DEPTH = 12;

/** A tin in an oven. */
export interface BakePlace {
  readonly pan: PanSize | null;
  readonly pieces: number | null;
  readonly oven: OvenSetting;
  readonly start: BakeStart;
  readonly altitudeMetres: number;
}

/** °C of the batter as it goes in, with what is frozen in it. */
export function startOf(
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

/** How some lines lie there. */
export function layIn(
  lines: readonly FormulaLine[],
  place: BakePlace,
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

/** How some lines lie in some place, and what the solver is asked of them; `truly`: the oven as it is. */
export function bakeIn(
  lines: readonly FormulaLine[],
  place: BakePlace,
  truly: number,
  question: BakeQuestion,
  catalogue: Catalogue,
): { readonly bake: BatterBake; readonly layer: Layer } {
  const { start, altitudeMetres } = place;
  const layer = layIn(lines, place, question, catalogue);
  const setting = {
    layer,
    oven: { ...place.oven, celsius: truly },
    startCelsius: startOf(lines, start, question, catalogue),
    base: baseOf(start, truly),
    shared: start.shared,
    altitudeMetres,
  };
  return { bake: sectionOf(lines, question.profile, setting, catalogue), layer };
}

/** A tin without the words that it was read from. */
const sizeOnly = ({ words: _, ...size }: Pan): PanSize => size;

/** On a mountain the oven is set hotter; what a person has set stays. */
const hotterUp = (oven: OvenSetting, metres: number): OvenSetting => ({
  ...oven,
  celsius: oven.celsius + Math.round(altitudeAt(metres).oven),
});

/** The recipe's own place, and the one asked for. */
export function placesOf(question: BakeQuestion): { readonly theirs: BakePlace; readonly ours: BakePlace } {
  const { facts, profile, batches, pieces, start, altitudeMetres, made } = question;
  const theirs: BakePlace = {
    pan: facts?.pan ? sizeOnly(facts.pan) : null,
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
      oven: question.oven ?? hotterUp(theirs.oven, altitudeMetres),
      start,
      altitudeMetres,
    },
  };
}

/** Whether two are one place for each tin, however many of them stand there. */
export function isOnePlace(one: BakePlace, other: BakePlace): boolean {
  const ofOneTin = ({ pan, ...place }: BakePlace) =>
    JSON.stringify({ ...place, pieces: null, pan: pan && { ...pan, count: 1 } });
  return ofOneTin(one) === ofOneTin(other);
}
