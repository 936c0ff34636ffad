import { say } from '../words';
import { BUILT_IN_KITCHEN, EMPTY_REQUEST } from '../kitchen';
import { readText } from '../testing';
import { convert, judge } from '.';

const cake = (words: string) =>
  `Plain cake\n200 g ${words}\n150 g sugar\n150 g butter\n3 eggs\n2 tsp baking powder\n\nMethod\nBeat and bake at 180C for 30 minutes in a 20 cm round tin.`;

describe('a flour that claims to be without gluten', () => {
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
    expect(convert(recipe, EMPTY_REQUEST, BUILT_IN_KITCHEN)).toMatchObject({
      outcome: 'docket',
      docket: { conversion: 'as-written' },
    });
  });
  it.each(['gluten-free beer', 'gluten-free panko', 'gluten free spaghetti', 'gluten-free shortbread'])(
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
    expect(say(finding!.because)).toContain(line);
    expect(finding?.likelihood).toBe(1);
  });
  it('says nothing of the kind where nothing holds any', () => expect(found('1 tsp honey')).toEqual([]));
});
