import { BUILT_IN_KITCHEN, EMPTY_REQUEST } from '../kitchen';
import { convert, judge } from '../docket';
import { ingredientLines } from '../read';
import { readText } from '../testing';
import { guardRecipe } from '.';

const CLAIMS = [
  'gluten-free',
  'gluten free',
  'GF',
  'Gluten-Free',
  'certified gluten-free',
  'free from gluten',
  '1-to-1',
  '1:1',
  'one-for-one',
];
const KINDS = [
  '',
  'plain',
  'all-purpose',
  'all purpose',
  'self-raising',
  'self rising',
  'white',
  'bread',
  'cake',
  'pastry',
  'baking',
  'strong white bread',
  'multi-purpose',
];
const BASES = ['flour', 'flour blend', 'flour mix', 'baking blend'];
const FLOURS: readonly (readonly [words: string, ingredient: string])[] = [
  ['almond flour', 'almond-flour'],
  ['rice flour', 'white-rice-flour'],
  ['brown rice flour', 'brown-rice-flour'],
  ['sorghum flour', 'sorghum-flour'],
  ['teff flour', 'teff-flour'],
  ['buckwheat flour', 'buckwheat-flour'],
  ['coconut flour', 'coconut-flour'],
  ['chickpea flour', 'chickpea-flour'],
  ['tapioca flour', 'tapioca-starch'],
  ['cassava flour', 'cassava-flour'],
  ['hazelnut flour', 'hazelnut-flour'],
  ['millet flour', 'millet-flour'],
];
const MODIFIED = [
  '',
  'fine',
  'super fine',
  'superfine',
  'extra fine',
  'finely ground',
  'organic',
  'stoneground',
  'good quality',
  'sifted',
  'unbleached',
  'gluten-free',
];

const lineOf = (words: string) =>
  ingredientLines(readText(`100 g sugar\n200 g ${words}\n2 eggs`)).find(({ source }) =>
    source.includes(words),
  )!;
const guarded = (text: string) => guardRecipe(readText(text), EMPTY_REQUEST, BUILT_IN_KITCHEN);
const cake = (words: string) =>
  `Plain cake\n200 g ${words}\n150 g sugar\n150 g butter\n3 eggs\n2 tsp baking powder\n\nMethod\nBeat and bake at 180C for 30 minutes in a 20 cm round tin.`;

describe('a flour that claims to be without gluten', () => {
  const named = CLAIMS.flatMap((claim) =>
    KINDS.flatMap((kind) =>
      BASES.flatMap((base) =>
        [`${claim} ${kind} ${base}`, `${kind} ${claim} ${base}`, `${kind} ${base} (${claim})`].map((words) =>
          words.replace(/\s+/g, ' ').trim(),
        ),
      ),
    ),
  );
  it('is a blend to be asked about, however its name is put', () => {
    const other = named.filter((words) => lineOf(words).items[0]!.ingredient !== 'gf-blend');
    expect(other).toEqual([]);
    const passed = named.filter((words) => guarded(`200 g ${words}`).lines[0]!.gluten !== 'check-label');
    expect(passed).toEqual([]);
  });
  it.each([
    'gluten-free plain flour',
    '1:1 baking flour',
    'GF self-raising flour',
    'plain flour (gluten-free)',
  ])('%s: guard, diagnosis and conversion say the same of it', (words) => {
    const recipe = readText(cake(words));
    expect(judge(recipe, EMPTY_REQUEST, BUILT_IN_KITCHEN).findings.map(({ id }) => id)).not.toContain(
      'holds-gluten',
    );
    expect(convert(recipe, EMPTY_REQUEST, BUILT_IN_KITCHEN).outcome).toBe('already-gluten-free');
  });
  it.each(['gluten-free beer', 'gluten-free panko', 'gluten free spaghetti', 'gluten-free puff pastry'])(
    '%s is kept by the conversion and asked about',
    (words) => {
      const made = convert(
        readText(`${cake('plain flour')}`.replace('3 eggs', `3 eggs\n100 g ${words}`)),
        EMPTY_REQUEST,
        BUILT_IN_KITCHEN,
      );
      if (made.outcome !== 'docket') throw new Error(made.outcome);
      const asked = made.docket.guard.open.filter(({ source }) => source.includes(words));
      expect(asked.map(({ kind }) => kind)).toContain('label');
      expect(
        made.docket.parts.flatMap(({ lines }) => lines).find(({ source }) => source?.includes(words))
          ?.ingredient,
      ).toMatch(/--claimed$/);
    },
  );
  it.each([
    'flour (not gluten-free)',
    'flour (or gluten-free flour)',
    'plain flour (use gluten-free if needed)',
    'flour, gluten-free if you like',
    'plain flour or gluten-free flour',
    'plain flour, or use gluten-free',
    'flour (gluten free works too)',
    'gluten-free spelt flour and plain flour',
  ])('%s: it isn’t the line’s own claim', (words) =>
    expect(guarded(`200 g ${words}`).lines[0]!.gluten).toBe('contains'),
  );
});

describe('a flour that is named', () => {
  const named = FLOURS.flatMap(([words, id]) =>
    MODIFIED.map((how) => [`${how} ${words}`.trim(), id] as const),
  );
  it.each(named)('%s is %s, and no wheat', (words, id) => {
    expect(lineOf(words).items[0]).toMatchObject({ ingredient: id });
    expect(guarded(`200 g ${words}`).lines[0]!.gluten).toBe('free');
  });
  it.each([
    'plain flour',
    'fine flour',
    'super fine flour',
    'organic strong flour',
    'sifted self-raising flour',
    'rice flour, plus flour for dusting',
    'wheat and rice flour',
  ])('%s is wheat', (words) => expect(guarded(`200 g ${words}`).lines[0]!.gluten).toBe('contains'));
});

describe('a diagnosis', () => {
  const found = (line: string) =>
    judge(
      readText(cake('gluten-free flour blend').replace('3 eggs', `3 eggs\n${line}`)),
      EMPTY_REQUEST,
      BUILT_IN_KITCHEN,
    ).findings.filter(({ id }) => id === 'holds-gluten');
  it.each([
    '1 tbsp barley malt syrup',
    '2 tsp roasted barley drink',
    '2 tsp instant barley and rye drink',
    '100 g digestive biscuit crumbs',
    '100 ml beer',
    '1 tsp malt extract',
    '50 g couscous',
    '50 g seitan',
    '100 g plain flour',
    '1 tbsp soy sauce',
  ])('says that %s holds gluten', (line) => {
    const [finding] = found(line);
    expect(finding?.because).toContain(line);
    expect(finding?.likelihood).toBe(1);
  });
  it('says nothing of the kind where nothing holds any', () => expect(found('1 tsp honey')).toEqual([]));
});
