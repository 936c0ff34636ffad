import { getIngredient, type Catalogue } from '../catalogue';
import { catalogueOf, type ConversionRequest, type Kitchen } from '../kitchen';
import { ingredientLines, type Line, type Recipe } from '../read';
import { CAUTIONS } from './data/cautions';
import { judgeLine } from './judge';
import { questionsOf } from './questions';
import type { Caution, GuardReport, LineGuard } from './types';

function cautionsFor(lines: readonly Line[], request: ConversionRequest, catalogue: Catalogue): Caution[] {
  const present = new Set<string>();
  for (const { ingredient } of lines.flatMap((line) => line.items)) {
    if (ingredient === null) continue;
    present.add(ingredient).add(`@${getIngredient(catalogue, ingredient).role}`);
  }
  return CAUTIONS.filter(
    (one) =>
      (one.calledBy.length === 0 || one.calledBy.some((key) => present.has(key))) &&
      (!one.coeliacOnly || request.coeliac),
  ).map(({ id, text }) => ({ id, text }));
}

/** Guards some lines for a request: classes and reasons by line, open questions, the usual cautions. */
export function guardLines(
  lines: readonly Line[],
  request: ConversionRequest,
  kitchen: Kitchen,
): GuardReport {
  const catalogue = catalogueOf(kitchen);
  const judged = lines.map((line) => ({ line, judged: judgeLine(line, catalogue) }));
  const questions = judged.flatMap((one) => questionsOf(one.line, one.judged, request, catalogue));
  const settled = new Set(request.answers.map((answer) => answer.line));
  const open = questions.filter((question) => !settled.has(question.line));
  return {
    state: open.length > 0 ? 'open' : questions.length > 0 ? 'answered' : 'nothing open',
    lines: judged.map(({ judged: { avoid: _avoid, maybe: _maybe, ...rest } }): LineGuard => rest),
    open,
    answered: questions.filter((question) => settled.has(question.line)),
    cautions: cautionsFor(lines, request, catalogue),
  };
}

/** Guards a recipe as it was read. */
export const guardRecipe = (recipe: Recipe, request: ConversionRequest, kitchen: Kitchen): GuardReport =>
  guardLines(ingredientLines(recipe), request, kitchen);
