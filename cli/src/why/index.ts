import { diagnose, expectedOf, readChange, readSeen } from '@omniarton/core/next';
import { factsOfCase, type RawContext } from './context';
import { UsageError } from '../usageError';

interface Case {
  readonly id: string;
  readonly family: unknown;
  readonly route?: unknown;
  readonly context: RawContext;
  readonly observed?: readonly unknown[];
  readonly A?: unknown;
  readonly B?: unknown;
}

const isCase = (one: unknown): one is Case =>
  typeof one === 'object' &&
  one !== null &&
  typeof (one as Case).id === 'string' &&
  typeof (one as Case).context === 'object' &&
  (one as Case).context !== null;

/** What a case comes to: verdict, ranked causes, and what B should be beside A. */
function answered({ id, family, context, observed = [], B }: Case): object {
  const facts = factsOfCase(family, context);
  const { verdict, causes } = diagnose(facts, readSeen(observed.map(String)));
  const change = context['change'] ?? B;
  return {
    id,
    verdict,
    causes: causes.map(({ id: cause, likelihood }) => ({ id: cause, likelihood })),
    expected: typeof change === 'string' ? expectedOf(readChange(change), facts.family) : null,
  };
}

/** The cases in a file, each by itself: `{ cases: [{ id, family, route, context, observed, A?, B? }] }`. Throws UsageError for no such file. */
export function whyCases(file: string, text: string): object[] {
  let parsed: unknown;
  try {
    parsed = JSON.parse(text);
  } catch {
    throw new UsageError(`${file}: is no JSON`);
  }
  const cases: unknown = Array.isArray(parsed) ? parsed : (parsed as { cases?: unknown } | null)?.cases;
  if (!Array.isArray(cases) || !cases.every(isCase))
    throw new UsageError(`${file}: is no list of cases with id, family, context and observed`);
  return cases.map((one) => {
    try {
      return answered(one);
    } catch (error) {
      if (!(error instanceof UsageError)) throw error;
      return { id: one.id, error: error.message };
    }
  });
}
