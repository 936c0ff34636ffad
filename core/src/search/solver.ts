import { Bounds } from './bounds';
import { Clauses } from './clauses';
import { Differences } from './differences';
import { learn } from './learn';

/** A rule that looks at many variables at once, when one of them has moved. */
export interface Propagator {
  /** The views whose raising may concern it. */
  readonly watches: readonly number[];
  /** Raises what follows; false on a contradiction. */
  propagate(bounds: Bounds): boolean;
}

/** `found`: values stand in `best`. `none`: proven that there are none. `stopped`: the work allowed was done before either. */
export type Answer = 'found' | 'none' | 'stopped';

export type Literal = readonly [view: number, least: number];

/** Of conflicts, until the first restart; grows by Luby's sequence. Common practice in such searches. */
const RESTART = 60;
const DECAY = 1 / 0.95;
const TOO_LARGE = 1e100;
/** Lessons kept. */
const LESSONS = 6000;
/** Conflicts in which the order of the question is followed before what is quarrelled about most comes first. */
const IN_ORDER = 150;

/** The newest level that some literals which hold rest on. */
function deepest(literals: readonly number[], bounds: Bounds): number {
  let level = 0;
  for (let at = 0; at < literals.length; at += 2) {
    const made = bounds.madeTrue(literals[at]!, literals[at + 1]!);
    if (made >= 0) level = Math.max(level, bounds.level[made]!);
  }
  return level;
}

/** Luby's sequence 1 1 2 1 1 2 4 …, from 1. */
export function luby(n: number): number {
  let left = n - 1;
  let size = 1;
  let power = 0;
  for (; size < left + 1; size = 2 * size + 1) power += 1;
  for (; size - 1 !== left; left %= size) {
    size = (size - 1) >> 1;
    power -= 1;
  }
  return 2 ** power;
}

/**
 * A search over whole numbers that learns from its contradictions: propagation, first unique implication points, clauses over bounds,
 * restarts, and the values of the best answer so far tried first. The same question gives the same answer: work is counted in conflicts,
 * never in time. After J. Feydy and P. Stuckey, "Lazy Clause Generation Reengineered" (2009), from memory.
 */
export class Solver {
  readonly bounds = new Bounds();
  private readonly clauses = new Clauses(this.bounds);
  private readonly differences = new Differences(this.bounds);
  private readonly watched: number[][] = [];
  private readonly propagators: Propagator[] = [];
  private readonly stale: boolean[] = [];
  private head = 0;
  /** Whether the question contradicts itself whatever is assumed. */
  broken = false;
  private readonly activity: number[] = [];
  private bump = 1;
  /** Of each variable its value in the best answer; empty before there is one. */
  readonly best: (number | undefined)[] = [];
  /** Of each variable, which is decided first: a greater one first, by hand. */
  private readonly order: { readonly view: number; readonly towards: 'high' | 'low' }[] = [];
  conflicts = 0;

  variable(low: number, high: number): number {
    const view = this.bounds.variable(low, high);
    this.activity.push(0);
    if (low > high) this.broken = true;
    return view;
  }

  /** One of the literals holds; of one view there may be one only. */
  clause(...literals: readonly Literal[]): void {
    this.settleAt0();
    if (!this.clauses.add(literals.flat())) this.broken = true;
  }

  /** `to` ≥ `from` + `gap`, while `when` holds. */
  after(from: number, to: number, gap: number, when: Literal | null = null): void {
    this.settleAt0();
    if (!this.differences.add(from, to, gap, when)) this.broken = true;
  }

  rule(propagator: Propagator): void {
    const at = this.propagators.push(propagator) - 1;
    for (const view of propagator.watches) (this.watched[view] ??= []).push(at);
    this.stale[at] = true;
  }

  /** Which variables are decided in which order, and to which end, before the search knows better. */
  decideBy(order: readonly { readonly view: number; readonly towards: 'high' | 'low' }[]): void {
    this.order.length = 0;
    this.order.push(...order);
  }

  /** Values that are tried first; where one isn't known, as late as it can be. */
  suggest(values: ReadonlyMap<number, number>): void {
    for (const [view, value] of values) this.best[view >> 1] = value;
  }

  value(view: number): number {
    const value = this.best[view >> 1] ?? 0;
    return view & 1 ? -value : value;
  }

  private settleAt0(): void {
    this.bounds.backTo(0);
    this.head = Math.min(this.head, this.bounds.length);
  }

  private backTo(level: number): void {
    this.bounds.backTo(level);
    this.head = this.bounds.length;
  }

  /** Everything that follows from what stands; false on a contradiction. */
  private propagate(): boolean {
    for (;;) {
      while (this.head < this.bounds.length) {
        const view = this.bounds.view[this.head]!;
        this.head += 1;
        const watched = this.watched[view];
        if (watched) for (const at of watched) this.stale[at] = true;
        if (!this.clauses.raised(view) || !this.differences.raised(view)) return false;
      }
      const next = this.stale.indexOf(true);
      if (next < 0) return true;
      this.stale[next] = false;
      if (!this.propagators[next]!.propagate(this.bounds)) return false;
    }
  }

  private readonly saw = (view: number): void => {
    const at = view >> 1;
    this.activity[at] = this.activity[at]! + this.bump;
    if (this.activity[at]! <= TOO_LARGE) return;
    for (let one = 0; one < this.activity.length; one += 1) this.activity[one]! /= TOO_LARGE;
    this.bump /= TOO_LARGE;
  };

  /** Learns of the contradiction and goes back to where the lesson says something; false where it says that there is no answer. */
  private learnAndGoBack(): boolean {
    this.conflicts += 1;
    const conflict = this.bounds.conflict!;
    // A rule may see late what held before: the contradiction is of the newest level that it rests on.
    this.bounds.backTo(deepest(conflict, this.bounds));
    if (this.bounds.depth === 0) return false;
    this.bounds.conflict = conflict;
    const { literals, level } = learn(this.bounds, this.saw);
    this.bump *= DECAY;
    this.backTo(level);
    // Whatever was decided from there on was decided when all rules had had their say.
    this.stale.fill(false);
    return this.clauses.teach(literals);
  }

  /** What holds at level 0 when everything that follows is drawn; false on a contradiction. */
  private root(): boolean {
    this.backTo(0);
    this.head = 0;
    this.stale.fill(true);
    if (!this.broken && !this.propagate()) this.broken = true;
    return !this.broken;
  }

  /** Whether some literals together contradict what follows from the question without any search. */
  refuted(assumed: readonly Literal[]): boolean {
    if (!this.root()) return true;
    this.bounds.deeper();
    const stands = assumed.every(([view, least]) => this.bounds.raise(view, least, null)) && this.propagate();
    this.backTo(0);
    return !stands;
  }

  /** Of views the least values that follow without any search, under what is assumed; null where that contradicts itself. */
  leastOf(views: readonly number[], assumed: readonly Literal[]): number[] | null {
    if (!this.root()) return null;
    this.bounds.deeper();
    const stands = assumed.every(([one, least]) => this.bounds.raise(one, least, null)) && this.propagate();
    const least = views.map((view) => this.bounds.low[view]!);
    this.backTo(0);
    return stands ? least : null;
  }

  /** Looks for values under what is assumed, with at most so many conflicts. */
  solve(assumed: readonly Literal[], most: number): Answer {
    if (!this.root()) return 'none';
    const end = this.conflicts + most;
    let restarts = 1;
    let restart = this.conflicts + RESTART;
    for (;;) {
      if (!this.propagate()) {
        if (!this.learnAndGoBack()) {
          this.broken = this.bounds.depth === 0;
          return 'none';
        }
        continue;
      }
      if (this.conflicts >= end) return (this.backTo(0), 'stopped');
      if (this.conflicts >= restart) {
        restarts += 1;
        restart = this.conflicts + RESTART * luby(restarts);
        this.backTo(0);
        this.clauses.forget(LESSONS);
        continue;
      }
      const next = this.nextDecision(assumed, end - most);
      if (next === 'none') return (this.backTo(0), 'none');
      if (next === 'found') return (this.keep(), this.backTo(0), 'found');
      this.bounds.deeper();
      this.bounds.raise(next[0], next[1], null);
    }
  }

  private keep(): void {
    for (let at = 0; at < this.activity.length; at += 1) this.best[at] = this.bounds.low[2 * at]!;
  }

  private nextDecision(assumed: readonly Literal[], began: number): Literal | 'none' | 'found' {
    if (this.bounds.depth < assumed.length) {
      const [view, least] = assumed[this.bounds.depth]!;
      return this.bounds.isFalse(view, least) ? 'none' : [view, least];
    }
    return (
      (this.conflicts - began < IN_ORDER && this.best.length === 0 ? null : this.mostQuarrelled()) ??
      this.nextInOrder() ??
      'found'
    );
  }

  private mostQuarrelled(): Literal | null {
    let most = -1;
    let found = -1;
    for (let at = 0; at < this.activity.length; at += 1)
      if (this.activity[at]! > most && !this.bounds.isFixed(2 * at)) [most, found] = [this.activity[at]!, at];
    if (found < 0) return null;
    const view = 2 * found;
    const [low, high] = [this.bounds.low[view]!, this.bounds.high(view)];
    const was = this.best[found];
    if (was === undefined || was < low) return was === undefined ? [view, high] : [view ^ 1, -low];
    if (was > high) return [view, high];
    return low < was ? [view, was] : [view ^ 1, -was];
  }

  /** Of the variables in the order of the question the one that can be furthest towards its end. */
  private nextInOrder(): Literal | null {
    let found: Literal | null = null;
    let furthest = -Infinity;
    for (const { view, towards } of this.order) {
      if (this.bounds.isFixed(view)) continue;
      const [low, high] = [this.bounds.low[view]!, this.bounds.high(view)];
      if (towards === 'low') {
        if (found === null) found = [view ^ 1, -low];
        continue;
      }
      if (high > furthest) [furthest, found] = [high, [view, high]];
    }
    return found ?? this.anyOpen();
  }

  private anyOpen(): Literal | null {
    for (let at = 0; at < this.activity.length; at += 1)
      if (!this.bounds.isFixed(2 * at)) return [2 * at + 1, -this.bounds.low[2 * at]!];
    return null;
  }
}
