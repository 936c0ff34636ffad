import type { Catalogue } from '../catalogue';
import { weighLines, type Part, type Recipe } from '../read';
import type { FamilyId } from '../vocabulary';
import { baseKind } from './base';
import { guessFamily } from './family';
import type { FamilyGuess, PartFamily } from './types';

/** Of so little flour and starch nothing is built: it thickens. */
const THICKENS = 0.16;
const ALONE = 0.95;
const SURE_BAKE = 0.6;
const NAMED: readonly (readonly [RegExp, PartFamily['id']])[] = [
  [/\b(?:crumb(?:le|s)?(?: top(?:ping)?)?|streusel)\b/i, 'crumble'],
  [/\b(?:pastry|crust|shell|p[âa]te sucr[ée]e|shortcrust)\b/i, 'pastry'],
  [/\b(?:choux)\b/i, 'choux'],
  [/\b(?:craquelin)\b/i, 'cut-out'],
  [/\b(?:roux|tangzhong|custard|p[âa]tissi[èe]re|pastry cream|sauce|curd|compote)\b/i, 'thickened-filling'],
  [/\bmeringue\b/i, 'no-flour'],
];

/** What is called so is built of its flour, however much fruit is in it. */
const BUILT = /\b(?:cake|sponge|batter|dough|muffins?|biscuits?|cookies?|pancakes?)\b/i;

/** Crumbs that are rubbed and strewn. */
export const isCrumble = (part: Part): boolean => named(part) === 'crumble';

const named = (part: Part): PartFamily['id'] | null =>
  part.name === null ? null : (NAMED.find(([words]) => words.test(part.name!))?.[1] ?? null);

const HAVE_BASES: ReadonlySet<string> = new Set([
  'brownie',
  'creamed-cake',
  'flourless',
  'foam',
  'steamed-pudding',
  'loaf',
]);

function baseOf(part: Part, bake: FamilyId, catalogue: Catalogue): PartFamily | undefined {
  const id = HAVE_BASES.has(bake) ? baseKind(part, catalogue) : null;
  return id === null ? undefined : { id, confidence: 0.9, because: 'name' };
}

function familyOf(
  part: Part,
  main: Part | undefined,
  { bindings }: Recipe,
  bake: FamilyGuess,
  catalogue: Catalogue,
): PartFamily {
  const { flour, starch, all } = weighLines(part.lines, catalogue);
  const said = named(part);
  const byHand = bindings.families[part.id];
  if (byHand) return { id: byHand, confidence: 1, because: 'said' };
  const base = baseOf(part, bake.id, catalogue);
  if (base) return base;
  // A custard is one, though no other part has flour, unless the page is surely something.
  if (part === main && (said !== 'thickened-filling' || bake.confidence >= SURE_BAKE))
    return { id: bake.id, confidence: bake.confidence, because: 'main' };
  if (flour + starch === 0) return { id: 'no-flour', confidence: 0.95, because: 'no-flour' };
  if (said) return { id: said, confidence: 0.9, because: 'name' };
  // Flour alone, to be stirred with water: a paste that is piped, and no more bound than crumbs.
  if (flour / Math.max(1, all) > ALONE) return { id: 'crumble', confidence: 0.6, because: 'formula' };
  if ((flour + starch) / Math.max(1, all) < THICKENS && !BUILT.test(part.name ?? ''))
    return { id: 'thickened-filling', confidence: 0.9, because: 'little-flour' };
  const own = guessFamily(part.name ?? '', part.lines, '', catalogue);
  return { id: own.id, confidence: own.confidence, because: 'formula' };
}

/** What kind each part of a bake is, by what is in it and what it is called. */
export function partFamilies(
  parts: readonly Part[],
  main: Part | undefined,
  recipe: Recipe,
  bake: FamilyGuess,
  catalogue: Catalogue,
): ReadonlyMap<string, PartFamily> {
  return new Map(parts.map((part) => [part.id, familyOf(part, main, recipe, bake, catalogue)]));
}
