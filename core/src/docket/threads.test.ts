import { readText } from '../testing';
import { docketOf } from '../testingDockets';
import { WHEAT_BAKES } from './cases/wheatBakes';
import { threadsOf } from '.';

const of = (text: string) => threadsOf(readText(text), docketOf(text));

describe('threads', () => {
  it.each(WHEAT_BAKES.slice(0, 12))('of $name carry all grams of what they lead to', ({ text }) => {
    const { before, after, threads } = of(text);
    for (const { id, grams } of after) {
      const into = threads.filter(({ to }) => to === id);
      if (into.length > 0) expect(into.reduce((sum, one) => sum + one.grams, 0)).toBeCloseTo(grams, 6);
    }
    const ends = new Set(before.map(({ id }) => id));
    for (const { from } of threads) expect(ends.has(from)).toBe(true);
  });
  it('lead from the wheat to every flour of the blend, and from no line to the gum', () => {
    const { before, after, threads } = of(WHEAT_BAKES.find(({ name }) => name === 'layer cake')!.text);
    const wheat = before.find(({ ingredient }) => ingredient === 'all-purpose-flour')!;
    expect(threads.filter(({ from }) => from === wheat.id).length).toBeGreaterThanOrEqual(3);
    const gum = after.find(({ ingredient }) => ingredient === 'xanthan-gum')!;
    expect(threads.some(({ to }) => to === gum.id)).toBe(false);
  });
  it('join two wheat flours into one blend', () => {
    const { before, threads } = of(
      'Cookies\n200 g plain flour\n80 g wholemeal flour\n170 g butter\n200 g sugar\n1 egg\nMethod\nBake 12 minutes at 180°C.',
    );
    for (const { id } of before.slice(0, 2)) expect(threads.some(({ from }) => from === id)).toBe(true);
  });
});
