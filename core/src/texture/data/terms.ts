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

/** A term: how much one more of a feature moves a texture; 1 is what a taster clearly notices. `because` says it of more of the feature. */
export interface Term {
  readonly texture: Texture;
  readonly feature: Feature;
  readonly by: number;
  readonly because: string;
}

/** Signs are common practice; the sizes are our judgement, to be corrected by trials. */
export const TERMS: { readonly source: string; readonly confidence: 'common-practice'; readonly rows: readonly Term[] } = {
  source: 'signs from common practice; sizes our judgement', confidence: 'common-practice',
  rows: [
    { texture: 'spread', feature: 'fat', by: 0.06, because: 'fat that melts lets it run' },
    { texture: 'spread', feature: 'white', by: 0.06, because: 'crystalline sugar melts and runs' },
    { texture: 'spread', feature: 'invert', by: 0.03, because: 'brown sugar and syrups hold their water' },
    { texture: 'spread', feature: 'wet', by: 1.2, because: 'free water lets it run' },
    { texture: 'spread', feature: 'starch', by: -1.5, because: 'starch sets early' },
    { texture: 'spread', feature: 'gum', by: -0.6, because: 'gum thickens what is free' },
    { texture: 'spread', feature: 'chill', by: -0.04, because: 'cold dough sets before it runs' },
    { texture: 'chew', feature: 'invert', by: 0.06, because: 'brown sugar and syrups stay bendy' },
    { texture: 'chew', feature: 'chew', by: 0.3, because: 'sticky starch is chewy' },
    { texture: 'chew', feature: 'gum', by: 0.5, because: 'gum holds on' },
    { texture: 'chew', feature: 'gluten', by: 0.12, because: 'gluten is what chews in wheat' },
    { texture: 'chew', feature: 'white', by: -0.02, because: 'crystalline sugar sets hard' },
    { texture: 'crisp', feature: 'white', by: 0.06, because: 'crystalline sugar sets hard and crisp' },
    { texture: 'crisp', feature: 'invert', by: -0.06, because: 'brown sugar and syrups draw water' },
    { texture: 'crisp', feature: 'snap', by: 0.25, because: 'these flours dry to a snap' },
    { texture: 'crisp', feature: 'starch', by: 0.8, because: 'pure starch dries crisp' },
    { texture: 'crisp', feature: 'wet', by: -1, because: 'there is more water to dry away' },
    { texture: 'crisp', feature: 'gum', by: -0.4, because: 'gum keeps water' },
    { texture: 'tender', feature: 'soft', by: 0.25, because: 'soft-eating flours' },
    { texture: 'tender', feature: 'starch', by: 0.9, because: 'starch cuts the structure' },
    { texture: 'tender', feature: 'fat', by: 0.05, because: 'fat shortens' },
    { texture: 'tender', feature: 'gluten', by: -0.15, because: 'gluten toughens' },
    { texture: 'tender', feature: 'egg', by: -0.02, because: 'egg sets firm' },
    { texture: 'tender', feature: 'white', by: 0.015, because: 'sugar keeps starch from setting' },
    { texture: 'moist', feature: 'wet', by: 1.2, because: 'more of its water is free' },
    { texture: 'moist', feature: 'invert', by: 0.05, because: 'brown sugar and syrups keep water' },
    { texture: 'moist', feature: 'fat', by: 0.03, because: 'fat eats moist' },
    { texture: 'moist', feature: 'gum', by: 0.4, because: 'gum keeps water' },
    { texture: 'rise', feature: 'lift', by: 0.25, because: 'more gas is set free' },
    { texture: 'rise', feature: 'gluten', by: 0.12, because: 'gluten stretches and holds gas' },
    { texture: 'rise', feature: 'egg', by: 0.03, because: 'egg foams and sets' },
    { texture: 'rise', feature: 'gum', by: 0.4, because: 'a binder holds gas' },
    { texture: 'browning', feature: 'invert', by: 0.08, because: 'reducing sugars brown early' },
    { texture: 'browning', feature: 'egg', by: 0.03, because: 'egg protein browns' },
    { texture: 'browning', feature: 'gluten', by: 0.06, because: 'protein browns with sugar' },
    { texture: 'browning', feature: 'starch', by: -0.6, because: 'pure starch stays pale' },
    { texture: 'staling', feature: 'starch', by: 0.8, because: 'starch firms as it stands' },
    { texture: 'staling', feature: 'gluten', by: -0.1, because: 'without gluten it firms sooner' },
    { texture: 'staling', feature: 'fat', by: -0.03, because: 'fat slows it' },
    { texture: 'staling', feature: 'invert', by: -0.05, because: 'brown sugar and syrups keep it soft' },
    { texture: 'staling', feature: 'gum', by: -0.4, because: 'a binder keeps water' },
    { texture: 'grit', feature: 'grit', by: 0.45, because: 'coarser flours' },
  ],
};
