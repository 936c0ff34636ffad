import startDatabase from '../../server/src/testing/startDatabase.mjs';
import stopDatabase from '../../server/src/testing/stopDatabase.mjs';
import { furnish } from './house';

/** One throw-away PostgreSQL for all workers; each makes a database of its own in it. */
export default async function globalSetup(): Promise<() => void> {
  await startDatabase();
  await furnish();
  return () => stopDatabase();
}
