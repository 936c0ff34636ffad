import { confounded, differencesOf, type Baked, type Difference } from '../../log';
import type { Look } from '../../kitchen';
import type { MarkScale } from '../../vocabulary';
import { ASPECTS, changesIn, expectedOf, type Aspect, type Change, type Direction } from '../why';

/** What one aspect of B should be beside A, and what it was. Null: not known, or nobody judged. */
export interface AspectBeside {
  readonly aspect: Aspect;
  readonly expected: Direction | null;
  readonly seen: Direction | null;
}

/** Two bakes held against each other. */
export interface Beside {
  readonly differences: readonly Difference[];
  /** What differs beyond what was meant: nothing can be put down to one change. */
  readonly confounded: readonly Difference[];
  readonly aspects: readonly AspectBeside[];
  /** Of the aspects that were foretold and judged, how many came as foretold. */
  readonly agree: number;
  readonly of: number;
}

/** Marks closer than this are the same; and heights, mm. */
const SAME_MARK = 0.5;
const SAME_MM = 2;

const SCALE: Readonly<Partial<Record<Aspect, MarkScale>>> = {
  spread: 'spread',
  colour: 'colour',
  crispEdge: 'crispEdge',
  chew: 'chew',
  crumb: 'moistness',
};

const direction = (
  from: number | undefined | null,
  to: number | undefined | null,
  same: number,
): Direction | null =>
  from === undefined || from === null || to === undefined || to === null
    ? null
    : Math.abs(to - from) <= same
      ? 0
      : to > from
        ? 1
        : -1;

const lookOf = (looks: readonly Look[], when: Look['when']): Look | undefined =>
  looks.find((one) => one.when === when);

function seenOf(aspect: Aspect, a: Baked, b: Baked): Direction | null {
  if (aspect === 'thickness') return direction(a.notes.measured.heightMm, b.notes.measured.heightMm, SAME_MM);
  const scale = SCALE[aspect]!;
  // Of the same age: a loaf on its second day beside a fresh one says nothing.
  const when = a.notes.looks.map((one) => one.when).find((one) => lookOf(b.notes.looks, one));
  if (!when) return null;
  const mark = ({ notes }: Baked) => lookOf(notes.looks, when)?.marks[scale];
  return direction(mark(a), mark(b), SAME_MARK);
}

/** Of changes of one kind one is enough; a flour by itself is what made room for another. */
function plainChanges(differences: readonly Difference[]): readonly Change[] {
  const all = differences.flatMap(changesIn);
  const kinds = [...new Map(all.map((one) => [one.kind, one])).values()];
  const named = kinds.filter(({ kind }) => kind !== 'flour');
  return named.length > 0 ? named : kinds;
}

/** What differs between two bakes, what that should do, what was seen of it, and whether the two agree. */
export function besideOf(a: Baked, b: Baked): Beside {
  const differences = differencesOf(a, b);
  const expected = expectedOf(plainChanges(differences), a.docket.family.id);
  const aspects = ASPECTS.map((aspect) => ({
    aspect,
    expected: expected[aspect],
    seen: seenOf(aspect, a, b),
  }));
  const both = aspects.filter((one) => one.expected !== null && one.seen !== null);
  return {
    differences,
    confounded: confounded(differences),
    aspects,
    agree: both.filter((one) => one.expected === one.seen).length,
    of: both.length,
  };
}
