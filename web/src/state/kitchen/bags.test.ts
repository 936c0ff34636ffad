import type { BagAnswer, BagDto, MoveDto } from '@omniarton/contracts';
import { makeStore } from '../store';
import { EMPTY_BAG } from './bagForm';
import { addBag, addBags, changeBag, lookAtBags, moveBags } from './bags';

// The engine's workers don't run here, and nothing below asks them.
jest.mock('../engine/engine', () => ({ askQuick: jest.fn(), askSlow: jest.fn() }));

const H = 'h';
const rice: BagDto = { ...EMPTY_BAG, ingredient: 'white-rice-flour' };

/** A cupboard on a server: `away` until it is back; `lost`: it does the work, and its answer never comes. */
function server() {
  const state = { bags: [] as BagAnswer[], moves: new Set<string>(), away: false, lost: false };
  const answer = (status: number, body: unknown) => ({
    ok: status < 400,
    status,
    json: () => Promise.resolve(body),
  });
  const put = (path: string, body: string, headers: Record<string, string>) => {
    const id = path.split('/').at(-1)!;
    if (path.includes('/moves/')) {
      if (!state.moves.has(id))
        for (const { bag, grams = 0 } of (JSON.parse(body) as MoveDto).entries)
          state.bags = state.bags.map((one) => (one.id === bag ? { ...one, grams: one.grams + grams } : one));
      state.moves.add(id);
      return answer(201, { id });
    }
    const known = state.bags.find((one) => one.id === id);
    if (headers['if-none-match'] === '*') {
      const { bag, grams } = JSON.parse(body) as { bag: BagDto; grams: number };
      if (!known) state.bags = [...state.bags, { id, version: 1, grams, doc: bag }];
      return answer(201, {});
    }
    if (headers['if-match'] !== `"${known!.version}"`)
      return answer(412, { code: 'conflict', message: '', details: { stored: known } });
    const changed = { ...known!, version: known!.version + 1, doc: JSON.parse(body) as BagDto };
    state.bags = state.bags.map((one) => (one.id === id ? changed : one));
    return answer(200, changed);
  };
  globalThis.fetch = ((path: string, { method = 'GET', body, headers }: RequestInit) => {
    if (state.away) return Promise.reject(new TypeError('offline'));
    if (method === 'GET') return Promise.resolve(answer(200, { bags: state.bags }));
    const done = put(path, body as string, headers as Record<string, string>);
    if (!state.lost) return Promise.resolve(done);
    state.lost = false;
    return Promise.reject(new TypeError('offline'));
  }) as typeof fetch;
  return state;
}
const open = () => {
  const there = server();
  const store = makeStore();
  const shown = () => store.getState().kitchens[H]?.bags.map(({ grams }) => grams) ?? [];
  return { there, store, shown };
};

describe('the cupboard on the page', () => {
  it('shows a bag once the server has it', async () => {
    const { store, shown } = open();
    expect(await store.dispatch(addBag(H, { id: 'a', bag: rice, grams: 500 }))).toBeNull();
    expect(shown()).toEqual([500]);
  });
  it('makes no second bag, and takes no second time, when an answer is lost and it is tried again', async () => {
    const { there, store, shown } = open();
    there.lost = true;
    expect(await store.dispatch(addBag(H, { id: 'a', bag: rice, grams: 500 }))).toMatchObject({
      code: 'offline',
    });
    await store.dispatch(addBag(H, { id: 'a', bag: rice, grams: 500 }));
    expect(shown()).toEqual([500]);
    const move: MoveDto = { why: 'bake', bake: null, entries: [{ bag: 'a', grams: -120 }] };
    there.lost = true;
    await store.dispatch(moveBags(H, move, 'm'));
    await store.dispatch(moveBags(H, move, 'm'));
    expect(shown()).toEqual([380]);
  });
  it('says so when the server is away, and keeps what it showed', async () => {
    const { there, store, shown } = open();
    await store.dispatch(addBag(H, { id: 'a', bag: rice, grams: 500 }));
    there.away = true;
    expect(await store.dispatch(addBag(H, { id: 'b', bag: rice, grams: 100 }))).toMatchObject({
      code: 'offline',
    });
    expect(shown()).toEqual([500]);
  });
  it('never writes over somebody else: it tells of the conflict, and shows what is stored', async () => {
    const { there, store } = open();
    await store.dispatch(addBag(H, { id: 'a', bag: rice, grams: 500 }));
    const seen = store.getState().kitchens[H]!.bags[0]!;
    there.bags = there.bags.map((one) => ({ ...one, version: 2, doc: { ...one.doc, note: 'theirs' } }));
    expect(await store.dispatch(changeBag(H, seen, { ...rice, note: 'mine' }))).toMatchObject({
      code: 'conflict',
    });
    expect(store.getState().kitchens[H]!.bags[0]!.doc.note).toBe('theirs');
  });
  it('takes a file’s rows in one after the other, and looks once', async () => {
    const { store, shown } = open();
    const rows = [100, 200, 300].map((grams) => ({ id: `r${grams}`, bag: rice, grams }));
    expect(await store.dispatch(addBags(H, rows))).toBeNull();
    expect(shown()).toEqual([100, 200, 300]);
    expect(await store.dispatch(lookAtBags(H))).toBeNull();
  });
});
