import { drinkOf, liftLedger } from '../formula';
import { NO_TILT, NO_WISHES, type ConversionRequest } from '../kitchen';
import { lineOf } from '../testing';
import type { BalanceId, FamilyId } from '../vocabulary';
import { altitudeAt } from './altitude';
import { dosesFor } from './atBowl';
import { ALTITUDE } from './data/altitude';
import { DESCRIBED } from './data/described';
import { SWEETENERS } from './data/sweeteners';
import { coolerFor } from './sweetening';
import { CAKE, catalogue, conversionOf, gramsOf } from './testing';
import type { ConvertedPart } from '.';

const convert = (text: string, request: Partial<ConversionRequest> = {}, family: FamilyId = 'creamed-cake') =>
  conversionOf(text, family, request);
const balance = ({ balances }: ConvertedPart, id: BalanceId) =>
  balances.find((one) => one.id === id)!.converted;
const plain = convert(CAKE);

describe('what if', () => {
  it.each([
    ['drink', 'drinkThirst', 1.1],
    ['drink', 'drinkThirst', 0.9],
    ['binder', 'binder', 1.3],
    ['sugar', 'sugar', 0.85],
    ['fat', 'fat', 0.85],
  ] as const)('%s asked for otherwise moves its own balance the way it was asked', (tilted, id, factor) => {
    const now = convert(CAKE, { tilt: { ...NO_TILT, [tilted]: factor } });
    expect(Math.sign(balance(now, id) - balance(plain, id))).toBe(Math.sign(factor - 1));
  });
  it('nothing asked for changes nothing', () => expect(convert(CAKE, { tilt: NO_TILT })).toEqual(plain));
});

describe('meant to be otherwise than the wheat original', () => {
  const dough = '280 g plain flour\n225 g butter\n200 g caster sugar\n1 egg\n40 ml milk\n4 g baking soda';
  const wet = (id: string) => {
    const { tilt, aims } = DESCRIBED.rows.find((one) => one.id === id)!;
    return balance(convert(dough, { tilt, blend: { ...NO_WISHES, aims } }, 'drop-cookie'), 'drinkThirst');
  };
  it('crisp is drier than like wheat, and chewy wetter', () => {
    expect(wet('crisp-through')).toBeLessThan(wet('like-wheat'));
    expect(wet('soft-chewy')).toBeGreaterThan(wet('like-wheat'));
  });
});

describe('on a mountain', () => {
  // US extension-service table (Colorado State University Extension), from memory, at its own heights.
  it.each(ALTITUDE.rows)('at $metres m stands what the table says', ({ metres, ...row }) => {
    const at = altitudeAt(metres);
    expect(at.powder).toBeCloseTo(row.powder, 9);
    expect(at.sugar).toBeCloseTo(row.sugar, 9);
    expect(at.liquid).toBeCloseTo(row.liquid, 9);
  });
  it('nothing changes by the sea, and never less the higher it is', () => {
    let before = altitudeAt(0);
    expect(before).toMatchObject({ powder: 0, sugar: 0, liquid: 0 });
    for (let metres = 100; metres < 4000; metres += 100) {
      const now = altitudeAt(metres);
      expect(now.powder).toBeGreaterThanOrEqual(before.powder);
      expect(now.liquid).toBeGreaterThanOrEqual(before.liquid);
      before = now;
    }
  });
  it('a cake gets less powder and sugar, and more milk', () => {
    const high = convert(CAKE, { altitudeMetres: 1600 });
    expect(gramsOf(high.lines, 'baking-powder')).toBeLessThan(0.9 * gramsOf(plain.lines, 'baking-powder'));
    expect(gramsOf(high.lines, 'caster-sugar')).toBeLessThan(gramsOf(plain.lines, 'caster-sugar'));
    expect(gramsOf(high.lines, 'whole-milk')).toBeGreaterThan(gramsOf(plain.lines, 'whole-milk') + 10);
  });
});

describe('another sweetener', () => {
  it.each(Object.keys(SWEETENERS.rows))('%s is as sweet as the sugar was', (id) => {
    const { lines } = convert(CAKE, { sweetener: id });
    expect(gramsOf(lines, id) * SWEETENERS.rows[id]!.sweetness).toBeCloseTo(200, 0);
  });
  it('a syrup’s water comes out of the milk', () => {
    const { lines } = convert(CAKE, { sweetener: 'maple-syrup' });
    expect(gramsOf(lines, 'whole-milk')).toBeLessThan(gramsOf(plain.lines, 'whole-milk'));
    expect(drinkOf(lines, catalogue) / drinkOf(plain.lines, catalogue)).toBeCloseTo(1, 1);
  });
  it.each([
    ['is met with soda where soda lifts', 1.5, 1],
    ['is met by the soda that was left over, where some was', 5, 0],
  ] as const)('honey’s acid %s', (_, soda, share) => {
    const text = `250 g plain flour\n120 g butter\n300 g caster sugar\n2 eggs\n${soda} g baking soda\n240 ml buttermilk`;
    const after = convert(text, { sweetener: 'honey' }).lines;
    const more = liftLedger(after, catalogue).soda - liftLedger(convert(text).lines, catalogue).soda;
    const { acid } = liftLedger([lineOf('honey', gramsOf(after, 'honey'))], catalogue);
    expect(more).toBeCloseTo(share * acid, 6);
  });
  it('honey takes 15 °C off the oven, sugar none', () => {
    expect(coolerFor([lineOf('honey', 200)])).toBe(15);
    expect(coolerFor([lineOf('caster-sugar', 200), lineOf('honey', 50)])).toBe(0);
  });
});

describe('at the bowl', () => {
  const { tooStiff, tooLoose } = dosesFor(plain.original, plain.lines, plain.bySpoon, catalogue);
  it('a little at a time, and at most 15 g for 100 g of flour', () => {
    for (const dose of [tooStiff!, tooLoose!]) {
      expect(dose.grams).toBeGreaterThan(0);
      expect(dose.grams).toBeLessThanOrEqual(dose.most / 2);
      expect(dose.most).toBeLessThanOrEqual(38);
    }
    expect(tooStiff!.name).toMatch(/milk/);
  });
  it('a dry dough is offered less than a wet batter', () => {
    const dry = convert('300 g plain flour\n200 g butter\n100 g caster sugar', {}, 'cut-out');
    const doses = dosesFor(dry.original, dry.lines, dry.bySpoon, catalogue);
    expect(doses.tooStiff?.most ?? 0).toBeLessThan(tooStiff!.most / 3);
  });
});

describe('a weight that a person sets', () => {
  const milk = plain.lines.find(({ ingredient }) => ingredient === 'whole-milk')!;
  const now = convert(CAKE, { overrides: [{ line: milk.line, grams: 60 }] });
  it('stays, and the docket says what it cost', () => {
    expect(gramsOf(now.lines, 'whole-milk')).toBe(60);
    const cost = now.shifts.find(({ rule }) => rule === 'overrule')!;
    expect(cost.because).toMatchObject({ code: 'set-by-hand' });
    expect(JSON.stringify(cost.because)).toMatch(/"balance":"drinkThirst","from":[\d.]+,"to":[\d.]+/);
    expect(balance(now, 'drinkThirst')).toBeLessThan(balance(plain, 'drinkThirst'));
  });
});
