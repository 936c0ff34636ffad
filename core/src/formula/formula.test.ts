import fc from 'fast-check';
import { getIngredient } from '../catalogue';
import { BUILT_IN_KITCHEN, catalogueOf } from '../kitchen';
import { lineOf, readText, runs } from '../testing';
import {
  asReadOf,
  compositionOf,
  drinkOf,
  formulaOf,
  liftLedger,
  massOf,
  NEUTRALISING_VALUE,
  powderMmol,
  sodaMmol,
  thirstGrams,
  waterActivity,
} from '.';

const catalogue = catalogueOf(BUILT_IN_KITCHEN);
const TSP_SODA = 4.6;
const TSP_POWDER = 4.5;
const US_CUP_BUTTERMILK = 245;

describe('the lift ledger', () => {
  // NaHCO₃ 84.007 g/mol (IUPAC atomic weights): with acid enough, a mol of CO₂ a mol.
  it('frees a mol of carbon dioxide a mol of soda where the acid is enough', () => {
    const { released, sodaOver } = liftLedger(
      [lineOf('baking-soda', 8.4007), lineOf('lemon-juice', 500)],
      catalogue,
    );
    expect(released).toBeCloseTo(100, 6);
    expect(sodaOver).toBe(0);
  });
  it('frees half of it by heat alone: 2 NaHCO₃ → Na₂CO₃ + CO₂ + H₂O', () => {
    const { released, sodaOver } = liftLedger([lineOf('baking-soda', 8.4007)], catalogue);
    expect(released).toBeCloseTo(50, 6);
    expect(sodaOver).toBeCloseTo(100, 6);
  });
  it('lets powder give at least the 12 % of its weight that the US definition asks', () => {
    const CO2 = 44.009;
    expect(powderMmol(100)).toBeGreaterThanOrEqual(12_000 / CO2);
    expect(powderMmol(100)).toBeLessThanOrEqual(14_000 / CO2);
  });
  // Common practice: half a teaspoon of soda for a cup of buttermilk.
  it('meets half a teaspoon of soda with a cup of buttermilk', () => {
    const { acid, soda } = liftLedger(
      [lineOf('baking-soda', TSP_SODA / 2), lineOf('buttermilk', US_CUP_BUTTERMILK)],
      catalogue,
    );
    expect(soda / acid).toBeGreaterThan(0.8);
    expect(soda / acid).toBeLessThan(1.3);
  });
  // Common practice: a teaspoon of soda and two of cream of tartar do as a tablespoon of powder.
  it('makes a tablespoon of powder of soda and cream of tartar, with some soda over', () => {
    const CREAM_OF_TARTAR = 2 * 3.2;
    const own = liftLedger(
      [lineOf('baking-soda', TSP_SODA), lineOf('cream-of-tartar', CREAM_OF_TARTAR)],
      catalogue,
    );
    expect(own.released / powderMmol(3 * TSP_POWDER)).toBeGreaterThan(0.8);
    expect(own.released / powderMmol(3 * TSP_POWDER)).toBeLessThan(1.25);
    expect(own.sodaOver).toBeGreaterThan(0);
  });
  // Molar masses by IUPAC atomic weights; the share of the acid and how much of it meets soda by pH 7 from handbooks, from memory.
  it.each([
    ['vinegar, 5 % acetic acid, one proton', 'vinegar', (1000 * 5) / 60.052, 0.05],
    [
      'lemon juice, 5 to 6 % citric acid, two to three protons',
      'lemon-juice',
      (1000 * 5.5 * 2.4) / 192.12,
      0.25,
    ],
    ['buttermilk, 0.8 to 0.9 % as lactic acid', 'buttermilk', (1000 * 0.85) / 90.08, 0.15],
    ['yogurt, 0.9 to 1.1 % as lactic acid', 'yogurt', (1000 * 1) / 90.08, 0.15],
    ['potassium hydrogen tartrate, one proton', 'cream-of-tartar', (1000 * 100) / 188.18, 0.01],
    ['honey, 30 meq a kilo free acid (Codex limit 50)', 'honey', 3, 0.4],
  ])('lets %s meet the soda that its formula says', (_, id, mmol, within) => {
    const { acid } = liftLedger([lineOf(id, 100)], catalogue);
    expect(Math.abs(acid / mmol - 1)).toBeLessThanOrEqual(within);
  });
  // Soda that 100 g of a leavening acid neutralises, by its reaction: Ca(H₂PO₄)₂·H₂O, Na₂H₂P₂O₇ and glucono-δ-lactone.
  it.each([
    ['mcp-monohydrate', 252.07, 2.4],
    ['sapp', 221.94, 1.9],
    ['gdl', 178.14, 1],
  ])('the neutralising value of %s is near what its moles give', (acid, molar, protons) =>
    expect(Math.abs(NEUTRALISING_VALUE[acid]! / ((100 * protons * 84.007) / molar) - 1)).toBeLessThan(0.06),
  );
  // Handbook neutralising values, from memory: g of soda that 100 g of the acid neutralises.
  it('gives cream of tartar its neutralising value of 45', () => {
    const { acid } = liftLedger([lineOf('cream-of-tartar', 100)], catalogue);
    expect(acid / sodaMmol(NEUTRALISING_VALUE['cream-of-tartar']!)).toBeCloseTo(1, 1);
  });
  // Of three acid groups (pKa 3.13, 4.76, 6.40; 192.12 g/mol) two and a bit give up their H⁺ in a batter; of tartaric acid's two both.
  it.each([
    ['citric-acid', 192.12, 2, 3],
    ['tartaric-acid', 150.09, 1.9, 2],
  ] as const)('%s is as strong as its groups, many times cream of tartar', (id, molar, least, most) => {
    const { acid } = liftLedger([lineOf(id, 1)], catalogue);
    expect(acid).toBeGreaterThan((1000 * least) / molar);
    expect(acid).toBeLessThan((1000 * most) / molar);
  });

  it('whole berries give acid only as far as they give juice, and raisins none', () => {
    const acidOf = (id: string) => liftLedger([lineOf(id, 100)], catalogue).acid;
    expect(acidOf('raisins')).toBe(0);
    expect(acidOf('raspberries')).toBeLessThan(getIngredient(catalogue, 'raspberries').acid / 2);
    expect(acidOf('lemon-juice')).toBe(getIngredient(catalogue, 'lemon-juice').acid);
  });

  it('finds the powder inside a self-raising flour', () => {
    const hidden = liftLedger([lineOf('self-raising-flour', 200)], catalogue);
    expect(hidden.powder).toBeCloseTo(powderMmol(10), 9);
  });
  it('never frees more than all carbonate there is, and never less when acid is added', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 20, noNaN: true }),
        fc.double({ min: 0, max: 300, noNaN: true }),
        fc.double({ min: 0, max: 300, noNaN: true }),
        (soda, sour, more) => {
          const less = liftLedger([lineOf('baking-soda', soda), lineOf('buttermilk', sour)], catalogue);
          const lots = liftLedger(
            [lineOf('baking-soda', soda), lineOf('buttermilk', sour + more)],
            catalogue,
          );
          expect(less.released).toBeLessThanOrEqual(less.soda + 1e-9);
          expect(lots.released).toBeGreaterThanOrEqual(less.released - 1e-9);
        },
      ),
      runs(3),
    ));
});

describe('drink and thirst', () => {
  it.each([
    ['butter', 100, 16],
    ['whole-milk', 100, 88],
    ['egg', 50, 38],
    ['honey', 100, 17],
    ['raisins', 100, 0],
  ])('%s: %d g give %d g to drink', (id, grams, water) =>
    expect(Math.abs(drinkOf([lineOf(id, grams)], catalogue) - water)).toBeLessThanOrEqual(1.5),
  );
  it('leaves gums out of thirst', () => expect(thirstGrams([lineOf('xanthan-gum', 10)], catalogue)).toBe(0));
  it('holds a composite to what its parts hold', () => {
    const parts = [lineOf('all-purpose-flour', 95), lineOf('baking-powder', 5)];
    expect(thirstGrams([lineOf('self-raising-flour', 100)], catalogue)).toBeCloseTo(
      thirstGrams(parts, catalogue),
      6,
    );
  });
});

const anyId = fc.constantFrom(...catalogue.all.map(({ id }) => id));

describe('composition', () => {
  it('loses nothing: what a recipe is made of is what its lines are made of, to 0.1 g', () =>
    fc.assert(
      fc.property(
        fc.array(fc.tuple(anyId, fc.double({ min: 0.1, max: 2000, noNaN: true })), {
          minLength: 1,
          maxLength: 15,
        }),
        (made) => {
          const lines = made.map(([id, grams]) => lineOf(id, grams));
          const whole = compositionOf(lines, catalogue);
          const parts = lines.map((line) => compositionOf([line], catalogue));
          for (const what of Object.keys(whole) as (keyof typeof whole)[])
            expect(Math.abs(whole[what] - parts.reduce((sum, one) => sum + one[what], 0))).toBeLessThan(0.1);
        },
      ),
      runs(1),
    ));
  it('conserves mass within the tables’ own two per cent', () => {
    const lines = ['butter', 'caster-sugar', 'egg', 'all-purpose-flour', 'whole-milk'].map((id) =>
      lineOf(id, 100),
    );
    const sum = (Object.values(compositionOf(lines, catalogue)) as number[]).reduce((a, b) => a + b, 0);
    expect(Math.abs(sum / massOf(lines) - 1)).toBeLessThanOrEqual(0.02);
  });
  it('is additive', () => {
    const a = [lineOf('butter', 70)];
    const b = [lineOf('butter', 30), lineOf('egg', 50)];
    const apart = compositionOf(a, catalogue).fat + compositionOf(b, catalogue).fat;
    expect(compositionOf([...a, ...b], catalogue).fat).toBeCloseTo(apart, 9);
  });
});

describe('water activity', () => {
  // Norrish (1966); a saturated sucrose solution (67.4 % at 25 °C) has a_w 0.843 (CRC Handbook; Greenspan-type tables, from memory).
  it('of a saturated sucrose solution is near 0.84', () => {
    const base = compositionOf([lineOf('water', 32.6), lineOf('granulated-sugar', 67.4)], catalogue);
    expect(waterActivity(base)).toBeGreaterThan(0.8);
    expect(waterActivity(base)).toBeLessThan(0.88);
  });
  it('of water is one, and falls with sugar', () => {
    const at = (sugar: number) =>
      waterActivity(compositionOf([lineOf('water', 100), lineOf('caster-sugar', sugar)], catalogue));
    expect(at(0)).toBeCloseTo(1, 9);
    expect(at(50)).toBeLessThan(at(20));
  });
});

describe('a recipe as a formula', () => {
  const recipe = readText(
    'Cake\nFor the cake:\n200 g plain flour\n100 g butter or margarine\nsalt\nFor the icing:\n50 g icing sugar',
  );
  it('holds what has a weight, part by part, and not what stands beside it', () => {
    expect(formulaOf(recipe).map(({ lines }) => lines.map(({ ingredient }) => ingredient))).toEqual([
      ['all-purpose-flour', 'butter'],
      ['powdered-sugar'],
    ]);
  });
  it('tells a list its weight', () => {
    expect(asReadOf(recipe, BUILT_IN_KITCHEN)).toMatchObject({ title: 'Cake', batchGrams: 350 });
    expect(asReadOf(readText('salt'), BUILT_IN_KITCHEN).batchGrams).toBeNull();
  });
  it('knows only ingredients of the catalogue', () =>
    expect(() => getIngredient(catalogue, 'moon-dust')).toThrow(/moon-dust/));
});
