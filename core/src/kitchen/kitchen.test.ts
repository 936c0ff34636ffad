import { getIngredient, ingredientOfOwn, thirstOf, type OwnIngredient } from '../catalogue';
import { BUILT_IN_KITCHEN, catalogueOf, PANS, standsFree, type Kitchen, type WeighedCup } from '.';

const PANEL = {
  fat: 2,
  carbohydrate: 75,
  sugars: 1,
  fibre: 5,
  protein: 9,
  salt: 0,
  fibreInCarbohydrate: false,
};
const own = (id: string, name: string): OwnIngredient => ({
  id,
  name,
  also: [],
  role: 'gf-flour',
  panel: PANEL,
  cupGrams: 118,
  eachGrams: null,
  gluten: 'free',
  grain: 'grain',
  allergens: [],
  possible: [],
  note: '',
  certified: true,
  label: null,
});
const cup = (ingredient: string, cupGrams: number, inUse = true): WeighedCup => ({
  id: `${ingredient}-${cupGrams}`,
  ingredient,
  bag: 'a bag',
  cupGrams,
  on: '2026-06-14',
  inUse,
});
const kitchen = (part: Partial<Kitchen>): Kitchen => ({ ...BUILT_IN_KITCHEN, version: 'own', ...part });

describe('a kitchen’s catalogue', () => {
  it('is the product’s own where a household has nothing to add, and made once for a snapshot', () => {
    expect(catalogueOf(kitchen({}))).toBe(catalogueOf(BUILT_IN_KITCHEN));
    const with1 = kitchen({ weighed: [cup('sorghum-flour', 131)] });
    expect(catalogueOf(with1)).toBe(catalogueOf(with1));
  });
  it('weighs by the bag that is open, and by no other', () => {
    const there = catalogueOf(
      kitchen({ weighed: [cup('sorghum-flour', 131), cup('teff-flour', 170, false), cup('moon-dust', 90)] }),
    );
    const usual = catalogueOf(BUILT_IN_KITCHEN);
    const cupOf = (from: typeof there, id: string) => Object.values(getIngredient(from, id).cup)[0]!;
    expect(cupOf(there, 'sorghum-flour')[0]).toBe(131);
    expect(cupOf(there, 'teff-flour')).toEqual(cupOf(usual, 'teff-flour'));
    // A weighed cup is surer than a table's.
    const spread = ([, low, high]: readonly [number, number, number]) => high - low;
    expect(spread(cupOf(there, 'sorghum-flour'))).toBeLessThan(spread(cupOf(usual, 'sorghum-flour')));
    expect(there.byId.has('moon-dust')).toBe(false);
  });
  it('keeps what a flour does in the bowl when its label is corrected', () => {
    const usual = catalogueOf(BUILT_IN_KITCHEN);
    const sorghum = getIngredient(usual, 'sorghum-flour');
    const corrected = ingredientOfOwn(own('sorghum-flour', 'Vale sorghum'), sorghum);
    const there = catalogueOf(kitchen({ ingredients: [corrected] }));
    expect(getIngredient(there, 'sorghum-flour').composition.protein).toBe(9);
    expect(thirstOf(there, 'sorghum-flour')).toEqual(thirstOf(usual, 'sorghum-flour'));
    expect(getIngredient(there, 'sorghum-flour').flour).toEqual(sorghum.flour);
  });
  it('has an own flour that nobody measured drink between rice and oat, widely', () => {
    const made = ingredientOfOwn(own('house-mill', 'house mill'));
    const [central, low, high] = thirstOf(catalogueOf(kitchen({ ingredients: [made] })), 'house-mill');
    expect(low).toBeLessThan(central);
    expect(high - low).toBeGreaterThanOrEqual(0.8);
  });
});

describe('the pans of kitchens', () => {
  it.each(Object.entries(PANS.rows))('a %s has measures that a tin can have', (_, pan) => {
    for (const cm of [pan.lengthCm, pan.widthCm, pan.vessel.heightCm]) {
      expect(cm).toBeGreaterThan(1);
      expect(cm).toBeLessThan(60);
    }
    if (pan.round) expect(pan.lengthCm).toBe(pan.widthCm);
    if (pan.tube !== null) expect(pan.tube).toBeLessThan(0.5);
    expect(pan.vessel.taperCm).toBeLessThan(pan.widthCm);
    // Enamelled sheet lets more heat through than ceramic: film coefficients as in the table's source.
    expect(pan.vessel.wall).toBeGreaterThanOrEqual(pan.crockery ? 8 : 14);
    expect(pan.vessel.wall).toBeLessThanOrEqual(pan.crockery ? 12 : 23);
  });
  it('are tins but for the one on which pieces stand free', () => {
    const free = Object.keys(PANS.rows).filter((shape) => standsFree({ shape: shape as 'tray' }));
    expect(free).toEqual(['tray']);
  });
});
