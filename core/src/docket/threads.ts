import { standsFor, type Recipe, ofItem, isOfBlend } from '../read';
import type { Docket } from './types';

/** A line as one end of threads: of the recipe, or of the docket. */
export interface ThreadEnd {
  readonly id: string;
  readonly name: string;
  readonly ingredient: string | null;
  readonly grams: number;
}

/** What became of a line: so many grams of a docket line stand in its place. */
export interface Thread {
  readonly from: string;
  readonly to: string;
  readonly grams: number;
}

export interface Threads {
  readonly before: readonly ThreadEnd[];
  readonly after: readonly ThreadEnd[];
  readonly threads: readonly Thread[];
}

/**
 * Where each gram went: the recipe's weighed lines, the docket's, and a thread from each line to all that stands in its place. A
 * docket line without a thread is new. The threads into a docket line carry all of its grams.
 */
export function threadsOf({ parts }: Recipe, docket: Docket): Threads {
  const before = parts.flatMap(({ lines }) =>
    lines.flatMap((line) =>
      line.aside
        ? []
        : line.items.flatMap((item, at): ThreadEnd[] =>
            item.alternative || item.aside || item.ingredient === null || !item.grams
              ? []
              : [
                  {
                    id: ofItem(line.id, at),
                    name: item.name,
                    ingredient: item.ingredient,
                    grams: item.grams.central,
                  },
                ],
          ),
    ),
  );
  const after = docket.parts.flatMap(({ lines }) =>
    lines.flatMap(({ id, name, ingredient, grams }): ThreadEnd[] =>
      grams ? [{ id, name, ingredient, grams: grams.central }] : [],
    ),
  );
  const known = new Set(before.map(({ id }) => id));
  const wheat = new Map<string, string>();
  // All wheat of a part goes into one blend: its other flour lines join the first.
  for (const { lines } of parts) {
    const flours = lines.flatMap((line) =>
      line.items.some(({ role, alternative }) => role === 'wheat-flour' && !alternative) ? [line.id] : [],
    );
    for (const id of flours) wheat.set(id, flours[0]!);
  }
  const gone = before.filter(({ id }) => !after.some((one) => standsFor(one.id) === id));
  const threads = after.flatMap(({ id, grams }): Thread[] => {
    const from = standsFor(id);
    if (!known.has(from)) return [];
    const joined = gone.filter((one) => wheat.get(one.id) === from && isOfBlend(id));
    const own = before.find((one) => one.id === from)!;
    const total = joined.reduce((sum, one) => sum + one.grams, own.grams);
    return [own, ...joined].map((one) => ({ from: one.id, to: id, grams: (grams * one.grams) / total }));
  });
  return { before, after, threads };
}
