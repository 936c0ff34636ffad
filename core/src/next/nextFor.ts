import { convert, differencesOf, type Difference, type Outcome } from '../docket';
import type { ConversionRequest, Kitchen, Likelihood } from '../kitchen';
import { differencesOf as bakeDifferences, type Baked, type Difference as BakeDifference } from '../log';
import type { Recipe } from '../read';
import { oneChange, type OneChange } from './change';
import {
  changesIn,
  cheapestTest,
  correctionsFrom,
  diagnose,
  factsOf,
  type CauseId,
  type CauseTest,
  type Changed,
  type Diagnosis,
} from './why';

/** A change with what else it moves on the docket. */
export interface NextChange extends OneChange {
  readonly moves: readonly Difference[];
}

/** Why a bake came out so, what would tell, and what to do otherwise: the likeliest cause's change first, then two others. */
export interface Next {
  readonly diagnosis: Diagnosis;
  readonly test: (CauseTest & { readonly of: CauseId }) | null;
  readonly changes: readonly NextChange[];
  /** Further bakes would hardly move it: why; null: they would. */
  readonly stop: string | null;
}

export interface NextAsk {
  readonly baked: Baked;
  /** The bake that it was a change of, and what it is called by; null: of none. */
  readonly before: Baked | null;
  /** Words for a difference between the two. */
  readonly inWords: (difference: BakeDifference) => string;
  /** What the kitchen has put right in the table. */
  readonly likelihoods?: readonly Likelihood[];
}

/** A bake that is judged so well has little to gain. */
const GOOD = 8;
const MOST_CHANGES = 3;

/** What was done otherwise than at a bake that was better; null where none was, or it was no better. */
function changedSince({ baked, before, inWords }: NextAsk): readonly Changed[] | null {
  if (!before) return null;
  const overall = ({ notes }: Baked) => notes.looks[0]?.marks.overall ?? null;
  const [was, is] = [overall(before), overall(baked)];
  if (was !== null && is !== null && was <= is) return null;
  return bakeDifferences(before, baked).flatMap((one) => {
    const changes = changesIn(one);
    return changes.length > 0 ? [{ words: inWords(one), changes }] : [];
  });
}

function stopWords({ notes }: Baked, { verdict }: Diagnosis): string | null {
  const overall = notes.looks[0]?.marks.overall ?? null;
  if (overall !== null && overall >= GOOD)
    return `It was given ${overall} of 9: good enough. Further bakes would hardly move it.`;
  return verdict === 'within-taste'
    ? 'Nothing is wrong within taste. What would be liked otherwise, a tasting tells, not another bake.'
    : null;
}

/**
 * Why a bake came out as it was seen, and the one thing to do otherwise, computed by converting the recipe again with it. Where it can't be
 * told which of two changes did it, the change is to take one of them back.
 */
export function nextFor(recipe: Recipe, request: ConversionRequest, kitchen: Kitchen, ask: NextAsk): Next {
  const { baked, likelihoods = [] } = ask;
  const facts = factsOf(baked, kitchen, { days: null, changes: changedSince(ask) });
  const diagnosis = diagnose(
    facts,
    { seen: baked.notes.seen, praised: false, unknown: [] },
    correctionsFrom(likelihoods),
  );
  const { verdict, causes } = diagnosis;
  // Converted once, and only where a change is one of the formula.
  let now: Outcome | undefined;
  const movesOf = (change: OneChange): readonly Difference[] => {
    if (!change.request) return [];
    now ??= convert(recipe, request, kitchen);
    if (now.outcome !== 'docket') return [];
    const then = convert(recipe, { ...request, ...change.request }, kitchen);
    return then.outcome === 'docket' ? differencesOf(now.docket, then.docket) : [];
  };
  return {
    diagnosis,
    test: verdict === 'within-taste' ? null : cheapestTest(causes),
    changes:
      verdict === 'causes'
        ? causes.slice(0, MOST_CHANGES).map(({ id }) => {
            const change = oneChange(id, facts, baked.docket, request);
            return { ...change, moves: movesOf(change) };
          })
        : [],
    stop: stopWords(baked, diagnosis),
  };
}
