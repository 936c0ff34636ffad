import type { Docket } from '../../docket';
import { familyOf } from '../../family';
import { HANDS, HEAVIER_BY, STANDS, USUAL_BATCH } from '../data/hands';
import type { Pace, Work } from '../types';
import type { Piece } from './pieces';

/** Minutes that hands are busy with some deeds, for a batch of so many grams and so many pieces; a time that is said counts. */
export function handsMinutes(
  run: readonly (Piece & { readonly what: 'hands' })[],
  grams: number,
  pieces: number,
): number {
  const heavier = 1 + HEAVIER_BY * Math.max(0, grams / USUAL_BATCH - 1);
  return run.reduce((sum, one) => {
    const usual = one.class === null ? undefined : HANDS[one.class];
    return sum + (one.minutes ?? (usual ? usual.batch * heavier + usual.piece * pieces : 0));
  }, 0);
}

/** How long what is ready at the bowl may stand before its heat, minutes. */
export function standsFor({ family }: Docket): number {
  const { foam, texture } = familyOf(family.id);
  return foam ? STANDS.foam : texture === 'batter' ? STANDS.raised : STANDS.dough;
}

/** What the docket says of its work counts, as far as the deeds on it can be meant: no less than so much of the table's, no more than so much. */
const BELIEVED = [0.6, 1.4] as const;

/** Work before the oven as long as the docket says that it is. */
export function asTold(work: readonly Work[], { times }: Docket): Work[] {
  const before = ({ kind }: Work) => kind === 'mix' || kind === 'shape';
  const sum = work.filter(before).reduce((minutes, one) => minutes + one.minutes, 0);
  if (!times || sum === 0) return [...work];
  const factor = Math.min(BELIEVED[1], Math.max(BELIEVED[0], times.handsOn / sum));
  return work.map((one) =>
    before(one) ? { ...one, minutes: Math.max(1, Math.round(one.minutes * factor)) } : one,
  );
}

/** Work as long as these hands take for it. */
export const atPace = (work: readonly Work[], pace: Pace): Work[] =>
  work.map((one) => ({ ...one, minutes: Math.max(1, Math.round(one.minutes * (pace[one.kind] ?? 1))) }));
