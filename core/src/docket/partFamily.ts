import { flourGrams } from '../balance';
import type { FormulaPart } from '../formula';
import { guessFamily } from '../read';
import type { FamilyId } from '../vocabulary';
import type { Work } from './plan';

/** A part is only of another kind than its bake when its name and its formula both say so, and so surely. */
const SURE = 0.5;

/** The family that a part is converted by: a crumble on a muffin is a crumble. The part with the most flour is what the bake is. */
export function familyOfPart(
  part: FormulaPart,
  bake: FamilyId,
  { parts, recipe, catalogue }: Work,
): FamilyId {
  const flour = (one: FormulaPart) => flourGrams(one.lines, catalogue);
  const main = [...parts].sort((a, b) => flour(b) - flour(a))[0];
  if (part.id === main?.id || flour(part) === 0 || part.name === null) return bake;
  const lines = recipe.parts.find(({ id }) => id === part.id)?.lines ?? [];
  const { id, confidence, nearest } = guessFamily(part.name, lines, '', catalogue);
  const named = (nearest[0]?.words.length ?? 0) > 0;
  return named && confidence >= SURE ? id : bake;
}
