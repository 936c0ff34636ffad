/** The id of a thing on a line: the line's own for the first, `l3:1` for the second. */
export const ofItem = (line: string, at: number): string => (at === 0 ? line : `${line}:${at}`);

/** The id of a flour of the blend in the place of a line of wheat: `l3~white-rice-flour`. */
export const ofBlend = (line: string, flour: string): string => `${line}~${flour}`;

/** The id of something that a rule brings in beside a line, or into a part: `l5+water`, `p1+xanthan-gum`. */
export const addedTo = (id: string, ingredient: string): string => `${id}+${ingredient}`;

/** Whether a line was brought in by a rule. */
export const isAdded = (id: string): boolean => id.includes('+');

/** Whether a line is a flour of the blend. */
export const isOfBlend = (id: string): boolean => id.includes('~');

/** The thing in whose place an id stands, or beside which: `l3:1+water` → `l3:1`. */
export const standsFor = (id: string): string => id.split(/[~+]/)[0]!;

/** The recipe's line that an id comes from, and which of its things: `l3:1~tapioca-starch` → `l3`, 1. */
export function sourceOf(id: string): { readonly line: string; readonly at: number } {
  const [line = id, at = '0'] = standsFor(id).split(':');
  return { line, at: Number(at) };
}
