import type { Docket } from './types';

/** What a docket needs to be bought or taken: what is weighed of known things, and lines that are only words. */
export interface DocketNeeds {
  readonly weighed: readonly {
    readonly ingredient: string;
    readonly grams: number;
    readonly certified: boolean;
  }[];
  readonly words: readonly string[];
}

/** All that is on a docket's list. `certified`: nobody at its table may have it without that on its label. */
export function needsOf({ parts, guard }: Docket): DocketNeeds {
  const lines = parts.flatMap((part) => part.lines);
  const asked = new Set(
    [...guard.open, ...guard.answered].filter(({ kind }) => kind === 'certified').map(({ line }) => line),
  );
  return {
    weighed: lines.flatMap(({ id, ingredient, grams }) =>
      ingredient !== null && grams ? [{ ingredient, grams: grams.central, certified: asked.has(id) }] : [],
    ),
    words: lines.flatMap(({ ingredient, grams, words, name }) =>
      ingredient !== null && grams ? [] : [words ?? name],
    ),
  };
}
