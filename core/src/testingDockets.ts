import { convert, toPlainText, type Docket, type Outcome } from './docket';
import { BUILT_IN_KITCHEN, EMPTY_REQUEST, type ConversionRequest, type Kitchen } from './kitchen';
import { readText } from './testing';
import { say } from './words';

/** What comes of a recipe's text in the product's own kitchen, but for what is known of another. Used by tests alone. */
export const outcomeOf = (
  text: string,
  request: Partial<ConversionRequest> = {},
  kitchen: Partial<Kitchen> = {},
): Outcome => convert(readText(text), { ...EMPTY_REQUEST, ...request }, { ...BUILT_IN_KITCHEN, ...kitchen });

/** Its docket; throws with the reasons where there is none. */
export function docketOf(
  text: string,
  request: Partial<ConversionRequest> = {},
  kitchen: Partial<Kitchen> = {},
): Docket {
  const outcome = outcomeOf(text, request, kitchen);
  if (outcome.outcome !== 'docket') throw new Error(outcome.reasons.map(say).join('; '));
  return outcome.docket;
}

/** What a baker reads off the paper: what it is, the page, the request, what is to be read, and what is not. */
export type OnPaper = readonly [
  what: string,
  page: string,
  request: Partial<ConversionRequest>,
  reads: readonly RegExp[],
  not: readonly RegExp[],
];

/** Expects it of a row. What is still open stands behind the method and isn't looked at. */
export function readsOnPaper(...[, page, request, reads, not]: OnPaper): void {
  const [text = ''] = toPlainText(docketOf(page, request)).split('\nStill open:');
  for (const words of reads) expect(text).toMatch(words);
  for (const words of not) expect(text).not.toMatch(words);
}
