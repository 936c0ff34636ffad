import type { Action } from '../process';
import { BY_CLASS, BY_WORDS, CUT_UP, type Deed } from './data/deeds';

/** What an action does, as techniques listen for it. `baked`: it comes after the bake. */
export function deedsOf({ class: kind, text }: Action, baked: boolean): Deed[] {
  const deeds: Deed[] = [
    ...((kind && BY_CLASS[kind]) ?? []),
    ...BY_WORDS.filter(([, words]) => words.test(text)).map(([deed]) => deed),
    ...(baked && CUT_UP.test(text) ? (['slice'] as const) : []),
  ];
  return deeds.length > 0 || kind === null ? deeds : ['else'];
}
