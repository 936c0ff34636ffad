import type { ProcessTrial, TrialFactor } from '../../kitchen';
import { exchangedRows, FACTOR_MODELS, factorRow, threeLevels, type FactorModel } from '../../statistics';
import type { MarkScale } from '../../vocabulary';
import { inSomeOrder, TRIAL_BAKES } from './runs';

const coefficients = (factors: number, model: FactorModel): number =>
  factorRow(new Array<number>(factors).fill(0), model).length;

/** Models by how much they hold, the fullest first. */
const FULLEST_FIRST: readonly FactorModel[] = [...FACTOR_MODELS].reverse();

/** The fullest model that so many bakes can tell, with one more to judge by. */
const modelFor = (factors: number, bakes: number): FactorModel =>
  FULLEST_FIRST.find((model) => bakes > coefficients(factors, model)) ?? 'main effects';

/**
 * A trial of two or three factors of how it is made: so many half batches at their low, middle and high settings, all in the middle (as it is
 * made now) among them, the others chosen so that together they tell most (D-optimal by exchange), in an order and under codes from a
 * seed. Throws RangeError but for two or three factors and four to eight bakes (five of three factors).
 */
export function planProcessTrial(
  factors: readonly TrialFactor[],
  bakes: number,
  mark: MarkScale,
  seed: number,
): ProcessTrial {
  if (factors.length < 2 || factors.length > 3)
    throw new RangeError(`A trial is of two or three factors, not ${factors.length}.`);
  const [least, most] = [factors.length + 2, TRIAL_BAKES[1]];
  if (bakes < least || bakes > most)
    throw new RangeError(`A trial of ${factors.length} factors has ${least} to ${most} bakes, not ${bakes}.`);
  const middle = new Array<number>(factors.length).fill(0);
  const candidates = threeLevels(factors.length).filter((one) => one.some((level) => level !== 0));
  const wanted = modelFor(factors.length, bakes);
  const model = bakes - 1 >= coefficients(factors.length, wanted) ? wanted : 'main effects';
  const rows = candidates.map((one) => factorRow(one, model));
  const chosen = exchangedRows(rows, bakes - 1).map((at) => candidates[at]!);
  return { kind: 'process', factors, mark, seed, runs: inSomeOrder([middle, ...chosen], seed) };
}
