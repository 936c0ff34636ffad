import fc from 'fast-check';
import Papa from 'papaparse';
import { BUILT_IN_KITCHEN } from '../kitchen';
import { readProcess } from '../process';
import { readText, runs } from '../testing';
import { ingredientLines } from '../read';
import { recipeToJsonLd, recipeToMarkdown, takeIn, toCsv } from '.';

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
const only = (name: string, content: string) => takeIn(name, content).recipes[0]?.text;
const jsonLd = (data: unknown) => takeIn('a.jsonld', JSON.stringify(data));
const script = (data: unknown) => `<script type="application/ld+json">${JSON.stringify(data)}</script>`;

describe('a recipe in linked data (schema.org/Recipe)', () => {
  it.each([
    ['by itself', RECIPE],
    ['in a list', [{ '@type': 'WebPage' }, RECIPE]],
    ['in a graph', { '@context': 'https://schema.org', '@graph': [{ '@type': 'Person' }, RECIPE] }],
    ['as the main thing of a page', { '@type': 'WebPage', mainEntity: RECIPE }],
    ['with its type as an address', { ...RECIPE, '@type': ['http://schema.org/Recipe'] }],
    ['with its lines as one text', { ...RECIPE, recipeIngredient: '200 g plain flour\n2 eggs' }],
    [
      'with its lines as objects',
      {
        ...RECIPE,
        recipeIngredient: [
          { name: '200 g plain flour' },
          { '@type': 'PropertyValue', value: 2, name: 'eggs' },
        ],
      },
    ],
    [
      'with steps as one text',
      { ...RECIPE, recipeInstructions: 'Rub in the butter.\nBake for 30 minutes at 180°C.' },
    ],
    ['with marks in its words', { ...RECIPE, name: 'Plum&nbsp;<b>squares</b>' }],
  ])('%s becomes its words', (_, data) => expect(jsonLd(data).recipes[0]!.text).toBe(TEXT));
  it('states its times where the reader finds them', () =>
    expect(
      readText(jsonLd({ ...RECIPE, prepTime: 'PT20M', totalTime: 'PT1H10M' }).recipes[0]!.text).times,
    ).toMatchObject({ prep: 20, total: 70 }));
  it('is read like any text', () => {
    const recipe = readText(TEXT);
    expect(recipe.title).toBe('Plum squares');
    expect(ingredientLines(recipe)).toHaveLength(2);
    expect(readProcess(recipe, BUILT_IN_KITCHEN).bake).toMatchObject({
      ovenCelsius: 180,
      minutes: { low: 30, high: 30 },
    });
    expect(recipe.yields).toEqual({ low: 16, high: 16, what: 'squares' });
  });
  it.each(['[]', '{"@type":"Article"}', '{"a":1}'])('%j holds none, and says so', (text) =>
    expect(takeIn('x.json', text)).toMatchObject({
      recipes: [],
      notes: [expect.stringContaining('no recipe')],
    }),
  );
  it('keeps a text that only looks like data', () =>
    expect(only('x.json', '{flour, 200 g')).toBe('{flour, 200 g'));
  it('never throws, whatever JSON it is given', () =>
    fc.assert(
      fc.property(fc.json(), (json) => {
        takeIn('x.json', json);
        takeIn(
          'x.json',
          `{"@type":"Recipe","recipeIngredient":${json},"recipeInstructions":${json},"name":${json},"recipeYield":${json}}`,
        );
      }),
      runs(2),
    ));
});

describe('a saved web page', () => {
  const page = (body: string) =>
    `<!doctype html><html><head><title>t</title></head><body>${body}</body></html>`;
  it('gives its JSON-LD', () => expect(only('a.html', page(script(RECIPE)))).toBe(TEXT));
  it('gives all its recipes, so that a person can be asked which', () => {
    const two = { '@graph': [RECIPE, { ...RECIPE, name: 'Plum rounds' }] };
    expect(takeIn('a.html', page(script(two))).recipes.map(({ title }) => title)).toEqual([
      'Plum squares',
      'Plum rounds',
    ]);
  });
  it('gives the same recipe once, however often the page repeats it', () =>
    expect(takeIn('a.html', page(script(RECIPE) + script(RECIPE))).recipes).toHaveLength(1));
  it('reads past a broken block, and says so', () => {
    const found = takeIn(
      'a.html',
      page(`<script type="application/ld+json">{"@type":</script>${script(RECIPE)}`),
    );
    expect(found.recipes).toHaveLength(1);
    expect(found.notes.join()).toMatch(/could not be read/);
  });
  it('gives its microdata', () => {
    const body = `<div itemscope itemtype="https://schema.org/Recipe"><h1 itemprop="name">Plum squares</h1>
      <span itemprop="author" itemscope itemtype="https://schema.org/Person"><b itemprop="name">A person</b></span>
      <meta itemprop="recipeYield" content="16 squares"><ul><li itemprop="recipeIngredient">200 g plain flour</li>
      <li itemprop="recipeIngredient">2 eggs</li></ul><ol itemprop="recipeInstructions"><li>Rub in the butter.</li><li>Bake for 30 minutes at 180°C.</li></ol></div>`;
    expect(only('a.html', page(body))).toBe(TEXT);
  });
  it('without marks gives its words line by line, and says that it guessed', () => {
    const found = takeIn(
      'a.html',
      page(
        '<nav>Home</nav><article><h1>Plum squares</h1><ul><li>200 g plain flour</li><li>2 eggs</li></ul></article>',
      ),
    );
    expect(found.recipes[0]!.text).toBe('Plum squares\n200 g plain flour\n2 eggs');
    expect(found.notes).toHaveLength(1);
  });
  it('runs nothing and fetches nothing: scripts and links are gone', () => {
    const found = only(
      'a.html',
      page(
        '<main><p>200 g flour</p><script>steal()</script><img src="http://x.test/a.png" onerror="steal()"></main>',
      ),
    )!;
    expect(found).toBe('200 g flour');
  });
  it('of ten megabytes is read', () => {
    const filler = '<p>words and words</p>'.repeat(450_000);
    expect(only('a.html', page(`<main>${script(RECIPE)}${filler}</main>`))).toBe(TEXT);
  });
  it('never throws, whatever stands in it', () =>
    fc.assert(
      fc.property(
        fc.string(),
        (text) => void takeIn('a.html', `<p>${text}<div itemscope itemtype="schema.org/Recipe">${text}`),
      ),
      runs(5),
    ));
});

describe('Markdown', () => {
  it('becomes title, parts, lines and steps', () => {
    const text = only(
      'a.md',
      '# Plum squares\n\nMakes 16\n\n## For the crumb\n\n- 200 g **plain flour**\n- [2 eggs](http://x.test)\n\n## Method\n\n1. Mix.\n2. Bake at 180 °C.',
    )!;
    const recipe = readText(text);
    expect(recipe.title).toBe('Plum squares');
    expect(recipe.parts.map(({ name }) => name)).toContain('crumb');
    expect(ingredientLines(recipe).map(({ source }) => source)).toEqual(['200 g plain flour', '2 eggs']);
    expect(recipe.method.map(({ source }) => source)).toEqual(['Mix.', 'Bake at 180 °C.']);
  });
});

const WORDS = fc.constantFrom(
  'flour',
  'eggs',
  'butter, soft',
  'sugar (packed)',
  'milk & honey',
  'rum*',
  '_salt_',
  'oats #1',
  'plums <ripe>',
  '2% milk',
  'pears | apples',
);
const LINE = fc.tuple(fc.integer({ min: 1, max: 900 }), WORDS).map(([grams, words]) => `${grams} g ${words}`);
const STEP = fc.constantFrom(
  'Heat the oven to 180°C and line a tin.',
  'Cream the butter and the sugar *well*.',
  'Fold in the rest, then bake for 30 minutes.',
  'Leave to cool in the tin for 10 minutes.',
);
const recipeText = fc
  .record({
    title: fc.constantFrom('Plum squares', 'Harbour *snaps* [x](y)', 'Pear & ginger loaf'),
    yields: fc.constantFrom('', 'Makes 12 squares', 'Serves 8', 'Prep time: 20 minutes'),
    first: fc.array(LINE, { minLength: 1, maxLength: 5 }),
    second: fc.array(LINE, { maxLength: 3 }),
    steps: fc.array(STEP, { maxLength: 4 }),
    notes: fc.constantFrom('', 'Notes\nKeeps for a day.'),
  })
  .map(({ title, yields, first, second, steps, notes }) =>
    [
      title,
      yields,
      ...first,
      ...(second.length > 0 ? ['For the crumb:', ...second] : []),
      ...(steps.length > 0 ? ['Method', ...steps] : []),
      notes,
    ]
      .filter(Boolean)
      .join('\n'),
  );
const weights = (text: string) =>
  ingredientLines(readText(text)).flatMap(({ items }) =>
    items.map(({ ingredient, grams }) => [ingredient, grams?.central ?? null]),
  );

describe('what goes out comes in again', () => {
  it('as JSON-LD: the same weights, and the second time byte for byte', () =>
    fc.assert(
      fc.property(recipeText, (text) => {
        const out = recipeToJsonLd(readText(text), null);
        const back = takeIn('a.jsonld', out).recipes[0]!;
        expect(weights(back.text)).toEqual(weights(text));
        expect(recipeToJsonLd(readText(back.text), back.foreign)).toBe(out);
      }),
      runs(6),
    ));
  it('as Markdown: the same weights, and the second time byte for byte', () =>
    fc.assert(
      fc.property(recipeText, (text) => {
        const out = recipeToMarkdown(readText(text));
        const back = takeIn('a.md', out).recipes[0]!.text;
        expect(weights(back)).toEqual(weights(text));
        expect(recipeToMarkdown(readText(back))).toBe(out);
      }),
      runs(7),
    ));
  it('as a table: the same weights, and the second time byte for byte', () =>
    fc.assert(
      fc.property(recipeText, (text) => {
        const out = toCsv(readText(text));
        const back = takeIn('a.csv', out).recipes[0]!.text;
        expect(toCsv(readText(back))).toBe(out);
      }),
      runs(8),
    ));
  it('keeps the fields of others', () => {
    const given = {
      ...RECIPE,
      author: { '@type': 'Person', name: 'Orla' },
      keywords: ['plum'],
      description: 'For the tea.',
    };
    const { text, foreign } = jsonLd(given).recipes[0]!;
    const out = JSON.parse(recipeToJsonLd(readText(text), foreign)) as Record<string, unknown>;
    expect(out).toMatchObject({
      author: given.author,
      keywords: ['plum'],
      description: 'For the tea.',
      name: 'Plum squares',
    });
  });
  it('lets no cell of the table run as a formula', () => {
    const csv = toCsv(readText('=cmd()\n200 g flour\n-1 g sugar, 100 g @butter'));
    for (const row of Papa.parse<string[]>(csv).data)
      for (const cell of row) expect(cell).not.toMatch(/^[=+@]|^-[^\d]/);
  });
});
