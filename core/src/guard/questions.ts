import hash from 'imurmurhash';
import { getIngredient, namesInTables, plainId, type Catalogue } from '../catalogue';
import type { ConversionRequest, KnownLabel } from '../kitchen';
import type { Line } from '../read';
import type { Avoidance, GrainClass, LabelFact, QuestionKind } from '../vocabulary';
import { SHARED_LINES } from './data/sharedLines';
import type { Ask } from './says';
import { isASort, type JudgedLine } from './judgeLine';
import { factsToAsk, labelOf } from './labelled';
import type { NamedFood } from './named';
import type { MethodGuard, Question, Settled } from './types';

const MILLED = new Set(['gf-flour', 'starch', 'binder']);
/** Ids that stand for a recipe or a jar of the household begin so. */
export const HOUSE_PREFIX = 'house-';

type Demands = Pick<ConversionRequest, 'diet' | 'pseudocereals'>;

/** True for a grain class that the diet shuts out. Schools differ on pseudocereals: a switch lets them in. */
export const grainForbidden = ({ diet, pseudocereals }: Demands, grain: GrainClass): boolean =>
  diet === 'grain-free' && (grain === 'grain' || (grain === 'pseudocereal' && !pseudocereals));

interface Asked {
  readonly kind: QuestionKind;
  readonly ask: Ask;
  readonly facts?: readonly LabelFact[];
  /** What a label at home must say to settle it; undefined: no label can. */
  readonly settles?: (label: KnownLabel) => boolean;
}

const certifies = ({ certified }: KnownLabel) => certified;

function aboutGluten(
  line: Line,
  judged: JudgedLine,
  request: ConversionRequest,
  { catalogue, labels }: Home,
): Asked[] {
  const { certified } = labelOf(line, request, labels);
  if (judged.gluten === 'check-label' && certified !== true) {
    if (request.gluten === 'preference') return [];
    return [
      {
        kind: 'label',
        settles: certifies,
        ask: { code: 'cereal-named', values: { reason: judged.reason } },
      },
    ];
  }
  if (request.gluten !== 'certified' || judged.gluten !== 'free' || certified === true) return [];
  if (milled(line, catalogue))
    return [
      {
        kind: 'certified',
        settles: certifies,
        ask: { code: 'bag-certified', values: {} },
      },
    ];
  if (judged.maybe.includes('wheat'))
    return [
      {
        kind: 'label',
        settles: certifies,
        ask: { code: 'makers-wheat', values: { reason: judged.reason } },
      },
    ];
  return [];
}

/** What of a made thing's line may carry what these people never eat, beside what its makers are known to put in. */
const besideOn = (line: Line, judged: JudgedLine, catalogue: Catalogue): Set<Avoidance> => {
  const ids = line.items.flatMap(({ ingredient }) =>
    ingredient === null ? [] : namesInTables(ingredient, catalogue),
  );
  const shared = SHARED_LINES.filter(({ goods }) => ids.some((id) => goods.includes(id))).flatMap(
    (row) => row.with,
  );
  return new Set(shared.filter((one) => !judged.avoid.includes(one) && !judged.maybe.includes(one)));
};

/** What nobody at the table has at all: the label must speak for it. */
function aboutTraces(
  line: Line,
  judged: JudgedLine,
  { without, mild }: ConversionRequest,
  catalogue: Catalogue,
): Asked[] {
  const strict = without.filter((one) => !mild.includes(one));
  const beside = besideOn(line, judged, catalogue);
  const asks = (what: readonly Avoidance[], code: 'makers-bring' | 'lines-carry'): Asked[] =>
    what.length === 0
      ? []
      : [
          {
            kind: 'possible',
            ask: { code, values: { what } },
            settles: (label) => what.every((one) => label.without.includes(one)),
          },
        ];
  const doubted = strict.filter((one) => judged.maybe.includes(one));
  const near = strict.filter((one) => beside.has(one));
  return [...asks(doubted, 'makers-bring'), ...asks(near, 'lines-carry')];
}

function asked(line: Line, judged: JudgedLine, request: ConversionRequest, home: Home): Asked[] {
  const { catalogue } = home;
  const questions: Asked[] = [];
  for (const item of line.items) {
    const { match, name, ingredient } = item;
    const known = ingredient === null ? undefined : catalogue.byId.get(ingredient);
    if (match === 'near' && !(known && isASort(item, known)))
      questions.push({ kind: 'near', ask: { code: 'read-right', values: { name } } });
    if (ingredient?.startsWith(HOUSE_PREFIX))
      questions.push({
        kind: 'house',
        ask: { code: 'your-own', values: { note: getIngredient(catalogue, ingredient).note } },
      });
  }
  if (line.items.some(({ match }) => match === 'none'))
    questions.push({
      kind: 'unknown',
      ask: { code: 'what-is-it', values: {} },
    });
  const facts = factsToAsk(line, request, home.labels);
  if (facts.length > 0)
    questions.push({
      kind: 'blend',
      ask: { code: 'blend-names', values: { facts } },
      facts,
    });
  questions.push(...aboutGluten(line, judged, request, home));
  if (request.diet === 'grain-free' && !request.grainDerived && judged.grain === 'contains-grain-derivative')
    questions.push({
      kind: 'label',
      ask: { code: 'grain-source', values: {} },
    });
  questions.push(...aboutTraces(line, judged, request, catalogue));
  return questions;
}

/** What is known at home: the ingredients, and the labels that were read. */
export interface Home {
  readonly catalogue: Catalogue;
  readonly labels: readonly KnownLabel[];
}

/** The labels at home that speak for a line; none where one of its things has none. */
function labelsFor({ items }: Line, labels: readonly KnownLabel[]): KnownLabel[] {
  const found = items.map(({ ingredient }) =>
    labels.find((one) => ingredient !== null && one.ingredient === ingredient),
  );
  return found.every((one) => one !== undefined) ? found : [];
}

/** A label at home settles what it was read for, with the day on which it was. */
function byLabel({ settles }: Asked, labels: readonly KnownLabel[]): Settled | null {
  const [first] = labels;
  if (!first || !settles || !labels.every(settles)) return null;
  const days = labels.flatMap(({ on }) => (on === null ? [] : [on])).sort();
  return { by: labels.map(({ of }) => of).join(', '), on: days[0] ?? null };
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
  home: Home,
): Question[] {
  const { catalogue } = home;
  const questions = asked(line, judged, request, home);
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
  const labels = labelsFor(line, home.labels);
  return questions.map((one) => ({
    line: line.id,
    kind: one.kind,
    source: line.source,
    ask: one.ask,
    key,
    facts: one.facts ?? [],
    settled: byLabel(one, labels),
  }));
}

/** What is asked of one step: its questions share a key, since a person answers for the step. */
const ofStep = (step: string, source: string, kind: QuestionKind, asks: readonly Ask[]): Question[] => {
  const key = keyOf(source.trim(), asks);
  return asks.map((ask) => ({ line: step, kind, source, ask, key, facts: [], settled: null }));
};

/** Gluten that only the method names is to be seen by a person; the docket changes the step where it can. */
export const questionsOfMethod = (method: readonly MethodGuard[]): Question[] =>
  [...new Set(method.map(({ step }) => step))].flatMap((id) => {
    const own = method.filter(({ step }) => step === id);
    return ofStep(
      id,
      own[0]!.source,
      'method',
      own.map(({ words, reason, instead }): Ask => ({
        code: 'step-gluten',
        values: { words, reason, instead },
      })),
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
  ask: { code: 'step-names', values: { at, words, avoided, now } },
  key: keyOf(text, words),
  facts: [],
  settled: null,
});

/** What is asked of a line that bars the docket if it is read rightly, and may not be. */
export const questionOfMisread = (line: string, source: string, why: string): Question => ({
  line,
  kind: 'misread',
  source,
  ask: { code: 'read-at-all', values: { why } },
  key: keyOf(source.trim(), why),
  facts: [],
  settled: null,
});

const milled = (line: Line, catalogue: Catalogue) =>
  line.items.some(
    (item) => item.ingredient !== null && MILLED.has(getIngredient(catalogue, item.ingredient).role),
  );
