import type { Bounds } from './bounds';

/** What a contradiction taught: one of these literals must hold. The first is the one that was forced wrongly. */
export interface Lesson {
  readonly literals: readonly number[];
  /** How far back it already holds the first one. */
  readonly level: number;
}

/**
 * The literals that a contradiction still rests on while it is traced back along the trail; of one view the greatest bound stands for
 * the lesser ones.
 */
class Needed {
  readonly least = new Map<number, number>();
  private readonly entry = new Map<number, number>();
  /** How many of them are of the newest level. */
  newest = 0;

  constructor(private readonly bounds: Bounds) {}

  private isNewest(at: number): boolean {
    return this.bounds.level[at] === this.bounds.depth;
  }

  add(view: number, least: number): void {
    const known = this.least.get(view);
    if (known !== undefined && known >= least) return;
    const at = this.bounds.madeTrue(view, least);
    if (at < 0 || this.bounds.level[at] === 0) return;
    if (known !== undefined && this.isNewest(this.entry.get(view)!)) this.newest -= 1;
    this.least.set(view, least);
    this.entry.set(view, at);
    if (this.isNewest(at)) this.newest += 1;
  }

  addAll(literals: readonly number[]): void {
    for (let at = 0; at < literals.length; at += 2) this.add(literals[at]!, literals[at + 1]!);
  }

  madeAt(view: number, at: number): boolean {
    return this.entry.get(view) === at;
  }

  drop(view: number): void {
    if (this.isNewest(this.entry.get(view)!)) this.newest -= 1;
    this.least.delete(view);
    this.entry.delete(view);
  }

  entryOf(view: number): number {
    return this.entry.get(view)!;
  }
}

/** Whether all that forces an entry is needed anyhow. */
function follows(view: number, least: number, needed: Needed, bounds: Bounds): boolean {
  const reason = bounds.reason[needed.entryOf(view)];
  if (!reason) return false;
  const literals: number[] = [];
  reason.explain(view, least, literals);
  for (let at = 0; at < literals.length; at += 2) {
    const [one, bound] = [literals[at]!, literals[at + 1]!];
    if (one !== view && (needed.least.get(one) ?? -Infinity) >= bound) continue;
    const made = bounds.madeTrue(one, bound);
    if (made >= 0 && bounds.level[made] !== 0) return false;
  }
  return true;
}

/**
 * Traces the contradiction that the bounds are in back to the first point at which a single fact of the newest level forces it (first
 * unique implication point), and gives the clause that forbids it. `seen` is told of every variable on the way. At level 0 there is
 * nothing to learn: don't ask.
 */
export function learn(bounds: Bounds, seen: (view: number) => void): Lesson {
  const needed = new Needed(bounds);
  needed.addAll(bounds.conflict!);
  let at = bounds.length - 1;
  const literals: number[] = [];
  while (needed.newest > 1) {
    while (!needed.madeAt(bounds.view[at]!, at)) at -= 1;
    const view = bounds.view[at]!;
    const least = needed.least.get(view)!;
    seen(view);
    needed.drop(view);
    literals.length = 0;
    bounds.reason[at]!.explain(view, least, literals);
    needed.addAll(literals);
  }
  for (const [view, least] of [...needed.least])
    if (bounds.level[needed.entryOf(view)] !== bounds.depth && follows(view, least, needed, bounds))
      needed.drop(view);
  const first: number[] = [];
  const others: { readonly view: number; readonly least: number; readonly level: number }[] = [];
  for (const [view, least] of needed.least) {
    seen(view);
    const level = bounds.level[needed.entryOf(view)]!;
    if (level === bounds.depth) first.push(view ^ 1, 1 - least);
    else others.push({ view, least, level });
  }
  others.sort((a, b) => b.level - a.level || a.view - b.view);
  return {
    literals: [...first, ...others.flatMap(({ view, least }) => [view ^ 1, 1 - least])],
    level: others[0]?.level ?? 0,
  };
}
