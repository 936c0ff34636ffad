import { BUILT_IN_KITCHEN, type LineCorrection } from '../kitchen';
import { readRecipe } from '../read';
import { readProcess } from '.';

const PAGE = `Plum cake

Cake
200 g plain flour
150 g butter
150 g sugar
3 eggs

Crumb
80 g plain flour
60 g butter
50 g demerara sugar

Method
Cream the butter and sugar, beat in the eggs, fold in the flour.
Rub the crumb together and toast it at 200C for 10 minutes.
Into a 20 cm round tin. Bake at 170C for 20 minutes, then 160C for 35 minutes.`;

const read = (corrections: readonly LineCorrection[] = []) => {
  let n = 0;
  const { recipe, lines } = readRecipe(PAGE, {
    kitchen: BUILT_IN_KITCHEN,
    newId: () => `l${(n += 1)}`,
    corrections,
  });
  return { recipe, process: readProcess(recipe, BUILT_IN_KITCHEN), lines };
};
const idOf = (words: string) => read().lines.find(({ source }) => source.startsWith(words))!.id;
const linesOf = (name: string, { process, lines }: ReturnType<typeof read>) =>
  process.mixtures
    .find((one) => one.name === name)!
    .lines.map(({ line }) => lines.find(({ id }) => id === line)!.source);

describe('what a person says of how it comes together', () => {
  it('puts a line into another mixture, and everything with it', () => {
    const crumb = read().process.mixtures.find(({ name }) => name === 'Crumb')!.part;
    const moved = read([{ line: idOf('150 g sugar'), part: crumb }]);
    expect(linesOf('Crumb', moved)).toContain('150 g sugar');
    expect(linesOf('Cake', moved)).not.toContain('150 g sugar');
  });
  it('leaves a line where it was when its part is gone', () =>
    expect(linesOf('Cake', read([{ line: idOf('150 g sugar'), part: 'gone' }]))).toContain('150 g sugar'));
  it('makes a part what it is said to be', () => {
    const crumb = read().process.mixtures.find(({ name }) => name === 'Crumb')!.part;
    const [, now] = read([{ line: crumb, family: 'pastry' }]).process.mixtures;
    expect(now!.family).toEqual({ id: 'pastry', confidence: 1, because: 'said' });
  });
  it('knows the bake by the heat that is said to be it', () => {
    expect(read().process.bake).toMatchObject({ ovenCelsius: 160, minutes: { low: 35 } });
    const step = idOf('Into a 20 cm');
    expect(read([{ line: step, bake: 0 }]).process.bake).toMatchObject({
      ovenCelsius: 170,
      minutes: { low: 20 },
    });
    expect(read([{ line: step, bake: 9 }]).process.bake).toEqual(read().process.bake);
  });
  it('makes the sugar of a step another', () => {
    const [white, brown, step] = [idOf('150 g sugar'), idOf('50 g demerara'), idOf('Cream the')];
    const takes = (corrections?: readonly LineCorrection[]) =>
      read(corrections)
        .process.actions.filter((one) => one.step === step)
        .flatMap((one) => one.takes.map(({ line }) => line));
    expect(takes()).toContain(white);
    const now = takes([{ line: step, takes: [{ line: white, instead: brown }] }]);
    expect(now).toContain(brown);
    expect(now).not.toContain(white);
  });
  it('says nothing of what the lines are', () => {
    const kinds = (corrections?: readonly LineCorrection[]) =>
      read(corrections).recipe.kinds.map(({ kind }) => kind);
    const step = idOf('Into a 20 cm');
    const heading = idOf('Crumb');
    expect(
      kinds([
        { line: step, bake: 0 },
        { line: heading, family: 'crumble' },
      ]),
    ).toEqual(kinds());
  });
});
