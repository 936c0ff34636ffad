import { say } from '../words';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { BUILT_IN_KITCHEN, upcastRecipe } from '../kitchen';
import { readRecipe } from '../read';
import { counter } from '../testing';
import { docketOf, outcomeOf } from '../testingDockets';
import docketV1 from './fixtures/docket-v1.json';
import docketV3 from './fixtures/docket-v3.json';
import docketV5 from './fixtures/docket-v5.json';
import docketV6 from './fixtures/docket-v6.json';
import { convert, toJsonLd, toMarkdown, upcastDocket, type Docket } from '.';

const CAKE =
  'Plain layer cake\n250 g plain flour\n2 tsp baking powder\n180 g butter\n200 g caster sugar\n3 medium eggs\n150 ml milk\nMethod\nHeat the oven to 175°C. Butter two 20 cm round cake tins.\nCream the butter and sugar until pale. Beat in the eggs.\nFold in the flour and milk.\nBake for 30 to 35 minutes.';
const COOKIE =
  'Ginger cookies\n280 g plain flour\n2 tsp baking soda\n170 g butter\n200 g brown sugar\n1 large egg\n60 ml molasses\nMethod\nHeat the oven to 180°C. Line two baking trays.\nRoll into balls and bake for 11 minutes.';

const storedRecipe = (version: number) =>
  JSON.parse(readFileSync(join(__dirname, `../kitchen/fixtures/recipe-v${version}.json`), 'utf8')) as {
    text: string;
  };

const balance = (one: Docket, id: string) => one.parts[0]!.balances.find((balance) => balance.id === id)!;

describe('a docket', () => {
  it.each([
    ['cake', CAKE, {}],
    ['cookie', COOKIE, {}],
    ['cake without milk', CAKE, { without: ['milk' as const] }],
    ['cake without egg', CAKE, { without: ['egg' as const] }],
    ['grain-free cake', CAKE, { diet: 'grain-free' as const }],
    ['grain-free cake without nuts', CAKE, { diet: 'grain-free' as const, without: ['tree nuts' as const] }],
  ])('of a %s holds nothing that is out, and its drink stands in the band', (_, text, request) => {
    const made = docketOf(text, request);
    expect(made.guard.lines.filter(({ gluten }) => gluten === 'contains')).toEqual([]);
    const avoided: readonly string[] = ('without' in request ? request.without : undefined) ?? [];
    expect(
      made.guard.lines.flatMap(({ allergens }) => allergens).filter((one) => avoided.includes(one)),
    ).toEqual([]);
    const { converted, band } = balance(made, 'drinkThirst');
    expect(converted).toBeGreaterThanOrEqual(band[0]);
    expect(converted).toBeLessThanOrEqual(band[1] * 1.05);
    expect(made.bake.minutes!.central).toBeGreaterThan(0);
  });

  it('is the same for the same question', () => {
    expect(docketOf(CAKE)).toEqual(docketOf(CAKE));
  });

  it('keeps fat and sugar within five per cent', () => {
    for (const id of ['fat', 'sugar']) {
      const { converted, band } = balance(docketOf(CAKE), id);
      expect(converted).toBeGreaterThanOrEqual(band[0]);
      expect(converted).toBeLessThanOrEqual(band[1]);
    }
  });

  it('takes no gum where egg binds', () => {
    const { lines } = docketOf(CAKE, { school: 'egg-led' }).parts[0]!;
    expect(lines.some(({ ingredient }) => ingredient === 'xanthan-gum')).toBe(false);
  });

  it('holds to a weight that a person has set', () => {
    const milk = docketOf(CAKE).parts[0]!.lines.find(({ ingredient }) => ingredient === 'whole-milk')!;
    const fixed = docketOf(CAKE, { overrides: [{ line: milk.id, grams: 200 }] }).parts[0]!.lines.find(
      ({ id }) => id === milk.id,
    )!;
    expect(fixed).toMatchObject({ overruled: true, grams: { central: 200 } });
  });
});

describe('what is no docket', () => {
  it('says when nothing is to be converted', () => {
    expect(outcomeOf('100 g sugar\n2 eggs').outcome).toBe('nothing-to-convert');
    expect(outcomeOf('100 g rice flour\n2 eggs')).toMatchObject({ docket: { conversion: 'as-written' } });
  });
  it('is infeasible with every flour out', () => {
    const flours = [
      'white-rice-flour',
      'brown-rice-flour',
      'sweet-rice-flour',
      'sorghum-flour',
      'millet-flour',
      'oat-flour',
      'teff-flour',
      'buckwheat-flour',
      'corn-starch',
      'potato-starch',
      'tapioca-starch',
      'arrowroot',
      'cassava-flour',
      'almond-flour',
      'coconut-flour',
      'tiger-nut-flour',
    ];
    expect(outcomeOf(CAKE, { withoutFlours: flours }).outcome).toBe('infeasible');
  });
});

describe('what leaves the house', () => {
  it('promises no diet in its JSON-LD', () => {
    expect(toJsonLd(docketOf(CAKE))).not.toHaveProperty('suitableForDiet');
  });
  it.each([1, 2, 3, 4, 5, 6])(
    'reads a document of version %i as it was stored, and converts it',
    (version) => {
      const found = storedRecipe(version);
      const stored = upcastRecipe(found);
      expect(stored.text).toBe(found.text);
      const { recipe } = readRecipe(stored.text, {
        kitchen: BUILT_IN_KITCHEN,
        newId: counter(),
        previous: stored.lines,
        corrections: stored.corrections,
        locale: stored.locale,
      });
      const made = convert(recipe, stored.request, BUILT_IN_KITCHEN);
      expect(made.outcome).toBe('docket');
    },
  );
  it('reads a kept docket of version 1, with its numbers as they were', () => {
    const kept = upcastDocket(docketV1);
    expect(kept.guard).toMatchObject({ gluten: 'certified', forWhom: [], method: [] });
    expect(kept.bake).toMatchObject(docketV1.bake);
    expect(toMarkdown(kept)).toContain(docketV1.title);
  });
  it('reads a kept docket of version 3: its tins were all alike, and its numbers stay', () => {
    const kept = upcastDocket(docketV3);
    expect(kept.tins).toEqual([]);
    expect(kept.bake).toMatchObject({ ...docketV3.bake, crust: [], doneBy: null, cooling: null });
    expect(kept.shifts.map(({ from, to, because }) => [from, to, because].map(say))).toEqual(
      docketV3.shifts.map(({ from, to, because }) => [from, to, because]),
    );
    expect(kept.shifts.every(({ balance }) => balance === null)).toBe(true);
    expect(kept.parts).toEqual(docketV3.parts);
  });
  it('reads a kept docket of version 5: nobody signed its answers, and its words stay', () => {
    const kept = upcastDocket(docketV5);
    expect(kept.guard.crossContact.length).toBeGreaterThan(5);
    expect(kept.guard.crossContact.every(({ done }) => done === null)).toBe(true);
    expect(kept.guard.forWhom).toEqual(docketV5.guard.forWhom);
    expect(toMarkdown(kept)).toContain('## Against cross-contact');
  });
  it('reads a kept docket of version 6: what it said then is said as it was worded', () => {
    const kept = upcastDocket(docketV6);
    expect(kept.warnings.map(say)).toEqual(docketV6.warnings);
    expect(kept.texture.map(({ says }) => say(says))).toEqual(docketV6.texture.map(({ says }) => says));
    expect(kept.guard.open.map(({ ask }) => say(ask))).toEqual(docketV6.guard.open.map(({ ask }) => ask));
    expect(say(kept.bowl!.rested)).toBe(docketV6.bowl.rested);
    expect(toMarkdown(kept)).toContain(docketV6.shifts[0]!.because);
  });
  it('refuses a docket of a newer program by name', () =>
    expect(() => upcastDocket({ schema: 99 })).toThrow(/schema 99/));
});
