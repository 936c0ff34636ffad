import type { RootState } from '../../state/state';
import { EMPTY_ENGINE, type EngineState } from '../../state/engine/engineSlice';
import { isCurrent, whenSettled, type Settled } from './settledDocket';

const DOCKET = { title: 'Torte' };
const outcome = { outcome: 'docket', docket: DOCKET };
const stateOf = (engine: Partial<EngineState>, edition = 1) =>
  ({
    drafts: { d: { id: 'd', household: 'h', revision: 5 } },
    engine: { d: { ...EMPTY_ENGINE, asked: 5, quick: 5, slow: 5, outcome, ...engine } },
    kitchens: { h: { edition } },
  }) as unknown as RootState;

/** A store that is told its next states. */
function storeOf(first: RootState) {
  let state = first;
  const heard = new Set<() => void>();
  return {
    getState: () => state,
    subscribe: (listener: () => void) => (heard.add(listener), () => void heard.delete(listener)),
    next: (later: RootState) => {
      state = later;
      for (const listener of heard) listener();
    },
    listeners: () => heard.size,
  };
}

describe('the docket that a bake is kept with', () => {
  it('is taken as it is once it answers what is on the page', async () => {
    expect(await whenSettled(storeOf(stateOf({})), 'd')).toEqual({ docket: DOCKET, edition: 1 });
  });
  it('is waited for after an edit, and after another kitchen', async () => {
    const store = storeOf(stateOf({ asked: 6 }));
    const waiting = whenSettled(store, 'd');
    store.next(stateOf({ asked: 6, slow: -1 }));
    const newer = { ...DOCKET, title: 'Torte, thinner' };
    store.next(stateOf({ asked: 6, slow: 6, outcome: { outcome: 'docket', docket: newer } as never }));
    expect(await waiting).toMatchObject({ docket: newer });
    expect(store.listeners()).toBe(0);
  });
  it('is refused where the engine has failed or there is none', async () => {
    expect(await whenSettled(storeOf(stateOf({ failed: { words: '', cause: '' } })), 'd')).toMatch(
      /could not be worked out/,
    );
    expect(await whenSettled(storeOf(stateOf({ outcome: null })), 'd')).toMatch(/no docket/);
  });
  it('is no longer current after an edit, another docket or another kitchen', async () => {
    const settled = (await whenSettled(storeOf(stateOf({})), 'd')) as Settled;
    expect(isCurrent(stateOf({}), 'd', settled)).toBe(true);
    expect(isCurrent(stateOf({ asked: 6 }), 'd', settled)).toBe(false);
    expect(isCurrent(stateOf({}, 2), 'd', settled)).toBe(false);
    expect(isCurrent(stateOf({ outcome: { outcome: 'docket', docket: {} } as never }), 'd', settled)).toBe(
      false,
    );
  });
});
