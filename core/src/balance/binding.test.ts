import { cupOf } from '../blend';
import { bandsOf, familyOf } from '../family';
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
  it('credits egg above the family’s usual', () => {
    const credit = (...lines: FormulaLine[]) =>
      bindingCredit([lineOf('white-rice-flour', 100), ...lines], settingFor('muffin'));
    expect(credit(lineOf('egg', 40))).toBeCloseTo(0, 9);
    expect(credit(lineOf('egg', 90))).toBeCloseTo(1, 9);
    expect(credit(lineOf('egg-white', 90))).toBeGreaterThan(credit(lineOf('egg', 90)));
  });
  it('is never cut by more than half for egg or what is sticky: what holds a cold crumb is gum', () => {
    const eggy = '200 g plain flour\n150 g butter\n200 g sugar\n6 eggs';
    const { lines } = conversionOf(eggy, 'creamed-cake');
    const usual = (familyOf('creamed-cake').xanthan * 200) / 100;
    expect(gramsOf(lines, 'xanthan-gum')).toBeGreaterThan(0.3 * usual);
  });
  it('is cut by all the gum that a bought blend has', () => {
    const blend = '200 g plain flour\n3 g xanthan gum\n150 g butter\n200 g sugar\n2 eggs';
    expect(gramsOf(conversionOf(blend, 'creamed-cake').lines, 'xanthan-gum')).toBe(3);
  });
  it('is measured by eighths of a teaspoon up to a half, by quarters above, and never by less', () => {
    const eighth = cupOf('xanthan-gum', catalogue) / 48 / 8;
    for (const flour of [20, 40, 80, 150, 250, 400, 700]) {
      const grams = find(`${flour} g plain flour\n100 g butter\n100 g sugar\n1 egg`, 'scone', 'xanthan-gum');
      const steps = grams / eighth;
      expect(steps).toBeCloseTo(Math.round(steps), 6);
      if (steps > 4) expect(Math.round(steps) % 2).toBe(0);
    }
  });
  it('is none where nuts or coconut and egg hold by themselves', () =>
    expect(find(CAKE, 'creamed-cake', 'xanthan-gum', { diet: 'grain-free' })).toBe(0));
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
