import { heatBound } from './heatBound';
import type { DayProblem } from './problem';

/** Loads of so many minutes at one heat, each with the soonest and the latest that it can go in. */
const day = (loads: readonly (readonly [length: number, low: number, high: number])[]) =>
  ({
    ask: { ovens: [{ id: 'o', name: 'the oven', racks: 2, preheatMinutes: 20 }] },
    items: loads.map(([length, low, high]) => ({ length, low, high, load: { celsius: 180, racks: 1 } })),
  }) as unknown as DayProblem;

describe('the least that ovens are hot', () => {
  it.each([
    [
      'four trays on two shelves, whenever they like',
      [
        [18, 0, 300],
        [18, 0, 300],
        [18, 0, 300],
        [18, 0, 300],
      ],
      36,
    ],
    [
      'one that must be out before the other three',
      [
        [18, 0, 0],
        [18, 60, 300],
        [18, 60, 300],
        [18, 60, 300],
      ],
      45,
    ],
    [
      'a long one beside a short one',
      [
        [60, 0, 100],
        [20, 0, 100],
      ],
      60,
    ],
    [
      'two that can only just meet',
      [
        [60, 0, 0],
        [20, 59, 100],
      ],
      60,
    ],
    [
      'two that never meet',
      [
        [60, 0, 0],
        [20, 60, 100],
      ],
      80,
    ],
  ] as const)('%s', (_, loads, minutes) => expect(heatBound(day(loads))).toBe(minutes));
});
