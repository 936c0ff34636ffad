import type { Catalogue } from '../catalogue';
import type { Profile } from '../family';
import { compositionOf, massOf, type FormulaLine } from '../formula';

/** A piece as it bakes: its height when it has spread, and how wide it is. */
export interface Piece {
  readonly depthCm: number;
  readonly acrossCm: number;
}

/** A scoop of so many ml bakes as high as the family's usual piece; a larger one is higher, by its fourth root: a slow stream spreads so. */
export const USUAL_ML = 30;
const BY_VOLUME = 0.25;

/** A cookie dough of common practice, g per 100 g, and °C of it and of the oven. */
const USUAL = { fat: 20, sugars: 32, water: 12, dough: 20, oven: 177 } as const;
/**
 * By what share of its height a piece is lower for each g more of fat, sugar and water in 100 g and each K of warmth, and higher
 * for each K of a hotter oven, which sets it sooner. Signs are common practice, sizes are judgement.
 */
const LOWER = { fat: 0.02, sugars: 0.012, water: 0.015, dough: 0.006, oven: -0.004 } as const;
const LEAST = 0.6;
const MOST = 1.7;

/** Where and how a piece is baked. */
export interface PieceAsk {
  readonly ml: number;
  readonly doughCelsius: number;
  readonly ovenCelsius: number;
}

/** How high and wide a piece bakes: one that spreads runs until starch and egg set; one that was rolled is as high as ever. */
export function pieceOf(
  lines: readonly FormulaLine[],
  profile: Profile,
  { ml, doughCelsius, ovenCelsius }: PieceAsk,
  catalogue: Catalogue,
): Piece {
  const { fat, sugars, water } = compositionOf(lines, catalogue);
  const per100 = 100 / massOf(lines);
  const lower =
    LOWER.fat * (fat * per100 - USUAL.fat) +
    LOWER.sugars * (sugars * per100 - USUAL.sugars) +
    LOWER.water * (water * per100 - USUAL.water) +
    LOWER.dough * (doughCelsius - USUAL.dough) +
    LOWER.oven * (ovenCelsius - USUAL.oven);
  const spread = profile.piece === 'spreads' ? Math.min(MOST, Math.max(LEAST, Math.exp(-lower))) : 1;
  const larger = profile.piece === 'rolled' ? 1 : (ml / USUAL_ML) ** BY_VOLUME;
  const depthCm = profile.usualDepthCm * larger * spread;
  return { depthCm, acrossCm: Math.sqrt((4 * ml) / (Math.PI * depthCm)) };
}
