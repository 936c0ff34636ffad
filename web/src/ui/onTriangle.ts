/** Height of a triangle with equal sides over its width. */
export const HIGH_OVER_WIDE = Math.sqrt(3) / 2;

/** Where three shares stand on a triangle so wide: left below, right below, top. */
export const onTriangle = (
  [, b = 0, c = 0]: readonly number[],
  width: number,
): readonly [x: number, y: number] => [(b + c / 2) * width, (1 - c) * width * HIGH_OVER_WIDE];
