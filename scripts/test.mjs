import { spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { checkNode, ensurePackages, ensurePostgres } from './lib/install.mjs';
import { root } from './lib/paths.mjs';
import { run, say, Trouble } from './lib/say.mjs';

/** Without a terminal to ask at, the tests install what they need. */
if (!process.stdin.isTTY) process.env.CI ??= 'true';

const bin = (name) => join(root, 'node_modules/.bin', name);
const reports = mkdtempSync(join(tmpdir(), 'omniarton-tests-'));
const tally = { passed: 0, failed: 0 };

function timed(name, command, args) {
  const began = performance.now();
  const { status } = spawnSync(command, args, {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, TZ: 'Pacific/Chatham', NODE_ENV: 'test' },
  });
  say(`${status === 0 ? 'ok  ' : 'FAIL'} ${name} ${((performance.now() - began) / 1000).toFixed(1)} s`);
  return status === 0;
}

/** A check that passes or fails as a whole counts as one. */
function check(name, command, args) {
  if (timed(name, command, args)) tally.passed += 1;
  else tally.failed += 1;
}

/** A runner's own counts. No report, no test, or a focused one is a failure. */
function jest(project) {
  const file = join(reports, `${project}.json`);
  const ok = timed(project, bin('jest'), [
    '--selectProjects',
    project,
    '--json',
    `--outputFile=${file}`,
    '--ci',
    '--silent',
  ]);
  const report = existsSync(file)
    ? JSON.parse(readFileSync(file, 'utf8'))
    : { numPassedTests: 0, numFailedTests: 0, numPendingTests: 0 };
  tally.passed += report.numPassedTests;
  tally.failed += report.numFailedTests;
  const empty = report.numPassedTests + report.numFailedTests === 0 || report.numPendingTests > 0;
  if (empty || (!ok && report.numFailedTests === 0)) tally.failed += 1;
}

await run(async () => {
  checkNode();
  await ensurePackages();
  await ensurePostgres();
  check('format', bin('prettier'), ['--check', '--log-level', 'warn', '.']);
  check('lint', bin('eslint'), ['.', '--max-warnings', '0']);
  check('types', bin('tsc'), ['-b']);
  check('arrows', bin('depcruise'), [
    '--config',
    '.dependency-cruiser.cjs',
    'core/src',
    'contracts/src',
    'server/src',
    'cli/src',
  ]);
  jest('unit');
  jest('api');
  rmSync(reports, { recursive: true, force: true });
  say(`${tally.passed} passed, ${tally.failed} failed`);
  if (tally.failed > 0) throw new Trouble('The tests have failed.');
});
