import type { Catalogue } from '../catalogue';
import type { Profile } from '../family';
import { compositionOf, massOf, type FormulaLine } from '../formula';
import { SPREAD } from './data/spread';

/** A piece as it bakes: its height when it has spread, and how wide it is. */
export interface Piece {
  readonly depthCm: number;
  readonly acrossCm: number;
}

/** Where and how a piece is baked. */
export interface PieceAsk {
  readonly ml: number;
  readonly doughCelsius: number;
  readonly ovenCelsius: number;
}

/** By what a piece is higher (or lower) than its family's usual one: exp(−Σ lower·(is − usual)). */
function spreadFactor(
  lines: readonly FormulaLine[],
  { doughCelsius, ovenCelsius }: PieceAsk,
  catalogue: Catalogue,
): number {
  const composition = compositionOf(lines, catalogue);
  const per100 = 100 / massOf(lines);
  const is = {
    fat: composition.fat * per100,
    sugars: composition.sugars * per100,
    water: composition.water * per100,
    dough: doughCelsius,
    oven: ovenCelsius,
  };
  const lower = (Object.keys(is) as (keyof typeof is)[]).reduce(
    (sum, key) => sum + SPREAD.rows[key].lower * (is[key] - SPREAD.rows[key].usual),
    0,
  );
  return Math.min(SPREAD.most, Math.max(SPREAD.least, Math.exp(-lower)));
}

/** How high and wide a piece bakes: one that spreads runs until starch and egg set; one that was rolled is as high as ever. */
export function pieceOf(
  lines: readonly FormulaLine[],
  { piece, usualDepthCm }: Profile,
  ask: PieceAsk,
  catalogue: Catalogue,
): Piece {
  const spread = piece === 'spreads' ? spreadFactor(lines, ask, catalogue) : 1;
  const larger = piece === 'rolled' ? 1 : (ask.ml / SPREAD.usualMl) ** SPREAD.byVolume;
  const depthCm = usualDepthCm * larger * spread;
  return { depthCm, acrossCm: Math.sqrt((4 * ask.ml) / (Math.PI * depthCm)) };
}
