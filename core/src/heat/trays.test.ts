import fc from 'fast-check';
import { runs } from '../testing';
import { planTrays } from './trays';

describe('trays', () => {
  const ask = { pieces: 24, acrossCm: 7.5, trayCm: [40, 30] as const, racks: 2, minutes: 12 };
  it('hold two dozen cookies of common size on two', () =>
    expect(planTrays(ask)).toMatchObject({ perTray: 12, trays: 2 }));
  it('go one after the other, or two with a swap half way that takes longer but ends sooner', () => {
    const [one, two] = planTrays(ask).plans;
    expect(one).toMatchObject({ at: 'one', loads: 2, minutes: 12, swapAt: null, total: 27 });
    expect(two!.minutes).toBeGreaterThan(12);
    expect(two!.swapAt).toBeCloseTo(two!.minutes / 2, 9);
    expect(two!.total).toBeLessThan(one!.total);
  });
  it('go one at a time where there is one rack', () =>
    expect(planTrays({ ...ask, racks: 1 }).plans).toHaveLength(1));
  it('hold every piece, and no less when pieces are smaller', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 200 }),
        fc.double({ min: 2, max: 20, noNaN: true }),
        (pieces, acrossCm) => {
          const found = planTrays({ ...ask, pieces, acrossCm });
          expect(found.perTray * found.trays).toBeGreaterThanOrEqual(pieces);
          expect(planTrays({ ...ask, pieces, acrossCm: acrossCm / 2 }).perTray).toBeGreaterThanOrEqual(
            found.perTray,
          );
        },
      ),
      runs(34),
    ));
});
