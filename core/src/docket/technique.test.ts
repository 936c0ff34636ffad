import { readText } from '../testing';
import { BUILT_IN_KITCHEN, type ConversionRequest } from '../kitchen';
import { bindSteps, TECHNIQUES } from '../method';
import { docketOf } from './testing';

const said = (text: string, request: Partial<ConversionRequest> = {}) =>
  docketOf(text, request)
    .method.map((step) => step.text)
    .join('\n');

const CAKE = `Lemon cake\n250 g plain flour\n200 g butter\n200 g caster sugar\n4 eggs\n8 g baking powder\n2 g baking soda\n120 ml milk\n30 ml lemon juice\nMethod\nCream the butter and sugar.\nBeat in the eggs.\nMix in the flour, powder and soda until just combined.\nStir in the milk and lemon juice.\nSing a song.\nBake in a 20 cm round tin at 175°C for 40 minutes.\nCut into slices.`;

describe('a step', () => {
  const recipe = readText(CAKE);
  const bound = bindSteps(recipe, BUILT_IN_KITCHEN);
  const idOf = (words: string) =>
    recipe.parts.flatMap(({ lines }) => lines).find(({ source }) => source.includes(words))!.id;
  it('is bound to what it does and to the lines that it names', () => {
    expect(bound[0]).toMatchObject({ bound: true });
    expect(bound[0]!.deeds).toContain('mix');
    expect(bound[0]!.lines).toEqual(expect.arrayContaining([idOf('butter'), idOf('caster')]));
    expect([...bound[3]!.lines].sort()).toEqual([idOf('milk'), idOf('lemon')].sort());
  });
  it('that names nothing known is kept as written, marked, and never guessed about', () => {
    expect(bound[4]).toMatchObject({ bound: false, deeds: [], lines: [] });
    expect(docketOf(CAKE).method.find(({ source }) => source === 'Sing a song.')).toMatchObject({
      text: 'Sing a song.',
      changed: false,
      bound: false,
    });
  });
});

describe('techniques', () => {
  it('each say why', () => {
    for (const { reason, source } of TECHNIQUES) {
      expect(reason.length).toBeGreaterThan(15);
      expect(source).not.toBe('');
    }
    expect(new Set(TECHNIQUES.map(({ id }) => id)).size).toBe(TECHNIQUES.length);
  });
  it('a cake may be beaten, its soda is sifted, milk goes before citrus, and it is cut cold', () => {
    const words = said(CAKE);
    expect(words).toMatch(/no gluten to toughen/);
    expect(words).toMatch(/Sift the soda/);
    expect(words).toMatch(/mild liquid first/);
    expect(words).toMatch(/only when it is cold/);
  });
  it('overmixing still harms what is rubbed in', () =>
    expect(
      said(
        'Scones\n350 g plain flour\n85 g butter\n50 g sugar\n18 g baking powder\n175 ml milk\nMethod\nRub in the butter.\nStir in the milk; do not overmix.\nBake at 220°C for 12 minutes.',
      ),
    ).toMatch(/This still counts/));
  it('a yeasted dough isn’t kneaded, and rises once', () => {
    const words = said(
      'Buns\n500 g bread flour\n250 ml milk\n80 g butter\n70 g sugar\n1 egg\n7 g dried yeast\nMethod\nKnead the dough for 10 minutes.\nProve for 1 hour.\nShape the buns and prove again.\nBake at 190°C for 20 minutes.',
      { school: 'husk' },
    );
    expect(words).toMatch(/Don’t knead/);
    expect(words).toMatch(/Leave out this first rise/);
    expect(words).toMatch(/gel for 10 minutes/);
  });
  it('a rolled dough is rolled between sheets, and egg doesn’t go into what boils', () => {
    expect(
      said(
        'Pie crust\n250 g plain flour\n150 g butter\n60 ml water\nMethod\nRub in the butter.\nRoll out the dough.\nBake at 200°C for 25 minutes.',
      ),
    ).toMatch(/between two sheets/);
    expect(
      said(
        'Choux\n125 g plain flour\n250 ml water\n100 g butter\n4 eggs\nMethod\nBoil the water and butter, beat in the flour, then the eggs.\nBake at 200°C for 30 minutes.',
      ),
    ).toMatch(/Never egg straight into what is hot/);
  });
});
