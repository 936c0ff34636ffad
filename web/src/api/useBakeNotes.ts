import type { BakeAnswer } from '@omniarton/contracts';
import type { BakeNotes } from '@omniarton/core/kitchen';
import type { RecipeAt } from './api';
import { useChangeBakeMutation } from './bakesApi';
import type { Failure } from './http';

/** Writes down more of a kept bake, and what came of the last try. */
export function useBakeNotes({ household, recipe, bake }: RecipeAt & { readonly bake: BakeAnswer }) {
  const [change, { error }] = useChangeBakeMutation();
  const set = (part: Partial<BakeNotes>) =>
    void change({
      household,
      recipe,
      bake: bake.id,
      version: bake.version,
      doc: { ...bake.doc, notes: { ...bake.doc.notes, ...part } as BakeAnswer['doc']['notes'] },
    });
  return { set, failure: error as Failure | undefined };
}
