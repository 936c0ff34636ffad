import fc from 'fast-check';
import { runs } from '../testing';
import { ontoTriangle } from './byHand';
import { giveWay, moveOnTriangle, shareAtBorder, toPercents, type HandShare } from '.';

const sum = (shares: readonly { share: number }[]) => shares.reduce((total, { share }) => total + share, 0);
const blends = fc
  .array(fc.record({ weight: fc.integer({ min: 1, max: 100 }), held: fc.boolean() }), {
    minLength: 2,
    maxLength: 6,
  })
  .map((parts): HandShare[] => {
    const total = parts.reduce((all, { weight }) => all + weight, 0);
    return parts.map(({ weight, held }, at) => ({ ingredient: `f${at}`, share: weight / total, held }));
  });

describe('a share moved by hand', () => {
  it('lets the others give way in proportion, and held ones stay', () =>
    fc.assert(
      fc.property(blends, fc.double({ min: -0.5, max: 1.5, noNaN: true }), (before, wanted) => {
        const after = giveWay(before, 'f0', wanted);
        expect(sum(after)).toBeCloseTo(1, 9);
        after.forEach(({ share, held }, at) => {
          expect(share).toBeGreaterThanOrEqual(-1e-12);
          if (held && at > 0) expect(share).toBe(before[at]!.share);
        });
        const free = after.map((one, at) => ({ ...one, at })).filter(({ held, at }) => at > 0 && !held);
        for (const { share, at } of free.slice(1)) {
          const first = free[0]!;
          expect(share * before[first.at]!.share).toBeCloseTo(first.share * before[at]!.share, 9);
        }
      }),
      runs(1),
    ));
  it('goes as in the book: 40/40/20 with the first to 50 is 50/33/17', () => {
    const before = [0.4, 0.4, 0.2].map((share, at) => ({ ingredient: `f${at}`, share, held: false }));
    expect(toPercents(giveWay(before, 'f0', 0.5)).map(({ share }) => Math.round(share * 100))).toEqual([
      50, 33, 17,
    ]);
  });
  it('keeps the border that is dragged under the pointer', () =>
    fc.assert(
      fc.property(blends, fc.double({ min: 0, max: 1, noNaN: true }), fc.nat(4), (drawn, place, pick) => {
        const at = pick % (drawn.length - 1);
        const before = drawn.map((one, k) => (k === at ? { ...one, held: false } : one));
        const after = giveWay(before, before[at]!.ingredient, shareAtBorder(before, at, place));
        const border = sum(after.slice(0, at + 1));
        const least = sum(before.slice(0, at).filter(({ held }) => held));
        const most = 1 - sum(before.slice(at + 1).filter(({ held }) => held));
        // Where it can't go further it stops, with nothing left to give.
        const free = (shares: readonly HandShare[]) => shares.some((one, k) => k !== at && !one.held);
        if (
          free(before) &&
          place > least + 0.01 &&
          place < most - 0.01 &&
          after[at]!.share > 1e-9 &&
          free(before.slice(at + 1))
        )
          expect(border).toBeCloseTo(place, 6);
        expect(sum(after)).toBeCloseTo(1, 9);
      }),
      runs(1),
    ));
  it('stands in whole percents that sum to a hundred', () =>
    fc.assert(
      fc.property(blends, (shares) =>
        expect(toPercents(shares).reduce((all, { share }) => all + Math.round(share * 100), 0)).toBe(100),
      ),
      runs(1),
    ));
});

describe('the triangle', () => {
  it('takes any point to the nearest one inside', () =>
    fc.assert(
      fc.property(
        fc.double({ min: -2, max: 2, noNaN: true }),
        fc.double({ min: -2, max: 2, noNaN: true }),
        (a, b) => {
          const point = [a, b, 1 - a - b] as const;
          const inside = ontoTriangle(point);
          expect(inside.reduce((x, y) => x + y, 0)).toBeCloseTo(1, 9);
          expect(Math.min(...inside)).toBeGreaterThanOrEqual(-1e-12);
          const off = (q: readonly number[]) => q.reduce((d, one, k) => d + (one - point[k]!) ** 2, 0);
          // No point of a grid over the triangle is nearer.
          for (let i = 0; i <= 20; i += 1)
            for (let j = 0; i + j <= 20; j += 1)
              expect(off([i / 20, j / 20, 1 - (i + j) / 20])).toBeGreaterThanOrEqual(off(inside) - 1e-9);
        },
      ),
      runs(1),
    ));
  it('moves three and leaves the rest', () => {
    const before = [0.3, 0.3, 0.2, 0.2].map((share, at) => ({ ingredient: `f${at}`, share, held: false }));
    const after = moveOnTriangle(before, ['f0', 'f1', 'f2'], [0.5, 0.25, 0.25]);
    expect(after.map(({ share }) => Number(share.toFixed(6)))).toEqual([0.4, 0.2, 0.2, 0.2]);
  });
});
