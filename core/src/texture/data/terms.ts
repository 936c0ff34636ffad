/** What of a batter or dough bears on how the bake turns out. */
export const FEATURES = {
  white: 'crystalline sugar, g per 100 g',
  invert: 'brown sugar, honey and syrups, g per 100 g',
  fat: 'fat, g per 100 g',
  egg: 'egg, g per 100 g',
  wet: 'drink over thirst',
  starch: 'pure starch, share of the flours',
  lift: 'CO₂, mmol per 100 g',
  gum: 'binder, g xanthan-equivalent per 100 g flour',
  gluten: 'gluten-forming protein, g per 100 g',
  chew: 'chew of the flours, 0–10',
  snap: 'snap of the flours, 0–10',
  soft: 'softness of the flours, 0–10',
  grit: 'grit of the flours, 0–10',
  chill: 'hours in the cold before the bake, up to 24',
} as const;
export type Feature = keyof typeof FEATURES;

export const TEXTURES = ['spread', 'chew', 'crisp', 'tender', 'moist', 'rise', 'browning', 'staling', 'grit'] as const;
export type Texture = (typeof TEXTURES)[number];

/** A term: how much one more of a feature moves a texture; 1 is what a taster clearly notices. */
export interface Term {
  readonly texture: Texture;
  readonly feature: Feature;
  readonly by: number;
}

/** Signs are common practice; the sizes are our judgement, to be corrected by trials. */
export const TERMS: { readonly source: string; readonly confidence: 'common-practice'; readonly rows: readonly Term[] } = {
  source: 'signs from common practice; sizes our judgement', confidence: 'common-practice',
  rows: [
    { texture: 'spread', feature: 'fat', by: 0.06 },
    { texture: 'spread', feature: 'white', by: 0.06 },
    { texture: 'spread', feature: 'invert', by: 0.03 },
    { texture: 'spread', feature: 'wet', by: 1.2 },
    { texture: 'spread', feature: 'starch', by: -1.5 },
    { texture: 'spread', feature: 'gum', by: -0.6 },
    { texture: 'spread', feature: 'chill', by: -0.04 },
    { texture: 'chew', feature: 'invert', by: 0.06 },
    { texture: 'chew', feature: 'chew', by: 0.3 },
    { texture: 'chew', feature: 'gum', by: 0.5 },
    { texture: 'chew', feature: 'gluten', by: 0.12 },
    { texture: 'chew', feature: 'white', by: -0.02 },
    { texture: 'crisp', feature: 'white', by: 0.06 },
    { texture: 'crisp', feature: 'invert', by: -0.06 },
    { texture: 'crisp', feature: 'snap', by: 0.25 },
    { texture: 'crisp', feature: 'starch', by: 0.8 },
    { texture: 'crisp', feature: 'wet', by: -1 },
    { texture: 'crisp', feature: 'gum', by: -0.4 },
    { texture: 'tender', feature: 'soft', by: 0.25 },
    { texture: 'tender', feature: 'starch', by: 0.9 },
    { texture: 'tender', feature: 'fat', by: 0.05 },
    { texture: 'tender', feature: 'gluten', by: -0.15 },
    { texture: 'tender', feature: 'egg', by: -0.02 },
    { texture: 'tender', feature: 'white', by: 0.015 },
    { texture: 'moist', feature: 'wet', by: 1.2 },
    { texture: 'moist', feature: 'invert', by: 0.05 },
    { texture: 'moist', feature: 'fat', by: 0.03 },
    { texture: 'moist', feature: 'gum', by: 0.4 },
    { texture: 'rise', feature: 'lift', by: 0.25 },
    { texture: 'rise', feature: 'gluten', by: 0.12 },
    { texture: 'rise', feature: 'egg', by: 0.03 },
    { texture: 'rise', feature: 'gum', by: 0.4 },
    { texture: 'browning', feature: 'invert', by: 0.08 },
    { texture: 'browning', feature: 'egg', by: 0.03 },
    { texture: 'browning', feature: 'gluten', by: 0.06 },
    { texture: 'browning', feature: 'starch', by: -0.6 },
    { texture: 'staling', feature: 'starch', by: 0.8 },
    { texture: 'staling', feature: 'gluten', by: -0.1 },
    { texture: 'staling', feature: 'fat', by: -0.03 },
    { texture: 'staling', feature: 'invert', by: -0.05 },
    { texture: 'staling', feature: 'gum', by: -0.4 },
    { texture: 'grit', feature: 'grit', by: 0.45 },
  ],
};
