import fc from 'fast-check';
import { runs } from '../testing';
import { constraintsOf, solveProgram } from '.';

const identity = (n: number) =>
  Array.from({ length: n }, (_, i) => Array.from({ length: n }, (_x, j) => (i === j ? 1 : 0)));

describe('a quadratic program', () => {
  it('shares alike what must sum to one', () => {
    const { columns, bounds, add } = constraintsOf(4);
    add(
      [
        [0, 1],
        [1, 1],
        [2, 1],
        [3, 1],
      ],
      1,
    );
    for (const share of solveProgram({ matrix: identity(4), columns, bounds, equalities: 1 })!.x)
      expect(share).toBeCloseTo(0.25, 9);
  });
  it('has no answer where the limits clash', () => {
    const { columns, bounds, add } = constraintsOf(1);
    add([[0, 1]], 2);
    add([[0, -1]], -1);
    expect(solveProgram({ matrix: identity(1), columns, bounds, equalities: 0 })).toBeUndefined();
  });
  it('is the projection on a half-space, which is known in closed form', () =>
    fc.assert(
      fc.property(
        fc
          .array(fc.double({ min: -5, max: 5, noNaN: true }), { minLength: 2, maxLength: 5 })
          .filter((a) => a.some((x) => Math.abs(x) > 0.1)),
        fc.double({ min: 0.1, max: 4, noNaN: true }),
        (normal, bound) => {
          const { columns, bounds, add } = constraintsOf(normal.length);
          add(
            normal.map((value, row) => [row, value] as const),
            bound,
          );
          const x = solveProgram({ matrix: identity(normal.length), columns, bounds, equalities: 0 })!.x;
          const length2 = normal.reduce((sum, one) => sum + one * one, 0);
          normal.forEach((one, i) => expect(x[i]!).toBeCloseTo((bound * one) / length2, 6));
        },
      ),
      runs(8),
    ));
});
