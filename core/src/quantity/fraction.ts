const GLYPHS: readonly (readonly [number, string])[] = [
  [0, ''],
  [1 / 8, '⅛'],
  [1 / 4, '¼'],
  [1 / 3, '⅓'],
  [1 / 2, '½'],
  [2 / 3, '⅔'],
  [3 / 4, '¾'],
  [1, ''],
];

/** A number of cups, spoons or pieces in the nearest fraction that there is a measure for. Example: 1.5 → "1½", 0.66 → "⅔". */
export function sayFraction(value: number): string {
  const whole = Math.floor(value + 1e-9);
  const [part, glyph] = [...GLYPHS].sort(
    ([a], [b]) => Math.abs(value - whole - a) - Math.abs(value - whole - b),
  )[0]!;
  const count = whole + (part === 1 ? 1 : 0);
  return `${count > 0 || glyph === '' ? count : ''}${glyph}`;
}
