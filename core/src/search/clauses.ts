import type { Bounds, Reason } from './bounds';

/** One of its literals holds. The first two are watched. */
class Clause implements Reason {
  activity = 0;
  constructor(
    readonly literals: number[],
    readonly learned: boolean,
  ) {}
  explain(view: number, _least: number, into: number[]): void {
    const { literals } = this;
    for (let at = 0; at < literals.length; at += 2)
      if (literals[at] !== view) into.push(literals[at]! ^ 1, 1 - literals[at + 1]!);
  }
}

interface Watch {
  readonly clause: Clause;
  /** The literal is false from here on, of the view opposite to it. */
  readonly from: number;
}

/** Clauses with two watched literals each: a clause is looked at when one of these becomes false. */
export class Clauses {
  private readonly watches: Watch[][] = [];
  private learned: Clause[] = [];
  private step = 1;

  constructor(private readonly bounds: Bounds) {}

  private watch(clause: Clause, at: number): void {
    const [view, least] = [clause.literals[at]! ^ 1, clause.literals[at + 1]!];
    (this.watches[view] ??= []).push({ clause, from: 1 - least });
  }

  /** A clause that holds from the start; false where none of it can. At level 0. */
  add(literals: readonly number[]): boolean {
    const open: number[] = [];
    for (let at = 0; at < literals.length; at += 2) {
      const [view, least] = [literals[at]!, literals[at + 1]!];
      if (this.bounds.isTrue(view, least)) return true;
      if (!this.bounds.isFalse(view, least)) open.push(view, least);
    }
    if (open.length === 0) return false;
    if (open.length === 2) return this.bounds.raise(open[0]!, open[1]!, null);
    this.keep(new Clause(open, false));
    return true;
  }

  /** A lesson, on the level to which it leads back: its first literal holds from now on. */
  teach(literals: readonly number[]): boolean {
    const clause = new Clause([...literals], true);
    clause.activity = this.step;
    if (literals.length > 2) {
      this.keep(clause);
      this.learned.push(clause);
    }
    return this.bounds.raise(literals[0]!, literals[1]!, clause);
  }

  private keep(clause: Clause): void {
    this.watch(clause, 0);
    this.watch(clause, 2);
  }

  /** A view was raised: what watches it is looked at. */
  raised(view: number): boolean {
    const list = this.watches[view];
    if (!list) return true;
    const { bounds } = this;
    const low = bounds.low[view]!;
    let kept = 0;
    for (let at = 0; at < list.length; at += 1) {
      const watch = list[at]!;
      if (low < watch.from) {
        list[kept++] = watch;
        continue;
      }
      const outcome = this.look(watch.clause, view, 1 - watch.from);
      if (outcome === 'moved') continue;
      list[kept++] = watch;
      if (outcome === 'broken') {
        for (at += 1; at < list.length; at += 1) list[kept++] = list[at]!;
        list.length = kept;
        return false;
      }
    }
    list.length = kept;
    return true;
  }

  private look(clause: Clause, view: number, least: number): 'moved' | 'kept' | 'broken' {
    const { literals } = clause;
    const { bounds } = this;
    if (literals[0] === (view ^ 1) && literals[1] === least) swap(literals, 0, 2);
    if (bounds.isTrue(literals[0]!, literals[1]!)) return 'kept';
    for (let at = 4; at < literals.length; at += 2)
      if (!bounds.isFalse(literals[at]!, literals[at + 1]!)) {
        swap(literals, 2, at);
        this.watch(clause, 2);
        return 'moved';
      }
    if (clause.learned) clause.activity = this.step;
    return bounds.raise(literals[0]!, literals[1]!, clause) ? 'kept' : 'broken';
  }

  /** Forgets the half of what was learned that was of use longest ago; only at level 0. */
  forget(most: number): void {
    this.step += 1;
    if (this.learned.length <= most) return;
    const order = [...this.learned].sort(
      (a, b) => b.activity - a.activity || a.literals.length - b.literals.length,
    );
    const kept = new Set(
      order.slice(0, most >> 1).concat(order.filter(({ literals }) => literals.length <= 4)),
    );
    this.learned = this.learned.filter((one) => kept.has(one));
    for (const [view, list] of this.watches.entries())
      if (list) this.watches[view] = list.filter(({ clause }) => !clause.learned || kept.has(clause));
  }
}

function swap(literals: number[], a: number, b: number): void {
  const [view, least] = [literals[a]!, literals[a + 1]!];
  literals[a] = literals[b]!;
  literals[a + 1] = literals[b + 1]!;
  literals[b] = view;
  literals[b + 1] = least;
}
