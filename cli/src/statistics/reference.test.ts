import { statisticsShape } from '.';
import reference from './cases/reference.json';

/**
 * Reference values by exact enumeration, by simulation, and out of published tables (ISO 4120, 5495, 8587 and 10399; Cornell's
 * yarn; McLean and Anderson's flare), each with what its answer may be off by.
 */
interface Reference {
  readonly id: string;
  readonly section: string;
  readonly input: object;
  readonly expected: Readonly<Record<string, unknown>>;
  readonly tolerance: { readonly abs?: number; readonly rel?: number; readonly exact?: boolean };
}
const CASES = reference as unknown as readonly Reference[];
const answers = statisticsShape('reference.json', JSON.stringify(CASES)) as {
  readonly id: string;
  readonly result: Readonly<Record<string, unknown>>;
}[];

/** Points of a design may stand in any order. */
const UNORDERED = /^\.(?:points|vertices|edge_midpoints|face_centroids)$/;
const keyOf = (point: unknown) =>
  (point as readonly (number | string)[])
    .map((one) => (typeof one === 'number' ? one.toFixed(7) : one))
    .join();
const sorted = (points: readonly unknown[]) => [...points].sort((a, b) => (keyOf(a) < keyOf(b) ? -1 : 1));

/** What of an answer is off from what was expected. */
function off(answer: unknown, expected: unknown, { tolerance }: Reference, path = ''): string[] {
  if (typeof expected === 'number') {
    const most = tolerance.exact
      ? 1e-9
      : Math.max(tolerance.abs ?? 0, (tolerance.rel ?? 0) * Math.abs(expected), 1e-12);
    return typeof answer === 'number' && Math.abs(answer - expected) <= most
      ? []
      : [`${path}: ${String(answer)}, wanted ${expected}`];
  }
  if (expected === null || typeof expected !== 'object')
    return answer === expected ? [] : [`${path}: ${String(answer)}, wanted ${String(expected)}`];
  const one = { tolerance } as Reference;
  if (Array.isArray(expected)) {
    if (!Array.isArray(answer) || answer.length !== expected.length) return [`${path}: another length`];
    const order = UNORDERED.test(path) ? sorted : (list: readonly unknown[]) => list;
    const [own, wanted] = [order(answer), order(expected)];
    return wanted.flatMap((value, at) => off(own[at], value, one, `${path}.${at}`));
  }
  return Object.entries(expected).flatMap(([key, value]) =>
    off((answer as Readonly<Record<string, unknown>> | null)?.[key], value, one, `${path}.${key}`),
  );
}

describe('statistics, beside their reference values', () => {
  it.each(CASES.map((one, at) => [one.section, one.id, one, answers[at]] as const))(
    '%s: %s',
    (_, id, one, answer) => {
      expect(answer!.id).toBe(id);
      expect(off(answer!.result, one.expected, one)).toEqual([]);
    },
  );
  it.each([
    ['no JSON', '{', /no JSON/],
    ['no list', '{"id":"a"}', /wanted is a list/],
    ['a case without a section', '[{"id":"a","input":{}}]', /wanted is a list/],
  ])('a file with %s can’t be used', (_, text, words) =>
    expect(() => statisticsShape('cases.json', text)).toThrow(words),
  );
  it('answers the others where one case is of no section, or can’t be worked out', () => {
    const [none, broken, whole] = statisticsShape(
      'cases.json',
      JSON.stringify([
        { id: 'a', section: 'tea leaves', input: {} },
        { id: 'b', section: 'ranking_friedman_page', input: { samples: 9, tasters: 40 } },
        { id: 'c', section: 'triangle', input: { test: 'triangle', n: 3, k: 3 } },
      ]),
    );
    expect(none).toMatchObject({
      id: 'a',
      error: expect.stringMatching(/no section "tea leaves"/) as string,
    });
    expect(broken).toMatchObject({ id: 'b', error: expect.stringMatching(/No exact test/) as string });
    expect(whole).toMatchObject({ id: 'c', result: { p_fraction: '1/27' } });
  });
});
