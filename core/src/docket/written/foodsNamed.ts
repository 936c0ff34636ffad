import type { Catalogue } from '../../catalogue';
import { NOT_NAMED } from '../../guard';
import { blanked, namedIn } from '../../read';
import { CALLED_SHORT } from './data/calledShort';
import { EGG } from './data/madeFirst';

/** A food that a step names, with where it stands. */
export interface Mention {
  readonly ingredient: string;
  readonly words: string;
  readonly from: number;
}

/** Parts of eggs that a step calls by one word. */
const EGG_PARTS = /\b(whites|yolks?)\b/gi;

/** Every food that a step names, eggs' parts among them. */
export function mentionsIn(text: string, catalogue: Catalogue): Mention[] {
  const heard = NOT_NAMED.reduce(blanked, text);
  const found = namedIn(heard, catalogue).map((one) => ({
    ...one,
    words: text.slice(one.from, one.from + one.words.length),
  }));
  const within = (at: number) => found.some(({ from, words }) => from <= at && at < from + words.length);
  const parts = [...heard.matchAll(EGG_PARTS)]
    .filter(({ index }) => !within(index))
    .map(({ 0: words, index }): Mention => ({
      ingredient: /^w/i.test(words) ? EGG.white : EGG.yolk,
      words,
      from: index,
    }));
  const short = CALLED_SHORT.flatMap(({ ingredient, words: form }) =>
    [...heard.matchAll(form)]
      .filter(({ index }) => !within(index))
      .map(({ 0: words, index }): Mention => ({ ingredient, words, from: index })),
  );
  return [...found, ...parts, ...short].sort((a, b) => a.from - b.from);
}
