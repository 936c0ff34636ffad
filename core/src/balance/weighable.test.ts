import { cupOf } from '../blend';
import { BUILT_IN_KITCHEN, catalogueOf } from '../kitchen';
import { isOfBlend } from '../read';
import { conversionOf, gramsOf } from './testing';
import { binderGrams } from './ledger';

const catalogue = catalogueOf(BUILT_IN_KITCHEN);

describe('flours that a kitchen can weigh', () => {
  it('are one alone for a spoonful, and never less than a scale shows', () => {
    for (const grams of [10, 20, 24, 40, 60, 300]) {
      const { lines } = conversionOf(
        `${grams} g plain flour\n${grams} ml milk\n${grams / 5} g egg`,
        'pancake',
      );
      const flours = lines.filter(({ line }) => isOfBlend(line));
      if (grams < 25) expect(flours).toHaveLength(1);
      if (grams < 50) expect(flours.length).toBeLessThanOrEqual(2);
      for (const one of flours) expect(one.grams).toBeGreaterThanOrEqual(3);
    }
  });
  it('want no gum where ground nuts and egg hold: a frangipane', () => {
    const { lines } = conversionOf(
      '125 g butter\n125 g caster sugar\n2 eggs\n150 g ground almonds\n40 g plain flour',
      'creamed-cake',
    );
    expect(binderGrams(lines, catalogue)).toBe(0);
  });
});

describe('a weight that moves', () => {
  it('isn’t moved by so little that nobody tastes it', () => {
    const { lines } = conversionOf(
      '500 g bread flour\n7 g yeast\n60 g granulated sugar\n260 g whole milk\n75 g butter\n55 g egg',
      'yeast-dough',
    );
    expect(gramsOf(lines, 'granulated-sugar')).toBe(60);
    expect(gramsOf(lines, 'butter')).toBe(75);
  });
  it('of powder goes by the quarter spoon', () => {
    const { lines } = conversionOf(
      '250 g plain flour\n6.7 g baking powder\n250 g sugar\n200 g egg\n225 g butter\n60 g whole milk',
      'creamed-cake',
    );
    const quarter = 0.25 * (215 / 48);
    const steps = gramsOf(lines, 'baking-powder') / quarter;
    expect(steps).toBeGreaterThan(4);
    expect(steps).toBeCloseTo(Math.round(steps), 6);
  });
  it('of soda goes by the spoon as well where its acid is gone', () => {
    const { lines } = conversionOf(
      '400 g plain flour\n5 g baking soda\n6 g salt\n40 g butter\n350 g buttermilk',
      'scone',
      { without: ['milk'] },
    );
    const step = (gramsOf(lines, 'baking-soda') / cupOf('baking-soda', catalogue)) * 48 * 8;
    expect(step).toBeGreaterThan(0);
    expect(step).toBeCloseTo(Math.round(step), 6);
  });
});

it('a crust of ground almonds gets no more gum than is called gummy, and hardly more water', () => {
  const crust = '310 g plain flour\n12 g sugar\n225 g butter\n105 g water';
  const { lines, balances } = conversionOf(crust, 'pastry', { diet: 'grain-free' });
  const of = (id: string) => balances.find((one) => one.id === id)!;
  expect(of('binder').converted).toBeLessThanOrEqual(of('binder').band[1] * 1.1);
  expect(gramsOf(lines, 'water')).toBeLessThan(125);
});
