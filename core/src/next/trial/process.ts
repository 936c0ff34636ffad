import type { ProcessTrial, TrialFactor } from '../../kitchen';
import {
  exchangedRows,
  FACTOR_MODELS,
  factorRow,
  factorTerms,
  threeLevels,
  type FactorModel,
} from '../../statistics';
import type { MarkScale } from '../../vocabulary';
import { checkBakes, inSomeOrder } from './runs';

/** The fullest model that so many bakes can tell, with one more to judge by. */
const modelFor = (factors: number, bakes: number): FactorModel =>
  FACTOR_MODELS.find((model) => bakes > factorTerms(factors, model)) ?? 'main effects';

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
  checkBakes(bakes, factors.length + 2, `${factors.length} factors`);
  const middle = new Array<number>(factors.length).fill(0);
  const candidates = threeLevels(factors.length).filter((one) => one.some((level) => level !== 0));
  const wanted = modelFor(factors.length, bakes);
  const model = bakes - 1 >= factorTerms(factors.length, wanted) ? wanted : 'main effects';
  const rows = candidates.map((one) => factorRow(one, model));
  const chosen = exchangedRows(rows, bakes - 1).map((at) => candidates[at]!);
  return { kind: 'process', factors, mark, seed, runs: inSomeOrder([middle, ...chosen], seed) };
}
