import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { buildCommandIfChanged } from './lib/build.mjs';
import { root } from './lib/paths.mjs';
import { run } from './lib/run.mjs';

await run(async () => {
  buildCommandIfChanged();
  await import(pathToFileURL(join(root, 'cli/dist/main.js')).href);
});
