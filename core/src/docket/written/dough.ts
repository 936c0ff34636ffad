import { durationsIn } from '../../read';
import { shows, type Action } from '../../process';
import { capitalised, editIn, timeIn, type SpanEdit } from './spans';

const VERB = /\bknead(ed|ing)?\b/gi;
const CUE =
  /\b(?:smooth(?:,)? and (?:very )?elastic|elastic|stretchy|springy|it passes the window ?pane(?: test)?)\b/gi;
const BY_HAND = /\s*\bby hand\b/gi;
const BEAT = { ed: 'beaten', ing: 'beating' } as const;
const BECAUSE = 'there is no gluten to develop: it is beaten, and stays soft and sticky';
const BEAT_FOR = '3 to 5 minutes';

/** A dough that rises isn't kneaded: there is nothing in it to stretch. It is beaten smooth. */
export function kneadEdits(actions: readonly Action[]): SpanEdit[] {
  return actions.flatMap((action) => {
    const { text } = action;
    const verbs = [...text.matchAll(VERB)];
    if (verbs.length === 0) return [];
    const at = ({ 0: said, index }: RegExpExecArray, words: string) =>
      editIn(action, { from: index, to: index + said.length }, words, BECAUSE);
    return [
      ...verbs.map((one) => {
        const word = BEAT[(one[1]?.toLowerCase() ?? '') as keyof typeof BEAT] ?? 'beat';
        return at(one, one[0].startsWith('K') ? capitalised(word) : word);
      }),
      ...durationsIn(text).map((one) => timeIn(action, one, BEAT_FOR, BECAUSE)),
      ...[...text.matchAll(CUE)].map((one) => at(one, 'smooth')),
      ...[...text.matchAll(BY_HAND)].map((one) => at(one, ' with a spoon or a paddle')),
    ];
  });
}

/** Of several rises the last is kept: without gluten a dough that is knocked back doesn't rise again as well. */
export function proofEdits(actions: readonly Action[], all: readonly Action[]): SpanEdit[] {
  const rises = all.filter(({ class: kind }) => kind === 'prove');
  const last = rises.at(-1);
  if (rises.length < 2) return [];
  return actions
    .filter((one) => (one.class === 'prove' && one.id !== last?.id) || shows('knocks back', one.text))
    .map(({ from, to, text }) => {
      const lead = /^[\s,]*/.exec(text)?.[0].length ?? 0;
      const end = /[.;!]\s*$/.exec(text)?.[0].length ?? 0;
      return { from: from + lead, to: to - end, text: '', because: 'without gluten it rises once' };
    });
}
