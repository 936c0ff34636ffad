import { useCallback, useMemo } from 'react';
import { useSearchParams } from 'react-router';

/** What the list may be narrowed to; each stands in the address, so that a way back finds it as it was. */
const NARROWS = ['q', 'family', 'whom', 'tried', 'open', 'favourite', 'tag', 'sort'] as const;
export type Narrow = (typeof NARROWS)[number];

export interface Finding {
  readonly said: Readonly<Record<Narrow, string>>;
  /** As a question to the server; empty: everything. */
  readonly query: string;
  /** Something is left out, by words or otherwise. */
  readonly narrowed: boolean;
  readonly narrow: (what: Narrow, to: string) => void;
  readonly all: () => void;
}

/** What is looked for on the work list, out of the address and into it. */
export function useFinding(): Finding {
  const [search, setSearch] = useSearchParams();
  const said = useMemo(
    () => Object.fromEntries(NARROWS.map((what) => [what, search.get(what) ?? ''])) as Record<Narrow, string>,
    [search],
  );
  const query = useMemo(
    () =>
      new URLSearchParams(
        NARROWS.filter((what) => said[what].trim() !== '').map((what) => [what, said[what]]),
      ).toString(),
    [said],
  );
  const narrow = useCallback(
    (what: Narrow, to: string) =>
      setSearch(
        (before) => {
          const after = new URLSearchParams(before);
          if (to === '') after.delete(what);
          else after.set(what, to);
          return after;
        },
        { replace: true },
      ),
    [setSearch],
  );
  const all = useCallback(() => setSearch({}, { replace: true }), [setSearch]);
  const narrowed = NARROWS.some((what) => what !== 'sort' && said[what].trim() !== '');
  return { said, query, narrowed, narrow, all };
}
