import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { ChainWeights } from '../../core/src/read/page/chain';
import { shuffled } from './chance';
import { fit } from './field';
import { partsOf } from './lone';
import { labelledIn, type LabelledPage } from '../../core/src/read/page/cases/labelled';
import { withFeatures } from './pages';
import { say, scoreOf, summary, wrongOf } from './score';
import { variantsOf } from './variants';

/*
 * Fits the weights by which a page's lines get their kinds, on the labelled pages in core/src/read/page/cases. Deterministic.
 * A fifth of the pages is never fitted on and measured alone; the rest is cross-validated.
 * --dry writes nothing; --wrong lists the lines that were read wrongly.
 */

const PAGE = join(import.meta.dirname, '../../core/src/read/page');
const OUT = join(PAGE, 'data/weights.ts');
const { held, train } = labelledIn(join(PAGE, 'cases'));
const FOLDS = 5;
/** Smaller than this share of the largest weight says nothing. */
const PRUNE = 0.215;
/** So many rows of the table stand on a line. */
const ROWS_A_LINE = 4;
/** Features are kept in tenths. */
const UNIT = 0.1;

/** Small weights are left out, the rest rounded: what is measured is what is kept. */
function pruned({ features, pairs, endings }: ChainWeights): ChainWeights {
  const round = (values: readonly number[]) => values.map((value) => Number(value.toFixed(1)) + 0);
  const inUnits = (values: readonly number[]) => values.map((value) => Math.round(value / UNIT) + 0);
  const most = Math.max(...Object.values(features).flat().map(Math.abs));
  const kept = Object.entries(features).filter(([, row]) =>
    row.some((value) => Math.abs(value) >= PRUNE * most),
  );
  return {
    unit: UNIT,
    features: Object.fromEntries(kept.map(([name, row]) => [name, inUnits(row)])),
    pairs: pairs.map((half) => half.map(round)),
    endings: round(endings),
  };
}

const pages = new Map([...train, ...held].map((one) => [one, withFeatures(one)]));
const varied = new Map(train.map((one) => [one, [...variantsOf(one), ...partsOf(one)].map(withFeatures)]));
const asWritten = (some: readonly LabelledPage[]) => some.map((one) => pages.get(one)!);
const toLearn = (some: readonly LabelledPage[]) => [
  ...asWritten(some),
  ...some.flatMap((one) => varied.get(one)!),
];

const given = new Set([...train, ...held].flatMap((one) => (one.given ? [one.id] : [])));
const ofGiven = <T extends { readonly page: string }>(lines: readonly T[]) =>
  lines.filter(({ page }) => given.has(page));

console.log(`${pages.size} pages, ${held.length} of them never fitted on`);
const order = shuffled(train, 99);
const crossed = Array.from({ length: FOLDS }, (_, fold) => {
  const out = order.filter((_one, at) => at % FOLDS === fold);
  return scoreOf(asWritten(out), fit(toLearn(order.filter((one) => !out.includes(one)))));
}).flat();
say('cross-validated', crossed);
say('  of the given ones', ofGiven(crossed));
const weights = pruned(fit(toLearn(train)));
const unseen = scoreOf(asWritten(held), weights);
say('never fitted', unseen);
say('  of the given ones', ofGiven(unseen));
if (process.argv.includes('--wrong'))
  console.log([...wrongOf(crossed), '--- held', ...wrongOf(unseen)].join('\n'));

if (!process.argv.includes('--dry')) {
  const rows = Object.entries(weights.features).sort(([a], [b]) => (a < b ? -1 : 1));
  const row = (values: readonly number[]) => `[${values.join()}]`;
  const inLines = (all: readonly string[]) =>
    all.map((one, at) => (at % ROWS_A_LINE === ROWS_A_LINE - 1 ? `${one}\n` : one)).join('');
  writeFileSync(
    OUT,
    `import type { ChainWeights } from '../chain';

/**
 * Made by \`npm run fit-reader\` and never by hand: a page that is read wrongly is labelled, and the weights are fitted again.
 * ${train.length} labelled pages. Cross-validated: ${summary(crossed)}.
 * On ${held.length} never fitted: ${summary(unseen)}.
 */
export const WEIGHTS: ChainWeights = {
  unit: ${UNIT},
  pairs: [
${weights.pairs.map((half) => `    [${half.map(row).join(', ')}],`).join('\n')}
  ],
  endings: ${row(weights.endings)},
  features: {
${inLines(rows.map(([name, values]) => `${JSON.stringify(name)}:${row(values)},`))}
  },
};
`,
  );
  console.log(`${rows.length} features`);
}
