import { flourGrams } from '../balance';
import type { FormulaPart } from '../formula';
import { bySentence, readProcess, shows } from '../process';
import { mainPart, sourceOf } from '../read';
import { FAMILIES, type FamilyId, type Role } from '../vocabulary';
import type { Work } from './plan';

/** A part is only of another kind than its bake when that is so sure. */
const SURE = 0.5;

const mixtureOf = (part: FormulaPart, { recipe, kitchen }: Work) =>
  readProcess(recipe, kitchen).mixtures.find((mixture) => mixture.part === part.id);
const kindOf = (part: FormulaPart, work: Work) => mixtureOf(part, work)?.family;

/** True where flour only thickens a part: a custard, a sauce. */
export const onlyThickens = (part: FormulaPart, work: Work): boolean =>
  kindOf(part, work)?.id === 'thickened-filling';

/** What is beaten together to be brushed on a bake before it goes in. */
const OF_A_GLAZE: ReadonlySet<Role> = new Set<Role>(['egg', 'liquid', 'salt', 'sugar']);
/** True where a part is an egg wash, by its name or by what is done with its egg: what stands in for that needn't bind. */
export function isGlaze({ name, lines }: FormulaPart, { recipe, kitchen }: Work): boolean {
  const eggs = lines.filter(({ role }) => role === 'egg').map(({ line }) => sourceOf(line).line);
  if (eggs.length === 0 || !lines.every(({ role }) => OF_A_GLAZE.has(role))) return false;
  const { actions } = readProcess(recipe, kitchen);
  // Its water may be taken for another part's; an egg wash is said outright.
  if (actions.some(({ text }) => shows('egg wash', text))) return true;
  const deeds = actions.filter(({ takes }) => takes.some(({ line }) => eggs.includes(line)));
  const brushed = deeds.length > 0 && deeds.every(({ text }) => shows('brushes', text));
  return brushed || (name !== null && shows('brushes', name));
}

/** True where the whites of a part's eggs are whipped apart: what stands in for them is to whip too. */
export function whipsWhites(part: FormulaPart, work: Work): boolean {
  const own = mixtureOf(part, work)?.id;
  const eggs = part.lines.filter(({ role }) => role === 'egg').map(({ line }) => sourceOf(line).line);
  // "Place the whites in a bowl and beat until stiff" is one deed in two clauses.
  return bySentence(readProcess(work.recipe, work.kitchen).actions).some(
    (those) =>
      shows('whips whites', those.map(({ text }) => text).join('')) &&
      those.some(({ makes, takes }) => makes === own || takes.some(({ line }) => eggs.includes(line))),
  );
}

/** The family that a part is converted by: a crumble on a muffin is a crumble. The part with the most flour is what the bake is. */
export function familyOfPart(part: FormulaPart, bake: FamilyId, work: Work): FamilyId {
  const { recipe, catalogue } = work;
  const main = mainPart(recipe.parts, catalogue);
  if (flourGrams(part.lines, catalogue) === 0 || part.name === null) return bake;
  const own = kindOf(part, work);
  // The main part is what the bake is, unless it is only the base under it.
  if (part.id === main?.id && own?.because !== 'name') return bake;
  const family = FAMILIES.find((id) => id === own?.id);
  return family !== undefined && own!.confidence >= SURE ? family : bake;
}
