import fc from 'fast-check';
import { runs } from '../testing';
import {
  addRanges,
  kitchenVolume,
  multiplyRanges,
  range,
  roundGrams,
  sayVolume,
  scaleRange,
  settle,
  toEnd,
  US_CUP_ML,
} from '.';

describe('grams as a cook weighs them', () => {
  it.each([
    [0.46, 0.46],
    [2.31, 2.3],
    [8.79, 8.8],
    [37.5, 38],
    [102.4, 102],
    [123.4, 125],
    [247, 245],
    [0, 0],
  ])('%d g is weighed as %d', (grams, weighed) => expect(roundGrams(grams)).toBeCloseTo(weighed, 9));
  it('never moves a weight by more than 2 %', () =>
    fc.assert(
      fc.property(fc.double({ min: 0.001, max: 50_000, noNaN: true }), (grams) => {
        expect(Math.abs(roundGrams(grams) - grams)).toBeLessThanOrEqual(0.02 * grams + 1e-12);
      }),
      runs(11),
    ));
  it('keeps the order of weights', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 9000, noNaN: true }),
        fc.double({ min: 1.05, max: 9, noNaN: true }),
        (grams, factor) => {
          expect(roundGrams(grams * factor)).toBeGreaterThanOrEqual(roundGrams(grams));
        },
      ),
      runs(11),
    ));
  it.each([-1, Number.NaN])('takes no weight of %d', (grams) =>
    expect(() => roundGrams(grams)).toThrow(RangeError),
  );
});

describe('volumes in kitchen fractions', () => {
  const tsp = US_CUP_ML / 48;
  it.each([
    [tsp / 20, 'a pinch'],
    [tsp / 8, '⅛ tsp'],
    [0.26 * tsp, '¼ tsp'],
    [1.75 * tsp, '1¾ tsp'],
    [2.5 * tsp, '2½ tsp'],
    [3 * tsp, '1 tbsp'],
    [US_CUP_ML / 4, '¼ cup'],
    [US_CUP_ML / 3, '⅓ cup'],
    [0.98 * US_CUP_ML, '1 cup'],
    [1.5 * US_CUP_ML, '1½ cups'],
    [US_CUP_ML * 0.3875, '⅓ cup + 1 tbsp'],
    [7.5 * tsp, '2 tbsp + 1½ tsp'],
  ])('%d ml is %s', (ml, words) => expect(kitchenVolume(ml)).toBe(words));
  it('is within 5 % of what it stands for from a teaspoon on, or isn’t shown', () =>
    fc.assert(
      fc.property(fc.double({ min: tsp, max: 8 * US_CUP_ML, noNaN: true }), (ml) => {
        const words = kitchenVolume(ml);
        if (words === null) return;
        const UNITS: Record<string, number> = { tsp, tbsp: 3 * tsp, cup: US_CUP_ML, cups: US_CUP_ML };
        const PARTS: Record<string, number> = {
          '⅛': 1 / 8,
          '¼': 1 / 4,
          '⅓': 1 / 3,
          '½': 1 / 2,
          '⅔': 2 / 3,
          '¾': 3 / 4,
        };
        const measures = words.split(' + ');
        expect(measures.length).toBeLessThanOrEqual(2);
        const sum = measures.reduce((all, one) => {
          const [, whole = '', part = '', unit = ''] = /^(\d*)(\D?) (\w+)$/.exec(one)!;
          return all + (Number(whole) + (PARTS[part] ?? 0)) * UNITS[unit]!;
        }, 0);
        expect(Math.abs(sum / ml - 1)).toBeLessThan(0.0501);
      }),
      runs(23),
    ));
});

describe('numbers with their doubt', () => {
  const arbitrary = fc
    .tuple(fc.double({ min: 0, max: 500, noNaN: true }), fc.double({ min: 0, max: 1, noNaN: true }))
    .map(([central, doubt]) => range(central, central * (1 - doubt), central * (1 + doubt)));
  it('stay in order through sums, products and scaling', () =>
    fc.assert(
      fc.property(arbitrary, arbitrary, fc.double({ min: 0, max: 20, noNaN: true }), (a, b, factor) => {
        for (const { low, central, high } of [addRanges(a, b), multiplyRanges(a, b), scaleRange(a, factor)])
          expect(low <= central && central <= high).toBe(true);
      }),
      runs(11),
    ));
  it('mend ends that are the wrong way round', () =>
    expect(range(5, 9, 2)).toEqual({ central: 5, low: 5, high: 5 }));
  it('settle to six digits', () => expect(settle(1 / 3)).toBe(0.333333));
});

describe('a long computation', () => {
  it('gives its result at the end, however often it has yielded', () => {
    function* steps() {
      yield 0.5;
      yield 0.9;
      return 'done';
    }
    expect(toEnd(steps())).toBe('done');
  });
});

describe('volumes by cups and spoons alone', () => {
  it.each([
    [US_CUP_ML, 'us-cups', '1 cup'],
    [US_CUP_ML * 1.125, 'us-cups', '1 cup + 2 tbsp'],
    [US_CUP_ML / 3, 'us-cups', '⅓ cup'],
    [US_CUP_ML / 48, 'us-cups', '1 tsp'],
    [US_CUP_ML / 32, 'us-cups', '½ tbsp'],
    [250, 'metric-cups', '1 cup'],
    [15, 'metric-cups', '1 tbsp'],
    [0.2, 'metric-cups', 'a pinch'],
  ] as const)('%d ml in %s: %s', (ml, drawer, words) => expect(sayVolume(ml, drawer)).toBe(words));
  it('keep within 2 % from a tablespoon on, so that no balance moves by more', () => {
    const glyphs: Record<string, number> = {
      '⅛': 1 / 8,
      '¼': 1 / 4,
      '⅓': 1 / 3,
      '⅜': 3 / 8,
      '½': 1 / 2,
      '⅝': 5 / 8,
      '⅔': 2 / 3,
      '¾': 3 / 4,
      '⅞': 7 / 8,
    };
    const back = (words: string) =>
      words.split(' + ').reduce((sum, part) => {
        const [, whole = '', glyph = '', unit = ''] = /^(\d*)([⅛¼⅓⅜½⅝⅔¾⅞]?) (cup|tbsp|tsp)/.exec(part)!;
        return sum + (Number(whole) + (glyphs[glyph] ?? 0)) * { cup: 250, tbsp: 15, tsp: 5 }[unit]!;
      }, 0);
    fc.assert(
      fc.property(fc.double({ min: 16, max: 3000, noNaN: true }), (ml) => {
        expect(Math.abs(back(sayVolume(ml, 'metric-cups')) - ml)).toBeLessThanOrEqual(0.0201 * ml + 0.01);
      }),
      runs(12),
    );
  });
});
