import fc from 'fast-check';
import { runs } from '../../testing';
import { toNumber } from '../fraction';
import { friedman, midranks, page, pairedMean, signTest, wilcoxon, wilcoxonByChance } from '.';
import { spread, sumsByChance, waysToSpread } from './chanceSums';
import { doubled, ordersOf, waysOf } from './permuted';

/** Every way in which a panel's ranks can fall, one by one: slow, and nothing to get wrong. */
function everyWay(panel: readonly (readonly number[])[]): (readonly number[])[][] {
  const [first, ...rest] = panel;
  if (!first) return [[]];
  return everyWay(rest).flatMap((others) => ordersOf(first).map((order) => [order, ...others]));
}
const sumsOf = (panel: readonly (readonly number[])[]) =>
  panel[0]!.map((_, at) => panel.reduce((sum, row) => sum + row[at]!, 0));
const squares = (sums: readonly number[]) => sums.reduce((all, one) => all + one * one, 0);
const trend = (sums: readonly number[]) => sums.reduce((all, one, at) => all + (at + 1) * one, 0);

const scores = fc.integer({ min: 2, max: 3 }).chain((tasters) =>
  fc.array(fc.array(fc.integer({ min: 1, max: 5 }), { minLength: 3, maxLength: 3 }), {
    minLength: tasters,
    maxLength: tasters,
  }),
);

describe('ranks', () => {
  it('have the exact p of counting every way one by one, ties and all', () =>
    fc.assert(
      fc.property(scores, (panel) => {
        const ranks = panel.map(midranks);
        const ways = everyWay(ranks).map(sumsOf);
        const own = sumsOf(ranks);
        const share = (of: (sums: readonly number[]) => number) =>
          ways.filter((sums) => of(sums) >= of(own) - 1e-9).length / ways.length;
        expect(toNumber(friedman(ranks).p)).toBeCloseTo(share(squares), 12);
        expect(toNumber(page(ranks).p)).toBeCloseTo(share(trend), 12);
      }),
      runs(211),
    ));
  const larger = fc
    .tuple(fc.integer({ min: 3, max: 5 }), fc.integer({ min: 1, max: 14 }))
    .chain(([samples, tasters]) =>
      fc.array(fc.array(fc.integer({ min: 1, max: 9 }), { minLength: samples, maxLength: samples }), {
        minLength: Math.min(tasters, samples === 5 ? 5 : 14),
        maxLength: Math.min(tasters, samples === 5 ? 5 : 14),
      }),
    );
  const untied = fc
    .tuple(fc.integer({ min: 2, max: 5 }), fc.integer({ min: 1, max: 5 }))
    .chain(([samples, tasters]) =>
      fc.array(
        fc.shuffledSubarray(
          Array.from({ length: samples }, (_, at) => at + 1),
          { minLength: samples },
        ),
        { minLength: tasters, maxLength: tasters },
      ),
    );
  it('spread in as many ways when what is settled is dropped on the way as when every sum is kept', () =>
    fc.assert(
      fc.property(fc.oneof(larger, untied), fc.double({ min: 0, max: 1.2, noNaN: true }), (panel, share) => {
        const ranks = panel.map(midranks);
        const all = sumsByChance(ranks);
        const most = Math.max(...all.map(({ sums }) => spread(sums)));
        const least = Math.round(share * most);
        const kept = all
          .filter(({ sums }) => spread(sums) >= least)
          .reduce((sum, { ways }) => sum + ways, 0n);
        expect(waysToSpread(ranks, least)).toBe(kept);
        expect(all.reduce((sum, { ways }) => sum + ways, 0n)).toBe(waysOf(panel[0]!.length, panel.length));
        const own = spread(doubled(sumsOf(ranks)));
        expect(waysToSpread(ranks, own)).toBeGreaterThan(0n);
      }),
      runs(213),
    ));
  it('say the same whatever the samples are called', () =>
    fc.assert(
      fc.property(scores, (panel) => {
        const turned = panel.map(([a, b, c]) => [c!, a!, b!]);
        expect(toNumber(friedman(turned.map(midranks)).p)).toBeCloseTo(
          toNumber(friedman(panel.map(midranks)).p),
          12,
        );
      }),
      runs(212),
    ));
  it('that all agree, agree wholly; that nobody told apart, can’t be judged', () => {
    const all = [1, 2, 3].map(() => [1, 2, 3, 4]);
    expect(friedman(all)).toMatchObject({ agreement: 1, imanDavenport: null });
    expect(friedman([[2, 2, 2].map(Number), [2, 2, 2]])).toMatchObject({ corrected: null, agreement: null });
  });
});

describe('signs and signed ranks', () => {
  // Wilcoxon's T, two-sided 0.05 and 0.01: published tables, from memory.
  it.each([
    [5, null, null],
    [6, 0, null],
    [8, 3, 0],
    [10, 8, 3],
    [12, 13, 7],
    [15, 25, 15],
  ])('of %d: T %s and %s', (n, wide, narrow) => {
    const { critical } = wilcoxonByChance(n);
    expect([critical(0.05, 2), critical(0.01, 2)]).toEqual([wide, narrow]);
  });
  const differences = fc.array(fc.integer({ min: -4, max: 4 }), { minLength: 1, maxLength: 10 });
  it('are turned about with the samples', () =>
    fc.assert(
      fc.property(differences, (own) => {
        const turned = own.map((one) => -one);
        for (const zeros of ['before', 'after'] as const) {
          const [a, b] = [wilcoxon(own, zeros), wilcoxon(turned, zeros)];
          expect([a.plus, a.minus]).toEqual([b.minus, b.plus]);
          expect(toNumber(a.bothWays)).toBeCloseTo(toNumber(b.bothWays), 12);
        }
        expect(toNumber(signTest(own).bothWays)).toBeCloseTo(toNumber(signTest(turned).bothWays), 12);
      }),
      runs(213),
    ));
});

describe('a mean of differences', () => {
  it('lies in the middle of its interval, which grows with the level', () =>
    fc.assert(
      fc.property(fc.array(fc.integer({ min: -8, max: 8 }), { minLength: 2, maxLength: 15 }), (own) => {
        const [wide, narrow] = [pairedMean(own, 0.01), pairedMean(own, 0.1)];
        if (!wide.interval || !narrow.interval) return expect(new Set(own).size).toBe(1);
        expect((wide.interval[0] + wide.interval[1]) / 2).toBeCloseTo(wide.mean, 9);
        expect(wide.interval[0]).toBeLessThan(narrow.interval[0]);
      }),
      runs(214),
    ));
});
