import type { Catalogue } from '../catalogue';
import { indexOf, tokensOf } from './names';

/** A food that a running text names. */
export interface NamedIn {
  readonly ingredient: string;
  /** As written. */
  readonly words: string;
}

const WORD = /[\p{L}\p{N}]+(?:['’][\p{L}]+)?/gu;

/**
 * Every food of the catalogue that a text names, the longest name first: "oat milk" is no milk. Words on two sides of a comma
 * are no one name.
 */
export function namedIn(text: string, catalogue: Catalogue): NamedIn[] {
  const { names, longest } = indexOf(catalogue);
  const words = [...text.matchAll(WORD)].map(({ 0: word, index }) => ({
    token: tokensOf(word).join(' '),
    from: index,
    to: index + word.length,
  }));
  const joined = (at: number) => /^[\s-]*$/.test(text.slice(words[at - 1]!.to, words[at]!.from));
  const found: NamedIn[] = [];
  for (let at = 0; at < words.length; at += 1) {
    let most = 1;
    while (most < longest && at + most < words.length && joined(at + most)) most += 1;
    for (let length = most; length > 0; length -= 1) {
      const run = words.slice(at, at + length);
      const named = names.get(run.map(({ token }) => token).join(' '));
      if (!named) continue;
      found.push({ ingredient: named.ingredient, words: text.slice(run[0]!.from, run.at(-1)!.to) });
      at += length - 1;
      break;
    }
  }
  return found;
}
