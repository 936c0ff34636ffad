import { stayOf } from './places';
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

type Stretch = readonly [from: number, to: number, amount: number];

/** The most that stretches hold at once within a window. */
function mostAtOnce(stretches: readonly Stretch[], from: number, to: number): number {
  let most = 0;
  for (let first = -1; first < stretches.length; first += 1) {
    const at = first < 0 ? from : stretches[first]![0];
    if (at < from || at >= to) continue;
    let held = 0;
    for (const [a, b, amount] of stretches) if (a <= at && at < b) held += amount;
    if (held > most) most = held;
  }
  return most;
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

  /** In which oven an item can begin then; −1: it needs none; null: nowhere. */
  ovenAt(at: number, begin: number): number | null {
    return this.chancesOf(at)(begin);
  }

  /** For one item, with all others where they are now: in which oven it can begin at a moment. */
  chancesOf(at: number): (begin: number) => number | null {
    const item = this.problem.items[at]!;
    const { ask } = this.problem;
    const busy = this.stretches(at, false);
    const mixing = item.mixer ? this.stretches(at, true) : [];
    const own = this.placed.ovens[at];
    const order = item.load
      ? ask.ovens.map((_, oven) => oven).filter((oven) => item.oven === null || oven === item.oven)
      : [];
    order.sort((a, b) => Number(b === own) - Number(a === own));
    const shelves = order.map((oven) => this.onShelves(at, oven));
    const hasRoom = this.roomFor(at);
    return (begin) => {
      if (begin < item.low || begin > item.high || !this.keepsGaps(at, begin)) return null;
      if (!this.isAwake(item, begin) || !this.keepsApart(at, begin) || !hasRoom(begin)) return null;
      for (const { offset, length } of item.hands)
        if (mostAtOnce(busy, begin + offset, begin + offset + length) >= ask.hands) return null;
      if (item.mixer && mostAtOnce(mixing, begin, begin + item.length) >= ask.mixers) return null;
      if (!item.load) return -1;
      const free = shelves.findIndex((those, place) =>
        this.hasShelf(item, begin, those, ask.ovens[order[place]!]!.racks),
      );
      return free < 0 ? null : order[free]!;
    };
  }

  private keepsGaps(at: number, begin: number): boolean {
    return this.gapsOf[at]!.every(({ other, low, high }) => {
      const moment = this.placed.begins[other];
      return moment === undefined || (moment - begin >= low && moment - begin <= high);
    });
  }

  private isAwake({ hands, load, begun }: Item, begin: number): boolean {
    const { asleep, preheat } = this.problem;
    const heated = load && !begun;
    if (heated && begin - preheat < 0) return false;
    return asleep.every(
      ([from, to]) =>
        hands.every((one) => !overlap(begin + one.offset, begin + one.offset + one.length, from, to)) &&
        (!heated || !overlap(begin - preheat, begin - preheat + 1, from, to)),
    );
  }

  /** When hands, or the mixer, are on something else. */
  private stretches(at: number, mixer: boolean): Stretch[] {
    return this.problem.items.flatMap((item, other): Stretch[] => {
      const begin = this.placed.begins[other];
      if (other === at || begin === undefined || (mixer && !item.mixer)) return [];
      return item.hands.map(({ offset, length }) => [begin + offset, begin + offset + length, 1]);
    });
  }

  /** What stands in an oven beside an item: with it at its heat, or when it shuts it out. */
  private onShelves(at: number, oven: number): { readonly beside: Stretch[]; readonly shut: Stretch[] } {
    const { items } = this.problem;
    const { load } = items[at]!;
    const [beside, shut]: [Stretch[], Stretch[]] = [[], []];
    items.forEach((one, other) => {
      const there = this.placed.begins[other];
      if (other === at || there === undefined || !one.load || this.placed.ovens[other] !== oven) return;
      if (one.load.celsius === load!.celsius) beside.push([there, there + one.length, one.load.racks]);
      else
        shut.push([
          there - turning(load!.celsius, one.load.celsius),
          there + one.length + turning(one.load.celsius, load!.celsius),
          0,
        ]);
    });
    return { beside, shut };
  }

  private hasShelf(
    { load, length }: Item,
    begin: number,
    { beside, shut }: ReturnType<Fits['onShelves']>,
    racks: number,
  ): boolean {
    if (shut.some(([from, to]) => overlap(begin, begin + length, from, to))) return false;
    return mostAtOnce(beside, begin, begin + length) + load!.racks <= racks;
  }

  /** Whether there are tins, and room in the fridge, for what an item takes up as soon as all of that is placed. */
  private roomFor(at: number): (begin: number) => boolean {
    const { places, items } = this.problem;
    const when = (item: number) => this.placed.begins[item];
    const touched = places.flatMap(({ room, stays }) =>
      stays.flatMap((stay) => {
        if (stay.from.item !== at && stay.to.item !== at) return [];
        const begun = (item: number | null) => item !== null && items[item]!.begun;
        const others = stays.flatMap((one): Stretch[] => {
          if (one === stay || (begun(one.from.item) && begun(stay.from.item))) return [];
          const span = stayOf(one, when);
          return span ? [[...span, one.amount]] : [];
        });
        return [{ stay, others, free: room - stay.amount }];
      }),
    );
    return (begin) =>
      touched.every(({ stay, others, free }) => {
        const span = stayOf(stay, (item) => (item === at ? begin : when(item)));
        return !span || mostAtOnce(others, ...span) <= free;
      });
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
