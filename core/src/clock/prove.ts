import { Cumulative, Solver, TotalAtMost, type Literal, type Use } from '../search';
import type { Placed } from './fits';
import { keepInPlaces } from './inPlaces';
import { turning, type DayProblem } from './problem';

/** A day as a question to the search. */
export class DaySearch {
  readonly solver = new Solver();
  /** When the day begins: no task begins before, but for those of the evening before. */
  private readonly begin: number;
  /** Minutes of work on the evening before. */
  private readonly evening: number;
  private readonly starts: readonly number[];
  private readonly inOven: readonly (readonly number[])[];
  /** Minutes between what comes first into each oven and what comes last out of it, all ovens together. */
  private readonly heat: number;

  constructor(private readonly problem: DayProblem) {
    const { items, horizon } = problem;
    const { solver } = this;
    this.begin = solver.variable(0, horizon);
    this.starts = items.map(({ low, high }) => solver.variable(low, high));
    const minutes = items.reduce(
      (sum, { hands }) => sum + hands.reduce((all, one) => all + one.length, 0),
      0,
    );
    this.evening = solver.variable(0, minutes);
    for (const { from, to, least, most } of problem.gaps) {
      solver.after(this.starts[from]!, this.starts[to]!, least);
      if (most !== null) solver.after(this.starts[to]!, this.starts[from]!, -most);
    }
    this.inOven = this.ovens();
    this.heat = this.ovenHeat();
    this.hands();
    this.keepApart();
    keepInPlaces(solver, this.starts, problem);
    this.beginsBefore();
    solver.decideBy(this.starts.map((view) => ({ view, towards: 'high' as const })));
  }

  /** Each load is in one oven, on its shelves, and never in one of another heat. */
  private ovens(): number[][] {
    const { items, ask } = this.problem;
    const { solver } = this;
    const loads = items.flatMap((one, at) => (one.load ? [{ at, load: one.load, length: one.length }] : []));
    const there = items.map(({ load, oven: held }) =>
      load
        ? ask.ovens.map(({ racks }, oven) =>
            solver.variable(0, racks >= load.racks && (held ?? oven) === oven ? 1 : 0),
          )
        : [],
    );
    for (const { at } of loads) {
      solver.clause(...there[at]!.map((view) => [view, 1] as const));
      there[at]!.forEach((a, n) =>
        there[at]!.slice(0, n).forEach((b) => solver.clause([a ^ 1, 0], [b ^ 1, 0])),
      );
    }
    ask.ovens.forEach(({ racks }, oven) =>
      solver.rule(
        new Cumulative(
          loads.map(({ at, load, length }) => ({
            view: this.starts[at]!,
            offset: 0,
            length,
            amount: load.racks,
            when: [there[at]![oven]!, 1] as const,
          })),
          racks,
        ),
      ),
    );
    loads.forEach((one, n) =>
      loads.slice(0, n).forEach((other) => {
        if (one.load.celsius === other.load.celsius) return;
        const [first, second] = [solver.variable(0, 1), solver.variable(0, 1)];
        solver.after(
          this.starts[one.at]!,
          this.starts[other.at]!,
          one.length + turning(one.load.celsius, other.load.celsius),
          [first, 1],
        );
        solver.after(
          this.starts[other.at]!,
          this.starts[one.at]!,
          other.length + turning(other.load.celsius, one.load.celsius),
          [second, 1],
        );
        ask.ovens.forEach((_, oven) =>
          solver.clause(
            [first, 1],
            [second, 1],
            [there[one.at]![oven]! ^ 1, 0],
            [there[other.at]![oven]! ^ 1, 0],
          ),
        );
      }),
    );
    return there;
  }

  /** How long ovens are kept hot. */
  private ovenHeat(): number {
    const { items, ask, horizon } = this.problem;
    const { solver } = this;
    const first = Math.min(0, ...items.map(({ low }) => low));
    const terms = ask.ovens.flatMap((_, oven) => {
      const [on, off] = [solver.variable(first, horizon), solver.variable(first, horizon)];
      solver.after(on, off, 0);
      items.forEach(({ load, length }, at) => {
        if (!load) return;
        const there = [this.inOven[at]![oven]!, 1] as const;
        solver.after(on, this.starts[at]!, 0, there);
        solver.after(this.starts[at]!, off, length, there);
      });
      return [
        { view: off, factor: 1 },
        { view: on ^ 1, factor: 1 },
      ];
    });
    const heat = solver.variable(0, (horizon - first) * Math.max(1, ask.ovens.length));
    solver.rule(new TotalAtMost(terms, heat));
    return heat;
  }

  /** Hands and mixers, none of them at night; nor is an oven switched on then. */
  private hands(): void {
    const { items, ask, asleep, preheat } = this.problem;
    const { solver } = this;
    const nights = (amount: number): Use[] =>
      asleep.map(([from, to]) => ({
        view: solver.variable(from, from),
        offset: 0,
        length: to - from,
        amount,
        when: null,
      }));
    const used = (at: number): Use[] =>
      items[at]!.hands.map(({ offset, length }) => ({
        view: this.starts[at]!,
        offset,
        length,
        amount: 1,
        when: null,
      }));
    solver.rule(new Cumulative([...items.flatMap((_, at) => used(at)), ...nights(ask.hands)], ask.hands));
    const mixed = items.flatMap((one, at) => (one.mixer ? used(at) : []));
    if (mixed.length > ask.mixers) solver.rule(new Cumulative(mixed, ask.mixers));
    const loads = items.flatMap((one, at) => (one.load && !one.begun ? [this.starts[at]!] : []));
    for (const view of loads) solver.clause([view, preheat]);
    if (asleep.length > 0 && loads.length > 0)
      solver.rule(
        new Cumulative(
          [
            ...loads.map((view) => ({ view, offset: -preheat, length: 1, amount: 1, when: null })),
            ...nights(loads.length),
          ],
          loads.length,
        ),
      );
  }

  private keepApart(): void {
    const { solver } = this;
    for (const { clean, other } of this.problem.apart) {
      const first = solver.variable(0, 1);
      solver.after(
        this.starts[clean.last]!,
        this.starts[other.first]!,
        this.problem.items[clean.last]!.length,
        [first, 1],
      );
      solver.after(
        this.starts[other.down]!,
        this.starts[clean.first]!,
        this.problem.items[other.down]!.length,
        [first ^ 1, 0],
      );
    }
  }

  /** What isn't done on the evening before is done after the day's begin. */
  private beginsBefore(): void {
    const { items, wake, preheat } = this.problem;
    const { solver } = this;
    const terms = items.flatMap(({ hands, load, begun }, at) => {
      const view = this.starts[at]!;
      if (begun) return [];
      const ahead = load ? preheat : 0;
      if (wake === null) {
        solver.after(this.begin, view, ahead);
        return [];
      }
      const before = solver.variable(0, 1);
      solver.clause([before, 1], [view, wake]);
      solver.clause([before ^ 1, 0], [view ^ 1, 1 - wake]);
      solver.after(this.begin, view, ahead, [before ^ 1, 0]);
      return [{ view: before, factor: hands.reduce((sum, one) => sum + one.length, 0) }];
    });
    if (terms.length > 0) solver.rule(new TotalAtMost(terms, this.evening));
  }

  private assumed(begin: number, evening: number): Literal[] {
    return [
      [this.evening ^ 1, -evening],
      [this.begin, begin],
    ];
  }

  /** Minutes of work that no plan can spare the evening before. */
  leastEvening(): number | null {
    return this.solver.leastOf([this.evening], [])?.[0] ?? null;
  }
  /** The soonest and the latest that each item can begin on such a day, as far as follows without search. */
  windows(begin: number, evening: number): { readonly low: number; readonly high: number }[] | null {
    const least = this.solver.leastOf(
      this.starts.flatMap((view) => [view, view ^ 1]),
      this.assumed(begin, evening),
    );
    return least && this.starts.map((_, at) => ({ low: least[2 * at]!, high: -least[2 * at + 1]! }));
  }
  refuted(begin: number, evening: number): boolean {
    return this.solver.refuted(this.assumed(begin, evening));
  }
  /** The same with ovens that are hot for no longer than so many minutes, and some bakes where they are. */
  solveCooler(
    { begins, evening, heat }: { readonly begins: number; readonly evening: number; readonly heat: number },
    held: { readonly placed: Placed; readonly bakes: ReadonlySet<number> },
    most: number,
  ): 'found' | 'none' | 'stopped' {
    const stays = this.problem.items.flatMap(({ bake }, at): Literal[] => {
      if (!held.bakes.has(bake)) return [];
      const [view, begin] = [this.starts[at]!, held.placed.begins[at]!];
      const oven = held.placed.ovens[at];
      const there: Literal[] = oven === undefined ? [] : [[this.inOven[at]![oven]!, 1]];
      return [[view, begin], [view ^ 1, -begin], ...there];
    });
    return this.solver.solve([...this.assumed(begins, evening), ...stays, [this.heat ^ 1, -heat]], most);
  }
  solve(begin: number, evening: number, most: number): 'found' | 'none' | 'stopped' {
    return this.solver.solve(this.assumed(begin, evening), most);
  }

  /** Any plan, whenever it begins. */
  anyPlan(most: number): 'found' | 'none' | 'stopped' {
    return this.solver.solve([], most);
  }

  /** The plan that was found last. */
  placed(): Placed {
    return {
      begins: this.starts.map((view) => this.solver.value(view)),
      ovens: this.inOven.map((views) => {
        const oven = views.findIndex((view) => this.solver.value(view) === 1);
        return oven < 0 ? undefined : oven;
      }),
    };
  }

  /** Tries values near these first. */
  near({ begins, ovens }: Placed): void {
    const values = new Map<number, number>();
    this.starts.forEach((view, at) => values.set(view, begins[at]!));
    this.inOven.forEach((views, at) =>
      views.forEach((view, oven) => values.set(view, Number(ovens[at] === oven))),
    );
    this.solver.suggest(values);
  }
}
