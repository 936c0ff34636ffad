import type { Part } from '../types';
import { makeDoubt, type Finding } from './doubt';

/** Two parts with one name: one of them may have been pasted twice. */
export function partTwice(parts: readonly Part[]): Finding[] {
  const seen = new Set<string>();
  return parts.flatMap(({ name, lines }) => {
    const key = name?.toLowerCase();
    const heading = lines.find(({ kind }) => kind === 'heading');
    if (!key || !heading) return [];
    if (!seen.has(key)) return (seen.add(key), []);
    return [makeDoubt('part-twice', heading, { asks: `“${name}” is there twice. Was it pasted twice?` })];
  });
}
