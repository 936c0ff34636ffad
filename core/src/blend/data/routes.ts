import type { FamilyId, RouteId } from '../../vocabulary';

/** Shares of a blend in percent; they sum to 100. The target of a family, never forced. */
export type Shares = Readonly<Record<string, number>>;

export interface Route {
  readonly name: string;
  /** Grams of blend for a gram of wheat flour. */
  readonly mass: number;
  readonly flavour: number;
  readonly grit: number;
  readonly references: Readonly<Partial<Record<FamilyId, Shares>>>;
  /** Caps that differ from a flour's usual one. */
  readonly caps: Readonly<Record<string, number>>;
  /** The only flours that it uses; empty: all that the diet allows. */
  readonly only: readonly string[];
  /** Fat of the blend counts only above that of its reference. */
  readonly because: string;
}

export const ROUTE_TABLE: { readonly source: string; readonly confidence: 'common-practice'; readonly rows: Readonly<Record<RouteId, Route>> } = {
  source: 'common practice', confidence: 'common-practice',
  rows: {
    'grain-blend': {
      name: 'purpose blend', mass: 1, flavour: 1.8, grit: 1.7, caps: {}, only: [],
      because: 'starchy blends replace wheat flour by weight, not by the cup: a cup of blend weighs more',
      references: {
        'drop-cookie': { 'white-rice-flour': 30, 'sweet-rice-flour': 20, 'sorghum-flour': 25, 'tapioca-starch': 25 },
        'creamed-cake': { 'white-rice-flour': 40, 'sorghum-flour': 15, 'potato-starch': 25, 'tapioca-starch': 20 },
        'brownie': { 'white-rice-flour': 50, 'sweet-rice-flour': 25, 'tapioca-starch': 25 },
        'pastry': { 'white-rice-flour': 45, 'sweet-rice-flour': 20, 'tapioca-starch': 25, 'corn-starch': 10 },
        'muffin': { 'brown-rice-flour': 35, 'sorghum-flour': 25, 'potato-starch': 20, 'tapioca-starch': 20 },
      },
    },
    'almond-led': {
      name: 'almond-led', mass: 1, flavour: 3, grit: 2.5, caps: { 'almond-flour': 0.85, 'coconut-flour': 0.08, 'tapioca-starch': 0.35, 'arrowroot': 0.35 },
      only: ['almond-flour', 'tapioca-starch', 'arrowroot', 'coconut-flour'],
      because: 'ground almond takes the place of flour weight for weight; its fat comes out of the butter',
      references: {
        'drop-cookie': { 'almond-flour': 80, 'tapioca-starch': 20 },
        'creamed-cake': { 'almond-flour': 72, 'tapioca-starch': 23, 'coconut-flour': 5 },
        'brownie': { 'almond-flour': 70, 'tapioca-starch': 30 },
        'pastry': { 'almond-flour': 63, 'tapioca-starch': 33, 'coconut-flour': 4 },
        'muffin': { 'almond-flour': 72, 'tapioca-starch': 23, 'coconut-flour': 5 },
      },
    },
    'cassava-led': {
      name: 'cassava-led', mass: 0.83, flavour: 3, grit: 2.5, caps: { 'cassava-flour': 1, 'tiger-nut-flour': 0.3, 'arrowroot': 0.3, 'tapioca-starch': 0.3 },
      only: ['cassava-flour', 'tiger-nut-flour', 'arrowroot', 'tapioca-starch', 'green-banana-flour'],
      because: 'cassava flour drinks half as much again as wheat: 80 to 85 % of the weight does',
      references: {
        'drop-cookie': { 'cassava-flour': 60, 'tiger-nut-flour': 22, 'arrowroot': 18 },
        'creamed-cake': { 'cassava-flour': 60, 'tiger-nut-flour': 22, 'arrowroot': 18 },
        'brownie': { 'cassava-flour': 60, 'tiger-nut-flour': 22, 'arrowroot': 18 },
        'pastry': { 'cassava-flour': 60, 'tiger-nut-flour': 22, 'arrowroot': 18 },
        'muffin': { 'cassava-flour': 60, 'tiger-nut-flour': 22, 'arrowroot': 18 },
      },
    },
  },
};

/** Flours of most kitchens that bake without gluten: what a blend is made from when nothing is said of the cupboard. */
export const USUAL_SHELF: readonly string[] = [
  'white-rice-flour', 'brown-rice-flour', 'sweet-rice-flour', 'sorghum-flour', 'millet-flour', 'oat-flour', 'teff-flour', 'buckwheat-flour',
  'corn-starch', 'potato-starch', 'tapioca-starch', 'arrowroot', 'cassava-flour', 'almond-flour', 'coconut-flour', 'tiger-nut-flour',
];
/** Deviation scales: a deviation of so much counts as one. */
export const SCALES = { starch: 0.2, score: 1.5, flavour: 1, colour: 2, grit: 0.8, fat: 6, thirst: 0.2 } as const;
/** Doubt in the properties as a ridge λΣx², λ = 0.3²: keeps near-twin starches from trading places. */
export const RIDGE = 0.09;
/** A used flour has at least this share: less isn't worth opening the bag. */
export const LEAST_SHARE = 0.05;
