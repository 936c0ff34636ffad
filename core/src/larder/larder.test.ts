import {
  EMPTY_KITCHEN,
  EMPTY_RECIPE,
  EMPTY_REQUEST,
  type HouseRecipe,
  type KitchenDocument,
  type RecipeDocument,
} from '../kitchen';
import { formulaOf } from '../formula';
import { guardRecipe } from '../guard';
import { readRecipe } from '../read';
import { counter } from '../testing';
import { layOut } from '.';

const doc = (text: string): RecipeDocument => ({ ...EMPTY_RECIPE, text });
const house = (recipe: string, name: string, as: HouseRecipe['as'] = 'written'): HouseRecipe => ({
  recipe,
  name,
  as,
});
const CRUST = doc(
  'Wafer crust\n200 g plain flour\n100 g butter\n50 g hazelnuts\nMethod\nBake at 180 °C for 12 minutes.',
);
const lay = (kitchen: Partial<KitchenDocument>, recipes: Record<string, RecipeDocument> = {}) =>
  layOut({ ...EMPTY_KITCHEN, ...kitchen }, recipes, '1');
const read = (text: string, { kitchen }: ReturnType<typeof lay>) =>
  readRecipe(text, { kitchen, newId: counter() }).recipe;

describe('a recipe in another one’s list', () => {
  const laid = lay({ recipes: [house('crust', 'wafer crust')] }, { crust: CRUST });
  const recipe = read('Tart\n300 g wafer crust\n100 g sugar', laid);
  it('is weighed once: laid out again with what was made, the kitchen is the same', () => {
    const houses = { ...EMPTY_KITCHEN, recipes: [house('crust', 'wafer crust')] };
    // The recipe itself isn't there the second time: nothing is read or weighed again.
    const again = layOut(houses, {}, '1', [], laid.made);
    expect(again.kitchen).toEqual(laid.kitchen);
    expect(again.troubles).toEqual(laid.troubles);
  });
  it('carries its weight and composition', () => {
    const [line] = formulaOf(recipe)[0]!.lines;
    const made = laid.kitchen.ingredients.find(({ id }) => id === 'house-crust')!;
    expect(line).toMatchObject({ ingredient: 'house-crust', grams: 300 });
    expect(Object.values(made.composition).reduce<number>((a, b) => a + Number(b), 0)).toBeCloseTo(100, -0.5);
    expect(made.composition.fat).toBeGreaterThan(25);
  });
  it('carries its gluten, its allergens and the state of its own guard', () => {
    const report = guardRecipe(recipe, EMPTY_REQUEST, laid.kitchen);
    expect(report.lines[0]).toMatchObject({
      gluten: 'contains',
      allergens: expect.arrayContaining(['wheat', 'milk', 'tree nuts']) as unknown,
    });
    expect(report.open.find(({ kind }) => kind === 'house')!.ask.values).toMatchObject({
      note: expect.stringMatching(/its own guard/) as string,
    });
  });
  it('opens its users again when it changes', () => {
    const asked = guardRecipe(recipe, EMPTY_REQUEST, laid.kitchen).open;
    const answers = asked.map(({ line, key }) => ({
      line,
      answer: 'label-checked' as const,
      about: key,
      on: '2026-06-20',
      by: '',
    }));
    const request = { ...EMPTY_REQUEST, answers };
    expect(guardRecipe(recipe, request, laid.kitchen).state).toBe('answered');
    const changed = lay(
      { recipes: [house('crust', 'wafer crust')] },
      { crust: doc(CRUST.text.replace('50 g hazelnuts', '80 g walnuts')) },
    );
    expect(guardRecipe(recipe, request, changed.kitchen).state).toBe('open');
  });
  it('stands in as its docket has it, without gluten', () => {
    const converted = lay(
      { recipes: [house('crust', 'wafer crust', 'converted')] },
      {
        crust: doc(
          `Cookies${CRUST.text.slice(11).replace('Bake', 'Drop by spoonfuls onto a tray. Bake')}\n1 egg`,
        ),
      },
    );
    expect(converted.kitchen.ingredients[0]!.gluten).not.toBe('contains');
  });
  it('that holds what can’t be placed is unknown itself', () => {
    const odd = lay(
      { recipes: [house('crust', 'wafer crust')] },
      { crust: doc('200 g sugar\n2 tbsp wobbly brindle') },
    );
    expect(odd.kitchen.ingredients[0]!.gluten).toBe('unknown');
  });
  it('may itself be made of one, whatever the order', () => {
    const both = lay(
      { recipes: [house('tart', 'plum tart'), house('crust', 'wafer crust')] },
      { crust: CRUST, tart: doc('Tart\n300 g wafer crust\n500 g plums') },
    );
    expect(both.troubles).toEqual([]);
    expect(both.kitchen.ingredients.find(({ id }) => id === 'house-tart')!.gluten).toBe('contains');
  });
});

describe('what can’t be laid out is told', () => {
  it('a circle by the names in it', () => {
    const { kitchen, troubles } = lay(
      { recipes: [house('a', 'red syrup'), house('b', 'plum butter'), house('c', 'wafer crust')] },
      { a: doc('100 g plum butter\n50 g sugar'), b: doc('100 g red syrup\n200 g plums'), c: CRUST },
    );
    expect(troubles).toEqual([
      expect.stringMatching(/“red syrup” is made of “plum butter” is made of “red syrup”: a circle/),
    ]);
    expect(kitchen.ingredients.map(({ id }) => id)).toEqual(['house-c']);
  });
  it('one that is made of itself', () =>
    expect(
      lay({ recipes: [house('a', 'red syrup')] }, { a: doc('100 g red syrup\n50 g sugar') }).troubles,
    ).toHaveLength(1));
  it('one that is gone', () =>
    expect(lay({ recipes: [house('a', 'red syrup')] }).troubles[0]).toMatch(/no longer on the table/));
  it('one without weights', () =>
    expect(lay({ recipes: [house('a', 'red syrup')] }, { a: doc('sugar to taste') }).troubles[0]).toMatch(
      /no line with a weight/,
    ));
});

describe('a household’s own', () => {
  it('cup, once weighed, holds from then on', () => {
    const cup = (cupGrams: number, inUse: boolean) => ({
      id: String(cupGrams),
      ingredient: 'all-purpose-flour',
      bag: 'the blue bag',
      cupGrams,
      on: '2026-06-20',
      inUse,
    });
    const weight = (laid: ReturnType<typeof lay>) =>
      formulaOf(read('2 cups all-purpose flour', laid))[0]!.lines[0]!.grams;
    expect(weight(lay({ weighed: [cup(142, true), cup(120, false)] }))).toBeCloseTo(284, 6);
    expect(weight(lay({ weighed: [cup(142, false)] }))).toBeCloseTo(weight(lay({})), 6);
  });
  it('eggs and spoons hold where a recipe names none', () => {
    const weight = (text: string, laid: ReturnType<typeof lay>) =>
      formulaOf(read(text, laid))[0]!.lines[0]!.grams;
    expect(weight('2 eggs', lay({ eggSize: 'small' }))).toBeLessThan(
      weight('2 eggs', lay({ eggSize: 'large' })),
    );
    expect(weight('2 large eggs', lay({ eggSize: 'small' }))).toBe(weight('2 large eggs', lay({})));
    expect(weight('4 tbsp honey', lay({ locale: 'AU' }))).toBeGreaterThan(
      weight('4 tbsp honey', lay({ locale: 'UK' })),
    );
  });
  it('ingredient is found by its names, and corrects the catalogue’s', () => {
    const panel = {
      fat: 1,
      carbohydrate: 80,
      sugars: 2,
      fibre: 3,
      protein: 7,
      salt: 0.5,
      fibreInCarbohydrate: false,
    };
    const own = {
      also: [],
      role: 'gf-flour' as const,
      panel,
      cupGrams: 130,
      eachGrams: null,
      gluten: 'free' as const,
      grain: 'grain' as const,
      allergens: [],
      possible: [],
      note: '',
      certified: false,
      label: null,
    };
    const laid = lay({
      ingredients: [
        { ...own, id: 'own-1', name: 'Marsh mill flour' },
        { ...own, id: 'oat-flour', name: 'oat flour', allergens: ['oats'], cupGrams: 99 },
      ],
    });
    expect(formulaOf(read('1 cup marsh mill flour', laid))[0]!.lines[0]).toMatchObject({
      ingredient: 'own-1',
      grams: 130,
    });
    expect(formulaOf(read('1 cup oat flour', laid))[0]!.lines[0]!.grams).toBeCloseTo(99, 6);
  });
  it('jar is a flour with what it is mixed of', () => {
    const laid = lay({
      blends: [
        {
          id: 'j',
          name: 'the tall jar',
          kind: 'mixed',
          earlier: [],
          madeOf: [
            { ingredient: 'white-rice-flour', share: 0.6 },
            { ingredient: 'tapioca-starch', share: 0.4 },
          ],
        },
      ],
    });
    const recipe = read('200 g the tall jar', laid);
    expect(formulaOf(recipe)[0]!.lines[0]).toMatchObject({ ingredient: 'house-j', role: 'gf-flour' });
  });
});
