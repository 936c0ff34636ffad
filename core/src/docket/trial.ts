import { flourGrams } from '../balance';
import { familyOf } from '../family';
import { massOf, type FormulaPart } from '../formula';
import { ovenOf, startCelsius, temperOf, trialBake, type TrialBake, type Vessel } from '../heat';
import type { ConversionRequest, Kitchen } from '../kitchen';
import { toEnd } from '../quantity';
import { readProcess } from '../process';
import type { Recipe } from '../read';
import { workOf, type Work } from './plan';

export interface TrialAsk {
  readonly vessel: Vessel;
  readonly count: number | null;
  /** What the dial says, °C, and the fan; null: as the recipe has it, or as usual for its family. */
  readonly ovenCelsius: number | null;
  readonly fan: boolean | null;
}

/** What goes into the oven: the part with the most flour, the heaviest where there is none; all parts of what is filled before. */
function intoOven({ parts, catalogue }: Work, filled: boolean): FormulaPart[] {
  if (filled) return [...parts];
  const weight = ({ lines }: FormulaPart) => flourGrams(lines, catalogue) * 1e6 + massOf(lines);
  return [...parts].sort((a, b) => weight(b) - weight(a)).slice(0, 1);
}

/**
 * A recipe as it is, baked in some vessel and oven by physics alone: its stated time corrects nothing. Throws HeatRangeError with
 * what to do instead where it can't be simulated.
 */
export function trialOf(
  recipe: Recipe,
  request: ConversionRequest,
  kitchen: Kitchen,
  ask: TrialAsk,
): TrialBake {
  const work = workOf(recipe, request, kitchen);
  const profile = familyOf(work.family);
  const { bake } = readProcess(recipe, kitchen);
  const dial = ask.ovenCelsius ?? bake?.ovenCelsius ?? profile.usualOven;
  const fan = ask.fan ?? bake?.fan ?? false;
  const { offset } = temperOf(ovenOf(kitchen, request.ovenId), dial, fan);
  return toEnd(
    trialBake(
      {
        lines: intoOven(work, profile.filledDepthCm !== null).flatMap(({ lines }) => lines),
        profile,
        vessel: ask.vessel,
        count: ask.count,
        oven: { celsius: dial + offset, fan },
        startCelsius: startCelsius(request.start.from),
        altitudeMetres: request.altitudeMetres,
      },
      work.catalogue,
    ),
  );
}
