import { BUILT_IN_KITCHEN } from '../kitchen';
import { readText } from '../testing';
import { readProcess, type Process } from '.';

describe('what is done with what', () => {
  const LIST =
    'Ingredients\n200 g plain flour\n150 g butter\n150 g sugar\n3 eggs\n\nSyrup: 80 g sugar, juice of 2 lemons\n\nMethod\n';
  const done = (method: string) => {
    const recipe = readText(`Lemon cake\n\n${LIST}${method}`);
    const process = readProcess(recipe, BUILT_IN_KITCHEN);
    const sources = new Map(
      recipe.parts.flatMap(({ lines }) => lines.map(({ id, source }) => [id, source] as const)),
    );
    return { recipe, process, sources };
  };
  const METHOD =
    'Cream the butter and sugar, beat in the eggs, fold in half the flour.\nFold in the remaining flour. Bake at 180C for 40 minutes.\nBoil the syrup 3 minutes and pour over.';
  it('takes each line once at most, in shares', () => {
    const { process, sources } = done(METHOD);
    const shares = new Map<string, number>();
    for (const { line, share } of process.actions.flatMap(({ takes }) => takes))
      shares.set(line, (shares.get(line) ?? 0) + share);
    for (const share of shares.values()) expect(share).toBeLessThanOrEqual(1 + 1e-9);
    const flour = process.actions.filter(({ takes }) =>
      takes.some(({ line }) => sources.get(line) === '200 g plain flour'),
    );
    expect(flour.map(({ takes }) => takes[0]!.share)).toEqual([0.5, 0.5]);
  });
  it('makes of each part a mixture of its kind, and says what goes on what', () => {
    const { process } = done(METHOD);
    expect(
      process.mixtures.map(({ name, family, baked, layeredOn }) => [name, family.id, baked, layeredOn]),
    ).toEqual([
      ['Lemon cake', 'creamed-cake', true, null],
      ['Syrup', 'no-flour', false, 'm1'],
    ]);
    expect(process.stages.map(({ medium, mixture }) => [medium, mixture])).toEqual([
      ['oven', 'm1'],
      ['boiled', 'm2'],
    ]);
  });
  it.each([
    ['¾ cup of the sugar', 0.75],
    ['150 g sugar', 0.75],
    ['three quarters of the sugar', 0.75],
    ['all the sugar', 1],
  ])('takes “%s” of a cup of it, and the rest where it says so', (words, first) => {
    const { method, ...recipe } = readText(
      `Snaps\n200 g all-purpose flour\n120 g butter\n200 g sugar\nMethod\nBeat the butter with ${words}.\nStir in the flour.\nRoll the balls in the remaining sugar and bake.`,
    );
    const { actions } = readProcess({ ...recipe, method }, BUILT_IN_KITCHEN);
    const sugar = recipe.parts[0]!.lines.find(({ source }) => source.includes('sugar'))!.id;
    const taken = method.map(({ id }) =>
      actions
        .filter(({ step }) => step === id)
        .flatMap(({ takes }) => takes.filter(({ line }) => line === sugar))
        .reduce((sum, { share }) => sum + share, 0),
    );
    expect(taken[0]).toBeCloseTo(first, 1);
    expect(taken[2]).toBeCloseTo(1 - taken[0]!, 6);
  });
  it('knows a part by its plural', () => {
    const { mixtures } = readProcess(
      readText(
        'Berry cake\n\nCake\n200 g plain flour\n100 g butter\n2 eggs\n\nBerries\n200 g raspberries\n50 g sugar\n\nMethod\nMix the flour, butter and eggs. Bake at 180C for 30 minutes.\nSpoon the berries over the cake.',
      ),
      BUILT_IN_KITCHEN,
    );
    expect(mixtures.find(({ name }) => name === 'Berries')!.goesInto).toBe(
      mixtures.find(({ name }) => name === 'Cake')!.id,
    );
  });
  it('says what goes into what, and never in a circle', () => {
    const tart = (method: string) =>
      readProcess(
        readText(
          `Plum tart\n\nCrust\n200 g plain flour\n100 g butter\n\nFilling\n300 g plums\n50 g sugar\n\nTopping\n60 g butter\n80 g oats\n\nMethod\n${method}`,
        ),
        BUILT_IN_KITCHEN,
      );
    const named = ({ mixtures }: Process) =>
      mixtures.map(({ name, layeredOn, goesInto }) => [
        name,
        mixtures.find(({ id }) => id === (layeredOn ?? goesInto))?.name ?? null,
      ]);
    const told = tart(
      'Rub the butter into the flour and line a 23 cm tart tin.\nCook the plums and sugar to a filling.\nSpread the filling over the crust.\nScatter the topping over and bake at 190C for 35 minutes.',
    );
    expect(named(told)).toEqual([
      ['Crust', null],
      ['Filling', 'Crust'],
      ['Topping', 'Crust'],
    ]);
    expect(told.actions.filter(({ mixtures }) => mixtures.length > 0)).toHaveLength(2);
    const round = tart(
      'Stir the filling into the topping.\nStir the topping into the filling.\nBake at 190C for 35 minutes.',
    );
    const into = new Map(round.mixtures.map(({ id, goesInto }) => [id, goesInto]));
    for (const { id } of round.mixtures) {
      const seen = new Set<string>();
      for (let at: string | null = id; at; at = into.get(at) ?? null) {
        expect(seen).not.toContain(at);
        seen.add(at);
      }
    }
  });
  it('is two parts where one method stands under two headings', () => {
    const twice = readText(
      `Two cakes\n\nFirst\n100 g plain flour\n100 g butter\n2 eggs\n\nSecond\n100 g plain flour\n100 g butter\n2 eggs\n\nMethod\nBeat it all. Bake at 180C for 20 minutes.`,
    );
    expect(readProcess(twice, BUILT_IN_KITCHEN).mixtures.map(({ lines }) => lines.length)).toEqual([3, 3]);
  });
});

describe('what only comes to a bake when it is done', () => {
  const parts = (method: string) =>
    readProcess(
      readText(
        `Shortcakes\n\n250 g plain flour\n12 g baking powder\n100 g butter\n150 ml milk\n400 g strawberries\n240 ml double cream\n50 g sugar\n\nMethod\n${method}`,
      ),
      BUILT_IN_KITCHEN,
    ).parts.map(({ name, lines }) => [name, lines.filter(({ kind }) => kind === 'ingredient').length]);
  it('is a part of its own', () =>
    expect(
      parts(
        'Slice the strawberries.\nRub the butter into the flour, baking powder and sugar, stir in the milk.\nBake at 220 °C for 15 minutes.\nSplit, fill with strawberries and cream.',
      ),
    ).toEqual([
      [null, 5],
      ['to finish', 2],
    ]));
  it('is none of the crumbs that lie over it either', () => {
    const { mixtures } = readProcess(
      readText(
        'Apple crumble\n\n100 g plain flour\n90 g butter\n80 g demerara sugar\n700 g apples\n\nMethod\nRub the butter into the flour, stir in the sugar. Scatter over the apples, bake at 180 °C for 40 minutes.',
      ),
      BUILT_IN_KITCHEN,
    );
    expect(mixtures.map(({ name, lines }) => [name, lines.length])).toEqual([
      ['Apple crumble', 3],
      ['fruit', 1],
    ]);
  });
  it('is none where it is in the dough', () =>
    expect(
      parts(
        'Rub the butter into the flour, baking powder and sugar, stir in the milk, strawberries and cream.\nBake at 220 °C for 15 minutes.\nServe with more strawberries.',
      ),
    ).toEqual([[null, 7]]));
});
