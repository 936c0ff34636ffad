import { say } from '../words';
import fc from 'fast-check';
import { thirstOf } from '../catalogue';
import { BUILT_IN_KITCHEN, catalogueOf, NO_TILT } from '../kitchen';
import { BINDER_SCHOOLS, FAMILIES } from '../vocabulary';
import { WHEAT_BAKES } from './cases/wheatBakes';
import { docketOf, outcomeOf } from '../testingDockets';
import type { Docket } from '.';

/** Every number anywhere in a document. */
function numbersIn(value: unknown): number[] {
  if (typeof value === 'number') return [value];
  return value !== null && typeof value === 'object' ? Object.values(value).flatMap(numbersIn) : [];
}
/** g of each ingredient on a docket. */
function weights(docket: Docket): Record<string, number> {
  const sum: Record<string, number> = {};
  for (const { ingredient, grams } of docket.parts.flatMap(({ lines }) => lines))
    if (grams && ingredient) sum[ingredient] = (sum[ingredient] ?? 0) + grams.central;
  return sum;
}
const bake = fc.constantFrom(...WHEAT_BAKES);

describe('laws of a conversion', () => {
  it('twice the recipe is twice the docket, within the rounding of a scale', () =>
    fc.assert(
      fc.property(bake, ({ text, family }) => {
        const twice = text.replace(
          /^(\d+(?:\.\d+)?)( g| ml| large| medium| egg)/gm,
          (_, n: string, unit: string) => `${Number(n) * 2}${unit}`,
        );
        const [one, two] = [weights(docketOf(text, { family })), weights(docketOf(twice, { family }))];
        for (const [id, grams] of Object.entries(one)) {
          if (two[id] === undefined) continue;
          expect(Math.abs(two[id] - 2 * grams)).toBeLessThanOrEqual(Math.max(10, 0.06 * two[id]));
        }
      }),
      { numRuns: 8, seed: 7 },
    ));
  it('the order of the lines doesn’t matter', () =>
    fc.assert(
      fc.property(bake, ({ text, family }) => {
        const lines = text.split('\n');
        const method = lines.indexOf('Method');
        const turned = [lines[0], ...lines.slice(1, method).reverse(), ...lines.slice(method)].join('\n');
        expect(weights(docketOf(turned, { family }))).toEqual(weights(docketOf(text, { family })));
      }),
      { numRuns: 8, seed: 7 },
    ));
  it('no number is ever NaN, endless or below nothing, whatever is asked for', () =>
    fc.assert(
      fc.property(
        bake,
        fc.constantFrom(...BINDER_SCHOOLS),
        fc.constantFrom(...FAMILIES),
        fc.constantFrom('gluten-free' as const, 'grain-free' as const),
        fc.subarray(['egg', 'milk', 'gums', 'tree nuts', 'coconut'] as const),
        fc.constantFrom(0.7, 1, 1.3),
        fc.constantFrom(null, 'honey', 'maple-syrup'),
        ({ text }, school, family, diet, without, tilt, sweetener) => {
          const asked = {
            school,
            family,
            diet,
            without,
            sweetener,
            tilt: { ...NO_TILT, drink: tilt, sugar: tilt },
          };
          const outcome = outcomeOf(text, asked);
          if (outcome.outcome !== 'docket')
            return void expect(outcome.reasons.map(say).join().length).toBeGreaterThan(5);
          const { parts } = outcome.docket;
          expect(numbersIn(parts).every((value) => Number.isFinite(value) && value >= 0)).toBe(true);
          for (const avoided of without)
            if (avoided === 'egg')
              expect(parts.some(({ lines }) => lines.some(({ ingredient }) => ingredient === 'egg'))).toBe(
                false,
              );
        },
      ),
      { numRuns: 25, seed: 11 },
    ));
  it('a thirstier flour never asks for less water', () => {
    // Held at a share each, so that nothing but the flour differs: in the order of the water that they hold. What is more than
    // may go in before the rest follows by the spoon.
    const drink = (flour: string) => {
      const made = docketOf(
        'Cake\n250 g plain flour\n200 g butter\n200 g sugar\n4 eggs\n10 g baking powder\n120 ml milk',
        {
          family: 'creamed-cake',
          pins: [
            { ingredient: flour, share: 0.4, held: true },
            { ingredient: 'white-rice-flour', share: 0.6, held: true },
          ],
        },
      );
      return weights(made)['whole-milk']! + made.parts[0]!.bySpoon;
    };
    const thirst = (id: string) => thirstOf(catalogueOf(BUILT_IN_KITCHEN), id)[0];
    const flours = [
      'tapioca-starch',
      'sorghum-flour',
      'oat-flour',
      'brown-rice-flour',
      'buckwheat-flour',
    ].sort((a, b) => thirst(a) - thirst(b));
    const drinks = flours.map(drink);
    // Fat and sugar that a flour brings are taken back in the same solve: a gram or two of milk goes with them.
    drinks.slice(1).forEach((grams, at) => expect(grams).toBeGreaterThanOrEqual(drinks[at]! - 2));
    expect(drinks.at(-1)!).toBeGreaterThan(drinks[0]!);
  });
  it('a recipe with nothing to replace is not converted, and is judged as it stands', () => {
    const text =
      'Cake\n170 g white rice flour\n80 g tapioca starch\n200 g butter\n200 g sugar\n4 eggs\n10 g baking powder\n1 tsp xanthan gum\n150 ml milk';
    const { conversion, shifts, judgement } = docketOf(text);
    expect(conversion).toBe('as-written');
    expect(shifts).toEqual([]);
    expect(judgement!.parts[0]!.balances.every(({ verdict }) => verdict === 'in')).toBe(true);
  });
  it('more egg never asks for more gum', () => {
    const gum = (eggs: number) =>
      weights(
        docketOf(
          `Cake\n250 g plain flour\n200 g butter\n200 g sugar\n${eggs} eggs\n10 g baking powder\n120 ml milk`,
          { family: 'creamed-cake' },
        ),
      )['xanthan-gum'] ?? 0;
    for (let eggs = 1; eggs < 6; eggs += 1) expect(gum(eggs + 1)).toBeLessThanOrEqual(gum(eggs) + 0.01);
  });
});

describe('recipes that nobody would write', () => {
  it.each([
    ['no liquid', 'Cake\n250 g plain flour\n200 g butter\n200 g sugar'],
    ['no fat and no egg', 'Cake\n250 g plain flour\n200 g sugar\n200 ml water\n10 g baking powder'],
    ['only flour', 'Flour\n500 g plain flour'],
    ['ten kilos of flour', 'Cake\n10 kg plain flour\n8 kg butter\n8 kg sugar\n160 eggs'],
    ['flour and salt', 'Dough\n100 g plain flour\n100 g salt'],
    [
      'forty parts',
      Array.from(
        { length: 40 },
        (_, k) => `For part ${k + 1}:\n100 g plain flour\n50 g butter\n50 g sugar`,
      ).join('\n'),
    ],
  ])('%s: an honest answer, and every number one', (_, text) => {
    for (const family of ['creamed-cake', 'foam', 'pastry', 'yeast-dough'] as const) {
      const outcome = outcomeOf(text, { family });
      if (outcome.outcome === 'docket')
        expect(numbersIn(outcome.docket).every((value) => Number.isFinite(value))).toBe(true);
      else expect(outcome.reasons.length).toBeGreaterThan(0);
    }
  });
  it('a sponge without egg and without gum is not called one', () => {
    const text = WHEAT_BAKES.find(({ name }) => name === 'sponge')!.text;
    const { warnings, shifts } = docketOf(text, { without: ['egg'], school: 'none' });
    expect(warnings.map(say).join()).toMatch(/without it this is another cake/);
    expect(shifts.some(({ to }) => /aquafaba|chickpea/.test(say(to)))).toBe(true);
  });
  it('asked to be crisp and moist, it says what pulls where instead of promising both', () => {
    const { texture } = docketOf(WHEAT_BAKES[0]!.text, { tilt: { ...NO_TILT, drink: 1.3 } });
    const of = (name: string) => texture.find((one) => one.texture === name)!.change;
    const plain = docketOf(WHEAT_BAKES[0]!.text).texture.find((one) => one.texture === 'crisp')!.change;
    expect(of('crisp')).toBeLessThan(plain);
  });
});
