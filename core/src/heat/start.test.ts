import { formulaOf } from '../formula';
import { BUILT_IN_KITCHEN, catalogueOf } from '../kitchen';
import { lineOf, readText } from '../testing';
import { softenMinutes } from './softening';
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

// Common practice, no one source: a block of butter wants one to two hours, cubes half an hour, eggs the better part of one.
describe('softening', () => {
  const at = (celsius: number) => softenMinutes(celsius, catalogue).map(({ minutes }) => minutes);
  it('takes as long as bakers say, in a kitchen of 21 °C', () => {
    const [block, cubes, eggs] = at(21) as [number, number, number];
    expect(block).toBeGreaterThan(50);
    expect(block).toBeLessThan(120);
    expect(cubes).toBeLessThan(35);
    expect(eggs).toBeGreaterThan(30);
    expect(eggs).toBeLessThan(75);
  });
  it('is sooner done in a warm kitchen, and never in a cold one', () => {
    expect(at(25)[0]!).toBeLessThan(at(21)[0]!);
    expect(at(15)).toEqual([null, null, null]);
  });
});
