import fc from 'fast-check';
import { runs } from '../testing';
import { luby } from './solver';
import { Cumulative, Solver, TotalAtMost } from '.';

const ENOUGH = 100_000;

/** Tasks on one resource within a horizon, each after some before it. */
interface Job {
  readonly lengths: readonly number[];
  readonly amounts: readonly number[];
  readonly capacity: number;
  readonly horizon: number;
  readonly after: readonly (readonly [number, number, number])[];
}

function solverFor({ lengths, amounts, capacity, horizon, after }: Job) {
  const solver = new Solver();
  const starts = lengths.map((length) => solver.variable(0, horizon - length));
  for (const [first, then, gap] of after) solver.after(starts[first]!, starts[then]!, lengths[first]! + gap);
  solver.rule(
    new Cumulative(
      starts.map((view, at) => ({ view, offset: 0, length: lengths[at]!, amount: amounts[at]!, when: null })),
      capacity,
    ),
  );
  return { solver, starts };
}

const keeps = ({ lengths, amounts, capacity, after }: Job, begins: readonly number[]): boolean =>
  after.every(([first, then, gap]) => begins[then]! >= begins[first]! + lengths[first]! + gap) &&
  begins.every((moment) => {
    const held = begins.reduce(
      (sum, begin, at) => (begin <= moment && moment < begin + lengths[at]! ? sum + amounts[at]! : sum),
      0,
    );
    return held <= capacity;
  });

/** Every way to begin them, tried one after the other: the judge that knows nothing of learning. */
function byTrying(job: Job): boolean {
  const tried = (begins: readonly number[]): boolean => {
    const at = begins.length;
    if (at === job.lengths.length) return keeps(job, begins);
    for (let begin = 0; begin + job.lengths[at]! <= job.horizon; begin += 1)
      if (tried([...begins, begin])) return true;
    return false;
  };
  return tried([]);
}

const job = fc.integer({ min: 1, max: 4 }).chain((count) =>
  fc.record({
    lengths: fc.array(fc.integer({ min: 1, max: 3 }), { minLength: count, maxLength: count }),
    amounts: fc.array(fc.integer({ min: 1, max: 2 }), { minLength: count, maxLength: count }),
    capacity: fc.integer({ min: 2, max: 3 }),
    horizon: fc.integer({ min: 3, max: 8 }),
    after: fc
      .array(fc.tuple(fc.nat(count - 1), fc.nat(count - 1), fc.integer({ min: -1, max: 2 })), {
        maxLength: 3,
      })
      .map((all) => all.filter(([first, then]) => first < then)),
  }),
);

describe('a search that learns', () => {
  // First terms of the sequence in M. Luby, A. Sinclair, D. Zuckerman, "Optimal speedup of Las Vegas algorithms" (1993).
  it('restarts by the sequence of Luby', () =>
    expect([1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15].map(luby)).toEqual([
      1, 1, 2, 1, 1, 2, 4, 1, 1, 2, 1, 1, 2, 4, 8,
    ]));
  it('finds tasks a place exactly where trying every way finds one', () =>
    fc.assert(
      fc.property(job, (one) => {
        const { solver, starts } = solverFor(one);
        const answer = solver.solve([], ENOUGH);
        expect(answer).toBe(byTrying(one) ? 'found' : 'none');
        if (answer === 'found')
          expect(
            keeps(
              one,
              starts.map((view) => solver.value(view)),
            ),
          ).toBe(true);
      }),
      runs(61),
    ));
  it('proves that pigeons need as many holes', () => {
    const solver = new Solver();
    const holes = 6;
    const sits = Array.from({ length: holes + 1 }, () =>
      Array.from({ length: holes }, () => solver.variable(0, 1)),
    );
    for (const one of sits) solver.clause(...one.map((view) => [view, 1] as const));
    for (let hole = 0; hole < holes; hole += 1)
      for (let a = 0; a < sits.length; a += 1)
        for (let b = 0; b < a; b += 1) solver.clause([sits[a]![hole]! ^ 1, 0], [sits[b]![hole]! ^ 1, 0]);
    expect(solver.solve([], ENOUGH)).toBe('none');
  });
  it('holds what is assumed for one question only', () => {
    const solver = new Solver();
    const [a, b] = [solver.variable(0, 10), solver.variable(0, 10)];
    solver.after(a, b, 3);
    expect(solver.solve([[a, 8]], ENOUGH)).toBe('none');
    expect(solver.solve([[a, 7]], ENOUGH)).toBe('found');
    expect([solver.value(a), solver.value(b)]).toEqual([7, 10]);
    expect(solver.leastOf([b], [[a, 4]])).toEqual([7]);
  });
  it('lets go what a distance hangs on where it can’t be kept', () => {
    const solver = new Solver();
    const [a, b, when] = [solver.variable(5, 9), solver.variable(0, 6), solver.variable(0, 1)];
    solver.after(a, b, 2, [when, 1]);
    expect(solver.solve([[when, 1]], ENOUGH)).toBe('none');
    expect(solver.solve([], ENOUGH)).toBe('found');
    expect(solver.value(when)).toBe(0);
  });
  it('keeps a sum under its limit', () => {
    const solver = new Solver();
    const terms = [2, 3, 4].map((factor) => ({ view: solver.variable(0, 5), factor }));
    const limit = solver.variable(0, 20);
    solver.rule(new TotalAtMost(terms, limit));
    expect(
      solver.solve(
        [
          [terms[2]!.view, 4],
          [limit ^ 1, -15],
        ],
        ENOUGH,
      ),
    ).toBe('none');
    expect(
      solver.solve(
        [
          [terms[2]!.view, 3],
          [terms[1]!.view, 1],
          [limit ^ 1, -15],
        ],
        ENOUGH,
      ),
    ).toBe('found');
    expect(terms.reduce((sum, { view, factor }) => sum + factor * solver.value(view), 0)).toBeLessThanOrEqual(
      15,
    );
  });
  it('holds a resource only where a use is there', () => {
    const solver = new Solver();
    const [a, b] = [solver.variable(0, 2), solver.variable(0, 2)];
    const first = solver.variable(0, 1);
    const use = (view: number, when: readonly [number, number] | null) => ({
      view,
      offset: 0,
      length: 3,
      amount: 1,
      when,
    });
    solver.rule(new Cumulative([use(a, null), use(b, [first, 1])], 1));
    expect(solver.solve([[first, 1]], ENOUGH)).toBe('none');
    expect(solver.solve([], ENOUGH)).toBe('found');
    expect(solver.value(first)).toBe(0);
  });
});
