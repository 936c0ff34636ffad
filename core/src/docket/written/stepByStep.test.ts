import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { BUILT_IN_KITCHEN } from '../../kitchen';
import { readProcess } from '../../process';
import { readText } from '../../testing';
import { docketOf } from '../../testingDockets';
import { stepByStep } from './stepByStep';

const ROLLS = `Cinnamon rolls (makes 12)\n\n500 g strong white flour\n7 g dried yeast\n60 g sugar\n1 tsp salt\n250 ml warm milk\n75 g butter, melted\n1 egg\n\nFilling\n100 g soft butter\n120 g light brown sugar\n2 tbsp cinnamon\n\nMethod\nMix the dry ingredients, add milk, butter and egg and knead for 10 minutes until smooth and elastic. Cover and leave to rise for 1 1/2 hours until doubled. Knock back and roll out to a 40 x 30 cm rectangle. Spread with the soft butter, sprinkle over the brown sugar and cinnamon, roll up and cut into 12. Put in a greased 33 x 23 cm tin, cover and prove 45 minutes. Bake at 180 C for 25 minutes. Serve the warm rolls.`;
const split = (text: string) => stepByStep(readText(text), BUILT_IN_KITCHEN);
const pages = JSON.parse(
  readFileSync(join(__dirname, '../../read/page/cases/pages.json'), 'utf8'),
) as readonly { readonly text: string }[];

describe('a method in one paragraph', () => {
  it('is told step by step, and loses no word', () => {
    const [was, now] = [readText(ROLLS), split(ROLLS)];
    expect(now.method.length).toBeGreaterThanOrEqual(5);
    expect(now.method.map(({ source }) => source).join(' ')).toBe(was.method[0]!.source.trim());
    expect(now.method[0]!.id).toBe(was.method[0]!.id);
  });
  it('goes through the same heat as before, on every labelled page', () => {
    for (const { text } of pages) {
      const was = readText(text);
      const heat = (recipe: typeof was) =>
        readProcess(recipe, BUILT_IN_KITCHEN).stages.map(({ medium, ovenCelsius, minutes }) => ({
          medium,
          ovenCelsius,
          minutes,
        }));
      expect(heat(stepByStep(was, BUILT_IN_KITCHEN))).toEqual(heat(was));
    }
  });
  it('leaves short steps, and what a person pointed at, as they are', () => {
    const short = readText('Cake\n200 g flour\n2 eggs\nMethod\nMix it. Bake it. Cool it.');
    expect(stepByStep(short, BUILT_IN_KITCHEN)).toBe(short);
    const recipe = readText(ROLLS);
    const pointed = {
      ...recipe,
      bindings: { ...recipe.bindings, bake: { step: recipe.method[0]!.id, heat: 1 } },
    };
    expect(stepByStep(pointed, BUILT_IN_KITCHEN)).toBe(pointed);
  });
  it('keeps what a person said that it takes', () => {
    const recipe = readText(ROLLS);
    const takes = [{ line: 'a', instead: 'b' }];
    const bound = { ...recipe, bindings: { ...recipe.bindings, takes: { [recipe.method[0]!.id]: takes } } };
    const now = stepByStep(bound, BUILT_IN_KITCHEN);
    for (const { id } of now.method) expect(now.bindings.takes[id]).toEqual(takes);
  });
  it('rises once, and says nothing of the rise that is gone', () => {
    const texts = docketOf(ROLLS).method.map(({ text }) => text);
    expect(texts).toContainEqual(expect.stringMatching(/^Roll out to a 40 x 30 cm rectangle\./));
    expect(texts.join('\n')).not.toMatch(/knock|doubled|Cover\.|^and/im);
    expect(texts.join('\n')).toContain('cover and prove 45 minutes');
  });
  it('whisks the blend of a dough that has no name beside that of its crosses', () => {
    const { method, parts } = docketOf(
      'Hot cross buns\n\n500 g bread flour\n10 g yeast\n75 g sugar\n40 g butter\n250 ml milk\n\nCrosses: 75 g plain flour, 75 ml water\nGlaze: 75 g golden syrup, 1 tbsp water\n\nMix flour, yeast, sugar, butter and milk and knead. Prove 1 hour, shape. Mix flour and water for the crosses, pipe. Bake at 220C for 15 min. Warm the syrup and brush over the buns.',
    );
    const blends = method.filter(({ text }) => text.startsWith('Whisk together'));
    const floured = parts.filter(({ blend }) => blend.length > 0);
    expect(floured.length).toBeGreaterThan(1);
    for (const { lines } of floured)
      for (const { id, grams } of lines.filter((one) => one.id.includes('~') && one.grams !== null))
        expect([id, grams, blends.some(({ uses = [] }) => uses.includes(id))]).toEqual([id, grams, true]);
    expect(blends.map(({ text }) => text).join()).toMatch(/for the dough/);
  });
  it('breaks at no number and at no semicolon', () => {
    const { method } = split(
      'Biscotti\n200 g plain flour\n2 eggs\n150 g sugar\n\nMethod\n1. Mix the flour, sugar and eggs. Shape in 2 logs. Bake 50 minutes at 150C. Cool 10 min. Lay flat; bake 20 minutes.',
    );
    for (const { source } of method) expect(source).toMatch(/\p{L}{3}/u);
    expect(method.at(-1)!.source).toBe('Lay flat; bake 20 minutes.');
  });
  it('puts no rest between a deed and what it warns of', () => {
    const texts = docketOf(
      "Scone round\n400g plain flour\n2 tsp baking powder\n1 tsp salt\n40g butter\n350ml buttermilk\n\nOven to 200C. Mix the flour, baking powder and salt. Rub in the butter. Pour in the buttermilk and bring together quickly with a fork, then your hands - don't knead it. Pat into a 20cm round. Bake for 35-40 min.",
    ).method.map(({ text }) => text);
    expect(texts.join('\n')).toMatch(/your hands - don't knead it\./);
    expect(texts).toContainEqual(expect.stringMatching(/^Let the dough stand/));
  });
});
