import type { Catalogue } from '../catalogue';
import type { Profile } from '../family';
import { massOf, type FormulaLine } from '../formula';
import { PANS, standsFree, type PanSize } from '../kitchen';
import type { Reach } from './grid';
import { crownOf, halfWayUp, panArea, reachOf, wallOf } from './pan';
import { SPREAD } from './data/spread';
import { pieceOf, type Piece } from './spread';
import { openFilm } from './surface';

/** A batter as it lies where it is baked. */
export interface Layer {
  /** Raw depth, cm, and by how much more stands in the middle. */
  readonly depthCm: number;
  readonly crown: number;
  /** Null: so wide that nothing comes from the sides. */
  readonly reach: Reach | null;
  /** Heat from below and from the sides, W/(m²·K). */
  readonly wall: number;
  readonly side: number;
  /** A piece on a tray, and what a scoop of it holds, ml; null in a tin. */
  readonly piece: (Piece & { readonly ml: number }) | null;
}

export interface LayerAsk {
  readonly lines: readonly FormulaLine[];
  readonly profile: Profile;
  /** Null: the recipe names none. */
  readonly pan: PanSize | null;
  /** The lines are those of all parts, which are baked as one: a pastry with its filling. */
  readonly filled: boolean;
  /** How many pieces the recipe says it makes. */
  readonly pieces: number | null;
  readonly startCelsius: number;
  readonly ovenCelsius: number;
}

/** A scoop holds from a teaspoon to a cup, ml. */
const LEAST_ML = 3;
const MOST_ML = 250;
/** What comes to the side of a piece that stands free: air and radiation. */
const FREE_SIDE = openFilm(false);
const TRAY_WALL = PANS.rows.tray.vessel.wall;

export const batterMl = (lines: readonly FormulaLine[], { density }: Pick<Profile, 'density'>): number =>
  massOf(lines) / density;

/** How a batter lies in its tin, or on its tray as pieces; where no tin is named, as deep as such bakes usually are. */
export function layerOf(ask: LayerAsk, catalogue: Catalogue): Layer {
  const { lines, profile, pan, filled, pieces, startCelsius, ovenCelsius } = ask;
  if (pan && !standsFree(pan)) {
    const wall = wallOf(pan);
    const depthCm = batterMl(lines, profile) / panArea(pan);
    return { depthCm, crown: crownOf(pan), reach: reachOf(halfWayUp(pan)), wall, side: wall, piece: null };
  }
  if (filled || profile.piece === null || !(massOf(lines) > 0)) {
    const depthCm = filled ? (profile.filledDepthCm ?? profile.usualDepthCm) : profile.usualDepthCm;
    return { depthCm, crown: 1, reach: null, wall: TRAY_WALL, side: TRAY_WALL, piece: null };
  }
  const shared = pieces === null ? SPREAD.usualMl : batterMl(lines, profile) / pieces;
  const ml = Math.min(MOST_ML, Math.max(LEAST_ML, pan?.pieceMl ?? shared));
  const piece = pieceOf(lines, profile, { ml, doughCelsius: startCelsius, ovenCelsius }, catalogue);
  return {
    depthCm: piece.depthCm,
    crown: 1,
    reach: { kind: 'cylinder', from: 0, to: piece.acrossCm / 200 },
    wall: TRAY_WALL,
    side: FREE_SIDE,
    piece: { ...piece, ml },
  };
}
