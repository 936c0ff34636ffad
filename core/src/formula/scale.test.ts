import fc from 'fast-check';
import type { Scale } from '../kitchen';
import { readText, runs } from '../testing';
import { formulaOf, partEggs, scaleRecipe, weighThis } from '.';

const TEXT =
  'Cake\nMakes 12 squares\n250 g plain flour\n3 medium eggs\n180 g butter\n200 g sugar\n2 tsp baking powder\n150 ml milk\nMethod\nHeat the oven to 180 °C. Butter a 20 cm square tin.\nBake for 35 minutes.';
const grams = (scale: Scale | null) =>
  formulaOf(scaleRecipe(readText(TEXT), scale))[0]!.lines.map((line) => line.grams);
const by = (factor: number): Scale => ({ factor, lines: [] });
const FACTOR = fc.double({ min: 0.1, max: 10, noNaN: true });

describe('scaling', () => {
  it('by a and then by b is scaling by ab', () =>
    fc.assert(
      fc.property(FACTOR, FACTOR, (a, b) => {
        const twice = formulaOf(scaleRecipe(scaleRecipe(readText(TEXT), by(a)), by(b)))[0]!.lines;
        const once = grams(by(a * b));
        twice.forEach((line, at) => expect(line.grams).toBeCloseTo(once[at]!, 6));
      }),
      runs(16),
    ));
  it('makes more with a larger factor', () =>
    fc.assert(
      fc.property(FACTOR, (a) =>
        grams(by(a * 1.1)).forEach((more, at) => expect(more).toBeGreaterThan(grams(by(a))[at]!)),
      ),
      runs(17),
    ));
  it('takes one line further than the rest', () => {
    const line = formulaOf(readText(TEXT))[0]!.lines[3]!.line;
    const uneven = grams({ factor: 2, lines: [{ line, factor: 0.5 }] });
    expect(uneven[3]).toBeCloseTo(grams(null)[3]!, 6);
    expect(uneven[0]).toBeCloseTo(2 * grams(null)[0]!, 6);
  });
  it('carries the yield along', () =>
    expect(scaleRecipe(readText(TEXT), by(1.5)).yields).toMatchObject({ low: 18 }));
  it('says what to do with a part egg', () => {
    const [half] = partEggs(scaleRecipe(readText(TEXT), by(0.5)));
    expect(half).toMatchObject({ crack: 2, whole: 1 });
    expect(half!.grams).toBeCloseTo(25.5, 0);
    expect(partEggs(scaleRecipe(readText(TEXT), by(2)))).toEqual([]);
  });
});

describe('the line to weigh first', () => {
  it('is the flour by the cup that counts most', () =>
    expect(weighThis(readText('2 cups plain flour\n1/4 cup rye flour\n200 g sugar'))).toMatchObject({
      ingredient: 'all-purpose-flour',
    }));
  it('is none where the flour is weighed', () =>
    expect(weighThis(readText('200 g plain flour\n1 cup sugar'))).toBeNull());
});
