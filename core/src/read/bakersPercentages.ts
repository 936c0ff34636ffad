import { cleanLine } from './clean';

/** "Honey 80 %", "80 % honey": so much of the flour's weight. */
const SHARE =
  /^(?:(?<name>\p{L}.*?)[\s.:–-]*(?<behind>\d+(?:[.,]\d+)?) ?%|(?<ahead>\d+(?:[.,]\d+)?) ?%\s+(?<of>\p{L}.*))$/u;
/** "Total flour 400 g", "Flour weight: 1.2 kg", "100 % = 500 g". */
const TOTAL =
  /^(?:(?:total )?(?:flours?|weight of flour)(?: (?:weight|total|in all))?|(?:flour )?100 ?%)\s*[:=]?\s*(\d+(?:[.,]\d+)?) ?(k?g)\b\W*$/iu;
/** A formula has more of them; a page that names two chocolates has not. */
const FEWEST = 3;
/** Of all flours together, %; a formula may be rounded. */
const ALL = 100;
const ROUNDED = 1;

interface Formula {
  /** The line that weighs the flour, which is no ingredient itself. */
  readonly totalAt: number;
  readonly grams: number;
}

const numberIn = (written: string): number => Number(written.replace(',', '.'));

/** What a list in baker’s percentages is measured by; null: it is none, or says nowhere what its flour weighs. */
export function formulaOf(lines: readonly string[]): Formula | null {
  if (lines.filter((line) => line.includes('%')).length < FEWEST) return null;
  const plain = lines.map(cleanLine);
  const shares = plain.flatMap((line) => shareOf(line) ?? []);
  const flours = shares.filter(({ name }) => /\bflour\b|mehl\b|\bfarine\b/iu.test(name));
  const whole = flours.reduce((sum, { percent }) => sum + percent, 0);
  if (shares.length < FEWEST || Math.abs(whole - ALL) > ROUNDED) return null;
  for (const [totalAt, line] of plain.entries()) {
    const [, amount, unit] = TOTAL.exec(line) ?? [];
    if (amount !== undefined)
      return { totalAt, grams: numberIn(amount) * (unit!.toLowerCase() === 'kg' ? 1000 : 1) };
  }
  return null;
}

function shareOf(line: string): { readonly name: string; readonly percent: number } | null {
  const { name, behind, ahead, of } = SHARE.exec(line)?.groups ?? {};
  const percent = behind ?? ahead;
  return percent === undefined ? null : { name: (name ?? of)!.trim(), percent: numberIn(percent) };
}

/** Lines of a formula in baker's percentages as grams of what they name; others as they are. Example: 400 g flour, "Honey 80 %" → "320 g Honey". */
export function weighedByShares(lines: readonly (string | null)[]): (string | null)[] {
  const formula = formulaOf(lines.map((line) => line ?? ''));
  if (formula === null) return [...lines];
  return lines.map((line) => {
    const share = line === null ? null : shareOf(cleanLine(line));
    return share ? `${+((share.percent / ALL) * formula.grams).toFixed(2)} g ${share.name}` : line;
  });
}
