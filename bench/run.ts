import { pageWeights } from '../scripts/lib/weights.mjs';
import { coreFigures, FLOURS } from './core';
import { calibration, measure, row } from './measure';
import { pageFigures } from './page';

const base = measure(calibration);
const { quick, blend, whole } = coreFigures();
console.log(
  `${''.padEnd(46)}  ${'median'.padStart(12)}  ${'p95'.padStart(12)}  ${'of the loop'.padStart(10)}`,
);
console.log(row('calibration loop', base, base));
console.log(row('read + guard + balance, 15 lines', quick, base, 10));
console.log(row(`blend over ${FLOURS} flours, at most 4 of them`, blend, base, 150));
console.log(row('whole conversion', whole, base));
const page = await pageFigures();
console.log(row('edit to docket, in the browser', page.edit, base, 100));
console.log(row('main thread, a key', page.key, base, 8));
console.log(
  `engine answers shown while dragging: ${page.answersPerSecond.toFixed(0)} a second (wanted: at least 10)`,
);
console.log(
  `heap: ${page.heapBefore.toFixed(1)} MB, after 500 edits ${page.heapAfter.toFixed(1)} MB, ratio ${(page.heapAfter / page.heapBefore).toFixed(2)}`,
);
for (const { words } of pageWeights()) console.log(words);
