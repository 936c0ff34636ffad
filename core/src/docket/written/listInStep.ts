import { tellsADeed } from '../../read';
import type { SpanEdit } from './spans';

const MEASURED =
  /\d\s?(?:g|kg|ml|l|dl|oz|lb|cups?|tbsps?|tsps?|tablespoons?|teaspoons?|pints?)\b|\b\d+ (?:\p{L}+ )?(?:eggs?|yolks?|whites?)\b/giu;
/** So many measured things without a deed are a list. */
const A_LIST = 3;
const FIRST_SENTENCE = /^[^.!?]*(?:[.!?](?!\s+\p{Lu})[^.!?]*)*[.!?](?:\s+(?=\p{Lu})|\s*$)/u;

/** Something is done with them, or said of them. */
const DONE =
  /\b(?:cooked|stirred|mixed|melted|boiled|is|are|in(?:to)? (?:an?|the|your) (?:\p{L}+ )?(?:bowl|pan|saucepan|basin|tin|processor|mixer))\b/iu;

/** "100 g butter, 100 g sugar, 2 eggs. Cream …": the list that a paragraph begins with stands above the method already. */
export function listInStepEdits(source: string): SpanEdit[] {
  const first = FIRST_SENTENCE.exec(source)?.[0] ?? '';
  const lists = (first.match(MEASURED) ?? []).length >= A_LIST && !tellsADeed(first) && !DONE.test(first);
  return lists ? [{ from: 0, to: first.length, text: '', because: '' }] : [];
}
