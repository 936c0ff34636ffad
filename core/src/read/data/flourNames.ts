/**
 * The grammar of a flour that claims to be without gluten: claims and kinds in any order around a base, and nothing else.
 * Common practice of labels and of recipes.
 */
export const BLEND_NAMES = {
  /** What such a flour is in the catalogue. */
  ingredient: 'gf-blend',
  /** "gluten-free", and the stand-ins that are sold weight for weight. */
  claim:
    /\b(?:gluten[- ]?free|g\.?f\.?|free[- ]from[- ]gluten|no[- ]gluten|coeliac[- ]friendly)(?![\w])|\b1[- ]?(?::|to|for)[- ]?1\b|\bone[- ](?:to|for)[- ]one\b/gi,
  /** Kinds of wheat flour that it stands for. */
  kind: /\b(?:certified|organic|good quality|quality|own|favou?rite|shop|store|bought|all|multi|general|purpose|plain|white|baking|baker'?s|household|self|raising|rising|self-?raising|self-?rising|bread|cake|pastry|strong|soft|sponge|pizza|brown|wholemeal|wholegrain|bleached|unbleached|sifted|fine|superfine|premium|ready|made|pre-?made|commercial|your|a|the|of|with|without|xanthan|gum|added|replacement|substitute|alternative)\b/gi,
  base: /\b(?:flours?|blends?|mix(?:es)?)\b/gi,
  /** "gluten free self raising" names no flour, and means one. */
  alone: /\bself[- ]?(?:raising|rising)\b|\ball[- ]purpose\b/i,
} as const;
