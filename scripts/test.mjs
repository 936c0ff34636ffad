import { spawn, spawnSync } from 'node:child_process';
import { once } from 'node:events';
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { constants, setPriority, tmpdir } from 'node:os';
import { join } from 'node:path';
import { checkNode, ensureChromium, ensurePackages, ensurePostgres } from './lib/install.mjs';
import { root } from './lib/paths.mjs';
import { run } from './lib/run.mjs';
import { say, Trouble } from './lib/say.mjs';

/** Without a terminal to ask at, the tests install what they need. */
if (!process.stdin.isTTY) process.env.CI ??= 'true';

const bin = (name) => join(root, 'node_modules/.bin', name);
const reports = mkdtempSync(join(tmpdir(), 'omniarton-tests-'));
const tally = { passed: 0, failed: 0 };

const ENV = { ...process.env, TZ: 'Pacific/Chatham', NODE_ENV: 'test' };

function told(name, status, began) {
  say(`${status === 0 ? 'ok  ' : 'FAIL'} ${name} ${((performance.now() - began) / 1000).toFixed(1)} s`);
  return status === 0;
}

function timed(name, command, args, env) {
  const began = performance.now();
  const { status } = spawnSync(command, args, { cwd: root, stdio: 'inherit', env: { ...ENV, ...env } });
  return told(name, status, began);
}

/** Runs beside others, so what it prints is shown when it has ended. */
async function beside(name, command, args, { env, priority }) {
  const began = performance.now();
  const child = spawn(command, args, { cwd: root, stdio: ['ignore', 'pipe', 'pipe'], env });
  setPriority(child.pid, priority);
  const printed = [];
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => printed.push(chunk));
  const [status] = await once(child, 'close');
  const text = Buffer.concat(printed).toString();
  process.stdout.write(text.replace(COUNTS, ''));
  return { ok: told(name, status, began), text };
}

/** A check that passes or fails as a whole counts as one; it gives way to what is timed. */
async function check(name, command, args) {
  const { ok } = await beside(name, command, args, { env: ENV, priority: constants.priority.PRIORITY_LOW });
  tally[ok ? 'passed' : 'failed'] += 1;
}

/** Checks one after the other. */
async function inTurn(checks) {
  for (const [name, command, args] of checks) await check(name, command, args);
}

/** The line in which a proof says how many of its sentences hold. */
const COUNTS = /^(\d+) passed, (\d+) failed\n/m;

async function proofs() {
  for (const script of ['proofRelease', 'proof']) {
    const args = [join('scripts', `${script}.mjs`)];
    const { ok, text } = await beside(script, process.execPath, args, {
      env: process.env,
      priority: constants.priority.PRIORITY_NORMAL,
    });
    const [, passed = 0, failed = 0] = COUNTS.exec(text) ?? [];
    tally.passed += Number(passed);
    tally.failed += Number(failed);
    if (!ok && Number(failed) === 0) tally.failed += 1;
  }
}

const SOURCES = ['core/src', 'contracts/src', 'server/src', 'cli/src', 'web/src'];
/** Each works on one core: half of the linting and half of the other checks. */
const LANES = [
  [
    ['lint of the core', bin('eslint'), ['core', '--max-warnings', '0']],
    // The native compiler, at a quarter of the time; the linter works with the one that has a JavaScript API.
    ['types', join(root, 'node_modules/typescript-7/bin/tsc'), ['-b']],
    ['format', bin('prettier'), ['--check', '--log-level', 'warn', '.']],
  ],
  [
    ['lint of all else', bin('eslint'), ['.', '--ignore-pattern', 'core/', '--max-warnings', '0']],
    ['arrows', bin('depcruise'), ['--config', '.dependency-cruiser.cjs', ...SOURCES]],
    ['unused', bin('knip'), ['--no-progress']],
    // The public API of the core, every link of its comments followed.
    ['reference', bin('typedoc'), []],
  ],
];

/** A runner's own counts, out of its report. No report, no test, or a test that was left out is a failure. */
function counted(name, command, args, file, read, env) {
  const ok = timed(name, command, args, env);
  const { passed, failed, leftOut } = existsSync(file)
    ? read(JSON.parse(readFileSync(file, 'utf8')))
    : { passed: 0, failed: 0, leftOut: 0 };
  tally.passed += passed;
  tally.failed += failed;
  if (passed + failed === 0 || leftOut > 0 || (!ok && failed === 0)) tally.failed += 1;
}

/** All projects in one run: while the last of one is at work the others go on. */
function jest() {
  const file = join(reports, 'jest.json');
  const args = ['--json', `--outputFile=${file}`, '--ci', '--silent'];
  counted('units, pages and API', bin('jest'), args, file, (report) => ({
    passed: report.numPassedTests,
    failed: report.numFailedTests,
    leftOut: report.numPendingTests + report.numTodoTests,
  }));
}

function browser() {
  const file = join(reports, 'browser.json');
  const read = ({ stats }) => {
    if (stats.flaky > 0) say(`     ${stats.flaky} passed only at the second try: look at them`);
    return {
      passed: stats.expected + stats.flaky,
      failed: stats.unexpected,
      leftOut: stats.skipped,
    };
  };
  const args = ['test', '-c', 'e2e/playwright.config.ts'];
  counted('browser', bin('playwright'), args, file, read, { E2E_REPORT: file });
}

await run(async () => {
  checkNode();
  await ensurePackages();
  await ensurePostgres();
  await ensureChromium();
  // The proofs mostly wait for what they start: that time is the checks'.
  await Promise.all([...(process.argv.includes('--proofs') ? [proofs()] : []), ...LANES.map(inTurn)]);
  jest();
  await check('build', process.execPath, ['scripts/build.mjs']);
  browser();
  rmSync(reports, { recursive: true, force: true });
  say(`${tally.passed} passed, ${tally.failed} failed`);
  if (tally.failed > 0) throw new Trouble('The tests have failed.');
});
