import { getIngredient, type Catalogue } from '../catalogue';
import { isName, matchIngredient } from './match';

/** What ends in one of these has its noun: "potato starch or plain flour". */
const HAS_ITS_NOUN =
  /(?:starch|flour|meal|sugar|syrup|milk|oil|butter|cream|juice|paste|powder|purée|puree)$/i;

/**
 * Whether two alternatives have one noun, which stands behind the second: "light olive or sunflower oil" is of no olives, "hazelnut or
 * almond butter" of no hazelnuts. What are things of one sort each is what it says: "butter or olive oil" is butter.
 */
export function sharesNoun(first: string, second: string, noun: string, catalogue: Catalogue): boolean {
  const [one, other] = [matchIngredient(first, catalogue), matchIngredient(second, catalogue)];
  const near = first.split(' ').at(-1)!;
  if (HAS_ITS_NOUN.test(first)) return false;
  return (
    one !== undefined &&
    other !== undefined &&
    getIngredient(catalogue, one.ingredient).role !== getIngredient(catalogue, other.ingredient).role &&
    [`${first} ${noun}`, `${near} ${noun}`].some((name) => isName(name, catalogue))
  );
}
