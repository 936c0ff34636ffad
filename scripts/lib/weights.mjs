import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { root } from './paths.mjs';

const kB = (bytes) => Math.round(bytes / 100) / 10;

/** Gzipped JavaScript that each page loads in all: the entry, the page's own chunk, and what both import. */
export function pageWeights() {
  const dist = join(root, 'web/dist');
  const manifest = JSON.parse(readFileSync(join(dist, '.vite/manifest.json'), 'utf8'));
  const weigh = (file) => gzipSync(readFileSync(join(dist, file)), { level: 9 }).length;
  function reach(key, seen = new Set()) {
    if (seen.has(key) || !manifest[key]) return seen;
    seen.add(key);
    for (const next of manifest[key].imports ?? []) reach(next, seen);
    return seen;
  }
  const pages = {
    'work list': 'src/stages/worklist/WorkListPage.tsx',
    bench: 'src/stages/bench/BenchPage.tsx',
  };
  const limits = { 'work list': 220, bench: 380 };
  return Object.entries(pages).map(([name, key]) => {
    const chunks = reach(key, reach('index.html'));
    const bytes = [...chunks]
      .map((chunk) => manifest[chunk].file)
      .filter((file) => file.endsWith('.js'))
      .filter((file) => existsSync(join(dist, file)))
      .reduce((sum, file) => sum + weigh(file), 0);
    return `${name}: ${kB(bytes)} kB of gzipped JavaScript (limit ${limits[name]} kB)`;
  });
}
