import { contourOf, levelsBetween } from './contours';

const plane = (value: (x: number, y: number) => number) =>
  Array.from({ length: 11 }, (_, i) =>
    Array.from({ length: 11 }, (__, j) => ({ i, j, x: i, y: j, value: value(i, j) })),
  ).flat();

describe('a contour', () => {
  it('of a plane is a straight line across it, at its level everywhere', () => {
    const pieces = contourOf(
      plane((x, y) => x + y),
      7.5,
    );
    expect(pieces.length).toBeGreaterThan(10);
    for (const [x, y] of pieces.flat()) expect(x + y).toBeCloseTo(7.5, 9);
  });
  it('of a hill is about as long as the circle that it is', () => {
    const pieces = contourOf(
      plane((x, y) => -((x - 5) ** 2) - (y - 5) ** 2),
      -9,
    );
    const length = pieces.reduce((sum, [a, b]) => sum + Math.hypot(a[0] - b[0], a[1] - b[1]), 0);
    expect(Math.abs(length / (2 * Math.PI * 3) - 1)).toBeLessThan(0.05);
  });
  it('is nothing beyond what there is, nor across a hole', () => {
    expect(
      contourOf(
        plane((x) => x),
        20,
      ),
    ).toEqual([]);
    const holed = plane((x) => x).filter(({ i, j }) => !(i > 2 && i < 8 && j > 2 && j < 8));
    for (const [[, y]] of contourOf(holed, 5.5)) expect(y <= 2 || y >= 8).toBe(true);
  });
  it.each([
    [4.2, 7.9, [5, 6, 7]],
    [6, 6.3, [6.1, 6.2]],
    [5, 5, []],
  ])('levels from %d to %d are %j', (low, high, levels) => {
    const found = levelsBetween(low, high);
    expect(found).toHaveLength(levels.length);
    found.forEach((one, at) => expect(one).toBeCloseTo(levels[at]!, 9));
  });
});
