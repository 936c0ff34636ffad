import fc from 'fast-check';
import { BUILT_IN_KITCHEN, catalogueOf, type LineCorrection } from '../kitchen';
import { counter, readText, runs } from '../testing';
import type { Locale } from '../vocabulary';
import { cleanLine, ingredientLines, readRecipe } from '.';

const first = (text: string) => readText(text).parts[0]!.lines.find(({ kind }) => kind === 'ingredient')!;
const grams = (text: string) => first(text).items[0]!.grams!.central;

describe('where a recipe comes from', () => {
  it.each<[Locale, string]>([
    ['US', '2 cups all-purpose flour\n1 stick butter'],
    ['UK', '225 g plain flour\n110 g caster sugar\n1 tsp bicarbonate of soda'],
    ['AU', '1 cup wheaten cornflour\n20 ml tablespoons'],
    ['metric', '250 g flour\n3 dl milk'],
  ])('%s: %j', (locale, text) => expect(readText(text).locale).toBe(locale));
  it('makes the spoon larger in Australia', () => {
    const text = '4 tbsp honey';
    const of = (locale: Locale) =>
      readRecipe(text, { kitchen: BUILT_IN_KITCHEN, newId: counter(), locale }).recipe.parts[0]!.lines[0]!
        .items[0]!.grams!.central;
    expect(of('AU') / of('UK')).toBeCloseTo(20 / 15, 6);
    expect(of('US') / of('UK')).toBeCloseTo(14.78676 / 15, 5);
  });
});

describe('what a person puts right', () => {
  const corrected = (text: string, correction: Partial<LineCorrection>) =>
    readRecipe(text, {
      kitchen: BUILT_IN_KITCHEN,
      newId: counter(),
      corrections: [{ line: 'l1', ...correction }],
    }).recipe;
  it('wins over what was read', () => {
    const line = corrected('2 cups wobbly brindle', { ingredient: 'almond-flour', grams: 210 }).parts[0]!
      .lines[0]!;
    expect(line).toMatchObject({ kind: 'ingredient', measuredBy: 'hand' });
    expect(line.items[0]).toMatchObject({
      ingredient: 'almond-flour',
      match: 'exact',
      grams: { central: 210, low: 210, high: 210 },
    });
  });
  it('weighs anew by the quantity and unit that a person gives', () => {
    const of = (correction: Partial<LineCorrection>) =>
      corrected('2 cups plain flour', correction).parts[0]!.lines[0]!.items[0]!;
    const cups = of({}).grams!.central;
    expect(of({ quantity: 3 }).grams!.central).toBeCloseTo((cups * 3) / 2, 9);
    expect(of({ quantity: 300, unit: 'gram' }).grams).toEqual({ central: 300, low: 300, high: 300 });
    expect(of({ quantity: 3, grams: 350 }).grams!.central).toBe(350);
    expect(of({ quantity: 2, unit: 'cup' })).toMatchObject({ quantity: { central: 2 }, unit: 'cup' });
  });
  it('weighs another ingredient by its own density', () =>
    expect(
      corrected('2 cups plain flour', { ingredient: 'coconut-flour' }).parts[0]!.lines[0]!.items[0]!.grams!
        .central,
    ).toBeLessThan(grams('2 cups plain flour')));
  it('gives it the job that a person says it does', () =>
    expect(corrected('60 g cocoa powder', { role: 'flavour' }).parts[0]!.lines[0]!.items[0]!.role).toBe(
      'flavour',
    ));
  it('reads how many of what', () => {
    expect(first('2½ tsp baking powder').items[0]).toMatchObject({
      quantity: { central: 2.5 },
      unit: 'teaspoon',
    });
    expect(first('3 eggs').items[0]).toMatchObject({ quantity: { central: 3 }, unit: null });
    expect(first('1 cup plus 2 tbsp sugar').items[0]).toMatchObject({ quantity: null });
  });
  it('can take a line out of the list', () =>
    expect(ingredientLines(corrected('1 cup sunshine\n2 eggs', { kind: 'note' }))).toHaveLength(1));
  it('can take an ingredient out of the method', () =>
    expect(
      corrected('Mix 2 eggs in\nMethod\n', { ingredient: 'egg', grams: 100 }).parts[0]!.lines[0]!.kind,
    ).toBe('ingredient'));
  it('outlives an ingredient that the catalogue has lost', () =>
    expect(
      corrected('100 g sugar', { ingredient: 'moon-dust' }).parts[0]!.lines[0]!.items[0]!.ingredient,
    ).toBe('granulated-sugar'));
});

describe('names that stand the other way round', () => {
  it('are the catalogue’s own: every name is read back as what it names', () => {
    const lost = catalogueOf(BUILT_IN_KITCHEN).all.filter(
      ({ id, name }) => first(`100 g ${name}`).items[0]!.ingredient !== id,
    );
    expect(lost.map(({ name }) => name)).toEqual([]);
  });
  it.each([
    ['100 ml milk, skimmed', 'skim-milk'],
    ['2 tbsp vinegar, malt', 'malt-vinegar'],
    ['200 g butter, softened', 'butter'],
  ])('%j', (text, id) => expect(first(text).items[0]!.ingredient).toBe(id));
});

describe('amounts as people write them', () => {
  // Common practice; weights from the tables, within a tenth.
  it.each([
    ['300 g plain flour, plus extra for dusting', 300],
    ['250 g butter, with extra for greasing', 250],
    ['a 400 g tin of coconut milk', 400],
    ['pinch of salt', 0.35],
    ['1 tbs honey', 21],
    ['2 tbls golden syrup', 42],
    ['120 gms caster sugar', 120],
    ['200 mls milk', 206],
    ['2 sheets gelatine', 3.6],
  ])('%j weighs %d g', (text, weight) => expect(Math.abs(grams(text) / weight - 1)).toBeLessThan(0.1));
  it('knows seeds of a pod for the pod', () =>
    expect(first('seeds of 1 vanilla pod').items[0]).toMatchObject({
      ingredient: 'vanilla-bean',
      match: 'exact',
    }));
});

describe('things beside the bake', () => {
  it.each([
    'flour for dusting',
    'butter, for greasing the tin',
    '1 egg, beaten, for brushing',
    'icing sugar, to serve',
  ])('%j has no weight and is marked', (text) =>
    expect(first(`100 g sugar\n${text}`.split('\n').reverse().join('\n'))).toMatchObject({
      aside: true,
      items: [{ grams: null }],
    }),
  );
  it('hold what stands by choice, without a weight of its own', () => {
    const { items } = first('100 g butter or margarine');
    expect(items.map(({ ingredient, alternative }) => [ingredient, alternative])).toEqual([
      ['butter', false],
      ['margarine', true],
    ]);
  });
});

describe('bad input', () => {
  it.each([
    ['nothing', ''],
    ['blank lines', '\n \n\t\n'],
    ['script tags', '<script>alert("x")</script>\n<img src=x onerror=alert(1)>'],
    ['NUL and half surrogates', '1 cup fl\0our\n2 \ud800 eggs'],
    ['emoji', '🧁🧁🧁\n🥚 2'],
    ['an enormous amount', '999999999999999999999999 cups flour'],
    ['a negative amount', '-3 cups flour'],
    ['a line without end', `1 cup ${'flour '.repeat(5000)}`],
    ['fractions without end', '1/'.repeat(20_000)],
  ])('%s is read without a throw', (_, text) => {
    const { parts } = readText(text);
    for (const { grams: weight } of parts.flatMap(({ lines }) => lines.flatMap(({ items }) => items)))
      if (weight) expect(Number.isFinite(weight.central) && weight.central >= 0).toBe(true);
  });
  it('reads Arabic digits as digits', () => expect(grams('١٠٠ g sugar')).toBe(100));
  it('keeps each source as it was written', () => {
    const line = '  ½ cup\u00a0 Sugar (packed)  ';
    expect(first(`Cake\n${line}\n1 cup flour`).source).toBe(line);
  });
  it('makes any line plain without losing its letters', () =>
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme' }), (text) => {
        const plain = cleanLine(text);
        expect(plain).toBe(plain.trim());
        expect(/\s{2}/.test(plain)).toBe(false);
      }),
      runs(9),
    ));
});
