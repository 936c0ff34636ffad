import type { ToBuy } from '@omniarton/core/cupboard';
import { today } from '../../words/say';
import { EMPTY_BAG } from './bagForm';
import type { NewBag } from './bags';

/** What was bought as it goes into the cupboard: all its packs as one, with what a pack holds and costs. */
export const boughtBag = ({ ingredient, packs, packGrams, cost }: ToBuy, id: string): NewBag => ({
  id,
  grams: packs * packGrams,
  bag: {
    ...EMPTY_BAG,
    ingredient,
    packGrams,
    price: cost === null ? null : Math.round((100 * cost) / packs) / 100,
    note: `bought ${today()}`,
  },
});
