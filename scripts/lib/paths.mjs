import { accessSync, chmodSync, chownSync, constants, existsSync, mkdirSync, statSync } from 'node:fs';
import { homedir, tmpdir } from 'node:os';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { Trouble } from './say.mjs';
import { databaseUser } from './postgres.mjs';

export const root = resolve(dirname(fileURLToPath(import.meta.url)), '../..');

/** The folder that holds everything a person makes: OMNIARTON_DATA, or a place in the user's data folder. */
export function dataFolder() {
  if (process.env.OMNIARTON_DATA) return resolve(process.env.OMNIARTON_DATA);
  // PostgreSQL refuses to run as root and its own user can't enter root's home.
  if (process.getuid?.() === 0) return '/var/lib/omniarton';
  return join(process.env.XDG_DATA_HOME ?? join(homedir(), '.local/share'), 'omniarton');
}

/** Makes a folder and those above it. Where it can't, the one above says why: a recursive mkdir names none of a disk's own words. */
function makeFolder(folder) {
  try {
    mkdirSync(folder, { recursive: true, mode: 0o700 });
  } catch (error) {
    let above = dirname(folder);
    while (!existsSync(above)) above = dirname(above);
    accessSync(above, constants.W_OK);
    throw error;
  }
}

/** Makes a private folder that the database's user owns, and checks that this user can get to it. */
export function makePrivateFolder(folder) {
  if (folder === root || folder.startsWith(`${root}/`)) {
    throw new Trouble(
      `The data folder ${folder} lies inside the program's own folder.`,
      'Set OMNIARTON_DATA to a place outside it.',
    );
  }
  makeFolder(folder);
  const user = databaseUser();
  if (user) {
    chownSync(folder, user.uid, user.gid);
    for (let above = dirname(folder); above !== dirname(above); above = dirname(above)) {
      if (!(statSync(above).mode & 0o001)) {
        throw new Trouble(
          `The database's user can't enter ${above}, which is above the data folder.`,
          'Set OMNIARTON_DATA to a place it can reach, such as /var/lib/omniarton.',
        );
      }
    }
  }
  chmodSync(folder, 0o700);
}

/** Unix socket paths may not be longer than 107 characters: a short folder in the temporary directory. */
export function socketFolder(folder) {
  let hash = 0;
  for (const char of folder) hash = (hash * 31 + char.charCodeAt(0)) >>> 0;
  const place = join(tmpdir(), `omni-${hash.toString(36)}`);
  if (!existsSync(place)) mkdirSync(place, { mode: 0o700 });
  const user = databaseUser();
  if (user) chownSync(place, user.uid, user.gid);
  return place;
}
