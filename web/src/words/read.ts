import type { FamilyRatios } from '@omniarton/core/read';
import type { HandUnit, Locale, Role } from '@omniarton/core/vocabulary';

/** The job that a line does, in kitchen words. */
export const ROLE_WORDS: Readonly<Record<Role, string>> = {
  'wheat-flour': 'wheat flour',
  'gf-flour': 'flour',
  starch: 'starch',
  binder: 'binder',
  sugar: 'sugar',
  syrup: 'syrup',
  fat: 'fat',
  egg: 'egg',
  liquid: 'liquid',
  leavener: 'leavener',
  acid: 'acid',
  salt: 'salt',
  flavour: 'flavour',
  inclusion: 'stirred in',
  'fruit-veg': 'fruit or vegetable',
  'chocolate-cocoa': 'chocolate or cocoa',
  none: 'no job',
};

export const UNIT_WORDS: Readonly<Record<HandUnit, string>> = {
  gram: 'g',
  kilogram: 'kg',
  ounce: 'oz',
  pound: 'lb',
  milliliter: 'ml',
  liter: 'l',
  teaspoon: 'tsp',
  tablespoon: 'tbsp',
  cup: 'cup',
  'fluid ounce': 'fl oz',
  pinch: 'pinch',
  piece: 'pc',
};

/** A unit as it was read, or as it was chosen; some that are read can't be chosen. */
export const unitWords = (unit: string | null): string =>
  unit === null ? UNIT_WORDS.piece : ((UNIT_WORDS as Readonly<Record<string, string>>)[unit] ?? unit);
export const LOCALE_WORDS: Readonly<Record<Locale, string>> = {
  US: 'US cups',
  UK: 'UK spoons',
  AU: 'Australian spoons',
  metric: 'metric spoons',
};

export const RATIO_WORDS: Readonly<Record<keyof FamilyRatios, string>> = {
  water: 'water it can drink',
  fat: 'fat',
  sugars: 'sugar',
  egg: 'egg',
};
