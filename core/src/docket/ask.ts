import type { FamilyGuess } from '../process';
import { FAMILY_NAMES, type FamilyId } from '../vocabulary';
import type { ConversionRequest } from '../kitchen';
import type { DocketAsk } from './types';

/** A guess that is less sure is asked about: bands, blend and bake all follow the family. */
const SURE = 0.6;
/** What is less likely than this isn't offered. */
const LIKELY = 0.12;
const MOST_CHOICES = 3;

/** Batters that are poured into a tin and raised by powder: nearly the same blend, gum and rest, and the recipe's own time. */
const ALIKE: ReadonlySet<FamilyId> = new Set<FamilyId>(['creamed-cake', 'loaf', 'muffin']);
/** Whichever of those it is, the docket would say the same. */
const isSettled = (nearest: FamilyGuess['nearest']): boolean =>
  nearest.reduce((sum, { id, probability }) => sum + (ALIKE.has(id) ? probability : 0), 0) >= SURE;

/** The one question that a docket hangs on, with its answers; null: none, or a person has said it. */
export function askOf({ confidence, nearest }: FamilyGuess, { family }: ConversionRequest): DocketAsk | null {
  if (family !== null || confidence >= SURE || isSettled(nearest)) return null;
  const likely = nearest
    .filter(({ probability }, at) => at < 2 || probability >= LIKELY)
    .slice(0, MOST_CHOICES);
  const choices = likely.map(({ id }): { readonly family: FamilyId; readonly name: string } => ({
    family: id,
    name: FAMILY_NAMES[id],
  }));
  return choices.length < 2
    ? null
    : { question: { code: 'which-bake', values: { families: choices.map((one) => one.family) } }, choices };
}
