import fc from 'fast-check';
import { EMPTY_REQUEST } from '../kitchen';
import { runs } from '../testing';
import { docketOf } from '../testingDockets';
import { WHEAT_BAKES } from './cases/wheatBakes';
import { headOf, sayDial, sayHeat, sayTin, stepWords, toPlainText, type Docket } from '.';

const UK =
  'Lemon loaf\nMakes 12 slices\n200 g plain flour\n180 g butter, softened\n200 g caster sugar\n3 large eggs\n6 g baking powder\n60 ml milk\nMethod\nCream the butter and sugar, add the eggs and flour. Pour in 60 ml milk.\nBake in a 900 g loaf tin at 170°C for 50 to 55 minutes.';
const US =
  'Lemon Loaf\nYield: 12 slices\n1 1/2 cups all-purpose flour\n1 stick butter, softened\n1 cup sugar\n3 eggs\n1 1/2 tsp baking powder\n1/4 cup milk\nDirections\nCream the butter and sugar, add the eggs and flour.\nBake in a 9x5-inch loaf pan at 350°F for 50 to 55 minutes.';
const linesOf = ({ parts }: Docket) => parts.flatMap(({ lines }) => lines);

describe('the head of a docket', () => {
  it('says what it makes, the tin, each heat and how long it takes', () => {
    const { makes, heat, tin, times } = headOf(docketOf(UK));
    expect(makes).toBe('12 slices');
    expect(heat).toHaveLength(1);
    expect(heat[0]!.place).toMatch(/^Oven 170 °C \(/);
    expect(heat[0]!.time).toMatch(/minutes/);
    expect(tin).toMatch(/cm loaf tin$/);
    expect(times!.total).toBeGreaterThan(times!.handsOn);
  });
  it('says where it goes on when the oven is off', () =>
    expect(
      headOf(
        docketOf(
          'Cheesecake\n145 g biscuit crumbs\n70 g butter\n900 g cream cheese\n250 g sugar\n4 eggs\nMethod\nMix the base, press in a 23 cm springform, bake 10 min at 165C. Beat the cheese, sugar and eggs, pour on. Bake 1 hr 10 at 165C. Turn oven off, door ajar 1 hr. Chill overnight.',
        ),
      ).heat.map(({ place }) => place),
    ).toContain('In the oven, turned off'));
  it('calls a dish that nobody measured by its author’s name for it', () =>
    expect(
      headOf(
        docketOf(
          'Plum crumble\n1 kg plums\n100 g sugar\nTopping\n180 g plain flour\n120 g butter\n80 g sugar\nMethod\nPut the plums in a 2-litre ovenproof dish. Rub the butter into the flour, stir in the sugar and scatter it over. Bake at 190C for 40 minutes.',
        ),
      ).tin,
    ).toBe('2-litre ovenproof dish'));
  it('speaks in the measures of its page, or in those that are asked for', () => {
    const docket = docketOf(US);
    expect(headOf(docket).tin).toBe('9 × 5 in loaf tin');
    expect(headOf(docket).heat[0]!.place).toMatch(/^Oven 350 °F/);
    expect(headOf(docket, 'metric').tin).toBe('23 × 13 cm loaf tin');
    expect(linesOf(docket).some(({ volume }) => volume !== null && /cup/.test(volume))).toBe(true);
    expect(linesOf(docketOf(UK)).some(({ volume }) => volume !== null && /cup/.test(volume))).toBe(false);
  });
  it('says the heats of its own sentences so too, and leaves the author’s', () => {
    const metric = stepWords('2. Bake at 350F. It is done at 208 °F (98 °C).', 'metric');
    expect(metric).toBe('Bake at 350F. It is done at 98 °C (208 °F).');
    expect(stepWords(metric, 'us')).toBe('Bake at 350F. It is done at 208 °F (98 °C).');
    fc.assert(
      fc.property(fc.integer({ min: 30, max: 280 }), fc.boolean(), (celsius, fan) => {
        expect(stepWords(sayDial(celsius, fan, 'metric'), 'us')).toBe(sayDial(celsius, fan, 'us'));
        expect(stepWords(sayHeat(celsius, 'us'), 'metric')).toBe(sayHeat(celsius, 'metric'));
      }),
      runs(2),
    );
  });
  it.each([
    ['1 Heat the oven.', 'Heat the oven.'],
    ['• Line the tin.', 'Line the tin.'],
    ['2 eggs go in.', '2 eggs go in.'],
    ['**Step 3:** Bake.', 'Bake.'],
  ])('reads “%s” as a step of its list', (step, words) => expect(stepWords(step)).toBe(words));
  it('says twice the pieces of a double batch, and its steps no amount of the single one', () => {
    const docket = docketOf(UK, { scale: { factor: 2, lines: [] } });
    expect(headOf(docket).makes).toBe('24 slices');
    expect(docket.method.map(({ text }) => text).join(' ')).not.toMatch(/60 ml/);
  });
  it.each([
    ['Makes 24 cookies', '24 cookies'],
    ['Makes 2 big mug', '2 big mugs'],
    ['Makes 10 easily', '10 pieces'],
    ['30 pcs', '30 pieces'],
    ['Serves 8 to 10', 'for 8 to 10'],
  ])('says of "%s" %s', (said, words) =>
    expect(headOf(docketOf(UK.replace('Makes 12 slices', said))).makes).toBe(words),
  );
  it('has the time of its step: one number for one thing', () => {
    for (const { text } of WHEAT_BAKES) {
      const docket = docketOf(text);
      const stage = docket.stages?.[docket.mainStage ?? -1];
      if (!stage?.minutes || docket.bake.ovenCelsius === null) continue;
      const words = docket.method.map((step) => step.text).join(' ');
      expect(words).toContain(String(Math.round(stage.minutes.low)));
    }
  });
  it('counts pieces whole: "1 slice", "2 tins"', () => {
    expect(sayTin({ shape: 'round', lengthCm: 20, widthCm: 20, count: 2 }, 'metric')).toBe(
      '2 × 20 cm round tins',
    );
    expect(sayTin({ shape: 'muffin', lengthCm: 6.5, widthCm: 6.5, count: 12 }, 'us')).toBe('12 muffin cups');
    expect(sayTin({ shape: 'square', lengthCm: 20.3, widthCm: 20.3, count: 1 }, 'us')).toBe(
      '8 in square tin',
    );
  });
  it('of what only sets in the cold has no oven, and nobody is told to bake it', () => {
    const docket = docketOf(
      'No-bake biscuit bars\n250 g digestive biscuits, crushed\n100 g butter\n200 g dark chocolate\n30 g plain flour\nMethod\nMelt the butter and chocolate, stir in the rest.\nPress into a lined 20 cm square tin and chill for 3 hours. Cut.',
    );
    expect(docket.bake.ovenCelsius).toBeNull();
    expect(headOf(docket).heat).toEqual([{ place: 'Not baked: it sets in the cold', time: '3 hours' }]);
    expect(docket.method.map(({ text }) => text).join(' ')).not.toMatch(/\bbake\b/i);
  });
  it('calls a tin whose size nobody gave by its name alone', () => {
    expect(headOf(docketOf(UK.replace('a 900 g loaf tin', 'a round tin'))).tin).toBe('round tin');
    expect(headOf(docketOf(UK.replace('a 900 g loaf tin', 'a 23 cm round tin'))).tin).toBe('23 cm round tin');
  });
  it('of an older docket is what its bake says', () => {
    const { stages: _, times: __, makes: ___, locale: ____, ...older } = docketOf(UK);
    expect(toPlainText(older as Docket)).toMatch(/Oven 170 °C .*about \d+ minutes/);
  });
});

describe('a line of the list', () => {
  const lines = linesOf(docketOf(UK));
  const of = (words: RegExp) => lines.find(({ text }) => words.test(text ?? ''))!;
  it('keeps how it is counted and prepared', () => {
    expect(of(/eggs/).count).toEqual({ n: 3, of: 'egg' });
    expect(of(/butter/).prep).toBe('softened');
    expect(linesOf(docketOf(US)).find(({ name }) => /butter/.test(name))!.count).toEqual({
      n: 1,
      of: 'stick of butter',
    });
    expect(of(/milk/).count).toBeNull();
  });
  it('says what it is for', () => {
    const buns = linesOf(
      docketOf(
        'Buns\n300 g plain flour\n40 g sugar\n180 ml milk\n40 g butter\n7 g dried yeast\nbutter for the tin\nflour, for dusting\n\nIcing\n100 g icing sugar\n20 ml water\n\nMethod\nKnead, prove, shape. Bake at 200°C for 20 minutes. Ice.',
      ),
    );
    const uses = Object.fromEntries(buns.map((line) => [line.source ?? line.name, line.for]));
    expect(uses).toMatchObject({
      'butter for the tin': 'tin',
      'flour, for dusting': 'bench',
      '100 g icing sugar': 'icing',
      '180 ml milk': 'batter',
    });
  });
  it('is for something in every bake', () => {
    for (const { text } of WHEAT_BAKES)
      for (const line of linesOf(docketOf(text, EMPTY_REQUEST))) expect(line.for).toBeDefined();
  });
});
