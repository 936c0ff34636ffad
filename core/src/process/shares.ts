import { cleanLine, numbersFromWords, readAmount, weigh, type Scales } from '../read';
import { asSaid, type Called } from './called';

const SHARES: readonly (readonly [RegExp, number])[] = [
  [/\b(?:two thirds)\b/i, 2 / 3],
  [/\b(?:three quarters)\b/i, 0.75],
  [/\b(?:half)\b/i, 0.5],
  [/\b(?:a|one) third\b/i, 1 / 3],
  [/\b(?:a|one) quarter\b/i, 0.25],
];
const REST = /\b(?:remaining|rest|other|leftover|reserved|held back|kept back|the last)\b/i;
/** The amount that stands right before a name: "¾ cup of the", "50 g". */
const AMOUNT = /(\d[\d./ ]*\s*[a-z]+\.?)(?: of)?(?: the)?\s+$/i;
/** How far before a name its amount may stand, characters. */
const REACH = 40;
/** An amount that is nearly the whole, or as good as nothing beside it, is the line said again or another thing. */
const NEARLY_ALL = 0.9;
const HARDLY_ANY = 0.01;

/** What stands before each of its names. */
const before = (text: string, { items }: Called): string[] =>
  items
    .filter(({ name }) => name.length > 2)
    .flatMap(({ name }) =>
      [...text.matchAll(asSaid(name))].map(({ index }) => text.slice(Math.max(0, index - REACH), index)),
    );

/** What the amounts beside its names are of the whole line. */
function amountsBeside(text: string, one: Called, scales: Scales): number[] {
  const { whole } = one;
  if (!whole) return [];
  return before(cleanLine(text), one).flatMap((words) => {
    const said = AMOUNT.exec(numbersFromWords(words))?.[1] ?? AMOUNT.exec(words)?.[1];
    if (!said) return [];
    const { quantity, unit } = readAmount(said);
    const grams = quantity && weigh(quantity, unit, whole.ingredient, whole.source, scales)?.grams.central;
    return [(grams ?? 0) / whole.grams];
  });
}

/** The share that an amount beside its name is of the whole line, where it is a part of it. */
const byAmount = (text: string, one: Called, scales: Scales): number | null =>
  amountsBeside(text, one, scales).find((share) => share > HARDLY_ANY && share < NEARLY_ALL) ?? null;

/** "Bring the 10 cups of water to the boil": all of a line, by its own amount. */
export const saysAllOf = (text: string, one: Called, scales: Scales): boolean =>
  amountsBeside(text, one, scales).some((share) => share >= NEARLY_ALL && share <= 1 / NEARLY_ALL);

/** How much of a line a clause takes (0–1) as it says it: the rest, an amount, a half; all of it where it says nothing. */
export const shareSaid = (text: string, one: Called, scales: Scales): number =>
  REST.test(text) ? 1 : (byAmount(text, one, scales) ?? SHARES.find(([words]) => words.test(text))?.[1] ?? 1);
