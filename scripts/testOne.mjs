import { spawnSync } from 'node:child_process';
import { join, relative, resolve } from 'node:path';
import { run } from './lib/run.mjs';
import { root } from './lib/paths.mjs';
import { Trouble } from './lib/say.mjs';

/** Which runner a file's tests belong to, by where it stands. */
const RUNNERS = [
  [/^(?:core|cli|contracts)\//, 'unit'],
  [/^web\//, 'page'],
  [/^server\//, 'api'],
];

const runJest = (project, paths, rest) => [
  join(root, 'node_modules/jest/bin/jest.js'),
  ...[`--selectProjects=${project}`, '--findRelatedTests', ...paths, ...rest],
];
const runBrowser = (paths, rest) => [
  join(root, 'node_modules/@playwright/test/cli.js'),
  ...['test', '-c', 'e2e/playwright.config.ts', ...paths, ...rest],
];

/** Runs the tests of the named files alone: of a test file itself, of a source the tests that come to it. */
await run(() => {
  const args = process.argv.slice(2);
  const paths = args.filter((one) => !one.startsWith('-'));
  if (paths.length === 0)
    throw new Trouble(
      'Which file?',
      'npm run test:one core/src/quantity/units.test.ts (options of the runner after --)',
    );
  const here = paths.map((one) => relative(root, resolve(process.env.INIT_CWD ?? root, one)));
  const projects = new Set(
    here.map((one) => RUNNERS.find(([at]) => at.test(one))?.[1] ?? (one.startsWith('e2e/') ? 'e2e' : null)),
  );
  if (projects.size > 1 || projects.has(null))
    throw new Trouble('Name files of one place: core, cli and contracts; web; server; or e2e.');
  const [project] = projects;
  const rest = args.filter((one) => one.startsWith('-'));
  const command = project === 'e2e' ? runBrowser(here, rest) : runJest(project, here, rest);
  const env = { ...process.env, TZ: 'Pacific/Chatham', NODE_ENV: 'test' };
  process.exitCode = spawnSync(process.execPath, command, { cwd: root, stdio: 'inherit', env }).status ?? 1;
});
