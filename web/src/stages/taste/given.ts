import { useState } from 'react';
import type { Answer, TasteTest } from '@omniarton/core/taste';
import { attempt } from '../../base/attempt';

/** What a taster has pressed so far; `code` null: nothing, empty: can't tell. */
export interface Given {
  readonly code: string | null;
  readonly marks: Readonly<Record<string, number>>;
  readonly liking: Readonly<Record<string, number>>;
  readonly words: string;
}
export const NOTHING: Given = { code: null, marks: {}, liking: {}, words: '' };

const KEPT = 'omniarton.ballot.';

function kept(key: string): Given {
  return attempt(() => JSON.parse(localStorage.getItem(KEPT + key) ?? 'null') as Given | null) ?? NOTHING;
}

/** A ballot that is being filled in: it outlives a reload, and a phone that left the room. */
export function useKeptBallot(key: string): readonly [Given, (given: Given) => void] {
  const [given, setGiven] = useState(() => kept(key));
  const set = (next: Given) => {
    setGiven(next);
    // Nothing is kept of a ballot that was handed in.
    attempt(() =>
      next === NOTHING
        ? localStorage.removeItem(KEPT + key)
        : localStorage.setItem(KEPT + key, JSON.stringify(next)),
    );
  };
  return [given, set];
}

const all = (marks: Given['marks'], codes: readonly string[]): boolean =>
  codes.every((code) => marks[code] !== undefined);

/** What was pressed, as an answer; null: something is still open. */
export function answerOf(
  test: TasteTest,
  { code, marks, liking }: Given,
  codes: readonly string[],
): Answer | null {
  switch (test) {
    case 'triangle':
    case 'duo-trio':
      return code === null || code === '' ? null : { kind: 'pick', code };
    case 'paired':
      return code === null ? null : { kind: 'more', code: code === '' ? null : code };
    case 'liking':
      return all(marks, codes) ? { kind: 'liking', marks } : null;
    case 'just-right':
      return all(marks, codes) && all(liking, codes) ? { kind: 'just-right', marks, liking } : null;
    case 'ranking': {
      if (!all(marks, codes)) return null;
      const places = [...new Set(codes.map((one) => marks[one]!))].sort((a, b) => a - b);
      return { kind: 'order', groups: places.map((place) => codes.filter((one) => marks[one] === place)) };
    }
  }
}

/** The question as a taster reads it. */
export function asksOf(test: TasteTest, about: string): string {
  const of = about === '' ? '' : about;
  switch (test) {
    case 'triangle':
      return 'Two of these three are the same. Which is the odd one? Guess if you can’t tell.';
    case 'duo-trio':
      return 'Which of these two is the same as the reference? Guess if you can’t tell.';
    case 'paired':
      return of === '' ? 'Which do you like better?' : `Which has more ${of}?`;
    case 'just-right':
      return `How is the ${of === '' ? 'sweetness' : of} of each?`;
    case 'liking':
      return 'How much do you like each? 1: not at all, 5: neither, 9: very much.';
    case 'ranking':
      return `Give each a place, 1 for the least ${of === '' ? 'liked' : of}. Two may share a place.`;
  }
}
