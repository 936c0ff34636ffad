import {
  chiSquareTail,
  compared,
  differencePower,
  criticalCount,
  differenceP,
  friedman,
  friedmanByChance,
  halfWidth,
  midranks,
  page,
  pageByChance,
  pairedMean,
  pairsBeyond,
  signTest,
  sumDifferences,
  tastersFor,
  toFraction,
  toNumber,
  toText,
  tQuantile,
  rightShare,
  wilcoxon,
  wilcoxonByChance,
  type Fraction,
  type Protocol,
  type Reached,
  type Wilcoxon,
} from '@omniarton/core/statistics';
import { atLevels } from './levels';

export interface RankingInput {
  readonly samples: number;
  readonly tasters: number;
  readonly ranks?: readonly (readonly number[])[];
  readonly scores?: readonly (readonly number[])[];
  readonly question?: string;
  readonly formulas?: string;
}

/** So many of the greatest values are listed. */
const LISTED = 6;

function ranked(ranks: readonly (readonly number[])[], { samples, tasters }: RankingInput): object {
  const test = friedman(ranks);
  const order = page(ranks);
  const apart = sumDifferences(samples, tasters, 0.05);
  const { imanDavenport: iman } = test;
  return {
    ranks,
    rank_sums: test.sums,
    friedman_chi2_tie_corrected: test.corrected,
    friedman_chi2_uncorrected: test.plain,
    p_exact: toNumber(test.p),
    p_exact_fraction: toText(test.p),
    p_chi2_approx: test.approximateP,
    kendall_W: test.agreement,
    iman_davenport: iman && { F: iman.f, df1: iman.df1, df2: iman.df2, p: iman.p },
    page_L: order.l,
    page_mean: order.mean,
    page_sd: order.sd,
    page_p_exact: toNumber(order.p),
    page_p_exact_fraction: toText(order.p),
    page_z: order.z,
    page_p_normal: order.approximateP,
    'lsd_0.05': apart.named,
    'nemenyi_cd_0.05': apart.any,
    pairs_exceeding_lsd: pairsBeyond(test.sums, apart.named),
    pairs_exceeding_nemenyi: pairsBeyond(test.sums, apart.any),
  };
}

function friedmanTable({ samples, tasters }: RankingInput): object {
  const { values, critical } = friedmanByChance(samples, tasters);
  return {
    largest_values: values
      .slice(0, LISTED)
      .map(({ value, p }) => ({ chi2: value, p: toNumber(p), p_fraction: toText(p) })),
    ...atLevels([0.05, 0.01], (alpha, name) => {
      const [value, range] = [critical('values', alpha), critical('ranges', alpha)];
      return {
        [`critical_${name}`]: value?.value ?? null,
        [`p_at_critical_${name}`]: value && toNumber(value.p),
        [`range_critical_${name}`]: range?.value ?? null,
        [`range_p_at_critical_${name}`]: range && toNumber(range.p),
      };
    }),
  };
}

function pageTable({ samples, tasters }: RankingInput): object {
  const { values, critical } = pageByChance(samples, tasters);
  const [most] = values;
  return {
    ...atLevels([0.05, 0.01, 0.001], (alpha, name) => {
      const found = critical(alpha);
      return { [`L_${name}`]: found?.value ?? null, [`p_${name}`]: found && toNumber(found.p) };
    }),
    L_max: most?.value ?? null,
    p_min: most ? toNumber(most.p) : null,
  };
}

function differences({ samples, tasters }: RankingInput): object {
  const at = (alpha: number) => sumDifferences(samples, tasters, alpha);
  return {
    'lsd_0.05': at(0.05).named,
    'lsd_0.01': at(0.01).named,
    'nemenyi_0.05': at(0.05).any,
    'nemenyi_0.01': at(0.01).any,
    'bonferroni_0.05': at(0.05).bonferroni,
    'bonferroni_0.01': at(0.01).bonferroni,
    max_possible_rank_sum_difference: tasters * (samples - 1),
  };
}

/** Friedman, Page and differences of sums: a panel's ranks, or a table without any. */
export function rankingCase(input: RankingInput): object {
  const ranks = input.ranks ?? input.scores?.map(midranks);
  if (ranks) return ranked(ranks, input);
  if (input.formulas !== undefined) return differences(input);
  return /\bleast L\b/.test(input.question ?? '') ? pageTable(input) : friedmanTable(input);
}

export interface SignsInput {
  readonly differences?: readonly number[];
  readonly n?: number;
}

const bothP = ({ bothWays, greater }: { readonly bothWays: Fraction; readonly greater: Fraction }) => ({
  p_two_sided: toNumber(bothWays),
  p_greater: toNumber(greater),
});

const signedShape = (test: Wilcoxon) => ({
  n_used: test.used,
  W_plus: test.plus,
  W_minus: test.minus,
  ...bothP(test),
});

/** Signed ranks and signs of differences, or the table of signed ranks. */
export function signsCase({ differences: own, n = 0 }: SignsInput): object {
  if (own) {
    const signs = signTest(own);
    return {
      wilcoxon_drop_zeros: signedShape(wilcoxon(own, 'before')),
      wilcoxon_pratt: signedShape(wilcoxon(own, 'after')),
      sign_test: { plus: signs.plus, minus: signs.minus, zeros: signs.zeros, ...bothP(signs) },
    };
  }
  const { tails, all, critical } = wilcoxonByChance(n);
  return {
    upper_tail_counts: tails.map(Number),
    denominator: Number(all),
    least_two_sided_p: Math.min(1, 2 / Number(all)),
    'T_crit_two_sided_0.05': critical(0.05, 2),
    'T_crit_two_sided_0.01': critical(0.01, 2),
    'T_crit_one_sided_0.05': critical(0.05, 1),
  };
}

export interface HedonicInput {
  readonly A?: readonly number[];
  readonly B?: readonly number[];
  readonly n?: number;
  readonly sd_of_differences?: number;
}

/** Means of a nine-point scale, of the same tasters. */
export function hedonicCase({ A, B, n = 2, sd_of_differences: sd = 0 }: HedonicInput): object {
  if (!A || !B)
    return {
      t_crit: tQuantile(0.975, n - 1),
      half_width: halfWidth(n, sd),
      n_for_halfwidth_1: tastersFor(1, sd),
    };
  const own = A.map((one, at) => one - B[at]!);
  const test = pairedMean(own);
  return {
    n: test.n,
    mean_difference: test.mean,
    sd: test.sd,
    se: test.se,
    df: test.df,
    't_crit_0.05': test.critical,
    t: test.t,
    p_two_sided: test.p,
    ci95: test.interval,
    wilcoxon_exact_p_drop_zeros: toNumber(wilcoxon(own, 'before').bothWays),
    sign_test_p: toNumber(signTest(own).bothWays),
    ...(test.t === null ? { note: 'all differences are the same: their spread is not known' } : {}),
  };
}

export interface SmallInput {
  readonly tasters?: number;
  readonly samples?: number;
  readonly test?: string;
  readonly pd?: number;
}

/** The least p that a panel can reach: all its answers as favourable as they can be. */
function leastP(test: string, tasters: number): Fraction {
  const samples = Number(/_(\d)_samples/.exec(test)?.[1] ?? 0);
  const answers = tasters * Number(/_(\d)_replicates/.exec(test)?.[1] ?? 1);
  const least = (values: readonly Reached[]) => values[0]!.p;
  if (test.startsWith('friedman')) return least(friedmanByChance(samples, tasters).values);
  if (test.startsWith('page')) return least(pageByChance(samples, tasters).values);
  const rising = Array.from({ length: answers }, (_, at) => at + 1);
  if (test.startsWith('sign_test'))
    return test.includes('one_sided') ? signTest(rising).greater : signTest(rising).bothWays;
  if (test.startsWith('wilcoxon'))
    return test.includes('one_sided')
      ? wilcoxon(rising, 'before').greater
      : wilcoxon(rising, 'before').bothWays;
  const protocol = test.replace(/_\d_replicates.*$/, '') as Protocol;
  return differenceP(protocol, answers, answers);
}

const atMost = (p: Fraction, alpha: number): boolean => compared(p, toFraction(alpha)) <= 0;

/** What three people can show, and what they can't. */
export function smallPanelCase({ tasters, samples, test, pd }: SmallInput): object {
  if (test === undefined) {
    const at = (count: number) => {
      const [most] = friedmanByChance(count, tasters ?? 3).values;
      return { approximate: chiSquareTail(most!.value, count - 1), exact: toNumber(most!.p) };
    };
    const shapes = [samples ?? 3, (samples ?? 3) + 1].map((count) => ({
      [`p_chi2_${count}_samples`]: at(count).approximate,
      [`p_exact_${count}_samples`]: at(count).exact,
    }));
    return Object.assign({}, ...shapes) as object;
  }
  if (tasters === undefined)
    return atLevels([0.05, 0.01], (alpha, name) => {
      let n = 1;
      while (!atMost(leastP(test, n), alpha)) n += 1;
      return { [`least_n_${name}`]: n };
    });
  if (pd !== undefined) {
    const protocol = test as Protocol;
    return {
      p_all_three: rightShare(protocol, pd) ** tasters,
      'power_0.05': differencePower(protocol, tasters, 0.05, pd),
      reaches_0_05: criticalCount(protocol, tasters, 0.05) !== null,
    };
  }
  const p = leastP(test, tasters);
  return {
    least_p: toNumber(p),
    least_p_fraction: toText(p),
    'significant_0.05': atMost(p, 0.05),
    'significant_0.01': atMost(p, 0.01),
  };
}
