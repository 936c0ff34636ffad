import { readAmount } from './amount';
import { cleanLine } from './clean';
import { numbersFromWords } from './numberWords';

/** "then add", "Fold in:": a deed of a few words that wants its list. */
const DEED =
  /^\W*(?:(?:and|then|now|next|finally|after that),? )*(?:add|(?:stir|beat|fold|mix|whisk) (?:in|into it))\W*$/i;

/** True for a line that is a deed and no more: right above a list it does something with that. */
export const isDeedAlone = (line: string): boolean => DEED.test(cleanLine(line));

const nameOf = (line: string): string =>
  readAmount(numbersFromWords(cleanLine(line)))
    .words.split(/[,(]/)[0]!
    .trim();

/** "then add" with the names of the list below it: "then add flour and eggs". Any other line is told as it stands. */
export function withItsList<Told extends { readonly source: string; readonly place: string }>(
  line: Told,
  page: readonly Told[],
): string {
  const { source } = line;
  if (!isDeedAlone(source)) return source;
  const below = page.slice(page.indexOf(line) + 1);
  const end = below.findIndex(({ place }) => place !== 'ingredient');
  const names = below.slice(0, end < 0 ? below.length : end).map((one) => nameOf(one.source));
  const list = new Intl.ListFormat('en-GB', { type: 'conjunction' }).format(
    names.filter((name) => name !== ''),
  );
  return list === '' ? source : `${source.replace(/\W+$/, '')} ${list}`;
}
