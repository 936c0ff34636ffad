import { getIngredient, plainId, type Catalogue } from '../catalogue';
import { catalogueOf, forTable, type ConversionRequest, type GuardAnswer, type Kitchen } from '../kitchen';
import { ingredientLines, wholeMethod, type Line, type Recipe, type Step } from '../read';
import { NEVER_ANSWERED, OTHER_AVOIDANCES, type Avoidance } from '../vocabulary';
import { CAUTIONS } from './data/cautions';
import { EQUIPMENT } from './data/equipment';
import { LABEL_WORDS } from './data/labelWords';
import { judgeLine, type JudgedLine } from './judgeLine';
import { forLabels } from './labelled';
import { guardMethod } from './method';
import { notForEating } from './notForEating';
import { guardPeople } from './people';
import { questionsOf, questionsOfMethod } from './questions';
import type { Caution, GuardReport, LineGuard, MethodGuard, NotForEating, Question, Settled } from './types';

function cautionsFor(
  lines: readonly Line[],
  inedible: readonly NotForEating[],
  request: ConversionRequest,
  catalogue: Catalogue,
): Caution[] {
  const present = new Set<string>(inedible.length > 0 ? ['@not-for-eating'] : []);
  if (inedible.some(({ words }) => /kernel|stone|pit|almond/i.test(words))) present.add('@kernels');
  for (const { ingredient } of lines.flatMap((line) => line.items)) {
    if (ingredient === null) continue;
    const { role, flour } = getIngredient(catalogue, ingredient);
    present.add(plainId(ingredient)).add(`@${role}`);
    if (flour?.traits) present.add(`@${flour.traits.class}`);
  }
  return CAUTIONS.filter(
    (one) =>
      (one.calledBy.length === 0 || one.calledBy.some((key) => present.has(key))) &&
      (!one.certifiedOnly || request.gluten === 'certified'),
  ).map(({ id, text }) => ({ id, text }));
}

/** Of what people avoid, what no law lists. */
const unlisted = (avoid: readonly Avoidance[]) => OTHER_AVOIDANCES.filter((one) => avoid.includes(one));

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
 * What settled a question: a person's answer, or a label at home; null while it is open. A blend whose label hasn't been looked
 * up stays open whatever else was answered on its line, and what only other words settle until the page has them.
 */
function settledBy(question: Question, answers: readonly GuardAnswer[]): Settled | null {
  const answer = holds(question, answers);
  if (NEVER_ANSWERED.has(question.kind)) return null;
  if (answer && (question.kind !== 'blend' || answer.answer === 'left-out'))
    return { by: answer.by, on: answer.on };
  return question.settled;
}

/** Who has seen to a check of the kitchen, and when. */
function doneOf(check: string, { ticks }: ConversionRequest): Settled | null {
  const tick = ticks.find((one) => one.check === check);
  return tick ? { by: tick.by, on: tick.on } : null;
}

interface Guarded {
  readonly lines: readonly Line[];
  readonly method: readonly MethodGuard[];
  readonly named: readonly Question[];
  /** What stands beside the list: steps, notes, headings. */
  readonly steps: readonly Step[];
  readonly request: ConversionRequest;
  readonly kitchen: Kitchen;
}

function report({ lines, method, named, steps, request, kitchen }: Guarded): GuardReport {
  const catalogue = catalogueOf(kitchen);
  const judged = lines.map((line) => ({ line, judged: judgeLine(line, catalogue) }));
  const questions = [
    ...judged.flatMap((one) =>
      questionsOf(one.line, one.judged, request, { catalogue, labels: kitchen.labels }),
    ),
    ...questionsOfMethod(method),
    ...named,
  ].map((question) => ({ ...question, settled: settledBy(question, request.answers) }));
  const open = questions.filter(({ settled }) => settled === null);
  const answered = questions.filter(({ settled }) => settled !== null);
  const days = answered.flatMap(({ settled }) => (settled?.on ? [settled.on] : [])).sort();
  const inedible = notForEating([...lines, ...steps]);
  const words = wholeMethod(steps);
  return {
    state: open.length > 0 ? 'open' : questions.length > 0 ? 'answered' : 'nothing open',
    lines: judged.map(({ judged: one }): LineGuard => {
      const { avoid, maybe, ...flags } = one;
      const others = { has: unlisted(avoid), maybe: unlisted(maybe) };
      return { ...flags, others, lookFor: lookFor(one, request) };
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
        ? EQUIPMENT.filter((one) => one.words === null || one.words.test(words)).map(({ id, check }) => ({
            id,
            check,
            done: doneOf(id, request),
          }))
        : [],
    notForEating: inedible,
    cautions: cautionsFor(lines, inedible, request, catalogue),
    checkedOn: days.at(-1) ?? null,
  };
}

/** Guards some lines for a request: classes and reasons by line, open questions, the usual cautions. */
export const guardLines = (
  lines: readonly Line[],
  request: ConversionRequest,
  kitchen: Kitchen,
  { method = [], named = [], steps = [] }: Partial<Pick<Guarded, 'method' | 'named' | 'steps'>> = {},
): GuardReport => report({ lines, method, named, steps, request: forTable(request, kitchen), kitchen });

/** Guards a recipe as it was read, its method with it. */
export function guardRecipe(asRead: Recipe, request: ConversionRequest, bare: Kitchen): GuardReport {
  const { recipe, kitchen } = forLabels(asRead, request, bare);
  return guardLines(ingredientLines(recipe), request, kitchen, {
    method: guardMethod(recipe),
    steps: [
      ...recipe.method,
      ...recipe.parts.flatMap(({ lines }) => lines.filter(({ kind }) => kind !== 'ingredient')),
    ],
  });
}
