/**
 * What a flour brings to a blend. Scores 0–10 (our judgement after common practice, to be corrected by trials):
 * `[hold, chew, snap, soft, body]`; flavour strength, colour and grit 0–10; cap: the most of it in a mixed blend;
 * set: °C at which its starch sets in water; tau: minutes in which 63 % of its thirst is met.
 */
export interface FlourTraits {
  readonly scores: readonly [hold: number, chew: number, snap: number, soft: number, body: number];
  readonly flavour: number;
  readonly colour: number;
  readonly grit: number;
  readonly pureStarch: boolean;
  readonly cap: number;
  readonly set: readonly [low: number, high: number];
  readonly tau: number;
  readonly class: FlourClass;
}
export const FLOUR_CLASSES = ['rice', 'whole grain', 'starch', 'nut', 'legume', 'root and fruit', 'wheat', 'binder'] as const;
export type FlourClass = (typeof FLOUR_CLASSES)[number];

const f = (
  scores: FlourTraits['scores'], flavour: number, colour: number, grit: number, cap: number, tau: number, set: readonly [number, number], kind: FlourClass,
): FlourTraits => ({ scores, flavour, colour, grit, cap, tau, set, class: kind, pureStarch: kind === 'starch' });

export const FLOUR_TRAITS: { readonly source: string; readonly confidence: 'common-practice'; readonly rows: Readonly<Record<string, FlourTraits>> } = {
  source: 'common practice and our judgement; starch setting from memory of gelatinisation studies', confidence: 'common-practice',
  rows: {
    //                          hold chew snap soft body   flav col grit cap  tau  set
    'white-rice-flour':     f([2,   1,   6,   3,   5],   1,   0.5, 2.5, 0.70, 8,  [67, 78], 'rice'),
    'brown-rice-flour':     f([2,   1,   5,   3.5, 6],   2.5, 3,   3,   0.70, 8,  [67, 78], 'rice'),
    'sweet-rice-flour':     f([8,   9,   1,   7,   3],   1,   0.5, 1.5, 0.30, 6,  [58, 68], 'rice'),
    'sorghum-flour':        f([2,   2,   4,   5,   7],   3,   3,   2,   0.40, 8,  [67, 78], 'whole grain'),
    'millet-flour':         f([2,   1,   5,   4,   7],   4,   3.5, 2,   0.30, 8,  [67, 77], 'whole grain'),
    'teff-flour':           f([3.5, 3,   3,   4,   8],   6,   7,   2,   0.25, 8,  [68, 80], 'whole grain'),
    'buckwheat-flour':      f([4,   3,   4,   5,   8],   7,   6.5, 2,   0.25, 8,  [62, 74], 'whole grain'),
    'oat-flour':            f([4.5, 5,   3,   8,   8],   2.5, 3,   1.5, 0.40, 8,  [56, 74], 'whole grain'),
    'quinoa-flour':         f([3,   2,   3,   5,   8],   8,   3,   2,   0.15, 8,  [57, 64], 'whole grain'),
    'amaranth-flour':       f([3.5, 3,   3,   4,   8],   8,   4,   2,   0.15, 8,  [62, 74], 'whole grain'),
    'corn-flour':           f([2,   1,   6,   4,   6],   4,   4,   2.5, 0.30, 10, [62, 72], 'whole grain'),
    'corn-starch':          f([0.5, 0.5, 8,   4,   0],   0.5, 0.2, 0.3, 0.35, 1,  [62, 72], 'starch'),
    'potato-starch':        f([2,   2,   3,   8,   0],   0.5, 0.2, 0.3, 0.40, 1,  [58, 66], 'starch'),
    'tapioca-starch':       f([5,   8,   6,   4,   0],   0.5, 0.2, 0.3, 0.35, 1,  [60, 70], 'starch'),
    'arrowroot':            f([2.5, 3,   5,   5,   0],   0.5, 0.2, 0.3, 0.35, 1,  [65, 75], 'starch'),
    'rice-starch':          f([1,   1,   6,   5,   0],   0.5, 0.2, 0.3, 0.35, 1,  [67, 78], 'starch'),
    'pea-starch':           f([1.5, 1,   7,   4,   0],   1,   0.3, 0.3, 0.35, 1,  [62, 75], 'starch'),
    'sweet-potato-starch':  f([4,   6,   5,   4,   0],   0.5, 0.3, 0.3, 0.35, 1,  [58, 72], 'starch'),
    'cassava-flour':        f([5,   5,   5,   4,   3],   1.5, 1,   1.5, 0.40, 4,  [60, 70], 'root and fruit'),
    'green-banana-flour':   f([3,   3,   4,   5,   6],   4,   4,   1.5, 0.30, 6,  [70, 80], 'root and fruit'),
    'sweet-potato-flour':   f([3,   3,   3,   5,   6],   5,   6,   2,   0.25, 6,  [58, 72], 'root and fruit'),
    'tiger-nut-flour':      f([1,   3,   2,   6,   6],   4,   4,   3,   0.30, 6,  [65, 76], 'root and fruit'),
    'potato-flour':         f([6,   5,   2,   7,   6],   3,   1.5, 0.8, 0.05, 2,  [58, 66], 'root and fruit'),
    'almond-flour':         f([1,   2,   2,   7,   6],   2,   2,   2,   0.30, 5,  [62, 75], 'nut'),
    'hazelnut-flour':       f([1,   2,   2,   7,   6],   5,   4.5, 2.5, 0.30, 5,  [62, 75], 'nut'),
    'chestnut-flour':       f([2,   2,   3,   6,   7],   5,   4.5, 1.5, 0.30, 6,  [58, 68], 'nut'),
    'coconut-flour':        f([1,   0,   1,   5,   9],   5,   1,   2,   0.15, 4,  [65, 80], 'nut'),
    'sunflower-flour':      f([1,   2,   2,   6,   7],   5,   5,   2.5, 0.25, 5,  [62, 75], 'nut'),
    'chickpea-flour':       f([3,   1,   4,   3,   9],   8,   3.5, 2,   0.25, 6,  [65, 75], 'legume'),
    'soy-flour':            f([2,   1,   3,   5,   10],  8,   4,   1.5, 0.15, 6,  [65, 75], 'legume'),
    'pea-flour':            f([2,   1,   4,   4,   9],   8,   4,   2,   0.25, 6,  [65, 75], 'legume'),
    'fava-flour':           f([2,   1,   4,   4,   9],   8,   4,   2,   0.25, 6,  [65, 75], 'legume'),
    'lupin-flour':          f([2,   2,   2,   5,   10],  8,   6,   2,   0.15, 6,  [65, 75], 'legume'),
    'peanut-flour':         f([2,   1,   3,   5,   9],   7,   4,   2,   0.15, 6,  [65, 75], 'legume'),
    'pistachio-flour':      f([1,   2,   2,   7,   6],   5,   5,   2.5, 0.30, 5,  [62, 75], 'nut'),
    'sesame-flour':         f([1,   1,   3,   6,   8],   6,   4,   2.5, 0.15, 5,  [62, 75], 'nut'),
    'masa-harina':          f([4,   3,   5,   4,   6],   5,   4,   3,   0.25, 15, [62, 72], 'whole grain'),
    'cornmeal':             f([2,   1,   5,   3,   6],   4,   4,   6,   0,    20, [62, 72], 'whole grain'),
    'flax-meal':            f([6,   3,   2,   5,   6],   5,   6,   3,   0.08, 6,  [62, 75], 'nut'),
    'certified-oats':       f([3.5, 4,   4,   7,   8],   2.5, 3,   5,   0.25, 20, [56, 74], 'whole grain'),
    'black-rice-flour':     f([2.5, 2,   5,   3.5, 6],   4,   9,   3,   0.40, 9,  [67, 78], 'rice'),
    'wild-rice-flour':      f([2,   1,   4,   3,   7],   6,   7,   3.5, 0.25, 10, [67, 78], 'rice'),
    'finger-millet-flour':  f([3,   2,   4,   4,   7],   5,   6.5, 2.5, 0.25, 8,  [67, 77], 'whole grain'),
    'fonio-flour':          f([2,   1,   5,   4.5, 6],   3,   2,   2.5, 0.40, 8,  [67, 77], 'whole grain'),
    'white-buckwheat-flour': f([4,  3,   4,   5,   7],   4.5, 3,   1.8, 0.30, 8,  [62, 74], 'whole grain'),
    'taro-flour':           f([4,   4,   4,   5,   4],   3,   3,   1.5, 0.30, 5,  [64, 76], 'root and fruit'),
    'yam-flour':            f([4,   4,   4,   4,   4],   3.5, 4,   2,   0.30, 5,  [68, 80], 'root and fruit'),
    'breadfruit-flour':     f([3.5, 4,   4,   4,   5],   4,   3,   2,   0.30, 5,  [64, 76], 'root and fruit'),
    'mesquite-flour':       f([1,   2,   4,   4,   6],   7,   6,   2.5, 0.15, 6,  [65, 75], 'root and fruit'),
    'walnut-flour':         f([1,   2,   2,   7,   6],   6,   5.5, 2.5, 0.30, 5,  [62, 75], 'nut'),
    'pecan-flour':          f([1,   2,   2,   7,   6],   5.5, 5.5, 2.5, 0.30, 5,  [62, 75], 'nut'),
    'cashew-flour':         f([2,   2,   2,   7,   6],   2.5, 1.5, 1.5, 0.30, 5,  [62, 75], 'nut'),
    'almond-flour-defatted': f([2,  2,   3,   4,   9],   2.5, 2.5, 2,   0.20, 6,  [62, 75], 'nut'),
    'pumpkin-seed-flour':   f([1,   2,   2,   6,   7],   5,   6,   2.5, 0.20, 5,  [62, 75], 'nut'),
    'hemp-flour':           f([1,   1,   3,   4,   9],   7,   7,   3,   0.15, 6,  [62, 75], 'nut'),
    'red-lentil-flour':     f([2,   1,   4,   4,   9],   7,   4.5, 2,   0.25, 6,  [65, 75], 'legume'),
    'white-bean-flour':     f([3,   1,   3,   5,   9],   6.5, 1.5, 2,   0.25, 6,  [65, 75], 'legume'),
    'black-bean-flour':     f([3,   1,   3,   4,   9],   7,   8,   2,   0.25, 6,  [65, 75], 'legume'),
    'mung-bean-flour':      f([2.5, 2,   4,   4,   8],   7,   3.5, 2,   0.25, 6,  [65, 75], 'legume'),
    'urad-flour':           f([5,   3,   3,   5,   8],   7,   2,   2,   0.25, 6,  [65, 75], 'legume'),
    'mung-bean-starch':     f([2,   2,   7,   4,   0],   0.8, 0.2, 0.3, 0.35, 1,  [62, 75], 'starch'),
    'kudzu-starch':         f([3,   4,   5,   5,   0],   0.5, 0.2, 0.5, 0.35, 2,  [64, 75], 'starch'),
    'waxy-corn-starch':     f([4,   6,   3,   6,   0],   0.5, 0.2, 0.3, 0.30, 1,  [62, 72], 'starch'),
    'water-chestnut-flour': f([1.5, 2,   8,   4,   1],   1.5, 1.5, 1,   0.30, 2,  [60, 74], 'starch'),
    'lotus-root-starch':    f([3,   4,   5,   5,   0],   1,   1,   0.5, 0.30, 2,  [60, 72], 'starch'),
    'sago':                 f([4,   6,   6,   4,   0],   0.5, 0.2, 0.5, 0.35, 2,  [65, 75], 'starch'),
    'wheat-starch-gf':      f([1.5, 1,   6,   7,   0],   0.5, 0.2, 0.3, 0.40, 1,  [60, 72], 'starch'),
    // Only by the routes that are made of them.
    'cocoa':                f([2,   2,   3,   4,   6],   9,   9.5, 1,   0,    6,  [65, 80], 'nut'),
    'almond-butter':        f([3,   4,   1,   7,   6],   3.5, 5,   1.5, 0,    4,  [62, 75], 'nut'),
    'peanut-butter':        f([3,   4,   1,   7,   6],   7,   5,   1.5, 0,    4,  [62, 75], 'nut'),
    'sunflower-butter':     f([3,   4,   1,   7,   6],   5.5, 6,   1.5, 0,    4,  [62, 75], 'nut'),
    'tahini':               f([3,   3,   1,   7,   6],   6,   4,   1,   0,    4,  [62, 75], 'nut'),
  },
};

/** The flours that are replaced: the same scores, so that any flour can be set beside them. `hold` is their gluten. */
export const WHEAT_TRAITS: typeof FLOUR_TRAITS = {
  source: FLOUR_TRAITS.source, confidence: 'common-practice',
  rows: {
    'all-purpose-flour':    f([9,   5,   4,   5,   6],   1,   0.5, 0.5, 0,    10, [60, 72], 'wheat'),
    'cake-flour':           f([7,   3,   4,   7,   5],   0.8, 0.3, 0.3, 0,    8,  [60, 72], 'wheat'),
    'bread-flour':          f([10,  7,   4,   3,   7],   1.2, 0.8, 0.5, 0,    12, [60, 72], 'wheat'),
    'whole-wheat-flour':    f([8,   4,   3,   4,   8],   3.5, 5,   3,   0,    15, [60, 72], 'wheat'),
    'spelt-flour':          f([8,   4,   3,   5,   7],   2.5, 3,   1.5, 0,    8,  [58, 70], 'wheat'),
    'einkorn-flour':        f([6,   4,   3,   5,   7],   3,   3.5, 1.5, 0,    8,  [58, 70], 'wheat'),
    'rye-flour':            f([5,   4,   3,   3,   8],   5.5, 5,   2.5, 0,    12, [56, 70], 'wheat'),
    'barley-flour':         f([4,   3,   3,   5,   7],   3,   2.5, 1.5, 0,    12, [56, 66], 'wheat'),
    'semolina':             f([8,   6,   5,   3,   7],   2,   3,   4,   0,    20, [60, 72], 'wheat'),
  },
};
