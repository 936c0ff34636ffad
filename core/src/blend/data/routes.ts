import type { RouteId } from '../../vocabulary';

/** Shares of a blend in percent; they sum to 100. The target of a family, never forced. */
export type Shares = Readonly<Record<string, number>>;

export interface Route {
  readonly name: string;
  /** How much of it stands for wheat flour: by weight, grams for a gram; by thirst, as much as drinks the same. */
  readonly mass: { readonly by: 'weight'; readonly factor: number } | { readonly by: 'thirst' };
  readonly flavour: number;
  readonly grit: number;
  /** What its blend is aimed at where the family has no blend of its own for it. */
  readonly usual: Shares;
  /** Caps that differ from a flour's usual one. */
  readonly caps: Readonly<Record<string, number>>;
  /** The only flours that it uses; empty: all that the diet allows. */
  readonly only: readonly string[];
  /** It leads: without any of these there is no such route. Empty: none leads. */
  readonly leads: readonly string[];
  /** Without egg it doesn't stand. */
  readonly onEgg: boolean;
  readonly because: string;
  /** What it does worse than wheat. */
  readonly worse: string;
}

/** Nut and seed butters that can be the only flour. */
const NUT_BUTTERS = ['almond-butter', 'peanut-butter', 'sunflower-butter', 'tahini'] as const;

export const ROUTE_TABLE: { readonly source: string; readonly confidence: 'common-practice'; readonly rows: Readonly<Record<RouteId, Route>> } = {
  source: 'common practice', confidence: 'common-practice',
  rows: {
    'grain-blend': {
      name: 'purpose blend', mass: { by: 'weight', factor: 1 }, flavour: 1.8, grit: 1.7, caps: {}, only: [], leads: [], onEgg: false,
      usual: { 'white-rice-flour': 40, 'sorghum-flour': 15, 'potato-starch': 25, 'tapioca-starch': 20 },
      because: 'starchy blends replace wheat flour by weight, not by the cup: a cup of blend weighs more',
      worse: 'it needs a binder, and dries out in a day or two',
    },
    'almond-led': {
      name: 'almond-led', mass: { by: 'weight', factor: 1 }, flavour: 3, grit: 2.5, caps: { 'almond-flour': 1, 'cassava-flour': 0.35, 'coconut-flour': 0.08, 'tapioca-starch': 0.35, 'arrowroot': 0.35 },
      only: ['almond-flour', 'tapioca-starch', 'arrowroot', 'coconut-flour', 'cassava-flour'], leads: ['almond-flour'], onEgg: false,
      usual: { 'almond-flour': 72, 'tapioca-starch': 23, 'coconut-flour': 5 },
      because: 'ground almond takes the place of flour weight for weight; its fat comes out of the recipe’s own',
      worse: 'rich and soft: it never gets as crisp, and it holds tree nuts',
    },
    'coconut-led': {
      name: 'coconut-led', mass: { by: 'thirst' }, flavour: 5, grit: 2.5, caps: { 'coconut-flour': 0.9, 'tapioca-starch': 0.3, 'arrowroot': 0.3 },
      only: ['coconut-flour', 'tapioca-starch', 'arrowroot'], leads: ['coconut-flour'], onEgg: true,
      usual: { 'coconut-flour': 80, 'tapioca-starch': 20 },
      because: 'coconut flour drinks four times its weight: as much of it as drinks the same, a quarter of the wheat, and egg makes up the solids',
      worse: 'it stands on its eggs: without them it crumbles, and it tastes of coconut',
    },
    'cassava-led': {
      name: 'cassava-led', mass: { by: 'weight', factor: 0.83 }, flavour: 3, grit: 2.5, caps: { 'cassava-flour': 1, 'tiger-nut-flour': 0.3, 'almond-flour': 0.3, 'arrowroot': 0.3, 'tapioca-starch': 0.3 },
      only: ['cassava-flour', 'tiger-nut-flour', 'almond-flour', 'arrowroot', 'tapioca-starch', 'green-banana-flour'], leads: ['cassava-flour'], onEgg: false,
      usual: { 'cassava-flour': 60, 'tiger-nut-flour': 22, 'arrowroot': 18 },
      because: 'cassava flour drinks half as much again as wheat: 80 to 85 % of the weight does',
      worse: 'dense, and gummy when it is underbaked',
    },
    'tiger-nut-led': {
      name: 'tiger-nut-led', mass: { by: 'weight', factor: 0.95 }, flavour: 4, grit: 3, caps: { 'tiger-nut-flour': 1, 'cassava-flour': 0.4, 'arrowroot': 0.35, 'tapioca-starch': 0.35 },
      only: ['tiger-nut-flour', 'cassava-flour', 'arrowroot', 'tapioca-starch'], leads: ['tiger-nut-flour'], onEgg: false,
      usual: { 'tiger-nut-flour': 55, 'cassava-flour': 20, 'arrowroot': 25 },
      because: 'tiger nut, a tuber, is sweet and a quarter fat: a little less than the wheat’s weight does',
      worse: 'sweet and a little gritty: sift it',
    },
    'nut-butter-led': {
      name: 'nut or seed butter', mass: { by: 'thirst' }, flavour: 5, grit: 2, caps: { 'almond-butter': 1, 'peanut-butter': 1, 'sunflower-butter': 1, 'tahini': 1, 'tapioca-starch': 0.3, 'arrowroot': 0.3, 'coconut-flour': 0.1 },
      only: [...NUT_BUTTERS, 'tapioca-starch', 'arrowroot', 'coconut-flour'], leads: NUT_BUTTERS, onEgg: false,
      usual: { 'almond-butter': 90, 'tapioca-starch': 10 },
      because: 'a nut or seed butter drinks little: as much of it as drinks the same, and its fat takes the place of the butter',
      worse: 'rich and dark, and each jar spreads differently',
    },
    'starch-led': {
      name: 'starch-led', mass: { by: 'weight', factor: 0.9 }, flavour: 2, grit: 2, caps: { 'tapioca-starch': 0.7, 'arrowroot': 0.7, 'potato-starch': 0.7, 'almond-flour': 0.33, 'tiger-nut-flour': 0.33, 'cassava-flour': 0.33, 'chestnut-flour': 0.33 },
      only: ['tapioca-starch', 'arrowroot', 'potato-starch', 'almond-flour', 'tiger-nut-flour', 'cassava-flour', 'chestnut-flour'], leads: ['tapioca-starch', 'arrowroot', 'potato-starch'], onEgg: false,
      usual: { 'tapioca-starch': 45, 'potato-starch': 30, 'almond-flour': 25 },
      because: 'a batter that must puff, stretch or run thin is carried by starch: nine tenths of the wheat’s weight, with a little nut or tuber for body',
      worse: 'pale, and chewy once it is cold: eat it the day it is made',
    },
    'starch-chocolate': {
      name: 'starch and chocolate', mass: { by: 'weight', factor: 0.5 }, flavour: 6, grit: 1.5, caps: { 'cocoa': 0.5, 'tapioca-starch': 0.6, 'potato-starch': 0.8, 'corn-starch': 0.8, 'arrowroot': 0.6 },
      only: ['cocoa', 'corn-starch', 'potato-starch', 'tapioca-starch', 'arrowroot'], leads: ['cocoa'], onEgg: false,
      usual: { 'potato-starch': 40, 'tapioca-starch': 25, 'cocoa': 35 },
      because: 'chocolate and egg set by themselves: half the weight of flour, as starch with cocoa, is enough',
      worse: 'only for what may taste of chocolate; it is dense and sinks a little',
    },
  },
};
