import { US_CUP_ML } from './units';

const TSP_ML = US_CUP_ML / 48;
const GLYPHS: Readonly<Record<number, string>> = {
  0: '',
  0.125: '⅛',
  0.25: '¼',
  0.333: '⅓',
  0.375: '⅜',
  0.5: '½',
  0.625: '⅝',
  0.667: '⅔',
  0.75: '¾',
  0.875: '⅞',
};

function fraction(value: number, parts: readonly number[]): string {
  const whole = Math.floor(value + 1e-9);
  const rest = value - whole;
  const near = [...parts, 1].reduce(
    (best, part) => (Math.abs(part - rest) < Math.abs(best - rest) ? part : best),
    0,
  );
  const up = near === 1 ? whole + 1 : whole;
  const glyph = near === 1 ? '' : (GLYPHS[near] ?? '');
  return `${up > 0 || glyph === '' ? up : ''}${glyph}`;
}

const EIGHTHS = [0.125, 0.25, 0.375, 0.5, 0.625, 0.75, 0.875];
const CUP_PARTS = [0.25, 0.333, 0.5, 0.667, 0.75];
const QUARTERS = [0.25, 0.5, 0.75];

/**
 * A volume in US kitchen fractions: teaspoons to ⅛, tablespoons to ¼, cups to quarters and thirds.
 * Input ml ≥ 0. Example: 1.3 ml → "¼ tsp", 180 ml → "¾ cup". Below 1/16 tsp: "a pinch".
 */
export function kitchenVolume(ml: number): string {
  if (ml < TSP_ML / 16) return 'a pinch';
  if (ml < 2.75 * TSP_ML) return `${fraction(Math.max(ml / TSP_ML, 0.125), EIGHTHS)} tsp`;
  if (ml < 3.75 * 3 * TSP_ML) return `${fraction(ml / (3 * TSP_ML), QUARTERS)} tbsp`;
  const cups = fraction(ml / US_CUP_ML, CUP_PARTS);
  return `${cups} ${ml > 1.1 * US_CUP_ML ? 'cups' : 'cup'}`;
}
