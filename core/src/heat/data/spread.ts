/** What a cookie dough of common practice is, g per 100 g and °C, and by what share of its height a piece is lower for each more of it. */
interface SpreadRow {
  readonly usual: number;
  readonly lower: number;
}

export const SPREAD: {
  readonly source: string; readonly confidence: 'common-practice';
  readonly usualMl: number; readonly byVolume: number; readonly least: number; readonly most: number;
  readonly rows: Readonly<Record<'fat' | 'sugars' | 'water' | 'dough' | 'oven', SpreadRow>>;
} = {
  source: 'signs are common practice, sizes are judgement; a slow stream spreads so that its height goes with the fourth root of its volume', confidence: 'common-practice',
  usualMl: 30, byVolume: 0.25,
  /** A piece is never lower or higher than these of the family's usual one. */
  least: 0.6, most: 1.7,
  rows: {
    fat:    { usual: 20, lower: 0.02 },
    sugars: { usual: 32, lower: 0.012 },
    water:  { usual: 12, lower: 0.015 },
    /** Warm dough runs; a hot oven sets it sooner. */
    dough:  { usual: 20, lower: 0.006 },
    oven:   { usual: 177, lower: -0.004 },
  },
};
