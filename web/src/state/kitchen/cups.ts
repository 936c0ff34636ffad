import { v7 as newId } from 'uuid';
import type { KitchenDocument, WeighedCup } from '@omniarton/core/kitchen';
import { today } from '../../words/say';

/** Puts all bags of an ingredient away: one of them is open at a time. */
const putAway = (weighed: readonly WeighedCup[], ingredient: string | undefined): WeighedCup[] =>
  weighed.map((one) => (one.ingredient === ingredient ? { ...one, inUse: false } : one));

/** A new bag is opened and a cup of it weighed. */
export const openBag = (doc: KitchenDocument, ingredient: string, cupGrams: number): KitchenDocument => ({
  ...doc,
  weighed: [
    ...putAway(doc.weighed, ingredient),
    { id: newId(), ingredient, bag: 'the open bag', cupGrams, on: today(), inUse: true },
  ],
});

/** Another word on a bag that is known. */
export function changeBag(doc: KitchenDocument, id: string, part: Partial<WeighedCup>): KitchenDocument {
  const own = doc.weighed.find((one) => one.id === id);
  const others = part.inUse ? putAway(doc.weighed, own?.ingredient) : doc.weighed;
  return { ...doc, weighed: others.map((one) => (one.id === id ? { ...one, ...part } : one)) };
}
