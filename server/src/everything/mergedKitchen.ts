import type { KitchenDocument } from '@omniarton/core/kitchen';

/** Two lists as one: what is here stays, what only the other has comes to it. */
const joined = <T>(here: readonly T[], other: readonly T[], key: (one: T) => string): T[] => {
  const known = new Set(here.map(key));
  return [...here, ...other.filter((one) => !known.has(key(one)))];
};
const byId = ({ id }: { readonly id: string }) => id;

/** A kitchen with all that another has beside: nothing that is here changes. */
export const mergedKitchen = (here: KitchenDocument, other: KitchenDocument): KitchenDocument => ({
  ...here,
  people: joined(here.people, other.people, byId),
  ingredients: joined(here.ingredients, other.ingredients, byId),
  recipes: joined(here.recipes, other.recipes, ({ recipe }) => recipe),
  blends: joined(here.blends, other.blends, byId),
  weighed: joined(here.weighed, other.weighed, byId),
  pans: joined(here.pans, other.pans, byId),
  ovens: joined(here.ovens, other.ovens, byId),
  bin: joined(here.bin, other.bin, ({ person }) => person.id),
  eggSize: here.eggSize ?? other.eggSize,
  locale: here.locale ?? other.locale,
  microwave: here.microwave ?? other.microwave,
});
