import { HOUSE_PREFIX } from '@omniarton/core/guard';
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

/** The jar that the hall bakes from. */
export const JAR = { id: id(7), ingredient: `${HOUSE_PREFIX}${id(7)}`, name: 'boathouse blend' };

/** The hall's ovens: the right one is true, the left one runs hot. */
export const OVENS = { right: id(8), left: id(9) };

const HALL_OVENS: KitchenDocument['ovens'] = [
    {
      id: OVENS.right,
      name: 'the right oven',
      inUse: true,
      fan: false,
      readings: [
        { dialCelsius: 180, trueCelsius: 181, fan: false, on: '2026-06-13' },
        { dialCelsius: 180, trueCelsius: 179, fan: false, on: '2026-06-13' },
        { dialCelsius: 150, trueCelsius: 150, fan: false, on: '2026-06-13' },
      ],
      preheatMinutes: 15,
      racks: 2,
      hotSide: 'none',
    },
    {
      id: OVENS.left,
      name: 'the left oven',
      inUse: false,
      fan: false,
      readings: [
        { dialCelsius: 180, trueCelsius: 189, fan: false, on: '2026-06-13' },
        { dialCelsius: 180, trueCelsius: 188, fan: false, on: '2026-06-13' },
        { dialCelsius: 150, trueCelsius: 158, fan: false, on: '2026-06-13' },
        { dialCelsius: 210, trueCelsius: 219, fan: false, on: '2026-06-13' },
      ],
      preheatMinutes: 20,
      racks: 2,
      hotSide: 'back',
    },
  ];

/** The village hall kitchen: its guests, its jar, its ovens and a tin, and the plain flour that Orla has weighed once. */
export const demoKitchen = (): KitchenDocument => ({
  ...EMPTY_KITCHEN,
  people: Object.values(GUESTS),
  blends: [
    {
      id: JAR.id,
      name: JAR.name,
      kind: 'mixed',
      madeOf: [
        { ingredient: 'brown-rice-flour', share: 0.4 },
        { ingredient: 'potato-starch', share: 0.3 },
        { ingredient: 'tapioca-starch', share: 0.3 },
      ],
      earlier: [],
    },
  ],
  ovens: HALL_OVENS,
  pans: [
    {
      id: '0195a0c0-0000-7000-8000-000000000010',
      name: 'the hall’s deep tin',
      size: { shape: 'springform', lengthCm: 24, widthCm: 24, count: 1, heightCm: 7.5, made: 'dark metal' },
    },
  ],
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
