/** What a line does in the recipe. */
export const ROLES = [
  'wheat-flour',
  'gf-flour',
  'starch',
  'binder',
  'sugar',
  'syrup',
  'fat',
  'egg',
  'liquid',
  'leavener',
  'acid',
  'salt',
  'flavour',
  'inclusion',
  'fruit-veg',
  'chocolate-cocoa',
  'none',
] as const;
export type Role = (typeof ROLES)[number];

/** What bakers call flour: the milled flours, with gluten or without, and the starches. */
export const FLOUR_ROLES: ReadonlySet<Role> = new Set<Role>(['wheat-flour', 'gf-flour', 'starch']);

/**
 * What an ingredient says of gluten. `free` is of the ingredient, never of the bag; `unknown` is never passed.
 */
export const GLUTEN_CLASSES = ['free', 'check-label', 'unknown', 'contains'] as const;
export type GlutenClass = (typeof GLUTEN_CLASSES)[number];

export const GRAIN_CLASSES = [
  'grain-free',
  'pseudocereal',
  'contains-grain-derivative',
  'grain',
  'unknown',
] as const;
export type GrainClass = (typeof GRAIN_CLASSES)[number];

/**
 * The nine of the US (FALCPA 2004 and the FASTER Act 2021) and the further ones of the EU (1169/2011, Annex II) in one
 * list, and coconut, whose standing differs by source and date.
 */
export const ALLERGENS = [
  'wheat',
  'milk',
  'egg',
  'fish',
  'crustaceans',
  'molluscs',
  'tree nuts',
  'peanuts',
  'soybeans',
  'sesame',
  'coconut',
  'lupin',
  'celery',
  'mustard',
  'sulphite',
] as const;
export type Allergen = (typeof ALLERGENS)[number];

/** The nine that a US label must name (FALCPA 2004; FASTER Act 2021): 21 U.S.C. 321(qq). */
export const US_ALLERGENS: readonly Allergen[] = [
  'wheat',
  'milk',
  'egg',
  'fish',
  'crustaceans',
  'tree nuts',
  'peanuts',
  'soybeans',
  'sesame',
];

/** What some leave out that no law lists. */
export const OTHER_AVOIDANCES = ['corn', 'oats', 'gums', 'nightshades'] as const;
export type OtherAvoidance = (typeof OTHER_AVOIDANCES)[number];

/**
 * What a person at the table may avoid: the allergens of the law; corn, which no law lists; and what some leave out for
 * other reasons: oats, gums, and the starches of the nightshade potato.
 */
export const AVOIDANCES = [...ALLERGENS, ...OTHER_AVOIDANCES] as const;
export type Avoidance = (typeof AVOIDANCES)[number];

/** Units that a person chooses from when a line is put right; `piece` is for what is counted. */
export const HAND_UNITS = [
  'gram',
  'kilogram',
  'ounce',
  'pound',
  'milliliter',
  'liter',
  'teaspoon',
  'tablespoon',
  'cup',
  'fluid ounce',
  'pinch',
  'piece',
] as const;
export type HandUnit = (typeof HAND_UNITS)[number];

/** How an ingredient lies in its measure. `level` is for what has only one way. */
export const STYLES = [
  'level',
  'spooned',
  'scooped',
  'sifted',
  'packed',
  'melted',
  'chopped',
  'mashed',
  'grated',
  'whipped',
] as const;
export type Style = (typeof STYLES)[number];

export const CONFIDENCES = ['published', 'common-practice', 'from-memory', 'derived'] as const;
export type Confidence = (typeof CONFIDENCES)[number];

/** Flours and what binds, by what they are milled from. */
export const FLOUR_CLASSES = [
  'rice',
  'whole grain',
  'starch',
  'nut',
  'legume',
  'root and fruit',
  'wheat',
  'binder',
] as const;
export type FlourClass = (typeof FLOUR_CLASSES)[number];

/** What an ingredient does that its composition doesn't tell, and that some rule asks for. */
export const HABITS = [
  'soda',
  'powder',
  'yeast',
  'grain starch in it',
  'whole egg',
  'egg white',
  'egg yolk',
  'is creamed or rubbed in',
  'keeps soft',
  'gels when soaked',
  'thickens free water',
  'stirred through flour',
  'turns green with soda',
  'hides soda',
  'hides much soda',
  'curdles milk',
  'wants scalding',
  'is whipped',
  'sticks cold',
  'bought without gluten',
] as const;
export type Habit = (typeof HABITS)[number];
