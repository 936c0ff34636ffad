import { spawn, spawnSync } from 'node:child_process';
import { once } from 'node:events';
import { chmodSync, existsSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { root } from './lib/paths.mjs';
import { freePort } from './lib/ports.mjs';
import { run } from './lib/run.mjs';
import { say, Trouble } from './lib/say.mjs';

/*
 * The proof of the release archive: packed, unpacked elsewhere and installed without build tools it serves the page and answers on
 * the command line.
 */

const SERVES_WITHIN_MS = 60_000;
const tally = { passed: 0, failed: 0 };

function holds(what, ok) {
  tally[ok ? 'passed' : 'failed'] += 1;
  say(`${ok ? 'ok  ' : 'FAIL'} ${what}`);
}

const done = (command, args, cwd) => spawnSync(command, args, { cwd, encoding: 'utf8' });

async function page(address) {
  try {
    const answer = await fetch(address, { signal: AbortSignal.timeout(2000) });
    return answer.ok ? await answer.text() : '';
  } catch {
    return '';
  }
}

async function serves(release, folder) {
  const port = await freePort();
  const env = { ...process.env, OMNIARTON_DATA: join(folder, 'data'), PORT: String(port) };
  delete env.DATABASE_URL;
  const server = spawn(process.execPath, ['scripts/start.mjs'], { cwd: release, env, stdio: 'ignore' });
  const until = performance.now() + SERVES_WITHIN_MS;
  let html = '';
  while (html === '' && server.exitCode === null && performance.now() < until) {
    html = await page(`http://127.0.0.1:${port}/`);
    await wait(100);
  }
  server.kill('SIGINT');
  if (server.exitCode === null) await once(server, 'exit');
  return html.includes('<script type="module"');
}

await run(async () => {
  const folder = mkdtempSync(join(tmpdir(), 'omniarton-release-'));
  chmodSync(folder, 0o755);
  const packed = done(process.execPath, ['scripts/pack.mjs'], root);
  holds('a release is packed', packed.status === 0);
  const archive = readdirSync(join(root, 'dist')).find((name) => name.endsWith('.tar.gz'));
  done('tar', ['-xzf', join(root, 'dist', archive), '-C', folder]);
  const release = join(folder, archive.replace('.tar.gz', ''));
  const installed = done('npm', ['ci', '--omit=dev', '--no-audit', '--no-fund'], release);
  const tools = ['vite', 'typescript', 'react'].filter((one) =>
    existsSync(join(release, 'node_modules', one)),
  );
  holds('npm ci --omit=dev installs it without build tools', installed.status === 0 && tools.length === 0);
  holds('it serves the page that was built before', await serves(release, folder));
  const version = done(process.execPath, ['cli/dist/main.js', '--version'], release);
  holds('and its command answers', /^\d+\.\d+\.\d+\+\w+/.test(version.stdout));
  rmSync(folder, { recursive: true, force: true });
  say(`${tally.passed} passed, ${tally.failed} failed`);
  if (tally.failed > 0) throw new Trouble('The release is not sound.', packed.stderr + installed.stderr);
});
