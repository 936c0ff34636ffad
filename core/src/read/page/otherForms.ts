import { cleanLine } from '../clean';
import type { KindOfLine } from './kinds';

/** What a batter may be baked as instead. */
const FORM =
  '(?:muffins?|cupcakes?|fairy cakes|lo(?:af|aves)|bundt(?: cake)?|(?:layer|sheet|round|square|cup|bundt|tube) cakes?|traybakes?|bars?|slices?|squares|donuts?|doughnuts?|ramekins|minis|air[- ]?fryer|slow cooker|microwave|\\d+ ?[x×] ?\\d+(?: ?(?:in(?:ch)?|cm|"))?(?: pan| tin)?)';
/** "Muffins: divide among 12 cups, bake 18–20 min." */
const LABELS_A_FORM = new RegExp(
  `^\\W*(?:(?:to make|make it|for|as|in an?|in the) )?(?:(?:mini|jumbo|small|large|two|a) )*(${FORM})(?: (?:version|variation|option|method))?\\s*[:–—-]\\s+\\S`,
  'i',
);
const TELLS_A_TIME = /\d\s*(?:min|hour|hr)/i;

/** "For vegan swap each egg for 1 tbsp ground flax": the docket's own work, for whoever asks for it. */
const FOR_A_DIET =
  /^\W*(?:(?:to make (?:it|this|them)|for (?:a |an )?|if (?:you(?:'re| are) |it must be )?)(?:vegan|egg-free|eggless|dairy[- ]free|gluten[- ]free|gf|nut[- ]free)\b[^.]{0,24}?[,:]?\s*(?:just |simply )?(?:swap|replace|use|sub(?:stitute)?|omit|leave out)|(?:swap|replace|sub(?:stitute)?)\b[^.]*\b(?:to make it|for a?) (?:vegan|dairy[- ]free|gluten[- ]free|egg-free)\b)/i;

/** "COOK'S TIP": what is told under it is done by nobody tonight. */
const TIPS =
  /^\W*(?:(?:cook|chef|baker|kitchen|top|recipe|storage|make[- ]ahead)(?:['’]?s?['’]?)? )?(?:tips?|variations?|variants?|swaps?|ideas)\W*$/i;

const formOf = (line: string): string | null => LABELS_A_FORM.exec(cleanLine(line))?.[1] ?? null;
const stemOf = (form: string): string =>
  form
    .toLowerCase()
    .replace(/(?:es|s)$/, '')
    .replace(/loav$/, 'loaf');

/**
 * A page's kinds, where what it says behind its method of another form ("Muffins: …", "As a loaf: …") is a note: whoever bakes it in its
 * own tin does none of it; nor of what it says for another table's diet, or as a tip. A form that the name of the bake has is its own.
 */
export function withOtherForms(lines: readonly string[], read: readonly KindOfLine[]): readonly KindOfLine[] {
  const title = lines[read.findIndex(({ kind }) => kind === 'title')]?.toLowerCase() ?? '';
  let head = 0;
  return read.map((one, at): KindOfLine => {
    if (one.kind !== 'step' && one.kind !== 'prose') head = at;
    if (one.kind !== 'step') return one;
    if (FOR_A_DIET.test(cleanLine(lines[at]!))) return { ...one, kind: 'note', or: 'step' };
    const form = formOf(lines[at]!);
    const isTip = head > 0 && TIPS.test(lines[head]!);
    if (!isTip && (form === null || title.includes(stemOf(form)))) return one;
    const baked = read.some(({ kind }, n) => n < at && kind === 'step' && TELLS_A_TIME.test(lines[n]!));
    return baked ? { ...one, kind: 'note', or: 'step' } : one;
  });
}
