import { Because, type Bounds, type Reason } from './bounds';

/** "`to` is at least `from` and `gap`", always or while a literal holds. */
class Arc implements Reason {
  constructor(
    readonly from: number,
    readonly to: number,
    readonly gap: number,
    readonly whenView: number,
    readonly whenLeast: number,
  ) {}
  explain(_view: number, least: number, into: number[]): void {
    into.push(this.from, least - this.gap);
    if (this.whenView >= 0) into.push(this.whenView, this.whenLeast);
  }
}

/** Least distances between variables. What a distance rests on may be open: where it can't be kept, that is false. */
export class Differences {
  private readonly from: Arc[][] = [];
  private readonly when: Arc[][] = [];

  constructor(private readonly bounds: Bounds) {}

  /** `to` ≥ `from` + `gap`, while the literal `when` holds (null: always). */
  add(from: number, to: number, gap: number, when: readonly [number, number] | null): boolean {
    const [view, least] = when ?? [-1, 0];
    const arcs = [new Arc(from, to, gap, view, least), new Arc(to ^ 1, from ^ 1, gap, view, least)];
    for (const arc of arcs) {
      (this.from[arc.from] ??= []).push(arc);
      if (view >= 0) (this.when[view] ??= []).push(arc);
    }
    return arcs.every((arc) => this.follow(arc));
  }

  private follow(arc: Arc): boolean {
    const { bounds } = this;
    const least = bounds.low[arc.from]! + arc.gap;
    if (bounds.low[arc.to]! >= least) return true;
    if (arc.whenView < 0 || bounds.isTrue(arc.whenView, arc.whenLeast))
      return bounds.raise(arc.to, least, arc);
    if (bounds.high(arc.to) >= least || bounds.isFalse(arc.whenView, arc.whenLeast)) return true;
    const low = bounds.low[arc.from]!;
    return bounds.raise(
      arc.whenView ^ 1,
      1 - arc.whenLeast,
      new Because([arc.from, low, arc.to ^ 1, 1 - low - arc.gap]),
    );
  }

  raised(view: number): boolean {
    const [from, when] = [this.from[view], this.when[view]];
    if (from) for (const arc of from) if (!this.follow(arc)) return false;
    if (when) for (const arc of when) if (!this.follow(arc)) return false;
    return true;
  }
}
