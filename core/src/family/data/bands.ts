import type { FamilyId, RouteId } from '../../vocabulary';

type Pair = readonly [low: number, high: number];
/** Bands of a converted bake. xanthan: g xanthan-equivalent per 100 g flour; starch: share of pure starch in the blend; drink over thirst; lift: mmol CO₂ per 100 g batter. */
export interface BandRow { readonly xanthan: Pair; readonly starch: Pair; readonly drinkThirst: Pair; readonly lift: Pair }

export const BANDS: { readonly source: string; readonly confidence: 'derived'; readonly rows: Readonly<Record<FamilyId, BandRow>> } = {
  source: 'derived from some forty recipes that work, and common practice', confidence: 'derived',
  rows: {
    'drop-cookie':     { xanthan: [0, 0.8],   starch: [0, 0.6],     drinkThirst: [0.3, 0.85],  lift: [0.5, 8.5] },
    'cut-out':         { xanthan: [0, 0.9],   starch: [0, 0.6],     drinkThirst: [0.08, 0.55], lift: [0, 4] },
    'crisp-wafer':     { xanthan: [0, 0.6],   starch: [0.25, 0.65], drinkThirst: [0.3, 0.7],   lift: [0, 4] },
    'brownie':         { xanthan: [0, 0.6],   starch: [0, 1],       drinkThirst: [0.5, 2],     lift: [0, 4] },
    'creamed-cake':    { xanthan: [0, 1.3],   starch: [0.15, 0.65], drinkThirst: [0.8, 2],     lift: [1.5, 8] },
    'foam':            { xanthan: [0, 0.4],   starch: [0, 1],       drinkThirst: [1.2, 2.2],   lift: [0, 4] },
    'loaf':            { xanthan: [0, 1.3],   starch: [0.15, 0.6],  drinkThirst: [0.75, 1.7],  lift: [0, 7] },
    'muffin':          { xanthan: [0, 1.1],   starch: [0, 0.6],     drinkThirst: [0.6, 1.8],   lift: [2, 9] },
    'scone':           { xanthan: [0, 1.2],   starch: [0.15, 0.6],  drinkThirst: [0.6, 1.4],   lift: [5, 10] },
    'pastry':          { xanthan: [0, 1.2],   starch: [0.15, 0.6],  drinkThirst: [0.2, 0.75],  lift: [0, 1] },
    'crumble':         { xanthan: [0, 0.5],   starch: [0, 0.6],     drinkThirst: [0.05, 0.35], lift: [0, 2] },
    'pancake':         { xanthan: [0, 0.6],   starch: [0, 0.55],    drinkThirst: [1.1, 2.3],   lift: [3, 10] },
    'choux':           { xanthan: [0.5, 1.5], starch: [0.2, 0.6],   drinkThirst: [3, 5],       lift: [0, 0] },
    'yeast-dough':     { xanthan: [1, 3],     starch: [0.25, 0.6],  drinkThirst: [0.75, 1.3],  lift: [0, 10] },
    'doughnut':        { xanthan: [0.4, 1.3], starch: [0.2, 0.6],   drinkThirst: [0.7, 1.3],   lift: [3, 8] },
    'steamed-pudding': { xanthan: [0, 1.2],   starch: [0, 0.6],     drinkThirst: [0.8, 2.5],   lift: [2, 7.5] },
    'mug-cake':        { xanthan: [0, 0.6],   starch: [0, 0.6],     drinkThirst: [0.6, 2],     lift: [2.5, 7] },
    'flourless':       { xanthan: [0, 0.5],   starch: [0, 0.4],     drinkThirst: [0.3, 2.2],   lift: [0, 8] },
  },
};

const COCONUT: Pair = [0, 0.3];
const NUT_SET: BandRow = { xanthan: [0, 0], starch: [0, 0.4], drinkThirst: [0.3, 2.2], lift: [0, 8] };

/** Where a bake by such a route stands apart from its family. */
export const ROUTE_BANDS: Readonly<Partial<Record<RouteId, Readonly<Partial<Record<FamilyId, BandRow>>>>>> = {
  'almond-led': {
    'drop-cookie':  { xanthan: [0, 0.5], starch: [0, 0.4], drinkThirst: [0.15, 0.6], lift: [0, 6] },
    'creamed-cake': { xanthan: [0, 0.5], starch: [0, 0.4], drinkThirst: [0.8, 1.6],  lift: [0, 6] },
    'brownie':      { xanthan: [0, 0.5], starch: [0, 0.4], drinkThirst: [0.5, 2],    lift: [0, 4] },
    'pastry':       { xanthan: [0, 0.5], starch: [0, 0.4], drinkThirst: [0.1, 0.5],  lift: [0, 1] },
    'muffin':       { xanthan: [0, 0.5], starch: [0, 0.4], drinkThirst: [0.8, 1.6],  lift: [0, 6] },
  },
  'coconut-led': {
    'drop-cookie':  { xanthan: [0, 0.5], starch: COCONUT, drinkThirst: [0.35, 0.9], lift: [0, 6] },
    'creamed-cake': { xanthan: [0, 0.5], starch: COCONUT, drinkThirst: [0.6, 2],    lift: [0, 6] },
    'brownie':      { xanthan: [0, 0.5], starch: COCONUT, drinkThirst: [0.6, 2],    lift: [0, 6] },
    'muffin':       { xanthan: [0, 0.5], starch: COCONUT, drinkThirst: [0.6, 2],    lift: [0, 6] },
    'pancake':      { xanthan: [0, 0.5], starch: COCONUT, drinkThirst: [0.6, 2],    lift: [0, 6] },
  },
  'nut-butter-led': { 'drop-cookie': NUT_SET, 'brownie': NUT_SET, 'muffin': NUT_SET, 'mug-cake': NUT_SET, 'flourless': NUT_SET },
};

/** Kinds inside a family whose batter stands apart from it. They are known by what is in the bowl. */
export type KindId = 'crêpe' | 'angel' | 'tuile';
export const KIND_BANDS: Readonly<Record<KindId, Partial<BandRow>>> = {
  crêpe: { drinkThirst: [2.2, 3.4], lift: [0, 0.5] },
  angel: { drinkThirst: [2.4, 3.5] },
  tuile: { drinkThirst: [0.9, 1.4] },
};
