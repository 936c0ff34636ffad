import { pageWeights } from '../scripts/lib/weights.mjs';
import { blendFigures, FLOURS } from './blend';
import { cascadeFigures } from './cascade';
import { clockFigures } from './clock';
import { tasteFigures } from './taste';
import { coreFigures } from './core';
import { heatFigures } from './heat';
import { intakeFigures } from './intake';
import { learningFigures } from './learning';
import { loadFigures } from './load';
import { calibration, measure, row } from './measure';
import { pageFigures } from './page';
import { processFigures } from './process';
import { readingFigures } from './reading';

if (process.argv.includes('learning')) {
  for (const line of learningFigures()) console.log(line);
  process.exit(0);
}

if (process.argv.includes('load')) {
  for (const line of await loadFigures()) console.log(line);
  process.exit(0);
}

const base = measure(calibration);
const { quick, balance, whole, ways, others } = coreFigures();
console.log(
  `${''.padEnd(46)}  ${'median'.padStart(12)}  ${'p95'.padStart(12)}  ${'of the loop'.padStart(10)}`,
);
console.log(row('calibration loop', base, base));
console.log(row('read + guard + balance, 15 lines', quick, base, 10));
console.log(row('balances, method, texture, two parts', balance, base, 15));
console.log(row('two to four ways, each whole', ways, base, 1500));
const heat = heatFigures();
console.log(row('ninety minutes in the oven, a slab', heat.slab, base, 60));
console.log(row('ninety minutes in the oven, a section', heat.section, base, 250));
console.log(row('the same bake in five other ovens', others, base, 1000));
console.log(
  `off the series of Carslaw & Jaeger after 40 minutes: ${heat.series.map(({ kind, off }) => `${kind} ${(100 * off).toFixed(2)} %`).join(', ')}`,
);
for (const { implicit, explicit } of heat.pairs)
  console.log(
    `a loaf to ${(100 * implicit.error).toFixed(2)} % of Richardson’s value: implicit ${implicit.ms.toFixed(0)} ms; explicit, as near (${(100 * explicit.error).toFixed(2)} %), ${explicit.ms.toFixed(0)} ms: ${(explicit.ms / implicit.ms).toFixed(1)} times as long (wanted: at least 5)`,
  );
const blend = await blendFigures();
console.log(row(`cake blend over ${FLOURS} flours, K = 4, five answers`, blend.cake, base, 300));
console.log(row('the same for every family in turn', blend.families, base, 300));
console.log(row('K = 5', blend.five, base, 6000));
console.log(row('wishes that clash, with the ways out', blend.infeasible, base, 1000));
console.log(
  `optimality gap on 20 small questions, against every set solved by itself: ${blend.gap.toExponential(1)}`,
);
console.log(
  `HiGHS on the cake’s question with absolute deviations: ${blend.highs.seconds.toFixed(1)} s, ${blend.highs.status} (limit 10 s)`,
);
console.log(row('whole conversion', whole, base));
const reading = readingFigures();
console.log(
  `1,000 recipes of 15 lines: read in ${(reading.readMs / 1000).toFixed(2)} s (wanted: under 5), guarded in ${(reading.guardMs / 1000).toFixed(2)} s (under 1)`,
);
console.log(
  `the quantity parser alone on the same lines: ${(reading.parserMs / 1000).toFixed(2)} s; reading takes ${(reading.readMs / reading.parserMs).toFixed(1)} times that`,
);
console.log(
  `weights within their bands: ${(100 * reading.ours).toFixed(1)} % of the lines, ${(100 * reading.parser).toFixed(1)} % by the parser alone (volumes as water)`,
);
const processes = processFigures();
console.log(row('a method read as a process', processes.one, base, 3));
const pages = await cascadeFigures();
const percent = (share: number) => `${(100 * share).toFixed(1)} %`;
console.log(
  pages
    ? `pages never fitted on: lines by the cascade ${percent(pages.before.lines)}, as a whole ${percent(pages.now.lines)}; pages right ${percent(pages.before.pages)}, ${percent(pages.now.pages)}; ${(pages.now.ms / pages.before.ms).toFixed(1)} times as long`
    : 'the cascade can’t be run: there is no history here',
);
await clockFigures();
tasteFigures();
const worst = intakeFigures();
console.log(
  `the slowest of the files that nobody means well with (${worst.what}): ${worst.ms.toFixed(0)} ms (wanted: under 1000)`,
);
const page = await pageFigures();
console.log(row('edit to docket, in the browser', page.edit, base, 100));
console.log(row('main thread, a key', page.key, base, 8));
console.log(row('main thread, a move while dragging a share', page.drag, base, 8));
console.log(row('main thread, a task while a handle of “what if” moves', page.handleTask, base, 8));
console.log(row('all that it does between two moves of the handle', page.handle, base));
console.log(row('a step of the oven’s handle, to its bake on screen', page.oven, base, 300));
console.log(row('main thread, a task meanwhile', page.ovenTask, base));
console.log(row(`a wish, to a settled docket, ${FLOURS} bags`, page.wish, base));
console.log(
  `engine answers shown while dragging: ${page.answersPerSecond.toFixed(0)} a second (wanted: at least 10)`,
);
console.log(
  `heap: ${page.heapBefore.toFixed(1)} MB, after 500 edits ${page.heapAfter.toFixed(1)} MB, ratio ${(page.heapAfter / page.heapBefore).toFixed(2)}`,
);
for (const { words } of pageWeights()) console.log(words);
for (const line of learningFigures()) console.log(line);
for (const line of await loadFigures()) console.log(line);
