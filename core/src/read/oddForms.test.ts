import { readText } from '../testing';
import { durationsIn } from './durations';
import { settingsIn } from './temperatures';

/*
 * Forms in which bakers write that are nobody's standard: what a page says in them is all there, and is counted once.
 */

const foods = (text: string) =>
  readText(text).parts.flatMap(({ lines }) =>
    lines.flatMap(({ items, aside }) =>
      items.map((item) => ({
        of: item.ingredient,
        grams: item.grams ? Math.round(item.grams.central) : null,
        aside: aside || item.aside,
      })),
    ),
  );
const page = (line: string) => `Sponge cake\n${line}\n\nMethod\nWhisk and bake at 180C for 20 minutes.`;
const weights = (line: string): Readonly<Record<string, number | null>> =>
  Object.fromEntries(foods(page(line)).map(({ of, grams }) => [String(of), grams]));

describe('a line of several things', () => {
  it('may be led by dots', () => {
    const all = weights('75g s.r. flour . . . . 3 eggs . . . . 75g caster sugar');
    expect(all).toMatchObject({ 'self-raising-flour': 75, 'caster-sugar': 75 });
    expect(all).toHaveProperty('egg');
  });
  it('loses none for one that nobody knows', () => {
    const known = foods(
      page(
        'for the batter: 1 cup maida, 1 tbsp besan, 2 tbsp frobnitz, 1/4 tsp baking soda, water as needed',
      ),
    ).map(({ of }) => of);
    for (const id of ['all-purpose-flour', 'chickpea-flour', 'baking-soda', 'water'])
      expect(known).toContain(id);
    expect(known).toContain(null);
  });
  it('is beside the dough only as far as it says so', () => {
    const all = foods(page('4oz butter, 3oz caster, 5oz SR, oats for rolling'));
    expect(all.find(({ of }) => of === 'self-raising-flour')).toMatchObject({ grams: 142, aside: false });
    expect(all.find(({ of }) => of === 'rolled-oats')!.aside).toBe(true);
  });
  it('weighs once behind a box to tick', () =>
    expect(weights('- [ ] 1 cup + 2 Tbsp (140g) AP flour')).toEqual({ 'all-purpose-flour': 140 }));
  it.each([
    ['Flour 2 & 1/4 c', 'all-purpose-flour', 295],
    ['Butter 2 sticks soft', 'butter', 227],
    ['Br sugar 3/4 c packed', 'light-brown-sugar', 164],
    ['Van 1 t', 'vanilla-extract', 4],
  ])('may have its amount behind: %s', (line, of, grams) =>
    expect(Math.abs(weights(line)[of]! - grams)).toBeLessThan(0.07 * grams + 1),
  );
  it('has whites of eggs, and what it gives no amount of', () =>
    expect(Object.keys(weights('4 whites, 7 oz caster, 1 yolk, water'))).toEqual(
      expect.arrayContaining(['egg-white', 'caster-sugar', 'egg-yolk', 'water']),
    ));
  it('has bread by its slices, and no crumbs', () =>
    expect(weights('8 slices white bread')).toHaveProperty('bread', 288));
  it('may be parted by strokes, behind its name', () =>
    expect(
      weights('Sweet pastry: 200g plain flour / 100g cold butter / 50g icing sugar / 1 yolk'),
    ).toMatchObject({ 'all-purpose-flour': 200, butter: 100, 'powdered-sugar': 50 }));
  it('keeps a second measure behind a stroke what it is', () =>
    expect(weights('200 g / 7 oz plain flour')).toEqual({ 'all-purpose-flour': 200 }));
  it('has as much of each, the first with two words too', () =>
    expect(Object.keys(weights('1 tsp each baking powder, baking soda, salt'))).toEqual([
      'baking-powder',
      'baking-soda',
      'salt',
    ]));
  it('drops an essence, not a nut', () =>
    expect(Object.keys(weights('200 g flour, 2 eggs, few drops almond'))).toContain('almond-extract'));
});

describe('what a page is called', () => {
  const list = '200 g plain flour\n100 g butter\n100 g sugar\n2 eggs';
  it.each([
    ['below its list', `${list}\n\n# Baked vanilla slices\n\n1. Mix and bake.`, 'Baked vanilla slices'],
    ['behind a number of tins', `two-tin choc cake\n${list}\nMix it all and bake.`, 'two-tin choc cake'],
    ['in bold', `**Pear tart**\n\n${list}\n\nMethod\nMix and bake.`, 'Pear tart'],
    ['with how many behind it', `Bath buns — a dozen\n${list}\n\nMethod\nMix and bake.`, 'Bath buns'],
    [
      'in capitals before its one paragraph',
      'PARKIN. Melt 4 oz butter with 8 oz treacle, stir into 8 oz oatmeal and 6 oz plain flour, beat in 1 egg and bake at 300F for an hour.',
      'PARKIN',
    ],
    [
      'in a letter',
      'Dear all, as asked: my aunt’s Pear Clafoutis.\n\nWhisk 4 eggs with 100 g sugar, then 80 g flour and 250 ml milk. Pour over 4 pears. 190 C for 35 min.',
      'Pear Clafoutis',
    ],
  ])('is read %s', (_, text, title) => expect(readText(text).title).toBe(title));
  it('is never a food of its list', () =>
    expect(foods(`two-tin choc cake\n${list}\nMix it all and bake.`)).toHaveLength(4));
});

describe('a method', () => {
  const told = (text: string) => readText(text).method.map(({ source }) => source);
  it('is told by its steps, and not by what numbers them', () =>
    expect(
      told(
        'Plain cake\n200 g plain flour\n2 eggs\n100 g sugar\n\nMethod\nSTEP 1\nHeat the oven to 180C.\nSTEP 2\nMix everything and bake for 20 minutes.',
      ),
    ).toEqual(['Heat the oven to 180C.', 'Mix everything and bake for 20 minutes.']));
  it('has no list in it', () => {
    const text =
      'Layer cake\nSponge - 4 eggs / 120 g sugar / 120 g flour\nSyrup - 200 ml strong coffee / 2 tbsp marsala / 30 g sugar\n\nWhip eggs and sugar, fold in the flour and bake at 180C for 25 min. Soak it with the syrup when it is cold.';
    expect(told(text).join()).not.toContain('4 eggs / 120 g');
    expect(foods(text).map(({ of }) => of)).toContain('egg');
  });
});

describe('a list behind a label', () => {
  it('ends with the juice of half a lemon', () =>
    expect(weights('Syrup: 300g sugar, 200ml water, 2 tbsp honey, juice of half a lemon')).toMatchObject({
      honey: 43,
      'lemon-juice': 21,
    }));
});

describe('a wrapped line', () => {
  it('is of one kind with its first half, where that ends in the middle', () => {
    const { parts } = readText(
      'Dumpling\n350 g plain flour\n175 g butter\n350 g sultanas and currants mixed,\n    washed and dried\n1 egg\n\nMix it all and boil for 3 hours.',
    );
    expect(parts).toHaveLength(1);
    expect(parts[0]!.lines.find(({ source }) => source.includes('washed'))?.kind).toBe('ingredient');
  });
});

describe('a page in labels', () => {
  const text =
    'Easy lemon loaf\nTin: 900g loaf tin\n\nCake: 175g butter, 175g caster sugar, 3 eggs, 175g SR flour, zest 2 lemons, 2 tbsp milk\nDrizzle: juice 2 lemons, 85g granulated sugar\n\nOven 180. Beat everything for the cake. 45 mins. Prick and pour over the juice and sugar.';
  it('has its tin for what it is baked in', () =>
    expect(readText(text).kinds[1]!.kind).not.toBe('ingredient'));
  it('has the zest and the juice of its lemons', () => {
    const all = foods(text);
    expect(all.find(({ of }) => of === 'citrus-zest')).toMatchObject({ grams: 12 });
    expect(all.find(({ of }) => of === 'lemon-juice')).toMatchObject({ grams: 84 });
  });
});

it('a non-stick tin is no stick of butter, and a dessertspoon is two teaspoons', () => {
  const recipe = readText(
    'Puddings\n140g plain flour\n4 eggs\n1 dessertsp treacle\n\nMethod\nPour into a non-stick muffin tin. Bake at 230C for 20 mins.',
  );
  expect(recipe.locale).toBe('UK');
  expect(
    recipe.parts.flatMap(({ lines }) => lines).find(({ source }) => source.includes('treacle'))!.items[0]!
      .grams!.central,
  ).toBeCloseTo(14, 0);
});

describe('a line that says more than a thing', () => {
  it('of half and half is both', () =>
    expect(weights('4oz fat (half butter, half lard)')).toMatchObject({ butter: 57, lard: 57 }));
  it('names the bake and lists what goes in: all of it is weighed, and nothing is made of the name', () => {
    const text =
      '[10:02] Sue: Malt loaf recipe love. 150ml hot black tea, 175g malt extract, 85g dark muscovado, 300g mixed dried fruit\n[10:03] Sue: 2 large eggs beaten, 250g plain flour, 1 tsp baking powder\n[10:05] Sue: heat oven 150. stir tea, malt, sugar and fruit, add eggs and flour\n[10:06] Sue: bake 50 mins in 2 450g tins';
    const all = foods(text);
    expect(all.map(({ of }) => of)).toEqual(
      expect.arrayContaining(['malt-extract', 'egg', 'all-purpose-flour', 'baking-powder']),
    );
    expect(all.some(({ of }) => of !== null && /bread|biscuit/.test(of))).toBe(false);
    expect(readText(text).title).toBe('Malt loaf');
    expect(
      readText(text)
        .method.map(({ source }) => source)
        .join(),
    ).not.toContain('150ml');
  });
  it('is for what it is for', () =>
    expect(
      readText(
        'Ingredients for Chelsea Buns\n• 500g strong white flour\n• 1 tsp salt\n• 300ml milk\n\nDirections\nMix and knead.\nBake at 190C for 20 minutes.',
      ).title,
    ).toBe('Chelsea Buns'));
});

describe('a page’s name', () => {
  it('stands above lists that begin with their own', () =>
    expect(
      readText(
        'Stollen (makes 2)\n\nFruit: 150 g raisins, 50 g candied peel, 4 tbsp rum - soak overnight\nStarter: 100 g bread flour, 100 ml lukewarm milk, 15 g fresh yeast\nDough: 300 g bread flour, 60 g sugar, 1 egg, 150 g soft butter\n\nMix the starter. Add the dough, knead. Prove 1 hour. Bake at 180C for 35 minutes.',
      ),
    ).toMatchObject({ title: 'Stollen' }));
  it('may stand between its table and its steps', () =>
    expect(
      readText(
        '| Ingredient | Weight |\n|---|---|\n| Strong flour | 400 g |\n| Milk | 200 g |\n| Butter | 120 g |\n| Instant yeast | 8 g |\n\nBrioche loaf\n\nMix all but butter 8 min. Add butter. Chill overnight. Prove 2 h. 180 °C, 35 min.',
      ).title,
    ).toBe('Brioche loaf'));
});

describe('a letter', () => {
  const text =
    "Dear Ruth,\n\nYou wanted Mother's Seed Cake. Half a pound of flour, 6 oz of butter, 6 oz of caster sugar, three eggs, a good teaspoon of baking powder, 2 teaspoons of caraway seeds and a tablespoon of ground almonds.\n\nCream the butter and sugar, beat in the eggs singly, then fold in the flour sifted with the powder. Turn it into a lined 7 inch tin and bake in a moderate oven for about an hour and ten minutes.\n\nLove, Em";
  it('is called by the name within it, of which nothing is bought', () => {
    const recipe = readText(text);
    expect(recipe.title).toBe("Mother's Seed Cake");
    const all = foods(text).map(({ of }) => of);
    expect(all.filter((one) => one === 'all-purpose-flour')).toHaveLength(1);
    expect(all.some((one) => one !== null && /cookie|biscuit|bread/.test(one))).toBe(false);
    expect(recipe.locale).toBe('UK');
  });
  it('tells what to do once, and the list is no step', () =>
    expect(readText(text).method.map(({ source }) => source.slice(0, 16))).toEqual(['Cream the butter']));
  it('in one paragraph is list and method at once', () =>
    expect(
      readText(
        'Lemon muffins\n\nFor 12 muffins: cream 115 g butter with 200 g sugar. Beat in 2 eggs. Mix 260 g flour, 2 tsp baking powder, ½ tsp salt and 2 tbsp poppy seeds; fold in with 240 ml yoghurt. Divide among paper cases and bake at 190 °C for 20–22 minutes.',
      ).method,
    ).toHaveLength(1));
});

it('what is soaked above the list is on it, and is soaked', () => {
  const text =
    'Bara Brith\n\nSoak 300g mixed dried fruit and 150g dark brown sugar in 250ml strong hot tea overnight.\n\nNext day add:\n- 1 egg, beaten\n- 275g self raising flour\n- 1 tsp mixed spice\n\nMix well, turn into a lined 2lb loaf tin, bake at 160C for 1 hr 15.';
  expect(foods(text).map(({ of }) => of)).toEqual(
    expect.arrayContaining(['dark-brown-sugar', 'self-raising-flour']),
  );
  expect(readText(text).method[0]!.source).toMatch(/^Soak/);
  expect(readText(text).parts.map(({ name }) => name)).toEqual([null]);
});

it('a sentence’s range is weighed', () => {
  const all = foods(
    'Pecan pie\n\nFor the dough: 1 1/4 cups flour, 1/2 tsp salt, 1 stick cold butter cut up, 3-4 tbsp ice water.\nFor the filling: 3 eggs, 1 cup dark corn syrup, 1/2 cup brown sugar, 2 cups pecans.\n\nRub butter into flour and salt, add water. Roll out. Whisk eggs, syrup and sugar. Bake at 350F for 50 min.',
  );
  const water = all.find(({ of }) => of === 'water');
  expect(water!.grams).toBeGreaterThan(44);
  expect(water!.grams).toBeLessThan(60);
});

describe('a list on one line', () => {
  it('keeps a list behind a name of its own apart', () => {
    const { parts } = readText(
      'Fritters\n1 cup maida, 2 tbsp sugar, 1/2 cup yogurt\nchashni - 1 1/2 cups sugar, 3/4 cup water\n\nMethod\nMix, fry, dip in the chashni.',
    );
    expect(parts.map(({ name }) => name)).toContain('chashni');
  });
});

describe('what other kitchens and letters write', () => {
  const method =
    '\n\nMake a dough of flour, yeast and milk. Let rise 45 minutes. Bake at 200 °C for 30 minutes.';
  it('may name a part and list it on its last line: its flour is on the list', () => {
    for (const line of [
      'Streusel: 200 g flour, 125 g sugar, 125 g butter, 1 tsp cinnamon',
      'Streusel: 200 g Mehl, 125 g Zucker, 125 g Butter, 1 TL Zimt',
    ]) {
      const { parts } = readText(
        `Apple sheet cake\n375 g flour\n150 ml milk\n75 g butter\n1 egg\n${line}\nRub and strew. Bake at 200 °C for 30 minutes.`,
      );
      const streusel = parts.find(({ name }) => name === 'Streusel')!;
      expect(streusel.lines.flatMap(({ items }) => items).map(({ ingredient }) => ingredient)).toEqual([
        'all-purpose-flour',
        'granulated-sugar',
        'butter',
        'cinnamon',
      ]);
    }
  });
  it.each([
    [
      'Pâte à choux : 125 g d’eau, 125 g de lait entier, 100 g de beurre, 5 g de sel, 150 g de farine, 250 g d’œufs',
      150,
    ],
    // Its flour is there, though nobody here knows another thing of the list.
    ['Pâte : 125 g de truc, 150 g de farine', 150],
    ['Deg: 2 dl mjölk, 250 g vetemjöl, 1 msk bankorn', 250],
  ])('a list behind its name, whatever else is in it: %s', (line, grams) =>
    expect(
      foods(`Kaka\n${line}\n100 g sugar\n\nMethod\nMix and bake at 180C for 20 minutes.`),
    ).toContainEqual({
      of: 'all-purpose-flour',
      grams,
      aside: false,
    }),
  );
  it('names the columns of its list, and that is nothing to eat', () => {
    const read = readText(
      'Banana bread\nIngredients        Amount\nall purpose flour    190 g\nsugar                150 g\n\nMix. Bake at 180C for 50 minutes.',
    );
    expect(read.parts.flatMap(({ lines }) => lines).filter(({ kind }) => kind === 'ingredient')).toHaveLength(
      2,
    );
  });
  it.each([
    ['Bake 3 1/2 to 4 hrs in slow oven (Reg. 1-2).', 140],
    ['Bake in a moderate oven for 40 minutes.', 180],
    ['Bake in a very hot oven for 10 minutes.', 240],
    ['Put it in the hot oven and bake for 10 minutes.', null],
    ['Bake in a moderate oven, 170C, for 40 minutes.', 170],
  ])('says how hot its oven is in old words: %s', (step, celsius) =>
    expect(settingsIn(step)[0]?.celsius ?? null).toBe(celsius),
  );
  it('may tick off its list on one line, and point at a part', () => {
    const list = foods(
      '🍋 LEMON DRIZZLE TRAYBAKE 🍋\n✔️225g soft butter ✔️225g caster sugar ✔️275g self raising flour ✔️4 eggs ✔️4tbsp milk\nDRIZZLE 👉 175g granulated sugar + juice of 2 lemons\nBeat it all together 2 mins, tip into lined 30x23cm tin, 160 fan 35-40 mins.',
    );
    expect(list.find(({ of }) => of === 'self-raising-flour')!.grams).toBe(275);
    expect(list.map(({ of }) => of)).toEqual(
      expect.arrayContaining([
        'butter',
        'caster-sugar',
        'egg',
        'whole-milk',
        'granulated-sugar',
        'lemon-juice',
      ]),
    );
  });
  it('may say how many it makes before its list, in the shortest of measures', () =>
    expect(
      foods(
        'Popovers\nMakes 6 big. 4 eggs, 1½ c milk, 1½ c AP flour, ¾ t salt, 3 T butter melted.\nBlender 30 sec. Rest 30 min. 450 20 min, then 350 15 more.',
      ).map(({ of, grams }) => [of, grams]),
    ).toEqual([
      ['egg', 200],
      ['whole-milk', 366],
      ['all-purpose-flour', 186],
      ['salt', 4],
      ['butter', 43],
    ]));
  it.each([
    'Crush the digestive biscuits well. 100 g butter, melted, goes in with 3 tbsp golden syrup. Press in a 20 cm tin and chill.',
    'Crush digestive biscuits. 100 g butter, melted, goes in with 50 g flour and 3 tbsp golden syrup. Press in a 20 cm tin and chill.',
  ])('keeps the wheat that its first sentence works with, though it gives no amount of it: %s', (told) =>
    expect(foods(`Fridge slab\n${told}`).map(({ of }) => of)).toContain('digestive-biscuits'),
  );
  it('may put bare numbers behind names', () =>
    expect(
      foods(
        'Profiterole tower, 40 small\n\nChoux: water 250, butter 110, salt pinch, sugar 10, strong flour 140, eggs about 4 (220)\nCaramel: sugar 300, water 80\n\nBoil first four. Flour in, beat. Beat in eggs. Pipe walnuts. 200 for 15, then 180 15-20.',
      )
        .map(({ of, grams }) => [of, grams])
        .filter(([of]) => of !== 'salt'),
    ).toEqual([
      ['water', 250],
      ['butter', 110],
      ['granulated-sugar', 10],
      ['bread-flour', 140],
      ['egg', 220],
      ['granulated-sugar', 300],
      ['water', 80],
    ]));
  it('may shorten words within a sentence, and say what fruit was soaked in', () => {
    const list = foods(
      'Fridge cake: 250g rich tea biscuits, 125g butter, 40g rum-soaked raisins, 200g milk choc. Crush biscuits. Melt butter. Mix. Press in 20cm square tin. Fridge 2 hrs.',
    ).map(({ of }) => of);
    expect(list).toEqual(['digestive-biscuits', 'butter', 'raisins', 'milk-chocolate']);
  });
  it('may be told aloud from beginning to end', () => {
    const told: Readonly<Record<string, number | null>> = Object.fromEntries(
      foods(
        'okay so you take like two cups of flour and a teaspoon and a half of baking powder and half a teaspoon of salt, right, and then a stick of butter softened, one cup of sugar, cream that, then two eggs one at a time, three quarters of a cup of milk, and you alternate. nine by nine pan, forty-five minutes',
      ).map(({ of, grams }) => [String(of), grams] as const),
    );
    expect(told).toMatchObject({
      'all-purpose-flour': 248,
      butter: 113,
      'granulated-sugar': 200,
      'whole-milk': 183,
    });
    expect(told['baking-powder']).toBeGreaterThan(5);
  });
  it.each([
    ['chill 30.', 30],
    ['Freeze 10 before baking', 10],
    ['rest 10, flip', 10],
    ['chill 30 balls', null],
    ['cool 2 trays at a time', null],
  ])('may say a wait without its unit: %s', (words, minutes) =>
    expect(durationsIn(words)[0]?.low ?? null).toBe(minutes),
  );
  it('may be called in its first line, with words to somebody', () =>
    expect(
      readText(
        'Buttermilk pound cake, for my sister (no dairy!!)\n3 cups AP flour\n1 cup butter\n6 eggs\n\nCream all and bake at 325F for an hour.',
      ).title,
    ).toBe('Buttermilk pound cake'));
  it.each([
    ['Milk – about 100ml', 'whole-milk'],
    ['1 Tb baking powder', 'baking-powder'],
    ['pista to garnish', 'pistachios'],
    ['1 oz peel', 'candied-peel'],
    [
      'MILKS: 1 can (12 oz) evaporated milk, 1 can (14 oz) condensed milk, 1/4 cup heavy cream',
      'evaporated-milk',
    ],
  ])('says “%s”', (line, of) =>
    expect(
      foods(
        `Cake\n200 g plain flour\n100 g butter\n2 eggs\n${line}\n\nMethod\nMix all, bake at 180C for 20 minutes.`,
      ).map((one) => one.of),
    ).toContain(of),
  );
  it('is called after what it is baked on and with, and none of that is eaten', () => {
    const list = foods(
      'Spritz cookies for the cookie press. 1 cup butter, 1/2 cup sugar, 1 egg, 2-1/4 cups flour. Cream butter & sugar well. Beat in egg. Add flour. Force dough through press on ungreased cookie sheets. Bake at 400 deg. for 6 to 8 minutes.',
    );
    expect(list.map(({ of }) => of)).toEqual(['butter', 'granulated-sugar', 'egg', 'all-purpose-flour']);
  });
  it.each([
    ['1 Würfel Hefe (42 g)', 'fresh-yeast', 42],
    ['150 ml lauwarme Milch', 'whole-milk', 155],
    ['50 g geschmolzene Butter', 'butter', 50],
  ])('%s', (line, of, grams) =>
    expect(foods(`Kuchen\n375 g Mehl\n75 g Zucker\n1 Ei\n${line}${method}`)).toContainEqual({
      of,
      grams,
      aside: false,
    }),
  );
  it('may say numbers in words within a sentence, and make nothing of the cake that it speaks of', () => {
    const read = foods(
      'hi, that cardamom cake you liked. so: melt 150g butter. whisk 3 eggs w/ 2 and a half dl sugar. 3 dl flour and 2 tsp baking powder go in. bake at 175C for 40 min.',
    );
    expect(read.find(({ of }) => of === 'granulated-sugar')!.grams).toBeGreaterThan(200);
    expect(read.map(({ of }) => of).filter((of) => of !== null && /cake|biscuit/.test(of))).toEqual([]);
  });
  it('may name a thing again by its last word', () => {
    const soda = foods(
      'Pound cake\n3 cups flour\n3 eggs\n3/4 cup lemon-lime soda\nGlaze: 1 cup powdered sugar + 2 Tbs of the soda\n\n1. Cream, add the flour.\n2. Bake at 325° for 1 hour.',
    );
    expect(soda.filter(({ of }) => of === 'soft-drink')).toHaveLength(2);
    expect(soda.map(({ of }) => of)).not.toContain('baking-soda');
  });
  it('may put the title in a row with facts', () => {
    const read = readText(
      'PEANUT BUTTER BARS  |  Yield: 24 bars  |  Prep 15m  |  Cook 25m\n1/2 c. butter | 1 c. sugar\n1 egg | 1 1/4 c. flour\n\nBeat, press in a 9x13 pan. Bake 350 for 22 min.',
    );
    expect(read.title).toBe('PEANUT BUTTER BARS');
    expect(read.yields).toMatchObject({ low: 24, what: 'bars' });
    expect(
      read.parts[0]!.lines.flatMap(({ items }) => items).map(({ ingredient }) => ingredient),
    ).not.toContain('peanut-butter');
  });
});

describe('an ordinary page', () => {
  const told = '\n\nMethod\nRub the butter into the flour. Bake at 190C for 40 minutes.';
  it('has a pie crust with its makings on its list, and as no yield', () => {
    const list = foods(
      `Pumpkin Pie\n\n1 unbaked 9-inch pie crust (homemade: 1 1/4 cups flour, 1/2 tsp salt, 1/2 cup cold butter, 3 tbsp ice water)\n1 (15 oz) can pumpkin puree\n2 large eggs\n1 tsp cinnamon\n\nWhisk pumpkin, eggs and cinnamon, pour into the crust and bake at 190C for 40 minutes.`,
    );
    expect(list.map(({ of }) => of)).toContain('shortcrust-pastry--case');
  });
  it('has a crumble’s list behind its name', () => {
    const list = foods(
      `Rhubarb Crumble\nServes 6\n\nFruit: 800g rhubarb, 100g caster sugar\nCrumble: 200g plain flour, 125g cold butter, 100g demerara sugar${told}`,
    );
    expect(list.map(({ of }) => of)).toEqual(
      expect.arrayContaining(['all-purpose-flour', 'butter', 'rhubarb']),
    );
  });
  it.each([
    ['Roll up from the long side and cut into 12.', { low: 12, what: 'pieces' }],
    ['Sandwich the biscuits. About 30 pieces.', { low: 30, what: 'pieces' }],
    ['Spoon into a 14-cup Bundt pan.', null],
  ])('%s', (step, yields) => {
    const read = readText(
      `Bake\n200 g flour\n100 g butter\n\nMethod\nMix the butter and the flour.\n${step}\nBake it.`,
    ).yields;
    if (yields === null) expect(read).toBeNull();
    else expect(read).toMatchObject(yields);
  });
});
