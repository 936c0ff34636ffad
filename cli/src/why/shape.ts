import { convert, differencesOf } from '@omniarton/core/docket';
import {
  emptyNotes,
  upcastBake,
  type BakeNotes,
  type ConversionRequest,
  type Kitchen,
} from '@omniarton/core/kitchen';
import { cheapestTest, diagnose, factsOf, NOTHING_ASKED, oneChange, readSeen } from '@omniarton/core/next';
import type { Recipe } from '@omniarton/core/read';
import { say } from '@omniarton/core/words';
import { UsageError } from '../usageError';

/** What is asked of one bake: what was written down, and what was seen. */
export interface WhyAsk {
  readonly notes: BakeNotes;
  readonly seen: readonly string[];
}

/** A bake's notes out of a file: the notes themselves, any part of them, or a bake as it is exported. */
export function notesIn(file: string, text: string): BakeNotes {
  let parsed: unknown;
  try {
    parsed = JSON.parse(text);
  } catch {
    throw new UsageError(`${file}: is no JSON`);
  }
  if (typeof parsed !== 'object' || parsed === null) throw new UsageError(`${file}: is no bake`);
  const stored =
    'schema' in parsed ? upcastBake<{ readonly notes: BakeNotes }>(parsed).notes : (parsed as object);
  const empty = emptyNotes('1970-01-01');
  const notes: Partial<BakeNotes> =
    'notes' in stored && typeof stored.notes === 'object' ? (stored.notes as object) : stored;
  return {
    ...empty,
    ...notes,
    measured: { ...empty.measured, ...notes.measured },
    batter: { ...empty.batter, ...notes.batter },
  };
}

/** Why it came out so, what would tell, and the one thing to do otherwise with what it moves. */
export function whyShape(recipe: Recipe, request: ConversionRequest, kitchen: Kitchen, ask: WhyAsk): object {
  const made = convert(recipe, request, kitchen);
  if (made.outcome !== 'docket')
    return {
      verdict: 'cannot-tell',
      because: made.reasons.map(say).join(' '),
      causes: [],
      test: null,
      change: null,
    };
  const { docket } = made;
  const facts = factsOf({ docket, notes: ask.notes }, kitchen, NOTHING_ASKED);
  const { verdict, causes, ruledOut, because } = diagnose(facts, readSeen(ask.seen));
  const [first] = causes;
  const change = verdict === 'causes' && first ? oneChange(first.id, facts, docket, request) : null;
  const then = change?.request ? convert(recipe, { ...request, ...change.request }, kitchen) : null;
  return {
    verdict,
    because,
    causes,
    ruledOut,
    test: verdict === 'within-taste' ? null : cheapestTest(causes),
    change: change && {
      ...change,
      moves: then?.outcome === 'docket' ? differencesOf(docket, then.docket) : [],
    },
  };
}
