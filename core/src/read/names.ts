import pluralize from 'pluralize';
import type { Catalogue } from '../catalogue';
import { TYPED } from './clean';
import { remembered } from './remember';

export interface Named {
  readonly ingredient: string;
  readonly name: string;
}

/** Every name in the catalogue, as tokens joined by spaces; and every token that occurs in one. */
export interface NameIndex {
  readonly names: ReadonlyMap<string, Named>;
  readonly tokens: ReadonlySet<string>;
  /** How many words the longest name has that begins with a word. */
  readonly longest: ReadonlyMap<string, number>;
}

// The rule for -ies would make these "cooky" and "browny".
pluralize.addSingularRule(/(cook|brown|blond|smooth|pix)ies$/i, '$1ie');

/** A cache this large holds the words of thousands of recipes. */
const MOST_WORDS = 20_000;

const singular = remembered(
  (word) => (word.length > 3 && !/ss$|us$|molasses$|couscous$/.test(word) ? pluralize.singular(word) : word),
  MOST_WORDS,
);

const withoutAccents = (text: string) =>
  text
    .normalize('NFD')
    .replace(/\p{Mn}/gu, '')
    .replace(/[’‘]/g, "'");

function tokens(text: string): readonly string[] {
  const plain = (TYPED.test(text) ? text : withoutAccents(text)).toLowerCase();
  const words = plain.replace(/-/g, ' ').match(/\d+(?::\d+)?%?|[\p{L}\p{N}]+(?:'[\p{L}]+)?/gu) ?? [];
  return words.map((word) => singular(word.replace(/'s?$/, '').replace(/'/g, '')));
}

/** The words of a name in one form: lower case, singular, without accents; hyphens part words. */
export const tokensOf = remembered(tokens, MOST_WORDS);

/** The last word of a name, in that form: what a thing is, behind what describes it. Empty where there is none. */
export const lastWordOf = (text: string): string => tokensOf(text).at(-1) ?? '';

const indexes = new WeakMap<Catalogue, NameIndex>();

/** The index of a catalogue's names; made once. A name that two rows claim stays with the first. */
export function indexOf(catalogue: Catalogue): NameIndex {
  const known = indexes.get(catalogue);
  if (known) return known;
  const names = new Map<string, Named>();
  const tokens = new Set<string>();
  const longest = new Map<string, number>();
  const add = (words: string, named: Named) => {
    const parts = tokensOf(words);
    const key = parts.join(' ');
    if (!names.has(key)) names.set(key, named);
    for (const part of parts) tokens.add(part);
    longest.set(parts[0] ?? '', Math.max(longest.get(parts[0] ?? '') ?? 0, parts.length));
  };
  for (const one of catalogue.all) {
    for (const words of [one.name, ...one.also]) add(words, { ingredient: one.id, name: one.name });
    for (const kind of one.kinds) add(kind, { ingredient: one.id, name: kind });
  }
  const made = { names, tokens, longest };
  indexes.set(catalogue, made);
  return made;
}
