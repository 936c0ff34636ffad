import fc from 'fast-check';
import { runs } from '../testing';
import { burstsOf, WaterTestError, wattsByWater } from './microwave';
import { isMetal } from './pan';

describe('a microwave', () => {
  // P = 4.18·m·ΔT/t: 1 l, 60 s, 12 K → 836 W.
  it('of 12 °C a minute in a litre has 836 W', () =>
    expect(wattsByWater(1000, 60, 12, 24)).toBeCloseTo(836, 9));
  it.each([
    ['no warmer', [1000, 60, 20, 20]],
    ['boiling', [250, 300, 20, 99]],
    ['of 40 W', [250, 300, 12, 24]],
  ] as const)('says nothing by water that came out %s', (_, [ml, seconds, from, to]) =>
    expect(() => wattsByWater(ml, seconds, from, to)).toThrow(WaterTestError),
  );
  it('is stopped before it is done, and then in bursts that reach it', () =>
    fc.assert(
      fc.property(fc.double({ min: 10, max: 900, noNaN: true }), (seconds) => {
        const { first, each, about } = burstsOf(seconds);
        expect(first).toBeLessThan(seconds);
        expect(first + each * about).toBeGreaterThanOrEqual(seconds);
      }),
      runs(35),
    ));
  it('takes no metal', () => {
    expect(isMetal({ shape: 'round' })).toBe(true);
    expect(isMetal({ shape: 'mug' })).toBe(false);
    expect(isMetal({ shape: 'mug', made: 'bright metal' })).toBe(true);
    expect(isMetal({ shape: 'round', made: 'glass or ceramic' })).toBe(false);
  });
});
