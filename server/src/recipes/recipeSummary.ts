import type { RecipeSummary } from '@omniarton/contracts';
import type { RecipeDocument } from '@omniarton/core/kitchen';
import type { FamilyId } from '@omniarton/core/vocabulary';

/** A recipe as its table has it. */
export interface RecipeRow {
  household_id: string;
  created_by: string;
  id: string;
  version: number;
  title: string;
  title_words: string;
  words: string;
  family: FamilyId;
  favourite: boolean;
  tags: string[];
  source_text: string;
  doc_schema: number;
  doc: Omit<RecipeDocument, 'text'>;
  updated_at: Date;
  removed_at: Date | null;
}

/** What a list shows of a document, of whatever version: one that can't be read says nothing, and hides no other. */
type AnyDocument = {
  readonly asRead?: Partial<RecipeDocument['asRead']> | null;
  readonly request?: (Partial<RecipeDocument['request']> & { readonly people?: readonly string[] }) | null;
};

/** What a list shows of a row, with how many bakes are in its log. */
export type SummaryRow = Pick<
  RecipeRow,
  'id' | 'version' | 'title' | 'family' | 'favourite' | 'tags' | 'updated_at'
> & { readonly doc: AnyDocument; readonly bakes: string };

/** What a list shows of a recipe. */
export function toSummary({
  id,
  version,
  title,
  family,
  updated_at,
  favourite,
  tags,
  doc,
  bakes,
}: SummaryRow): RecipeSummary {
  const { asRead, request } = doc;
  const seated = request?.seats?.flatMap((seat) => (seat.id === null ? [] : [seat.id]));
  return {
    id,
    version,
    title,
    family,
    batchGrams: asRead?.batchGrams ?? null,
    diet: request?.diet ?? 'gluten-free',
    without: request?.without ?? [],
    people: seated ?? request?.people ?? [],
    bakes: Number(bakes),
    open: asRead?.open ?? null,
    favourite,
    tags,
    updatedAt: updated_at.toISOString(),
  };
}
