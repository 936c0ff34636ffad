import type { Feature, Texture, TextureSays } from '../texture';
import type { WordsFor } from '../vocabulary';

/** Why more of a feature moves a texture. */
const PULLS: Readonly<Record<Texture, Readonly<Partial<Record<Feature, string>>>>> = {
  spread: {
    fat: 'fat that melts lets it run',
    white: 'crystalline sugar melts and runs',
    invert: 'brown sugar and syrups hold their water',
    wet: 'free water lets it run',
    starch: 'starch sets early',
    gum: 'gum thickens what is free',
    chill: 'cold dough sets before it runs',
  },
  chew: {
    invert: 'brown sugar and syrups stay bendy',
    chew: 'sticky starch is chewy',
    gum: 'gum holds on',
    gluten: 'gluten is what chews in wheat',
    white: 'crystalline sugar sets hard',
  },
  crisp: {
    white: 'crystalline sugar sets hard and crisp',
    invert: 'brown sugar and syrups draw water',
    snap: 'these flours dry to a snap',
    starch: 'pure starch dries crisp',
    wet: 'there is more water to dry away',
    gum: 'gum keeps water',
  },
  tender: {
    soft: 'soft-eating flours',
    starch: 'starch cuts the structure',
    fat: 'fat shortens',
    gluten: 'gluten toughens',
    egg: 'egg sets firm',
    white: 'sugar keeps starch from setting',
  },
  moist: {
    wet: 'more of its water is free',
    invert: 'brown sugar and syrups keep water',
    fat: 'fat eats moist',
    gum: 'gum keeps water',
  },
  rise: {
    lift: 'more gas is set free',
    gluten: 'gluten stretches and holds gas',
    egg: 'egg foams and sets',
    gum: 'a binder holds gas',
  },
  browning: {
    invert: 'reducing sugars brown early',
    egg: 'egg protein browns',
    gluten: 'protein browns with sugar',
    starch: 'pure starch stays pale',
  },
  staling: {
    starch: 'starch firms as it stands',
    gluten: 'without gluten it firms sooner',
    fat: 'fat slows it',
    invert: 'brown sugar and syrups keep it soft',
    gum: 'a binder keeps water',
  },
  grit: {
    grit: 'coarser flours',
  },
};

/** An estimate of a texture against the original, and what pulls at it, in English. */
export const TEXTURE_WORDS: WordsFor<TextureSays> = {
  'clearly-less': () => 'clearly less',
  'little-less': () => 'a little less',
  same: () => 'much the same',
  'little-more': () => 'a little more',
  'clearly-more': () => 'clearly more',
  unknown: () => 'no idea',
  pulls: ({ texture, feature, less }) => `${less ? 'less of it: ' : ''}${PULLS[texture][feature] ?? feature}`,
};
