import type { Catalogue, OwnIngredient } from '../catalogue';
import type { BagOnHand, KnownLabel } from '../kitchen';
import { AVOIDANCES } from '../vocabulary';

/** The first of some days; null where one of them isn't known. */
const firstOf = (days: readonly (string | null)[]): string | null =>
  days.every((day) => day !== null) ? ([...days].sort()[0] ?? null) : null;

/** What the bags of one thing say together: only what the labels of all of them say, since any of them may be opened. */
function ofBags(ingredient: string, bags: readonly BagOnHand[], called: string): KnownLabel {
  const labels = bags.map(({ bag }) => bag.label);
  const notes = [...new Set(bags.map(({ bag }) => bag.note).filter(Boolean))];
  return {
    ingredient,
    of: `the bag${bags.length === 1 ? '' : 's'} of ${called}${notes.length > 0 ? ` (${notes.join(', ')})` : ''}`,
    certified: bags.every(({ bag }) => bag.certified),
    without: AVOIDANCES.filter((one) => labels.every((label) => label?.without.includes(one))),
    on: firstOf(labels.map((label) => label?.on ?? null)),
  };
}

/**
 * The labels that a household has at home and has read: of its bags that aren't empty, and of its own ingredients. A label that
 * says nothing is none.
 */
export function labelsAtHome(
  bags: readonly BagOnHand[],
  own: readonly OwnIngredient[],
  catalogue: Catalogue,
): KnownLabel[] {
  const full = bags.filter(({ grams }) => grams > 0);
  const nameOf = (id: string) => own.find((one) => one.id === id)?.name ?? catalogue.byId.get(id)?.name ?? id;
  const bagged = [...new Set(full.map(({ bag }) => bag.ingredient))].map((id) =>
    ofBags(
      id,
      full.filter(({ bag }) => bag.ingredient === id),
      nameOf(id),
    ),
  );
  const described = own
    .filter(({ id }) => !bagged.some(({ ingredient }) => ingredient === id))
    .map(({ id, name, certified, label }): KnownLabel => ({
      ingredient: id,
      of: `your own ${name}`,
      certified,
      without: label?.without ?? [],
      on: label?.on ?? null,
    }));
  return [...bagged, ...described].filter(({ certified, without }) => certified || without.length > 0);
}
