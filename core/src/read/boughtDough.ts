import type { FamilyId } from '../vocabulary';
import { BOUGHT_DOUGHS } from './data/boughtDoughs';
import type { Line } from './types';

/** What a dough that is bought makes of these lines; undefined where none is. */
export const boughtDough = (lines: readonly Line[]): FamilyId | undefined =>
  lines.flatMap(({ items }) =>
    items.flatMap(({ ingredient }) => (ingredient && BOUGHT_DOUGHS[ingredient]) || []),
  )[0];
