import {
  errorsAfter,
  learnt,
  medianError,
  middle,
  plainMedianError,
  sdAfter,
  weightOnData,
  type Kitchens,
  type Normal,
} from '@omniarton/core/statistics';

export interface OvenInput {
  readonly prior_mean: number;
  readonly prior_sd: number;
  readonly reading_sd: number;
  readonly readings_true_minus_dial: readonly number[];
}

/** An oven's offset from readings of a thermometer. */
export function ovenCase(input: OvenInput): object {
  const { prior_sd: sd, reading_sd: own, readings_true_minus_dial: readings } = input;
  let belief: Normal = { mean: input.prior_mean, sd };
  const after = readings.map((one) => (belief = learnt(belief, one, own)));
  return {
    after_each: after,
    posterior_mean: belief.mean,
    posterior_sd: belief.sd,
    ci95: middle(belief),
    predictive_sd_next_reading: Math.hypot(belief.sd, own),
    shrink_weight_on_data: weightOnData(sd, own, readings.length),
  };
}

export interface FactorInput {
  readonly observed_factors?: readonly number[];
  readonly n_bakes?: number;
  readonly prior_sd_log?: number;
  readonly observation_sd_log?: number;
}

/** Spread of kitchens' time factors, and of one bake in them, as logarithms; where a case doesn't say. */
const KITCHENS: Kitchens = { sd: 0.175, seenSd: 0.08 };
const SHOWN = [0, 1, 2, 5];
const NOMINAL_MINUTES = 40;

function afterBakes(factors: readonly number[]): object {
  let belief: Normal = { mean: 0, sd: KITCHENS.sd };
  for (const one of factors) belief = learnt(belief, Math.log(one), KITCHENS.seenSd);
  const [low, high] = middle(belief);
  return {
    mean_log: belief.mean,
    sd_log: belief.sd,
    median_factor: Math.exp(belief.mean),
    mean_factor: Math.exp(belief.mean + belief.sd ** 2 / 2),
    ci95_factor: [Math.exp(low), Math.exp(high)],
    minutes_for_40_nominal_median: NOMINAL_MINUTES * Math.exp(belief.mean),
  };
}

/** A kitchen's time factor from timed bakes. */
export function factorCase(input: FactorInput): object {
  const { observed_factors: factors, n_bakes: n = 0 } = input;
  if (factors)
    return Object.fromEntries(
      SHOWN.filter((count) => count <= factors.length).map((count) => [
        `after_${count}`,
        afterBakes(factors.slice(0, count)),
      ]),
    );
  const { prior_sd_log: sd = KITCHENS.sd, observation_sd_log: own = KITCHENS.seenSd } = input;
  const left = sdAfter(sd, own, n);
  return {
    posterior_sd_log: left,
    weight_on_data: weightOnData(sd, own, n),
    variance_of_estimate_over_kitchens: sd ** 2 - left ** 2,
  };
}

export interface PopulationInput {
  readonly bakes: number;
  readonly error?: string;
}

function scaleOf(error: string): keyof typeof medianError {
  if (error.includes('log scale')) return 'log';
  return error.includes('factor scale') ? 'factor' : 'relative';
}

/** How far off many kitchens are after some bakes. */
export function populationCase({ bakes, error }: PopulationInput): object {
  if (error !== undefined) {
    const scale = scaleOf(error);
    return {
      median_absolute_error: medianError[scale](KITCHENS, bakes),
      no_shrinkage_plain_mean_same_scale_log: scale === 'log' ? plainMedianError(KITCHENS, bakes) : null,
    };
  }
  const { ninetieth, rmse, shareWithin } = errorsAfter(KITCHENS, bakes);
  return {
    p90_abs_log_error: ninetieth,
    rmse_log: rmse,
    share_within_5pct: shareWithin(0.05),
    share_within_10pct: shareWithin(0.1),
  };
}
