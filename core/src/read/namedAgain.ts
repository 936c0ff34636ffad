import { readAmount } from './amount';
import { cleanLine } from './clean';
import { numbersFromWords } from './numberWords';
import type { Place } from './places';

/** "2 tbsp of the soda": something of which a line above has given the whole name. */
const AGAIN = /\b(of (?:the|that|this) )(\p{L}{3,})(?=\s*(?:[,;.)]|$))/giu;

/** At most four words: "streusel: 1 cup flour" is more than a name. */
const PLAIN_NAME = /^[\p{L}'’-]+(?: [\p{L}'’-]+){0,3}$/u;

/** What a line names, without its amount and without how it is prepared. */
const nameOf = (text: string): string =>
  readAmount(numbersFromWords(cleanLine(text)))
    .words.split(/[,;(]/)[0]!
    .trim()
    .toLowerCase();

/** Lines in which a thing that is named by its last word has the name that a line above gives it: "of the soda" → "of the lemon-lime soda". */
export function namedAgain(lines: readonly (string | null)[], places: readonly Place[]): (string | null)[] {
  const isFood = (at: number) => places[at] === 'ingredient';
  return lines.map((line, at) => {
    if (line === null || !isFood(at)) return line;
    return line.replace(AGAIN, (whole, before: string, word: string) => {
      const own = ` ${word.toLowerCase()}`;
      const name = lines
        .slice(0, at)
        .map((one, n) => (one === null || !isFood(n) ? '' : nameOf(one)))
        .find((one) => one.endsWith(own) && PLAIN_NAME.test(one));
      return name ? `${before}${name}` : whole;
    });
  });
}
