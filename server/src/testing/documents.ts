import type { RecipeDocument } from '@omniarton/core/kitchen';
import { EMPTY_REQUEST } from '@omniarton/core/kitchen';

/** A recipe as a page sends it. */
export const plainCake: RecipeDocument = {
  schema: 4,
  asRead: { title: 'Plain cake', family: 'creamed-cake', batchGrams: 200 },
  text: 'Plain cake\n200 g flour',
  locale: null,
  lines: [{ id: 'l1', source: 'Plain cake' }],
  corrections: [],
  asWritten: [],
  foreign: null,
  request: EMPTY_REQUEST,
  serving: null,
  bakeSheet: null,
};
