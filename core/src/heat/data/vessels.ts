import type { PanShape } from '../../vocabulary';

/** What a batter is baked in: its walls and its room. */
export interface VesselRow {
  readonly name: string;
  readonly shape: PanShape;
  /** Inside, cm; null: as its owner measures it. For cups the mean of floor and rim. */
  readonly acrossCm: number | null;
  readonly heightCm: number;
  /** By how much its rim, which is what people measure, is wider than its middle, cm. */
  readonly taperCm: number;
  /** Heat that comes through its wall, W/(m²·K), radiation with it. */
  readonly wall: number;
  /** How many there usually are: one tin, or as many cups as the batter fills. */
  readonly one: boolean;
}

/** A cup is filled so high before it rises, by common practice. */
export const USUAL_FILL = 2 / 3;

export const VESSELS: { readonly source: string; readonly confidence: 'from-memory'; readonly rows: Readonly<Record<string, VesselRow>> } = {
  source: 'usual inside measures of household tins and cups; film coefficients of metal (16–20) and of glazed ceramic (8–12), from memory', confidence: 'from-memory',
  rows: {
    'round':        { name: 'round tin', shape: 'round', acrossCm: null, heightCm: 5, taperCm: 0, wall: 18, one: true },
    'square':       { name: 'square tin', shape: 'square', acrossCm: null, heightCm: 5, taperCm: 0, wall: 18, one: true },
    'rect':         { name: 'oblong tin', shape: 'rect', acrossCm: null, heightCm: 5, taperCm: 0, wall: 18, one: true },
    'loaf':         { name: 'loaf tin', shape: 'loaf', acrossCm: null, heightCm: 7, taperCm: 1.5, wall: 18, one: true },
    'ring':         { name: 'ring tin', shape: 'ring', acrossCm: null, heightCm: 9, taperCm: 3, wall: 18, one: true },
    'skillet':      { name: 'skillet', shape: 'round', acrossCm: null, heightCm: 5, taperCm: 0, wall: 20, one: true },
    'ramekin':      { name: 'ramekin', shape: 'muffin', acrossCm: null, heightCm: 4.5, taperCm: 0, wall: 11, one: false },
    'cupcake':      { name: 'cupcake cup', shape: 'muffin', acrossCm: 5.8, heightCm: 3.3, taperCm: 0, wall: 18, one: false },
    'muffin-mini':  { name: 'mini muffin cup', shape: 'muffin', acrossCm: 4, heightCm: 2.1, taperCm: 0, wall: 18, one: false },
    'muffin':       { name: 'muffin cup', shape: 'muffin', acrossCm: 6, heightCm: 3.5, taperCm: 0, wall: 18, one: false },
    'muffin-jumbo': { name: 'jumbo muffin cup', shape: 'muffin', acrossCm: 8, heightCm: 4.6, taperCm: 0, wall: 18, one: false },
    'mug':          { name: 'mug', shape: 'muffin', acrossCm: 8, heightCm: 9, taperCm: 0, wall: 11, one: false },
    'cookie':       { name: 'scoop on a tray', shape: 'tray', acrossCm: null, heightCm: 5, taperCm: 0, wall: 18, one: false },
  },
};
