import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import { upcastRecipe, type RecipeDocument } from '@omniarton/core/kitchen';
import type { Draft } from './draftSlice';

/** How a draft came to be as it is, and what was taken back of it: what undo and redo go by. */
export type History = Pick<Draft, 'past' | 'future'>;

/** A copy of an unsent draft in this browser, for a crash, a closed tab or a server that is away. */
export interface UnsentCopy extends Partial<History> {
  readonly id: string;
  readonly household: string;
  readonly base: number;
  readonly doc: RecipeDocument;
  /** When it was last touched, ms since 1970. */
  readonly at: number;
}

interface Schema extends DBSchema {
  drafts: { key: string; value: UnsentCopy };
}

let opening: Promise<IDBPDatabase<Schema>> | undefined;

function store(): Promise<IDBPDatabase<Schema>> {
  opening ??= openDB<Schema>('omniarton', 1, {
    upgrade: (db) => void db.createObjectStore('drafts', { keyPath: 'id' }),
  });
  return opening;
}

/** False: the browser doesn't let the page keep anything (forbidden, or full). Nothing here throws. */
async function attempt(work: (db: IDBPDatabase<Schema>) => Promise<unknown>): Promise<boolean> {
  try {
    await work(await store());
    return true;
  } catch {
    opening = undefined;
    return false;
  }
}

/** So many steps can be undone of what was never sent. */
const STEPS = 20;

export const keepCopy = ({ id, household, base, doc, past, future }: Draft): Promise<boolean> =>
  attempt((db) =>
    db.put('drafts', {
      id,
      household,
      base,
      doc,
      past: past.slice(-STEPS),
      future: future.slice(-STEPS),
      at: Date.now(),
    }),
  );

export const dropCopy = (id: string): Promise<boolean> => attempt((db) => db.delete('drafts', id));

/** A copy of an older page brought up to date; one of a newer page waits for it. */
function readable(copy: UnsentCopy): UnsentCopy[] {
  try {
    return [{ ...copy, doc: upcastRecipe(copy.doc) }];
  } catch {
    return [];
  }
}

/** Every unsent copy that this page can read, the newest first. */
export async function unsentCopies(): Promise<readonly UnsentCopy[]> {
  let found: UnsentCopy[] = [];
  await attempt(async (db) => (found = await db.getAll('drafts')));
  return found.flatMap(readable).sort((a, b) => b.at - a.at);
}
