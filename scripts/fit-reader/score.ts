import { decideKinds, type ChainWeights } from '../../core/src/read/page/chain';
import { PAGE_KINDS } from '../../core/src/vocabulary';
import { numberOf, type LabelledLine } from '../../core/src/read/page/cases/labelled';
import type { Page } from './pages';

/** They are all beside the recipe: a page is right when it has each line's kind, these counted as one. */
const BESIDE = new Set(['note', 'junk', 'time', 'yield'].map(numberOf));
const alike = (a: number, b: number) => a === b || (BESIDE.has(a) && BESIDE.has(b));

interface Line {
  readonly page: string;
  readonly source: string;
  readonly gold: number;
  readonly found: number;
  readonly sure: number;
  readonly right: boolean;
  /** Right where what is beside the recipe counts as one. */
  readonly near: boolean;
}

function lineOf(page: string, { kind, also, line }: LabelledLine, found: number, sure: number): Line {
  const right = found === kind || also.includes(found);
  const near = right || [kind, ...also].some((one) => alike(found, one));
  return { page, source: line, gold: kind, found, sure, right, near };
}

/** Every line of some pages with what it was taken for. */
export const scoreOf = (pages: readonly Page[], weights: ChainWeights): Line[] =>
  pages.flatMap(({ id, rows, furniture, active }) => [
    ...decideKinds(active, weights).map(({ kind, sure }, at) => lineOf(id, rows[at]!, numberOf(kind), sure)),
    ...furniture.map((row) => lineOf(id, row, numberOf('junk'), 1)),
  ]);

const share = (part: number, all: number) => `${((100 * part) / Math.max(1, all)).toFixed(1)} %`;
const right = (lines: readonly Line[]) => share(lines.filter((line) => line.right).length, lines.length);

/** Lines and pages right, in words. */
export function summary(lines: readonly Line[]): string {
  const pages = new Set(lines.map(({ page }) => page));
  const wrong = new Set(lines.filter(({ near }) => !near).map(({ page }) => page));
  const whole = pages.size - wrong.size;
  return `${right(lines)} of ${lines.length} lines, ${whole} of ${pages.size} pages right (${share(whole, pages.size)})`;
}

export function say(name: string, lines: readonly Line[]): void {
  console.log(`${name}: ${summary(lines)}`);
  const byKind = PAGE_KINDS.map((kind, k) => `${kind} ${right(lines.filter(({ gold }) => gold === k))}`);
  const sure = lines.filter((line) => line.sure >= 0.8);
  console.log(`  ${byKind.join(' · ')}`);
  console.log(
    `  sure by 0.8: ${share(sure.length, lines.length)} of the lines, of these ${right(sure)} right`,
  );
}

export const wrongOf = (lines: readonly Line[]): string[] =>
  lines
    .filter(({ near }) => !near)
    .map(
      ({ page, source, gold, found, sure }) =>
        `${page}: ${PAGE_KINDS[gold]} taken for ${PAGE_KINDS[found]} (${sure.toFixed(2)}): ${source.trim().slice(0, 90)}`,
    );
