import { readdirSync } from 'node:fs';

/** Names of the backups that lie in the data folder: they still hold what has been erased since. */
export type Backups = () => readonly string[];

/** The newest first; none where there is no folder, or none that can be read. */
export const backupsIn =
  (folder: string | undefined): Backups =>
  () => {
    if (folder === undefined) return [];
    try {
      return readdirSync(folder)
        .filter((name) => /\.dump(?:\.age)?$/.test(name))
        .sort()
        .reverse();
    } catch {
      return [];
    }
  };
