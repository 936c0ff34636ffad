/** Weeks that an opened bag keeps in the cupboard, and in the cold. Common practice. */
export const DRY = [104, 104] as const;
export const WHITE = [52, 104] as const;
export const WHOLE = [12, 26] as const;
export const OILY = [4, 26] as const;

/** Where the figures of the rows come from that no food table has. */
export const RECORD_SOURCES = {
  thirst: 'water-holding (AACC 56-30 style) and absorption studies, from memory',
  freeWater: 'common practice',
  traits: 'common practice and our judgement; starch setting from memory of gelatinisation studies',
  facts: 'common practice and our judgement; amylose from memory of starch studies; prices as a rough ratio',
  binds: 'common practice: 1 g xanthan ≈ 1.3–1.5 g guar ≈ 2.5–3 g whole husk (powder 0.85 of it) ≈ 5–8 g ground flax; an egg binds by its white',
} as const;
