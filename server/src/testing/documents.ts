import type { RecipeDocument } from '@omniarton/core/kitchen';
import { EMPTY_RECIPE } from '@omniarton/core/kitchen';

/** A recipe as a page sends it. */
export const plainCake: RecipeDocument = {
  ...EMPTY_RECIPE,
  asRead: { title: 'Plain cake', family: 'creamed-cake', batchGrams: 200 },
  text: 'Plain cake\n200 g flour',
  lines: [{ id: 'l1', source: 'Plain cake' }],
};
