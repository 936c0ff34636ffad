import { flourGrams, wheatGrams } from '../balance';
import type { Relaxation } from '../blend';
import type { Catalogue } from '../catalogue';
import { formulaOf, scaleRecipe, type FormulaPart } from '../formula';
import { forLabels, grainForbidden, guardRecipe, judgeLine } from '../guard';
import { catalogueOf, forTable, type ConversionRequest, type Kitchen } from '../kitchen';
import { readProcess, type FamilyGuess } from '../process';
import { ingredientLines, type Recipe } from '../read';
import type { FamilyId } from '../vocabulary';
import type { Said } from '../words';
import type { Conversion, NoDocket } from './types';
import { withStepFoods } from './stepFoods';
import { asWholeGrain } from './wholeGrain';
import { withWholeSteps } from './wrappedSteps';

/** Everything that a conversion is made from. */
export interface Work {
  readonly recipe: Recipe;
  readonly request: ConversionRequest;
  readonly kitchen: Kitchen;
  readonly catalogue: Catalogue;
  readonly parts: readonly FormulaPart[];
  /** The formula before it was made larger or smaller: what the recipe's own tin and time are of. */
  readonly written: readonly FormulaPart[];
  /** What the page was taken for, whatever is left out of it. */
  readonly guess: FamilyGuess;
  /** What it is converted as: what a person says, else what it was taken for. */
  readonly family: FamilyId;
}

export function none(
  work: Work,
  outcome: NoDocket['outcome'],
  reasons: readonly Said[],
  relax: readonly Said[] = [],
  ways: readonly Relaxation[] = [],
): NoDocket {
  const guard = guardRecipe(work.recipe, work.request, work.kitchen);
  return { outcome, reasons, relax, ways, guard };
}

/** True when nothing in the recipe needs replacing for these people. */
function nothingForbidden({ recipe, request, catalogue }: Work): boolean {
  return ingredientLines(recipe).every((line) => {
    const { gluten, grain, allergens } = judgeLine(line, catalogue);
    return (
      gluten !== 'contains' &&
      !grainForbidden(request, grain) &&
      !allergens.some((one) => request.without.includes(one))
    );
  });
}

/** True where a recipe without anything to replace is a bake all the same: it has flour, or goes into some heat. */
function isBake({ parts, recipe, kitchen, catalogue }: Work): boolean {
  const weighed = parts.filter(({ lines }) => lines.length > 0);
  const floured = weighed.some(({ lines }) => flourGrams(lines, catalogue) > 0);
  return floured || (weighed.length > 0 && readProcess(recipe, kitchen).bake !== null);
}

/** The parts that flour builds; in the others it is at most a thickener. */
const isBuilt = (part: FormulaPart, catalogue: Catalogue): boolean => wheatGrams(part.lines, catalogue) > 0;

/** As what it goes out. */
export interface Planned {
  readonly family: FamilyId;
  readonly conversion: Conversion;
}

/** What is to be converted and how, once that is known; or why there is nothing. */
export function plan(work: Work): Planned | NoDocket {
  const { family, catalogue } = work;
  const asWritten = nothingForbidden(work);
  const nothing = none(work, 'nothing-to-convert', [{ code: 'nothing-to-convert', values: {} }]);
  if (asWritten && !isBake(work)) return nothing;
  const built = work.parts.some((part) => isBuilt(part, catalogue));
  if (!built && work.parts.every(({ lines }) => lines.length === 0)) return nothing;
  return { family, conversion: asWritten ? 'as-written' : 'converted' };
}

/** A recipe without the lines that a person leaves out, as long as that answer holds. */
function withoutLeftOut(recipe: Recipe, request: ConversionRequest, kitchen: Kitchen): Recipe {
  const out = new Set(request.answers.flatMap(({ line, answer }) => (answer === 'left-out' ? [line] : [])));
  if (out.size === 0) return recipe;
  const { answered } = guardRecipe(recipe, request, kitchen);
  const gone = new Set(answered.flatMap(({ line }) => (out.has(line) ? [line] : [])));
  return {
    ...recipe,
    parts: recipe.parts.map((part) => ({ ...part, lines: part.lines.filter(({ id }) => !gone.has(id)) })),
  };
}

/** Takes everything into account that stands beside the recipe: who sits at the table, labels, what is left out, how much. */
export function workOf(written: Recipe, asked: ConversionRequest, bare: Kitchen): Work {
  const recipe = withStepFoods(withWholeSteps(written, bare), bare);
  const request = forTable(asked, bare);
  const labelled = forLabels(recipe, request, bare);
  const kept = withoutLeftOut(labelled.recipe, request, labelled.kitchen);
  const { parts } = readProcess(kept, labelled.kitchen);
  // The same recipe where nothing was parted: what was read of it needn't be read again.
  const byUse = parts === kept.parts ? kept : { ...kept, parts };
  const scaled = scaleRecipe(byUse, request.scale);
  const { family: guess } = readProcess(recipe, bare);
  const catalogue = catalogueOf(labelled.kitchen);
  const weighed = formulaOf(scaled);
  return {
    recipe: scaled,
    request: asWholeGrain(request, weighed, catalogue),
    kitchen: labelled.kitchen,
    catalogue,
    parts: weighed,
    written: formulaOf(byUse),
    guess,
    family: request.family ?? guess.id,
  };
}
