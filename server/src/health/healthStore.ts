import type { Knex } from 'knex';

export const healthStore = (db: Knex) => ({
  ping: async (): Promise<void> => {
    await db.raw('SELECT 1');
  },
});

export type HealthStore = ReturnType<typeof healthStore>;
