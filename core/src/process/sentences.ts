import type { Clause } from './types';

/** Clauses sentence by sentence, in order. `begins`: whether one begins a sentence after another; without it as the text's stops have it. */
export const bySentence = <C extends Pick<Clause, 'first'>>(
  clauses: readonly C[],
  begins: (one: C, before: C) => boolean = ({ first }) => first,
): C[][] =>
  clauses.reduce<C[][]>((all, one) => {
    const open = all.at(-1);
    if (open && !begins(one, open.at(-1)!)) open.push(one);
    else all.push([one]);
    return all;
  }, []);
