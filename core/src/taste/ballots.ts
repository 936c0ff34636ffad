import type { Answer, Ballot, TastingDocument, Tray } from './types';
import { isOf, servedTrays, TRAINING } from './trays';

/** Why a ballot isn't taken. */
export type Refusal = 'closed' | 'not set up' | 'twice' | 'nobody' | 'other codes' | 'out of range';

const within = (value: number, least: number, most: number): boolean =>
  Number.isInteger(value) && value >= least && value <= most;

/** Whether marks are for these codes, each once, and within their scale. */
function marked(
  marks: Readonly<Record<string, number>>,
  codes: readonly string[],
  most: number,
): Refusal | null {
  const own = Object.keys(marks);
  if (own.length !== codes.length || !own.every((code) => codes.includes(code))) return 'other codes';
  return Object.values(marks).every((mark) => within(mark, 1, most)) ? null : 'out of range';
}

function answers(answer: Answer, { cups }: Tray): Refusal | null {
  const codes = cups.filter(({ reference }) => !reference).map(({ code }) => code);
  switch (answer.kind) {
    case 'pick':
      return codes.includes(answer.code) ? null : 'other codes';
    case 'more':
      return answer.code === null || codes.includes(answer.code) ? null : 'other codes';
    case 'order': {
      const own = answer.groups.flat();
      return own.length === codes.length &&
        new Set(own).size === own.length &&
        own.every((one) => codes.includes(one))
        ? null
        : 'other codes';
    }
    case 'liking':
      return marked(answer.marks, codes, 9);
    case 'just-right':
      return marked(answer.marks, codes, 5) ?? marked(answer.liking, codes, 9);
  }
}

/** What speaks against a ballot; null: it may be handed in. */
export function refusalOf(tasting: TastingDocument, ballot: Ballot): Refusal | null {
  if (tasting.stage === 'closed') return 'closed';
  if (tasting.stage === 'set up') return 'not set up';
  if (tasting.ballots.some(isOf(ballot))) return 'twice';
  const tray = servedTrays(tasting).find(isOf(ballot));
  return tray ? answers(ballot.answer, tray) : 'nobody';
}

/** A tasting with one more ballot; the same one sent again, after a lost answer, changes nothing. */
export function withBallot(tasting: TastingDocument, ballot: Ballot): TastingDocument | Refusal {
  if (tasting.ballots.some(({ id }) => id === ballot.id)) return tasting;
  return refusalOf(tasting, ballot) ?? { ...tasting, ballots: [...tasting.ballots, ballot] };
}

/** Trays that no ballot was handed in for yet, in the order in which the device goes round; each taster's training first. */
export function openTrays(tasting: TastingDocument): Tray[] {
  const open = servedTrays(tasting).filter((tray) => !tasting.ballots.some(isOf(tray)));
  const training = open.filter(({ round }) => round === TRAINING);
  const learns = new Set(training.map(({ taster }) => taster));
  return [...training, ...open.filter(({ taster, round }) => round !== TRAINING && !learns.has(taster))];
}
