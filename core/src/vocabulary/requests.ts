export const DIETS = ['gluten-free', 'grain-free'] as const;
export type Diet = (typeof DIETS)[number];

/** How the bake is held together without gluten. */
export const BINDER_SCHOOLS = ['gum', 'husk', 'seed', 'egg-led', 'cooked-starch', 'none'] as const;
export type BinderSchool = (typeof BINDER_SCHOOLS)[number];

/** What may be asked for in more or in less than its balance asks. */
export const TILTED = ['drink', 'binder', 'sugar', 'fat'] as const;
export type Tilted = (typeof TILTED)[number];

/** No kitchen stands higher above the sea than this, m. */
export const HIGHEST_METRES = 6000;
/** A dough is chilled for three days at most, minutes. */
export const LONGEST_CHILL = 3 * 24 * 60;

/** The ways from wheat to a blend. */
export const ROUTES = [
  'grain-blend',
  'almond-led',
  'coconut-led',
  'cassava-led',
  'tiger-nut-led',
  'nut-butter-led',
  'starch-led',
  'starch-chocolate',
] as const;
export type RouteId = (typeof ROUTES)[number];

/** What may be wished of a blend, each a plain handle. */
export const AIMS = [
  'chew',
  'crisp',
  'tender',
  'fluffy',
  'neutral',
  'hearty',
  'smooth',
  'pale',
  'cheap',
] as const;
export type Aim = (typeof AIMS)[number];

/** What a bake is judged by, each from 1 to 9 between two words. */
export const MARK_SCALES = [
  'rise',
  'spread',
  'colour',
  'crispEdge',
  'chew',
  'crumb',
  'moistness',
  'grit',
  'sweetness',
  'aftertaste',
  'overall',
] as const;
export type MarkScale = (typeof MARK_SCALES)[number];

/** When a bake is judged. */
export const LOOK_TIMES = ['cooled', 'day 2', 'day 3', 'thawed'] as const;
export type LookTime = (typeof LOOK_TIMES)[number];

export const LOCALES = ['US', 'UK', 'AU', 'metric'] as const;
export type Locale = (typeof LOCALES)[number];

/** What a bake is put in; `tray` holds pieces that stand free. */
export const PAN_SHAPES = [
  'round',
  'springform',
  'square',
  'rect',
  'loaf',
  'ring',
  'muffin',
  'muffin-mini',
  'muffin-jumbo',
  'ramekin',
  'mug',
  'skillet',
  'tray',
] as const;
export type PanShape = (typeof PAN_SHAPES)[number];

/** What a tin is made of, as far as it tells how fast heat comes through. */
export const TIN_MADE = ['bright metal', 'dark metal', 'glass or ceramic', 'silicone'] as const;
export type TinMade = (typeof TIN_MADE)[number];

/** How a bake comes to the oven. */
export const START_HEATS = ['room', 'chilled', 'frozen'] as const;
export type StartHeat = (typeof START_HEATS)[number];

/** What it is stood on in the oven: the bare rack, a tray, the tray of the bake before, or in a skillet heated empty. */
export const START_BASES = ['rack', 'tray', 'hot-tray', 'hot-skillet'] as const;
export type StartBase = (typeof START_BASES)[number];

/** Where an oven is hotter than elsewhere. */
export const HOT_SIDES = ['none', 'left', 'right', 'back', 'front', 'top', 'bottom'] as const;
export type HotSide = (typeof HOT_SIDES)[number];

/**
 * How strictly somebody avoids something: only what is certified, with a list against cross-contact; what the label is
 * read for; or a mere preference, for which no label is asked about.
 */
export const STRICTNESSES = ['certified', 'label', 'preference'] as const;
export type Strictness = (typeof STRICTNESSES)[number];

/** Sizes of hens' eggs; what they weigh hangs on the place. */
export const EGG_SIZES = ['small', 'medium', 'large', 'extra large'] as const;
export type EggSize = (typeof EGG_SIZES)[number];

/** What the label of a commercial blend or mix is asked for. */
export const LABEL_FACTS = ['leavening', 'salt', 'gum', 'milk', 'certified'] as const;
export type LabelFact = (typeof LABEL_FACTS)[number];
