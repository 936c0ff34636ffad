import {
  bestDesign,
  fitMixture,
  mixtureOptimum,
  pseudoComponents,
  regionOf,
  scheffeTerms,
  simplexCentroid,
  simplexLattice,
  termName,
  termsOf,
  toNumber,
  toText,
  type SurfaceFit,
  type Model,
} from '@omniarton/core/statistics';

type Blend = readonly number[];

export interface DesignInput {
  readonly design?: string;
  readonly q: number;
  readonly m?: number;
}

/** Lattices, centroids, and the number of coefficients. */
export function designCase({ design, q, m = 1 }: DesignInput): object {
  if (design === undefined) {
    const { linear, quadratic, specialCubic, fullCubic } = scheffeTerms(q);
    return { linear, quadratic, special_cubic: specialCubic, full_cubic: fullCubic };
  }
  const points = design === 'simplex-centroid' ? simplexCentroid(q) : simplexLattice(q, m);
  return { count: points.length, points: points.map((one) => one.map(toText)) };
}

export interface RegionInput {
  readonly lower: Blend;
  readonly upper: Blend;
  readonly x?: Blend;
}

/** A region within limits, or where a blend stands in it. */
export function regionCase({ lower, upper, x }: RegionInput): object {
  if (x) {
    const { wholeSum, inside, shares } = pseudoComponents(x, lower, upper);
    return { sums_to_one: wholeSum, inside, l_pseudo_components: shares };
  }
  const region = regionOf(lower, upper);
  const { vertices, centroid, area, faces } = region;
  return {
    feasible: vertices.length > 0,
    count: vertices.length,
    vertices: vertices.map((one) => one.map(toNumber)),
    vertex_average_centroid: centroid?.map(toNumber) ?? null,
    vertex_average_centroid_exact: centroid?.map(toText) ?? null,
    area_centroid: area?.centre ?? null,
    share_of_simplex_area: area?.share ?? null,
    tightened_lower: vertices.length > 0 ? region.lower : null,
    tightened_upper: vertices.length > 0 ? region.upper : null,
    edge_midpoints: region.edges,
    face_centroid_count: faces.length,
    face_centroids: faces,
  };
}

export interface DOptimalInput {
  readonly candidates: readonly Blend[];
  readonly model: Model;
  readonly choose: number;
}

/** The choice of candidates that tells most. */
export function dOptimalCase({ candidates, model, choose }: DOptimalInput): object {
  const { best, sets, second, singular, all, efficiency } = bestDesign(candidates, model, choose);
  return {
    best_det_XtX: toNumber(best),
    best_det_fraction: toText(best),
    number_of_best_sets: sets.length,
    a_best_set: sets[0] ?? null,
    best_sets: sets,
    second_best_det: second && toNumber(second),
    singular_subsets: singular,
    subsets_total: all,
    D_efficiency_per_point: efficiency,
  };
}

export interface FitInput {
  readonly x: readonly Blend[];
  readonly y: readonly number[];
  readonly model: string;
  readonly predict_at?: readonly Blend[];
}

const modelIn = (words: string): Model =>
  /special cubic/i.test(words) ? 'special cubic' : /linear/i.test(words) ? 'linear' : 'quadratic';

function lackShape({ pure, lack }: SurfaceFit): object {
  return {
    ...(pure ? { pure_error_ss: pure.ss, df_pure_error: pure.df } : {}),
    ...(lack ? { lack_of_fit_ss: lack.ss, df_lack_of_fit: lack.df } : {}),
    lack_of_fit_F: lack?.test?.f ?? null,
    ...(lack?.test ? { lack_of_fit_p: lack.test.p } : {}),
  };
}

/** A Scheffé polynomial fitted to scores. */
export function fitCase({ x, y, model, predict_at: at = [] }: FitInput): object {
  const terms = termsOf(x[0]?.length ?? 0, modelIn(model));
  const fit = fitMixture(x, y, modelIn(model));
  const size = { n: x.length, p: terms.length };
  if (!fit) return { estimable: false, ...size };
  const named = (values: readonly number[]) =>
    Object.fromEntries(terms.map((term, place) => [termName(term), values[place]!]));
  return {
    estimable: true,
    ...size,
    coefficients: named(fit.coefficients),
    sse: fit.sse,
    df_residual: fit.df,
    sst_corrected: fit.sst,
    r2: fit.r2,
    det_XtX: fit.det,
    s: fit.s,
    standard_errors: fit.errors && named(fit.errors),
    r2_adjusted: fit.adjusted,
    model_F: fit.test?.f ?? null,
    model_p: fit.test?.p ?? null,
    press: fit.press,
    ...lackShape(fit),
    predictions: at.map((blend) => {
      const { value, leverage, error, mean, next } = fit.at(blend);
      return { y_hat: value, leverage, se_mean: error, ci95_mean: mean, pi95_new: next };
    }),
  };
}

export interface OptimumInput {
  readonly coefficients: Readonly<Record<string, number>>;
  readonly lower: Blend;
  readonly upper: Blend;
  readonly goal?: string;
}

/** The best blend of a polynomial within limits. */
export function optimumCase({ coefficients, lower, upper, goal }: OptimumInput): object {
  const own = termsOf(lower.length, 'quadratic').map((term) => coefficients[termName(term)] ?? 0);
  const best = mixtureOptimum(own, lower, upper, /^min/i.test(goal ?? '') ? 'minimise' : 'maximise');
  if (!best) return { feasible: false, x: null, y_hat: null };
  return {
    feasible: true,
    x: best.blend,
    y_hat: best.value,
    active_lower: best.atLower.map((at) => at + 1),
    active_upper: best.atUpper.map((at) => at + 1),
  };
}
