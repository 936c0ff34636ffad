import type { ThirstShare } from '../types';

/** What a simulated kitchen bakes with: shares of a blend's thirst, and how far each may be off. Invented. */
export const SIMULATED_FLOURS: readonly ThirstShare[] = [
  { ingredient: 'brown-rice-flour', name: 'brown rice flour', share: 0.45, sd: 0.1 },
  { ingredient: 'sorghum-flour', name: 'sorghum flour', share: 0.35, sd: 0.14 },
  { ingredient: 'potato-starch', name: 'potato starch', share: 0.2, sd: 0.06 },
];
