import {
  BUILT_IN_KITCHEN,
  catalogueOf,
  EMPTY_REQUEST,
  NO_WISHES,
  type BlendWishes,
  type ConversionRequest,
  type Kitchen,
} from '../kitchen';
import { toEnd } from '../quantity';
import { AIMS, FAMILIES, ROUTES, type FamilyId } from '../vocabulary';
import {
  AIM_SHIFTS,
  designBlend,
  oneMoreBag,
  routeFor,
  routesFor,
  schoolOf,
  type Asked,
  type BlendOutcome,
} from '.';
import { targetOf } from './target';

const catalogue = catalogueOf(BUILT_IN_KITCHEN);
const WHEAT = { grams: 250, thirst: 187.5 };
const shelf = (rows: readonly (readonly [id: string, grams: number, price?: number])[]): Kitchen => ({
  ...BUILT_IN_KITCHEN,
  version: JSON.stringify(rows),
  cupboard: rows.map(([ingredient, grams, price]) => ({ ingredient, grams, pricePerKilo: price ?? null })),
});
const asked = (
  wishes: Partial<BlendWishes>,
  kitchen: Kitchen = BUILT_IN_KITCHEN,
  family: FamilyId = 'creamed-cake',
  part: Partial<ConversionRequest> = {},
): Asked => {
  const request = { ...EMPTY_REQUEST, ...part, blend: { ...NO_WISHES, ...wishes } };
  return { family, route: routeFor(request, family, catalogueOf(kitchen)), request, kitchen, wheat: WHEAT };
};
const design = ({ family, route, request, kitchen, wheat }: Asked) =>
  toEnd(designBlend(family, route, request, kitchen, wheat));
function best(question: Asked) {
  const outcome = design(question);
  if (outcome.kind !== 'blends') throw new Error(JSON.stringify(outcome.reasons));
  return outcome.blends[0]!;
}
const share = (question: Asked, id: string) =>
  best(question).shares.find(({ ingredient }) => ingredient === id)?.share ?? 0;

describe('a wish', () => {
  it.each(AIMS.filter((aim) => aim !== 'cheap'))('%s moves the target its own way', (aim) => {
    const usual = targetOf('grain-blend', 'drop-cookie', [], catalogue);
    const wished = targetOf('grain-blend', 'drop-cookie', [aim], catalogue);
    const { add, atMost, upTo } = AIM_SHIFTS[aim];
    for (const [property, by] of Object.entries(add) as [keyof typeof usual, number][])
      expect(Math.sign(wished[property] - usual[property])).toBe(Math.sign(by));
    for (const [property, most] of Object.entries(atMost) as [keyof typeof usual, number][])
      expect(wished[property]).toBeLessThanOrEqual(most);
    for (const [property, most] of Object.entries(upTo) as [keyof typeof usual, number][])
      expect(wished[property]).toBeGreaterThanOrEqual(most);
  });
  it('to be chewy or crisp is felt in the blend', () => {
    const usual = best(asked({}, BUILT_IN_KITCHEN, 'drop-cookie')).properties;
    expect(best(asked({ aims: ['chew'] }, BUILT_IN_KITCHEN, 'drop-cookie')).properties.chew).toBeGreaterThan(
      usual.chew,
    );
    expect(best(asked({ aims: ['crisp'] }, BUILT_IN_KITCHEN, 'drop-cookie')).properties.snap).toBeGreaterThan(
      usual.snap,
    );
  });
  it('to be cheap never makes it dearer', () => {
    const prices = [
      ['white-rice-flour', 1000, 3],
      ['sorghum-flour', 1000, 12],
      ['potato-starch', 1000, 3],
      ['tapioca-starch', 1000, 3],
    ] as const;
    const kitchen = shelf(prices);
    const perKilo = (question: Asked) =>
      best(question).shares.reduce(
        (sum, one) => sum + one.share * prices.find(([id]) => id === one.ingredient)![2],
        0,
      );
    expect(perKilo(asked({ aims: ['cheap'], buy: 0 }, kitchen))).toBeLessThan(
      perKilo(asked({ buy: 0 }, kitchen)),
    );
  });
  it('for few flours is kept to', () => {
    for (const most of [2, 3, 4]) expect(best(asked({ most })).shares.length).toBeLessThanOrEqual(most);
  });
  it('to use up a bag puts in what the bag and the limits allow', () => {
    expect(
      share(asked({ useUp: 'teff-flour' }, shelf([['teff-flour', 40]])), 'teff-flour'),
    ).toBeGreaterThanOrEqual(0.16);
    expect(share(asked({ useUp: 'teff-flour' }), 'teff-flour')).toBe(0.25);
  });
});

describe('a cupboard', () => {
  const few = shelf([
    ['white-rice-flour', 90],
    ['tapioca-starch', 500],
    ['sorghum-flour', 300],
    ['potato-starch', 300],
  ]);
  it('lets no bag be overdrawn', () =>
    expect(share(asked({ buy: 0 }, few), 'white-rice-flour')).toBeLessThanOrEqual(0.37));
  it('is kept to when nothing is to be bought', () => {
    for (const { ingredient } of best(asked({ buy: 0 }, few)).shares)
      expect(few.cupboard!.map((one) => one.ingredient)).toContain(ingredient);
  });
  it('says what one more bag would buy', () => {
    const small = shelf([
      ['white-rice-flour', 500],
      ['tapioca-starch', 500],
    ]);
    const more = toEnd(oneMoreBag(asked({ buy: 0 }, small)))!;
    expect(more.buy.ingredient).toBe('potato-starch');
    expect(more.nearer).toBeGreaterThan(0.05);
    expect(toEnd(oneMoreBag(asked({ buy: null }, small)))).toBeNull();
  });
  it('that is empty, with nothing to be bought, says so and how it would go', () => {
    const outcome = design(asked({ buy: 0 }, shelf([])));
    expect(outcome).toMatchObject({
      kind: 'infeasible',
      reasons: [{ code: 'nothing-to-blend' }],
    });
    expect(codesOf(outcome)).toContain('buy-what-it-takes');
  });
});

const codesOf = ({ ways }: BlendOutcome) => ways.flatMap((one) => one.let.map(({ code }) => code));

describe('wishes that clash', () => {
  it('come with the smallest set to let go, and letting it go makes room', () => {
    const clash = asked({ most: 2, useUp: 'teff-flour' });
    const outcome = design(clash);
    expect(outcome.ways.length).toBeGreaterThan(0);
    for (const { patch } of outcome.ways) {
      const eased = design({ ...clash, request: { ...clash.request, ...patch } });
      expect(eased.kind).toBe('blends');
      expect(eased.ways).toEqual([]);
    }
  });
  it('of a way that can’t be gone lead back to the usual one', () => {
    const barred = design(
      asked({ route: 'almond-led' }, BUILT_IN_KITCHEN, 'creamed-cake', { without: ['tree nuts'] }),
    );
    expect(barred).toMatchObject({
      kind: 'infeasible',
      relax: [{ code: 'wishes', values: { of: [{ code: 'usual-way' }] } }],
    });
    const jar = design(asked({ jar: '0195a0c0-0000-7000-8000-00000000000b' }));
    expect(codesOf(jar)).toEqual(['leave-jar']);
  });
  it('name every flour that was left out when none is left', () => {
    const out = design(
      asked({ buy: 0 }, shelf([['teff-flour', 500]]), 'creamed-cake', { withoutFlours: ['teff-flour'] }),
    );
    expect(out).toMatchObject({ kind: 'infeasible', reasons: [{ code: 'no-flour-left' }] });
    expect(codesOf(out)).toContain('buy-what-it-takes');
  });
  it('never ask anybody to eat what they avoid', () => {
    const outcome = design(
      asked({ useUp: 'almond-flour' }, BUILT_IN_KITCHEN, 'creamed-cake', { without: ['tree nuts'] }),
    );
    expect(outcome.kind).toBe('infeasible');
    expect(JSON.stringify(outcome.ways)).not.toMatch(/tree nuts/);
  });
});

describe('a route', () => {
  it.each(FAMILIES)('for a %s says of each whether it goes', (family) => {
    const ways = routesFor(asked({}, BUILT_IN_KITCHEN, family));
    expect(ways.map(({ route }) => route)).toEqual([...ROUTES]);
    expect(ways.filter(({ barred }) => barred === null).length).toBeGreaterThanOrEqual(3);
  });
  it('by coconut replaces by thirst: a fifth to a quarter of the wheat’s weight', () => {
    // Common practice: 20–25 % of the wheat.
    const school = toEnd(schoolOf({ kind: 'route', route: 'coconut-led' }, asked({})));
    if ('barred' in school) throw new Error(JSON.stringify(school.barred));
    expect(school.grams / WHEAT.grams).toBeGreaterThanOrEqual(0.18);
    expect(school.grams / WHEAT.grams).toBeLessThanOrEqual(0.27);
  });
  it('by nut butter wants about twice the wheat’s weight', () => {
    const school = toEnd(
      schoolOf({ kind: 'route', route: 'nut-butter-led' }, asked({}, BUILT_IN_KITCHEN, 'drop-cookie')),
    );
    if ('barred' in school) throw new Error(JSON.stringify(school.barred));
    expect(school.grams / WHEAT.grams).toBeGreaterThan(1.6);
  });
  it('by cassava takes 80 to 85 % of the weight; by almond all of it', () => {
    const grams = (route: 'cassava-led' | 'almond-led') => {
      const school = toEnd(schoolOf({ kind: 'route', route }, asked({})));
      if ('barred' in school) throw new Error(JSON.stringify(school.barred));
      return school.grams;
    };
    expect(grams('cassava-led')).toBeCloseTo(0.83 * 250, 6);
    expect(grams('almond-led')).toBeCloseTo(250, 6);
  });
  it('whose leader is avoided is barred by name', () => {
    const school = toEnd(
      schoolOf(
        { kind: 'route', route: 'almond-led' },
        asked({}, BUILT_IN_KITCHEN, 'creamed-cake', { without: ['tree nuts'] }),
      ),
    );
    expect(JSON.stringify('barred' in school && school.barred)).toMatch(/tree nuts/);
  });
  it('of butters keeps to seeds where nuts and peanuts are out', () => {
    const school = toEnd(
      schoolOf(
        { kind: 'route', route: 'nut-butter-led' },
        asked({}, BUILT_IN_KITCHEN, 'brownie', { without: ['tree nuts', 'peanuts', 'sesame'] }),
      ),
    );
    if ('barred' in school) throw new Error(JSON.stringify(school.barred));
    expect(school.shares[0]!.ingredient).toBe('sunflower-butter');
  });
  it('says what must be bought, and what it costs where bags have prices', () => {
    const kitchen = shelf([
      ['white-rice-flour', 60, 3],
      ['tapioca-starch', 1000, 4],
    ]);
    const school = toEnd(schoolOf({ kind: 'route', route: 'grain-blend' }, asked({}, kitchen)));
    if ('barred' in school) throw new Error(JSON.stringify(school.barred));
    const rice = school.shares.find(({ ingredient }) => ingredient === 'white-rice-flour')!;
    expect(school.toBuy.find(({ ingredient }) => ingredient === 'white-rice-flour')!.grams).toBeCloseTo(
      250 * rice.share - 60,
      6,
    );
    expect(school.toBuy.some(({ ingredient }) => ingredient === 'tapioca-starch')).toBe(false);
    expect(school.cost!.guessed).toBe(true);
    expect(school.cost!.amount).toBeGreaterThan(0);
  });
});
