import { createContext, useCallback, useContext, useMemo, useState } from 'react';
import type { Docket } from '@omniarton/core/docket';
import { sayGrams } from '../words/say';

/** The lines of a docket with their weights as they are said. */
type Said = Readonly<Record<string, { readonly name: string; readonly said: string }>>;

export interface Unseen {
  /** What a line weighed when it was last looked at; null for one that wasn't there. Only lines that have changed since. */
  readonly before: Readonly<Record<string, string | null>>;
  /** Names of lines that are no longer there. */
  readonly gone: readonly string[];
  readonly look: (line: string, said: string) => void;
  readonly lookAtAll: () => void;
}

const nothing = () => undefined;
const ALL_SEEN = { before: {}, gone: [] };
export const UnseenContext = createContext<Unseen>({ ...ALL_SEEN, look: nothing, lookAtAll: nothing });
export const useUnseen = () => useContext(UnseenContext);

const saidOf = ({ parts }: Docket): Said =>
  Object.fromEntries(
    parts.flatMap(({ lines }) =>
      lines.flatMap(({ id, name, grams }) =>
        grams ? [[id, { name, said: sayGrams(grams.central) }] as const] : [],
      ),
    ),
  );

/** What is otherwise than it was when it was looked at. */
export function changedSince(seen: Said, now: Said): Pick<Unseen, 'before' | 'gone'> {
  const before = Object.entries(now)
    .filter(([line, { said }]) => seen[line]?.said !== said)
    .map(([line]) => [line, seen[line]?.said ?? null] as const);
  const gone = Object.entries(seen)
    .filter(([line]) => !now[line])
    .map(([, { name }]) => name);
  return { before: Object.fromEntries(before), gone };
}

const NONE: Said = {};

/**
 * The weights that have changed and haven't been looked at: pointed at one by one, or all by one press. `recipe` is what they are
 * weights of: with other words or another amount every number is new, and none is marked. While `settled` is false nothing counts
 * as looked at.
 */
export function useMarks(docket: Docket | null, recipe: object | null, settled: boolean): Unseen {
  const now = useMemo(() => (docket ? saidOf(docket) : NONE), [docket]);
  const [seen, setSeen] = useState<{ readonly recipe: object | null; readonly lines: Said } | null>(null);
  if (docket && settled && seen?.recipe !== recipe) setSeen({ recipe, lines: now });
  const lookAtAll = useCallback(() => setSeen({ recipe, lines: now }), [recipe, now]);
  const look = useCallback(
    (line: string, said: string) =>
      setSeen((known) => known && { ...known, lines: { ...known.lines, [line]: { name: '', said } } }),
    [],
  );
  return useMemo(() => {
    const marks = docket && seen && seen.recipe === recipe ? changedSince(seen.lines, now) : ALL_SEEN;
    return { ...marks, look, lookAtAll };
  }, [docket, seen, recipe, now, look, lookAtAll]);
}
