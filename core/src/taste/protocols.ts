import type { Protocol } from '../statistics';
import type { TasteTest } from './types';

/** Tests that are judged by a count of answers, and how those are counted. */
export const PROTOCOL_OF = {
  triangle: 'triangle',
  'duo-trio': 'duo_trio',
  paired: 'two_afc_two_sided',
} as const satisfies Readonly<Partial<Record<TasteTest, Protocol>>>;

export const ALPHA = 0.05;
/** Half of people can tell: a difference that is worth a bake. */
export const WORTH = 0.5;
