import { BUILT_IN_KITCHEN, catalogueOf } from '../kitchen';
import { lineOf } from '../testing';
import { browningAt } from './browning';
import { starchSets } from './setting';

const catalogue = catalogueOf(BUILT_IN_KITCHEN);

describe('starch', () => {
  // + 0.35 K per % of sugar in sugar and water, up to 55 %; rice 67–78 °C, potato 58–66 °C.
  it('of rice sets at 78 °C in water, 17.5 °C higher with as much sugar as water', () => {
    expect(starchSets([lineOf('white-rice-flour', 100), lineOf('water', 100)], catalogue)).toBeCloseTo(78, 0);
    const sweet = [lineOf('white-rice-flour', 100), lineOf('water', 100), lineOf('caster-sugar', 100)];
    expect(starchSets(sweet, catalogue)! - 78).toBeGreaterThan(15);
    expect(starchSets(sweet, catalogue)! - 78).toBeLessThan(18);
  });
  it('of potato sets sooner', () =>
    expect(starchSets([lineOf('potato-starch', 100), lineOf('water', 100)], catalogue)!).toBeLessThan(70));
  it('that isn’t there doesn’t set', () => expect(starchSets([lineOf('butter', 100)], catalogue)).toBeNull());
});

describe('a top', () => {
  const skin = (celsius: number) => Array.from({ length: 61 }, (_, at) => [at / 2, celsius] as const);
  const sugar = [lineOf('caster-sugar', 100)];
  it('browns the more the hotter and the longer it is baked, and sooner with honey', () => {
    const kinds = ['pale', 'golden', 'deep', 'too dark'];
    const rank = (celsius: number, minutes: number, lines = sugar) =>
      kinds.indexOf(browningAt(skin(celsius), minutes, lines));
    expect(rank(90, 30)).toBe(0);
    expect(rank(170, 30)).toBe(3);
    expect(rank(135, 30)).toBeGreaterThanOrEqual(rank(135, 10));
    // Left beyond the end of its curve it browns on.
    expect(rank(150, 60)).toBeGreaterThan(rank(150, 5));
    expect(rank(140, 90)).toBeGreaterThan(rank(140, 20));
    expect(rank(128, 20, [lineOf('honey', 100)])).toBeGreaterThan(rank(128, 20));
  });
});
