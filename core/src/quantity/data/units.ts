import type { Locale } from '../../vocabulary';

/** Exact grams in one unit of mass. */
export const MASS_GRAMS: { readonly source: string; readonly rows: Readonly<Record<string, number>> } = {
  source: 'NIST Handbook 44, appendix C; NIST SP 811',
  rows: { milligram: 0.001, gram: 1, kilogram: 1000, ounce: 28.349523125, pound: 453.59237 },
};

const US = { cup: 236.5882365, tablespoon: 14.78676478125, teaspoon: 4.92892159375, dessertspoon: 9.8578431875, 'fluid ounce': 29.5735295625, gill: 118.29411825, pint: 473.176473, quart: 946.352946, gallon: 3785.411784 };
const IMPERIAL = { 'fluid ounce': 28.4130625, gill: 142.0653125, pint: 568.26125, quart: 1136.5225, gallon: 4546.09 };
const METRIC = { milliliter: 1, centiliter: 10, deciliter: 100, liter: 1000 };

/** Exact millilitres in one unit of volume, by the place that a recipe comes from. */
export const VOLUME_ML: { readonly source: string; readonly rows: Readonly<Record<Locale, Readonly<Record<string, number>>>> } = {
  source: 'NIST Handbook 44, appendix C (231 in³ a gallon); Weights and Measures Act 1985 (UK); AS 1325 (AU)',
  rows: {
    US: { ...METRIC, ...US },
    UK: { ...METRIC, ...IMPERIAL, cup: 250, tablespoon: 15, dessertspoon: 10, teaspoon: 5 },
    AU: { ...METRIC, ...IMPERIAL, cup: 250, tablespoon: 20, dessertspoon: 10, teaspoon: 5 },
    metric: { ...METRIC, ...IMPERIAL, cup: 250, tablespoon: 15, dessertspoon: 10, teaspoon: 5 },
  },
};
