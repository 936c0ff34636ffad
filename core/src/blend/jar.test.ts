import fc from 'fast-check';
import { BUILT_IN_KITCHEN, catalogueOf } from '../kitchen';
import { runs } from '../testing';
import { cupOfBlend, jarLabel, mixJar, wholeBags, type BagLeft } from '.';

const catalogue = catalogueOf(BUILT_IN_KITCHEN);
const MADE_OF = [
  { ingredient: 'white-rice-flour', share: 0.4 },
  { ingredient: 'potato-starch', share: 0.35 },
  { ingredient: 'tapioca-starch', share: 0.25 },
];
const bag = (name: string, ingredient: string, grams: number): BagLeft => ({ bag: name, ingredient, grams });

describe('a jar', () => {
  it('of 1.2 kg has its grams by flour, out of the smallest bags first', () => {
    const { lines } = mixJar(
      MADE_OF,
      1200,
      [bag('a', 'white-rice-flour', 300), bag('b', 'white-rice-flour', 1000)],
      catalogue,
    );
    expect(lines.map(({ grams }) => Math.round(grams))).toEqual([480, 420, 300]);
    expect(lines[0]!.from).toEqual([
      { bag: 'a', grams: 300, empties: true },
      { bag: 'b', grams: 180, empties: false },
    ]);
    expect(lines[1]!.missing).toBeCloseTo(420, 6);
  });
  it('takes what it weighs, and from no bag more than is in it', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 50, max: 3000 }),
        fc.array(fc.integer({ min: 0, max: 900 }), { minLength: 6, maxLength: 6 }),
        (grams, left) => {
          const bags = left.map((each, at) => bag(`b${at}`, MADE_OF[at % 3]!.ingredient, each));
          const { lines } = mixJar(MADE_OF, grams, bags, catalogue);
          for (const line of lines) {
            const taken = line.from.reduce((sum, one) => sum + one.grams, 0);
            expect(Math.abs(taken + line.missing - line.grams)).toBeLessThan(0.5);
            for (const one of line.from)
              expect(one.grams).toBeLessThanOrEqual(bags.find((each) => each.bag === one.bag)!.grams);
          }
        },
      ),
      runs(1),
    ));
  it('is made a little larger where that empties a bag', () => {
    const bags = [
      bag('a', 'white-rice-flour', 500),
      bag('b', 'potato-starch', 1000),
      bag('c', 'tapioca-starch', 1000),
    ];
    const whole = wholeBags(MADE_OF, 1200, bags, catalogue)!;
    expect(whole.grams).toBeCloseTo(1250, 6);
    expect(whole.emptied).toBe(1);
    expect(wholeBags(MADE_OF, 700, bags, catalogue)).toBeNull();
  });
  it('says on its label what is in it, most first, with what its parts hold', () => {
    const label = jarLabel(
      'the tall jar',
      [
        { ingredient: 'tapioca-starch', share: 0.2 },
        { ingredient: 'almond-flour', share: 0.8 },
      ],
      catalogue,
    );
    expect(label.contents).toEqual([
      { name: 'blanched almond flour', percent: 80 },
      { name: 'tapioca starch', percent: 20 },
    ]);
    expect(label.contains).toEqual(['tree nuts']);
    expect(label.gluten).toBe('free');
  });
  it('weighs by the cup between its lightest and its heaviest flour', () => {
    const cup = cupOfBlend({ 'white-rice-flour': 1, 'tapioca-starch': 1 }, catalogue);
    // Volumes add: 2 / (1/150 + 1/118).
    expect(cup).toBeCloseTo(132.1, 1);
  });
});
