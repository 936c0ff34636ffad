import { mlPerUnit } from '../quantity';
import type { Locale } from '../vocabulary';
import { readAmount } from './amount';

/** "6 eggs made up to 2 pints with milk." */
const MADE_UP =
  /^(\W*(\d{1,2}) (?:(?:large|medium|small|beaten) )?eggs?\b[^\d]{0,14}?),?\s*\(?(?:made|make|topped) up to ((?:\d|an? |half )[\p{L}\d ./]*?) with (?:a little |some )?((?:\p{L}+ )?(?:milk|buttermilk|water|cream))\b/iu;
/** What one egg fills, ml: its 50 g weigh about as much as water. Common practice. */
const AN_EGG = 50;
/** Rounded to what a jug shows, ml. */
const A_MARK = 5;

/** What eggs are filled up with is as much as they leave room for: two lines. Any other is itself. */
export function madeUpOf(row: string, place: Locale): string[] {
  const [, eggs, count, amount, liquid] = MADE_UP.exec(row) ?? [];
  if (eggs === undefined || amount === undefined) return [row];
  const { quantity, unit } = readAmount(`${amount} ${liquid}`);
  const all = (quantity?.central ?? 0) * (mlPerUnit(unit ?? '', place) ?? 0);
  const left = Math.round((all - Number(count) * AN_EGG) / A_MARK) * A_MARK;
  return left > 0 ? [eggs, `${left} ml ${liquid}`] : [row];
}
