import type { Seen } from '../../kitchen';
import { SYMPTOMS, type SymptomId } from '../../vocabulary';
import { MILD, PRAISED, SYMPTOM_WORDS } from './data/symptoms';

/** Words of somebody who saw a bake, as far as they are understood. */
export interface SeenWords {
  readonly seen: readonly Seen[];
  /** It was praised. */
  readonly praised: boolean;
  /** Words in which nothing was found. */
  readonly unknown: readonly string[];
}

const SLIGHT = 0.4;
/** A line at the bottom is no gumminess all through; a crack that domed is one symptom. */
const INSTEAD: Readonly<Partial<Record<SymptomId, readonly SymptomId[]>>> = {
  'wet-line': ['gummy', 'wet', 'dense', 'tough'],
  'domed-cracked': ['cracked'],
  'soggy-base': ['wet'],
  'dry-later': ['dry', 'hard'],
  'cracks-rolling': ['cracked'],
  'no-spread': ['spread'],
  'no-rise': ['flat'],
  'sugar-gritty': ['gritty'],
};

/** What is meant by words, or by a symptom's own id: "gummy line at the bottom" → a wet line. */
export function readSeen(words: readonly string[]): SeenWords {
  const degrees = new Map<SymptomId, number>();
  const unknown: string[] = [];
  let praised = false;
  for (const one of words) {
    const named = SYMPTOMS.find((id) => id === one.trim());
    const found = named ? [named] : SYMPTOMS.filter((id) => SYMPTOM_WORDS[id].test(one));
    const kept = found.filter((id) => !found.some((other) => INSTEAD[other]?.includes(id)));
    const degree = !named && MILD.test(one) ? SLIGHT : 1;
    for (const id of kept) degrees.set(id, Math.max(degrees.get(id) ?? 0, degree));
    if (PRAISED.test(one) && !/\bnot? |n.t\b/i.test(one)) praised = true;
    else if (kept.length === 0) unknown.push(one);
  }
  return { seen: [...degrees].map(([symptom, degree]) => ({ symptom, degree })), praised, unknown };
}
