import type { HouseBlend, JarPart } from '@omniarton/core/kitchen';
import { mixedAnew } from './jarVersions';

const of = (ingredient: string): JarPart[] => [{ ingredient, share: 1 }];
const jar: HouseBlend = { id: 'j', name: 'the jar', kind: 'mixed', madeOf: of('teff-flour'), earlier: [] };

describe('a jar that is mixed otherwise', () => {
  it('keeps what it was before, the newest first, and can be mixed so again', () => {
    const second = mixedAnew(jar, of('oat-flour'));
    const third = mixedAnew(second, of('sorghum-flour'));
    expect(third.earlier.map(({ madeOf }) => madeOf[0]!.ingredient)).toEqual(['oat-flour', 'teff-flour']);
    const again = mixedAnew(third, third.earlier[1]!.madeOf);
    expect(again.madeOf[0]!.ingredient).toBe('teff-flour');
    expect(again.earlier.map(({ madeOf }) => madeOf[0]!.ingredient)).toEqual(['sorghum-flour', 'oat-flour']);
  });
});
