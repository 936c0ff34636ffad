import knex, { type Knex } from 'knex';
import pg from 'pg';

/** A calendar day stays the text that it is: as a Date it would move with the time zone. */
const CALENDAR_DAY = 1082;
pg.types.setTypeParser(CALENDAR_DAY, (text) => text);

const POOL_MAX = 10;
const ACQUIRE_MS = 4000;
const STATEMENT_MS = 10_000;

/** A pool of so many connections at most on a PostgreSQL. A lost one is replaced at the next question. */
export function openDatabase(url: string, most: number = POOL_MAX): Knex {
  return knex({
    client: 'pg',
    connection: {
      connectionString: url,
      statement_timeout: STATEMENT_MS,
      connectionTimeoutMillis: ACQUIRE_MS,
    },
    pool: { min: 0, max: most },
    acquireConnectionTimeout: ACQUIRE_MS,
  });
}
