import { typedMeasure } from './typed';

describe('what a person types into a field', () => {
  // Exact by definition: an inch is 2.54 cm, a pound 453.59237 g (NIST SP 811, App. B).
  it.each([
    ['8 in', 'cm', 20.32],
    ['8"', 'cm', 20.32],
    ['20cm', 'cm', 20],
    ['20 cm', 'in', 20 / 2.54],
    ['350F', '°C', 176.667],
    ['350 °F', '°C', 176.667],
    ['180C', '°F', 356],
    ['½', undefined, 0.5],
    ['1 1/2', 'cm', 1.5],
    ['1,5', undefined, 1.5],
    ['1h20', 'min', 80],
    ['1 h 20 min', 'min', 80],
    ['1½ h', 'min', 90],
    ['45', 'min', 45],
    ['90 s', 'min', 1.5],
    ['1 lb', 'g', 453.59237],
    ['5000 ft', 'm', 1524],
    ['12 W', 'W', 12],
  ] as const)('%s in a field of %s is %d', (text, unit, value) =>
    expect(typedMeasure(text, unit)).toBeCloseTo(value, 2),
  );
  it.each([
    ['eight', 'cm'],
    ['8 cups', 'cm'],
    ['', 'cm'],
    ['350 kg', '°C'],
  ])('%s in a field of %s is nothing', (text, unit) => expect(typedMeasure(text, unit)).toBeNull());
});
