import type { TinMade } from '../../vocabulary';

/** A cup is filled so high before it rises, by common practice. */
export const USUAL_FILL = 2 / 3;

/** Heat through the wall of a metal tin, W/(m²·K), and by what the wall of a tin of other stuff lets through more or less. */
export const METAL_WALL = 16;
export const WALLS: { readonly source: string; readonly confidence: 'from-memory'; readonly rows: Readonly<Record<TinMade, number>> } = {
  source: 'bright metal less, dark more, thick glass and ceramic 8–12 of 16 W/(m²·K); 2 mm of silicone in series; from memory', confidence: 'from-memory',
  rows: { 'bright metal': 1, 'dark metal': 1.15, 'glass or ceramic': 0.65, 'silicone': 0.85 },
};
