import { asWorded } from '@omniarton/core/vocabulary';
import { say } from '@omniarton/core/words';
import type { Conversion, Outcome } from '@omniarton/core/docket';
import { closed } from '../draft/draftSlice';
import type { QuickAnswer } from './answers';
import { asked, engineFailed, engineReducer, isStale, wasAnswered, wasConverted } from './engineSlice';
import { newestWins } from './newestWins';

const D = 'd';
const outcome = (word: string): Outcome => ({
  outcome: 'infeasible',
  reasons: [asWorded(word)],
  relax: [],
  ways: [],
  guard: {
    state: 'nothing open',
    lines: [],
    method: [],
    people: [],
    crossContact: [],
    notForEating: [],
    checkedOn: null,
    open: [],
    answered: [],
    cautions: [],
  },
});
const quick = (revision: number, word: string | null) =>
  wasAnswered({
    draft: D,
    revision,
    answer: {
      recipe: { parts: [{ lines: [{ id: 'l1' }] }], title: word ?? '' },
      outcome: word === null ? null : outcome(word),
    } as unknown as QuickAnswer,
  });
const slow = (revision: number, word: string) =>
  wasConverted({
    draft: D,
    revision,
    conversion: { outcome: outcome(word), slow: null } satisfies Conversion,
  });
const run = (...actions: Parameters<typeof engineReducer>[1][]) => actions.reduce(engineReducer, {})[D]!;
const words = (state: ReturnType<typeof run>) =>
  state.outcome?.outcome === 'docket' ? '' : state.outcome?.reasons.map(say).join();

describe('answers of the engine', () => {
  it('come quickly first, and whole after', () => {
    const first = run(asked({ draft: D, revision: 1 }), quick(1, 'quick'));
    expect(words(first)).toBe('quick');
    expect(isStale(first)).toBe(true);
    const whole = run(asked({ draft: D, revision: 1 }), quick(1, 'quick'), slow(1, 'whole'));
    expect(words(whole)).toBe('whole');
    expect(isStale(whole)).toBe(false);
  });
  it('of an older question never cover those of a newer one', () => {
    expect(words(run(quick(2, 'new'), quick(1, 'old')))).toBe('new');
    expect(words(run(slow(2, 'new'), slow(1, 'old')))).toBe('new');
    expect(words(run(quick(3, 'newest'), slow(2, 'late')))).toBe('newest');
  });
  it('that are quick never cover the whole one of the same question', () =>
    expect(words(run(slow(1, 'whole'), quick(1, 'quick')))).toBe('whole'));
  it('leave the last docket where the quick one has none yet', () =>
    expect(words(run(slow(1, 'whole'), quick(2, null)))).toBe('whole'));
  it('keep every part that is as it was, so that nothing is drawn for it', () => {
    const one = run(quick(1, 'a'));
    const two = engineReducer({ [D]: one }, quick(2, 'b'))[D]!;
    expect(two.answer!.recipe.parts).toBe(one.answer!.recipe.parts);
    expect(two.answer!.recipe.title).toBe('b');
  });
  it('are not waited for from an engine that has failed', () =>
    expect(
      isStale(
        run(
          asked({ draft: D, revision: 4 }),
          engineFailed({ draft: D, failure: { words: 'stopped', cause: '' } }),
        ),
      ),
    ).toBe(false));
  it('go with the draft', () =>
    expect(engineReducer({ [D]: run(quick(1, 'a')) }, closed({ id: D }))).toEqual({}));
});

describe('newest wins', () => {
  it('drops what is overtaken, draft by draft', async () => {
    const done: string[] = [];
    const waits: (() => void)[] = [];
    const ask = newestWins(async ({ draft, n }: { draft: string; n: number }) => {
      await new Promise<void>((go) => waits.push(go));
      done.push(`${draft}${n}`);
    });
    for (const n of [1, 2, 3]) ask({ draft: 'a', n });
    ask({ draft: 'b', n: 1 });
    const finish = async (count: number) => {
      for (let turn = 0; turn < 50 && done.length < count; turn += 1) {
        waits.splice(0).forEach((go) => go());
        await Promise.resolve();
      }
    };
    await finish(3);
    expect(done.sort()).toEqual(['a1', 'a3', 'b1']);
    ask({ draft: 'a', n: 4 });
    await finish(4);
    expect(done).toContain('a4');
  });
});
