import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { Draft } from './draftSlice';
import type { Step } from './edits';
import type { History } from './mirror';

/** The history that led to a stored version of a recipe, in this browser. */
interface KeptHistory extends History {
  readonly id: string;
  readonly household: string;
  readonly version: number;
  /** When it was last touched, ms since 1970. */
  readonly at: number;
}

interface Schema extends DBSchema {
  histories: { key: string; value: KeptHistory };
}

/** A history is kept up to this length, as JSON: a step of a long text holds all of it twice. */
const LONGEST = 500_000;
/** So long after the last edit nobody undoes it, ms. */
const LASTS = 30 * 24 * 3600 * 1000;

/** The last steps of a history that are short enough together; what can be redone goes before what can be undone. */
export function shortened({ past, future }: History): History {
  let left = LONGEST;
  const fitting = (steps: readonly Step[]) => {
    const first = steps.findLastIndex((step) => (left -= JSON.stringify(step).length) < 0);
    return steps.slice(first + 1);
  };
  const kept = fitting(past);
  return { past: kept, future: kept.length < past.length ? [] : fitting(future) };
}

/** Does nothing where the browser doesn't let the page keep anything: undoing after a reload is a comfort. */
async function attempt<T>(work: (db: IDBPDatabase<Schema>) => Promise<T>): Promise<T | undefined> {
  try {
    const db = await openDB<Schema>('omniarton-histories', 1, {
      upgrade: (made) => void made.createObjectStore('histories', { keyPath: 'id' }),
    });
    return await work(db).finally(() => db.close());
  } catch {
    return undefined;
  }
}

/** Nothing is left to undo of those. */
const forget = (which: (one: KeptHistory) => boolean) =>
  attempt(async (db) => {
    for (const one of await db.getAll('histories')) if (which(one)) await db.delete('histories', one.id);
  });

/** Those that are old go once while a page is open: all are read for it. */
let tidied: Promise<unknown> | undefined;

/** Keeps the history beside what is stored, so that a page that is opened again can still undo. */
export async function keepHistory({ id, household, base, past, future }: Draft): Promise<void> {
  const at = Date.now();
  await attempt((db) =>
    db.put('histories', { id, household, version: base, ...shortened({ past, future }), at }),
  );
  await (tidied ??= forget((one) => one.at < at - LASTS));
}

/** The history that led to a version; null where another device has written since. */
export async function historyOf(id: string, version: number): Promise<History | null> {
  const found = await attempt((db) => db.get('histories', id));
  return found?.version === version ? { past: found.past, future: found.future } : null;
}

/** Somebody's name may stand in what was written once: of their household nothing is left to undo. */
export const forgetHistories = (household: string) => forget((one) => one.household === household);
