/**
 * Whole numbers between bounds, and why each bound is what it is.
 *
 * A variable is seen by two _views_: an even one, and the odd one beside it (`view ^ 1`) that is its negative. So every bound is a
 * lower bound: "x is at most 7" is "−x is at least −7", and a _literal_ is a pair, view and least value. What raised a bound is
 * kept with it, so that a contradiction can be traced back to what was decided.
 */

/** What forces a literal: asked for it, it lists literals that hold and together force it, as pairs one after the other. */
export interface Reason {
  explain(view: number, least: number, into: number[]): void;
}

/** A reason written down when it was found: literals as pairs. */
export class Because implements Reason {
  constructor(readonly literals: readonly number[]) {}
  explain(_view: number, _least: number, into: number[]): void {
    for (const one of this.literals) into.push(one);
  }
}

/** The bounds of all variables, with a trail along which they can be taken back, level by level. */
export class Bounds {
  /** Of each view the least value that it can have. */
  readonly low: number[] = [];
  /** Of each view its newest entry on the trail; −1: as at first. */
  readonly newest: number[] = [];
  readonly view: number[] = [];
  readonly was: number[] = [];
  readonly level: number[] = [];
  readonly reason: (Reason | null)[] = [];
  private readonly older: number[] = [];
  private readonly starts: number[] = [];
  /** Literals that hold and can't hold together, as pairs; null: none are known. */
  conflict: number[] | null = null;

  /** A whole number from `low` to `high`; its even view. */
  variable(low: number, high: number): number {
    this.low.push(low, -high);
    this.newest.push(-1, -1);
    return this.low.length - 2;
  }

  get depth(): number {
    return this.starts.length;
  }
  get length(): number {
    return this.view.length;
  }

  high(view: number): number {
    return -this.low[view ^ 1]!;
  }
  isFixed(view: number): boolean {
    return this.low[view]! + this.low[view ^ 1]! === 0;
  }
  isTrue(view: number, least: number): boolean {
    return this.low[view]! >= least;
  }
  isFalse(view: number, least: number): boolean {
    return -this.low[view ^ 1]! < least;
  }

  /** Makes a literal true. False where it can't be: `conflict` says why. */
  raise(view: number, least: number, reason: Reason | null): boolean {
    if (this.low[view]! >= least) return true;
    if (this.isFalse(view, least)) {
      const conflict: number[] = [view ^ 1, 1 - least];
      reason?.explain(view, least, conflict);
      this.conflict = conflict;
      return false;
    }
    this.view.push(view);
    this.was.push(this.low[view]!);
    this.level.push(this.starts.length);
    this.reason.push(reason);
    this.older.push(this.newest[view]!);
    this.newest[view] = this.view.length - 1;
    this.low[view] = least;
    return true;
  }

  deeper(): void {
    this.starts.push(this.view.length);
  }

  /** Takes back what was raised beyond a level. */
  backTo(level: number): void {
    if (level >= this.starts.length) return;
    const keep = this.starts[level]!;
    for (let at = this.view.length - 1; at >= keep; at -= 1) {
      const view = this.view[at]!;
      this.low[view] = this.was[at]!;
      this.newest[view] = this.older[at]!;
    }
    for (const one of [this.view, this.was, this.level, this.reason, this.older]) one.length = keep;
    this.starts.length = level;
    this.conflict = null;
  }

  /** The entry that first made a literal true which is; −1: it was from the beginning. */
  madeTrue(view: number, least: number): number {
    let at = this.newest[view]!;
    while (at >= 0 && this.was[at]! >= least) at = this.older[at]!;
    return at;
  }
}
