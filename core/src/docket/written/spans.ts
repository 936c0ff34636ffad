/** A stretch of an author's words said otherwise; `from` = `to` puts something in. */
export interface SpanEdit {
  readonly from: number;
  readonly to: number;
  readonly text: string;
  /** Why, for whoever asks. */
  readonly because: string;
}

const overlaps = (a: SpanEdit, b: SpanEdit): boolean =>
  (a.from < b.to && b.from < a.to) || (a.from === b.from && a.to === b.to);

/** The edits that stand: of two that meet the earlier in the list. In the order of the text. */
export const settledEdits = (edits: readonly SpanEdit[]): SpanEdit[] =>
  edits
    .reduce<SpanEdit[]>(
      (kept, one) => (kept.some((other) => overlaps(other, one)) ? kept : [...kept, one]),
      [],
    )
    .sort((a, b) => a.from - b.from || a.to - b.to);

/** What cutting leaves behind: lone commas and stops, doubled spaces. */
function tidied(text: string): string {
  return text
    .replace(/[ \t]{2,}/g, ' ')
    .replace(/ +([,.;:!?])/g, '$1')
    .replace(/([,;:])(?:\s*[,;:])+/g, '$1')
    .replace(/[,;:]\s*([.!?])/g, '$1')
    .replace(/([.!?])(?:\s*[.])+(?!\d)/g, (all, first: string) => (/^\.{3}$/.test(all) ? all : first))
    .replace(/([.!?])\s*!/g, '$1')
    .replace(/\b([Cc]over)[.,;] cover again\b/i, '$1')
    .replace(/^\s*[,;.:]\s*/, '')
    .replace(/\b(the) (?:the|a|an) /gi, '$1 ')
    .trim();
}

/** A text with its edits made. Without any it is the text, to the letter. */
export function edited(source: string, edits: readonly SpanEdit[]): string {
  if (edits.length === 0) return source;
  let at = 0;
  let text = '';
  for (const one of edits) {
    text += source.slice(at, one.from) + one.text;
    at = one.to;
  }
  const now = tidied(text + source.slice(at));
  // What was behind the first words begins the sentence now.
  return /^\s*\p{Lu}/u.test(source) && edits[0]!.from === 0 ? capitalised(now) : now;
}

/** A stretch within an action's words said otherwise. */
export const editIn = (
  action: { readonly from: number },
  { from, to }: { readonly from: number; readonly to: number },
  text: string,
  because: string,
): SpanEdit => ({ from: action.from + from, to: action.from + to, text, because });

/** A time within an action's words. "5 min." may end a sentence: the stop is the sentence's. */
export const timeIn = (
  action: { readonly from: number; readonly text: string },
  time: { readonly from: number; readonly to: number },
  text: string,
  because: string,
): SpanEdit => {
  // "20 min. more": the stop is the short word's, and goes with it.
  const stop =
    action.text.charAt(time.to - 1) === '.' && !/^\s*[\p{Ll};,:)]/u.test(action.text.slice(time.to));
  return editIn(action, time, `${text}${stop ? '.' : ''}`, because);
};

/** With a capital letter. */
export const capitalised = (text: string): string => `${text.charAt(0).toUpperCase()}${text.slice(1)}`;
