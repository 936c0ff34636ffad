import { FLOUR_ROLES } from '../vocabulary';
import type { Item, Part } from './types';

/** No dough drinks so many times its flour of plain water. Common practice. */
const TIMES_ITS_FLOUR = 3;
/** A bath is deep enough to dip in, g; a custard has less water. */
const A_BATH = 1000;
/** More soda than that, as a share of the flour, is for the bath too. */
const SODA_SHARE = 0.1;
const WATER = 'water';
const SODA = 'baking-soda';

const weightOf = ({ grams }: Item): number => grams?.central ?? 0;

/** "10 cups water, ⅔ cup baking soda": what a pretzel is dipped in comes to the dough, and not into it. */
export function withBath(part: Part): Part {
  const items = part.lines.flatMap((line) => line.items);
  const flour = items
    .filter(({ role }) => FLOUR_ROLES.has(role))
    .reduce((sum, one) => sum + weightOf(one), 0);
  const isBath = (one: Item) =>
    one.ingredient === WATER && weightOf(one) > Math.max(A_BATH, TIMES_ITS_FLOUR * flour);
  if (flour === 0 || !items.some(isBath)) return part;
  const isOfBath = (one: Item) =>
    isBath(one) || (one.ingredient === SODA && weightOf(one) > SODA_SHARE * flour);
  return {
    ...part,
    lines: part.lines.map((line) => ({
      ...line,
      aside: line.aside || (line.items.length > 0 && line.items.every(isOfBath)),
    })),
  };
}
