/** A point of a lattice of triangles: its place in it, where it is drawn, and its value. */
export interface LatticePoint {
  readonly i: number;
  readonly j: number;
  readonly x: number;
  readonly y: number;
  readonly value: number;
}

type Place = readonly [x: number, y: number];
/** A piece of a line on which the value is the same. */
export type Piece = readonly [from: Place, to: Place];

/** Where a side crosses a level; null: it doesn't. */
function crossing(a: LatticePoint, b: LatticePoint, level: number): Place | null {
  if (a.value < level === b.value < level) return null;
  const way = (level - a.value) / (b.value - a.value);
  return [a.x + way * (b.x - a.x), a.y + way * (b.y - a.y)];
}

/** The line of a level over a lattice, as pieces: through each triangle whose corners are all there, straight. */
export function contourOf(points: readonly LatticePoint[], level: number): Piece[] {
  const at = new Map(points.map((one) => [`${one.i},${one.j}`, one]));
  const find = (i: number, j: number) => at.get(`${i},${j}`);
  return points.flatMap((own) => {
    const { i, j } = own;
    const [right, up, over] = [find(i + 1, j), find(i, j + 1), find(i + 1, j + 1)];
    const triangles = [
      [own, right, up],
      [right, up, over],
    ];
    return triangles.flatMap(([a, b, c]): Piece[] => {
      if (!a || !b || !c) return [];
      const met = [crossing(a, b, level), crossing(b, c, level), crossing(c, a, level)].filter(
        (one) => one !== null,
      );
      return met.length === 2 ? [[met[0]!, met[1]!]] : [];
    });
  });
}

const STEPS = [0.1, 0.25, 0.5, 1, 2] as const;
const MOST_LINES = 5;

/** Round levels between two values, few enough to be told apart. Example: 4.2 to 7.9 → 5, 6, 7. */
export function levelsBetween(low: number, high: number): number[] {
  const step = STEPS.find((one) => (high - low) / one <= MOST_LINES) ?? STEPS.at(-1)!;
  const first = Math.floor(low / step) + 1;
  return Array.from({ length: MOST_LINES + 1 }, (_, at) => (first + at) * step).filter((one) => one < high);
}
