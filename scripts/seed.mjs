import { join } from 'node:path';
import { buildIfChanged } from './lib/build.mjs';
import { withDatabase } from './lib/opened.mjs';
import { root } from './lib/paths.mjs';
import { run } from './lib/run.mjs';
import { say } from './lib/say.mjs';

/** The demo kitchen, brought back where it was removed. Nothing else is touched. */
await run(async () => {
  buildIfChanged();
  const app = await import(join(root, 'server/dist/main.js'));
  await withDatabase(async (url) => {
    await app.migrate(url);
    await app.seedAgain(url);
  });
  say('The demo kitchen is there.');
});
