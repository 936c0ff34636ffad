import { docketOf } from '../testingDockets';

const TART = `Custard tart

Pastry
250 g plain flour
125 g butter
60 g icing sugar
1 egg

Custard
60 g plain flour
500 ml milk
4 egg yolks
100 g sugar

Crumb
60 g plain flour
40 g butter
40 g sugar

Method
Rub the butter into the flour, bind with the egg, chill 30 minutes and line a 23 cm tin.
Whisk the custard together and cook until thick.
Rub the crumb.
Bake at 180 °C for 35 minutes.`;

describe('the parts of a bake', () => {
  const { parts } = docketOf(TART);
  const linesOf = (name: string) => parts.find((part) => part.name === name)!.lines;
  const grams = (name: string, ingredient: string) =>
    linesOf(name).find((line) => line.ingredient === ingredient)?.grams?.central ?? 0;
  it('thicken by half as much starch, however much flour it was, and get no gum', () => {
    expect(grams('Custard', 'corn-starch')).toBe(30);
    expect(grams('Custard', 'xanthan-gum')).toBe(0);
  });
  it('are bound by what they are: a crumb goes without, pastry doesn’t', () => {
    expect(grams('Crumb', 'xanthan-gum')).toBe(0);
    expect(grams('Pastry', 'xanthan-gum')).toBeGreaterThan(1);
  });
});
