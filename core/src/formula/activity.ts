import type { Composition } from '../catalogue';

const WATER_MOLAR = 18.015;
const SUCROSE_MOLAR = 342.3;
/** Norrish's constant for sucrose (Norrish 1966; K on ln a_w = ln x_w + K·x_s²). */
const NORRISH_SUCROSE = -6.47;

/**
 * Water activity of a batter from its water and sugars: ln a_w = ln x_w + K·x_s² (Norrish 1966), all sugars as sucrose.
 * Input: g of each constituent. Result 0–1. Dry solids' own pull is left out: it matters below about 15 % water.
 * Example: 50 g water with 100 g sugar → 0.86.
 */
export function waterActivity({ water, sugars }: Composition): number {
  if (water <= 0) return 0;
  const n = water / WATER_MOLAR;
  const s = sugars / SUCROSE_MOLAR;
  const xs = s / (n + s);
  return (1 - xs) * Math.exp(NORRISH_SUCROSE * xs * xs);
}
