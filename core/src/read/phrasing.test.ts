import fc from 'fast-check';
import { familyRead, runs, readText } from '../testing';
import { ingredientLines } from '.';

/** What a line weighs: its foods with their grams, "~" before what stands instead, "+" before what is for the tin. */
const weighed = (line: string, page = '250 g plain flour\n100 g butter\n2 eggs') =>
  ingredientLines(readText(`Plain cake\n\n${page}\n${line}\n100 g caster sugar\n\nMethod\nMix and bake.`))
    .find(({ source }) => source === line)!
    .items.map(
      ({ ingredient, grams, alternative, aside }) =>
        `${alternative ? '~' : ''}${aside ? '+' : ''}${ingredient}${grams ? ` ${Math.round(grams.central)}` : ''}`,
    );

describe('a line as people write it', () => {
  it.each<[string, string[]]>([
    [
      '60 g each of butter, caster sugar and rice flour',
      ['butter 60', 'caster-sugar 60', 'white-rice-flour 60'],
    ],
    ['80g each soft butter and ground almonds', ['butter 80', 'almond-flour 80']],
    ['Cold butter, cubed: 130 g', ['butter 130']],
    ['plums, stoned and quartered - 600 g', ['plum 600']],
    ['ground almonds 90', ['almond-flour 90']],
    ['100 ml whey', ['whey 104']],
    ['100 g potato flakes', ['potato-flakes 100']],
    ['20 g beetroot powder', ['beetroot-powder 20']],
    ['200g-225g ground almonds, start with 200', ['almond-flour 213']],
    ['Icing sugar\t140 g\tsifted', ['powdered-sugar 140']],
    ['Butter\t1 cup\t225', ['butter 225']],
    ['150 g butter, plus 2 tsp for the tin', ['butter 150', '+butter 10']],
    ['90 g walnuts + 20 g to decorate', ['walnuts 90', '+walnuts 20']],
    ['100 g light brown sugar + 50 g caster', ['light-brown-sugar 100', 'caster-sugar 50']],
    ['1 tsp cornflour mixed with 1 tbsp water', ['corn-starch 3', 'water 15']],
    ['120 g butter, or 100 g lard', ['butter 120', '~lard']],
    ['1/2 x 300 ml tub double cream', ['heavy-cream 151']],
    ['a third of a 180 g bar white choc', ['white-chocolate 60']],
    ['900 g apples (peeled and cored 650 g)', ['apple 650']],
    ['2 cups cooked pumpkin (400 g raw, with skin)', ['pumpkin-puree 518']],
    ['zest of 1 lemon, juice of half', ['citrus-zest 6', 'lemon-juice 21']],
    [
      'Flour 300 g, pinch salt, butter 150 g, water 5 tbsp',
      ['all-purpose-flour 300', 'salt 0', 'butter 150', 'water 75'],
    ],
    ['2. rice flour 90 g', ['white-rice-flour 90']],
    ['225 plain flour', ['all-purpose-flour 225']],
    ['12 walnuts', ['walnuts 30']],
    [
      'You rub 100 g butter into 180 g rice flour with 40 g sugar',
      ['butter 100', 'white-rice-flour 180', 'granulated-sugar 40'],
    ],
    ['1 1/2 tsp bkg pwdr', []],
  ])('%s', (line, foods) => {
    if (foods.length > 0) expect(weighed(line)).toEqual(foods);
    // A shortening that nobody has told us is asked about, and never silently something else.
    else expect(weighed(line).join()).toMatch(/null|baking-powder/);
  });
  it('what is for the tin counts in no batter', () => {
    const with_ = familyRead('Cake\n200 g butter, plus 30 g for the tin\n200 g plain flour').ratios!.fat;
    const without = familyRead('Cake\n200 g butter\n200 g plain flour').ratios!.fat;
    expect(with_).toBeCloseTo(without, 9);
  });
  it('shares an amount among any number of foods', () =>
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.constantFrom('butter', 'honey', 'rice flour', 'cocoa', 'walnuts', 'raisins'), {
          minLength: 2,
          maxLength: 5,
        }),
        fc.integer({ min: 5, max: 500 }),
        (foods, grams) => {
          const list = `${foods.slice(0, -1).join(', ')} and ${foods.at(-1)}`;
          expect(weighed(`${grams} g each ${list}`).map((one) => Number(/\d+$/.exec(one)?.[0]))).toEqual(
            foods.map(() => grams),
          );
        },
      ),
      runs(21),
    ));
});

describe('other kitchens’ lists', () => {
  it.each<[string, string[]]>([
    ['3 dl vetemjöl', ['all-purpose-flour 180']],
    ['2 msk socker', ['granulated-sugar 25']],
    ['250 g Weizenmehl', ['all-purpose-flour 250']],
    ['1 EL Speisestärke', ['corn-starch 8']],
    ['200 g de farine de seigle', ['rye-flour 200']],
    ['2 c. à s. de lait', ['whole-milk 31']],
    ['100 g burro', ['butter 100']],
    ['3 uova', ['egg 165']],
    ['150 g azúcar', ['granulated-sugar 150']],
    ['100 g besan', ['chickpea-flour 100']],
  ])('%s', (line, foods) => expect(weighed(line, '100 g burro\n200 g farina 00')).toEqual(foods));
  it('English comes first: a sale is no salt, and half a burro no butter in an English line', () => {
    expect(weighed('100 g plain flour from the sale')).toEqual(['all-purpose-flour 100']);
    expect(weighed('2 tbsp latte powder').join()).not.toContain('whole-milk 30');
  });
});

describe('sentences with foods', () => {
  const foods = (text: string) =>
    ingredientLines(readText(text)).flatMap(({ items }) =>
      items
        .filter(({ grams }) => grams)
        .map(({ ingredient, grams }) => `${ingredient} ${Math.round(grams!.central)}`),
    );
  it('give their foods to the list and stay steps', () => {
    const text =
      'Quick loaf\n\nCream 120 g soft butter with the same of caster sugar, then beat in two large eggs and fold in 150 g self-raising flour with the zest of an orange.\nBake it in a loaf tin at 170°C for 45 minutes.';
    expect(foods(text)).toEqual(
      expect.arrayContaining(['butter 120', 'caster-sugar 120', 'self-raising-flour 150']),
    );
    expect(readText(text).method).toHaveLength(2);
  });
  it.each([
    [
      'Weigh 4 eggs in their shells, then the same weight each of butter, caster sugar and self raising flour (approx 225g)',
      225,
    ],
    ['3 large eggs (150 g), and their weight in butter, caster sugar and self-raising flour', 150],
    ['2 eggs in the shell, the weight of the eggs in butter, caster sugar and self-raising flour', 125],
  ])('measured by one another: %s', (line, grams) => {
    const read = foods(
      `Sponge\n\n${line}\n1 tsp baking powder\n\nCream, beat and fold. Bake for 25 minutes.`,
    );
    for (const food of ['butter', 'caster-sugar', 'self-raising-flour'])
      expect(read).toContain(`${food} ${grams}`);
  });
});

describe('a drink of another kind', () => {
  it.each([
    ['250 ml eggnog', 'eggnog'],
    ['1 cup macadamia milk', 'almond-milk'],
    ['100 ml coconut water', 'coconut-water'],
    ['200 ml ayran', 'drinking-yogurt'],
  ])('%s is what it says, not what it is near', (line, ingredient) => {
    const [item] = ingredientLines(
      readText(`Cake\n\n250 g plain flour\n${line}\n2 eggs\n\nMethod\nBake.`),
    ).find(({ source }) => source === line)!.items;
    expect(item).toMatchObject({ ingredient, match: 'exact' });
    expect(item!.grams).not.toBeNull();
  });
});

describe('a list in a paragraph', () => {
  it.each(['·', '•'])('with %s between its foods brings all of them', (mark) => {
    const line = `Choux: ${['150 ml water', '60 g butter', '75 g plain flour', 'pinch of salt', '2 eggs'].join(` ${mark} `)}`;
    const { items } = ingredientLines(
      readText(
        `Éclairs\n\n${line}\nFilling: 300 ml cream, 1 tbsp icing sugar\n\nMethod\nBoil, beat, pipe and bake.`,
      ),
    )[0]!;
    expect(items.map(({ ingredient }) => ingredient)).toEqual([
      'water',
      'butter',
      'all-purpose-flour',
      'salt',
      'egg',
    ]);
  });
});

describe('a heading', () => {
  const partsUnder = (heading: string) =>
    readText(
      `Carrot cake\n\n200 g plain flour\n3 eggs\n\n${heading}\n200 g cream cheese\n100 g butter\n\nMethod\nMix and bake.`,
    ).parts.map(({ name }) => name);
  it.each(['Cream cheese frosting', 'Cream filling', 'Cream'])('%s is a part', (heading) =>
    expect(partsUnder(heading)).toEqual([null, heading]),
  );
  it('that says what to do is none', () => expect(partsUnder('Cream together')).toEqual([null]));
});
