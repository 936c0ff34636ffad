import { BUILT_IN_KITCHEN, type LineCorrection } from '../kitchen';
import { readProcess } from '../process';
import { readRecipe } from '../read';
import { withWholeSteps } from './wrappedSteps';

const CARD = `Plum cake
200 g plain flour
150 g butter
150 g white sugar
50 g demerara sugar
3 eggs

Cream the butter and sugar, beat in the eggs and
fold in the flour. Into a 20 cm round tin, leave it a mo-
ment. Bake at 170C for 20 minutes, then turn down and
bake at 160C for 35 minutes.`;

const read = (corrections: readonly LineCorrection[] = []) => {
  let n = 0;
  const newId = () => `l${(n += 1)}`;
  const { recipe, lines } = readRecipe(CARD, { kitchen: BUILT_IN_KITCHEN, newId, corrections });
  return { recipe, lines, whole: withWholeSteps(recipe, BUILT_IN_KITCHEN) };
};
const idOf = (words: string) => read().lines.find(({ source }) => source.startsWith(words))!.id;
const bakeOf = (corrections: readonly LineCorrection[]) =>
  readProcess(read(corrections).whole, BUILT_IN_KITCHEN).bake;

describe('the lines of a card, joined to steps', () => {
  it('are a sentence again, its parted word too', () => {
    const { recipe, whole } = read();
    expect(whole.method.length).toBeLessThan(recipe.method.length);
    expect(whole.method.map(({ source }) => source).join(' ')).toContain('leave it a moment. Bake at 170C');
  });
  it('keep the heat that a person pointed at', () => {
    expect(bakeOf([{ line: idOf('ment. Bake'), bake: 0 }])).toMatchObject({ ovenCelsius: 170 });
    expect(bakeOf([{ line: idOf('bake at 160C'), bake: 0 }])).toMatchObject({ ovenCelsius: 160 });
  });
  it('keep what a person said that a line takes', () => {
    const [line, instead] = [idOf('150 g white'), idOf('50 g demerara')];
    const said = (step: string) => {
      const { whole } = read([{ line: step, takes: [{ line, instead }] }]);
      return whole.method.flatMap(({ id }) => whole.bindings.takes[id] ?? []);
    };
    for (const step of [idOf('Cream the'), idOf('fold in')]) expect(said(step)).toEqual([{ line, instead }]);
  });
  it('are let be where nobody wrapped them', () => {
    const { recipe } = read();
    const short = { ...recipe, method: recipe.method.slice(0, 1) };
    expect(withWholeSteps(short, BUILT_IN_KITCHEN)).toBe(short);
  });
});
