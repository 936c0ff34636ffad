import { docketOf } from '../testingDockets';

const COOKIE = (rest: string) =>
  docketOf(
    `Cookies\n200 g plain flour\n120 g butter\n150 g sugar\n1 egg\nMethod\nCream the butter and sugar, beat in the egg, stir in the flour.\n${rest}Bake at 180 °C for 12 minutes.`,
  );
const BUNS = (prove: string) =>
  docketOf(
    `Buns\n500 g bread flour\n250 ml milk\n80 g butter\n70 g sugar\n1 egg\n7 g dried yeast\nMethod\nMix it all.\n${prove}Bake at 190 °C for 20 minutes.`,
  );

describe('the rest of a docket', () => {
  it('is the recipe’s own where that is cold and long enough, and is told once', () => {
    const { rest, method } = COOKIE('Chill the dough for 1 hour.\n');
    expect(rest).toMatchObject({ minutes: [60, 60], cold: true, own: true });
    expect(method.filter(({ text }) => /\b(?:rest|chill)\b/i.test(text))).toHaveLength(1);
  });
  it('is the family’s where the recipe has none, or none in the cold', () => {
    expect(COOKIE('').rest.own).toBeUndefined();
    expect(COOKIE('Leave it to stand for 20 minutes.\n').rest).toMatchObject({ cold: true });
  });
  it('says for how long where the recipe chills it and doesn’t', () => {
    const { method } = COOKIE('Chill the dough.\n');
    const chills = method.filter(({ text }) => /\bchill\b/i.test(text));
    expect(chills).toHaveLength(1);
    expect(chills[0]!.text).toMatch(/^Chill the dough for 30 minutes, or up to 2 days\.$/);
  });
  it.each([
    ['', 45],
    ['Let the batter rest for 15 minutes.\n', 40],
    ['', 0],
  ])('of a batter is as long as was asked, whatever the recipe says: %j, %d minutes', (own, asked) => {
    const { rest, method } = docketOf(
      `Loaf\n200 g plain flour\n2 tsp baking powder\n120 g sugar\n2 eggs\n110 g oil\n240 g yogurt\nMethod\nWhisk all together.\n${own}Bake in a loaf tin at 175 °C for 50 minutes.`,
      { rest: asked },
    );
    expect(rest.minutes).toEqual([asked, asked]);
    const rests = method.filter(({ text }) => /\brest|\bstand/i.test(text)).map(({ text }) => text);
    expect(rests).toHaveLength(asked === 0 ? 0 : 1);
    if (asked > 0) expect(rests[0]).toContain(`${asked} minutes`);
  });
  it('leaves milk to curdle for as long as that takes: no flour is in it', () => {
    const { method } = docketOf(
      'Cake\n300g SR flour\n300g sugar\n400ml soy milk\n120ml oil\n1 tbsp vinegar\nMethod\nMix milk and vinegar, leave 5 mins to curdle. Mix flour and sugar, add oil and the milk. 2 x 20cm tins lined. 30 mins at 180C.',
    );
    expect(method.map(({ text }) => text).join(' ')).toContain('leave 5 mins to curdle');
  });
  it('is none where whites were beaten and folded in, in however many clauses', () => {
    const { method } = docketOf(
      'Waffles\n2 cups flour\n4 tsp baking powder\n2 eggs, separated\n1/2 cup oil\n2 cups milk\nMethod\nMix dry. Beat yolks with oil and milk. Stir into dry. Beat whites stiff, fold in. Bake in hot waffle iron 4-5 minutes.',
    );
    expect(method.map(({ text }) => text).join(' ')).not.toMatch(/stand for/);
  });
  it('of a dough that rises is its last', () => {
    expect(BUNS('Leave to rise for 1 hour.\nShape, and prove 40 minutes.\n').rest).toMatchObject({
      minutes: [40, 40],
      own: true,
    });
    expect(BUNS('Leave to rise until doubled.\n').rest.own).toBe(true);
  });
  it('is told without a verb too', () => {
    expect(BUNS('1 h 30 somewhere warm.\nShape 12. Floured cloth, 40 min, covered.\n').rest).toMatchObject({
      minutes: [40, 40],
      own: true,
    });
  });
  it('isn’t what only its filling waits for', () => {
    const { rest } = docketOf(
      'Cake\nSponge\n200 g plain flour\n150 g butter\n150 g sugar\n3 eggs\n\nFilling\n200 ml cream\n40 g sugar\n\nMethod\nCream the butter and sugar, add eggs and flour.\nWhip the filling and chill it for 2 hours.\nBake the sponge at 180 °C for 25 minutes.',
    );
    expect(rest.own).toBeUndefined();
  });
});
