/**
 * What a room has to say before it is words: a code, and the values that go into its sentence. `M` has the values of each code.
 * Example: `{ code: 'turns-green', values: {} }`.
 */
export type SaidOf<M> = {
  readonly [C in keyof M & string]: { readonly code: C; readonly values: M[C] };
}[keyof M & string];

/** What turns each code of M into words: a code without words doesn't compile. */
export type WordsFor<M> = { readonly [C in keyof M & string]: (values: M[C]) => string };

/** A code that needs no values. */
export type Bare = Readonly<Record<string, never>>;

/** What tables of data and older documents have in words already. */
export interface WordedSays {
  readonly 'as-worded': { readonly text: string };
}

/** Words that stand in a table, said as they stand there. */
export const asWorded = (text: string): SaidOf<WordedSays> => ({ code: 'as-worded', values: { text } });
