import hash from 'imurmurhash';

/** What a doubt is about. */
export type DoubtKind =
  | 'weights-clash'
  | 'temperatures-clash'
  | 'tins-clash'
  | 'slipped-fraction'
  | 'unusual-amount'
  | 'far-from-family'
  | 'refers'
  | 'odd-oven'
  | 'odd-time'
  | 'powder-for-paper'
  | 'not-on-the-list'
  | 'part-twice'
  | 'unsure-kind'
  | 'another-recipe'
  | 'other-language';

/** Something in a recipe that can hardly be meant: a question with a guess, never a silent correction. */
export interface Finding {
  /** Changes with the words that it is about: what was let stand is asked again once they change. */
  readonly id: string;
  readonly kind: DoubtKind;
  /** The line or step. */
  readonly line: string;
  readonly source: string;
  readonly asks: string;
  /** What may have been meant; null when nothing suggests itself. */
  readonly guess: string | null;
  /** The line as it would read by the guess. */
  readonly to: string | null;
  /** The weight by the guess, g, where it is a matter of the weight alone. */
  readonly grams: number | null;
}

interface Words {
  readonly asks: string;
  readonly guess?: string;
  readonly to?: string;
  readonly grams?: number;
}

export const makeDoubt = (
  kind: DoubtKind,
  { id, source }: { readonly id: string; readonly source: string },
  { asks, guess, to, grams }: Words,
): Finding => ({
  id: `${kind}:${id}:${hash(`${source}|${asks}`).result().toString(36)}`,
  kind,
  line: id,
  source,
  asks,
  guess: guess ?? null,
  to: to ?? null,
  grams: grams ?? null,
});
