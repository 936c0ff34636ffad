import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { root } from './paths.mjs';

const kB = (bytes) => Math.round(bytes / 100) / 10;

const PAGES = [
  { name: 'work list', entry: 'src/stages/worklist/WorkListPage.tsx', limit: 207 },
  { name: 'bench', entry: 'src/app/bench/BenchPage.tsx', limit: 430 },
];
/** Chart.js comes with the curve alone, when Heat is opened; what writes files when one is asked for; a whole docket on the work list while a kitchen is new; what was done to a recipe with the recipe. */
const APART = new Set([
  'src/stages/heat/CentreCurve.tsx',
  'src/stages/taste/Dots.tsx',
  'src/stages/log/OverTimeChart.tsx',
  'src/docket/handouts.ts',
  'src/stages/worklist/FinishedDocket.tsx',
  'src/state/draft/histories.ts',
]);

/** Gzipped JavaScript that each page can load in all, its stages too; the chart, what writes files and the workers apart. `over`: too much. */
export function pageWeights() {
  const dist = join(root, 'web/dist');
  const manifest = JSON.parse(readFileSync(join(dist, '.vite/manifest.json'), 'utf8'));
  const weigh = (file) => gzipSync(readFileSync(join(dist, file)), { level: 9 }).length;
  function reach(key, seen, inside) {
    const chunk = manifest[key];
    if (!chunk || seen.has(key) || APART.has(key)) return seen;
    seen.add(key);
    for (const next of [...(chunk.imports ?? []), ...(inside ? (chunk.dynamicImports ?? []) : [])])
      reach(next, seen, inside);
    return seen;
  }
  return PAGES.map(({ name, entry, limit }) => {
    const chunks = reach(entry, reach('index.html', new Set(), false), true);
    const bytes = [...chunks]
      .map((chunk) => manifest[chunk].file)
      .filter((file) => file.endsWith('.js'))
      .reduce((sum, file) => sum + weigh(file), 0);
    return {
      words: `${name}: ${kB(bytes)} kB of gzipped JavaScript (limit ${limit} kB)`,
      over: kB(bytes) > limit,
    };
  });
}
