import { bandsOf } from '../family';
import type { FormulaLine } from '../formula';
import { lineOf } from '../testing';
import { BINDER_SCHOOLS, type FamilyId } from '../vocabulary';
import { gumWorth } from './ledger';
import { binderGrams } from './ledger';
import { bindingCredit, bindingNeed } from './binding';
import { flourGrams } from '.';
import {
  CAKE,
  catalogue,
  conversionOf,
  COOKIE,
  find,
  gramsOf,
  MUFFIN,
  partOf,
  PIE,
  settingFor,
} from './testing';

describe('binder', () => {
  // Common practice: 1 g xanthan for 1.3–1.5 g guar, 2.5–3 g whole husk, 5–8 g ground flax.
  it.each([
    ['guar-gum', 1.3, 1.5],
    ['psyllium-husk', 2.5, 3],
    ['psyllium-powder', 2.1, 2.6],
    ['flax-meal', 5, 8],
  ])('%s: %d to %d g do as a gram of xanthan', (id, low, high) => {
    const grams = 1 / gumWorth(id, catalogue);
    expect(grams).toBeGreaterThanOrEqual(low);
    expect(grams).toBeLessThanOrEqual(high);
  });
  it('is needed least in a cookie and most where much gluten held', () => {
    const needOf = (text: string, family: FamilyId) => {
      const part = partOf(text);
      const state = {
        id: 'p',
        original: part.lines,
        lines: part.lines,
        replaced: 1,
        shifts: [],
        warnings: [],
        cooked: null,
      };
      return bindingNeed(state, settingFor(family));
    };
    expect(needOf(COOKIE, 'drop-cookie')).toBeLessThan(needOf(MUFFIN, 'muffin'));
    expect(needOf(MUFFIN, 'muffin')).toBeLessThanOrEqual(bandsOf('muffin').xanthan[1]);
  });
  it('credits egg above the family’s usual, and gum that is there already', () => {
    const credit = (...lines: FormulaLine[]) =>
      bindingCredit([lineOf('white-rice-flour', 100), ...lines], [], settingFor('muffin'));
    expect(credit(lineOf('egg', 25))).toBeCloseTo(0, 9);
    expect(credit(lineOf('egg', 75))).toBeCloseTo(1.5, 9);
    expect(credit(lineOf('xanthan-gum', 0.5))).toBeCloseTo(0.5, 9);
  });
  it('comes as the school has it', () => {
    expect(find(MUFFIN, 'muffin', 'xanthan-gum')).toBeGreaterThan(0.5);
    expect(find(MUFFIN, 'muffin', 'psyllium-husk', { school: 'husk' })).toBeGreaterThan(2);
    const { lines, shifts } = conversionOf(MUFFIN, 'muffin', { school: 'egg-led' });
    expect(binderGrams(lines, catalogue)).toBe(0);
    expect(gramsOf(lines, 'egg')).toBeGreaterThan(90);
    expect(shifts.find(({ rule }) => rule === 'binder')!.because.code).toBe('egg-binds');
  });
  it('is gum where egg should bind and is out', () =>
    expect(find(MUFFIN, 'muffin', 'xanthan-gum', { school: 'egg-led', without: ['egg'] })).toBeGreaterThan(
      0,
    ));
  it('stays in the family’s band, whichever school', () => {
    for (const school of BINDER_SCHOOLS)
      for (const [text, family] of [
        [COOKIE, 'drop-cookie'],
        [CAKE, 'creamed-cake'],
        [MUFFIN, 'muffin'],
        [PIE, 'pastry'],
      ] as const) {
        const { lines } = conversionOf(text, family, { school });
        const per100 = (100 * binderGrams(lines, catalogue)) / flourGrams(lines, catalogue);
        expect(per100).toBeLessThanOrEqual(bandsOf(family).xanthan[1] + 0.01);
      }
  });
});

describe('egg that is out', () => {
  const CUPCAKES = '175 g self-raising flour\n175 g caster sugar\n175 g butter\n3 large eggs\n30 ml milk';
  const made = conversionOf(CUPCAKES, 'creamed-cake', { without: ['egg'] });
  it('comes as ground flax, never more than 8 g per 100 g flour, and apple purée for the rest', () => {
    expect((100 * gramsOf(made.lines, 'flax-meal')) / flourGrams(made.lines, catalogue)).toBeLessThanOrEqual(
      8.01,
    );
    expect(gramsOf(made.lines, 'applesauce')).toBeGreaterThan(20);
    expect(gramsOf(made.lines, 'egg')).toBe(0);
    expect(find(MUFFIN, 'muffin', 'applesauce', { without: ['egg'] })).toBe(0);
  });
  it('binds what the egg bound, so its flax is no second dose of gum', () => {
    const { converted, band } = made.balances.find(({ id }) => id === 'binder')!;
    expect(converted).toBeLessThanOrEqual(band[1]);
    expect(made.warnings.map(({ code }) => code)).not.toContain('binder-above');
    expect(gramsOf(made.lines, 'xanthan-gum')).toBeGreaterThan(0);
  });
  it('still counts flax that stands for no egg', () =>
    expect(binderGrams([lineOf('flax-meal', 13)], catalogue, [lineOf('egg', 50)])).toBeCloseTo(2, 6));
});
