import hash from 'imurmurhash';
import { getIngredient, plainId, type Catalogue } from '../catalogue';
import type { ConversionRequest } from '../kitchen';
import type { Line } from '../read';
import type { Avoidance, GrainClass, LabelFact } from '../vocabulary';
import type { JudgedLine } from './judge';
import { factsToAsk, labelOf } from './labelled';
import type { NamedFood } from './named';
import type { MethodGuard, Question, QuestionKind } from './types';

const MILLED = new Set(['gf-flour', 'starch', 'binder']);
/** Ids that stand for a recipe or a jar of the household begin so. */
export const HOUSE_PREFIX = 'house-';

type Demands = Pick<ConversionRequest, 'diet' | 'pseudocereals'>;

/** True for a grain class that the diet shuts out. Schools differ on pseudocereals: a switch lets them in. */
export const grainForbidden = ({ diet, pseudocereals }: Demands, grain: GrainClass): boolean =>
  diet === 'grain-free' && (grain === 'grain' || (grain === 'pseudocereal' && !pseudocereals));

const list = (words: readonly string[]) => words.join(', ');
const FACT_WORDS: Readonly<Record<LabelFact, string>> = {
  leavening: 'leavening',
  salt: 'salt',
  gum: 'gum or husk',
  milk: 'milk powder',
  certified: 'a gluten-free certificate',
};

interface Asked {
  readonly kind: QuestionKind;
  readonly ask: string;
  readonly facts?: readonly LabelFact[];
}

function aboutGluten(
  line: Line,
  judged: JudgedLine,
  request: ConversionRequest,
  catalogue: Catalogue,
): Asked[] {
  const { certified } = labelOf(line, request);
  if (judged.gluten === 'check-label' && certified !== true) {
    if (request.gluten === 'preference') return [];
    return [
      {
        kind: 'label',
        ask: `Does the label name a cereal with gluten?${judged.reason ? ` (${judged.reason})` : ''}`,
      },
    ];
  }
  if (request.gluten !== 'certified' || judged.gluten !== 'free' || certified === true) return [];
  if (milled(line, catalogue))
    return [
      { kind: 'certified', ask: 'Is the bag certified? Milled goods pick up gluten in field and mill.' },
    ];
  if (judged.maybe.includes('wheat'))
    return [
      {
        kind: 'label',
        ask: `Some makers bring in wheat${judged.reason ? ` (${judged.reason})` : ''}: what does the label say?`,
      },
    ];
  return [];
}

function asked(line: Line, judged: JudgedLine, request: ConversionRequest, catalogue: Catalogue): Asked[] {
  const questions: Asked[] = [];
  for (const { match, name, ingredient } of line.items) {
    if (match === 'near') questions.push({ kind: 'near', ask: `Read as ${name}. Is that right?` });
    if (ingredient?.startsWith(HOUSE_PREFIX))
      questions.push({
        kind: 'house',
        ask: `Your own. ${getIngredient(catalogue, ingredient).note} Is it still made so?`,
      });
  }
  if (line.items.some(({ match }) => match === 'none'))
    questions.push({
      kind: 'unknown',
      ask: 'What is this? It can’t be placed, so nothing can be said of gluten or allergens.',
    });
  const facts = factsToAsk(line, request);
  if (facts.length > 0)
    questions.push({
      kind: 'blend',
      ask: `A mixed flour: does its label name ${list(facts.map((fact) => FACT_WORDS[fact]))}?`,
      facts,
    });
  questions.push(...aboutGluten(line, judged, request, catalogue));
  if (request.diet === 'grain-free' && !request.grainDerived && judged.grain === 'contains-grain-derivative')
    questions.push({
      kind: 'label',
      ask: 'It may come from a grain: does the label name a grain-free source?',
    });
  const doubted = judged.maybe.filter(
    (one: Avoidance) => request.without.includes(one) && !request.mild.includes(one),
  );
  if (doubted.length > 0)
    questions.push({
      kind: 'possible',
      ask: `Some makers bring in ${list(doubted)}: what does the label say?`,
    });
  return questions;
}

const keyOf = (...about: readonly unknown[]) => hash(JSON.stringify(about)).result().toString(36);

/**
 * What a person must still settle about one line, for these demands. Lines that hold gluten aren't questions: the
 * conversion replaces them or says that it can't.
 */
export function questionsOf(
  line: Line,
  judged: JudgedLine,
  request: ConversionRequest,
  catalogue: Catalogue,
): Question[] {
  const questions = asked(line, judged, request, catalogue);
  if (questions.length === 0) return [];
  const made = line.items.map(({ ingredient }) => {
    const known = ingredient === null ? undefined : catalogue.byId.get(ingredient);
    return known && [plainId(known.id), known.note, known.id.startsWith(HOUSE_PREFIX) ? known.madeOf : []];
  });
  // What is left to look up on a blend's label is no part of the key: looking one thing up must not reopen the rest.
  const key = keyOf(
    line.source.trim(),
    made,
    judged.gluten,
    judged.grain,
    judged.avoid,
    judged.maybe,
    questions.map(({ kind, ask }) => (kind === 'blend' ? kind : ask)),
  );
  return questions.map(({ kind, ask, facts = [] }) => ({
    line: line.id,
    kind,
    source: line.source,
    ask,
    key,
    facts,
  }));
}

/** What is asked of one step: its questions share a key, since a person answers for the step. */
const ofStep = (step: string, source: string, kind: QuestionKind, asks: readonly string[]): Question[] => {
  const key = keyOf(source.trim(), asks);
  return asks.map((ask) => ({ line: step, kind, source, ask, key, facts: [] }));
};

/** Gluten that only the method names is to be seen by a person; the docket changes the step where it can. */
export const questionsOfMethod = (method: readonly MethodGuard[]): Question[] =>
  [...new Set(method.map(({ step }) => step))].flatMap((id) => {
    const own = method.filter(({ step }) => step === id);
    return ofStep(
      id,
      own[0]!.source,
      'method',
      own.map(({ words, reason, instead }) => `“${words}”: ${reason}. Use ${instead}.`),
    );
  });

/** What a step is to be read as, as long as it says what somebody avoids. No answer settles it: only other words do. */
export const questionOfNamed = (
  { step, words, avoided }: NamedFood,
  at: number,
  text: string,
  now: string | null,
): Question => ({
  line: step,
  kind: 'named',
  source: text,
  ask: `Step ${at} still says “${words}” (out: ${list(avoided)})${now === null ? '' : `: read it as ${now}`}. Put the step right on Read.`,
  key: keyOf(text, words),
  facts: [],
});

const milled = (line: Line, catalogue: Catalogue) =>
  line.items.some(
    (item) => item.ingredient !== null && MILLED.has(getIngredient(catalogue, item.ingredient).role),
  );
