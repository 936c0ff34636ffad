import { turning, type DayProblem, type Item } from './problem';

/** Where everything that is placed begins, minutes from the axis' begin, and in which oven; undefined: not placed. */
export interface Placed {
  readonly begins: (number | undefined)[];
  readonly ovens: (number | undefined)[];
}

export const nowhere = (problem: DayProblem): Placed => ({
  begins: problem.items.map(() => undefined),
  ovens: problem.items.map(() => undefined),
});

const overlap = (from: number, to: number, other: number, until: number): boolean =>
  from < until && other < to;

/** The most that stretches hold at once within a window. */
function mostAtOnce(
  stretches: readonly (readonly [from: number, to: number, amount: number])[],
  from: number,
  to: number,
): number {
  const inside = stretches.filter(([a, b]) => overlap(a, b, from, to));
  const moments = [from, ...inside.map(([a]) => Math.max(a, from))];
  return Math.max(
    ...moments.map((at) =>
      inside.reduce((sum, [a, b, amount]) => (a <= at && at < b ? sum + amount : sum), 0),
    ),
  );
}

/** Whether a day's rules let one item begin at a moment (in an oven), with all others where they are. The judge of every plan. */
export class Fits {
  private readonly gapsOf: { readonly other: number; readonly low: number; readonly high: number }[][];

  constructor(
    private readonly problem: DayProblem,
    private readonly placed: Placed,
  ) {
    this.gapsOf = problem.items.map(() => []);
    for (const { from, to, least, most } of problem.gaps) {
      this.gapsOf[from]!.push({ other: to, low: least, high: most ?? Infinity });
      this.gapsOf[to]!.push({ other: from, low: most === null ? -Infinity : -most, high: -least });
    }
  }

  /** In which oven it can begin then; −1: it needs none; null: nowhere. */
  ovenAt(at: number, begin: number): number | null {
    const item = this.problem.items[at]!;
    if (begin < item.low || begin > item.high) return null;
    if (
      !this.keepsGaps(at, begin) ||
      !this.isAwake(item, begin) ||
      !this.hasHands(at, begin) ||
      !this.keepsApart(at, begin)
    )
      return null;
    if (!item.load) return -1;
    const { ovens } = this.problem.ask;
    const own = this.placed.ovens[at];
    const order = ovens.map((_, oven) => oven);
    if (own !== undefined) order.sort((a, b) => Number(b === own) - Number(a === own));
    return order.find((oven) => this.hasShelf(at, begin, oven)) ?? null;
  }

  private keepsGaps(at: number, begin: number): boolean {
    return this.gapsOf[at]!.every(({ other, low, high }) => {
      const moment = this.placed.begins[other];
      return moment === undefined || (moment - begin >= low && moment - begin <= high);
    });
  }

  private isAwake({ hands, load }: Item, begin: number): boolean {
    const { asleep, preheat } = this.problem;
    if (load && begin - preheat < 0) return false;
    return asleep.every(
      ([from, to]) =>
        hands.every((one) => !overlap(begin + one.offset, begin + one.offset + one.length, from, to)) &&
        (!load || !overlap(begin - preheat, begin - preheat + 1, from, to)),
    );
  }

  private stretches(at: number, mixer: boolean): (readonly [number, number, number])[] {
    const held: (readonly [number, number, number])[] = [];
    this.problem.items.forEach((item, other) => {
      const begin = this.placed.begins[other];
      if (other === at || begin === undefined || (mixer && !item.mixer)) return;
      for (const { offset, length } of item.hands) held.push([begin + offset, begin + offset + length, 1]);
    });
    return held;
  }

  private hasHands(at: number, begin: number): boolean {
    const { items, ask } = this.problem;
    const item = items[at]!;
    const busy = this.stretches(at, false);
    const free = item.hands.every(
      ({ offset, length }) => mostAtOnce(busy, begin + offset, begin + offset + length) < ask.hands,
    );
    if (!free || !item.mixer) return free;
    return mostAtOnce(this.stretches(at, true), begin, begin + item.length) < ask.mixers;
  }

  private hasShelf(at: number, begin: number, oven: number): boolean {
    const { items, ask } = this.problem;
    const { load, length } = items[at]!;
    const shelves: (readonly [number, number, number])[] = [];
    for (let other = 0; other < items.length; other += 1) {
      const there = this.placed.begins[other];
      const one = items[other]!;
      if (other === at || there === undefined || !one.load || this.placed.ovens[other] !== oven) continue;
      if (one.load.celsius === load!.celsius) shelves.push([there, there + one.length, one.load.racks]);
      else if (
        begin < there + one.length + turning(one.load.celsius, load!.celsius) &&
        there < begin + length + turning(load!.celsius, one.load.celsius)
      )
        return false;
    }
    return mostAtOnce(shelves, begin, begin + length) + load!.racks <= ask.ovens[oven]!.racks;
  }

  private keepsApart(at: number, begin: number): boolean {
    const { apart, items } = this.problem;
    const when = (one: number) => (one === at ? begin : this.placed.begins[one]);
    return apart.every(({ clean, other }) => {
      const [first, last, theirs, down] = [
        when(clean.first),
        when(clean.last),
        when(other.first),
        when(other.down),
      ];
      if (first === undefined || last === undefined || theirs === undefined || down === undefined)
        return true;
      return theirs >= last + items[clean.last]!.length || first >= down + items[other.down]!.length;
    });
  }
}

/** What of a plan breaks the day's rules, by the ids of its tasks; empty where nothing does. */
export function faultsOf(problem: DayProblem, placed: Placed): string[] {
  const fits = new Fits(problem, placed);
  return problem.items.flatMap(({ task, load }, at) => {
    const begin = placed.begins[at];
    if (begin === undefined) return [task.id];
    const oven = fits.ovenAt(at, begin);
    return oven === null || (load && oven !== placed.ovens[at]) ? [task.id] : [];
  });
}
