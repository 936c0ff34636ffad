import type { Knex } from 'knex';
import type { MarkDto, Marks } from '@omniarton/contracts';
import type { Scope } from '../http/scope';

/** A recipe has at most so many tags. */
const MOST_TAGS = 30;

/** Marks of recipes: not part of what they say, so that no version changes with them. */
export const markStore = (db: Knex) => {
  const these = ({ householdId }: Scope, ids: readonly string[]) =>
    db('recipes').where({ household_id: householdId }).whereIn('id', ids);
  return {
    /** How many of them have the marks now. */
    async mark(scope: Scope, { ids, favourite, tag, untag }: MarkDto): Promise<number> {
      const here = () => these(scope, ids).whereNull('removed_at');
      if (favourite !== undefined) await here().update({ favourite });
      if (tag !== undefined)
        await here()
          .whereRaw('NOT (? = ANY(tags)) AND cardinality(tags) < ?', [tag, MOST_TAGS])
          .update({ tags: db.raw('array_append(tags, ?)', [tag]) });
      if (untag !== undefined) await here().update({ tags: db.raw('array_remove(tags, ?)', [untag]) });
      const [row] = (await here().count({ n: '*' })) as { n: string }[];
      return Number(row?.n ?? 0);
    },

    /** Into the bin, all of them that are here. */
    away: (scope: Scope, ids: readonly string[]): Promise<number> =>
      these(scope, ids).whereNull('removed_at').update({ removed_at: db.fn.now() }),

    /** Out of the bin, all of them that are in it. */
    back: (scope: Scope, ids: readonly string[]): Promise<number> =>
      these(scope, ids).whereNotNull('removed_at').update({ removed_at: null }),

    /** The marks of one that a file has brought. */
    async keep(scope: Scope, id: string, { favourite, tags }: Marks): Promise<void> {
      await these(scope, [id]).update({ favourite, tags: [...new Set(tags)].slice(0, MOST_TAGS) });
    },
  };
};

export type MarkStore = ReturnType<typeof markStore>;
