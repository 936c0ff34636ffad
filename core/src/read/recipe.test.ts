import fc from 'fast-check';
import { join } from 'node:path';
import { BUILT_IN_KITCHEN } from '../kitchen';
import { counter, csvCases, runs } from '../testing';
import { ingredientLines, readRecipe } from '.';

const read = (text: string) => readRecipe(text, { kitchen: BUILT_IN_KITCHEN, newId: counter() }).recipe;

describe('a letter around a recipe', () => {
  it('is kept as notes, and is no food', () => {
    const { parts } = read(
      'Ginger thins\nHello love, here it is as promised.\n200 g flour\n100 g butter\nLove, Jo x',
    );
    expect(parts[0]!.lines.map(({ kind }) => kind)).toEqual([
      'note',
      'note',
      'ingredient',
      'ingredient',
      'note',
    ]);
  });
});

describe('a method that takes its time to get to the verb', () => {
  const HOT =
    'Oven gas 4. Cream the butter and sugar, beat in 2 eggs one by one, fold in the flour. Bake 35 mins.';
  it('is a step, and its oven and time are read', () => {
    const recipe = read(`Plum slice\n170 g flour\n57 g butter\n110 g sugar\n2 eggs\n\n${HOT}`);
    expect(ingredientLines(recipe)).toHaveLength(4);
    expect(recipe.method.map(({ source }) => source).join(' ')).toContain('Cream the butter');
  });
});

describe('a name', () => {
  it.each(['Plum tart', 'Apple pie', 'Lemon slice', 'Ginger snaps'])(
    '“%s” is a title and no fruit',
    (title) => {
      const recipe = read(`${title}\n400 g plums\n200 g flour`);
      expect(recipe.title).toBe(title);
      expect(ingredientLines(recipe)).toHaveLength(2);
    },
  );
});

describe('lines as home bakers write them', () => {
  // Cases of our own, from memory of common practice and public reference values.
  for (const row of csvCases(join(__dirname, 'cases/parse-lines.csv'))) {
    it(`reads ${JSON.stringify(row['line'])}`, () => {
      const line = read(row['line']!).parts[0]?.lines[0];
      if (row['line'] === '') return expect(line).toBeUndefined();
      if (row['is_heading'] === '1') return expect(line?.kind).toBe('heading');
      if (row['expected_ingredient'] === '') return expect(line?.kind).toBe('note');
      const item = line!.items[0]!;
      expect(item.ingredient).not.toBeNull();
      expect([row['role'], ...row['role_also_acceptable']!.split(/[;,| ]+/)]).toContain(item.role);
      if (row['grams_low'] !== '') {
        expect(item.grams!.central).toBeGreaterThanOrEqual(Number(row['grams_low']));
        expect(item.grams!.central).toBeLessThanOrEqual(Number(row['grams_high']));
      }
    });
  }
});

describe('further lines as people write them (common practice)', () => {
  for (const row of csvCases(join(__dirname, 'cases/more-lines.csv'))) {
    it(`reads ${row['line']}: ${row['note']}`, () => {
      const [item] = read(row['line']!).parts[0]!.lines[0]!.items;
      expect(item).toMatchObject({ ingredient: row['expected_ingredient'], role: row['role'] });
      expect(item!.grams!.central).toBeGreaterThanOrEqual(Number(row['grams_low']));
      expect(item!.grams!.central).toBeLessThanOrEqual(Number(row['grams_high']));
    });
  }
  it.each(['12 paper cases', '8 inch cake tin', 'Parchment paper', '23 cm springform tin'])(
    '%s is of the kitchen and no food',
    (line) => expect(read(`Cake\n200 g flour\n${line}`).parts[0]!.lines.at(-1)!.kind).toBe('note'),
  );
  it('takes a list on one line apart, and leaves a preparation be', () => {
    const items = (line: string) =>
      read(line).parts[0]!.lines[0]!.items.map(({ ingredient, grams }) => [ingredient, grams?.central]);
    expect(items('Ingredients: 200 g flour, 100 g butter, and 2 tsp vanilla')).toEqual([
      ['all-purpose-flour', 200],
      ['butter', 100],
      ['vanilla-extract', expect.any(Number)],
    ]);
    expect(items('3 bars dark chocolate, 100 g each')).toHaveLength(1);
    expect(items('2 apples, 1 grated and 1 diced')).toHaveLength(1);
  });
  it('weighs more where there is more', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 400 }),
        fc.constantFrom('g butter', 'cups flour', 'tbsp honey', 'tsp salt', 'ml milk', 'eggs', 'oz sugar'),
        (count, of) => {
          const grams = (n: number) => read(`${n} ${of}`).parts[0]!.lines[0]!.items[0]!.grams!.central;
          expect(grams(count + 1)).toBeGreaterThan(grams(count));
        },
      ),
      runs(23),
    ));
});

describe('a whole text', () => {
  const written = (text: string) => {
    const recipe = read(text);
    return [...recipe.parts.flatMap(({ lines }) => lines), ...recipe.method]
      .map(({ source }) => source)
      .sort();
  };

  it('puts each non-blank line in exactly one place, whatever is pasted', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.oneof(
            fc.string({ unit: 'grapheme' }),
            fc.constantFrom(
              '1 cup flour',
              'Method',
              'For the icing:',
              '2 eggs',
              '<script>alert(1)</script>',
              '١ cup milk',
            ),
          ),
        ),
        (lines) => {
          const text = lines.join('\n');
          const expected = text.split(/\r\n|[\n\r\u2028\u2029]/).filter((line) => line.trim() !== '');
          expect(written(text)).toEqual(expected.sort());
        },
      ),
      runs(7),
    );
  });

  it('weighs more when more is written', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 40 }), fc.integer({ min: 1, max: 40 }), (a, b) => {
        const grams = (n: number) =>
          read(`${n} cups plain flour`).parts[0]!.lines[0]!.items[0]!.grams!.central;
        expect(Math.sign(grams(a) - grams(b))).toBe(Math.sign(a - b));
      }),
      runs(7),
    );
  });

  it.each([
    ['| Recipe | Pear cake |', 'Pear cake'],
    ['Title: Lemon drizzle loaf', 'Lemon drizzle loaf'],
    ['🍓 Strawberry shortcakes 🍓', 'Strawberry shortcakes'],
  ])('calls it by its name alone: %s', (line, title) =>
    expect(
      read(
        `${line}\n\n200 g plain flour\n100 g butter\n100 g sugar\n2 eggs\n\nMethod\nMix and bake at 180 °C for 20 minutes.`,
      ).title,
    ).toBe(title),
  );

  it('keeps the ids of lines that an edit leaves alone', () => {
    const first = readRecipe('1 cup flour\n2 eggs\n100 g sugar', {
      kitchen: BUILT_IN_KITCHEN,
      newId: counter(),
    });
    const second = readRecipe('1 cup flour\n3 eggs\n100 g sugar', {
      kitchen: BUILT_IN_KITCHEN,
      newId: () => 'new',
      previous: first.lines,
    });
    expect(second.lines.map(({ id }) => id)).toEqual(first.lines.map(({ id }) => id));
  });

  it('reads a card as terse as cards are: parts on one line, steps of three words', () => {
    const { recipe } = readRecipe(
      'Chocolate cream pie\nCRUST: 24 gingernuts, crushed; 5 T melted butter; pinch salt\nFILLING: 2/3 c sugar, 4 lge egg yolks, 3 c milk\n160 degrees, 20 min. Makes about 8.\nBake 50-55 mins.',
      { kitchen: BUILT_IN_KITCHEN, newId: counter() },
    );
    expect(recipe.title).toBe('Chocolate cream pie');
    expect(ingredientLines(recipe).map(({ items }) => items.map(({ ingredient }) => ingredient))).toEqual([
      ['ginger-biscuits', 'butter', 'salt'],
      ['granulated-sugar', 'egg-yolk', 'whole-milk'],
    ]);
    expect(recipe.method).toHaveLength(2);
  });
});
