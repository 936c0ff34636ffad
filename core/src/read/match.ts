import { closest, distance } from 'fastest-levenshtein';
import type { Catalogue } from '../catalogue';
import { MODIFIERS, NAME_ENDS } from './data/modifiers';
import { indexOf, tokensOf, type Named, type NameIndex } from './names';
import type { MatchKind } from './types';

export interface Match extends Named {
  readonly match: Exclude<MatchKind, 'none'>;
}

interface Hit {
  readonly named: Named;
  readonly start: number;
  readonly length: number;
}

/** Shorter words are too like each other to be put right. */
const TYPO_MIN = 4;
const LONG_WORD = 8;

/** The longest name among the words; of two as long, the later one, since the noun stands last. */
function longestName(tokens: readonly string[], index: NameIndex): Hit | undefined {
  for (let length = Math.min(tokens.length, index.longest); length > 0; length -= 1) {
    for (let start = tokens.length - length; start >= 0; start -= 1) {
      const named = index.names.get(tokens.slice(start, start + length).join(' '));
      if (named) return { named, start, length };
    }
  }
  return undefined;
}

function withoutTypos(tokens: readonly string[], index: NameIndex): string[] | undefined {
  let changed = false;
  const vocabulary = [...index.tokens].filter((word) => word.length >= TYPO_MIN);
  const mended = tokens.map((token) => {
    if (token.length < TYPO_MIN || index.tokens.has(token) || MODIFIERS.has(token) || /\d/.test(token))
      return token;
    const near = closest(token, vocabulary);
    if (distance(token, near) > (token.length >= LONG_WORD ? 2 : 1)) return token;
    changed = true;
    return near;
  });
  return changed ? mended : undefined;
}

function matchTokens(tokens: readonly string[], index: NameIndex): Match | undefined {
  const hit = longestName(tokens, index);
  if (!hit) return undefined;
  const rest = tokens.filter(
    (token, at) =>
      (at < hit.start || at >= hit.start + hit.length) && !MODIFIERS.has(token) && !/^\d/.test(token),
  );
  return { ...hit.named, match: rest.length === 0 ? 'exact' : 'near' };
}

/** True when the words are an ingredient's name to the letter (but for case, number and hyphens). */
export const isName = (words: string, catalogue: Catalogue): boolean =>
  indexOf(catalogue).names.has(tokensOf(words).join(' '));

/**
 * Finds the ingredient that some words name. `exact`: every word is part of its name or a known description; `near`: words
 * are left over or a typo was put right, so it is a question; undefined: nothing in the catalogue fits.
 */
export function matchIngredient(words: string, catalogue: Catalogue): Match | undefined {
  const index = indexOf(catalogue);
  const whole = tokensOf(words);
  const asWritten = index.names.get(whole.join(' '));
  if (asWritten) return { ...asWritten, match: 'exact' };
  const head = tokensOf(words.replace(NAME_ENDS, ''));
  const tokens = head.length > 0 ? head : whole;
  const direct = matchTokens(tokens, index);
  if (direct?.match === 'exact') return direct;
  const mended = withoutTypos(tokens, index);
  const repaired = mended && matchTokens(mended, index);
  if (repaired) return { ...repaired, match: 'near' };
  return direct;
}
