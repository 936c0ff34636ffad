/** What is believed before anything is seen: how far kitchens spread about the product's own figures, and how far one look is off. */
export interface PriorRow {
  readonly sd: number;
  readonly unit: string;
  readonly source: string;
  readonly confidence: 'common-practice' | 'our-judgement';
}

const OURS = {
  source: 'our judgement, held against simulated kitchens',
  confidence: 'our-judgement',
} as const;

/** Time is a sum of logarithms: the oven's own, and what a kind of tin or of bake adds in this kitchen. */
export const PRIORS = {
  'time-oven': { sd: 0.13, unit: 'logarithm', ...OURS },
  'time-tin': { sd: 0.075, unit: 'logarithm', ...OURS },
  'time-family': { sd: 0.09, unit: 'logarithm', ...OURS },
  offset: { sd: 15, unit: '°C', source: 'household ovens, common practice', confidence: 'common-practice' },
  dose: { sd: 0.2, unit: 'logarithm', ...OURS },
  done: { sd: 1.5, unit: '°C', ...OURS },
  sweetness: { sd: 0.12, unit: 'logarithm', ...OURS },
  moistness: { sd: 0.06, unit: 'logarithm', ...OURS },
} as const satisfies Readonly<Record<string, PriorRow>>;

/** How far one bake, reading or judgement is off by chance. */
export const SEEN = {
  /** Minutes until it was done, as a logarithm: opening the door, a tin a little fuller. */
  time: 0.08,
  /** A thermometer in an oven that swings, °C. */
  offset: 5,
  /** Grams of water by which a batter is judged. */
  batterGrams: 12,
  /** A binder's dose by how the crumb held, as a logarithm. */
  dose: 0.3,
  /** A probe in the middle as it comes out, °C. */
  done: 1.5,
} as const;

/** By how much less sugar (or liquid) a word of one step too much wishes it, as a logarithm, and how far one taster's word is off. Our judgement. */
export const STEPS_OF_FIVE = {
  sweetness: { step: 0.12, sd: 0.15 },
  moistness: { step: 0.06, sd: 0.08 },
} as const;

/** A table's low and high hold four of five. */
export const FOUR_OF_FIVE = 1.2816;
