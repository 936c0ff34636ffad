import highsLoader from 'highs';
import type { DayProblem } from '@omniarton/core/clock';

/** Longer than any day that is asked here, minutes: what a constraint that is off is lifted by. */
const OFF = 5000;
const LIMIT_SECONDS = 30;

/** One stretch of work in a day with one pair of hands. */
interface Stretch {
  readonly item: number;
  readonly offset: number;
  readonly length: number;
}

/** For two that may not overlap a choice which is first: rows of a program in LP's own words. */
function apart(name: string, a: Stretch, b: Stretch, gapAb: number, gapBa: number): string[] {
  return [
    ` s${b.item} - s${a.item} - ${OFF} ${name} >= ${a.offset + a.length + gapAb - b.offset - OFF}`,
    ` s${a.item} - s${b.item} + ${OFF} ${name} >= ${b.offset + b.length + gapBa - a.offset}`,
  ];
}

/** The latest begin of a small day as a mixed-integer program: one pair of hands, one oven with one shelf, nobody asleep. */
function programOf(
  { items, gaps, preheat, horizon }: DayProblem,
  turn: (from: number, to: number) => number,
): string {
  const rows: string[] = [];
  const binaries: string[] = [];
  const choice = () => (binaries.push(`y${binaries.length}`), binaries.at(-1)!);
  for (const { from, to, least, most } of gaps) {
    rows.push(` s${to} - s${from} >= ${least}`);
    if (most !== null) rows.push(` s${to} - s${from} <= ${most}`);
  }
  items.forEach(({ load }, at) => rows.push(` s${at} - day >= ${load ? preheat : 0}`));
  const hands = items.flatMap((one, item) =>
    one.hands.map(({ offset, length }): Stretch => ({ item, offset, length })),
  );
  hands.forEach((a, n) =>
    hands.slice(0, n).forEach((b) => a.item !== b.item && rows.push(...apart(choice(), a, b, 0, 0))),
  );
  const loads = items.flatMap(({ load, length }, item) =>
    load ? [{ item, offset: 0, length, celsius: load.celsius }] : [],
  );
  loads.forEach((a, n) =>
    loads
      .slice(0, n)
      .forEach((b) =>
        rows.push(...apart(choice(), a, b, turn(a.celsius, b.celsius), turn(b.celsius, a.celsius))),
      ),
  );
  const bounds = items.map(({ low, high }, at) => ` ${low} <= s${at} <= ${high}`);
  return `Maximize\n obj: day\nSubject To\n${rows.map((row, at) => ` c${at}:${row}`).join('\n')}\nBounds\n${bounds.join('\n')}\n 0 <= day <= ${horizon}\nGeneral\n ${items.map((_, at) => `s${at}`).join(' ')} day\nBinary\n ${binaries.join(' ')}\nEnd\n`;
}

/** The latest begin by HiGHS, minutes of the day's axis; null where it isn't proven within half a minute. */
export async function latestByProgram(
  problem: DayProblem,
  turn: (from: number, to: number) => number,
): Promise<{ readonly begin: number | null; readonly ms: number }> {
  const highs = await highsLoader();
  const program = programOf(problem, turn);
  const began = performance.now();
  const solved = highs.solve(program, { time_limit: LIMIT_SECONDS, mip_rel_gap: 0 });
  const ms = performance.now() - began;
  return { begin: solved.Status === 'Optimal' ? Math.round(solved.ObjectiveValue) : null, ms };
}
