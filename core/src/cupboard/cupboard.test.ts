import fc from 'fast-check';
import { BUILT_IN_KITCHEN, catalogueOf, type Bag, type BagOnHand } from '../kitchen';
import { runs } from '../testing';
import { bagState, cupboardToCsv, readCupboard, shoppingList, shopRows, stockOf, takeFromBags } from '.';

const catalogue = catalogueOf(BUILT_IN_KITCHEN);
const EMPTY: Bag = {
  ingredient: 'white-rice-flour',
  note: '',
  packGrams: null,
  price: null,
  opened: null,
  bestBefore: null,
  certified: false,
  label: null,
  place: 'cupboard',
};
const bag = (id: string, grams: number, part: Partial<Bag> = {}): BagOnHand => ({
  id,
  grams,
  bag: { ...EMPTY, ...part },
});

describe('stock', () => {
  it('is the sum of a flour’s bags at its cheapest price', () => {
    expect(
      stockOf([
        bag('a', 300, { packGrams: 500, price: 2 }),
        bag('b', 200, { packGrams: 1000, price: 3 }),
        bag('c', 50, { ingredient: 'teff-flour' }),
      ]),
    ).toEqual([
      { ingredient: 'teff-flour', grams: 50, pricePerKilo: null },
      { ingredient: 'white-rice-flour', grams: 500, pricePerKilo: 3 },
    ]);
  });
  it('never goes below nothing when a bake takes it', () =>
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 900 }), { maxLength: 4 }),
        fc.integer({ min: 0, max: 2000 }),
        (left, grams) => {
          const bags = left.map((each, at) => bag(`b${at}`, each));
          const { entries, missing } = takeFromBags([{ ingredient: 'white-rice-flour', grams }], bags);
          for (const one of entries)
            expect(-one.grams).toBeLessThanOrEqual(bags.find(({ id }) => id === one.bag)!.grams);
          const taken = entries.reduce((sum, one) => sum - one.grams, 0);
          const short = missing.reduce((sum, one) => sum + one.grams, 0);
          expect(Math.abs(taken + short - grams)).toBeLessThan(0.5);
        },
      ),
      runs(1),
    ));
});

describe('a bag', () => {
  it.each([
    // Common practice: nut and whole-grain flours keep weeks once opened, starches years.
    ['almond-flour', '2026-06-01', '2026-06-10', 'fresh'],
    ['almond-flour', '2026-06-01', '2026-06-20', 'soon'],
    ['almond-flour', '2026-06-01', '2026-07-10', 'stale'],
    ['brown-rice-flour', '2026-06-01', '2026-07-10', 'fresh'],
    ['corn-starch', '2025-01-01', '2026-06-10', 'fresh'],
  ])('of %s, opened %s, is on %s %s', (ingredient, opened, today, age) =>
    expect(bagState(bag('a', 400, { ingredient, opened }), today, catalogue).age).toBe(age),
  );
  it('keeps longer in the cold, and never past its best-before day', () => {
    const almond = { ingredient: 'almond-flour', opened: '2026-06-01' } as const;
    const inside = bagState(bag('a', 400, { ...almond, place: 'cold' }), '2026-07-10', catalogue);
    expect(inside.age).toBe('fresh');
    expect(
      bagState(
        bag('a', 400, { ...almond, place: 'cold', bestBefore: '2026-07-01' }),
        '2026-07-10',
        catalogue,
      ),
    ).toMatchObject({ age: 'stale', because: 'best before', until: '2026-07-01' });
  });
  it('runs low before it is empty', () => {
    expect(bagState(bag('a', 60, { packGrams: 1000 }), '2026-06-01', catalogue).low).toBe(true);
    expect(bagState(bag('a', 400, { packGrams: 1000 }), '2026-06-01', catalogue).low).toBe(false);
    expect(
      bagState(bag('a', 80, { ingredient: 'xanthan-gum', packGrams: 100 }), '2026-06-01', catalogue).low,
    ).toBe(false);
  });
});

describe('a shopping list', () => {
  it('is in whole packs of the size that was bought last', () => {
    const [rice, gum] = shoppingList(
      [
        { ingredient: 'white-rice-flour', grams: 300 },
        { ingredient: 'white-rice-flour', grams: 40 },
        { ingredient: 'xanthan-gum', grams: 3 },
      ],
      [bag('a', 100, { packGrams: 200, price: 1.5 })],
      catalogue,
    );
    expect(rice).toMatchObject({
      need: 340,
      have: 100,
      packs: 2,
      packGrams: 200,
      packGuessed: false,
      cost: 3,
    });
    expect(gum).toMatchObject({ packs: 1, packGuessed: true, cost: null });
  });
  it('has everything but water, shelf by shelf, counts eggs, and says what is there', () => {
    const rows = shopRows(
      [
        { ingredient: 'white-rice-flour', grams: 100 },
        { ingredient: 'egg', grams: 100 },
        { ingredient: 'egg', grams: 55 },
        { ingredient: 'water', grams: 300 },
        { ingredient: 'lemon', grams: 120 },
      ],
      [bag('a', 150)],
      catalogue,
    );
    expect(rows.map(({ ingredient }) => ingredient)).toEqual(['lemon', 'egg', 'white-rice-flour']);
    expect(rows[1]).toMatchObject({ need: 155, pieces: 3, shelf: 'eggs, milk and fats' });
    expect(rows[2]).toMatchObject({ have: 150, packs: 0, pieces: null });
    expect(new Set(rows.map(({ shelf }) => shelf)).size).toBe(3);
  });
  it('leaves out what is there', () =>
    expect(
      shoppingList([{ ingredient: 'white-rice-flour', grams: 100 }], [bag('a', 100)], catalogue),
    ).toEqual([]));
});

describe('a cupboard’s file', () => {
  it('comes back in as it went out', () => {
    const bags = [
      bag('a', 412.5, {
        packGrams: 1000,
        price: 3.2,
        opened: '2026-05-01',
        certified: true,
        note: 'the "blue" one, mill',
      }),
      bag('b', 90, { ingredient: 'almond-flour', place: 'cold', bestBefore: '2026-12-01', note: '=1+1' }),
    ];
    const { bags: read, faults, refused } = readCupboard(cupboardToCsv(bags, catalogue), catalogue);
    expect(refused).toBeNull();
    expect(faults).toEqual([]);
    expect(read).toEqual(bags.map(({ bag: one, grams }) => ({ bag: one, grams })));
  });
  it('never lets a cell run as a formula', () =>
    expect(cupboardToCsv([bag('a', 1, { note: '=HYPERLINK("x")' })], catalogue)).toContain(`'=HYPERLINK`));
  it('names each row’s fault, and keeps the good ones', () => {
    const { bags, faults } = readCupboard(
      'Flour,Grams,Price,Opened\nteff flour,300,4,\nmoon flour,100,,\nrice flour,-5,,\nsorghum flour,many,,\npotato starch,200,-1,\ntapioca starch,200,2,soon\n',
      catalogue,
    );
    expect(bags.map(({ bag: one }) => one.ingredient)).toEqual(['teff-flour']);
    expect(faults.map(({ row }) => row)).toEqual([2, 3, 4, 5, 6]);
    expect(faults.map(({ why }) => why).join('\n')).toMatch(
      /(?:isn’t in the catalogue|could be)[\s\S]*negative[\s\S]*no number[\s\S]*negative[\s\S]*no day/,
    );
  });
  it('with other columns is refused with the ones that it should have', () =>
    expect(readCupboard('name,amount\nrice,3\n', catalogue).refused).toMatch(/“flour” and “grams”/));
});
