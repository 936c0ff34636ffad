import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { engineVersion, hashOf, sourceFiles } from './engine.mjs';
import { root } from './paths.mjs';
import { say, Trouble } from './say.mjs';

const SOURCES = ['core', 'contracts', 'server', 'web'];

/** Builds page and server when a source or the lock file has changed since the last build. */
export function buildIfChanged() {
  const stamp = join(root, 'node_modules/.cache/omniarton/built');
  const now = hashOf([
    join(root, 'package-lock.json'),
    ...SOURCES.flatMap((name) => [...sourceFiles(join(root, name))]),
  ]);
  const done = ['server/dist/main.js', 'web/dist/index.html'].every((path) => existsSync(join(root, path)));
  if (done && existsSync(stamp) && readFileSync(stamp, 'utf8') === now) return;
  say('Building …');
  const env = { ...process.env, OMNIARTON_ENGINE: engineVersion(), NODE_ENV: 'production' };
  for (const part of ['server', 'web']) {
    const result = spawnSync(
      process.execPath,
      [join(root, 'node_modules/vite/bin/vite.js'), 'build', '--logLevel', 'warn'],
      {
        cwd: join(root, part),
        stdio: 'inherit',
        env,
      },
    );
    if (result.status !== 0) throw new Trouble(`The ${part} could not be built.`, 'See the words above.');
  }
  mkdirSync(join(root, 'node_modules/.cache/omniarton'), { recursive: true });
  writeFileSync(stamp, now);
}
