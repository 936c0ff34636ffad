import { getIngredient, type Catalogue } from '../catalogue';
import { catalogueOf, forTable, type ConversionRequest, type GuardAnswer, type Kitchen } from '../kitchen';
import { ingredientLines, type Line, type Recipe } from '../read';
import { CAUTIONS } from './data/cautions';
import { EQUIPMENT } from './data/equipment';
import { LABEL_WORDS } from './data/labelWords';
import { judgeLine, type JudgedLine } from './judge';
import { forLabels } from './labelled';
import { guardMethod } from './method';
import { guardPeople } from './people';
import { questionsOf, questionsOfMethod } from './questions';
import type { Caution, GuardReport, LineGuard, MethodGuard, Question } from './types';

function cautionsFor(lines: readonly Line[], request: ConversionRequest, catalogue: Catalogue): Caution[] {
  const present = new Set<string>();
  for (const { ingredient } of lines.flatMap((line) => line.items)) {
    if (ingredient === null) continue;
    present.add(ingredient).add(`@${getIngredient(catalogue, ingredient).role}`);
  }
  return CAUTIONS.filter(
    (one) =>
      (one.calledBy.length === 0 || one.calledBy.some((key) => present.has(key))) &&
      (!one.certifiedOnly || request.gluten === 'certified'),
  ).map(({ id, text }) => ({ id, text }));
}

/** The words to look for on a line's label, for what these people avoid and it may hold. */
function lookFor(judged: JudgedLine, { without, gluten }: ConversionRequest): string | null {
  if (judged.gluten === 'free' && judged.maybe.length === 0) return null;
  const words = [
    ...(judged.gluten === 'check-label' ||
    judged.gluten === 'unknown' ||
    (gluten === 'certified' && judged.maybe.includes('wheat'))
      ? [LABEL_WORDS.gluten.lookFor]
      : []),
    ...judged.maybe.filter((one) => without.includes(one)).map((one) => LABEL_WORDS[one].lookFor),
  ];
  return words.length === 0 ? null : words.join('; ');
}

/** An answer holds for what was asked: when that has changed the question is open again. */
const holds = (question: Question, answers: readonly GuardAnswer[]) =>
  answers.find(({ line, about }) => line === question.line && about === question.key);

/**
 * A blend whose label hasn't been looked up stays open whatever else was answered on its line, and a step that names what is
 * avoided until it says something else.
 */
const isSettled = (question: Question, answers: readonly GuardAnswer[]) => {
  const answer = holds(question, answers);
  if (answer === undefined || question.kind === 'named') return false;
  return question.kind !== 'blend' || answer.answer === 'left-out';
};

interface Guarded {
  readonly lines: readonly Line[];
  readonly method: readonly MethodGuard[];
  readonly named: readonly Question[];
  readonly steps: string;
  readonly request: ConversionRequest;
  readonly kitchen: Kitchen;
}

function report({ lines, method, named, steps, request, kitchen }: Guarded): GuardReport {
  const catalogue = catalogueOf(kitchen);
  const judged = lines.map((line) => ({ line, judged: judgeLine(line, catalogue) }));
  const questions = [
    ...judged.flatMap((one) => questionsOf(one.line, one.judged, request, catalogue)),
    ...questionsOfMethod(method),
    ...named,
  ];
  const open = questions.filter((question) => !isSettled(question, request.answers));
  const answered = questions.filter((question) => isSettled(question, request.answers));
  const days = answered.map((question) => holds(question, request.answers)!.on).sort();
  return {
    state: open.length > 0 ? 'open' : questions.length > 0 ? 'answered' : 'nothing open',
    lines: judged.map(({ judged: one }): LineGuard => {
      const { line, source, gluten, grain, allergens, possible, reason } = one;
      return { line, source, gluten, grain, allergens, possible, reason, lookFor: lookFor(one, request) };
    }),
    method,
    people: guardPeople(
      judged.map((one) => one.judged),
      request,
      kitchen,
    ),
    open,
    answered,
    crossContact:
      request.gluten === 'certified'
        ? EQUIPMENT.filter(({ words }) => words === null || words.test(steps)).map(({ id, check }) => ({
            id,
            check,
          }))
        : [],
    cautions: cautionsFor(lines, request, catalogue),
    checkedOn: days.at(-1) ?? null,
  };
}

/** Guards some lines for a request: classes and reasons by line, open questions, the usual cautions. */
export const guardLines = (
  lines: readonly Line[],
  request: ConversionRequest,
  kitchen: Kitchen,
  { method = [], named = [], steps = '' }: Partial<Pick<Guarded, 'method' | 'named' | 'steps'>> = {},
): GuardReport => report({ lines, method, named, steps, request: forTable(request, kitchen), kitchen });

/** Guards a recipe as it was read, its method with it. */
export function guardRecipe(asRead: Recipe, request: ConversionRequest, bare: Kitchen): GuardReport {
  const { recipe, kitchen } = forLabels(asRead, request, bare);
  const steps = recipe.method.map(({ source }) => source).join(' ');
  return guardLines(ingredientLines(recipe), request, kitchen, { method: guardMethod(recipe), steps });
}
