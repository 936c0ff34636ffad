import { convert } from '@omniarton/core/docket';
import {
  emptyNotes,
  upcastBake,
  type BakeNotes,
  type ConversionRequest,
  type Kitchen,
} from '@omniarton/core/kitchen';
import { nextFor, readSeen } from '@omniarton/core/next';
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
  const { seen } = readSeen(ask.seen);
  const baked = { docket: made.docket, notes: { ...ask.notes, seen: [...ask.notes.seen, ...seen] } };
  const { diagnosis, test, changes } = nextFor(recipe, request, kitchen, {
    baked,
    before: null,
    inWords: () => '',
  });
  return { ...diagnosis, test, change: changes[0] ?? null };
}
