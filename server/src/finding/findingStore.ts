import type { Knex } from 'knex';
import type { ListOrder, RecipeSummary, TagCount } from '@omniarton/contracts';
import type { FamilyId } from '@omniarton/core/vocabulary';
import { rowsOf } from '../db/json';
import type { Cursor } from '../http/cursor';
import type { Scope } from '../http/scope';
import { toSummary, type SummaryRow } from '../recipes/recipeSummary';

/** What a list is narrowed to, as the store understands it. */
export interface Narrowed {
  /** Folded words that are looked for; empty: all. */
  readonly words: readonly string[];
  /** The words may have slips in them: a title like them will do. */
  readonly slips: boolean;
  /** Families that the words name, and people of the household. */
  readonly families: readonly FamilyId[];
  readonly people: readonly string[];
  readonly family: FamilyId | null;
  readonly whom: string | null;
  readonly neverTried: boolean;
  readonly open: boolean;
  readonly favourite: boolean;
  readonly tag: string | null;
}

/** What a list shows, and no more of the documents than that. */
const SHOWN = ['id', 'version', 'title', 'family', 'favourite', 'tags', 'updated_at'].map(
  (column) => `recipes.${column}`,
);
const SHOWN_OF_DOCUMENT = `jsonb_build_object('asRead', recipes.doc -> 'asRead', 'request', jsonb_build_object(
   'diet', recipes.doc #> '{request,diet}', 'without', recipes.doc #> '{request,without}',
   'seats', recipes.doc #> '{request,seats}', 'people', recipes.doc #> '{request,people}')) AS doc`;

/** The bakes of a recipe that are in its log, and how many they are. */
const IN_LOG = `FROM bakes b
   WHERE b.household_id = recipes.household_id AND b.recipe_id = recipes.id AND b.removed_at IS NULL`;
const BAKES = `(SELECT count(*) ${IN_LOG}) AS bakes`;
const SEATED = `EXISTS (SELECT 1 FROM jsonb_array_elements(coalesce(recipes.doc #> '{request,seats}', '[]')) seat
   WHERE seat ->> 'id' = ANY(?::text[]))`;
/** A whole title before the beginning of one, before the words together within one, before all of them somewhere in one. */
const RANK = `(CASE WHEN title_words = ? THEN 4 WHEN starts_with(title_words, ?) THEN 3
   WHEN strpos(' ' || title_words, ' ' || ?) > 0 THEN 2 WHEN title_words LIKE ALL (?::text[]) THEN 1 ELSE 0 END)`;

/** Everything that the beginnings of all words stand in. */
const byBeginnings = (words: readonly string[]): string => words.map((word) => `${word}:*`).join(' & ');

/** Ids of what the words may mean: each way by itself, so that each goes by its own index. */
function meant(db: Knex, householdId: string, { words, families, people }: Narrowed): Knex.QueryBuilder {
  const ids = () => db('recipes').where({ household_id: householdId }).select('id');
  const prefix = byBeginnings(words);
  const ways = [
    ids().whereRaw(`search @@ (to_tsquery('simple', ?) || to_tsquery('english', ?))`, [prefix, prefix]),
    ids().whereRaw(`EXISTS (SELECT 1 FROM unnest(tags) tag WHERE starts_with(lower(tag), ?))`, [
      words.join(' '),
    ]),
    ...(families.length > 0 ? [ids().whereIn('family', families)] : []),
    ...(people.length > 0 ? [ids().whereRaw(SEATED, [[...people]])] : []),
  ];
  return ways.reduce((all, way) => all.unionAll(way));
}

function narrow(db: Knex, { householdId }: Scope, wanted: Narrowed): Knex.QueryBuilder {
  const query = db('recipes').where({ household_id: householdId }).whereNull('removed_at');
  const { words, slips, family, whom, neverTried, open, favourite, tag } = wanted;
  const said = words.join(' ');
  if (words.length > 0 && slips) void query.whereRaw('? <% title_words', [said]);
  else if (words.length > 0) void query.whereIn('id', meant(db, householdId, wanted));
  if (family) void query.where({ family });
  if (whom) void query.whereRaw(SEATED, [[whom]]);
  if (favourite) void query.where({ favourite });
  if (tag !== null) void query.whereRaw('? = ANY(tags)', [tag]);
  if (neverTried) void query.whereRaw(`NOT EXISTS (SELECT 1 ${IN_LOG})`);
  // One that was never worked out has all its questions open.
  if (open) void query.whereRaw(`coalesce((recipes.doc #>> '{asRead,open}')::int, 1) > 0`);
  return query;
}

/** What a list stands in order of: an expression, its values, and what a cursor's part of it is cast to. */
function orderOf(order: ListOrder, words: readonly string[]) {
  const said = words.join(' ');
  const orders = {
    changed: { by: 'updated_at', values: [], type: 'timestamptz', way: 'desc' },
    title: { by: 'title_words', values: [], type: 'text', way: 'asc' },
    best: {
      by: RANK,
      values: [said, said, said, words.map((word) => `%${word}%`)],
      type: 'int',
      way: 'desc',
    },
  } as const;
  return orders[order];
}

const finding = (db: Knex) => ({
  /** A page of what is wanted. The cursor names the last row of the page before. */
  async find(
    scope: Scope,
    wanted: Narrowed,
    order: ListOrder,
    limit: number,
    cursor?: Cursor,
  ): Promise<{ readonly items: readonly RecipeSummary[]; readonly last: Cursor | null }> {
    const { by, values, type, way } = orderOf(order, wanted.words);
    const query = narrow(db, scope, wanted);
    if (cursor)
      void query.whereRaw(`(${by}, id) ${way === 'asc' ? '>' : '<'} (?::${type}, ?::uuid)`, [
        ...values,
        ...cursor.before,
        cursor.id,
      ]);
    // Which they are first, and only of those what is shown: a document is long, and many may fit.
    const hits = query
      .orderByRaw(`${by} ${way}, id ${way}`, [...values])
      .limit(limit + 1)
      .select(
        'id',
        'household_id',
        db.raw(`(${by})::text AS stamp`, [...values]),
        db.raw(`row_number() OVER (ORDER BY ${by} ${way}, id ${way}) AS place`, [...values]),
      );
    const rows = await rowsOf<SummaryRow & { readonly stamp: string }>(
      db
        .from(hits.as('hits'))
        .join('recipes', { 'recipes.household_id': 'hits.household_id', 'recipes.id': 'hits.id' })
        .orderBy('hits.place')
        .select(...SHOWN, 'hits.stamp', db.raw(SHOWN_OF_DOCUMENT), db.raw(BAKES)),
    );
    const page = rows.slice(0, limit);
    const last = page.at(-1);
    return {
      items: page.map(toSummary),
      last: rows.length > limit && last ? { before: [last.stamp], id: last.id } : null,
    };
  },

  async count(scope: Scope, wanted: Narrowed): Promise<number> {
    const [row] = await rowsOf<{ readonly n: string }>(narrow(db, scope, wanted).count({ n: '*' }));
    return Number(row?.n ?? 0);
  },
});

/** What a household's list can be narrowed by, beside words. */
const narrowing = (db: Knex) => ({
  /** The household's people and their names. */
  async people({ householdId }: Scope): Promise<readonly { readonly id: string; readonly name: string }[]> {
    return rowsOf<{ readonly id: string; readonly name: string }>(
      db
        .select<{ readonly id: string; readonly name: string }[]>(
          db.raw(`person ->> 'id' AS id, coalesce(person ->> 'name', '') AS name`),
        )
        .from(db.raw(`kitchens, jsonb_array_elements(coalesce(doc -> 'people', '[]')) person`))
        .where('household_id', householdId),
    );
  },

  async tags({ householdId }: Scope): Promise<TagCount[]> {
    const rows = await rowsOf<{ readonly tag: string; readonly n: string }>(
      db
        .select<{ readonly tag: string; readonly n: string }[]>('tag', db.raw('count(*) AS n'))
        .from(db.raw('recipes, unnest(tags) tag'))
        .where('household_id', householdId)
        .whereNull('removed_at')
        .groupBy('tag')
        .orderBy('tag'),
    );
    return rows.map(({ tag, n }) => ({ tag, recipes: Number(n) }));
  },
});

export const findingStore = (db: Knex) => ({ ...finding(db), ...narrowing(db) });

export type FindingStore = ReturnType<typeof findingStore>;
