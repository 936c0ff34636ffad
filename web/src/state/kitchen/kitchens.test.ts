import { EMPTY_KITCHEN, type KitchenDocument, type Person } from '@omniarton/core/kitchen';
import { makeStore } from '../store';
import { findKitchen, keepKitchen } from './kitchenCopy';
import { changeKitchen, loadKitchen, settleLeftover } from './kitchens';

// The engine's workers don't run here, and nothing below asks them.
jest.mock('../engine/engine', () => ({ askQuick: jest.fn(), askSlow: jest.fn() }));

const H = 'h';
const guest = (name: string): Person => ({ id: name, name, gluten: null, grainFree: null, avoids: [] });
const withGuest = (name: string) => (doc: KitchenDocument) => ({
  ...doc,
  people: [...doc.people, guest(name)],
});
const names = ({ people }: KitchenDocument) => people.map(({ name }) => name);

/** A server with one kitchen; `away` until it is back, `others` change it behind the page's back. */
function server(doc = EMPTY_KITCHEN) {
  const stored = { version: 0, doc, away: false };
  const answer = (status: number, body: unknown) => ({
    ok: status < 400,
    status,
    json: () => Promise.resolve(body),
  });
  globalThis.fetch = ((_path: string, { method = 'GET', body, headers }: RequestInit) => {
    if (stored.away) return Promise.reject(new TypeError('offline'));
    const shown = { version: stored.version, doc: stored.doc };
    if (method === 'GET') return Promise.resolve(answer(200, shown));
    const seen = (headers as Record<string, string>)['if-match'];
    const version = seen === undefined ? 0 : Number(seen.replaceAll('"', ''));
    if (version !== stored.version)
      return Promise.resolve(answer(412, { code: 'conflict', message: '', details: { stored: shown } }));
    stored.version += 1;
    stored.doc = JSON.parse(body as string) as KitchenDocument;
    return Promise.resolve(answer(200, { version: stored.version, doc: stored.doc }));
  }) as typeof fetch;
  return stored;
}
const settle = () => new Promise((done) => setTimeout(done, 20));
const open = async () => {
  const store = makeStore();
  await store.dispatch(loadKitchen(H));
  return store;
};
beforeEach(() => localStorage.clear());

describe('a kitchen', () => {
  it('is changed at once and saved after', async () => {
    const stored = server();
    const store = await open();
    store.dispatch(changeKitchen(H, withGuest('Tam')));
    store.dispatch(changeKitchen(H, withGuest('Ines')));
    expect(names(store.getState().kitchens[H]!.doc)).toEqual(['Tam', 'Ines']);
    await settle();
    expect(names(stored.doc)).toEqual(['Tam', 'Ines']);
    expect(findKitchen(H)).toBeUndefined();
  });
  it('that was changed elsewhere keeps both changes', async () => {
    const stored = server();
    const store = await open();
    stored.doc = withGuest('Bo')(stored.doc);
    stored.version = 5;
    store.dispatch(changeKitchen(H, withGuest('Tam')));
    await settle();
    expect(names(stored.doc)).toEqual(['Bo', 'Tam']);
  });
  it('keeps a change in this browser while the server is away, and sends it at the next visit', async () => {
    const stored = server();
    const store = await open();
    stored.away = true;
    store.dispatch(changeKitchen(H, withGuest('Tam')));
    await settle();
    expect(store.getState().kitchens[H]!.save.status).toBe('offline');
    stored.away = false;
    const other = 'another visit';
    keepKitchen(other, findKitchen(H)!);
    const next = makeStore();
    await next.dispatch(loadKitchen(other));
    await settle();
    expect(names(stored.doc)).toEqual(['Tam']);
  });
  it('offers what was left on an older version, and merges nothing by itself', async () => {
    const stored = server(withGuest('Bo')(EMPTY_KITCHEN));
    stored.version = 3;
    const at = 'older';
    keepKitchen(at, { version: 1, doc: withGuest('Tam')(EMPTY_KITCHEN) });
    const store = makeStore();
    await store.dispatch(loadKitchen(at));
    expect(names(store.getState().kitchens[at]!.doc)).toEqual(['Bo']);
    expect(names(store.getState().kitchens[at]!.leftover!)).toEqual(['Tam']);
    store.dispatch(settleLeftover(at, true));
    await settle();
    expect(names(stored.doc)).toEqual(['Tam']);
  });
});
