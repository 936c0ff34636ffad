import { familyOf } from '../family';
import { formulaOf } from '../formula';
import { BUILT_IN_KITCHEN, catalogueOf, USUAL_START, type PanSize } from '../kitchen';
import { toEnd } from '../quantity';
import { readText } from '../testing';
import type { FamilyId } from '../vocabulary';
import type { BakeQuestion } from './bakeQuestion';
import { bakeOf } from './bakeTime';
import { restFor, uptakeMinutes } from './rest';

const catalogue = catalogueOf(BUILT_IN_KITCHEN);
const CAKE = '200 g plain flour\n8 g baking powder\n150 g butter\n200 g caster sugar\n150 g egg\n120 ml milk';
const POUND = '225 g plain flour\n225 g butter\n225 g caster sugar\n225 g egg\n4 g baking powder';

function predict(text: string, family: FamilyId, pan: PanSize | null, over: Partial<BakeQuestion> = {}) {
  const lines = formulaOf(readText(text)).flatMap((part) => part.lines);
  return toEnd(
    bakeOf(
      {
        original: lines,
        converted: lines,
        profile: familyOf(family),
        facts: null,
        pan,
        oven: { celsius: 175, fan: false },
        filled: false,
        made: null,
        temper: { offset: 0, doubt: 10 },
        pieces: null,
        start: USUAL_START,
        frozen: new Set(),
        timed: null,
        learnt: [],
        watts: null,
        altitudeMetres: 0,
        batches: 1,
        ...over,
      },
      catalogue,
    ),
  );
}

/** Tins that the batter fills to the usual depth: floor area follows the batter's weight in the question, so counts do here. */
const CUPCAKES: PanSize = { shape: 'muffin', lengthCm: 6.5, widthCm: 6.5, count: 10 };
const SHEET: PanSize = { shape: 'rect', lengthCm: 33, widthCm: 23, count: 1 };
const LOAF: PanSize = { shape: 'loaf', lengthCm: 23, widthCm: 13, count: 1 };

describe('bakes of common practice, from the physics alone', () => {
  // Common practice, no one source. No constant is set for any of them by itself.
  it('cupcakes at 175 °C take 18 to 22 minutes, give or take a few', () => {
    const { minutes } = predict(CAKE, 'creamed-cake', CUPCAKES);
    expect(minutes!.central).toBeGreaterThan(15);
    expect(minutes!.central).toBeLessThan(26);
  });
  it('a 9 × 13 inch sheet takes 30 to 38 minutes, give or take a few', () => {
    const big = CAKE.replaceAll(/^(\d+)/gm, (n) => String(Number(n) * 1.9));
    const { minutes } = predict(big, 'creamed-cake', SHEET);
    expect(minutes!.central).toBeGreaterThan(26);
    expect(minutes!.central).toBeLessThan(45);
  });
  it('shortbread at 170 °C takes 15 to 22 minutes, give or take a few', () => {
    const { minutes } = predict('300 g plain flour\n200 g butter\n100 g caster sugar', 'cut-out', null, {
      oven: { celsius: 170, fan: false },
    });
    expect(minutes!.central).toBeGreaterThan(12);
    expect(minutes!.central).toBeLessThan(26);
  });
  it('a pound loaf at 163 °C takes longer than either', () => {
    const loaf = predict(POUND, 'creamed-cake', LOAF, { oven: { celsius: 163, fan: false } }).minutes!
      .central;
    expect(loaf).toBeGreaterThan(predict(CAKE, 'creamed-cake', CUPCAKES).minutes!.central);
  });
});

describe('a bake time', () => {
  const pan: PanSize = { shape: 'round', lengthCm: 20, widthCm: 20, count: 2 };
  const facts = {
    ovenCelsius: 175,
    fan: false,
    minutes: { low: 28, high: 32 },
    ofStages: 1,
    pan: { ...pan, words: '' },
  };
  it('of the wheat bake itself is the recipe’s own', () => {
    const { minutes, anchor } = predict(CAKE, 'creamed-cake', null, { facts, oven: null });
    expect(minutes!.central).toBeCloseTo(30, 6);
    expect(anchor).toBeGreaterThan(0);
  });
  it('is less certain without a stated time', () => {
    const width = ({ low, high, central }: { low: number; high: number; central: number }) =>
      (high - low) / central;
    expect(width(predict(CAKE, 'creamed-cake', pan).minutes!)).toBeGreaterThan(
      width(predict(CAKE, 'creamed-cake', null, { facts, oven: null }).minutes!),
    );
  });
  it('falls with a fan, a hotter oven, a wider tin', () => {
    const central = (over: Partial<BakeQuestion>) =>
      predict(CAKE, 'creamed-cake', null, { facts, oven: null, ...over }).minutes!.central;
    const own = central({});
    // Common practice: a fan does at 10 to 20 °C less what still air does.
    expect(central({ oven: { celsius: 175, fan: true } })).toBeLessThan(own);
    expect(central({ oven: { celsius: 150, fan: true } })).toBeGreaterThan(own);
    expect(central({ oven: { celsius: 190, fan: false } })).toBeLessThan(own);
    expect(central({ pan: { ...pan, lengthCm: 26, widthCm: 26 } })).toBeLessThan(own);
    expect(central({ pan: { ...pan, count: 1 } })).toBeGreaterThan(own);
  });
  it('has its first look before it is done', () => {
    const { minutes, firstCheck } = predict(CAKE, 'creamed-cake', pan);
    expect(firstCheck!).toBeLessThan(minutes!.central);
    expect(firstCheck!).toBeGreaterThan(0.8 * minutes!.central);
  });
  it('is asked of the oven as it is, not as its dial says', () => {
    const hot = predict(CAKE, 'creamed-cake', pan, { temper: { offset: 8, doubt: 2 } }).minutes!.central;
    expect(hot).toBeLessThan(predict(CAKE, 'creamed-cake', pan).minutes!.central);
  });
});

describe('rest', () => {
  // 1 − exp(−t/τ) = 0.9 at t = τ·ln 10.
  it('of fine rice alone is τ·ln 10', () =>
    expect(uptakeMinutes([{ ingredient: 'white-rice-flour', share: 1 }], catalogue)).toBeCloseTo(
      8 * Math.log(10),
      1,
    ));
  it('is shorter with starch in it', () =>
    expect(
      uptakeMinutes(
        [
          { ingredient: 'white-rice-flour', share: 0.5 },
          { ingredient: 'tapioca-starch', share: 0.5 },
        ],
        catalogue,
      ),
    ).toBeLessThan(uptakeMinutes([{ ingredient: 'white-rice-flour', share: 1 }], catalogue)));
  it('is none where soda and acid can’t wait, and never cut short in the cold', () => {
    const rest = (family: FamilyId, singleActing: boolean, pressed = false) =>
      restFor(
        {
          shares: [{ ingredient: 'white-rice-flour', share: 1 }],
          lines: formulaOf(readText(CAKE)).flatMap(({ lines }) => lines),
          profile: familyOf(family),
          singleActing,
          scalded: false,
          pressed,
          portionMl: null,
        },
        catalogue,
      );
    expect(rest('muffin', true).minutes[1]).toBe(0);
    expect(rest('muffin', false).minutes[1]).toBe(30);
    expect(rest('cut-out', true)).toMatchObject({ cold: true, minutes: [60, 2880] });
    // What is pressed into a tin, or drops from the spoon as a cake's batter does, gains nothing by the cold.
    expect(rest('cut-out', false, true)).toMatchObject({ cold: false, minutes: [25, 30], chilled: null });
    expect(rest('drop-cookie', false).cold).toBe(false);
  });
});
