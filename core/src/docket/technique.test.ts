import { readText } from '../testing';
import { docketOf } from '../testingDockets';
import { BUILT_IN_KITCHEN, type ConversionRequest } from '../kitchen';
import { bindSteps, TECHNIQUES } from '../method';

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
  it('a cake may be beaten smooth, and waits for its flours', () => {
    const words = said(CAKE);
    expect(words).toMatch(/Mix in the flour blend, powder and soda until smooth/);
    expect(words).toMatch(/Let the batter stand for \d+ to \d+ minutes/);
  });
  it('overmixing still harms what is rubbed in', () =>
    expect(
      said(
        'Scones\n350 g plain flour\n85 g butter\n50 g sugar\n18 g baking powder\n175 ml milk\nMethod\nRub in the butter.\nStir in the milk; do not overmix.\nBake at 220°C for 12 minutes.',
      ),
    ).toMatch(/do not overmix/));
  it('a yeasted dough isn’t kneaded, and rises once', () => {
    const words = said(
      'Buns\n500 g bread flour\n250 ml milk\n80 g butter\n70 g sugar\n1 egg\n7 g dried yeast\nMethod\nKnead the dough for 10 minutes until elastic.\nProve for 1 hour.\nShape the buns and prove again.\nBake at 190°C for 20 minutes.',
      { school: 'husk' },
    );
    expect(words).not.toMatch(/knead|elastic|1 hour/i);
    expect(words).toMatch(/Beat the dough for 3 to 5 minutes until smooth/);
    expect(words).toMatch(/leave it for 10 minutes to gel/);
  });
});
