import { readText } from '../testing';

const LIST = '200 g plain flour\n100 g butter\n100 g sugar\n2 eggs\n\nMethod\nMix it all.\n';
const page = (title: string, ...more: string[]) =>
  readText(`${title}\n${more.join('\n')}\n\n${LIST}Bake at 180 °C for 20 minutes.`);

describe('how many it makes', () => {
  it.each<[string, number, number]>([
    ['Makes about 24', 24, 24],
    ['YIELD: 3 dozen', 36, 36],
    ['makes abt 2½ dozen', 30, 30],
    ['Cuts into 16', 16, 16],
    ['16 squares', 16, 16],
    ['(10 pies)', 10, 10],
    ['Prep 20 min | Bake 15 min | Makes 12', 12, 12],
    ['Serves 8–10', 8, 10],
    ['Serves 4 (12 small cakes)', 12, 12],
    ['Serves 4 (about 16)', 16, 16],
    ['Serves 6 (2 each)', 6, 6],
    ['Serves 8 (310 kcal per portion)', 8, 8],
    ['feeds six', 6, 6],
    ['Makes 5 dz. Drop by rounded T on ungreased sheets.', 60, 60],
  ])('%s', (line, low, high) => expect(page('Corner biscuits', line).yields).toMatchObject({ low, high }));
  it.each<[string, string, number]>([
    ['Corner biscuits, about 24', 'Corner biscuits', 24],
    ['Corner muffins (12)', 'Corner muffins', 12],
    ['Corner buns - makes 8', 'Corner buns', 8],
    ['Corner slab, cuts into 16', 'Corner slab', 16],
  ])('in the name: %s', (line, title, count) => {
    const recipe = page(line);
    expect(recipe.title).toBe(title);
    expect(recipe.yields).toMatchObject({ low: count, high: count });
  });
  it('in a step or a tin, where nothing else says so', () => {
    expect(readText(`Buns\n${LIST}Cut it into 9 squares.`).yields).toMatchObject({ low: 9 });
    expect(readText(`Buns\n${LIST}Spoon into a 12-hole muffin tin.`).yields).toMatchObject({ low: 12 });
    expect(readText(`Buns\n${LIST}Score into 18 diamonds.`).yields).toMatchObject({
      low: 18,
      what: 'diamonds',
    });
    expect(readText(`Buns\n${LIST}Line a muffin tin with 15 liners.`).yields).toMatchObject({ low: 15 });
    expect(page('Corner biscuits').yields).toBeNull();
  });
  it('is no size, no time and no rating', () => {
    expect(page('Corner cake, 23 cm').yields).toBeNull();
    expect(page('Corner cake', '4.7 from 61 votes').yields).toBeNull();
    expect(page('Corner cake', 'Total time: 45 min').yields).toBeNull();
  });
});

describe('a second recipe on the page', () => {
  const two = (name: string, more: string) =>
    readText(
      `Corner biscuits\n${LIST}Bake.\n\n${name}\n${more}100 g oats\n90 g butter\n80 g plain flour\nMix and bake.`,
    );
  const asked = (recipe: ReturnType<typeof two>) =>
    recipe.doubts.filter(({ kind }) => kind === 'another-recipe').map(({ source }) => source);
  it('is offered apart', () => expect(asked(two('Oat biscuits', 'Makes 20\n'))).toEqual(['Oat biscuits']));
  it('a frosting is a part of the first', () => expect(asked(two('Topping', ''))).toEqual([]));
});
