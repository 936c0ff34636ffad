import { countedBallots, isOf, servedTrays } from './trays';
import type { Ballot, TastingDocument, Tray } from './types';

/** A ballot with the tray that it is about. */
export interface Given {
  readonly tray: Tray;
  readonly ballot: Ballot;
}

/** Ballots with their trays; those of trays that are no longer there count for nothing. */
export function given(tasting: TastingDocument): Given[] {
  const trays = servedTrays(tasting);
  return countedBallots(tasting).flatMap((ballot) => {
    const tray = trays.find(isOf(ballot));
    return tray ? [{ tray, ballot }] : [];
  });
}

/** Which sample stands under a code on a tray; undefined: none. */
export const sampleOf = ({ cups }: Tray, code: string): number | undefined =>
  cups.find((cup) => cup.code === code)?.sample;
