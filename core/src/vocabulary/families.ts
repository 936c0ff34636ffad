/** Kinds of bakes, as the interface calls them. What else is known of each stands in its record. */
export const FAMILY_NAMES = {
  'drop-cookie': 'drop cookie',
  'cut-out': 'cut-out or shortbread',
  'crisp-wafer': 'crisp wafer',
  brownie: 'brownie or bar',
  'creamed-cake': 'creamed cake',
  foam: 'foam cake',
  loaf: 'loaf or pound cake',
  muffin: 'muffin or quick bread',
  scone: 'scone or biscuit',
  pastry: 'pastry',
  crumble: 'crumble topping',
  pancake: 'pancake or waffle',
  choux: 'choux',
  'yeast-dough': 'enriched yeast dough',
  doughnut: 'doughnut',
  'steamed-pudding': 'steamed or sponge pudding',
  'mug-cake': 'mug cake',
  flourless: 'flourless bake',
} as const;
export type FamilyId = keyof typeof FAMILY_NAMES;

/** "An enriched yeast dough", "a muffin or quick bread". */
export const aFamily = (family: FamilyId): string =>
  `${/^[aeiou]/i.test(FAMILY_NAMES[family]) ? 'an' : 'a'} ${FAMILY_NAMES[family]}`;

/** What a bake is called whose page gives it no name. */
const NAMELESS: Readonly<Record<FamilyId, string>> = {
  'drop-cookie': 'Cookies',
  'cut-out': 'Biscuits',
  'crisp-wafer': 'Wafers',
  brownie: 'Brownies or bars',
  'creamed-cake': 'Cake',
  foam: 'Sponge',
  loaf: 'Loaf',
  muffin: 'Muffins',
  scone: 'Scones',
  pastry: 'Pastry',
  crumble: 'Crumble',
  pancake: 'Pancakes',
  choux: 'Choux',
  'yeast-dough': 'Yeast bake',
  doughnut: 'Doughnuts',
  'steamed-pudding': 'Steamed pudding',
  'mug-cake': 'Mug cake',
  flourless: 'Flourless bake',
};
export const nameless = (family: FamilyId): string => `${NAMELESS[family]} (the page has no name)`;

export const FAMILIES = Object.keys(FAMILY_NAMES) as readonly FamilyId[];

/** What a part of a bake can be beside a kind of bake, as the interface calls it. */
export const PART_NAMES = {
  ...FAMILY_NAMES,
  'thickened-filling': 'thickened filling',
  'no-flour': 'without flour',
} as const;
export type PartKind = keyof typeof PART_NAMES;
export const PART_KINDS = Object.keys(PART_NAMES) as readonly PartKind[];
