import type { UnitOfMeasureDefinitions } from 'parse-ingredient';

const other = (short: string, plural: string, ...alternates: string[]) => ({ short, plural, alternates, type: 'other' as const });

/** Kitchen words for amounts that the quantity parser doesn't know by itself. */
export const KITCHEN_UNITS: UnitOfMeasureDefinitions = {
  centiliter: { short: 'cl', plural: 'centilitres', alternates: ['centiliter', 'centilitre', 'centiliters'] },
  gill: { short: 'gill', plural: 'gills', alternates: [] },
  dessertspoon: other('dsp', 'dessertspoons', 'dessertspoon', 'dstsp', 'dessert spoon', 'dessert spoons', 'dessertsp', 'dessertsps', 'dstspn'),
  handful: other('handful', 'handfuls'),
  knob: other('knob', 'knobs'),
  lump: other('egg-sized lump', 'egg-sized lumps'),
  nub: other('walnut-sized lump', 'walnut-sized lumps'),
  mug: other('mug', 'mugs'),
  kryddmatt: other('krm', 'krm', 'kryddmått'),
  shot: other('shot', 'shots'),
  sleeve: other('sleeve', 'sleeves'),
  leaf: other('leaf', 'leaves', 'sheet', 'sheets'),
  packet: other('packet', 'packets', 'sachet', 'sachets', 'envelope', 'envelopes', 'pkt', 'pkg', 'pk', 'pck'),
  splash: other('splash', 'splashes', 'drizzle', 'glug'),
  tin: other('tin', 'tins', 'jar', 'jars', 'tub', 'tubs', 'carton', 'cartons'),
  slice: other('slice', 'slices'),
};

/** Spellings of units that the quantity parser doesn't know. */
export const SPELLINGS: readonly (readonly [RegExp, string])[] = [
  [/(?<=[\d/ ]|^)(?:tb|tbs|tbls|tblsp|tblspn|tbsps|tbspn|tbspns|tablesps?)\b\.?/gi, 'tbsp'], [/(?<=[\d/ ]|^)(?:tsps|tspn|tspns|teasp)\b\.?/gi, 'tsp'],
  [/(?<=[\d/ ])msk\b/gi, 'tbsp'], [/(?<=[\d/ ])tsk\b/gi, 'tsp'], [/(?<=[\d/] ?)T\.?(?= )/g, 'tbsp'], [/(?<=[\d/] ?)t\.?(?= )/g, 'tsp'],
  [/(?<=[\d ])(?:gms?|grms?|grs?)\b\.?/gi, 'g'], [/(?<=[\d ])mls\b\.?/gi, 'ml'], [/(?<=[\d ])(?:kgs|kilos?)\b\.?/gi, 'kg'],
  // A spoon of the table is meant where none is named.
  [/(?<=\d )(?:spoons|spoonfuls|spoon(?:ful)?(?= of\b))\b(?: of\b)?/gi, 'tbsp'],
];

/** Grams in one of a loose measure, whatever is in it: central, low, high. A pinch is of salt or spice. */
export const LOOSE_GRAMS: { readonly source: string; readonly confidence: 'common-practice'; readonly rows: Readonly<Record<string, readonly [number, number, number]>> } = {
  source: 'common practice', confidence: 'common-practice',
  rows: { pinch: [0.35, 0.2, 0.7], dash: [0.6, 0.3, 1.2], drop: [0.05, 0.03, 0.08], handful: [35, 22, 55], knob: [20, 10, 30], lump: [57, 40, 65], nub: [28, 15, 32], splash: [8, 4, 15], sleeve: [135, 125, 250] },
};

/** Millilitres of liquid in one: a shot of coffee or spirit. */
export const LOOSE_ML: Readonly<Record<string, readonly [number, number, number]>> = { shot: [35, 25, 45], mug: [290, 240, 350], kryddmatt: [1, 0.9, 1.2] };

/** Grams in a pack of one thing, where the count is of packs: central, low, high. */
export const PACK_GRAMS: { readonly source: string; readonly confidence: 'common-practice'; readonly rows: Readonly<Record<string, readonly [number, number, number]>> } = {
  source: 'common practice', confidence: 'common-practice',
  rows: {
    'yeast': [7, 6.8, 8], 'gelatin': [7, 6.5, 11], 'baking-powder': [15, 14, 17], 'granulated-sugar': [8, 7.5, 10], 'butter': [250, 225, 455],
    'cream-cheese': [227, 180, 250], 'condensed-milk': [397, 380, 400], 'evaporated-milk': [354, 340, 410], 'coconut-milk': [400, 380, 410],
    'coconut-cream': [400, 380, 410], 'pumpkin-puree': [425, 415, 435], 'black-beans': [240, 230, 265], 'pie-filling': [400, 390, 595],
    'custard-powder': [96, 80, 110], 'dark-chocolate': [200, 100, 340], 'cherries': [250, 200, 420], 'pineapple': [260, 220, 340], 'peach': [240, 220, 290], 'pear': [230, 210, 260], 'apricot': [240, 220, 260], 'jam': [340, 300, 370], 'baking-mix': [430, 400, 520],
    'lemon-curd': [320, 280, 340], 'peanut-butter': [340, 280, 500], 'filo-pastry': [250, 200, 400], 'puff-pastry': [320, 250, 500], 'chocolate-sandwich-cookies': [300, 150, 400], 'egg-white': [33, 30, 36],
  },
};

/** Loose words before a unit, and by how much they stretch it: central, low, high. */
export const STRETCH: Readonly<Record<string, readonly [number, number, number]>> = {
  scant: [0.93, 0.88, 0.98], heaped: [1.5, 1.15, 2], heaping: [1.5, 1.15, 2], rounded: [1.3, 1.1, 1.6], generous: [1.08, 1.02, 1.15], level: [1, 1, 1],
  good: [1.08, 1, 1.2], small: [0.85, 0.7, 1], big: [1.2, 1, 1.4],
};
/** A cup can't be heaped as far as a spoon. */
export const STRETCH_CUP: readonly [number, number, number] = [1.15, 1.05, 1.3];

/** What is left of a tin's weight once it is drained: central, low, high. */
export const DRAINED: { readonly source: string; readonly confidence: 'common-practice'; readonly rows: Readonly<Record<string, readonly [number, number, number]>> } = {
  source: 'common practice: net and drained weights on tins', confidence: 'common-practice',
  rows: { 'pineapple': [0.6, 0.52, 0.65], 'peach': [0.56, 0.5, 0.6], 'black-beans': [0.6, 0.55, 0.65], 'cherries': [0.58, 0.5, 0.65], 'pear': [0.56, 0.5, 0.6], 'plum': [0.56, 0.5, 0.6], 'strawberries': [0.58, 0.52, 0.65], 'orange': [0.56, 0.5, 0.6] },
};

/** Where flour is measured by the decilitre or in an Australian cup, the measure is dipped: 60 g of wheat flour instead of a spooned 52, 150 g instead of 131. */
export const DIPPED = { source: 'household measures of the Swedish Food Agency, and Australian cups as common practice, from memory', confidence: 'from-memory', factor: 1.145 } as const;
