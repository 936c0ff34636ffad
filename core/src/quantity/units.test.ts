import { INCH_CM, celsiusOf, fahrenheitOf, gramsPerUnit, mlPerUnit } from '.';

// NIST Handbook 44, appendix C; NIST SP 811, appendix B.8; UK Weights and Measures Act 1985; AS 1325 (AU cups and spoons).
describe('units of weight', () => {
  it.each([
    ['gram', 1],
    ['kilogram', 1000],
    ['milligram', 0.001],
    ['ounce', 28.349523125],
    ['pound', 453.59237],
  ])('a %s is %d g exactly', (unit, grams) => expect(gramsPerUnit(unit)).toBe(grams));
  it('makes a pound of 16 ounces', () =>
    expect(16 * gramsPerUnit('ounce')!).toBeCloseTo(gramsPerUnit('pound')!, 9));
  it('knows no weight of a cup', () => expect(gramsPerUnit('cup')).toBeUndefined());
});

describe('units of volume', () => {
  const US_GALLON_CUBIC_INCHES = 231;
  const gallon = US_GALLON_CUBIC_INCHES * INCH_CM ** 3;
  it.each([
    ['gallon', 1],
    ['quart', 4],
    ['pint', 8],
    ['cup', 16],
    ['gill', 32],
    ['fluid ounce', 128],
    ['tablespoon', 256],
    ['teaspoon', 768],
  ])('a US %s is 231 in³ / %d', (unit, parts) =>
    expect(mlPerUnit(unit, 'US')).toBeCloseTo(gallon / parts, 6),
  );
  it.each([
    ['UK', 'tablespoon', 15],
    ['UK', 'dessertspoon', 10],
    ['UK', 'teaspoon', 5],
    ['UK', 'fluid ounce', 28.4130625],
    ['UK', 'pint', 568.26125],
    ['UK', 'gill', 568.26125 / 4],
    ['AU', 'tablespoon', 20],
    ['AU', 'cup', 250],
    ['metric', 'cup', 250],
    ['metric', 'deciliter', 100],
  ] as const)('in %s a %s is %d ml', (locale, unit, ml) => expect(mlPerUnit(unit, locale)).toBe(ml));
  it('knows no volume of a gram', () => expect(mlPerUnit('gram', 'US')).toBeUndefined());
});

describe('temperatures', () => {
  // NIST SP 811, B.8: t/°C = (t/°F − 32)/1.8.
  it.each([
    [32, 0],
    [212, 100],
    [350, 176.667],
    [-40, -40],
  ])('%d °F is %d °C', (fahrenheit, celsius) => {
    expect(celsiusOf(fahrenheit)).toBeCloseTo(celsius, 3);
    expect(fahrenheitOf(celsiusOf(fahrenheit))).toBeCloseTo(fahrenheit, 9);
  });
});
