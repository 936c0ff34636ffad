import { BUILT_IN_KITCHEN } from '../kitchen';
import { readText } from '../testing';
import { readProcess } from '.';

const processOf = (page: string) => readProcess(readText(page), BUILT_IN_KITCHEN);
/** The lines of each part, by its name. */
const partsOf = (page: string) =>
  Object.fromEntries(
    processOf(page).parts.map(({ name, lines }) => [
      name ?? '',
      lines.filter(({ kind }) => kind === 'ingredient').map(({ source }) => source),
    ]),
  );

const PRETZELS =
  'Pretzels\n350 ml warm water\n1 tbsp sugar\n7 g dried yeast\n550 g plain flour\n10 cups water\n2/3 cup baking soda\n100 g sugar\n1 tbsp cinnamon\n\nMethod\nStir the sugar and yeast into the water. Knead in the flour. Leave for at least 1 hour, until doubled.\nBring the 10 cups water and the baking soda to a rolling boil. Divide the dough, roll each into a 60 cm rope and twist. Boil the pretzels one by one for 30 seconds.\nBake at 230C for 14 minutes. Dip in the sugar and cinnamon.';
const FRUIT_CAKE =
  'Fruit cake\n450g currants\n175g sultanas\n3 tbsp brandy, plus extra for feeding\n225g plain flour\n225g butter\n225g brown sugar\n4 eggs\n\nMethod\nThe night before, put the dried fruits in a bowl and mix in the brandy.\nCream the butter and sugar, beat in the eggs, fold in the flour and the fruit. Bake in a 20cm tin at 140C for 4 hours. Feed it with brandy every week.';
const ROLL =
  'Swiss roll\n4 eggs\n100 g caster sugar\n65 g plain flour\n2 tbsp icing sugar\n300 ml whipping cream\n\nMethod\nWhisk the eggs and sugar until thick. Fold in the flour. Bake in a 23 x 33 cm tin at 200 °C for 10 minutes.\nWhip the cream with the icing sugar and spread it.';

describe('what of one list isn’t in the dough', () => {
  it('is the bath that it is boiled in', () =>
    expect(partsOf(PRETZELS)['for boiling']).toEqual(['10 cups water', '2/3 cup baking soda']));
  it('is the second of two sugars, where each is named once', () =>
    expect(partsOf(PRETZELS)['to finish']).toEqual(['100 g sugar', '1 tbsp cinnamon']));
  it('is icing sugar that goes into the cream, and none of “the sugar”', () =>
    expect(partsOf(ROLL)['to finish']).toEqual(['2 tbsp icing sugar', '300 ml whipping cream']));
  it('isn’t the brandy that its fruit lies in', () =>
    expect(partsOf(FRUIT_CAKE)[''] ?? []).toContain('3 tbsp brandy, plus extra for feeding'));
});

describe('a wait', () => {
  it('until it is doubled proves the dough, with no such word', () =>
    expect(processOf(PRETZELS).actions.find(({ text }) => text.includes('doubled'))?.class).toBe('prove'));
  it('overnight is a night long', () => {
    const { stages } = processOf(
      'Bars\n250 g biscuits\n100 g butter\n600 g cream cheese\n\nMethod\nMix the biscuits and butter, press into a tin and chill for 30 minutes. Spread with the cheese and chill overnight.',
    );
    expect(stages.map(({ minutes }) => minutes?.low)).toEqual([30, 480]);
  });
});

describe('a tin', () => {
  const CAKE = 'Zucchini bread\n300 g flour\n200 g sugar\n3 eggs\n200 ml oil\n\nMethod\nMix it all.';
  const panOf = (step: string) => processOf(`${CAKE} ${step} Bake at 180 °C for 40 minutes.`).bake?.pan;
  it.each([
    ['Pour into two 8x4 inch pans.', { shape: 'loaf', count: 2 }],
    ['Pour into a 14-cup Bundt pan.', { shape: 'ring', count: 1 }],
    ['Pour into a 23 cm loose-bottomed tin, and up the sides.', { shape: 'round', lengthCm: 23 }],
    ['Butter the moulds and fill them.', { shape: 'muffin-mini' }],
  ])('%s', (step, pan) => expect(panOf(step)).toMatchObject(pan));
});
