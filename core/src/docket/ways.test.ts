import { BUILT_IN_KITCHEN, EMPTY_REQUEST, NO_WISHES, type ConversionRequest } from '../kitchen';
import { toEnd } from '../quantity';
import { readText } from '../testing';
import { WHEAT_BAKES } from './cases/wheatBakes';
import { convert, waysFor } from '.';

const ways = (text: string, request: Partial<ConversionRequest> = {}) =>
  toEnd(waysFor(readText(text), { ...EMPTY_REQUEST, ...request }, BUILT_IN_KITCHEN));
const CAKE = WHEAT_BAKES.find(({ name }) => name === 'layer cake')!.text;

describe('ways to convert', () => {
  it.each(WHEAT_BAKES.filter((_, at) => at % 3 === 0))(
    '$name has two to four, each another in flours, binder or bake',
    ({ text }) => {
      const found = ways(text);
      expect(found.length).toBeGreaterThanOrEqual(2);
      expect(found.length).toBeLessThanOrEqual(4);
      expect(new Set(found.map(({ ask }) => `${ask.route}/${ask.school}/${ask.otherwise}`)).size).toBe(
        found.length,
      );
      for (const { worse } of found) expect(worse.length).toBeGreaterThan(10);
      expect(new Set(found.map(({ worse }) => worse)).size).toBe(found.length);
    },
  );
  it('begin with the one that is asked for now, as its docket stands', () => {
    const [now] = ways(CAKE, { school: 'seed' });
    expect(now!.ask.school).toBe('seed');
    const alone = convert(
      readText(CAKE),
      { ...EMPTY_REQUEST, school: 'seed', blend: { ...NO_WISHES, route: 'grain-blend' } },
      BUILT_IN_KITCHEN,
    );
    expect(alone).toEqual({ outcome: 'docket', docket: now!.docket });
  });
  it('hold no egg-led way where egg is out, and no grain where grain is', () => {
    expect(ways(CAKE, { without: ['egg'] }).some(({ ask }) => ask.school === 'egg-led')).toBe(false);
    const grainFree = ways(CAKE, { diet: 'grain-free' });
    expect(grainFree.length).toBeGreaterThanOrEqual(2);
    expect(grainFree.some(({ ask }) => ask.route === 'grain-blend')).toBe(false);
  });
  const COOKIES =
    'Cookies\n225 g plain flour\n120 g butter\n150 g sugar\n1 egg\nMethod\nCream the butter and sugar, beat in the egg, stir in the flour. Chill the dough for 30 minutes.\nBake at 180 °C for 12 minutes.';
  it('of crisp goods may be low and slow: longer in a cooler oven', () => {
    const found = ways(COOKIES);
    const slow = found.find(({ ask }) => ask.otherwise === 'low-and-slow')!;
    expect(slow.docket.bake.ovenCelsius).toBeLessThan(found[0]!.docket.bake.ovenCelsius! - 14);
    expect(slow.docket.bake.minutes!.central).toBeGreaterThan(1.1 * found[0]!.docket.bake.minutes!.central);
    expect(ways(CAKE).some(({ ask }) => ask.otherwise !== null)).toBe(false);
  });
  it('of cookies may be a longer chill, which the step says in the place of its own', () => {
    const long = ways(COOKIES).find(({ ask }) => ask.otherwise === 'long-chill')!;
    expect(long.docket.rest).toMatchObject({ minutes: [1440, 1440], cold: true });
    const chills = long.docket.method.filter(({ text }) => /chill/i.test(text));
    expect(chills.map(({ text }) => text).join(' ')).toMatch(/for 24 hours/);
    expect(chills.map(({ text }) => text).join(' ')).not.toMatch(/30 minutes/);
  });
  it('name what is to be bought: never what the recipe has', () => {
    for (const { toBuy } of ways(CAKE)) {
      expect(toBuy.length).toBeGreaterThan(0);
      expect(toBuy).not.toContain('butter');
    }
  });
  it('are none without wheat', () => expect(ways('100 g rice flour\n2 eggs')).toEqual([]));
});
