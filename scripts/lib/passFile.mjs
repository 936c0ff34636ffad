import { chownSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { databaseUser } from './postgres.mjs';

const escaped = (part) => part.replaceAll('\\', '\\\\').replaceAll(':', '\\:');

/**
 * A database's address without its password, and the password in a file that only the database's user may read: no program
 * has it among its arguments, where every user of the machine sees it. `drop()` takes the file away.
 */
export function withPassFile(url) {
  const bare = new URL(url);
  const password = decodeURIComponent(bare.password);
  bare.password = '';
  if (password === '') return { url: bare.href, env: {}, drop: () => {} };
  const folder = mkdtempSync(join(tmpdir(), 'omni-pass-'));
  const file = join(folder, 'pass');
  const user = decodeURIComponent(bare.username);
  writeFileSync(file, `*:*:*:${escaped(user)}:${escaped(password)}\n`, { mode: 0o600 });
  const owner = databaseUser();
  if (owner) for (const path of [folder, file]) chownSync(path, owner.uid, owner.gid);
  return {
    url: bare.href,
    env: { PGPASSFILE: file },
    drop: () => rmSync(folder, { recursive: true, force: true }),
  };
}
