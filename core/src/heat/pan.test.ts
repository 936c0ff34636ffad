import type { PanSize } from '../kitchen';
import { panArea, PouredWaterError, sizeByWater } from './pan';

describe('a tin by water', () => {
  const round: PanSize = { shape: 'round', lengthCm: 26, widthCm: 26, count: 1 };
  it('of 1571 ml and 5 cm is 20 cm across', () =>
    expect(sizeByWater(round, 1571, 5).lengthCm).toBeCloseTo(20, 1));
  it('holds what was poured, whatever its shape', () => {
    for (const shape of ['round', 'square', 'rect', 'loaf', 'ring'] as const) {
      const pan = sizeByWater(
        { shape, lengthCm: 24, widthCm: shape === 'rect' ? 16 : 24, count: 1 },
        1800,
        6,
      );
      expect((panArea(pan) * 6) / 1800).toBeGreaterThan(0.85);
      expect((panArea(pan) * 6) / 1800).toBeLessThan(1.15);
    }
  });
  it('that would be a bath is measured again', () =>
    expect(() => sizeByWater(round, 20_000, 1)).toThrow(PouredWaterError));
});
