import type { Locale } from '../../vocabulary';

type Triple = readonly [number, number, number];
/** Grams of an egg without its shell, by size and place. From the classes' shell weights × 0.88. */
export const EGG_GRAMS: { readonly source: string; readonly confidence: 'derived'; readonly rows: Readonly<Record<Locale, Readonly<Record<string, Triple>>>> } = {
  source: 'USDA AMS 56.218 (US classes); Regulation (EC) 589/2008 (EU and UK classes); AU trade cartons from memory; shell 12 %', confidence: 'derived',
  rows: {
    US: { small: [38, 36, 40], medium: [44, 42, 46], large: [50, 47, 53], 'extra large': [56, 53, 58], jumbo: [63, 60, 66], usual: [50, 47, 53] },
    UK: { small: [44, 40, 46], medium: [51, 47, 55], large: [60, 55, 64], 'extra large': [66, 64, 70], jumbo: [68, 64, 72], usual: [55, 47, 60] },
    AU: { small: [40, 37, 44], medium: [46, 44, 48], large: [50, 47, 53], 'extra large': [55, 53, 58], jumbo: [62, 58, 66], usual: [52, 47, 58] },
    metric: { small: [44, 40, 46], medium: [51, 47, 55], large: [60, 55, 64], 'extra large': [66, 64, 70], jumbo: [68, 64, 72], usual: [53, 47, 60] },
  },
};
/** The share of an egg that is its shell (USDA, refuse of whole eggs). */
export const SHELL_SHARE = 0.12;
/** A white is 0.66 of the egg without its shell, a yolk 0.34 (common practice). */
export const EGG_PARTS: Readonly<Record<string, number>> = { 'egg': 1, 'egg-white': 0.66, 'egg-yolk': 0.34 };
