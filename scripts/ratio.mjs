import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './lib/paths.mjs';
import { run } from './lib/run.mjs';
import { say } from './lib/say.mjs';

const FOLDERS = ['core', 'contracts', 'server', 'web', 'cli', 'e2e', 'bench', 'scripts'];
const LOW = 0.25;
const HIGH = 0.33;
const isCode = (name) => /\.(?:ts|tsx|mjs)$/.test(name) && !name.endsWith('.d.ts');
const isTest = (path) => /\.test\.tsx?$|\/testing(?:\/|\.ts$)|\/e2e\//.test(path);

function* files(folder) {
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    if (['node_modules', 'dist', 'data', 'cases', 'demo', 'test-results'].includes(entry.name)) continue;
    const path = join(folder, entry.name);
    if (entry.isDirectory()) yield* files(path);
    else if (isCode(entry.name)) yield path;
  }
}

const linesOf = (path) =>
  readFileSync(path, 'utf8')
    .split('\n')
    .filter((line) => line.trim() !== '').length;

/** Lines of tests for a line of code; tables of data and the demo's recipes are neither. */
await run(() => {
  const sum = { tests: 0, code: 0 };
  for (const path of FOLDERS.flatMap((folder) => [...files(join(root, folder))]))
    sum[isTest(path) ? 'tests' : 'code'] += linesOf(path);
  const ratio = sum.tests / sum.code;
  say(
    `tests ${sum.tests} / code ${sum.code} = ${ratio.toFixed(3)} (to be ${LOW}–${HIGH}${ratio < LOW || ratio > HIGH ? ': OUTSIDE' : ''})`,
  );
});
