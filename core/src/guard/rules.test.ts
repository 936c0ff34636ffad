import fc from 'fast-check';
import {
  BUILT_IN_KITCHEN,
  catalogueOf,
  EMPTY_REQUEST,
  type ConversionRequest,
  type Kitchen,
} from '../kitchen';
import { counter, readText, runs } from '../testing';
import { readRecipe } from '../read';
import { AVOIDANCES, type Allergen } from '../vocabulary';
import { MARKERS } from './data/markers';
import { grainForbidden, guardRecipe } from '.';

const catalogue = catalogueOf(BUILT_IN_KITCHEN);
const guard = (text: string, request: Partial<ConversionRequest> = {}) =>
  guardRecipe(readText(text), { ...EMPTY_REQUEST, ...request }, BUILT_IN_KITCHEN);
const asks = (text: string, request: Partial<ConversionRequest> = {}) =>
  guard(text, request).open.map(({ kind }) => kind);

describe('allergens by the lists of the law', () => {
  // FALCPA (2004) and the FASTER Act (2021); EU 1169/2011, Annex II.
  it.each<[string, Allergen[]]>([
    ['100 g butter', ['milk']],
    ['2 eggs', ['egg']],
    ['100 g ground almonds', ['tree nuts']],
    ['50 g walnuts', ['tree nuts']],
    ['2 tbsp tahini', ['sesame']],
    ['50 g peanut butter', ['peanuts']],
    ['100 ml soy milk', ['soybeans']],
    ['200 g plain flour', ['wheat']],
    ['50 g lupin flour', ['lupin']],
    ['50 g desiccated coconut', ['coconut']],
  ])('%s: %j', (text, allergens) =>
    expect(guard(text).lines[0]!.allergens).toEqual(expect.arrayContaining(allergens)),
  );
  it('barley and rye hold gluten but are no wheat', () => {
    for (const text of ['50 g barley flour', '50 g rye flour']) {
      expect(guard(text).lines[0]!.gluten).toBe('contains');
      expect(guard(text).lines[0]!.allergens).not.toContain('wheat');
    }
  });
  it('tiger nut is a tuber, buckwheat no wheat, glutinous rice without gluten', () => {
    expect(guard('100 g tiger nut flour').lines[0]).toMatchObject({ gluten: 'free', allergens: [] });
    expect(guard('100 g buckwheat flour').lines[0]).toMatchObject({ gluten: 'free', allergens: [] });
    expect(guard('100 g glutinous rice flour').lines[0]).toMatchObject({ gluten: 'free' });
  });
});

describe('questions', () => {
  it('are asked of what is milled where somebody has coeliac disease, and only then', () => {
    expect(asks('100 g rice flour')).toContain('certified');
    expect(asks('100 g rice flour', { gluten: 'label' })).toEqual([]);
  });
  it('are asked of baking powder where the table is grain-free', () =>
    expect(asks('2 tsp baking powder', { diet: 'grain-free', gluten: 'label' })).toContain('label'));
  it('are asked where a maker may bring in what is avoided', () =>
    expect(asks('200 g gluten-free flour blend', { without: ['milk'] })).toContain('possible'));
  it('are none of a sort of fruit, and one of what else goes by its name', () => {
    expect(asks('750 g Italian prune plums')).toEqual([]);
    for (const other of ['750 g plum delight', '6 toffee glazed apples', '8 speckled chocolate eggs'])
      expect(asks(other)).not.toEqual([]);
  });
  it('stay open on a near match', () => expect(asks('100 g grandmother’s flour')).not.toEqual([]));
  it('can be answered line by line', () => {
    const text = '100 g rice flour\n100 g sorghum flour';
    const { key } = guard(text).open[0]!;
    const report = guard(text, {
      answers: [{ line: 'l1', answer: 'label-checked', about: key, on: '2026-06-20', by: '' }],
    });
    expect(report.state).toBe('open');
    expect(report.answered.map(({ line }) => line)).toEqual(['l1']);
  });
});

describe('grain', () => {
  it.each([
    ['grain', true],
    ['pseudocereal', true],
    ['contains-grain-derivative', false],
    ['grain-free', false],
  ] as const)('%s is shut out of a grain-free bake: %s', (grain, out) =>
    expect(grainForbidden({ diet: 'grain-free', pseudocereals: false }, grain)).toBe(out),
  );
  it('is no matter where the bake is only gluten-free', () =>
    expect(grainForbidden({ diet: 'gluten-free', pseudocereals: false }, 'grain')).toBe(false));
});

describe('cautions', () => {
  const of = (text: string, request: Partial<ConversionRequest> = {}) =>
    guard(text, request).cautions.map(({ id }) => id);
  it('always tell the limit and the labels', () =>
    expect(of('100 g sugar')).toEqual(expect.arrayContaining(['limit', 'labels'])));
  it.each([
    ['2 eggs', 'raw'],
    ['300 g rhubarb', 'rhubarb'],
    ['2 tbsp honey', 'honey'],
    ['50 g rolled oats', 'oats'],
    ['5 g psyllium husk', 'swell'],
    ['200 g cassava root', 'cassava'],
    ['100 g chickpea flour', 'raw-bean'],
  ])('%s calls up “%s”', (text, id) => expect(of(text)).toContain(id));
  it('speak of cross-contact where somebody has coeliac disease', () => {
    expect(of('100 g sugar')).toContain('cross-contact');
    expect(of('100 g sugar', { gluten: 'label' })).not.toContain('cross-contact');
  });
});

describe('no word of what holds gluten passes', () => {
  const glutens = catalogue.all
    .filter(({ gluten }) => gluten === 'contains')
    .flatMap(({ name, also }) => [name, ...also]);
  it('whatever stands around it', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...glutens),
        fc.constantFrom('', '200 g ', '2 cups ', 'a little ', '1 tbsp '),
        fc.constantFrom('', ', sifted', ' (optional)', ', for dusting', ' or more'),
        (name, before, after) => expect(guard(`${before}${name}${after}`).lines[0]!.gluten).not.toBe('free'),
      ),
      runs(4),
    ));
  it('each marker has a reason', () => {
    for (const { reason } of MARKERS) expect(reason.length).toBeGreaterThan(5);
  });
});

describe('a composite', () => {
  const mix: Kitchen = {
    ...BUILT_IN_KITCHEN,
    version: 'with a crumb',
    ingredients: [
      {
        ...catalogue.byId.get('granola')!,
        id: 'aunt-crumb',
        name: 'aunt’s crumb',
        also: [],
        kinds: [],
        gluten: 'free',
        allergens: [],
        possible: [],
        madeOf: [
          { ingredient: 'all-purpose-flour', share: 0.5 },
          { ingredient: 'hazelnuts', share: 0.5 },
        ],
      },
    ],
  };
  it('is no better than what it is made of', () => {
    const { recipe } = readRecipe("100 g aunt's crumb", { kitchen: mix, newId: counter() });
    const [line] = guardRecipe(recipe, EMPTY_REQUEST, mix).lines;
    expect(line).toMatchObject({
      gluten: 'contains',
      allergens: expect.arrayContaining(['wheat', 'tree nuts']) as unknown,
    });
  });
  it('holds nothing that no list names', () => {
    for (const { allergens, possible } of catalogue.all)
      for (const one of [...allergens, ...possible]) expect(AVOIDANCES).toContain(one);
  });
});
