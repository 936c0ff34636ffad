import type { Catalogue } from '../catalogue';
import { indexOf, tokensOf } from './names';
import { remembered } from './remember';

/** A food that a running text names. */
export interface NamedIn {
  readonly ingredient: string;
  /** As written, and where. */
  readonly words: string;
  readonly from: number;
}

const WORD = /[\p{L}\p{N}]+(?:['’][\p{L}]+)?/gu;

/** The lines and steps of a few hundred recipes. */
const MOST_TEXTS = 10_000;
const finders = new WeakMap<Catalogue, (text: string) => readonly NamedIn[]>();

/**
 * Every food of the catalogue that a text names, the longest name first: "oat milk" is no milk. Words on two sides of a comma
 * are no one name.
 */
export function namedIn(text: string, catalogue: Catalogue): readonly NamedIn[] {
  const known = finders.get(catalogue) ?? remembered((words) => find(words, catalogue), MOST_TEXTS);
  finders.set(catalogue, known);
  return known(text);
}

function find(text: string, catalogue: Catalogue): readonly NamedIn[] {
  const { names, longest } = indexOf(catalogue);
  const words = [...text.matchAll(WORD)].map(({ 0: word, index }) => ({
    token: tokensOf(word).join(' '),
    from: index,
    to: index + word.length,
  }));
  const joined = (at: number) => /^['’]?[\s-]*$/.test(text.slice(words[at - 1]!.to, words[at]!.from));
  const found: NamedIn[] = [];
  for (let at = 0; at < words.length; at += 1) {
    const { token, from } = words[at]!;
    const limit = longest.get(token) ?? 0;
    if (limit === 0) continue;
    const runs = [token];
    while (runs.length < limit && at + runs.length < words.length && joined(at + runs.length))
      runs.push(`${runs.at(-1)!} ${words[at + runs.length]!.token}`);
    for (let length = runs.length; length > 0; length -= 1) {
      const named = names.get(runs[length - 1]!);
      if (!named) continue;
      found.push({ ingredient: named.ingredient, from, words: text.slice(from, words[at + length - 1]!.to) });
      at += length - 1;
      break;
    }
  }
  return found;
}
