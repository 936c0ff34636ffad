import { cleanLine } from './clean';
import type { Place } from './places';

const OPEN_END =
  /(?:[,;&+]|\p{L}-|\b(?:and|or|the|a|an|with|plus|of|for|in|into|(?:in|with|\d) ?(?:tbsp|tsp|tablespoons?|teaspoons?)? ?(?:boiling|hot|cold|warm)))$/iu;
/** "With a spoon of vinegar stirred in" is whole. */
const DONE_IN = /\b(?:stirred|mixed|whisked|beaten|folded|rubbed|grated|squeezed) in$/i;
const BEGINS_ANEW = /^(?:[\d¼½¾⅓⅔⅛]|\p{Lu}|an? |one |two |three |half |pinch|some |juice|zest|handful)/u;

/** "Crumbs: 200 g flour, …" is another list. */
const LABELLED = /^\p{L}[\p{L} ]{1,30} ?:\s+\d/u;

const openBrackets = (text: string) => text.split('(').length - text.split(')').length;
/** A word parted at the end of its line is put together again. */
const joined = (first: string, second: string) =>
  /\p{L}-$/u.test(first) && /^\p{Ll}/u.test(second) ? `${first.slice(0, -1)}${second}` : `${first} ${second}`;

const COLUMNS = /(?<=\S) {3,}(?=\S)/;
/**
 * Two lists side by side, of which the left one goes on below: "1 lb fruit (sultanas,     3 eggs" above "raisins, peel)     zest of 1
 * orange". The left cells are put together, and the right one below stands by itself.
 */
function inTheirColumns(sources: readonly string[]): string[] {
  const lines = [...sources];
  for (let at = 1; at < lines.length; at += 1) {
    const [above, below] = [lines[at - 1]!, lines[at]!].map((line) => line.trim().split(COLUMNS));
    const [left = '', ...right] = above!;
    if (above!.length !== 2 || below!.length !== 2 || openBrackets(left) <= 0) continue;
    lines[at - 1] = [joined(left, below![0]!), ...right].join('     ');
    lines[at] = below![1]!;
  }
  return lines;
}

const A_DASH = /^(\s*[-–])(?=[\p{L}\d])/u;
const A_DASHED_NUMBER = /^\s*[-–]\d/;
const SEVERAL = 3;
/** "-100g butter" one under the other: dashes of a list that were typed without a space, and no amounts below nothing. */
const withDashes = (sources: readonly string[]): readonly string[] =>
  sources.filter((source) => A_DASHED_NUMBER.test(source)).length < SEVERAL
    ? sources
    : sources.map((source) => source.replace(A_DASH, '$1 '));

/**
 * Lines of food that were wrapped: the text of each with all that belongs to it, and null for a line that goes on with the one
 * above. A bracket or a comma left open, or a line that begins small and no new thing, says so.
 */
export function joinWrapped(
  written: readonly string[],
  places: readonly Place[],
  isFood: (words: string) => boolean,
): (string | null)[] {
  const sources = inTheirColumns(withDashes(written));
  const whole: (string | null)[] = [...sources];
  let head = -1;
  sources.forEach((source, at) => {
    if (places[at] !== 'ingredient') return void (head = -1);
    const above = head >= 0 ? cleanLine(whole[head]!) : null;
    const line = cleanLine(source);
    const goesOn =
      above !== null &&
      !BEGINS_ANEW.test(line) &&
      !LABELLED.test(line) &&
      (openBrackets(above) > 0 ||
        openBrackets(line) < 0 ||
        (OPEN_END.test(above) && !DONE_IN.test(above)) ||
        (/^\s{2,}/.test(source) && !isFood(line)));
    const closes =
      above !== null &&
      openBrackets(above) > 0 &&
      openBrackets(line) < 0 &&
      !/\d\s*(?:g|ml|cups?|tbsp|tsp)\b/i.test(line);
    if (above === null || !(goesOn || closes)) return void (head = at);
    whole[head] = joined(above, line);
    whole[at] = null;
  });
  return whole;
}
