import { say } from '../words';
import { docketOf } from '../testingDockets';
import { docketLineWords } from '.';

const UNSURE =
  'Bits\n200 g plain flour\n110 g butter\n120 g sugar\n1 egg\n40 ml milk\nMethod\nMix it all. Bake at 180 °C for 20 minutes.';

describe('a docket that hangs on a guess', () => {
  it('asks one question, with its answers, and none where a person has said it', () => {
    const { ask } = docketOf(UNSURE);
    expect(ask!.choices.length).toBeGreaterThanOrEqual(2);
    expect(say(ask!.question)).toMatch(/^Is it an? .* or an? .*\?/);
    for (const { family } of ask!.choices) {
      const answered = docketOf(UNSURE, { family });
      expect(answered.ask).toBeNull();
      expect(answered.family.id).toBe(family);
    }
  });
  it('asks nothing where either answer would be nearly the same docket: a cake or a loaf', () => {
    const page =
      'Sunday bundt\n400g plain flour\n2 tsp baking powder\n250g butter, soft\n220g light muscovado\n4 eggs\n350g soured cream\n\nBeat butter and sugar, add the eggs, fold in the flour and the soured cream. Bake in a 2.4 litre bundt tin at 170C for 55-60 min.';
    expect(docketOf(page).ask).toBeNull();
    expect(docketOf(page).family.confidence).toBeLessThan(0.6);
  });
  it('asks nothing where the page is plain', () =>
    expect(docketOf(UNSURE.replace('Bits', 'Chocolate chip cookies')).ask).toBeNull());
});

describe('what a thing is called', () => {
  const list = (first: string) =>
    docketOf(
      `${first}\n250 g plain flour\n200 g butter\n90 g caster sugar\nMethod\nRub in, roll out, cut with a cutter. Bake at 170C/150C fan/gas 3 for 20 minutes.`,
    ).parts.flatMap(({ lines }) => lines.map(docketLineWords));
  it('is what shops there call it', () => {
    const words = list('Shortbread rounds').join('\n');
    expect(words).toMatch(/cornflour/);
    expect(words).not.toMatch(/cornstarch/);
  });
});
