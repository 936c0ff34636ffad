import type { PanShape, TinMade } from '../../vocabulary';

/** What a batter is baked in: its walls and its room. */
export interface VesselRow {
  readonly name: string;
  readonly shape: PanShape;
  /** It has a usual size of its own, and is called by its name alone. */
  readonly named: boolean;
  readonly heightCm: number;
  /** By how much its rim, which is what people measure, is wider than its middle, cm. */
  readonly taperCm: number;
  /** Heat that comes through its wall, W/(m²·K), radiation with it; the sheet between the cups of a pan gathers heat for them. */
  readonly wall: number;
  /** How many there usually are: one tin, or as many cups as the batter fills. */
  readonly one: boolean;
}

/** A cup is filled so high before it rises, by common practice. */
export const USUAL_FILL = 2 / 3;

export const VESSELS: { readonly source: string; readonly confidence: 'from-memory'; readonly rows: Readonly<Record<PanShape | 'cupcake', VesselRow>> } = {
  source: 'usual inside measures of household tins and cups; film coefficients of metal (16–20) and of glazed ceramic (8–12), from memory', confidence: 'from-memory',
  rows: {
    'round':        { name: 'round tin', shape: 'round', named: false, heightCm: 5, taperCm: 0, wall: 16, one: true },
    'springform':   { name: 'springform tin', shape: 'springform', named: false, heightCm: 7, taperCm: 0, wall: 16, one: true },
    'square':       { name: 'square tin', shape: 'square', named: false, heightCm: 5, taperCm: 0, wall: 16, one: true },
    'rect':         { name: 'oblong tin', shape: 'rect', named: false, heightCm: 5, taperCm: 0, wall: 16, one: true },
    'loaf':         { name: 'loaf tin', shape: 'loaf', named: false, heightCm: 7, taperCm: 1.5, wall: 16, one: true },
    'ring':         { name: 'ring tin', shape: 'ring', named: false, heightCm: 9, taperCm: 2, wall: 14, one: true },
    'skillet':      { name: 'skillet', shape: 'skillet', named: false, heightCm: 5, taperCm: 0, wall: 18, one: true },
    'ramekin':      { name: 'ramekin', shape: 'ramekin', named: false, heightCm: 4.5, taperCm: 0, wall: 11, one: false },
    'cupcake':      { name: 'cupcake cup', shape: 'muffin', named: true, heightCm: 3.3, taperCm: 0.5, wall: 23, one: false },
    'muffin-mini':  { name: 'mini muffin cup', shape: 'muffin-mini', named: true, heightCm: 2.1, taperCm: 0.5, wall: 23, one: false },
    'muffin':       { name: 'muffin cup', shape: 'muffin', named: true, heightCm: 3.5, taperCm: 0.5, wall: 23, one: false },
    'muffin-jumbo': { name: 'jumbo muffin cup', shape: 'muffin-jumbo', named: true, heightCm: 4.6, taperCm: 0.5, wall: 23, one: false },
    'mug':          { name: 'mug', shape: 'mug', named: true, heightCm: 9, taperCm: 0, wall: 11, one: false },
    'tray':         { name: 'scoop on a tray', shape: 'tray', named: false, heightCm: 5, taperCm: 0, wall: 18, one: false },
  },
};

/** By what the wall of a tin of other stuff lets through more or less. */
export const WALLS: { readonly source: string; readonly confidence: 'from-memory'; readonly rows: Readonly<Record<TinMade, number>> } = {
  source: 'bright metal less, dark more, thick glass and ceramic 8–12 of 16 W/(m²·K); 2 mm of silicone in series; from memory', confidence: 'from-memory',
  rows: { 'bright metal': 1, 'dark metal': 1.15, 'glass or ceramic': 0.65, 'silicone': 0.85 },
};
