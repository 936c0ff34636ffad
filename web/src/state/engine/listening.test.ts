import { asWorded } from '@omniarton/core/vocabulary';
import { say } from '@omniarton/core/words';
import type { Conversion } from '@omniarton/core/docket';
import {
  EMPTY_REQUEST,
  NO_WISHES,
  type ConversionRequest,
  type RecipeDocument,
} from '@omniarton/core/kitchen';
import { makeStore } from '../store';
import { opened } from '../draft/draftSlice';
import { kitchenFound } from '../kitchen/kitchenSlice';
import { EMPTY_KITCHEN } from '@omniarton/core/kitchen';

/** An engine whose slow answers are given one by one; `asked` holds how many flours each was asked for. */
const engine = {
  asked: [] as number[],
  answers: [] as ((conversion: Conversion | 'overtaken') => void)[],
  progress: undefined as ((done: number) => void) | undefined,
  stopped: 0,
};
const door = {
  lay: () => Promise.resolve({ troubles: [], made: { ingredients: [], troubles: [] } }),
  quick: () => Promise.resolve({ recipe: { parts: [] }, outcome: null }),
  convert: (
    _key: string,
    _draft: string,
    _recipe: unknown,
    request: ConversionRequest,
    onProgress?: (done: number) => void,
  ) => {
    engine.asked.push(request.blend.most);
    engine.progress = onProgress;
    return new Promise((give) => engine.answers.push(give));
  },
  stop: () => Promise.resolve(void (engine.stopped += 1)),
};
jest.mock('./engine', () => ({
  askQuick: (question: (one: typeof door) => unknown) => Promise.resolve(question(door)),
  askSlow: (question: (one: typeof door) => unknown) => Promise.resolve(question(door)),
}));

const outcome = (word: string): Conversion => ({
  slow: null,
  outcome: {
    outcome: 'infeasible',
    reasons: [asWorded(word)],
    relax: [],
    ways: [],
  } as unknown as Conversion['outcome'],
});
const doc = { request: { ...EMPTY_REQUEST, blend: { ...NO_WISHES, most: 5 } } } as unknown as RecipeDocument;
const breath = (ms = 5) => new Promise((done) => setTimeout(done, ms));
async function until(holds: () => boolean) {
  for (let turn = 0; turn < 200 && !holds(); turn += 1) await breath();
  expect(holds()).toBe(true);
}

describe('five flours', () => {
  it('are searched for while the best of four is shown, with progress, and may be stopped', async () => {
    const store = makeStore();
    store.dispatch(kitchenFound({ household: 'h', version: 1, doc: EMPTY_KITCHEN }));
    store.dispatch(opened({ id: 'd', household: 'h', base: 1, doc }));
    const state = () => store.getState().engine['d']!;
    const words = () => {
      const { outcome: shown } = state();
      return shown && shown.outcome !== 'docket' ? shown.reasons.map(say).join() : '';
    };
    await until(() => engine.answers.length === 1);
    engine.answers[0]!(outcome('four'));
    await until(() => engine.answers.length === 2);
    expect(engine.asked).toEqual([4, 5]);
    expect(words()).toBe('four');
    expect(state().deeper).toBe(0);
    engine.progress!(0.5);
    expect(state().deeper).toBe(0.5);
    const { stopDeeper } = await import('./listening');
    stopDeeper('d');
    expect(engine.stopped).toBe(1);
    engine.answers[1]!('overtaken');
    await until(() => state().deeper === null);
    expect(words()).toBe('four');
  });
});
