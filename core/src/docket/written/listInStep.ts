import { tellsADeed } from '../../read';
import type { SpanEdit } from './spans';

const MEASURED =
  /\d\s?(?:g|kg|ml|l|dl|oz|lb|cups?|tbsps?|tsps?|tablespoons?|teaspoons?|pints?)\b|\b\d+ (?:\p{L}+ )?(?:eggs?|yolks?|whites?)\b/giu;
/** So many measured things without a deed are a list. */
const A_LIST = 3;
const FIRST_SENTENCE = /^[^.!?]*(?:[.!?](?!\s+[\p{Lu}\d])[^.!?]*)*[.!?](?:\s+(?=[\p{Lu}\d])|\s*$)/u;

/** Something is done with them, or said of them. */
const DONE =
  /\b(?:cooked|stirred|mixed|melted|boiled|is|are|in(?:to)? (?:an?|the|your) (?:\p{L}+ )?(?:bowl|pan|saucepan|basin|tin|processor|mixer))\b/iu;

/** "Hello love, as promised.", "Peanut butter cookies.": words to somebody, or a name, ahead of what is told. */
const GREETS = /^\W*(?:hello|hi|hey|dear(?:est)?|as promised|here you (?:go|are))\b/i;
const A_NAME = /^\p{Lu}[\p{L}'’&-]*(?: [\p{L}'’&-]+){0,5}\.\s+$/u;

const sentenceAt = (source: string, from: number): string =>
  FIRST_SENTENCE.exec(source.slice(from))?.[0] ?? '';
const lists = (sentence: string): boolean =>
  (sentence.match(MEASURED) ?? []).length >= A_LIST && !tellsADeed(sentence) && !DONE.test(sentence);
const without = (from: number, to: number): SpanEdit[] =>
  to > from ? [{ from, to, text: '', because: '' }] : [];

/** "100 g butter, 100 g sugar, 2 eggs. Cream …": the list that a paragraph begins with, behind a greeting or its name, stands above the method already. */
export function listInStepEdits(source: string): SpanEdit[] {
  const first = sentenceAt(source, 0);
  const second = sentenceAt(source, first.length);
  if (lists(first)) return without(0, first.length);
  const greets = GREETS.test(first) && !/\d/.test(first) && !tellsADeed(first) && second !== '';
  const names = A_NAME.test(first) && lists(second);
  return [
    ...(greets || names ? without(0, first.length) : []),
    ...((greets || names) && lists(second) ? without(first.length, first.length + second.length) : []),
  ];
}
