import type { StartBase, StartHeat } from '../../vocabulary';

/** What a bake may be stood on: heat that a m² holds, J/(m²·K), and its temperature at first, °C (null: the oven's). */
interface BaseRow {
  readonly store: number;
  readonly celsius: number | null;
}

export const STARTS: {
  readonly source: string;
  readonly confidence: 'from-memory';
  readonly heats: Readonly<Record<StartHeat, number>>;
  readonly bases: Readonly<Record<StartBase, BaseRow | null>>;
} = {
  source:
    'household temperatures by common practice; density × heat × thickness of 1.5 mm aluminium and of 4.5 mm cast iron, handbook values from memory',
  confidence: 'from-memory',
  heats: { room: 20, chilled: 5, frozen: -18 },
  bases: {
    rack: null,
    tray: { store: 3_650, celsius: 20 },
    /** Out of the oven, filled anew within some minutes. */
    'hot-tray': { store: 3_650, celsius: 90 },
    'hot-skillet': { store: 15_000, celsius: null },
  },
};
