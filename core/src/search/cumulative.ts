import { Because, type Bounds } from './bounds';
import type { Propagator } from './solver';

/** Something that holds a resource for a while. */
export interface Use {
  /** It begins `offset` after this variable. */
  readonly view: number;
  readonly offset: number;
  readonly length: number;
  readonly amount: number;
  /** A literal that is true where it is this resource that is held; null: it is. */
  readonly when: readonly [view: number, least: number] | null;
}

/** A use as it lies in time, or in time that runs backwards: begins no sooner than `low`, no later than `high`. */
interface Side {
  readonly view: number;
  readonly offset: number;
}

/** A stretch in which so much is held by uses that can't be anywhere else. */
interface Stretch {
  from: number;
  to: number;
  height: number;
}

/**
 * A resource of which no more than `capacity` is held at any moment. Two rules: what must be held (from the latest begin to the earliest
 * end) shuts others out, and in no window more can be held than it has room for. After A. Schutt and others, "Explaining the cumulative
 * propagator" (2011), from memory.
 */
export class Cumulative implements Propagator {
  readonly watches: readonly number[];
  private readonly sides: readonly (readonly Side[])[];
  /** Of each use its window and its work, and the uses by the end of their windows; written anew each time. */
  private readonly from: Int32Array;
  private readonly to: Int32Array;
  private readonly work: Int32Array;
  private readonly order: Int32Array;

  constructor(
    private readonly uses: readonly Use[],
    private readonly capacity: number,
  ) {
    const views = uses.flatMap(({ view, when }) => [view, view ^ 1, ...(when ? [when[0]] : [])]);
    this.watches = [...new Set(views)];
    this.from = new Int32Array(uses.length);
    this.to = new Int32Array(uses.length);
    this.order = new Int32Array(uses.length);
    this.work = Int32Array.from(uses, ({ length, amount }) => length * amount);
    this.sides = [
      uses.map(({ view, offset }) => ({ view, offset })),
      uses.map(({ view, offset, length }) => ({ view: view ^ 1, offset: -offset - length })),
    ];
  }

  propagate(bounds: Bounds): boolean {
    return this.shutOut(bounds, 0) && this.shutOut(bounds, 1) && this.roomFor(bounds);
  }

  private isHere(at: number, bounds: Bounds): boolean {
    const { when } = this.uses[at]!;
    return when === null || bounds.isTrue(when[0], when[1]);
  }
  private isElsewhere(at: number, bounds: Bounds): boolean {
    const { when } = this.uses[at]!;
    return when !== null && bounds.isFalse(when[0], when[1]);
  }

  /** What is surely held, as stretches in order. */
  private held(bounds: Bounds, sides: readonly Side[]): Stretch[] {
    const moments: { readonly at: number; readonly change: number }[] = [];
    for (let at = 0; at < sides.length; at += 1) {
      if (!this.isHere(at, bounds)) continue;
      const { view, offset } = sides[at]!;
      const from = bounds.high(view) + offset;
      const to = bounds.low[view]! + offset + this.uses[at]!.length;
      if (from >= to) continue;
      const { amount } = this.uses[at]!;
      moments.push({ at: from, change: amount }, { at: to, change: -amount });
    }
    moments.sort((a, b) => a.at - b.at);
    const stretches: Stretch[] = [];
    let height = 0;
    for (let at = 0; at < moments.length;) {
      const from = moments[at]!.at;
      for (; at < moments.length && moments[at]!.at === from; at += 1) height += moments[at]!.change;
      if (height > 0) stretches.push({ from, to: moments[at]!.at, height });
    }
    return stretches;
  }

  /** Why so much is held at a moment: all that must be there then, but for one. */
  private why(moment: number, but: number, bounds: Bounds, sides: readonly Side[]): number[] {
    const literals: number[] = [];
    for (let at = 0; at < sides.length; at += 1) {
      if (at === but || !this.isHere(at, bounds)) continue;
      const { view, offset } = sides[at]!;
      const { length, when } = this.uses[at]!;
      const [least, most] = [moment - length + 1 - offset, moment - offset];
      if (bounds.low[view]! < least || bounds.high(view) > most) continue;
      literals.push(view, least, view ^ 1, -most);
      if (when) literals.push(when[0], when[1]);
    }
    return literals;
  }

  private shutOut(bounds: Bounds, way: 0 | 1): boolean {
    const sides = this.sides[way]!;
    const stretches = this.held(bounds, sides);
    for (const { from, height } of stretches)
      if (height > this.capacity) {
        bounds.conflict = this.why(from, -1, bounds, sides);
        return false;
      }
    for (let at = 0; at < sides.length; at += 1)
      if (!this.isElsewhere(at, bounds) && !this.push(at, stretches, bounds, sides)) return false;
    return true;
  }

  /** Begins a use later, past every stretch that has no room for it; where it needn't be here, it isn't if there is no place. */
  private push(at: number, stretches: readonly Stretch[], bounds: Bounds, sides: readonly Side[]): boolean {
    const { view, offset } = sides[at]!;
    const { length, amount, when } = this.uses[at]!;
    const here = this.isHere(at, bounds);
    for (const { from, to, height } of stretches) {
      const begins = bounds.low[view]! + offset;
      if (to <= begins) continue;
      if (from >= begins + length) return true;
      const latest = bounds.high(view) + offset;
      const own = here && latest < to && from < begins + length && latest <= from ? amount : 0;
      if (height - own + amount <= this.capacity) continue;
      if (!here) {
        const must = Math.max(from, latest);
        if (must >= to || must >= begins + length) continue;
        const because = [
          ...this.why(must, at, bounds, sides),
          view,
          must - length + 1 - offset,
          view ^ 1,
          offset - must,
        ];
        if (!bounds.raise(when![0] ^ 1, 1 - when![1], new Because(because))) return false;
        return true;
      }
      for (let begin = begins; begin < to; begin = bounds.low[view]! + offset) {
        const moment = Math.min(to, begin + length) - 1;
        if (moment < from) break;
        const because = this.why(moment, at, bounds, sides);
        because.push(view, moment - length + 1 - offset);
        if (when) because.push(when[0], when[1]);
        if (!bounds.raise(view, moment + 1 - offset, new Because(because))) return false;
      }
    }
    return true;
  }

  /** No window may have to hold more than it can: windows from some earliest begin to some latest end. */
  private roomFor(bounds: Bounds): boolean {
    const { from, to, work, order } = this;
    let count = 0;
    for (let at = 0; at < this.uses.length; at += 1) {
      if (!this.isHere(at, bounds)) continue;
      const { view, offset, length } = this.uses[at]!;
      from[at] = bounds.low[view]! + offset;
      to[at] = bounds.high(view) + offset + length;
      // Nearly in order since the last time: put in its place among those before it.
      let place = count;
      for (; place > 0 && to[order[place - 1]!]! > to[at]!; place -= 1) order[place] = order[place - 1]!;
      order[place] = at;
      count += 1;
    }
    for (let first = 0; first < count; first += 1) {
      const begin = from[order[first]!]!;
      let held = 0;
      for (let last = 0; last < count; last += 1) {
        const at = order[last]!;
        if (from[at]! < begin) continue;
        held += work[at]!;
        const over = held - this.capacity * (to[at]! - begin);
        if (over > 0) return this.tooMuch(bounds, begin, last, over);
      }
    }
    return true;
  }

  /** Says which uses are too much for a window; what isn't needed for that is left out. */
  private tooMuch(bounds: Bounds, begin: number, last: number, over: number): false {
    const end = this.to[this.order[last]!]!;
    const because: number[] = [];
    let spare = over - 1;
    for (let place = 0; place <= last; place += 1) {
      const at = this.order[place]!;
      const { view, offset, length, when } = this.uses[at]!;
      if (this.from[at]! < begin) continue;
      if (this.work[at]! <= spare) {
        spare -= this.work[at]!;
        continue;
      }
      because.push(view, begin - offset, view ^ 1, -(end - length - offset));
      if (when) because.push(when[0], when[1]);
    }
    bounds.conflict = because;
    return false;
  }
}
