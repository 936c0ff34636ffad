import { BUILT_IN_KITCHEN, EMPTY_REQUEST } from '../kitchen';
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
    'besan (gram flour)',
    'gram flour (besan)',
    'rice flour (white rice flour)',
    'cornflour (corn starch)',
  ])('%s is one flour by two names', (words) =>
    expect(guarded(`200 g ${words}`).lines[0]!.gluten).toBe('free'),
  );
  it.each([
    'plain flour',
    'rice flour (plain flour)',
    'besan (wheat flour)',
    'rice flour (or flour)',
    'fine flour',
    'super fine flour',
    'organic strong flour',
    'sifted self-raising flour',
    'rice flour, plus flour for dusting',
    'wheat and rice flour',
  ])('%s is wheat', (words) => expect(guarded(`200 g ${words}`).lines[0]!.gluten).toBe('contains'));
});
