import fc from 'fast-check';
import { runs } from '../../testing';
import { compared, ONE, toNumber } from '../fraction';
import {
  criticalCount,
  differenceP,
  differencePower,
  DISTANCES,
  distanceOf,
  PROTOCOLS,
  RIGHT_AT,
  tellers,
} from '.';

describe('tests of a difference', () => {
  // ISO 4120:2004 table A.1 and ISO 10399:2004 table A.1, from memory.
  it.each([
    ['triangle', 6, 0.05, 5],
    ['triangle', 12, 0.05, 8],
    ['triangle', 18, 0.05, 10],
    ['triangle', 24, 0.05, 13],
    ['triangle', 30, 0.05, 15],
    ['triangle', 12, 0.01, 9],
    ['duo_trio', 12, 0.05, 10],
    ['duo_trio', 20, 0.05, 15],
    ['duo_trio', 30, 0.05, 20],
    // ISO 5495:2005 table A.2, from memory.
    ['two_afc_two_sided', 10, 0.05, 9],
    ['two_afc_two_sided', 20, 0.05, 15],
  ] as const)('%s of %d answers at %f: %d', (protocol, n, alpha, count) =>
    expect(criticalCount(protocol, n, alpha)?.count).toBe(count),
  );
  const some = fc.record({
    protocol: fc.constantFrom(...PROTOCOLS),
    n: fc.integer({ min: 1, max: 40 }),
    tellers: fc.double({ min: 0, max: 1, noNaN: true }),
  });
  it('are significant from their critical count on, and not below', () =>
    fc.assert(
      fc.property(some, ({ protocol, n }) => {
        const found = criticalCount(protocol, n, 0.05);
        const p = (k: number) => toNumber(differenceP(protocol, n, k));
        if (!found) return expect(p(n)).toBeGreaterThan(0.05);
        expect(p(found.count)).toBeLessThanOrEqual(0.05);
        expect(compared(differenceP(protocol, n, found.count), found.level)).toBe(0);
        expect(p(found.count - 1)).toBeGreaterThan(0.05);
      }),
      runs(201),
    ));
  it('find what nobody can tell no more often than they say, and what more people can tell more often', () =>
    fc.assert(
      fc.property(some, ({ protocol, n, tellers: share }) => {
        const level = criticalCount(protocol, n, 0.05)?.level;
        expect(differencePower(protocol, n, 0.05, 0)).toBeCloseTo(level ? toNumber(level) : 0, 9);
        expect(differencePower(protocol, n, 0.05, Math.min(1, share + 0.1))).toBeGreaterThanOrEqual(
          differencePower(protocol, n, 0.05, share) - 1e-12,
        );
      }),
      runs(202),
    ));
  it('add up to one with their complement', () =>
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 60 }), fc.nat(60), (n, k) => {
        if (k > n) return;
        expect(compared(differenceP('triangle', n, 0), ONE)).toBe(0);
        expect(toNumber(differenceP('triangle', n, k))).toBeGreaterThanOrEqual(
          toNumber(differenceP('triangle', n, k + 1)),
        );
      }),
      runs(203),
    ));
  it.each(DISTANCES)('%s: what is right at a distance is found back from it', (protocol) => {
    for (const d of [0.3, 1, 2.2, 4]) expect(distanceOf(protocol, RIGHT_AT[protocol](d))).toBeCloseTo(d, 5);
    expect(distanceOf(protocol, 0.2)).toBe(0);
  });
  it('leave room for nobody at all where limits lie below chance', () =>
    expect(tellers('triangle', 12, 3, 0.95).lower).toBe(0));
});
