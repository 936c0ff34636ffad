import { FAMILIES, MissingRowError, ROUTES } from '../vocabulary';
import { bandsOf, COVERED_FAMILIES, describeFamily, findProfile, getProfile } from '.';

describe('families', () => {
  it.each(FAMILIES)('%s has a name and bands in order', (id) => {
    expect(describeFamily(id).name).not.toBe('');
    for (const route of ROUTES)
      for (const [low, high] of Object.values<readonly [number, number]>({ ...bandsOf(id, route) }))
        expect(low).toBeLessThanOrEqual(high);
  });
  it('cover six, and name the nearest covered one for every other', () => {
    expect([...COVERED_FAMILIES].sort()).toEqual([
      'brownie',
      'creamed-cake',
      'cut-out',
      'drop-cookie',
      'muffin',
      'pastry',
    ]);
    for (const id of FAMILIES.filter((one) => !findProfile(one))) {
      const { nearest } = describeFamily(id);
      expect(nearest && findProfile(nearest)).toBeDefined();
    }
  });
  it.each(COVERED_FAMILIES)('%s is baked within reason', (id) => {
    const { doneCelsius, waterLost, rise, porosityRaw, rest, moreLift, xanthan } = getProfile(id);
    expect(doneCelsius).toBeGreaterThan(80);
    expect(doneCelsius).toBeLessThan(100);
    expect(waterLost).toBeGreaterThan(0);
    expect(rise).toBeGreaterThanOrEqual(1);
    expect(porosityRaw).toBeLessThan(0.5);
    expect(rest[0]).toBeLessThanOrEqual(rest[1]);
    // Common practice: up to a quarter more.
    expect(moreLift).toBeLessThanOrEqual(0.25);
    expect(xanthan).toBeLessThanOrEqual(bandsOf(id).xanthan[1]);
  });
  it('raise an error that names what isn’t there', () =>
    expect(() => getProfile('choux')).toThrow(MissingRowError));
});
