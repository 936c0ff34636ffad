import type { Knex } from 'knex';
import type { KeptDocketDto, MovedOut, PhotoOf } from '@omniarton/contracts';
import { upcastDocket } from '@omniarton/core/docket';
import { upcastBag, upcastBake, upcastRecipe } from '@omniarton/core/kitchen';
import { upcastTasting } from '@omniarton/core/taste';
import { pagesById } from '../db/pagesById';
import { readable } from '../http/readable';
import type { Scope } from '../http/scope';

interface Stored {
  readonly id: string;
  readonly recipe_id: string;
  readonly source_text: string;
  readonly favourite: boolean;
  readonly tags: readonly string[];
  readonly created_at: Date;
  readonly doc: object;
}
interface StoredPhoto {
  readonly bake_id: string;
  readonly shows: PhotoOf;
  readonly bytes: Buffer;
}
interface Moved {
  readonly move_id: string;
  readonly bag_id: string;
  readonly grams: string;
  readonly why: string;
  readonly bake_id: string | null;
  readonly undoes: string | null;
  readonly created_at: Date;
}

const PAGE = 100;
/** Pictures are large: few of them lie in memory at once. */
const PAGE_OF_PHOTOS = 4;

/** What of a table isn't in the bin. */
const pages = (db: Knex, table: Listed, householdId: string) =>
  pagesById<Stored & StoredPhoto>(
    () => {
      const rows = db(table).where({ [`${table}.household_id`]: householdId });
      if (table === 'dockets' || table === 'tastings') return rows;
      if (table !== 'photos') return rows.whereNull('removed_at');
      const kept = db('bakes').where({ household_id: householdId }).whereNull('removed_at').select('id');
      return rows.whereIn('bake_id', kept);
    },
    table === 'photos' ? PAGE_OF_PHOTOS : PAGE,
  );

const toDocket = ({ id, recipe_id, created_at, doc }: Stored) => {
  const kept = doc as KeptDocketDto;
  return {
    id,
    recipe: recipe_id,
    at: created_at.toISOString(),
    doc: { ...kept, from: upcastRecipe(kept.from), docket: upcastDocket(kept.docket) },
  };
};
const MAKE = {
  recipes: ({ id, source_text, favourite, tags, doc }: Stored) => ({
    id,
    doc: upcastRecipe({ ...doc, text: source_text }),
    marks: { favourite, tags },
  }),
  dockets: toDocket,
  bakes: ({ id, recipe_id, doc }: Stored) => ({ id, recipe: recipe_id, doc: upcastBake(doc) }),
  bags: ({ id, doc }: Stored) => ({ id, doc: upcastBag(doc) }),
  tastings: ({ id, recipe_id, doc }: Stored) => ({ id, recipe: recipe_id, doc: upcastTasting(doc) }),
  photos: ({ id, bake_id, shows, bytes }: Stored & StoredPhoto) => ({
    id,
    bake: bake_id,
    of: shows,
    bytes: bytes.toString('base64'),
  }),
} as const;
export type Listed = keyof typeof MAKE;

export const everythingStore = (db: Knex) => ({
  async *list({ householdId }: Scope, table: Listed): AsyncGenerator<object[]> {
    for await (const rows of pages(db, table, householdId))
      yield readable(rows, MAKE[table] as (row: Stored & StoredPhoto) => object).items;
  },

  async moves({ householdId }: Scope): Promise<MovedOut[]> {
    const rows = (await db('movements')
      .where({ household_id: householdId })
      .orderBy(['created_at', 'move_id', 'bag_id'])) as Moved[];
    return rows.map((row) => ({
      move: row.move_id,
      bag: row.bag_id,
      grams: Number(row.grams),
      why: row.why,
      bake: row.bake_id,
      undoes: row.undoes,
      at: row.created_at.toISOString(),
    }));
  },
});

export type EverythingStore = ReturnType<typeof everythingStore>;
