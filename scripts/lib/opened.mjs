import { existsSync } from 'node:fs';
import { cluster } from './cluster.mjs';
import { dataFolder } from './paths.mjs';
import { Trouble } from './say.mjs';

/** Runs `work(url, own, data)` on the database, starting the private cluster for as long as it takes. */
export async function withDatabase(work) {
  const data = dataFolder();
  if (process.env.DATABASE_URL) return work(process.env.DATABASE_URL, undefined, data);
  const own = cluster(data);
  if (!existsSync(own.folder)) throw new Trouble(`There is no data in ${data} yet.`, 'Run "npm start" once.');
  const before = own.running();
  const { port } = before ?? (await own.start());
  try {
    return await work(own.url(port), own, data);
  } finally {
    if (!before) own.stop();
  }
}
