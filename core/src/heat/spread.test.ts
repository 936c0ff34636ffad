import { familyOf } from '../family';
import { formulaOf } from '../formula';
import { BUILT_IN_KITCHEN, catalogueOf } from '../kitchen';
import { lineOf, readText } from '../testing';
import { pieceOf } from './spread';

const catalogue = catalogueOf(BUILT_IN_KITCHEN);
const linesOf = (text: string) => formulaOf(readText(text)).flatMap(({ lines }) => lines);

describe('a cookie', () => {
  const base = { 'white-rice-flour': 150, butter: 100, 'caster-sugar': 100, egg: 50 };
  const high = (over: Partial<typeof base>, doughCelsius = 20, ovenCelsius = 177) =>
    pieceOf(
      Object.entries({ ...base, ...over }).map(([id, grams]) => lineOf(id, grams)),
      familyOf('drop-cookie'),
      { ml: 30, doughCelsius, ovenCelsius },
      catalogue,
    ).depthCm;
  it.each([
    ['more butter', { butter: 130 }],
    ['more sugar', { 'caster-sugar': 130 }],
    ['less flour', { 'white-rice-flour': 120 }],
  ])('runs further with %s', (_, over) => expect(high(over)).toBeLessThan(high({})));
  it('keeps its height when the dough is cold, and when the oven is hot', () => {
    expect(high({}, 5)).toBeGreaterThan(high({}));
    expect(high({}, 20, 200)).toBeGreaterThan(high({}));
  });
  it('loses nothing: its height times its floor is the scoop', () => {
    const { depthCm, acrossCm } = pieceOf(
      linesOf('200 g plain flour\n100 g butter\n80 g sugar'),
      familyOf('drop-cookie'),
      { ml: 45, doughCelsius: 20, ovenCelsius: 177 },
      catalogue,
    );
    expect(depthCm * Math.PI * (acrossCm / 2) ** 2).toBeCloseTo(45, 6);
  });
});
