import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { performance } from 'node:perf_hooks';
import { pathToFileURL } from 'node:url';
import { BUILT_IN_KITCHEN, catalogueOf } from '../core/src/kitchen';
import { matchIngredient } from '../core/src/read';
import { kindsOf } from '../core/src/read/page';
import { labelledIn, type LabelledPage } from '../core/src/read/page/cases/labelled';
import { PAGE_KINDS, type PageKind } from '../core/src/vocabulary';

/** The last commit that sorted lines one after the other by patterns. */
const LAST_COMMIT = 'cdcd164';
const READ = join(import.meta.dirname, '../core/src/read');

type Sort = 'title' | 'ingredient' | 'heading' | 'note' | 'method';
type SortLines = (lines: readonly string[], known: (words: string) => boolean) => readonly Sort[];

/** What each kind was called by the cascade; a heading was a note or a step where it named no part. */
const CALLED: Readonly<Record<PageKind, readonly Sort[]>> = {
  title: ['title'],
  yield: ['note'],
  time: ['note'],
  heading: ['heading', 'note', 'method'],
  ingredient: ['ingredient'],
  step: ['method'],
  prose: ['ingredient', 'method'],
  note: ['note'],
  junk: ['note'],
};

/** The cascade as it was, out of the history; null where there is none. */
async function cascade(): Promise<SortLines | null> {
  const folder = mkdtempSync(join(tmpdir(), 'cascade-'));
  try {
    const source = execFileSync('git', ['show', `${LAST_COMMIT}:core/src/read/sections.ts`], {
      cwd: READ,
      encoding: 'utf8',
      stdio: ['ignore', 'pipe', 'ignore'],
    });
    const file = join(folder, 'sections.ts');
    writeFileSync(file, source.replaceAll("from './", `from '${pathToFileURL(READ).href}/`));
    return ((await import(pathToFileURL(file).href)) as { sortLines: SortLines }).sortLines;
  } catch {
    return null;
  } finally {
    rmSync(folder, { recursive: true });
  }
}

interface Figures {
  readonly ms: number;
  readonly lines: number;
  readonly pages: number;
}

function figures(pages: readonly LabelledPage[], sortsOf: (page: LabelledPage) => readonly Sort[]): Figures {
  const began = performance.now();
  const found = pages.map(sortsOf);
  const ms = performance.now() - began;
  const right = pages.map(({ rows }, n) =>
    rows.map(({ kind, also }, at) =>
      [kind, ...also].some((one) => CALLED[PAGE_KINDS[one]!].includes(found[n]![at]!)),
    ),
  );
  const lines = right.flat();
  return {
    ms,
    lines: lines.filter(Boolean).length / lines.length,
    pages: right.filter((page) => page.every(Boolean)).length / pages.length,
  };
}

/** The cascade and the page read as a whole, side by side on the pages that nothing was fitted on; null without a history. */
export async function cascadeFigures(): Promise<{ readonly before: Figures; readonly now: Figures } | null> {
  const sortLines = await cascade();
  if (!sortLines) return null;
  const catalogue = catalogueOf(BUILT_IN_KITCHEN);
  const { held, train } = labelledIn(join(READ, 'page/cases'));
  const known = (words: string) => matchIngredient(words, catalogue)?.match === 'exact';
  const byCascade = ({ rows }: LabelledPage) =>
    sortLines(
      rows.map(({ line }) => line),
      known,
    );
  const asWhole = ({ rows }: LabelledPage) =>
    kindsOf(
      rows.map(({ line }) => line),
      rows.map(({ gap }) => gap),
      catalogue,
    ).map(({ kind }) => CALLED[kind][0]!);
  train.slice(0, 20).forEach((page) => [byCascade(page), asWhole(page)]);
  return { before: figures(held, byCascade), now: figures(held, asWhole) };
}
