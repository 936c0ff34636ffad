import { say } from '../words';
import { BUILT_IN_KITCHEN, EMPTY_REQUEST, type Scale } from '../kitchen';
import { readText } from '../testing';
import { convert } from '.';

const TEXT =
  'Cake\nMakes 12 squares\n250 g plain flour\n3 medium eggs\n180 g butter\n200 g sugar\n2 tsp baking powder\n150 ml milk\nMethod\nHeat the oven to 180 °C. Butter a 20 cm square tin.\nBake for 35 minutes.';
const by = (factor: number): Scale => ({ factor, lines: [] });

describe('a docket of another size', () => {
  const docket = (scale: Scale | null) => {
    const made = convert(readText(TEXT), { ...EMPTY_REQUEST, scale }, BUILT_IN_KITCHEN);
    if (made.outcome !== 'docket') throw new Error(made.reasons.map(say).join());
    return made.docket;
  };
  it('has the balances of the first, and its time in as many more tins', () => {
    const [one, two] = [docket(null), docket(by(2))];
    for (const [at, { id, converted: once }] of one.parts[0]!.balances.entries()) {
      const now = two.parts[0]!.balances[at]!.converted;
      // Fat and sugar are told in grams, the others by the flour.
      const converted = id === 'fat' || id === 'sugar' ? 2 * once : once;
      // Powder goes by the quarter spoon.
      const within = id === 'lift' ? 0.06 : 0.02;
      expect(Math.abs(now - converted)).toBeLessThanOrEqual(within * Math.abs(converted) + 1e-6);
    }
    expect(two.bake.minutes!.central).toBeCloseTo(one.bake.minutes!.central, 0);
    expect(two.bake.pan!.count).toBe(2 * one.bake.pan!.count);
  });
  it('shows a line that is scaled by itself as a shift', () =>
    expect(docket({ factor: 1, lines: [{ line: 'l6', factor: 0.75 }] }).shifts[0]).toMatchObject({
      rule: 'scale',
      line: 'l6',
    }));
});
