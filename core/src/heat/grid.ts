/** Held by the module: looked up among a sandbox's globals, as where tests run, each would cost more than the step it is in. */
const { PI } = Math;

/** How far a section reaches to the side: from its middle, or from a ring's tube, to the wall. */
export interface Reach {
  /** `plate`: as far to both sides, as long as it will; `cylinder`: round about; `sphere`: a ball, without a floor. */
  readonly kind: 'plate' | 'cylinder' | 'sphere';
  /** m, of the tube inside (0: none) and of the wall. */
  readonly from: number;
  readonly to: number;
}

/** Into how many cells a section is cut, and how far a step of the clock may go. */
export interface Precision {
  readonly rows: number;
  readonly columns: number;
  /** A step is as long as its temperatures leave the straight line by no more than this, K. */
  readonly curve: number;
  /** Shortest and longest step, s. */
  readonly least: number;
  readonly most: number;
}

/** Times to within a quarter of a per cent of those of a grid without end; the bench measures it. */
export const USUAL_PRECISION: Precision = { rows: 24, columns: 14, curve: 0.1, least: 0.1, most: 40 };

/** Rings, strips or shells from the inside to the wall. */
export interface Columns {
  readonly rows: number;
  readonly columns: number;
  /** Between them and at both ends, per m of depth or round; for a ball m². */
  readonly faces: Float64Array;
  /** The floor of each, m² per m or round; for a ball its volume over a height of 1 m. */
  readonly floors: Float64Array;
  readonly width: number;
  /** There is a wall inside too: a ring's tube. */
  readonly tube: boolean;
}

/** Cuts a section; without reach it is one column, a ball one row. */
export function columnsOf(reach: Reach | null, precision: Precision): Columns {
  const { rows } = precision;
  if (!reach)
    return {
      rows,
      columns: 1,
      faces: new Float64Array(2),
      floors: Float64Array.of(1),
      width: 1,
      tube: false,
    };
  const { columns } = precision;
  const width = (reach.to - reach.from) / columns;
  const at = (j: number) => reach.from + j * width;
  const within = {
    plate: (r: number) => r,
    cylinder: (r: number) => PI * r * r,
    sphere: (r: number) => (4 / 3) * PI * r ** 3,
  }[reach.kind];
  const face = { plate: () => 1, cylinder: (r: number) => 2 * PI * r, sphere: (r: number) => 4 * PI * r * r }[
    reach.kind
  ];
  return {
    rows: reach.kind === 'sphere' ? 1 : rows,
    columns,
    faces: Float64Array.from({ length: columns + 1 }, (_, j) => face(at(j))),
    floors: Float64Array.from({ length: columns }, (_, j) => within(at(j + 1)) - within(at(j))),
    width,
    tube: reach.from > 0,
  };
}
