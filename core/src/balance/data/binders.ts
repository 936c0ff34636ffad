import type { BinderSchool } from '../../vocabulary';

/** Xanthan-equivalent of a gram: what binds as a gram of xanthan binds. Mid-points of common practice. */
export const XANTHAN_EQUIVALENT: { readonly source: string; readonly confidence: 'common-practice'; readonly rows: Readonly<Record<string, number>> } = {
  source: 'common practice: 1 g xanthan ≈ 1.3–1.5 g guar ≈ 2.5–3 g whole husk (powder 0.85 of it) ≈ 5–8 g ground flax', confidence: 'common-practice',
  rows: { 'xanthan-gum': 1, 'guar-gum': 1 / 1.4, 'locust-bean-gum': 1 / 1.6, 'konjac': 1 / 1.2, 'psyllium-husk': 1 / 2.75, 'psyllium-powder': 1 / 2.34, 'flax-meal': 1 / 6.5, 'chia-seed': 1 / 6.5 },
};

export const SCHOOL_BINDER: Readonly<Record<BinderSchool, string | null>> = { gum: 'xanthan-gum', husk: 'psyllium-husk', 'egg-led': null };

/** What a gram of egg binds, in g xanthan-equivalent. Common practice. */
export const EGG_CREDIT: Readonly<Record<string, number>> = { 'egg': 0.03, 'egg-white': 0.04, 'egg-yolk': 0.015 };
/** Further credits against the need, in g xanthan-equivalent per 100 g flour. Common practice. */
export const CREDITS = { sweetRice: 0.3, sweetRiceFrom: 0.15, nutButter: 0.3 } as const;
/** Egg-led: an egg (50 g) for 250 g of flour. */
export const EGG_LED_PER_FLOUR = 0.2;
/** How far the recipe's use of gluten may move the dose from the family's usual one. */
export const GLUTEN_USE_RANGE: readonly [number, number] = [0.6, 1.3];
/** The most ground flax that stands in for egg, g per 100 g flour: more tastes of it and turns gummy. The rest is fruit purée. Common practice. */
export const FLAX_MOST = 8;
/** g of apple purée for a gram of egg: 60 g an egg. Common practice. */
export const PUREE_FOR_EGG = 1.2;
