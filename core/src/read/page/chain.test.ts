import fc from 'fast-check';
import { runs } from '../../testing';
import { PAGE_KINDS, type PageKind } from '../../vocabulary';
import {
  bestKinds,
  decideKinds,
  expected,
  KINDS,
  probabilities,
  type ChainWeights,
  type Links,
} from './chain';

const TITLE = PAGE_KINDS.indexOf('title');
const score = fc.double({ min: -3, max: 3, noNaN: true });
const scores = fc.array(score, { minLength: KINDS, maxLength: KINDS });
const links: fc.Arbitrary<Links> = fc.record({
  pairs: fc.array(fc.array(scores, { minLength: KINDS + 1, maxLength: KINDS + 1 }), {
    minLength: 2,
    maxLength: 2,
  }),
  endings: fc.array(score, { minLength: 2, maxLength: 2 }),
});
const page = fc.array(scores, { minLength: 1, maxLength: 3 });

/** Every sequence of kinds with one title at most, and its score: what no clever sum is needed for. */
function everySequence(
  unary: readonly (readonly number[])[],
  { pairs, endings }: Links,
): { kinds: number[]; sum: number }[] {
  let all = [{ kinds: [] as number[], titled: 0, sum: 0 }];
  for (const own of unary)
    all = all.flatMap(({ kinds, titled, sum }) =>
      PAGE_KINDS.map((_, kind) => ({
        kinds: [...kinds, kind],
        titled: titled || kind === TITLE ? 1 : 0,
        sum: sum + own[kind]! + pairs[titled]![kinds.at(-1) ?? KINDS]![kind]!,
      })).filter(({ kinds: now }) => !(titled === 1 && now.at(-1) === TITLE)),
    );
  return all.map(({ kinds, titled, sum }) => ({ kinds, sum: sum + endings[titled]! }));
}

describe('the kinds of a page’s lines, decided together', () => {
  it('are the best of every sequence', () =>
    fc.assert(
      fc.property(page, links, (unary, weights) => {
        const all = everySequence(unary, weights);
        const best = all.reduce((a, b) => (b.sum > a.sum ? b : a));
        const found = bestKinds(unary, weights).join();
        expect(all.find(({ kinds }) => kinds.join() === found)!.sum).toBeCloseTo(best.sum, 9);
      }),
      runs(1),
    ));
  it('are as probable as all sequences that have them', () =>
    fc.assert(
      fc.property(page, links, (unary, weights) => {
        const all = everySequence(unary, weights);
        const whole = all.reduce((sum, one) => sum + Math.exp(one.sum), 0);
        probabilities(unary, weights).forEach((shares, at) =>
          shares.forEach((share, kind) => {
            const those = all.filter(({ kinds }) => kinds[at] === kind);
            expect(share).toBeCloseTo(those.reduce((sum, one) => sum + Math.exp(one.sum), 0) / whole, 9);
          }),
        );
      }),
      runs(2),
    ));
  it('lead to expect each line’s link with the one above once, and one ending', () =>
    fc.assert(
      fc.property(page, links, (unary, weights) => {
        const { pairs, endings } = expected(unary, weights);
        expect(pairs.flat(2).reduce((a, b) => a + b, 0)).toBeCloseTo(unary.length, 9);
        expect(endings[0]! + endings[1]!).toBeCloseTo(1, 9);
      }),
      runs(3),
    ));
});

describe('what a person has said of a line', () => {
  const flat: ChainWeights = {
    unit: 1,
    features: { food: PAGE_KINDS.map((kind) => (kind === 'ingredient' ? 5 : 0)) },
    pairs: [0, 1].map(() => Array.from({ length: KINDS + 1 }, () => PAGE_KINDS.map(() => 0))),
    endings: [0, 0],
  };
  const three = [['food'], ['food'], ['food']];
  it('holds, whatever its features say', () =>
    expect(decideKinds(three, flat, new Map([[1, 'step']])).map(({ kind }) => kind)).toEqual([
      'ingredient',
      'step',
      'ingredient',
    ]));
  it('holds for two titles too, though a page has one', () => {
    const held = new Map<number, PageKind>([
      [0, 'title'],
      [2, 'title'],
    ]);
    expect(decideKinds(three, flat, held).map(({ kind, sure }) => [kind, sure === 1])).toEqual([
      ['title', true],
      ['ingredient', false],
      ['title', true],
    ]);
  });
});
