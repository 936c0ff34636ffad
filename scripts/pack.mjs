import { spawnSync } from 'node:child_process';
import { cpSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { buildCommandIfChanged, buildIfChanged } from './lib/build.mjs';
import { root } from './lib/paths.mjs';
import { run } from './lib/run.mjs';
import { say, Trouble } from './lib/say.mjs';

/** What runs a release: no sources, no build tools, no tests. */
const CARRIED = ['LICENSE', 'README.md', 'CHANGELOG.md', '.npmrc', 'server/dist', 'web/dist', 'cli/dist'];
const SCRIPTS = ['start', 'backup', 'restore', 'seed', 'cli'];

const json = (path) => JSON.parse(readFileSync(join(root, path), 'utf8'));

/** The release's own package: what its server and scripts import, and nothing that is bundled. */
function packageOfRelease() {
  const { name, version, license, type, engines, scripts, dependencies } = json('package.json');
  const server = Object.entries(json('server/package.json').dependencies);
  return {
    ...{ name, version, private: true, license, type, engines },
    bin: { omniarton: 'cli/dist/main.js' },
    scripts: Object.fromEntries(SCRIPTS.map((one) => [one, scripts[one]])),
    dependencies: Object.fromEntries([
      ...Object.entries(dependencies),
      ...server.filter(([one]) => !one.startsWith('@omniarton/')),
    ]),
  };
}

function called(command, args, cwd) {
  const { status, stderr } = spawnSync(command, args, { cwd, encoding: 'utf8' });
  if (status !== 0) throw new Trouble(`${command} ${args[0]} failed.`, stderr.trim().split('\n').at(-1));
}

/** Makes `dist/omniarton-VERSION.tar.gz`: unpacked, `npm ci --omit=dev` and `npm start` serve the page that was built here. */
await run(() => {
  buildIfChanged();
  buildCommandIfChanged();
  const release = packageOfRelease();
  const stem = `omniarton-${release.version}`;
  const folder = mkdtempSync(join(tmpdir(), 'omniarton-pack-'));
  const into = join(folder, stem);
  mkdirSync(into);
  for (const path of CARRIED) {
    mkdirSync(dirname(join(into, path)), { recursive: true });
    cpSync(join(root, path), join(into, path), { recursive: true });
  }
  cpSync(join(root, 'scripts'), join(into, 'scripts'), { recursive: true });
  writeFileSync(join(into, 'package.json'), `${JSON.stringify(release, null, 2)}\n`);
  // npm keeps of the whole lock file what this package needs.
  cpSync(join(root, 'package-lock.json'), join(into, 'package-lock.json'));
  called('npm', ['install', '--package-lock-only', '--ignore-scripts', '--no-audit', '--no-fund'], into);
  const archive = join(root, 'dist', `${stem}.tar.gz`);
  mkdirSync(dirname(archive), { recursive: true });
  called('tar', ['--owner=0', '--group=0', '-czf', archive, stem], folder);
  rmSync(folder, { recursive: true });
  say(`Packed: ${archive}`);
});
