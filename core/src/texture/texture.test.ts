import { BUILT_IN_KITCHEN, catalogueOf } from '../kitchen';
import { lineOf } from '../testing';
import { TERMS, type Texture } from './data/terms';
import { expectTexture, featuresOf } from '.';

const catalogue = catalogueOf(BUILT_IN_KITCHEN);
const COOKIE = { 'all-purpose-flour': 280, butter: 170, 'caster-sugar': 200, egg: 50 } as const;
type Dough = Readonly<Record<string, number>>;
const features = (dough: Dough, chill = 0) =>
  featuresOf(
    Object.entries(dough).map(([id, grams]) => lineOf(id, grams)),
    chill,
    catalogue,
  );
function change(before: Dough, after: Dough, texture: Texture, chill = 0): number {
  const estimates = expectTexture(features(before), features(after, chill));
  return estimates.find((one) => one.texture === texture)!.change;
}
const { 'caster-sugar': sugar, ...rest } = COOKIE;

describe('expected texture', () => {
  // Named pairs of common practice.
  it.each<[string, Dough, Texture, 1 | -1]>([
    ['brown sugar for white is chewier', { ...rest, 'light-brown-sugar': sugar }, 'chew', 1],
    ['… and less crisp', { ...rest, 'light-brown-sugar': sugar }, 'crisp', -1],
    ['… and browner', { ...rest, 'light-brown-sugar': sugar }, 'browning', 1],
    [
      'some corn starch for flour is more tender',
      { ...COOKIE, 'all-purpose-flour': 240, 'corn-starch': 40 },
      'tender',
      1,
    ],
    ['… and spreads less', { ...COOKIE, 'all-purpose-flour': 240, 'corn-starch': 40 }, 'spread', -1],
    ['more butter spreads more', { ...COOKIE, butter: 240 }, 'spread', 1],
    ['a larger egg is cakier', { ...COOKIE, egg: 75 }, 'rise', 1],
  ])('%s', (_, after, texture, sign) => expect(Math.sign(change(COOKIE, after, texture))).toBe(sign));
  it('a day in the cold spreads clearly less', () =>
    expect(change(COOKIE, COOKIE, 'spread', 24)).toBeLessThan(-0.9));
  it('nothing changed is much the same in everything', () => {
    for (const { says, change: by } of expectTexture(features(COOKIE), features(COOKIE))) {
      expect(by).toBe(0);
      expect(says.code).toBe('same');
    }
  });
  it('has no idea where strong pulls cancel out', () => {
    const base = features(COOKIE);
    const both = { ...base, invert: base.invert + 40, chew: base.chew - 8 };
    expect(expectTexture(base, both).find(({ texture }) => texture === 'chew')).toMatchObject({
      says: { code: 'unknown' },
      because: [],
    });
  });
  it('has a size for every term', () => {
    for (const { by } of TERMS.rows) expect(by).not.toBe(0);
  });
});
