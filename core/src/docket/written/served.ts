import type { Allergen } from '../../vocabulary';
import { ACCOMPANIMENTS } from './data/accompaniments';
import { capitalised, editIn, type SpanEdit } from './spans';

/** "Serve warm with", "good with", "top with": what follows is beside the bake, up to the end of the sentence. */
const BESIDE =
  /\b(?:serv(?:e|ed|ing)|eat(?:en)?|good|lovely|nice|delicious|wonderful|great|best|better|enjoy|accompan\w+|offer|top(?:ped)?|finish(?:ed)?|dollop|turn(?:ed)? (?:it |them )?out)\b[^.!?]*?(?:\b(?:with|by|alongside)\b|\bw\/|(?<=\bserve\b[^.!?]*),)([^.!?]*)/gi;
/** "Spoons and ice cream at the ready". */
const AT_HAND = /(?<=^|[.!?]\s+)([^.!?]*?)\b(?:at the ready|on the side|to hand|at hand)\b/gi;
/** "Stand 5 min. Ice cream.": a last word that is said by itself. */
const LAST_WORD = /(?<=^\s*|[.!?]\s)(?=(?:\S+ ){0,3}\S+[.!]?\s*$)([^.!?]+)[.!]?\s*$/;
const FREE_OF: Partial<Record<Allergen, string>> = { wheat: 'gluten', milk: 'dairy', egg: 'egg' };
/** What the recipe itself makes is no other one: "serve with the custard". */
const ITS_OWN = /\b(?:the|its|this|that|your|remaining|reserved|rest of the)\s+(?:[\p{L}-]+\s+)?$/iu;

/** "dairy- and egg-free". */
const freeOf = (kept: readonly string[]): string => `${kept.map((one) => `${one}-`).join(' and ')}free`;

/**
 * A bake without milk is served with custard without milk. `out`: what is kept out; `own`: whether the recipe makes or lists a
 * thing of that name itself.
 */
export function servedEdits(
  source: string,
  out: ReadonlySet<string>,
  own: (words: string) => boolean,
): SpanEdit[] {
  const last = LAST_WORD.exec(source);
  const told = [...source.matchAll(BESIDE)].map(({ 0: all, 1: beside = '', index }) => ({
    beside,
    from: index + all.length - beside.length,
  }));
  const atHand = [...source.matchAll(AT_HAND)].map(({ 1: beside = '', index }) => ({ beside, from: index }));
  const alone =
    last && !told.some(({ from }) => from >= last.index) ? [{ beside: last[1]!, from: last.index }] : [];
  return [...told, ...atHand, ...alone].flatMap(({ beside, from }) => {
    return ACCOMPANIMENTS.flatMap(({ words, holds }) => {
      const kept = holds.flatMap((one) => (out.has(one) ? (FREE_OF[one] ?? []) : []));
      return kept.length === 0
        ? []
        : [...beside.matchAll(words)]
            .filter(
              ({ 0: said, index }) =>
                !ITS_OWN.test(beside.slice(0, index)) && !/\bfree\b/i.test(said) && !own(said),
            )
            .map(({ 0: said, index }) =>
              editIn(
                { from },
                { from: index, to: index + said.length },
                /^\p{Lu}/u.test(said)
                  ? `${capitalised(freeOf(kept))} ${said.toLowerCase()}`
                  : `${freeOf(kept)} ${said}`,
                'it is served to whoever eats this',
              ),
            );
    });
  });
}
