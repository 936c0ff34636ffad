import {
  BUILT_IN_KITCHEN,
  EMPTY_REQUEST,
  type ConversionRequest,
  type Kitchen,
  type KnownLabel,
} from '../kitchen';
import { readText } from '../testing';
import type { Avoidance } from '../vocabulary';
import { guardRecipe } from '.';

const label = (ingredient: string, more: Partial<KnownLabel> = {}): KnownLabel => ({
  ingredient,
  of: `the bag of ${ingredient}`,
  certified: false,
  without: [],
  on: '2026-06-20',
  ...more,
});
const at = (...labels: KnownLabel[]): Kitchen => ({ ...BUILT_IN_KITCHEN, version: 'labels', labels });
const BY_LABEL: ConversionRequest = { ...EMPTY_REQUEST, gluten: 'preference' };
const guard = (text: string, request: Partial<ConversionRequest> = {}, kitchen = BUILT_IN_KITCHEN) =>
  guardRecipe(readText(text), { ...BY_LABEL, ...request }, kitchen);
const asks = (text: string, without: Avoidance[], mild: Avoidance[] = []) =>
  guard(text, { without, mild })
    .open.filter(({ kind }) => kind === 'possible')
    .map(({ ask }) => JSON.stringify(ask.values));

describe('what stands in has a label too', () => {
  const GOODS = [
    '100 g dairy-free baking block',
    '200 ml oat milk',
    '100 g dark chocolate',
    '50 g margarine',
    '1 tbsp egg replacer',
    '1 stock cube',
    '200 ml plant milk',
    '100 g sprinkles',
  ];
  it.each(GOODS)('%s: a person who never has milk is asked about it', (line) =>
    expect(asks(line, ['milk']).join()).toMatch(/milk/),
  );
  it.each([
    ['100 g dark chocolate', 'tree nuts'],
    ['100 g dark chocolate', 'peanuts'],
    ['1 tbsp egg replacer', 'egg'],
    ['100 g sunflower seeds', 'tree nuts'],
    ['100 g hazelnuts', 'peanuts'],
    ['200 ml rice milk', 'soybeans'],
    ['100 g gluten-free flour blend', 'egg'],
    ['1 tsp curry powder', 'sesame'],
  ] as const)('%s, without %s', (line, what) => expect(asks(line, [what]).join()).toContain(what));
  it.each(GOODS)('%s: who leaves milk out by preference is asked nothing', (line) =>
    expect(asks(line, ['milk'], ['milk'])).toEqual([]),
  );
  it.each(['100 g sugar', '2 eggs', '1 apple', '1 tsp salt'])('%s is made on no line', (line) =>
    expect(asks(line, ['milk', 'tree nuts', 'soybeans'])).toEqual([]),
  );
});

describe('a label at home', () => {
  const CERTIFIED: Partial<ConversionRequest> = { gluten: 'certified' };
  it('that is certified answers for its flour in every recipe, with its day', () => {
    const kitchen = at(label('teff-flour', { certified: true }));
    for (const text of ['100 g teff flour', 'Scones\n50 g teff flour\n20 g butter']) {
      const { open, answered, checkedOn } = guard(text, CERTIFIED, kitchen);
      expect(open.filter(({ source }) => source.includes('teff'))).toEqual([]);
      expect(answered[0]!.settled).toEqual({ by: 'the bag of teff-flour', on: '2026-06-20' });
      expect(checkedOn).toBe('2026-06-20');
    }
    expect(guard('100 g teff flour', CERTIFIED).open).toHaveLength(1);
  });
  it('answers for what it was read for, and for nothing else', () => {
    const kitchen = at(label('vegan-butter', { without: ['milk'] }));
    const open = (without: Avoidance[]) => guard('100 g dairy-free baking block', { without }, kitchen).open;
    expect(open(['milk'])).toEqual([]);
    expect(
      open(['milk', 'tree nuts'])
        .map(({ ask }) => JSON.stringify(ask.values))
        .join(),
    ).toContain('tree nuts');
  });
  it('that is certified leaves only the rest of a blend’s label to be looked up', () => {
    const open = (kitchen: Kitchen) => guard('200 g gluten-free flour blend', CERTIFIED, kitchen).open;
    expect(open(BUILT_IN_KITCHEN).find(({ kind }) => kind === 'blend')!.facts).toContain('certified');
    const known = open(at(label('gf-blend', { certified: true })));
    expect(known.map(({ kind }) => kind)).toEqual(['blend']);
    expect(known[0]!.facts).not.toContain('certified');
  });
  it('of a thing answers for no other on the line', () =>
    expect(
      guard('100 g teff flour', CERTIFIED, at(label('sorghum-flour', { certified: true }))).open,
    ).toHaveLength(1));
});

describe('what was seen to', () => {
  it('is signed and dated, on the cross-contact list and on answers', () => {
    const text = '200 g rice flour\n\nMethod\nSift the flour into a bowl and whisk it well with the rest.';
    const ticks = [{ check: 'sieve', on: '2026-06-21', by: 'Orla' }];
    const first = guard(text, { gluten: 'certified', ticks });
    expect(first.crossContact.find(({ id }) => id === 'sieve')!.done).toEqual({
      by: 'Orla',
      on: '2026-06-21',
    });
    expect(first.crossContact.find(({ id }) => id === 'bench')!.done).toBeNull();
    const answers = first.open.map(({ line, key }) => ({
      line,
      about: key,
      answer: 'label-checked' as const,
      on: '2026-06-21',
      by: 'Orla',
    }));
    expect(guard(text, { gluten: 'certified', answers }).answered[0]!.settled).toEqual({
      by: 'Orla',
      on: '2026-06-21',
    });
  });
});

describe('what is no food', () => {
  const inedible = (text: string) => guard(text).notForEating.map(({ words }) => words);
  it.each([
    ['3 holly leaves, to decorate', 'holly leaves'],
    ['a sprig of yew', 'yew'],
    ['lily of the valley, for the top', 'lily of the valley'],
    ['oleander flowers', 'oleander flowers'],
    ['a hydrangea', 'hydrangea'],
    ['ivy leaves', 'ivy leaves'],
    ['mistletoe', 'mistletoe'],
    ['foxglove petals', 'foxglove petals'],
    ['1 daffodil', 'daffodil'],
    ['sweet peas', 'sweet peas'],
    ['2 rhubarb leaves', 'rhubarb leaves'],
    ['1 tonka bean, grated', 'tonka bean'],
    ['10 bitter almonds', 'bitter almonds'],
    ['6 apricot kernels', 'apricot kernels'],
    ['poinsettia', 'poinsettia'],
  ])('is told on a line: %s', (line, words) => {
    expect(inedible(`100 g sugar\n${line}`)).toContain(words);
    expect(guard(`100 g sugar\n${line}`).cautions.map(({ id }) => id)).toContain('not-for-eating');
  });
  it('is told in a step', () =>
    expect(
      inedible(
        'Cake\n\nIngredients\n100 g sugar\n\nMethod\nStir it well together and bake. Decorate with holly sprigs and serve.',
      ),
    ).toEqual(['holly sprigs']));
  it.each([
    '1 tsp almond extract',
    '100 g ground almonds',
    '1 tbsp rose water',
    '200 g plums, stones removed',
    '100 g rhubarb',
    '1 tsp bitter almond extract',
    '150 g peas',
    '2 bay leaves',
  ])('%s is none of it, and calls up no cyanide', (line) => {
    expect(inedible(line)).toEqual([]);
    expect(guard(line).cautions.map(({ id }) => id)).not.toContain('cassava');
  });
  it('warns of cyanide with kernels and raw cassava', () => {
    for (const line of ['6 apricot kernels', '500 g cassava root'])
      expect(guard(line).cautions.map(({ id }) => id)).toContain('cassava');
    expect(guard('100 g cassava flour').cautions.map(({ id }) => id)).not.toContain('cassava');
  });
});
