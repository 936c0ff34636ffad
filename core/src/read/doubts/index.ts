import { getIngredient, type Catalogue } from '../../catalogue';
import { ratiosOf } from '../family';
import type { FamilyRatios } from '../ratios';
import type { Line, Part, Step } from '../types';
import type { FamilyId } from '../../vocabulary';
import { farFromFamily, refersToAnother, slippedFraction, unusualAmounts } from './amounts';
import { temperaturesClash, tinsAndLayersClash, weightsClash } from './clash';
import type { Finding } from './doubt';
import { notOnTheList, partTwice, powderForPaper } from './method';

export { anotherRecipe, otherLanguage, unsureKinds } from './kinds';
export { makeDoubt, type DoubtKind, type Finding } from './doubt';

export interface Readable {
  readonly parts: readonly Part[];
  readonly method: readonly Step[];
  readonly family: FamilyId;
  readonly ratios: FamilyRatios | null;
}

const FLOURS = new Set(['wheat-flour', 'gf-flour', 'starch']);

const flourOf = (lines: readonly Line[], catalogue: Catalogue) =>
  lines
    .flatMap(({ items }) => items)
    .reduce(
      (sum, { ingredient, grams, alternative }) =>
        ingredient !== null && grams && !alternative && FLOURS.has(getIngredient(catalogue, ingredient).role)
          ? sum + grams.central
          : sum,
      0,
    );

/** Everything in a recipe that can hardly be meant, in the order of its lines. */
export function findDoubts({ parts, method, family, ratios }: Readable, catalogue: Catalogue): Finding[] {
  const lines = parts.flatMap((part) => part.lines.filter(({ kind }) => kind === 'ingredient'));
  const flour = flourOf(lines, catalogue);
  const floury = [...parts].sort((a, b) => flourOf(b.lines, catalogue) - flourOf(a.lines, catalogue))[0];
  const built = floury?.lines.filter(({ kind }) => kind === 'ingredient') ?? [];
  return [
    ...partTwice(parts),
    ...lines.flatMap((line) => [...slippedFraction(line), ...refersToAnother(line), ...weightsClash(line)]),
    ...parts.flatMap((part) => unusualAmounts(part, flour)),
    ...farFromFamily(built, family, ratiosOf(built, catalogue) ?? ratios, catalogue),
    ...method.flatMap((step) => [...temperaturesClash(step), ...powderForPaper(step)]),
    ...tinsAndLayersClash(method),
    ...notOnTheList(method, lines),
  ];
}
