import { v7 as newId } from 'uuid';
import { EMPTY_KITCHEN, type KitchenDocument, type Person } from '@omniarton/core/kitchen';
import type { KitchenAnswer } from '@omniarton/contracts';
import { openHouse, type TestHouse } from '../testing/house';

let house: TestHouse;
beforeAll(async () => (house = await openHouse('kitchen')));
afterAll(() => house.close());
const url = (household = house.home) => `/api/households/${household}/kitchen`;
const guest: Person = {
  id: newId(),
  name: 'A guest',
  gluten: 'certified',
  grainFree: { pseudocereals: true, derived: false },
  avoids: [{ what: 'tree nuts', how: 'label' }],
};
const FULL: KitchenDocument = {
  ...EMPTY_KITCHEN,
  people: [guest],
  ingredients: [
    {
      id: 'own-mill',
      name: 'Marsh mill flour',
      also: ['mill flour'],
      role: 'gf-flour',
      panel: {
        fat: 1,
        carbohydrate: 80,
        sugars: 2,
        fibre: 3,
        protein: 7,
        salt: 0.5,
        fibreInCarbohydrate: true,
      },
      cupGrams: 130,
      eachGrams: null,
      gluten: 'free',
      grain: 'grain',
      allergens: [],
      possible: ['soybeans'],
      note: '',
      certified: true,
      label: { on: '2026-06-20', without: ['milk'] },
    },
  ],
  recipes: [{ recipe: newId(), name: 'wafer crust', as: 'converted' }],
  blends: [
    {
      id: newId(),
      name: 'the jar',
      kind: 'mixed',
      madeOf: [{ ingredient: 'white-rice-flour', share: 1 }],
      earlier: [],
    },
  ],
  weighed: [
    { id: newId(), ingredient: 'own-mill', bag: 'blue', cupGrams: 128, on: '2026-06-20', inUse: true },
  ],
  eggSize: 'large',
  locale: 'UK',
  pans: [
    {
      id: newId(),
      name: 'my tin',
      size: { shape: 'ring', lengthCm: 24, widthCm: 24, count: 1, tubeCm: 7, heightCm: 9 },
    },
  ],
  ovens: [
    {
      id: newId(),
      name: 'my oven',
      inUse: true,
      fan: true,
      readings: [{ dialCelsius: 180, trueCelsius: 188, fan: true, on: '2026-06-20' }],
      preheatMinutes: 15,
      racks: 2,
      hotSide: 'back',
    },
  ],
  microwave: { watts: 836, on: '2026-06-20' },
  bin: [{ person: { ...guest, id: newId() }, on: '2026-06-20' }],
};

describe('what the recipes of a household share', () => {
  it('is empty until somebody writes it down, is then kept whole, and is changed only from the version that was seen', async () => {
    expect((await house.get(url()).expect(200)).body).toEqual({ version: 0, doc: EMPTY_KITCHEN });
    await house.send('put', url()).set('if-none-match', '*').send(FULL).expect(200);
    expect((await house.get(url())).body).toEqual({ version: 1, doc: FULL });
    const refused = await house.send('put', url()).set('if-none-match', '*').send(EMPTY_KITCHEN).expect(412);
    expect(refused.body).toMatchObject({ code: 'conflict', details: { stored: { version: 1 } } });
    await house
      .send('put', url())
      .set('if-match', '"1"')
      .send({ ...FULL, people: [] })
      .expect(200);
  });
  it('of the demo has its guests', async () => {
    const { doc } = (await house.get(url(house.demo))).body as KitchenAnswer;
    expect(doc.people.length).toBeGreaterThan(3);
    expect(doc.people.some(({ gluten }) => gluten === 'certified')).toBe(true);
  });
  it.each([
    [
      'a person who avoids moonlight',
      { people: [{ ...guest, avoids: [{ what: 'moonlight', how: 'label' }] }] },
    ],
    ['an id with a path in it', { ingredients: [{ ...FULL.ingredients[0], id: '../x' }] }],
    [
      'a panel of two hundred grams',
      { ingredients: [{ ...FULL.ingredients[0], panel: { ...FULL.ingredients[0]!.panel, fat: 200 } }] },
    ],
    ['a cup of nothing', { weighed: [{ ...FULL.weighed[0], cupGrams: 0 }] }],
    ['a tin of a yard', { pans: [{ ...FULL.pans[0], size: { ...FULL.pans[0]!.size, lengthCm: 900 } }] }],
    [
      'a thermometer in the sun',
      {
        ovens: [
          {
            ...FULL.ovens[0],
            readings: [{ dialCelsius: 180, trueCelsius: 900, fan: false, on: '2026-06-20' }],
          },
        ],
      },
    ],
    ['a microwave like a lamp', { microwave: { watts: 5, on: '2026-06-20' } }],
    ['another schema', { schema: 99 }],
  ])('refuses %s', async (_, part) => {
    await house
      .send('put', url())
      .set('if-match', '"2"')
      .send({ ...FULL, ...part })
      .expect(400);
  });
});
