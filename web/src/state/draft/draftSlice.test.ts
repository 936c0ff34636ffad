import { EMPTY_RECIPE, type RecipeDocument } from '@omniarton/core/kitchen';
import {
  draftReducer,
  edited,
  isUnsent,
  isWrittenOn,
  opened,
  redone,
  resolved,
  readSince,
  saved,
  saving,
  undone,
  wasReadAs,
  type Drafts,
} from './draftSlice';
import type { Edit } from './edits';
import { shortened } from './histories';

const doc: RecipeDocument = {
  ...EMPTY_RECIPE,
  asRead: { title: 'Cake', family: 'creamed-cake', batchGrams: 500 },
  text: 'Cake',
};
const ID = 'r1';
const open = draftReducer({}, opened({ id: ID, household: 'h', base: 3, doc }));
const at = (drafts: Drafts) => drafts[ID]!;
let clock = 0;
/** An edit so long after the last that it is no run with it. */
const later = (drafts: Drafts, edit: Edit) => {
  clock += 5000;
  return draftReducer(drafts, { ...edited(ID, edit), payload: { id: ID, edit, at: clock } });
};
const soon = (drafts: Drafts, edit: Edit) => {
  clock += 200;
  return draftReducer(drafts, { ...edited(ID, edit), payload: { id: ID, edit, at: clock } });
};
const text = (words: string): Edit => ({ kind: 'text', text: words });

describe('history', () => {
  it('says what was undone or done again, until the next edit', () => {
    const tin = later(open, { kind: 'request', request: { microwave: true } });
    const back = draftReducer(tin, undone({ id: ID }));
    expect(at(back).stepped).toEqual({ field: 'request.microwave', way: 'undone' });
    expect(at(draftReducer(back, redone({ id: ID }))).stepped).toMatchObject({ way: 'redone' });
    expect(at(later(back, text('More'))).stepped).toBeNull();
  });
  it('goes on after a reload, and is no edit of the page that is opened', () => {
    const { past, future } = at(later(open, text('Cake, better')));
    const again = draftReducer({}, opened({ id: ID, household: 'h', base: 4, doc, past, future }));
    expect(isWrittenOn(at(again))).toBe(false);
    expect(isUnsent(at(again))).toBe(false);
    expect(at(draftReducer(again, undone({ id: ID }))).doc.text).toBe('Cake');
  });
  it('is kept as far as it is short enough, the last steps first', () => {
    const long = (n: number) => text(`${n} ${'x'.repeat(60_000)}`);
    const { past } = at(Array.from({ length: 20 }, (_, n) => long(n)).reduce(later, open));
    const kept = shortened({ past, future: [] });
    expect(kept.past.length).toBeGreaterThan(1);
    expect(kept.past.length).toBeLessThan(past.length);
    expect(kept.past.at(-1)).toBe(past.at(-1));
    expect(JSON.stringify(kept).length).toBeLessThan(600_000);
  });
  it('goes back and forth through edits of every kind', () => {
    const edits: Edit[] = [
      text('Cake, better'),
      { kind: 'request', request: { diet: 'grain-free' } },
      { kind: 'correction', correction: { line: 'l1', grams: 5 } },
      { kind: 'serving', serving: { at: '2027-06-19T15:30', zone: 'UTC' } },
      { kind: 'correction', correction: { line: 'l1', role: 'fat' } },
      { kind: 'correction', correction: { line: 'l1' }, without: ['role'] },
      { kind: 'uncorrect', line: 'l1' },
      { kind: 'the-bake', step: 'l7', heat: 0 },
      { kind: 'the-bake', step: 'l8', heat: 1 },
      { kind: 'locale', locale: 'AU' },
    ];
    const states = edits.reduce<Drafts[]>((all, edit) => [...all, later(all.at(-1)!, edit)], [open]);
    let now = states.at(-1)!;
    for (const before of states.slice(0, -1).reverse()) {
      now = draftReducer(now, undone({ id: ID }));
      expect(at(now).doc).toEqual(at(before).doc);
    }
    for (const after of states.slice(1)) {
      now = draftReducer(now, redone({ id: ID }));
      expect(at(now).doc).toEqual(at(after).doc);
    }
  });
  it('keeps both of two corrections of a line, whichever comes first', () => {
    const both = soon(soon(open, { kind: 'correction', correction: { line: 'l1', grams: 5 } }), {
      kind: 'correction',
      correction: { line: 'l1', role: 'fat' },
    });
    expect(at(both).doc.corrections).toEqual([{ line: 'l1', grams: 5, role: 'fat' }]);
    const less = later(both, { kind: 'correction', correction: { line: 'l1' }, without: ['grams', 'role'] });
    expect(at(less).doc.corrections).toEqual([]);
  });
  it('knows a bake by one heat', () => {
    const one = later(open, { kind: 'the-bake', step: 'l7', heat: 0 });
    expect(at(later(one, { kind: 'the-bake', step: 'l8', heat: 1 })).doc.corrections).toEqual([
      { line: 'l8', bake: 1 },
    ]);
  });
  it('takes keys that follow each other in one field as one step', () => {
    const typed = ['Cak', 'Ca', 'Car', 'Cart'].reduce(
      (drafts, words) => soon(drafts, text(words)),
      later(open, text('Cake!')),
    );
    expect(at(typed).past).toHaveLength(1);
    expect(at(draftReducer(typed, undone({ id: ID }))).doc.text).toBe('Cake');
  });
  it('parts steps by field and by a pause', () => {
    const mixed = soon(
      soon(later(open, text('a')), { kind: 'request', request: { gluten: 'label' } }),
      text('b'),
    );
    expect(at(mixed).past).toHaveLength(3);
    expect(at(later(mixed, text('c'))).past).toHaveLength(4);
  });
  it('forgets what was undone when something new is done', () => {
    const back = draftReducer(later(later(open, text('a')), text('b')), undone({ id: ID }));
    expect(at(later(back, text('c'))).future).toEqual([]);
  });
  it('keeps two hundred steps and no more', () => {
    const many = Array.from({ length: 230 }, (_, n) => text(`cake ${n}`)).reduce(later, open);
    expect(at(many).past).toHaveLength(200);
  });
  it('makes no step of an edit that changes nothing', () =>
    expect(at(later(open, text('Cake')))).toBe(at(open)));
  it('does nothing at either end', () => {
    expect(draftReducer(open, undone({ id: ID }))).toEqual(open);
    expect(draftReducer(open, redone({ id: ID }))).toEqual(open);
  });
});

describe('saving', () => {
  it('waits after an edit, an undo and a redo alike', () => {
    const typed = later(open, text('a'));
    expect(at(typed).save.status).toBe('waiting');
    const clean = draftReducer(typed, saved({ id: ID, version: 4, revision: at(typed).revision }));
    expect(at(clean)).toMatchObject({ base: 4, save: { status: 'idle' } });
    expect(isUnsent(at(draftReducer(clean, undone({ id: ID }))))).toBe(true);
  });
  it('goes on waiting where an edit came in while it was sent', () => {
    const first = later(open, text('a'));
    const second = later(first, text('b'));
    const answered = draftReducer(second, saved({ id: ID, version: 4, revision: at(first).revision }));
    expect(at(answered)).toMatchObject({ base: 4, save: { status: 'waiting' }, doc: { text: 'b' } });
  });
  it('stays a conflict until a person has settled it, edits or not', () => {
    const stored = { id: ID, version: 9, updatedAt: '', doc: { ...doc, text: 'theirs' } };
    const clash = draftReducer(
      later(open, text('mine')),
      saving({ id: ID, save: { status: 'conflict', stored } }),
    );
    expect(at(later(clash, text('mine too'))).save.status).toBe('conflict');
    const mine = at(draftReducer(clash, resolved({ id: ID, keep: 'mine', stored })));
    expect(mine).toMatchObject({ base: 9, doc: { text: 'mine' }, save: { status: 'waiting' } });
    expect(isUnsent(mine)).toBe(true);
    const theirs = at(draftReducer(clash, resolved({ id: ID, keep: 'theirs', stored })));
    expect(theirs).toMatchObject({ base: 9, doc: { text: 'theirs' }, save: { status: 'idle' } });
    expect(isUnsent(theirs)).toBe(false);
  });
  it('is not called for by what the reader found', () => {
    const read = draftReducer(
      open,
      wasReadAs({ id: ID, lines: [{ id: 'l1', source: 'Cake' }], asRead: doc.asRead }),
    );
    expect(isUnsent(at(read))).toBe(false);
    expect(at(read).doc.lines).toHaveLength(1);
  });
  it('is called for once more where it was stored before it was read', () => {
    const stored = draftReducer(open, saved({ id: ID, version: 4, revision: 1 }));
    expect(isUnsent(at(stored))).toBe(false);
    const since = draftReducer(stored, readSince({ id: ID }));
    expect(isUnsent(at(since))).toBe(true);
    expect(isUnsent(at(draftReducer(since, saved({ id: ID, version: 5, revision: 1 }))))).toBe(false);
  });
  it('is called for at once by a copy that was taken up', () =>
    expect(
      isUnsent(at(draftReducer({}, opened({ id: ID, household: 'h', base: 3, doc, unsent: true })))),
    ).toBe(true));
});
