import { spawnSync } from 'node:child_process';
import { root } from './lib/paths.mjs';
import { run } from './lib/run.mjs';
import { say, Trouble } from './lib/say.mjs';

/** What may be shipped with a program under the MIT licence without more than being named. */
const FREE =
  /^\(?(?:MIT|MIT-0|ISC|0BSD|BSD-[23]-Clause|Apache-2\.0|BlueOak-1\.0\.0|Unlicense|CC0-1\.0|OFL-1\.1|Python-2\.0|Zlib)(?: (?:OR|AND) [\w.-]+)*\)?$/;

/** The packages that a release needs, each once. */
function shipped() {
  const { stdout } = spawnSync('npm', ['query', ':not(.dev)', '--json'], {
    cwd: root,
    encoding: 'utf8',
    maxBuffer: 1e8,
  });
  const found = JSON.parse(stdout)
    .filter(({ name, location }) => location !== '' && !name.startsWith('@omniarton/'))
    .map(({ name, version, license }) => ({ name, version, licence: license?.type ?? license ?? 'unknown' }));
  return [...new Map(found.map((one) => [`${one.name}@${one.version}`, one])).values()];
}

/** The licences of all that a release carries; one that asks for more than a mention is an error. */
await run(() => {
  const all = shipped();
  for (const { name, version, licence } of all.toSorted((a, b) => a.name.localeCompare(b.name)))
    say(`${licence.padEnd(22)} ${name} ${version}`);
  const doubtful = all.filter(({ licence }) => !FREE.test(licence));
  say(`${all.length} packages`);
  if (doubtful.length > 0)
    throw new Trouble(`Look at: ${doubtful.map(({ name, licence }) => `${name} (${licence})`).join(', ')}.`);
});
