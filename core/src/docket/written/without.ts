import type { Action } from '../../process';
import { editIn, type SpanEdit } from './spans';

const CONNECTOR = /^[\s,;–—-]*(?:(?:and|then)\s+)*/i;

/** A sentence without some of its clauses: what is left begins with a capital, and a sentence of which nothing is left goes whole. */
export function without(sentence: readonly Action[], goes: ReadonlySet<Action>, because: string): SpanEdit[] {
  const stays = sentence.filter((one) => !goes.has(one));
  const [kept] = stays;
  const gone = [...goes].map(({ from, to, text }) => {
    const end = text.length - text.replace(/[.;!]\s*$/, '').length;
    return { from, to: stays.length === 0 ? to : to - end, text: '', because };
  });
  if (kept === undefined || kept === sentence[0]) return gone;
  const lead = CONNECTOR.exec(kept.text)![0].length;
  const letter = kept.text.slice(lead, lead + 1);
  const begins = { from: 0, to: lead + letter.length };
  return [...gone, editIn(kept, begins, ` ${letter.toUpperCase()}`, because)];
}
