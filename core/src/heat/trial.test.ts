import fc from 'fast-check';
import { familyOf } from '../family';
import { compositionOf, formulaOf, massOf } from '../formula';
import { BUILT_IN_KITCHEN, catalogueOf } from '../kitchen';
import { toEnd } from '../quantity';
import { lineOf, readText, runs } from '../testing';
import type { FamilyId } from '../vocabulary';
import { trialBake, type TrialQuestion } from './trial';
import { vesselOf } from './vessel';

const catalogue = catalogueOf(BUILT_IN_KITCHEN);
const CAKE = '200 g plain flour\n8 g baking powder\n150 g butter\n200 g caster sugar\n150 g egg\n120 ml milk';
const POUND = '225 g plain flour\n225 g butter\n225 g caster sugar\n225 g egg\n4 g baking powder';
const MUFFIN =
  '250 g plain flour\n120 g caster sugar\n50 g egg\n240 ml milk\n80 g butter\n12 g baking powder';
const BANANA =
  '250 g plain flour\n150 g brown sugar\n115 g butter\n100 g egg\n350 g banana, mashed\n5 g bicarbonate of soda';
const BROWNIE =
  '172 g butter\n300 g caster sugar\n150 g egg\n98 g plain flour\n52 g cocoa powder\n150 g dark chocolate';
const COOKIE =
  '280 g plain flour\n225 g butter\n150 g caster sugar\n150 g brown sugar\n100 g egg\n5 g bicarbonate of soda\n340 g chocolate chips';
const SHORTBREAD = '300 g plain flour\n200 g butter\n100 g caster sugar';
const CHOUX = '75 g plain flour\n60 g butter\n130 ml water\n120 g egg';
const SPONGE = '110 g plain flour\n110 g caster sugar\n190 g egg';

function trial(
  text: string,
  family: FamilyId,
  pan: string,
  celsius: number,
  over: Partial<TrialQuestion> = {},
) {
  return toEnd(
    trialBake(
      {
        lines: formulaOf(readText(text)).flatMap(({ lines }) => lines),
        profile: familyOf(family),
        vessel: vesselOf(pan),
        count: null,
        oven: { celsius, fan: false },
        startCelsius: 20,
        altitudeMetres: 0,
        ...over,
      },
      catalogue,
    ),
  );
}
const minutes = (...asked: Parameters<typeof trial>) => trial(...asked).minutes!.central;
const times = (text: string, factor: number) =>
  text.replaceAll(/^(\d+)/gm, (n) => String(Number(n) * factor));

describe('bakes of common practice, each within a fifth, by one set of constants', () => {
  // Common practice, no one source.
  it.each([
    ['cupcakes', CAKE, 'creamed-cake', 'cupcake', 13, 175, 18, 22],
    ['a 33 × 23 cm sheet cake', times(CAKE, 2), 'creamed-cake', 'rect:33x23', 1, 175, 30, 38],
    ['a 23 × 13 cm pound loaf', POUND, 'loaf', 'loaf:23x13', 1, 163, 60, 75],
    ['mini muffins', MUFFIN, 'muffin', 'muffin-mini', 48, 175, 10, 13],
    ['muffins', MUFFIN, 'muffin', 'muffin', 12, 190, 18, 22],
    ['a sheet of sponge 1 cm thin', SPONGE, 'foam', 'rect:35x25', 1, 190, 10, 13],
    ['a banana loaf', BANANA, 'loaf', 'loaf:23x13', 1, 175, 55, 65],
    ['a square of brownies', BROWNIE, 'brownie', 'square:20.3', 1, 175, 28, 35],
    ['a sheet of brownies', times(BROWNIE, 2), 'brownie', 'rect:33x23', 1, 175, 30, 38],
    ['jumbo muffins', MUFFIN, 'muffin', 'muffin-jumbo', 6, 190, 25, 30],
    ['cookies of a heaped spoon', COOKIE, 'drop-cookie', 'cookie:30ml', null, 177, 10, 12],
    ['larger cookies', COOKIE, 'drop-cookie', 'cookie:45ml', null, 177, 12, 14],
    ['one cookie in a skillet', COOKIE, 'drop-cookie', 'skillet:26', 1, 175, 22, 28],
    ['shortbread in its tin', SHORTBREAD, 'cut-out', 'square:20', 1, 160, 35, 45],
    ['cut-out shortbread', SHORTBREAD, 'cut-out', 'cookie:30ml', null, 175, 11, 14],
    ['choux puffs', CHOUX, 'choux', 'cookie:30ml', null, 200, 25, 30],
    ['puddings in ramekins', times(CAKE, 0.6), 'creamed-cake', 'ramekin:8', 4, 175, 25, 30],
    ['a ring cake', times(CAKE, 2.1), 'creamed-cake', 'ring:25x8', 1, 170, 50, 62],
  ] as const)('%s', (_, text, family, pan, count, celsius, low, high) => {
    const found = minutes(text, family, pan, celsius, { count });
    expect(found).toBeGreaterThan(0.8 * low);
    expect(found).toBeLessThan(1.2 * high);
  });
  it('a 6 inch cake is done 5 to 15 % before one of 9 inches as deep', () => {
    const nine = minutes(CAKE, 'creamed-cake', 'round:22.9', 175);
    const six = minutes(times(CAKE, (15.2 / 22.9) ** 2), 'creamed-cake', 'round:15.2', 175);
    expect(1 - six / nine).toBeGreaterThan(0.05);
    expect(1 - six / nine).toBeLessThan(0.15);
  });
  it('a fan does at 10 to 20 °C less what still air does', () => {
    const still = minutes(CAKE, 'creamed-cake', 'round:20', 175);
    const fan = { oven: { celsius: 155, fan: true } };
    expect(minutes(CAKE, 'creamed-cake', 'round:20', 155, fan)).toBeGreaterThan(0.95 * still);
    expect(
      minutes(CAKE, 'creamed-cake', 'round:20', 165, { oven: { celsius: 170, fan: true } }),
    ).toBeLessThan(still);
  });
});

describe('a bake', () => {
  const cake = (pan: string, celsius = 175, over: Partial<TrialQuestion> = {}) =>
    minutes(CAKE, 'creamed-cake', pan, celsius, over);
  it('takes longer the deeper it stands, the cooler the oven, and in ceramic', () => {
    expect(cake('round:18')).toBeGreaterThan(cake('round:20'));
    expect(cake('round:20', 160)).toBeGreaterThan(cake('round:20'));
    expect(cake('round:20', 175, { count: 2 })).toBeLessThan(cake('round:20'));
    expect(cake('ramekin:8', 175, { count: 10 })).toBeGreaterThan(cake('muffin-jumbo', 175, { count: 10 }));
  });
  it('of a loaf hardly hears how far away its ends are', () => {
    const long = minutes(times(POUND, 2), 'loaf', 'loaf:46x13', 163);
    expect(long / minutes(POUND, 'loaf', 'loaf:23x13', 163)).toBeLessThan(1.05);
  });
  it('in a ring is done before one in a round tin of the same floor', () => {
    const round = Math.sqrt(25 ** 2 - 8 ** 2);
    expect(cake('ring:25x8')).toBeLessThan(cake(`round:${round.toFixed(2)}`));
  });
  it('from a cold start takes longer', () =>
    expect(cake('round:20', 175, { startCelsius: 5 })).toBeGreaterThan(cake('round:20')));
  it('is done on a mountain as well, where water boils sooner', () =>
    expect(trial(CAKE, 'creamed-cake', 'round:20', 175, { altitudeMetres: 3000 }).minutes).not.toBeNull());
  it('says by how much it runs over, and is silent where it has room', () => {
    expect(trial(CAKE, 'creamed-cake', 'round:15', 175).warnings).toMatchObject([{ code: 'runs-over' }]);
    expect(trial(CAKE, 'creamed-cake', 'round:23', 175).warnings).toEqual([]);
  });
  it('in a microwave goes with one over the power: a mug’s worth at 1000 W in a minute or two', () => {
    const mug = times(CAKE, 0.3);
    const full = minutes(mug, 'mug-cake', 'microwave:1000', 0);
    expect(full).toBeGreaterThan(1);
    expect(full).toBeLessThan(2.5);
    expect(minutes(mug, 'mug-cake', 'microwave:500', 0)).toBeCloseTo(2 * full, 6);
  });
});

describe('what can’t be', () => {
  it.each([
    'blob',
    'round',
    'round:0',
    'round:-3',
    'round:1000',
    'rect:20',
    'ring:10x12',
    'cookie:0ml',
    'microwave:9',
  ])('a vessel %s is refused with what is wanted', (asked) =>
    expect(() => vesselOf(asked)).toThrow(/wanted|wider/),
  );
  it.each([
    ['an oven of 40 °C', 'round:20', 40, /60 to 300/],
    ['an oven of 400 °C', 'round:20', 400, /60 to 300/],
    ['a metre of batter', 'round:3', 175, /cm deep/],
  ] as const)('%s is refused with the limits', (_, pan, celsius, words) =>
    expect(() => trial(CAKE, 'creamed-cake', pan, celsius)).toThrow(words),
  );
  it('nothing at all is not baked', () =>
    expect(() => trial('salt', 'creamed-cake', 'round:20', 175)).toThrow(/nothing to bake/));
  it('no batter, of whatever, makes a number that is none, or never ends', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(
          'water',
          'granulated-sugar',
          'butter',
          'egg',
          'all-purpose-flour',
          'xanthan-gum',
          'salt',
        ),
        fc.constantFrom('round:20', 'cupcake', 'loaf:23x13', 'cookie:30ml', 'mug', 'microwave:800'),
        fc.double({ min: 60, max: 300, noNaN: true }),
        (ingredient, pan, celsius) => {
          const made = trial('', 'creamed-cake', pan, celsius, { lines: [lineOf(ingredient, 500)] });
          const numbers = [...made.centre.flat(), ...made.crust.flat(), made.lost];
          expect(numbers.every(Number.isFinite)).toBe(true);
          expect(made.minutes === null || made.minutes.central > 0).toBe(true);
        },
      ),
      { ...runs(1), numRuns: 10 },
    ));
});

describe('water leaves only while there is some', () => {
  it.each([
    ['a thin shortbread', SHORTBREAD, 'cut-out', 340],
    ['a film of sponge', SPONGE, 'foam', 40],
    ['a thin cake', CAKE, 'creamed-cake', 90],
  ] as const)('%s never loses more than it holds', (_, text, family, grams) => {
    const lines = formulaOf(readText(text)).flatMap((part) => part.lines);
    const factor = grams / massOf(lines);
    const less = lines.map((line) => ({ ...line, grams: line.grams * factor }));
    const { water } = compositionOf(less, catalogue);
    const { lost } = trial(text, family, 'rect:30x20', 200, { lines: less });
    expect(lost).toBeLessThanOrEqual(water / grams + 1e-6);
  });
});
