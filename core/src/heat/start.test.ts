import { formulaOf } from '../formula';
import { BUILT_IN_KITCHEN, catalogueOf } from '../kitchen';
import { lineOf, readText } from '../testing';
import { mixedWithFrozen } from './start';

const catalogue = catalogueOf(BUILT_IN_KITCHEN);
const linesOf = (text: string) => formulaOf(readText(text)).flatMap(({ lines }) => lines);

describe('what goes in frozen', () => {
  const batter = linesOf('300 g plain flour\n200 g caster sugar\n200 g egg\n200 ml milk\n150 g butter');
  it('cools the batter, but not below its own cold', () => {
    const some = mixedWithFrozen(batter, [lineOf('blueberries', 100)], 20, catalogue);
    const more = mixedWithFrozen(batter, [lineOf('blueberries', 300)], 20, catalogue);
    expect(some).toBeLessThan(18);
    expect(more).toBeLessThan(some);
    expect(more).toBeGreaterThan(-18);
  });
  it('that isn’t there changes nothing', () => expect(mixedWithFrozen(batter, [], 20, catalogue)).toBe(20));
  // By hand: 100 g of water as ice at −18 °C takes 100·(18·2.0 + 333.6) J = 37 kJ to melt, 900 g of water at 20 °C give 75 kJ down to
  // 0 °C: (75.3 − 37.0)/(1000·4.18) = 9.2 °C.
  it('gives its cold as a balance of heat has it', () =>
    expect(mixedWithFrozen([lineOf('water', 900)], [lineOf('water', 100)], 20, catalogue)).toBeCloseTo(
      9.2,
      0,
    ));
});
