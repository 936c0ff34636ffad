import fc from 'fast-check';
import { runs } from '../../testing';
import { chooseRow } from '../binomial';
import { ONE, compared, plus, toNumber, ZERO } from '../fraction';
import {
  bestDesign,
  exchangedDesign,
  fitMixture,
  mixtureOptimum,
  regionOf,
  simplexCentroid,
  simplexLattice,
  termsOf,
  termValues,
} from '.';

const limits = fc
  .array(fc.tuple(fc.integer({ min: 0, max: 6 }), fc.integer({ min: 1, max: 12 })), {
    minLength: 3,
    maxLength: 4,
  })
  .map((pairs) => ({
    lower: pairs.map(([low]) => low / 20),
    upper: pairs.map(([low, more]) => Math.min(1, (low + more) / 20)),
  }));

describe('designs of blends', () => {
  it.each([
    [3, 2],
    [3, 3],
    [4, 2],
    [5, 4],
  ])('the lattice {%d, %d} has as many blends as there are choices, each of shares that add up', (q, m) => {
    const points = simplexLattice(q, m);
    expect(BigInt(points.length)).toBe(chooseRow(q + m - 1)[m]);
    for (const point of [...points, ...simplexCentroid(q)])
      expect(compared(point.reduce(plus, ZERO), ONE)).toBe(0);
  });
  it('has vertices that lie within all limits, and reach those that can be reached', () =>
    fc.assert(
      fc.property(limits, ({ lower, upper }) => {
        const { vertices, edges, faces } = regionOf(lower, upper);
        for (const point of [...vertices.map((one) => one.map(toNumber)), ...edges, ...faces]) {
          expect(point.reduce((sum, one) => sum + one, 0)).toBeCloseTo(1, 9);
          point.forEach((share, at) => {
            expect(share).toBeGreaterThanOrEqual(lower[at]! - 1e-9);
            expect(share).toBeLessThanOrEqual(upper[at]! + 1e-9);
          });
        }
        const possible =
          lower.reduce((sum, one) => sum + one, 0) <= 1 + 1e-9 &&
          upper.reduce((sum, one) => sum + one, 0) >= 1 - 1e-9;
        expect(vertices.length > 0).toBe(possible);
      }),
      runs(231),
    ));
  it('chosen by exchange tells nearly as much as the best of all choices', () => {
    const candidates = [...simplexLattice(3, 4)].map((one) => one.map(toNumber));
    const best = bestDesign(candidates, 'quadratic', 7);
    const chosen = exchangedDesign(candidates, 'quadratic', 7);
    const own = bestDesign(
      chosen.map((at) => candidates[at]!),
      'quadratic',
      7,
    );
    expect(new Set(chosen).size).toBe(7);
    expect(toNumber(own.best) / toNumber(best.best)).toBeGreaterThan(0.99);
  });
});

describe('a fitted polynomial', () => {
  const coefficients = fc.array(fc.integer({ min: -9, max: 9 }), { minLength: 6, maxLength: 6 });
  const blends = simplexLattice(3, 3).map((one) => one.map(toNumber));
  it('finds back what the scores were made of', () =>
    fc.assert(
      fc.property(coefficients, (made) => {
        const terms = termsOf(3, 'quadratic');
        const y = blends.map((blend) =>
          termValues(blend, terms).reduce((sum, one, at) => sum + one * made[at]!, 0),
        );
        const fit = fitMixture(blends, y, 'quadratic')!;
        fit.coefficients.forEach((one, at) => expect(one).toBeCloseTo(made[at]!, 7));
        expect(fit.at([0.2, 0.3, 0.5]).value).toBeCloseTo(
          termValues([0.2, 0.3, 0.5], terms).reduce((sum, one, at) => sum + one * made[at]!, 0),
          7,
        );
      }),
      runs(232),
    ));
  it('has no blend within limits that is better than its best', () =>
    fc.assert(
      fc.property(
        coefficients,
        limits.filter(({ lower }) => lower.length === 3),
        (made, { lower, upper }) => {
          const best = mixtureOptimum(made, lower, upper);
          const { vertices } = regionOf(lower, upper);
          if (!best) return expect(vertices).toHaveLength(0);
          const corners = vertices.map((one) => one.map(toNumber));
          const terms = termsOf(3, 'quadratic');
          for (const a of corners)
            for (const b of corners)
              for (const share of [0, 0.25, 0.5, 0.9]) {
                const blend = a.map((one, at) => share * one + (1 - share) * b[at]!);
                const value = termValues(blend, terms).reduce((sum, one, at) => sum + one * made[at]!, 0);
                expect(value).toBeLessThanOrEqual(best.value + 1e-7);
              }
        },
      ),
      runs(233),
    ));
});
