import { US_CUP_ML, sayVolume, type CupDrawer } from '@omniarton/core/quantity';

export const UNITS = ['grams', 'us-cups', 'metric-cups'] as const;
export type WeightUnit = (typeof UNITS)[number];

export const UNIT_NAMES: Readonly<Record<WeightUnit, string>> = {
  grams: 'grams',
  'us-cups': 'US cups',
  'metric-cups': 'metric cups',
};

/** A weight by the cup and spoon; null for what isn't measured so, and where weights are shown. */
export function inCups(grams: number, cupGrams: number | null | undefined, unit: WeightUnit): string | null {
  if (unit === 'grams' || !cupGrams) return null;
  return sayVolume((grams / cupGrams) * US_CUP_ML, unit satisfies CupDrawer);
}
