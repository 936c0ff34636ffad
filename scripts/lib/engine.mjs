import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './paths.mjs';

/** Every source file below a folder, in a fixed order; no tests, no built or installed files. */
export function* sourceFiles(folder) {
  for (const entry of readdirSync(folder, { withFileTypes: true }).sort((a, b) =>
    a.name < b.name ? -1 : 1,
  )) {
    if (entry.name === 'node_modules' || entry.name === 'dist') continue;
    const path = join(folder, entry.name);
    if (entry.isDirectory()) yield* sourceFiles(path);
    else if (!/\.test\.tsx?$/.test(entry.name)) yield path;
  }
}

/** One hash over the names and contents of files. */
export function hashOf(paths) {
  const sum = createHash('sha256');
  for (const path of paths) sum.update(path.slice(root.length)).update(readFileSync(path));
  return sum.digest('hex');
}

/**
 * The engine's version: the package's, and a hash of the core's sources and tables.
 * @returns {string}
 */
export function engineVersion() {
  const { version } = JSON.parse(readFileSync(join(root, 'core/package.json'), 'utf8'));
  return `${version}+${hashOf(sourceFiles(join(root, 'core/src'))).slice(0, 12)}`;
}
