import type { FamilyGuess } from '../process';
import { FAMILY_NAMES, type FamilyId } from '../vocabulary';
import type { ConversionRequest } from '../kitchen';
import type { DocketAsk } from './types';

/** A guess that is less sure is asked about: bands, blend and bake all follow the family. */
const SURE = 0.6;
/** What is less likely than this isn't offered. */
const LIKELY = 0.12;
const MOST_CHOICES = 3;

/** The one question that a docket hangs on, with its answers; null: none, or a person has said it. */
export function askOf({ confidence, nearest }: FamilyGuess, { family }: ConversionRequest): DocketAsk | null {
  if (family !== null || confidence >= SURE) return null;
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
