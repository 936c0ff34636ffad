import { say } from '../words';
import { BUILT_IN_KITCHEN, EMPTY_REQUEST } from '../kitchen';
import { familyRead, readText } from '../testing';
import { docketOf } from '../testingDockets';
import { BINDER_SCHOOLS, FAMILIES, type FamilyId } from '../vocabulary';
import { WHEAT_BAKES } from './cases/wheatBakes';
import { judge, type Docket } from '.';

/** A yeasted dough is held by husk, everything else by gum: what bakers use. */
const usual = (family: FamilyId) => ({
  school: family === 'yeast-dough' ? ('husk' as const) : ('gum' as const),
});
const textOf = (name: string) => WHEAT_BAKES.find((one) => one.name === name)!.text;
const gramsIn = (docket: Docket, ingredient: string) =>
  docket.parts
    .flatMap(({ lines }) => lines)
    .filter((line) => line.ingredient === ingredient)
    .reduce((sum, { grams }) => sum + (grams?.central ?? 0), 0);

describe('a plain wheat recipe of each kind', () => {
  it('is there for every family but the one without flour', () => {
    const there = new Set(WHEAT_BAKES.map(({ family }) => family));
    expect(FAMILIES.filter((id) => !there.has(id))).toEqual(['flourless']);
  });
  it.each(WHEAT_BAKES)(
    '$name is read as what it is, and its balances come to stand in their bands',
    ({ text, family }) => {
      expect(familyRead(text).id).toBe(family);
      const docket = docketOf(text, usual(family));
      const outside = docket.parts
        .flatMap(({ balances }) => balances)
        .filter(({ converted, band: [low, high] }) => converted < low * 0.95 || converted > high * 1.05);
      expect(outside).toEqual([]);
    },
  );
  it.each(WHEAT_BAKES)('$name, converted, is not cried wolf over', ({ text, family }) => {
    const docket = docketOf(text, usual(family));
    const list = docket.parts
      .flatMap(({ lines }) => lines)
      .flatMap(({ grams, name }) => (grams ? [`${grams.central} g ${name}`] : []));
    const { findings } = judge(
      readText(`${docket.title}\n${list.join('\n')}`),
      { ...EMPTY_REQUEST, family },
      BUILT_IN_KITCHEN,
    );
    expect(findings.filter(({ likelihood }) => likelihood > 0.5)).toEqual([]);
  });
  it.each(WHEAT_BAKES.filter(({ family }) => ['pancake', 'doughnut', 'mug-cake'].includes(family)))(
    '$name sees no oven, and keeps its own time',
    ({ text }) => expect(docketOf(text).bake.ovenCelsius).toBeNull(),
  );
});

describe('binder schools', () => {
  const CAKE = textOf('layer cake');
  it.each(BINDER_SCHOOLS)('%s: a cake’s docket says what holds it', (school) => {
    const { shifts } = docketOf(CAKE, { school });
    expect(shifts.find(({ rule }) => rule === 'binder')).toBeDefined();
  });
  it('add at most what is good: 8 g of seed, 7 g of husk for 100 g of flour', () => {
    for (const [school, id, most] of [
      ['seed', 'flax-meal', 8],
      ['husk', 'psyllium-husk', 7],
    ] as const)
      for (const { text } of WHEAT_BAKES) {
        const docket = docketOf(text, { school });
        const flour = docket.parts.flatMap(({ blend }) => blend).reduce((sum, { grams }) => sum + grams, 0);
        expect(gramsIn(docket, id)).toBeLessThanOrEqual((most * flour) / 100 + 0.6);
      }
  });
  it('never put gum where gums are out: husk binds, and it is said', () => {
    const docket = docketOf(CAKE, { without: ['gums'] });
    expect(gramsIn(docket, 'xanthan-gum') + gramsIn(docket, 'guar-gum')).toBe(0);
    expect(gramsIn(docket, 'psyllium-husk')).toBeGreaterThan(0);
    expect(docket.warnings.map(say).join()).toContain('husk binds instead');
  });
  it('cook part of the starch and add nothing', () => {
    const docket = docketOf(CAKE, { school: 'cooked-starch' });
    const { to } = docket.shifts.find(({ rule }) => rule === 'binder')!;
    expect(say(to)).toMatch(/cooked in .* g milk/);
  });
  it('say what is missing where nothing is added', () => {
    const { warnings } = docketOf(
      'Muffins\n250 g plain flour\n120 g sugar\n240 ml milk\n80 g butter\n12 g baking powder',
      { school: 'none' },
    );
    expect(warnings.map(say).join()).toContain('Nothing binds this part');
  });
});

describe('the accounts of a part', () => {
  it.each(WHEAT_BAKES.slice(3, 12))(
    'of $name: what goes in comes out, and is the docket’s own weight',
    ({ text, family }) => {
      const docket = docketOf(text, usual(family));
      for (const { accounts, lines } of docket.parts) {
        const of = (name: string) => accounts.find((one) => one.name === name);
        const weighed = lines.reduce((sum, { grams }) => sum + (grams?.central ?? 0), 0);
        // A cook's rounding of each line.
        expect(Math.abs(of('weight')!.converted - weighed)).toBeLessThan(3 * lines.length);
        const [soda, acid] = [
          of('soda (NaHCO₃)')?.converted ?? 0,
          of('acid that can meet it (H⁺)')?.converted ?? 0,
        ];
        const met = Math.min(soda, acid);
        expect((of('soda left over')?.converted ?? 0) + met).toBeCloseTo(soda, 1);
        // Half of what soda is left gives its gas in the heat (2 NaHCO₃ → Na₂CO₃ + CO₂ + H₂O).
        expect(of('gas in all (CO₂)')?.converted ?? 0).toBeCloseTo(
          met + (soda - met) / 2 + (of('gas of the powder (CO₂)')?.converted ?? 0),
          1,
        );
      }
    },
  );
});

describe('parts by their own family', () => {
  const DOUBLE = `Apple muffins\nMuffins:\n250 g plain flour\n120 g caster sugar\n2 eggs\n240 ml milk\n80 g butter\n12 g baking powder\nCrumble:\n60 g plain flour\n40 g butter\n40 g brown sugar\nMethod\nBake at 190°C for 20 minutes.`;
  it('a crumble on a muffin is held to a crumble’s bands and gets no gum', () => {
    const { parts } = docketOf(DOUBLE);
    const crumble = parts.find(({ name }) => /crumble/i.test(name ?? ''))!;
    expect(crumble.balances.find(({ id }) => id === 'drinkThirst')?.band).toEqual([0.05, 0.35]);
    expect(crumble.lines.some(({ ingredient }) => ingredient === 'xanthan-gum')).toBe(false);
  });
});
