import { EMPTY_KITCHEN, type KitchenDocument, type Person } from '@omniarton/core/kitchen';

const nobody = { gluten: null, grainFree: null, avoids: [] } satisfies Omit<Person, 'id' | 'name'>;
const id = (last: number) => `0195a0c0-0000-7000-8000-00000000000${last}`;

/** Who of the thirty guests of the midsummer tea avoids what. All of them are invented. */
export const GUESTS = {
  tam: { ...nobody, id: id(1), name: 'Tam', gluten: 'certified' },
  ines: { ...nobody, id: id(2), name: 'Ines', avoids: [{ what: 'tree nuts', how: 'label' }] },
  lark: { ...nobody, id: id(3), name: 'Lark and Bo', avoids: [{ what: 'milk', how: 'preference' }] },
  jory: { ...nobody, id: id(4), name: 'Jory', avoids: [{ what: 'egg', how: 'label' }] },
  sedge: { ...nobody, id: id(5), name: 'Sedge Lane', gluten: 'label', grainFree: { pseudocereals: false, derived: false } },
} as const satisfies Record<string, Person>;

/** The village hall kitchen: its guests, and the plain flour that Orla has weighed once. */
export const demoKitchen = (): KitchenDocument => ({
  ...EMPTY_KITCHEN,
  people: Object.values(GUESTS),
  weighed: [
    {
      id: id(6),
      ingredient: 'all-purpose-flour',
      bag: 'the hall’s flour bin',
      cupGrams: 132,
      on: '2026-06-14',
      inUse: true,
    },
  ],
});
