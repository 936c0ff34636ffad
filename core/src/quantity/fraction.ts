const GLYPHS: readonly (readonly [number, string])[] = [
  [1 / 8, '⅛'],
  [1 / 4, '¼'],
  [1 / 3, '⅓'],
  [3 / 8, '⅜'],
  [1 / 2, '½'],
  [5 / 8, '⅝'],
  [2 / 3, '⅔'],
  [3 / 4, '¾'],
  [7 / 8, '⅞'],
];

/** A number that is whole but for one of the fractions that have a sign. Example: 1.5 → "1½", 2 → "2". */
export function sayMixed(count: number): string {
  const whole = Math.floor(count + 1e-9);
  const glyph = GLYPHS.find(([part]) => Math.abs(part - (count - whole)) < 1e-6)?.[1] ?? '';
  return `${whole > 0 || glyph === '' ? whole : ''}${glyph}`;
}

/** Fractions that there is a measure for. */
const MEASURED = [0, 1 / 8, 1 / 4, 1 / 3, 1 / 2, 2 / 3, 3 / 4, 1];

/** A number of cups, spoons or pieces in the nearest fraction that there is a measure for. Example: 1.5 → "1½", 0.66 → "⅔". */
export function sayFraction(value: number): string {
  const whole = Math.floor(value + 1e-9);
  const off = (part: number) => Math.abs(value - whole - part);
  return sayMixed(whole + MEASURED.reduce((best, part) => (off(part) < off(best) ? part : best)));
}
