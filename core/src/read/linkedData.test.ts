import fc from 'fast-check';
import { readText, runs } from '../testing';
import { textOfLinkedData } from '.';

const RECIPE = {
  '@context': 'https://schema.org',
  '@type': 'Recipe',
  name: 'Plum squares',
  recipeYield: ['16', '16 squares'],
  recipeIngredient: ['200 g plain flour', '2 eggs'],
  recipeInstructions: [
    {
      '@type': 'HowToSection',
      name: 'Base',
      itemListElement: [{ '@type': 'HowToStep', text: 'Rub in the butter.' }],
    },
    { '@type': 'HowToStep', text: 'Bake for 30 minutes at 180°C.' },
  ],
};
const TEXT =
  'Plum squares\nMakes 16 squares\n\n200 g plain flour\n2 eggs\n\nMethod\nRub in the butter.\nBake for 30 minutes at 180°C.';

describe('a recipe in linked data (schema.org/Recipe)', () => {
  it.each([
    ['by itself', RECIPE],
    ['in a list', [{ '@type': 'WebPage' }, RECIPE]],
    ['in a graph', { '@context': 'https://schema.org', '@graph': [{ '@type': 'Person' }, RECIPE] }],
    ['as the main thing of a page', { '@type': 'WebPage', mainEntity: RECIPE }],
    ['with its type as an address', { ...RECIPE, '@type': ['http://schema.org/Recipe'] }],
  ])('%s becomes its words', (_, data) => expect(textOfLinkedData(JSON.stringify(data))).toBe(TEXT));
  it('takes steps that are one text', () =>
    expect(textOfLinkedData(JSON.stringify({ ...RECIPE, recipeInstructions: 'Mix.\nBake.' }))).toMatch(
      /Method\nMix\.\nBake\.$/,
    ));
  it('is read like any text', () => {
    const recipe = readText(TEXT);
    expect(recipe.title).toBe('Plum squares');
    expect(recipe.parts[0]!.lines.filter(({ kind }) => kind === 'ingredient')).toHaveLength(2);
    expect(recipe.bake).toMatchObject({ ovenCelsius: 180, minutes: { low: 30, high: 30 } });
  });
  it.each(['', 'flour, 200 g', '[]', '{"@type":"Article"}', 'null', '{'])('%j holds none', (text) =>
    expect(textOfLinkedData(text)).toBeUndefined(),
  );
  it('never throws, whatever JSON it is given', () =>
    fc.assert(
      fc.property(fc.json(), (json) => {
        textOfLinkedData(json);
        textOfLinkedData(
          `{"@type":"Recipe","recipeIngredient":${json},"recipeInstructions":${json},"name":${json}}`,
        );
      }),
      runs(2),
    ));
});
