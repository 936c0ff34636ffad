import { FAMILIES } from '../vocabulary';
import { familyOf } from '../family';
import { coolMinutesIn } from './coolingIn';

const pan = (lengthCm: number, count = 1) =>
  ({ shape: 'round', lengthCm, widthCm: lengthCm, count }) as const;

describe('how long a bake stays in its tin', () => {
  it('is never longer in a small one than in a large one', () => {
    for (const family of FAMILIES)
      expect(coolMinutesIn(familyOf(family), pan(7, 12), { depthCm: 4, piece: null })).toBeLessThanOrEqual(
        coolMinutesIn(familyOf(family), pan(23), { depthCm: 4, piece: null }),
      );
  });
  it('is short for a shallow sponge, and long for a deep one', () => {
    const foam = familyOf('foam');
    expect(coolMinutesIn(foam, pan(20, 2), { depthCm: 2.5, piece: null })).toBe(10);
    expect(coolMinutesIn(foam, pan(23), { depthCm: 6, piece: null })).toBe(foam.coolMinutes);
  });
  it('is that of its family for a loaf', () =>
    expect(coolMinutesIn(familyOf('loaf'), pan(23), { depthCm: 6, piece: null })).toBe(
      familyOf('loaf').coolMinutes,
    ));
});
