import fc from 'fast-check';
import { runs } from '../../testing';
import {
  leastFor,
  looking,
  mosteller,
  moreThan,
  overHalf,
  pairedScale,
  preference,
  willBe,
  worths,
  type Beta,
} from '.';

const belief = fc.record({ a: fc.integer({ min: 1, max: 30 }), b: fc.integer({ min: 1, max: 30 }) });

describe('what is believed of a preference', () => {
  it('is the other way about for the other sample', () =>
    fc.assert(
      fc.property(belief, ({ a, b }) => {
        expect(overHalf({ a, b }) + overHalf({ a: b, b: a })).toBeCloseTo(1, 9);
        expect(moreThan({ a, b }, { a: b, b: a }) + moreThan({ a: b, b: a }, { a, b })).toBeCloseTo(1, 9);
        expect(moreThan({ a, b }, { a, b })).toBeCloseTo(0.5, 9);
      }),
      runs(221),
    ));
  it('is the same by an exact sum and by a curve', () =>
    fc.assert(
      fc.property(belief, belief, (one, other) => {
        const bent = (of: Beta): Beta => ({ a: of.a + 1e-7, b: of.b });
        expect(overHalf(bent(one))).toBeCloseTo(overHalf(one), 5);
        expect(moreThan(bent(one), other)).toBeCloseTo(moreThan(one, other), 5);
      }),
      { ...runs(222), numRuns: 25 },
    ));
  it('moves on average nowhere: what is expected of more tasters is what is believed', () =>
    fc.assert(
      fc.property(belief, fc.integer({ min: 1, max: 6 }), (now, more) => {
        // Certainty of any kind is reached with certainty.
        expect(willBe(now, more, 0)).toBeCloseTo(1, 9);
        expect(willBe(now, more, 1.01)).toBe(0);
      }),
      runs(223),
    ));
  it('has its mean within its interval', () =>
    fc.assert(
      fc.property(fc.nat(20), fc.nat(20), (forA, forB) => {
        const { mean, interval } = preference(forA, forB, { a: 1, b: 1 });
        expect(mean).toBeGreaterThan(interval[0]);
        expect(mean).toBeLessThan(interval[1]);
      }),
      runs(224),
    ));
});

describe('looking after every taster', () => {
  it('is wrong more often than the threshold sounds, where nothing is to be told', () => {
    const { forA, forB, undecided } = looking({ prior: { a: 1, b: 1 }, threshold: 0.95, most: 30 }, 0.5);
    expect(forA + forB).toBeGreaterThan(0.05);
    expect(forA).toBeCloseTo(forB, 12);
    expect(forA + forB + undecided).toBeCloseTo(1, 12);
  });
  it('is right more often the clearer the preference', () => {
    const done = (truth: number) => looking({ prior: { a: 1, b: 1 }, threshold: 0.9, most: 12 }, truth).forA;
    expect(done(0.9)).toBeGreaterThan(done(0.7));
    expect(done(0.7)).toBeGreaterThan(done(0.5));
  });
  it('needs a unanimous run that is longer for more certainty', () =>
    expect(
      [0.9, 0.95, 0.99].map((threshold) =>
        [1, 2, 3, 4, 5, 6, 7].find((n) => leastFor(n, { a: 1, b: 1 }, threshold) !== null),
      ),
    ).toEqual([3, 4, 6]));
});

describe('one scale from pairs', () => {
  const wins = fc.array(fc.array(fc.integer({ min: 1, max: 12 }), { minLength: 3, maxLength: 3 }), {
    minLength: 3,
    maxLength: 3,
  });
  it('expects of each as many wins as it had', () =>
    fc.assert(
      fc.property(wins, (table) => {
        const own = table.map((row, i) => row.map((one, j) => (i === j ? 0 : one)));
        const { scores } = pairedScale(own, 'logit')!;
        own.forEach((row, i) => {
          const expected = row.reduce((sum, one, j) => {
            const played = one + own[j]![i]!;
            return sum + (i === j ? 0 : played / (1 + Math.exp(scores[j]! - scores[i]!)));
          }, 0);
          expect(expected).toBeCloseTo(
            row.reduce((sum, one) => sum + one, 0),
            6,
          );
        });
        expect(worths(scores).reduce((sum, one) => sum + one, 0)).toBeCloseTo(1, 9);
      }),
      runs(225),
    ));
  it('has none where one always won', () => {
    expect(
      pairedScale(
        [
          [0, 3],
          [0, 0],
        ],
        'logit',
      ),
    ).toBeNull();
    expect(
      mosteller([
        [0, 3],
        [0, 0],
      ]),
    ).toBeNull();
  });
});
