import type { BinderSchool, RouteId } from '../../vocabulary';

/** How a bake is held together, and at what price. */
export interface BinderSchoolRow {
  readonly name: string;
  /** What is added, first choice first; empty where nothing new comes into the bowl. */
  readonly adds: readonly string[];
  /** The most of it, g per 100 g flour; more is gummy, or tastes of it. */
  readonly most: number;
  /** How it is brought in. */
  readonly how: string;
  readonly worse: string;
}
export const SCHOOLS: { readonly source: string; readonly confidence: 'common-practice'; readonly rows: Readonly<Record<BinderSchool, BinderSchoolRow>> } = {
  source: 'common practice', confidence: 'common-practice',
  rows: {
    'gum':           { name: 'gum', adds: ['xanthan-gum', 'guar-gum'], most: 3, how: 'stir it through the dry flours: in water it clumps', worse: 'a little too much turns the crumb gummy, and some people don’t bear it' },
    'husk':          { name: 'husk', adds: ['psyllium-husk', 'psyllium-powder'], most: 7, how: 'stir it into the liquid and leave it ten minutes to gel; never dry by the spoon', worse: 'it darkens a pale crumb and tastes faintly of bran' },
    'seed':          { name: 'seed', adds: ['flax-meal', 'chia-seed'], most: 8, how: 'soak it in six to seven times its weight of the liquid, ten minutes; never dry by the spoon', worse: 'it binds least for its weight, and leaves specks' },
    'egg-led':       { name: 'egg in the place of gum', adds: [], most: 0, how: 'beat it in with the other egg', worse: 'firmer and a little drier, and it tastes of egg' },
    'cooked-starch': { name: 'cooked starch', adds: [], most: 0, how: 'cook part of the starch in part of the liquid until it thickens, and let it cool', worse: 'another pan, and it holds less than gum' },
    'none':          { name: 'nothing added', adds: [], most: 0, how: '', worse: 'it crumbles where neither egg nor sticky flour holds it' },
  },
};
/** Cooked starch binds as so much xanthan, g per 100 g flour, from so much of the flour cooked in so many times its weight of liquid; for less than `least` g nobody puts a pan on. Common practice. */
export const COOKED_STARCH = { credit: 0.3, ofFlour: 0.06, liquid: 5, least: 5 } as const;

/** Further credits against the need, in g xanthan-equivalent per 100 g flour, from so much of it for a gram of flour on. Common practice. */
export const CREDITS = {
  sticky: 0.2, stickyFrom: 0.15, nutButter: 0.2, mash: 0.2, mashFrom: 0.3,
  mashes: ['banana', 'mashed-banana'] as readonly string[],
} as const;
/** Egg and what is sticky never take the place of more than so much of the need: what holds a cold crumb is gum. Half at most by common practice; at 0.3 the doses lie in the middle of what experts gave for labelled pages, at half along their lower edge. */
export const CREDITS_AT_MOST = 0.3;
/** Ways from wheat that egg holds by itself. */
export const UNBOUND_ROUTES: ReadonlySet<RouteId> = new Set<RouteId>(['almond-led', 'coconut-led', 'nut-butter-led']);
/** Gum is measured by so much of a teaspoon, up to half a teaspoon and above. Common practice. */
export const SPOON_STEPS = { small: 1 / 8, upTo: 1 / 2, large: 1 / 4 } as const;
/** Egg-led: an egg (50 g) for 250 g of flour. */
export const EGG_LED_PER_FLOUR = 0.2;
/** Where nothing wet can give its water up, half of that: more would make a dough spread. */
export const EGG_LED_DRY = 0.1;
/** Of what is thick (cream, yogurt) so much at most makes room for an egg's water. */
export const EGG_ROOM = 0.4;
/** How far the recipe's use of gluten may move the dose from the family's usual one. */
export const GLUTEN_USE_RANGE: readonly [number, number] = [0.7, 1.3];
/** The most ground flax that stands in for egg, g per 100 g flour: more tastes of it and turns gummy. The rest is fruit purée. Common practice. */
export const FLAX_MOST = 8;
/** For less nobody soaks it, g. */
export const FLAX_LEAST = 2;
/** Of less purée nobody opens a jar, g. */
export const PUREE_LEAST = 15;
/** g of apple purée for a gram of egg: 60 g an egg. Common practice. */
export const PUREE_FOR_EGG = 1.2;
