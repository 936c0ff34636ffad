import { BUILT_IN_KITCHEN, catalogueOf } from '../kitchen';
import { isOfBlend } from '../read';
import { conversionOf } from './testing';
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
