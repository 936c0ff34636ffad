/** Stands in the id of an entry's variant between the entry's own id and what sets it apart: a blend as its label has it, or kin. */
export const VARIANT_MARK = '--';

/** The id of the entry that a variant is of; an entry's own id as it is. Example: "gf-blend--gum1" → "gf-blend". */
export function plainId(id: string): string {
  const at = id.indexOf(VARIANT_MARK);
  return at < 0 ? id : id.slice(0, at);
}
