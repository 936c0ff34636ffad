import type { Knex } from 'knex';

/** Every table that the server writes to. */
const TABLES = [
  'households',
  'members',
  'people',
  'recipes',
  'dockets',
  'bakes',
  'flour_uses',
  'settings',
  'kitchens',
  'days',
  'bags',
  'movements',
  'requests',
] as const;

export const healthStore = (db: Knex) => ({
  /** The tables that aren't there; throws where the database doesn't answer. */
  async missing(): Promise<string[]> {
    const { rows } = await db.raw<{ rows: { name: string }[] }>(
      'SELECT name FROM unnest(?::text[]) AS name WHERE to_regclass(quote_ident(name)) IS NULL',
      [[...TABLES]],
    );
    return rows.map(({ name }) => name);
  },
});

export type HealthStore = ReturnType<typeof healthStore>;
