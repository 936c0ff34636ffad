import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { hasChromium } from './chromium.mjs';
import { isRelease } from './build.mjs';
import { root } from './paths.mjs';
import { installedMajors } from './postgres.mjs';
import { agree, say, Trouble } from './say.mjs';

const shell = (command, args, options = {}) =>
  spawnSync(command, args, { stdio: 'inherit', cwd: root, ...options }).status === 0;

export function checkNode() {
  if (Number(process.versions.node.split('.')[0]) < 20) {
    throw new Trouble(`Node ${process.versions.node} is too old.`, 'Install Node 20 or later.');
  }
}

const lockOf = (file) => JSON.parse(readFileSync(join(root, file), 'utf8')).packages;

/** True where npm's own note of what it installed has every package of the lock file, whoever ran it; a release has those that run it. */
function arePackagesInstalled(release) {
  const note = 'node_modules/.package-lock.json';
  if (!existsSync(join(root, note))) return false;
  const [wanted, installed] = [lockOf('package-lock.json'), lockOf(note)];
  return Object.entries(wanted).every(([place, { version, dev, devOptional, optional }]) => {
    const isSpared = optional || (release && (dev || devOptional)) || !place.includes('node_modules/');
    return isSpared || (installed[place] !== undefined && installed[place].version === version);
  });
}

/** npm packages exactly as the lock file has them; again when the lock file has changed. */
export async function ensurePackages() {
  const release = isRelease();
  if (arePackagesInstalled(release)) return;
  if (!(await agree('Install the npm packages of the lock file?'))) {
    throw new Trouble('The npm packages are missing.', 'Run "npm ci", or start with --yes.');
  }
  say('Installing npm packages …');
  if (!shell('npm', ['ci', '--no-progress', ...(release ? ['--omit=dev'] : [])]))
    throw new Trouble('npm ci failed.', 'See its words above.');
}

let listsAreFresh = false;

async function ensureDebian(what, packages, prepare) {
  const command = `apt-get update && apt-get install -y ${packages.join(' ')}`;
  const allowed = process.getuid?.() === 0;
  if (!allowed || !(await agree(`${what} is missing. Install it from Debian's packages?`))) {
    throw new Trouble(`${what} is missing.`, `Run as root: ${command}`);
  }
  say(`Installing ${what} …`);
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  const apt = (...args) =>
    shell('apt-get', ['-qq', ...args], { env, stdio: ['ignore', 'ignore', 'inherit'] });
  if (!listsAreFresh) apt('update');
  listsAreFresh = true;
  prepare?.(apt);
  if (!apt('install', '-y', '--no-install-recommends', ...packages)) {
    throw new Trouble(`${what} could not be installed.`, `Run as root: ${command}`);
  }
}

export async function ensurePostgres() {
  if (installedMajors().length > 0) return;
  await ensureDebian('PostgreSQL', ['postgresql'], (apt) => {
    // Debian would start a cluster of its own on port 5432.
    apt('install', '-y', 'postgresql-common');
    mkdirSync('/etc/postgresql-common/createcluster.d', { recursive: true });
    writeFileSync('/etc/postgresql-common/createcluster.d/omniarton.conf', 'create_main_cluster = false\n');
  });
}

/** A proxy for two servers; Debian would start it at once on port 80, which nobody asked for. */
export async function ensureNginx() {
  if (existsSync('/usr/sbin/nginx')) return;
  await ensureDebian('nginx', ['nginx-light']);
  shell('sh', ['-c', 'service nginx stop || true'], { stdio: 'ignore' });
}

export async function ensureChromium() {
  if (!hasChromium()) await ensureDebian('Chromium', ['chromium-headless-shell', 'fonts-liberation']);
}
