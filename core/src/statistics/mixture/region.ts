import {
  compared,
  fraction,
  minus,
  ONE,
  over,
  plus,
  toFraction,
  toNumber,
  ZERO,
  type Fraction,
} from '../fraction';
import type { ExactBlend } from './designs';

/** Blends within limits: shares add up to one, each at least and at most so much. */
export interface Region {
  readonly vertices: readonly ExactBlend[];
  /** The mean of the vertices (McLean and Anderson 1966); null: no blend is within the limits. */
  readonly centroid: ExactBlend | null;
  readonly edges: readonly (readonly number[])[];
  readonly faces: readonly (readonly number[])[];
  /** The limits as they can be reached. */
  readonly lower: readonly number[];
  readonly upper: readonly number[];
  /** Of three components: the centre of mass, and the share of all blends that lie within. */
  readonly area: { readonly centre: readonly number[] | null; readonly share: number } | null;
}

const isSame = (a: Fraction, b: Fraction): boolean => compared(a, b) === 0;
const meanOf = (blends: readonly ExactBlend[]): ExactBlend =>
  (blends[0] ?? []).map((_, at) =>
    over(
      blends.reduce((sum, one) => plus(sum, one[at]!), ZERO),
      fraction(BigInt(blends.length)),
    ),
  );

/** Corners of a region: all components but one at a limit, the last making up to one (McLean and Anderson 1966). */
function verticesOf(lower: readonly Fraction[], upper: readonly Fraction[]): ExactBlend[] {
  const q = lower.length;
  const found = new Map<string, ExactBlend>();
  for (let free = 0; free < q; free += 1)
    for (let choice = 0; choice < 2 ** (q - 1); choice += 1) {
      const others = Array.from({ length: q }, (_, at) => at).filter((at) => at !== free);
      const blend: Fraction[] = lower.map(() => ZERO);
      others.forEach((at, bit) => (blend[at] = (choice >> bit) % 2 === 1 ? upper[at]! : lower[at]!));
      blend[free] = others.reduce((rest, at) => minus(rest, blend[at]!), ONE);
      const fits = compared(blend[free]!, lower[free]!) >= 0 && compared(blend[free]!, upper[free]!) <= 0;
      if (fits) found.set(blend.map(({ over: top, under }) => `${top}/${under}`).join(), blend);
    }
  return [...found.values()].sort((a, b) => {
    const at = a.findIndex((one, place) => !isSame(one, b[place]!));
    return at < 0 ? 0 : compared(a[at]!, b[at]!);
  });
}

/** Limits on which a vertex lies, as `component` and `side`. */
const limitsOf = (vertex: ExactBlend, lower: readonly Fraction[], upper: readonly Fraction[]): string[] =>
  vertex.flatMap((share, at) => [
    ...(isSame(share, lower[at]!) ? [`${at}low`] : []),
    ...(isSame(share, upper[at]!) ? [`${at}high`] : []),
  ]);

/** Of three components, round their middle: centre of mass and area (shoelace), in the first two shares. */
function areaOf(vertices: readonly (readonly number[])[]): Region['area'] {
  if (vertices.length < 3) return { centre: null, share: 0 };
  const middle = [0, 1].map((at) => vertices.reduce((sum, one) => sum + one[at]!, 0) / vertices.length);
  const round = [...vertices].sort(
    (a, b) =>
      Math.atan2(a[1]! - middle[1]!, a[0]! - middle[0]!) - Math.atan2(b[1]! - middle[1]!, b[0]! - middle[0]!),
  );
  let [twice, x, y] = [0, 0, 0];
  round.forEach((a, at) => {
    const b = round[(at + 1) % round.length]!;
    const cross = a[0]! * b[1]! - b[0]! * a[1]!;
    twice += cross;
    x += (a[0]! + b[0]!) * cross;
    y += (a[1]! + b[1]!) * cross;
  });
  const [cx, cy] = [x / (3 * twice), y / (3 * twice)];
  return { centre: [cx, cy, 1 - cx - cy], share: Math.abs(twice) };
}

/** The region of blends within limits. Example: wheat 0.5–0.8, rye 0.1–0.4, spelt 0.05–0.25 → six vertices. */
export function regionOf(lower: readonly number[], upper: readonly number[]): Region {
  const [low, high] = [lower.map(toFraction), upper.map(toFraction)];
  const vertices = verticesOf(low, high);
  const plain = vertices.map((one) => one.map(toNumber));
  const limits = vertices.map((one) => limitsOf(one, low, high));
  const q = lower.length;
  const shared = (a: number, b: number) => limits[a]!.filter((one) => limits[b]!.includes(one)).length;
  const middle = (some: readonly ExactBlend[]) => meanOf(some).map(toNumber);
  const edges = vertices.flatMap((one, a) =>
    vertices
      .slice(a + 1)
      .flatMap((other, at) => (shared(a, a + 1 + at) >= q - 2 ? [middle([one, other])] : [])),
  );
  const faces = [...new Set(limits.flat())].sort().flatMap((limit) => {
    const on = vertices.filter((_, at) => limits[at]!.includes(limit));
    return q > 3 && on.length >= 3 && on.length < vertices.length ? [middle(on)] : [];
  });
  const none = vertices.length === 0;
  const bound = (of: (...values: number[]) => number) =>
    none ? [] : lower.map((_, at) => of(...plain.map((one) => one[at]!)));
  return {
    vertices,
    centroid: none ? null : meanOf(vertices),
    edges,
    faces,
    lower: bound(Math.min),
    upper: bound(Math.max),
    area: q === 3 ? areaOf(plain) : null,
  };
}

/** As far from one as rounding brings a sum of shares. */
const ROUNDING = 1e-9;

/** Where a blend stands within limits: L-pseudocomponents (Kurotori 1966), from the lower limits up. */
export function pseudoComponents(
  blend: readonly number[],
  lower: readonly number[],
  upper: readonly number[],
): { readonly wholeSum: boolean; readonly inside: boolean; readonly shares: readonly number[] } {
  const left = 1 - lower.reduce((sum, one) => sum + one, 0);
  return {
    wholeSum: Math.abs(blend.reduce((sum, one) => sum + one, 0) - 1) <= ROUNDING,
    inside: blend.every((one, at) => one >= lower[at]! - ROUNDING && one <= upper[at]! + ROUNDING),
    shares: blend.map((one, at) => (one - lower[at]!) / left),
  };
}
