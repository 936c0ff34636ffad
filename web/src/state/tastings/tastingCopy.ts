import { upcastTasting, type TastingDocument } from '@omniarton/core/taste';
import type { HeldTasting } from './tastingSlice';
import { attempt } from '../../base/attempt';

interface Copy {
  readonly household: string;
  readonly recipe: string;
  readonly version: number;
  readonly doc: TastingDocument;
  readonly unsent: boolean;
}

const PREFIX = 'omniarton.tasting.';

/** Keeps a tasting in this browser while it holds something that the server doesn't have; null, or sent: it is let go. */
export const keepTasting = (id: string, held: HeldTasting | null, unsent: boolean): void =>
  attempt(() => {
    if (!held || !unsent) return localStorage.removeItem(PREFIX + id);
    const { household, recipe, version, doc } = held;
    localStorage.setItem(
      PREFIX + id,
      JSON.stringify({ household, recipe, version, doc, unsent } satisfies Copy),
    );
  });

/** What of a recipe's tastings an earlier visit left unsent. */
export function findTastings(
  household: string,
  recipe: string,
): { readonly id: string; readonly held: Omit<HeldTasting, 'save'>; readonly unsent: boolean }[] {
  const keys = attempt(() => Object.keys(localStorage).filter((key) => key.startsWith(PREFIX))) ?? [];
  return keys.flatMap((key) => {
    const copy = attempt(() => JSON.parse(localStorage.getItem(key)!) as Copy);
    if (!copy || copy.household !== household || copy.recipe !== recipe) return [];
    const doc = attempt(() => upcastTasting<TastingDocument>(copy.doc));
    if (!doc) return [];
    const { version, unsent } = copy;
    return [{ id: key.slice(PREFIX.length), held: { household, recipe, version, doc }, unsent }];
  });
}
