import { BUILT_IN_KITCHEN, EMPTY_REQUEST } from '../kitchen';
import { readText } from '../testing';
import { METHOD_FLOUR, NO_METHOD_FLOUR } from './cases/methodFlour';
import { guardMethod, guardRecipe } from '.';

const LIST =
  'Loaf\n\nIngredients\n250 g plain flour\n100 g butter\n2 eggs\n\nMethod\nMix it all together well.';
const found = (step: string) => guardMethod(readText(`${LIST}\n${step}\nBake at 180C for 40 minutes.`));

describe('flour that only the method names', () => {
  it.each(METHOD_FLOUR)('is heard in “%s”', (step) => {
    const [first] = found(step);
    expect(first?.words).toMatch(/flour/i);
    expect(step.toLowerCase()).toContain(first!.words.toLowerCase());
  });
  it.each(NO_METHOD_FLOUR)('isn’t heard in “%s”', (step) => expect(found(step)).toEqual([]));
  it('is heard where the recipe is prose and nothing else names it', () => {
    const prose =
      'Rub 100 g of butter into 200 g of self raising flour with a pinch of salt, bind it with milk and bake at 200C for 15 minutes.';
    expect(
      guardMethod(readText(`Scones\n\n${prose}`))
        .map(({ words }) => words)
        .join(),
    ).toMatch(/self raising flour/);
    expect(guardMethod(readText(`Scones\n\n${prose.replace('self raising', 'buckwheat')}`))).toEqual([]);
  });
  it('is heard each time, and settled step by step', () => {
    const step = 'Dust with rice flour, roll out on a floured board, then flour the tin.';
    expect(found(step).map(({ words }) => words)).toEqual(['floured board', 'flour the tin']);
    const recipe = readText(`${LIST}\n${step}`);
    const asked = guardRecipe(recipe, EMPTY_REQUEST, BUILT_IN_KITCHEN).open.filter(
      ({ kind }) => kind === 'method',
    );
    expect(new Set(asked.map(({ key }) => key)).size).toBe(1);
  });
  it.each([
    ['Sprinkle with breadcrumbs.', /crumb/],
    ['Scatter breadcrumbs over the base.', /crumb/],
    ['Pour into a buttered and crumbed 24 cm springform.', /crumbed/],
    ['Grease and crumb the tin.', /crumb/],
    ['Stir in a spoon of malt.', /malt/],
    ['Soak the fruit in stout.', /stout/],
    ['Serve with wafers.', /wafer/],
  ])('and other gluten: %s', (step, words) => expect(found(step)[0]?.words).toMatch(words));
});
