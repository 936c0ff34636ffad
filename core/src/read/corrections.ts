import { getIngredient, type Catalogue } from '../catalogue';
import type { LineCorrection } from '../kitchen';
import { range } from '../quantity';
import type { Item, Line } from './types';

/** Lays a person's corrections over a line that was read; they win. An id that the catalogue has lost is passed over. */
export function correctLine(line: Line, correction: LineCorrection | undefined, catalogue: Catalogue): Line {
  if (!correction) return line;
  if (correction.note) return { ...line, kind: 'note', items: [], measuredBy: null };
  const known = correction.ingredient !== undefined ? catalogue.byId.get(correction.ingredient) : undefined;
  const [first, ...others] = line.items;
  const old: Item = first ?? {
    ingredient: null,
    name: line.source,
    words: line.source,
    match: 'none',
    role: 'none',
    grams: null,
    alternative: false,
  };
  const now = known
    ? {
        ...old,
        ingredient: known.id,
        name: known.name,
        role: getIngredient(catalogue, known.id).role,
        match: 'exact' as const,
      }
    : old;
  const grams = correction.grams === undefined ? now.grams : range(correction.grams);
  return {
    ...line,
    kind: 'ingredient',
    items: [{ ...now, grams }, ...others],
    measuredBy: correction.grams === undefined ? line.measuredBy : 'hand',
  };
}
