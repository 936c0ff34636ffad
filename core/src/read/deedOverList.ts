import { readAmount } from './amount';
import { cleanLine } from './clean';
import { numbersFromWords } from './numberWords';

/** "then add", "Fold in:": a deed of a few words that wants its list. */
const DEED =
  /^\W*(?:(?:and|then|now|next|finally|after that),? )*(?:add|(?:stir|beat|fold|mix|whisk) (?:in|into it))\W*$/i;

/** True for a line that is a deed and no more: right above a list it does something with that. */
export const isDeedAlone = (line: string): boolean => DEED.test(cleanLine(line));

/** "200 g butter / 200 g sugar / 4 eggs - all in mixer 2 min": behind a list by strokes, what is done with it. */
const BEHIND_STROKES = /^(?:[^/]{3,40} \/ ){2,}[^/]{3,40}?\s+[-–—]\s+(?=\p{L})(.+)$/su;

/** What a line tells behind its list, its dashes as stops; the whole line where it has none. */
export const behindItsList = (source: string): string =>
  BEHIND_STROKES.exec(source)?.[1]?.replace(/\s+[-–—]\s+(?=[\p{L}\d])/gu, '. ') ?? source;

const nameOf = (line: string): string =>
  readAmount(numbersFromWords(cleanLine(line)))
    .words.split(/[,(]/)[0]!
    .trim();

/**
 * What a step tells: its own words, and where it is a deed alone, the names of the list below it: "then add", above flour and eggs, is
 * "then add flour and eggs".
 */
export function toldOf(
  { source }: { readonly source: string },
  below: readonly { readonly source: string; readonly place: string }[],
): string {
  if (!isDeedAlone(source)) return behindItsList(source);
  const end = below.findIndex(({ place }) => place !== 'ingredient');
  const names = below.slice(0, end < 0 ? below.length : end).map((line) => nameOf(line.source));
  const list = new Intl.ListFormat('en-GB', { type: 'conjunction' }).format(
    names.filter((name) => name !== ''),
  );
  return list === '' ? source : `${source.replace(/\W+$/, '')} ${list}`;
}
