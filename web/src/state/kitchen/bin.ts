import type { Person } from '@omniarton/core/kitchen';
import type { KitchenChange } from './kitchens';

/** Somebody out of the bin and back in the list. */
export const broughtBack =
  (person: Person): KitchenChange =>
  (doc) => ({
    ...doc,
    people: [...doc.people.filter(({ id }) => id !== person.id), person],
    bin: doc.bin.filter((one) => one.person.id !== person.id),
  });
