import {
  atLeast,
  bestImbalance,
  countOrders,
  fewestBalanced,
  hasScores,
  imbalanceOf,
  jarPenalty,
  leastFor,
  looking,
  moreThan,
  moreThanExact,
  mosteller,
  overHalf,
  overHalfExact,
  pairedScale,
  preference,
  sequentialLines,
  stopsAt,
  toNumber,
  toText,
  williams,
  willBe,
  willBeExact,
  worths,
  type Beta,
  type JarGroup,
  type Order,
  type ScaleLink,
  type Wins,
} from '@omniarton/core/statistics';

export interface OrdersInput {
  readonly samples: number;
  readonly tasters?: number;
  readonly orders?: readonly Order[];
  readonly question?: string;
}

/** Each count where all are the same; null where they aren't. */
const each = (counts: readonly number[]): number | null =>
  new Set(counts).size === 1 ? (counts[0] ?? null) : null;
const offDiagonal = (table: readonly (readonly number[])[]) =>
  table.flatMap((row, at) => row.filter((_, other) => other !== at));

/** Serving orders: the design, the counts of given ones, and what a panel can come to at best. */
export function ordersCase({ samples, tasters, orders, question = '' }: OrdersInput): object {
  if (tasters !== undefined) {
    const { imbalance, squares, bound } = bestImbalance(samples, tasters);
    const least = (at: 0 | 1) => Math.min(...imbalance.map((one) => one[at]));
    return {
      pareto_position_neighbour: imbalance,
      lower_bound_position: bound[0],
      lower_bound_neighbour: bound[1],
      both_lower_bounds_reached: imbalance.some(([a, b]) => a === bound[0] && b === bound[1]),
      min_position_imbalance: least(0),
      min_neighbour_imbalance: least(1),
      pareto_sum_of_squared_counts_position_neighbour: squares,
    };
  }
  const given = orders ?? williams(samples);
  const counts = countOrders(samples, given);
  const { place, neighbour } = imbalanceOf(counts);
  const alike = {
    position_count_each: each(counts.places.flat()),
    ordered_neighbour_count_each: each(offDiagonal(counts.neighbours)),
  };
  if (!orders) return { orders: given.length, ...alike };
  const fewest = question.includes('fewest') ? fewestBalanced(samples) : null;
  return {
    position_counts: counts.places,
    neighbour_counts: counts.neighbours,
    position_imbalance: place,
    neighbour_imbalance: neighbour,
    fully_balanced: place === 0 && neighbour === 0,
    ...alike,
    balanced: place === 0 && neighbour === 0,
    ...(fewest
      ? {
          fewest_orders: fewest.orders,
          [`number_of_${fewest.orders}_order_multisets_with_both_properties`]: fewest.sets,
        }
      : {}),
  };
}

const groupShape = (name: 'little' | 'much', { count, share, mean, drop, penalty, frequent }: JarGroup) => ({
  [`n_too_${name}`]: count,
  [`share_too_${name}`]: share,
  [`mean_too_${name}`]: mean,
  [`mean_drop_too_${name}`]: drop,
  [`weighted_penalty_too_${name}`]: penalty,
  [`share_too_${name}_at_least_20pct`]: frequent,
});

/** Penalties of a just-about-right scale. */
export function jarCase({
  liking,
  jar,
}: {
  readonly liking: readonly number[];
  readonly jar: readonly number[];
}): object {
  const { n, mean, right, little, much, overall, total, t, permutationP } = jarPenalty(liking, jar);
  return {
    n,
    mean_liking: mean,
    n_jar: right.count,
    share_jar: right.share,
    mean_jar: right.mean,
    ...groupShape('little', little),
    ...groupShape('much', much),
    overall_penalty: overall,
    total_weighted_penalty: total,
    overall_t_pooled: t && { se: t.se, df: t.df, t: t.t, p_two_sided: t.p },
    overall_permutation_p_two_sided: permutationP && toNumber(permutationP),
  };
}

interface Again {
  readonly would_bake_again: number;
  readonly not: number;
}
export interface PreferenceInput {
  readonly prefer_A?: number;
  readonly prefer_B?: number;
  readonly no_preference?: number;
  readonly prior: readonly [number, number];
  readonly A?: Again;
  readonly B?: Again;
}

/** Posteriors of a preference, and of one share over another. */
export function preferenceCase(input: PreferenceInput): object {
  const prior: Beta = { a: input.prior[0], b: input.prior[1] };
  if (input.A && input.B) {
    const of = ({ would_bake_again: yes, not }: Again): Beta => ({ a: prior.a + yes, b: prior.b + not });
    const [one, other] = [of(input.A), of(input.B)];
    const exact = moreThanExact(one, other);
    return { p: moreThan(one, other), ...(exact ? { p_fraction: toText(exact) } : {}) };
  }
  const { prefer_A: forA = 0, prefer_B: forB = 0, no_preference: none = 0 } = input;
  const { a, b, mean, sd, better, interval } = preference(forA, forB, prior);
  const exact = overHalfExact({ a, b });
  return {
    posterior_a: a,
    posterior_b: b,
    posterior_mean: mean,
    posterior_sd: sd,
    p_A_better: better,
    'p_at_least_0.6': atLeast({ a, b }, 0.6),
    ci95_equal_tailed: interval,
    predictive_next_A: mean,
    ...(exact ? { p_A_better_fraction: toText(exact) } : {}),
    ...(none > 0 ? { p_A_better_ties_split_half: overHalf({ a: a + none / 2, b: b + none / 2 }) } : {}),
  };
}

/** Scores on one scale from wins. */
export function pairedScaleCase({
  wins,
  link = 'logit',
}: {
  readonly wins: Wins;
  readonly link?: ScaleLink;
}): object {
  const scale = pairedScale(wins, link);
  if (!scale) return { finite_unique_mle: hasScores(wins) };
  return {
    finite_unique_mle: true,
    scores_reference_first_zero: scale.scores,
    se_reference: scale.errors.map((one, at) => (at === 0 ? null : one)),
    scores_sum_zero: scale.centred,
    se_sum_zero: scale.centredErrors,
    differences: scale.differences.map(({ i, j, difference, error, chance }) => ({
      i,
      j,
      difference,
      se: error,
      p_i_beats_j: chance,
    })),
    log_likelihood: scale.logLikelihood,
    lr_all_equal: scale.alike.statistic,
    lr_df: scale.alike.df,
    lr_p_chi2: scale.alike.p,
    fit_deviance_G2: scale.fit.statistic,
    fit_df: scale.fit.df,
    fit_p_chi2: scale.fit.p,
    ...(link === 'logit'
      ? { worths_sum_one: worths(scale.scores) }
      : { mosteller_least_squares_sum_zero: mosteller(wins), d_prime_scale_factor: Math.SQRT2 }),
  };
}

export interface StoppingInput {
  readonly prior?: readonly [number, number];
  readonly threshold?: number;
  readonly N?: number;
  readonly true_theta?: number;
  readonly p0?: number;
  readonly p1?: number;
  readonly alpha?: number;
  readonly beta?: number;
  readonly prefer_A?: number;
  readonly prefer_B?: number;
  readonly more_tasters?: number;
}

const LISTED_PREFERENCES = 30;
const LISTED_ANSWERS = 24;
const counts = (to: number) => Array.from({ length: to }, (_, at) => at + 1);

/** Looking before the end: when a posterior stops, what that comes to, Wald's lines, and what more tasters would bring. */
export function stoppingCase(input: StoppingInput): object {
  const [a, b] = input.prior ?? [1, 1];
  const prior: Beta = { a, b };
  if (input.p0 !== undefined && input.p1 !== undefined) {
    const lines = sequentialLines(input.p0, input.p1, input.alpha ?? 0.05, input.beta ?? 0.1);
    const stops = counts(LISTED_ANSWERS).map((n) => stopsAt(lines, n));
    const first = stops.findIndex(({ difference }) => difference !== null);
    return {
      slope: lines.slope,
      h0: lines.below,
      h1: lines.above,
      stop_difference_at_least: stops.map(({ difference }) => difference),
      stop_no_difference_at_most: stops.map(({ none }) => none),
      first_n_unanimous_difference: first < 0 ? null : first + 1,
    };
  }
  if (input.more_tasters !== undefined) {
    const now: Beta = { a: a + (input.prefer_A ?? 0), b: b + (input.prefer_B ?? 0) };
    const [more, aim] = [input.more_tasters, input.threshold ?? 0.95];
    const exact = willBeExact(now, more, aim);
    return {
      p_now: overHalf(now),
      predictive: willBe(now, more, aim),
      ...(exact ? { predictive_fraction: toText(exact) } : {}),
    };
  }
  const threshold = input.threshold ?? 0.95;
  if (input.N !== undefined) {
    const { forA, forB, undecided, expectedTasters } = looking(
      { prior, threshold, most: input.N },
      input.true_theta ?? 0.5,
    );
    return { p_stop_A: forA, p_stop_B: forB, p_undecided: undecided, expected_tasters: expectedTasters };
  }
  const least = counts(LISTED_PREFERENCES).map((n) => leastFor(n, prior, threshold));
  const first = least.findIndex((one) => one !== null);
  return { least_k: least, first_n_unanimous: first < 0 ? null : first + 1 };
}
