import type { Likelihood, Seen } from '../../kitchen';
import { CAUSE_IDS, CAUSES, type CauseId, type CauseRow, type CauseTest } from './data/causes';
import { SYMPTOM_NAMES, type SymptomId } from '../../vocabulary';
import { USUAL_LOOKS } from './data/usualLooks';
import { causesOf } from './changes';
import type { Facts, Led } from './facts';
import { GATES } from './gates';
import type { SeenWords } from './seen';

/** A cause with what speaks for it and against it, in sentences without a full stop. */
export interface RankedCause {
  readonly id: CauseId;
  readonly name: string;
  readonly likelihood: number;
  readonly for: readonly string[];
  readonly against: readonly string[];
  /** How strongly each thing that was seen speaks for it, as a logarithm of odds; `own`: in this kitchen's own word. */
  readonly signs: readonly {
    readonly symptom: SymptomId;
    readonly name: string;
    readonly by: number;
    readonly own: boolean;
  }[];
}

/** There are causes; it is within taste; it can't be told, and why. */
export type Verdict = 'causes' | 'within-taste' | 'cannot-tell';

export interface Diagnosis {
  readonly verdict: Verdict;
  /** The likeliest first, those that matter at all. */
  readonly causes: readonly RankedCause[];
  /** What would look like that and is ruled out by formula, process or log; and why. */
  readonly ruledOut: readonly { readonly id: CauseId; readonly name: string; readonly because: string }[];
  /** Why it is within taste, or can't be told; null where there are causes. */
  readonly because: string | null;
}

/** What a kitchen has put right in the table: how strongly a symptom speaks for a cause. */
export type Corrections = Readonly<Partial<Record<CauseId, Readonly<Partial<Record<SymptomId, number>>>>>>;

/** What a kitchen has put right, by cause; what names no cause that there is counts for nothing. */
export function correctionsFrom(likelihoods: readonly Likelihood[]): Corrections {
  const corrections: Partial<Record<CauseId, Partial<Record<SymptomId, number>>>> = {};
  for (const { cause, symptom, by } of likelihoods) {
    const id = CAUSE_IDS.find((one) => one === cause);
    if (id) corrections[id] = { ...corrections[id], [symptom]: by };
  }
  return corrections;
}

/** A symptom that a cause's row doesn't name speaks against it. */
const UNNAMED = -1.1;
/** A look that is usual in such a bake says little. */
const USUAL = 0.35;
/** Odds at which one change alone explains what was seen. */
const ALONE = Math.log(40);
/** Raw scores are surer of themselves than they are right. */
const TEMPER = 2.2;
/** A cause below this share isn't listed. */
const LEAST = 0.02;
const MOST_LISTED = 6;
/** A first cause that is no likelier than this says nothing. */
const TELLS = 0.25;
/** Below this a cause is ruled out, whatever was seen. */
const RULED_OUT = -4.5;
/** Changes are at fault more often than what was there before. */
const CHANGED = 2.4;

const LEADS: readonly Led[] = ['nut', 'coconut', 'seed', 'bean', 'starch'];
const LEADING = 0.5;

function usualIn({ family, shares }: Facts): ReadonlySet<SymptomId> {
  const led = LEADS.filter((one) => shares[one] >= LEADING);
  return new Set([
    ...(USUAL_LOOKS.family[family] ?? []),
    ...led.flatMap((one) => USUAL_LOOKS.led[one] ?? []),
  ]);
}

interface Scored {
  readonly id: CauseId;
  readonly gate: number;
  readonly signs: number;
  readonly score: number;
}

const speaksOf = (id: CauseId, symptom: SymptomId, corrections: Corrections): number => {
  const row: CauseRow = CAUSES[id];
  return corrections[id]?.[symptom] ?? row.speaks[symptom] ?? UNNAMED;
};

function scored(
  facts: Facts,
  seen: readonly Seen[],
  changed: ReadonlySet<CauseId>,
  corrections: Corrections,
): Scored[] {
  const usual = usualIn(facts);
  return CAUSE_IDS.map((id) => {
    const gate = changed.has(id) ? Math.max(GATES[id](facts).weight, CHANGED) : GATES[id](facts).weight;
    const signs = seen.reduce(
      (sum, { symptom, degree }) =>
        sum + degree * (usual.has(symptom) ? USUAL : 1) * speaksOf(id, symptom, corrections),
      0,
    );
    return { id, gate, signs, score: Math.log(CAUSES[id].often) + gate + signs };
  }).sort((a, b) => b.score - a.score);
}

/** How well it fits that nothing is wrong: usual looks and slight ones, or praise, and nothing in the facts that accuses. */
function withinTaste(facts: Facts, { seen, praised }: SeenWords): number {
  const usual = usualIn(facts);
  const looks = seen.reduce(
    (sum, { symptom, degree }) => sum + (usual.has(symptom) ? 0.9 : degree < 1 ? 0.2 : -2.2),
    0,
  );
  const accused = Math.max(...CAUSE_IDS.map((id) => GATES[id](facts).weight));
  return looks + (praised ? 1.6 : 0) + (accused >= 1.5 ? -1.5 : 0.4);
}

const spoken = (id: CauseId, facts: Facts, seen: readonly Seen[], corrections: Corrections) => {
  const { weight, because } = GATES[id](facts);
  const own = seen.map(({ symptom }) => ({ symptom, by: speaksOf(id, symptom, corrections) }));
  const named = (those: typeof own) => those.map(({ symptom }) => SYMPTOM_NAMES[symptom]);
  const signs = named(own.filter(({ by }) => by >= 1.8));
  const hints = named(own.filter(({ by }) => by > 0 && by < 1.8));
  const unexplained = named(own.filter(({ by }) => by <= 0));
  return {
    signs: own.map(({ symptom, by }) => ({
      symptom,
      name: SYMPTOM_NAMES[symptom],
      by,
      own: corrections[id]?.[symptom] !== undefined,
    })),
    for: [
      ...(weight > 0 && because !== null ? [because] : []),
      ...(signs.length > 0 ? [`${signs.join(', ')}: a sign of it`] : []),
      ...(hints.length > 0 ? [`${hints.join(', ')}: may come of it`] : []),
    ],
    against: [
      ...(weight < 0 && because !== null ? [because] : []),
      ...(unexplained.length > 0 ? [`it doesn’t explain: ${unexplained.join(', ')}`] : []),
    ],
  };
};

/** From what costs nothing to what costs half a batch. */
const COSTS: readonly CauseTest['costs'][] = ['nothing', 'one piece', 'a small batch', 'half a batch'];

/** Of the tests of the two likeliest causes the cheaper one: it tells them apart. Null where there is no cause. */
export function cheapestTest(causes: readonly RankedCause[]): (CauseTest & { readonly of: CauseId }) | null {
  const [first] = causes
    .slice(0, 2)
    .map(({ id }) => ({ ...CAUSES[id].test, of: id }))
    .sort((a, b) => COSTS.indexOf(a.costs) - COSTS.indexOf(b.costs));
  return first ?? null;
}

/** Shares of a list of scores. */
function sharesOf(scores: readonly number[]): number[] {
  const most = Math.max(...scores);
  const raised = scores.map((one) => Math.exp((one - most) / TEMPER));
  const sum = raised.reduce((all, one) => all + one, 0);
  return raised.map((one) => one / sum);
}

/** True where more than one change explains what was seen by itself, and none much better than another. */
function eitherAlone(facts: Facts, seen: readonly Seen[], corrections: Corrections): boolean {
  if (!facts.changes || facts.changes.length < 2) return false;
  const explained = facts.changes.map(({ changes }) => {
    const causes = changes.flatMap(causesOf);
    const all = scored(facts, seen, new Set(causes), corrections);
    return Math.max(-Infinity, ...causes.map((id) => all.find((one) => one.id === id)!.signs));
  });
  const [best, second] = [...explained].sort((one, other) => other - one) as [number, number];
  return second > 0 && best - second < ALONE;
}

/**
 * Why a bake came out as it was seen: causes ranked by what formula, process and log show (gates) and by what was seen, as sums of
 * logarithms of odds; “within taste” where such bakes look like that; “can't tell” where two changes explain it alike, or nothing
 * does. Common practice throughout, no source: the table says how sure each entry is. Example: gummy and a wet line, water high → too
 * wet.
 */
export function diagnose(facts: Facts, words: SeenWords, corrections: Corrections = {}): Diagnosis {
  const { seen } = words;
  const changed = new Set((facts.changes ?? []).flatMap(({ changes }) => changes.flatMap(causesOf)));
  const all = scored(facts, seen, changed, corrections).filter(({ gate }) => gate > RULED_OUT);
  const fine = withinTaste(facts, words);
  const shares = sharesOf([...all.map(({ score }) => score), fine]);
  const causes = all
    .map(({ id }, at) => ({
      id,
      name: CAUSES[id].name,
      likelihood: shares[at]!,
      ...spoken(id, facts, seen, corrections),
    }))
    .filter(({ likelihood }) => likelihood >= LEAST)
    .slice(0, MOST_LISTED);
  const ruledOut = CAUSE_IDS.flatMap((id) => {
    const { weight, because } = GATES[id](facts);
    const asked = seen.some(({ symptom }) => speaksOf(id, symptom, corrections) >= 1);
    const out = weight <= RULED_OUT && because !== null && !changed.has(id);
    return asked && out ? [{ id, name: CAUSES[id].name, because }] : [];
  });
  const answer = (verdict: Verdict, because: string | null): Diagnosis => ({
    verdict,
    causes,
    ruledOut,
    because,
  });
  if (seen.length === 0)
    return answer(
      'within-taste',
      words.unknown.length > 0
        ? 'Nothing that was said is a fault that is known here.'
        : 'Nothing was seen that would be a fault.',
    );
  if (fine > (all[0]?.score ?? -Infinity))
    return answer(
      'within-taste',
      'Such bakes look like that, and nothing in the formula or the log accuses anything.',
    );
  if (eitherAlone(facts, seen, corrections))
    return answer(
      'cannot-tell',
      `More than one thing was changed, and either may have done it: ${facts.changes!.map((one) => one.words).join('; ')}. Bake it again with only one of them.`,
    );
  if ((causes[0]?.likelihood ?? 0) < TELLS)
    return answer(
      'cannot-tell',
      'What was seen fits several things alike. Measure one more: the oven, the middle, or what the batter weighed.',
    );
  return answer('causes', null);
}
