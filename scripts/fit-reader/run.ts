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
/** The features take no more than this, bytes, so that the file stays under 200 kB: the smallest weights go, by a share of the largest, until they don't. */
const MOST_BYTES = 198_000;
const PRUNE_FROM = 0.2;
const PRUNE_STEP = 0.005;
/** So many rows of the table stand on a line. */
const ROWS_A_LINE = 4;
/** Features are kept in tenths. */
const UNIT = 0.1;

/** The features of a table as they are written. */
function featureRows({ features }: ChainWeights): string {
  const rows = Object.entries(features).sort(([a], [b]) => (a < b ? -1 : 1));
  return rows
    .map(([name, values], at) => {
      const end = at % ROWS_A_LINE === ROWS_A_LINE - 1 ? '\n' : '';
      return `${JSON.stringify(name)}:[${values.join()}],${end}`;
    })
    .join('');
}

/** Small weights are left out until the table is small enough, the rest rounded: what is measured is what is kept. */
function pruned(weights: ChainWeights, least = PRUNE_FROM): ChainWeights {
  const kept = keptFrom(weights, least);
  return Buffer.byteLength(featureRows(kept)) <= MOST_BYTES ? kept : pruned(weights, least + PRUNE_STEP);
}

function keptFrom({ features, pairs, endings }: ChainWeights, least: number): ChainWeights {
  const round = (values: readonly number[]) => values.map((value) => Number(value.toFixed(1)) + 0);
  const inUnits = (values: readonly number[]) => values.map((value) => Math.round(value / UNIT) + 0);
  const most = Math.max(...Object.values(features).flat().map(Math.abs));
  const kept = Object.entries(features).filter(([, row]) =>
    row.some((value) => Math.abs(value) >= least * most),
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
/** Given pages are of the kind that is read most: each is learnt from once more. */
const toLearn = (some: readonly LabelledPage[]) => [
  ...asWritten(some),
  ...asWritten(some.filter((one) => one.given)),
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
  const row = (values: readonly number[]) => `[${values.join()}]`;
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
${featureRows(weights)}
  },
};
`,
  );
  console.log(`${Object.keys(weights.features).length} features`);
}
