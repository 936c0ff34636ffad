import { BUILT_IN_KITCHEN, EMPTY_REQUEST, type ConversionRequest, type PanSize } from '../kitchen';
import { toEnd } from '../quantity';
import { readText } from '../testing';
import { docketOf } from '../testingDockets';
import { convert, convertSteps } from './convert';
import { emptyMemory } from './memory';
import { bakeBeside, otherBakes, sectionView } from './otherBakes';

const CAKE = `Cake
250 g plain flour
10 g baking powder
180 g butter
220 g sugar
4 eggs
120 ml milk
Method
Heat the oven to 175 C. Butter two 20 cm round tins.
Bake for 30 minutes.`;

function others(text: string, request: Partial<ConversionRequest> = {}) {
  const [recipe, asked] = [readText(text), { ...EMPTY_REQUEST, ...request }];
  const { slow } = toEnd(convertSteps(recipe, asked, BUILT_IN_KITCHEN));
  const own = slow!.bake.minutes?.central ?? 0;
  const found = toEnd(otherBakes(recipe, asked, BUILT_IN_KITCHEN, slow!));
  return { own, minutes: Object.fromEntries(found.map(({ name, bake }) => [name, bake.minutes!.central])) };
}

describe('the same bake in another oven', () => {
  const { own, minutes } = others(CAKE);
  it('is sooner done where it is hotter or blown about, later where it is cooler or in glass', () => {
    expect(minutes['10 °C hotter']).toBeLessThan(own);
    expect(minutes['with the fan']).toBeLessThan(own);
    expect(minutes['10 °C cooler']).toBeGreaterThan(own);
    expect(minutes['in glass or ceramic']).toBeGreaterThan(own);
  });
  it('is told of a mountain only to who isn’t on one', () => {
    expect(minutes).toHaveProperty(['at 1600 m']);
    expect(others(CAKE, { altitudeMetres: 2000 }).minutes).not.toHaveProperty(['at 1600 m']);
  });
  it('with a fan is compared with none', () =>
    expect(others(CAKE, { oven: { celsius: 160, fan: true } }).minutes['without the fan']).toBeGreaterThan(
      0,
    ));
  it('is nothing where no oven is seen', () =>
    expect(
      others('Pancakes\n200 g plain flour\n2 eggs\n300 ml milk\n10 g baking powder\nMethod\nFry in a pan.')
        .minutes,
    ).toEqual({}));
});

describe('a section through the bake', () => {
  const request = { ...EMPTY_REQUEST };
  const recipe = readText(CAKE);
  const { slow } = toEnd(convertSteps(recipe, request, BUILT_IN_KITCHEN));
  const { reach, frames } = toEnd(sectionView(recipe, request, BUILT_IN_KITCHEN, slow!))!;
  it('reaches to the wall of its tin, and ends when it is done', () => {
    expect(reach).toEqual({ fromCm: 0, toCm: 10 });
    expect(Math.abs(frames.at(-1)!.minute - slow!.bake.minutes!.central)).toBeLessThan(1.2);
  });
  it('rises, is hotter at the wall than in the middle, and never cools', () => {
    const heights = frames.map(({ heightCm }) => heightCm);
    expect(heights.at(-1)!).toBeGreaterThan(1.5 * heights[0]!);
    const { celsius, columns } = frames[Math.floor(frames.length / 2)]!;
    const row = Math.floor(celsius.length / columns / 2) * columns;
    expect(celsius[row + columns - 1]!).toBeGreaterThan(celsius[row]!);
    const coldest = frames.map((one) => Math.min(...one.celsius));
    expect(coldest).toEqual([...coldest].sort((a, b) => a - b));
  });
});

describe('a tin that is too small', () => {
  const over = (pan: PanSize) => docketOf(CAKE, { pan }).warnings.filter(({ code }) => code === 'runs-over');
  it('is warned of by its batter and how much that rises, and no other', () => {
    expect(over({ shape: 'round', lengthCm: 18, widthCm: 18, count: 1 })).toHaveLength(1);
    expect(over({ shape: 'round', lengthCm: 20, widthCm: 20, count: 2 })).toEqual([]);
    expect(over({ shape: 'tray', lengthCm: 40, widthCm: 30, count: 1 })).toEqual([]);
  });
});

describe('held against another', () => {
  const recipe = readText(CAKE);
  const { slow } = toEnd(convertSteps(recipe, EMPTY_REQUEST, BUILT_IN_KITCHEN));
  const beside = (what: Parameters<typeof bakeBeside>[4]) =>
    toEnd(bakeBeside(recipe, EMPTY_REQUEST, BUILT_IN_KITCHEN, slow!, what));
  it('the wheat bake is done when the recipe says', () =>
    expect(beside({ kind: 'wheat' })!.minutes!.central).toBeCloseTo(30, 3));
  it('one deep tin takes longer than two', () =>
    expect(
      beside({ kind: 'pan', pan: { shape: 'round', lengthCm: 20, widthCm: 20, count: 1 } })!.minutes!.central,
    ).toBeGreaterThan(slow!.bake.minutes!.central));
  it('another route has a bake of its own', () =>
    expect(beside({ kind: 'route', route: 'almond-led' })!.minutes!.central).toBeGreaterThan(10));
});

describe('asked again, a conversion', () => {
  it('finds blend and bake where it left them, and its section costs no second bake', () => {
    const recipe = readText(CAKE);
    const memory = emptyMemory();
    const first = toEnd(convertSteps(recipe, EMPTY_REQUEST, BUILT_IN_KITCHEN, memory));
    const [blend, bake] = [memory.blend, memory.bake];
    expect(bake!.value.frames.length).toBeGreaterThan(10);
    const again = toEnd(convertSteps(recipe, EMPTY_REQUEST, BUILT_IN_KITCHEN, memory));
    expect(again.outcome).toEqual(first.outcome);
    const view = toEnd(sectionView(recipe, EMPTY_REQUEST, BUILT_IN_KITCHEN, first.slow!, memory));
    expect(view!.frames).toBe(bake!.value.frames);
    expect([memory.blend, memory.bake]).toEqual([blend, bake]);
    const other = { ...EMPTY_REQUEST, oven: { celsius: 160, fan: false } };
    toEnd(convertSteps(recipe, other, BUILT_IN_KITCHEN, memory));
    expect(memory.blend).toBe(blend);
    expect(memory.bake).not.toBe(bake);
  });
  it('comes out the same with a memory and without', () => {
    const recipe = readText(CAKE);
    expect(toEnd(convertSteps(recipe, EMPTY_REQUEST, BUILT_IN_KITCHEN, emptyMemory())).outcome).toEqual(
      convert(recipe, EMPTY_REQUEST, BUILT_IN_KITCHEN),
    );
  });
});
