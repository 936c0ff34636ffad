import type { Columns } from './grid';
import { solveTridiagonal } from './tridiagonal';

/** Two conductances one behind the other. */
const behind = (a: number, b: number): number => (a * b) / (a + b);

/** Temperatures outside a section: below and above each column, at its walls. */
export interface Outside {
  readonly below: Float64Array;
  readonly open: Float64Array;
  readonly aside: number;
}

/** Room for one row or column to be solved in. */
interface Line {
  readonly lower: Float64Array;
  readonly middle: Float64Array;
  readonly upper: Float64Array;
  readonly right: Float64Array;
}
const makeLine = (n: number): Line => ({
  lower: new Float64Array(n),
  middle: new Float64Array(n),
  upper: new Float64Array(n),
  right: new Float64Array(n),
});

/**
 * The balance of heat in every cell of a section for one step, and its solution split by direction about a prediction (Douglas & Gunn
 * 1964): (S + A₁)·S⁻¹·(S + A₂)·δ = what the prediction misses.
 */
export class SplitStep {
  /** J/K of a cell over the seconds that the step counts for. */
  readonly store: Float64Array;
  /** W/K through the face below each cell (the last row: the open top), and before each in its row (the last: the wall). */
  readonly upward: Float64Array;
  readonly sideways: Float64Array;
  /** What the prediction misses, W; solved: by how much it is wrong, K. */
  readonly change: Float64Array;
  private readonly line: Line;

  /** `through`: heat goes up and down; `aside`: to the sides. */
  constructor(
    private readonly grid: Columns,
    private readonly through: boolean,
    private readonly aside: boolean,
  ) {
    const { rows, columns } = grid;
    const cells = rows * columns;
    this.store = new Float64Array(cells);
    this.change = new Float64Array(cells);
    this.upward = new Float64Array(cells + columns);
    this.sideways = new Float64Array(cells + rows);
    this.line = makeLine(Math.max(rows, columns));
  }

  /**
   * Conductances of all faces, from each cell's conductivity, W/(m·K), the height of a row, m, and what is outside, W/(m²·K): below,
   * above each column, at the walls.
   */
  join(conductivity: Float64Array, height: number, below: number, above: Float64Array, wall: number): void {
    const { upward, sideways, through, aside } = this;
    const { rows, columns, faces, floors, width, tube } = this.grid;
    const high = (at: number) => (2 * conductivity[at]!) / height;
    const wide = (at: number) => (2 * conductivity[at]!) / width;
    for (let j = 0; j < columns && through; j += 1) {
      upward[j] = floors[j]! * behind(below, high(j));
      for (let at = columns + j; at < rows * columns; at += columns)
        upward[at] = floors[j]! * behind(high(at - columns), high(at));
      upward[rows * columns + j] = floors[j]! * behind(above[j]!, high((rows - 1) * columns + j));
    }
    for (let i = 0; i < rows && aside; i += 1) {
      const [first, side] = [i * columns, i * (columns + 1)];
      sideways[side] = tube ? height * faces[0]! * behind(wall, wide(first)) : 0;
      for (let j = 1; j < columns; j += 1)
        sideways[side + j] = height * faces[j]! * behind(wide(first + j - 1), wide(first + j));
      sideways[side + columns] = height * faces[columns]! * behind(wall, wide(first + columns - 1));
    }
  }

  /** By how much each cell's balance is missed by temperatures `ahead`; the old ones weigh 1 + b and −b. */
  miss(ahead: Float64Array, now: Float64Array, before: Float64Array, b: number, outside: Outside): void {
    const { change, store, upward, sideways, through, aside } = this;
    const { rows, columns } = this.grid;
    for (let i = 0; i < rows; i += 1)
      for (let j = 0; j < columns; j += 1) {
        const at = i * columns + j;
        const here = ahead[at]!;
        let sum = store[at]! * ((1 + b) * now[at]! - b * before[at]! - here);
        if (through) {
          sum += upward[at]! * ((i > 0 ? ahead[at - columns]! : outside.below[j]!) - here);
          sum += upward[at + columns]! * ((i < rows - 1 ? ahead[at + columns]! : outside.open[j]!) - here);
        }
        if (aside) {
          sum += sideways[at + i]! * ((j > 0 ? ahead[at - 1]! : outside.aside) - here);
          sum += sideways[at + i + 1]! * ((j < columns - 1 ? ahead[at + 1]! : outside.aside) - here);
        }
        change[at] = sum;
      }
  }

  solve(): void {
    if (this.through) this.alongColumns();
    if (this.aside) this.alongRows();
  }

  /** Each column by itself, floor to top; what follows along the rows wants it times its store. */
  private alongColumns(): void {
    const { change, store, upward } = this;
    const { rows, columns } = this.grid;
    const { lower, middle, upper, right } = this.line;
    const then = this.aside;
    for (let j = 0; j < columns; j += 1) {
      for (let i = 0; i < rows; i += 1) {
        const at = i * columns + j;
        const [down, up] = [upward[at]!, upward[at + columns]!];
        lower[i] = -down;
        upper[i] = -up;
        middle[i] = store[at]! + down + up;
        right[i] = change[at]!;
      }
      solveTridiagonal(rows, lower, middle, upper, right);
      for (let i = 0; i < rows; i += 1) {
        const at = i * columns + j;
        change[at] = right[i]! * (then ? store[at]! : 1);
      }
    }
  }

  /** Each row by itself, from the inside to the wall. */
  private alongRows(): void {
    const { change, store, sideways } = this;
    const { rows, columns } = this.grid;
    const { lower, middle, upper, right } = this.line;
    for (let i = 0; i < rows; i += 1) {
      for (let j = 0; j < columns; j += 1) {
        const at = i * columns + j;
        const [inner, outer] = [sideways[at + i]!, sideways[at + i + 1]!];
        lower[j] = -inner;
        upper[j] = -outer;
        middle[j] = store[at]! + inner + outer;
        right[j] = change[at]!;
      }
      solveTridiagonal(columns, lower, middle, upper, right);
      for (let j = 0; j < columns; j += 1) change[i * columns + j] = right[j]!;
    }
  }

  /** W that come in through floor, top and walls. */
  fluxIn(temperature: Float64Array, outside: Outside): number {
    const { upward, sideways, through, aside } = this;
    const { rows, columns } = this.grid;
    let sum = 0;
    for (let j = 0; j < columns && through; j += 1) {
      sum += upward[j]! * (outside.below[j]! - temperature[j]!);
      sum += upward[rows * columns + j]! * (outside.open[j]! - temperature[(rows - 1) * columns + j]!);
    }
    for (let i = 0; i < rows && aside; i += 1) {
      const [first, side] = [i * columns, i * (columns + 1)];
      sum += sideways[side]! * (outside.aside - temperature[first]!);
      sum += sideways[side + columns]! * (outside.aside - temperature[first + columns - 1]!);
    }
    return sum;
  }
}
