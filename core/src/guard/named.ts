import { getIngredient, plainId, unfold, type Catalogue } from '../catalogue';
import type { ConversionRequest } from '../kitchen';
import { namedIn, lastWordOf, tokensOf, type Item } from '../read';
import { DERIVED, MADE, NOT_NAMED, SAID_FREE } from './data/namedWords';

/** A step that still names what somebody can't eat. */
export interface NamedFood {
  readonly step: string;
  readonly words: string;
  /** What is avoided in it: an allergen, or gluten. */
  readonly avoided: readonly string[];
}

interface Lists {
  /** What the recipe's list had, and what the docket's has. */
  readonly before: readonly Item[];
  readonly now: readonly (string | null)[];
}

/** "Let the pudding stand": a pudding that no list names is the bake. */
const ITSELF = 'pudding';

/** Why a food may not be in this bake, by what it holds for certain: allergens, or gluten; empty where it may. */
export function avoidedIn(id: string, { without }: ConversionRequest, catalogue: Catalogue): string[] {
  const held = new Set(
    [id, ...unfold(catalogue, id).map(({ ingredient }) => ingredient)].flatMap(
      (one) => getIngredient(catalogue, one).allergens,
    ),
  );
  const gluten = getIngredient(catalogue, id).gluten === 'contains' ? ['gluten'] : [];
  return [...gluten, ...without.filter((one) => held.has(one))];
}

/** True where the author's "milk" is the oat milk of the list: something allowed answers to the name, and nothing avoided does. */
function answersToIt(words: string, { before }: Lists, avoided: (id: string) => boolean): boolean {
  const called = before.filter(({ ingredient, name, words: own }) =>
    ingredient === null ? false : [name, own].some((one) => lastWordOf(one) === lastWordOf(words)),
  );
  return called.length > 0 && called.every(({ ingredient }) => ingredient === null || !avoided(ingredient));
}

/**
 * The foods that steps name and these people avoid: the docket's words, held against its list. "Flour" by itself is the blend
 * by now, and what a step has made itself (a custard, a dough) is named only where the list had it.
 */
export function namedFoods(
  steps: readonly { readonly id: string; readonly text: string }[],
  lists: Lists,
  request: ConversionRequest,
  catalogue: Catalogue,
): NamedFood[] {
  const had = new Set(
    lists.before.flatMap(({ ingredient }) => (ingredient === null ? [] : [plainId(ingredient)])),
  );
  const has = new Set(lists.now.flatMap((one) => (one === null ? [] : [one])));
  const avoided = (id: string) => avoidedIn(id, request, catalogue);
  const counts = ({ ingredient, words }: { ingredient: string; words: string }): boolean => {
    if (has.has(ingredient) || avoided(ingredient).length === 0) return false;
    const name = tokensOf(words).join(' ');
    if (name === 'flour') return false;
    const made = MADE.has(name) || getIngredient(catalogue, ingredient).gluten === 'contains';
    if (made && !had.has(plainId(ingredient))) return false;
    if (name === ITSELF && !lists.before.some((one) => tokensOf(one.words).includes(ITSELF))) return false;
    return !answersToIt(words, lists, (id) => avoided(id).length > 0);
  };
  return steps.flatMap(({ id, text }) => {
    const plain = [SAID_FREE, ...NOT_NAMED].reduce((rest, one) => rest.replace(one, ' , '), text);
    const spelled = DERIVED.reduce((rest, { words, name }) => rest.replace(words, ` , ${name} , `), plain);
    const seen = new Set<string>();
    return namedIn(spelled, catalogue)
      .filter(counts)
      .filter(({ words }) => !seen.has(words.toLowerCase()) && seen.add(words.toLowerCase()))
      .map(({ ingredient, words }) => ({ step: id, words, avoided: avoided(ingredient) }));
  });
}
