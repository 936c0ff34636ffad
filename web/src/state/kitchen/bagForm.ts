import type { BagDto } from '@omniarton/contracts';

/** A bag of which nothing is known but what is in it. */
export const EMPTY_BAG: Omit<BagDto, 'ingredient'> = {
  schema: 2,
  note: '',
  packGrams: null,
  price: null,
  opened: null,
  bestBefore: null,
  certified: false,
  label: null,
  place: 'cupboard',
};
