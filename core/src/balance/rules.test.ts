import { drinkOf, liftLedger } from '../formula';
import { EMPTY_REQUEST, NO_WISHES, type ConversionRequest } from '../kitchen';
import { lineOf } from '../testing';
import { familyOf } from '../family';
import { ofBlend } from '../read';
import { FAMILIES, type FamilyId } from '../vocabulary';
import { STAND_INS } from './data/standIns';
import { perGram } from './ledger';
import { adjustables, meetTargets } from './adjust';
import { waterShift } from './rules/water';
import { SWAPS, TARGETS } from './rules';
import { convertPart, findStandIn, flourGrams, troublesOf } from '.';
import {
  bakeFor,
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
  SHORTBREAD,
} from './testing';

describe('every rule', () => {
  it.each([...SWAPS, ...TARGETS].map((rule) => [rule.id, rule] as const))(
    '%s says why, and where from',
    (_, rule) => {
      expect(rule.reason.length).toBeGreaterThan(20);
      expect(rule.source).not.toBe('');
    },
  );
  it('has an id of its own', () => {
    const ids = [...SWAPS, ...TARGETS].map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
  });
});

const BROWNIE = '200 g dark chocolate\n150 g butter\n250 g sugar\n3 eggs\n130 g plain flour';

describe('a meal', () => {
  const grains = '300 g semolina\n200 g sugar\n250 g yogurt\n150 g butter';
  const meal = (text: string, more: Partial<ConversionRequest> = {}) => {
    const { lines } = conversionOf(text, 'creamed-cake', more);
    return ['ground-rice', 'cornmeal'].map((id) => gramsOf(lines, id) > 0);
  };
  it('keeps its grains: ground rice, or polenta where rice can’t be', () => {
    // Common practice.
    expect(meal(grains)).toEqual([true, false]);
    expect(meal(grains, { diet: 'grain-free' })).toEqual([false, false]);
    expect(meal('20 g semolina\n200 g plain flour\n200 g sugar\n3 eggs\n200 g butter')).toEqual([
      false,
      false,
    ]);
  });
  it('weighs with its flours what the wheat weighed', () =>
    expect(flourGrams(conversionOf(grains, 'creamed-cake').lines, catalogue)).toBeCloseTo(300, 6));
});

describe('water', () => {
  // Common practice, g added per 300 g of shortbread, a batch of cookies, a pie, 100 g of cake flour.
  it.each([
    ['a shortbread gets next to nothing', SHORTBREAD, 'drop-cookie', 0, 4],
    ['a cookie dough gets a spoonful', COOKIE, 'drop-cookie', 0, 28],
    ['a pie crust gets a spoon or two', PIE, 'pastry', 5, 30],
    ['a cake gets a spoon or two', CAKE, 'creamed-cake', 5, 27],
  ] as const)('%s', (_, text, family, least, most) => {
    const part = partOf(text);
    const { lines } = convertPart(part, family, bakeFor(family));
    const added = drinkOf(lines, catalogue) - drinkOf(part.lines, catalogue);
    expect(added).toBeGreaterThanOrEqual(least);
    expect(added).toBeLessThanOrEqual(most);
  });
  const stateOf = (flour: string, milk: number) => ({
    id: 'p',
    original: [lineOf('all-purpose-flour', 100), lineOf('whole-milk', milk)],
    lines: [{ ...lineOf(flour, 100), line: ofBlend('l1', flour) }, lineOf('whole-milk', milk)],
    replaced: 100,
    shifts: [],
    warnings: [],
    cooked: null,
  });
  it.each(FAMILIES)('stays within the usual share of %s, whatever drinks', (family) => {
    const [low, high] = familyOf(family).liquid;
    for (const flour of ['white-rice-flour', 'coconut-flour', 'almond-flour', 'potato-starch']) {
      const { now } = waterShift(stateOf(flour, 90), settingFor(family));
      expect(now === 0 || (now >= low - 1e-9 && now <= high + 1e-9)).toBe(true);
    }
  });
  it('grows with the blend’s thirst, and with how wet the wheat batter was', () => {
    const now = (flour: string, milk: number) =>
      waterShift(stateOf(flour, milk), settingFor('creamed-cake')).now;
    expect(now('oat-flour', 100)).toBeGreaterThan(now('white-rice-flour', 100));
    expect(now('white-rice-flour', 100)).toBeGreaterThan(now('white-rice-flour', 50));
  });
  it('offers by the spoon at most as much again', () => {
    const { now, bySpoon } = waterShift(stateOf('oat-flour', 100), settingFor('creamed-cake'));
    expect(bySpoon).toBeGreaterThan(0);
    expect(bySpoon).toBeLessThanOrEqual(now + 1e-9);
  });
  it('never takes liquid from a batter whose flours grow thirstier: a crêpe keeps its milk', () => {
    const crepe = '125 g plain flour\n300 ml milk\n2 eggs\n20 g melted butter';
    expect(find(crepe, 'pancake', 'whole-milk')).toBeGreaterThanOrEqual(309);
  });
  it('brings nothing in where a recipe has nothing thin: it follows by the spoon', () => {
    const { lines, bySpoon } = conversionOf(BROWNIE, 'brownie');
    expect(gramsOf(lines, 'whole-milk') + gramsOf(lines, 'water')).toBe(0);
    expect(bySpoon).toBeGreaterThan(0);
  });
});

describe('flour', () => {
  it('is replaced weight for weight by a starchy blend', () => {
    const { lines, original } = conversionOf(CAKE, 'creamed-cake');
    expect(flourGrams(lines, catalogue)).toBeCloseTo(flourGrams(original, catalogue), 6);
  });
  it('is replaced by less of cassava, which drinks more', () => {
    const { lines } = conversionOf(CAKE, 'creamed-cake', { diet: 'grain-free', without: ['tree nuts'] });
    expect(flourGrams(lines, catalogue) / 250).toBeCloseTo(0.83, 2);
  });
  it('that raises itself leaves its powder behind', () => {
    const { lines, shifts } = conversionOf(
      '200 g self-raising flour\n150 g butter\n150 g sugar\n3 eggs',
      'creamed-cake',
    );
    expect(gramsOf(lines, 'baking-powder')).toBeGreaterThan(9);
    expect(shifts.map(({ rule }) => rule)).toContain('self-raising');
    const more = conversionOf(
      '200 g self-raising flour\n5 g baking powder\n150 g butter\n150 g sugar\n3 eggs',
      'creamed-cake',
    ).lines.filter(({ ingredient }) => ingredient === 'baking-powder');
    expect(more).toHaveLength(1);
    expect(more[0]!.grams).toBeGreaterThan(13);
  });
  it('by the spoon in a filling thickens, and half as much starch does it', () => {
    const { lines, balances } = conversionOf('500 g diced apple\n80 g sugar\n16 g plain flour', 'pastry');
    expect(gramsOf(lines, 'corn-starch')).toBeCloseTo(8, 6);
    expect(gramsOf(lines, 'xanthan-gum')).toBe(0);
    expect(balances).toEqual([]);
  });
});

describe('lift', () => {
  it('grows by a tenth in a cake and not at all in a cookie', () => {
    const ratio = (text: string, family: FamilyId) => {
      const { lines, original } = conversionOf(text, family);
      return liftLedger(lines, catalogue).released / liftLedger(original, catalogue).released;
    };
    expect(ratio(CAKE, 'creamed-cake')).toBeGreaterThan(1.05);
    expect(ratio(CAKE, 'creamed-cake')).toBeLessThan(1.15);
    expect(ratio(COOKIE, 'drop-cookie')).toBeCloseTo(1, 1);
  });
});

describe('acid that has gone', () => {
  const SOUR = '250 g plain flour\n5 g baking soda\n120 g butter\n220 g sugar\n2 eggs\n240 ml buttermilk';
  it('takes its soda along, and powder sets as much gas free', () => {
    const { original, lines } = conversionOf(SOUR, 'creamed-cake', { without: ['milk'] });
    const [was, now] = [liftLedger(original, catalogue), liftLedger(lines, catalogue)];
    expect(now.soda).toBeLessThan(was.soda);
    expect(now.sodaOver).toBeLessThanOrEqual(was.sodaOver + 0.5);
    expect(now.released / was.released).toBeGreaterThan(0.95);
  });
  it('is met as ever where nothing sour gave way', () =>
    expect(find(SOUR, 'creamed-cake', 'baking-soda')).toBe(5));
  it('is not warned of where the recipe itself left as much soda over', () =>
    expect(conversionOf(SOUR, 'creamed-cake').warnings.map(({ code }) => code)).not.toContain('soda-over'));
});

describe('fat and sugar', () => {
  it('are held within five per cent when the flours bring none', () => {
    for (const [text, family] of [
      [COOKIE, 'drop-cookie'],
      [CAKE, 'creamed-cake'],
      [MUFFIN, 'muffin'],
      [PIE, 'pastry'],
    ] as const)
      for (const id of ['fat', 'sugar'] as const) {
        const { converted, band } = conversionOf(text, family).balances.find((one) => one.id === id)!;
        expect(converted).toBeGreaterThanOrEqual(band[0]);
        expect(converted).toBeLessThanOrEqual(band[1]);
      }
  });
  it('make room for the fat of almonds, but keep three fifths of the butter', () => {
    const butter = find(CAKE, 'creamed-cake', 'butter', { diet: 'grain-free' });
    expect(butter).toBeLessThan(190);
    expect(butter).toBeGreaterThanOrEqual(0.6 * 200 - 1e-6);
  });
  it('say what could not be made up for', () => {
    const { warnings } = conversionOf(SHORTBREAD, 'drop-cookie', { diet: 'grain-free' });
    const missed = warnings.find(({ code }) => code === 'missed')!;
    expect(missed.values).toMatchObject({ quantity: 'fat' });
    expect((missed.values as { by: number }).by).toBeLessThan(0);
  });
});

describe('the solve', () => {
  const lines = [
    lineOf('white-rice-flour', 250),
    lineOf('butter', 150),
    lineOf('caster-sugar', 200),
    lineOf('whole-milk', 100),
    lineOf('baking-powder', 10),
  ];
  const drink = (by: number) => ({
    quantity: 'drink' as const,
    low: by,
    high: by,
    weight: 6,
    rule: 'water',
    because: null,
  });
  const moves = adjustables(lines, new Set(), catalogue);
  it('meets a target that can be met, and leaves alone what needn’t move', () => {
    const wanted = drinkOf(lines, catalogue) + 30;
    const { lines: moved, unmet } = meetTargets(lines, [drink(wanted)], moves, catalogue);
    expect(drinkOf(moved, catalogue)).toBeCloseTo(wanted, 0);
    expect(unmet).toEqual([]);
    expect(gramsOf(moved, 'white-rice-flour')).toBe(250);
    expect(Math.abs(gramsOf(moved, 'caster-sugar') - 200)).toBeLessThan(2);
  });
  it('names what can’t be met, and never goes below zero', () => {
    const { lines: moved, unmet } = meetTargets(lines, [drink(0)], moves, catalogue);
    expect(unmet).toHaveLength(1);
    expect(Math.min(...moved.map(({ grams }) => grams))).toBeGreaterThanOrEqual(0);
  });
  it('moves nothing that a person has fixed', () => {
    const fixed = adjustables(lines, new Set(['whole-milk']), catalogue);
    expect(fixed.map(({ line }) => line.ingredient)).not.toContain('whole-milk');
  });
  it('counts what a gram brings as the ledgers do', () => {
    expect(perGram('butter', catalogue).fat).toBeCloseTo(0.81, 1);
    expect(perGram('whole-milk', catalogue).drink).toBeCloseTo(0.88, 2);
    expect(perGram('baking-soda', catalogue).lift).toBe(0);
  });
});

describe('stand-ins', () => {
  it.each(STAND_INS.rows.map((row) => [`${row.from[0]} for ${row.trouble[0]}`, row] as const))(
    '%s: what comes in is in the catalogue, and has a reason',
    (_, row) => {
      for (const id of [...row.from, ...row.to.map(({ ingredient }) => ingredient)])
        expect(catalogue.byId.has(id)).toBe(true);
      expect(row.to.every(({ ratio }) => ratio > 0 && ratio <= 3)).toBe(true);
      expect(row.because).not.toBe('');
    },
  );
  it('never bring in what is out as well', () => {
    const request: ConversionRequest = {
      ...EMPTY_REQUEST,
      without: ['milk', 'tree nuts', 'soybeans', 'coconut', 'egg'],
    };
    for (const { id } of catalogue.all) {
      const row = findStandIn(id, request, catalogue);
      for (const part of row?.to ?? []) expect(troublesOf(part.ingredient, request, catalogue)).toEqual([]);
    }
  });
  it('put back the water that butter brings when shortening takes its place', () => {
    const row = STAND_INS.rows.find(
      ({ to }) => to[0]!.ingredient === 'shortening' && to[1]?.ingredient === 'water',
    )!;
    const water = drinkOf(
      row.to.map(({ ingredient, ratio }) => lineOf(ingredient, 100 * ratio)),
      catalogue,
    );
    expect(water).toBeCloseTo(drinkOf([lineOf('butter', 100)], catalogue), 0);
  });
  it.each([
    ['milk', 'whole-milk'],
    ['milk', 'butter'],
    ['egg', 'egg'],
    ['tree nuts', 'walnuts'],
    ['sesame', 'sesame-seeds'],
  ] as const)('without %s there is something for %s', (avoided, id) =>
    expect(findStandIn(id, { ...EMPTY_REQUEST, without: [avoided] }, catalogue)).toBeDefined(),
  );
});

describe('a route', () => {
  const by = (route: ConversionRequest['blend']['route']) => ({ blend: { ...NO_WISHES, route } });
  it('by coconut has an egg for every 15 to 20 g of it, and never takes one away', () => {
    // Common practice.
    const { lines } = conversionOf(COOKIE, 'drop-cookie', by('coconut-led'));
    const per = gramsOf(lines, 'coconut-flour') / (gramsOf(lines, 'egg') / 50);
    expect(per).toBeGreaterThanOrEqual(15);
    expect(per).toBeLessThanOrEqual(20);
    expect(
      gramsOf(conversionOf(CAKE, 'creamed-cake', by('coconut-led')).lines, 'egg'),
    ).toBeGreaterThanOrEqual(195);
  });
  it('by almond stands on one egg more, and none where there are many or somebody avoids it', () => {
    // Common practice: almond flour one for one with more egg, its water out of the liquid.
    const cake = (eggs: number) =>
      `250 g plain flour\n120 g butter\n200 g sugar\n${eggs} eggs\n200 ml milk\n2 tsp baking powder`;
    const led = (eggs: number, more: Partial<ConversionRequest> = {}) =>
      conversionOf(cake(eggs), 'creamed-cake', { ...by('almond-led'), ...more }).lines;
    const were = (eggs: number) => gramsOf(partOf(cake(eggs)).lines, 'egg');
    expect(gramsOf(led(2), 'egg') / were(2)).toBeCloseTo(3 / 2, 2);
    expect(gramsOf(led(2), 'whole-milk')).toBeLessThan(gramsOf(partOf(cake(2)).lines, 'whole-milk'));
    expect(gramsOf(led(5), 'egg')).toBe(were(5));
    expect(gramsOf(led(2, { without: ['egg'] }), 'egg')).toBe(0);
  });
  it('by nut butter lets the butter go: its fat is in the jar', () =>
    expect(gramsOf(conversionOf(COOKIE, 'drop-cookie', by('nut-butter-led')).lines, 'butter')).toBeLessThan(
      5,
    ));
  it('by starch and chocolate takes half the weight of the flour', () => {
    const { lines } = conversionOf(
      '120 g plain flour\n60 g cocoa\n180 g butter\n300 g sugar\n3 eggs',
      'brownie',
      by('starch-chocolate'),
    );
    const blend = lines.filter(({ line }) => line.includes('~')).reduce((sum, { grams }) => sum + grams, 0);
    expect(blend).toBeCloseTo(60, 6);
  });
});
