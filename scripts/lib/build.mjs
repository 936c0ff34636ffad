import { spawnSync } from 'node:child_process';
import { chmodSync, existsSync, mkdirSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { engineVersion, hashOf, sourceFiles } from './engine.mjs';
import { root } from './paths.mjs';
import { say, Trouble } from './say.mjs';

/** What is built together: its folders, the sources that it comes from, and what shows that it was built. */
const APP = {
  stamp: 'built',
  folders: ['server', 'web'],
  sources: ['core', 'contracts', 'server', 'web'],
  made: ['server/dist/main.js', 'web/dist/index.html', 'web/dist/written/written.js'],
};
const COMMAND = { stamp: 'built-cli', sources: ['core', 'cli'], made: ['cli/dist/main.js'] };

/** A release carries what was built, and no sources: there is nothing to build. */
export const isRelease = () => !existsSync(join(root, 'core/src'));

/** Runs `build` when a source or the lock file has changed since the last time, or when what it makes is missing. */
function ifChanged({ stamp, sources, made }, build) {
  if (isRelease()) return;
  const cache = join(root, 'node_modules/.cache/omniarton');
  const now = hashOf([
    join(root, 'package-lock.json'),
    ...sources.flatMap((name) => [...sourceFiles(join(root, name))]),
  ]);
  const done = made.every((path) => existsSync(join(root, path)));
  const path = join(cache, stamp);
  if (done && existsSync(path) && readFileSync(path, 'utf8') === now) return;
  build();
  mkdirSync(cache, { recursive: true });
  writeFileSync(path, now);
}

function buildFolder(folder, engine, options = []) {
  const { status } = spawnSync(
    process.execPath,
    [join(root, 'node_modules/vite/bin/vite.js'), 'build', '--logLevel', 'warn', ...options],
    {
      cwd: join(root, folder),
      stdio: ['ignore', process.stderr.fd, process.stderr.fd],
      env: { ...process.env, OMNIARTON_ENGINE: engine, NODE_ENV: 'production' },
    },
  );
  if (status !== 0) throw new Trouble(`The ${folder} could not be built.`, 'See the words above.');
}

/** Builds page and server. */
export const buildIfChanged = () =>
  ifChanged(APP, () => {
    say('Building …');
    const engine = engineVersion();
    for (const folder of APP.folders) buildFolder(folder, engine);
    // What writes the page's first look, for the server: of the same sources as the page.
    buildFolder('web', engine, ['--ssr', 'src/written.tsx', '--outDir', 'dist/written']);
  });

/** Builds the command line, beside the old one and then in its place: two that start at once don't meet half a file. */
export const buildCommandIfChanged = () =>
  ifChanged(COMMAND, () => {
    console.error('Building the command …');
    const beside = join(root, `cli/dist/${process.pid}`);
    buildFolder('cli', engineVersion(), ['--outDir', beside]);
    chmodSync(join(beside, 'main.js'), 0o755);
    renameSync(join(beside, 'main.js'), join(root, COMMAND.made[0]));
    rmSync(beside, { recursive: true });
  });
