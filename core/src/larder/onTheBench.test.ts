import { say } from '../words';
import {
  BUILT_IN_KITCHEN,
  EMPTY_KITCHEN,
  EMPTY_REQUEST,
  NO_WISHES,
  type BagOnHand,
  type BlendWishes,
  type HouseBlend,
} from '../kitchen';
import { toEnd } from '../quantity';
import { readText } from '../testing';
import { blendBench, convert, moreBagFor, schoolsFor } from '../docket';
import { layOut } from '.';

const CAKE = readText(
  'Plain cake\n250 g plain flour\n200 g butter\n200 g caster sugar\n4 medium eggs\n10 g baking powder\n120 ml milk\nMethod\nBake at 175°C for 30 minutes.',
);
const JAR: HouseBlend = {
  id: '0195a0c0-0000-7000-8000-00000000000a',
  name: 'the tall jar',
  kind: 'mixed',
  madeOf: [
    { ingredient: 'brown-rice-flour', share: 0.6 },
    { ingredient: 'tapioca-starch', share: 0.4 },
  ],
  earlier: [],
};
const bag = (ingredient: string, grams: number): BagOnHand => ({
  id: ingredient,
  grams,
  bag: {
    ingredient,
    note: '',
    packGrams: 1000,
    price: 3,
    opened: null,
    bestBefore: null,
    certified: true,
    label: null,
    place: 'cupboard',
  },
});
const kitchen = layOut({ ...EMPTY_KITCHEN, blends: [JAR] }, {}, 'test', [
  bag('white-rice-flour', 400),
  bag('tapioca-starch', 300),
  bag(`house-${JAR.id}`, 500),
]).kitchen;
const asked = (wishes: Partial<BlendWishes> = {}) => ({
  ...EMPTY_REQUEST,
  blend: { ...NO_WISHES, ...wishes },
});
const docketOf = (wishes: Partial<BlendWishes>) => {
  const outcome = convert(CAKE, asked(wishes), kitchen);
  if (outcome.outcome !== 'docket') throw new Error(outcome.reasons.map(say).join());
  return outcome.docket;
};
const jarLine = (wishes: Partial<BlendWishes>) =>
  docketOf(wishes)
    .parts.flatMap(({ lines }) => lines)
    .find(({ ingredient }) => ingredient === `house-${JAR.id}`)!;

describe('the blend bench of a recipe', () => {
  it('has the wheat that goes, what is wanted, and each flour with what the cupboard has of it', () => {
    const bench = blendBench(CAKE, asked(), kitchen, [])!;
    expect(bench.wheat).toMatchObject({ grams: 250, name: 'all-purpose flour' });
    expect(bench.wheat.properties.hold).toBe(9);
    expect(bench.grams).toBeCloseTo(250, 6);
    const rice = bench.flours.find(({ id }) => id === 'white-rice-flour')!;
    expect(rice).toMatchObject({ onHand: 400, perKilo: 3, cap: 0.7 });
    expect(bench.flours.find(({ id }) => id === 'teff-flour')!.onHand).toBeNull();
    expect(bench.routes.find(({ route }) => route === 'nut-butter-led')!.barred).toEqual({
      code: 'no-such-bake',
      values: { route: 'nut-butter-led' },
    });
  });
  it('isn’t laid where no wheat is to be replaced', () => {
    const bare = readText('Syrup\n200 g sugar\n100 ml water');
    expect(blendBench(bare, asked(), kitchen, [])).toBeNull();
    expect(toEnd(schoolsFor(bare, asked(), kitchen, [{ kind: 'route', route: 'almond-led' }]))).toEqual([]);
    expect(toEnd(moreBagFor(bare, asked({ buy: 0 }), kitchen))).toBeNull();
  });
  it('counts a jar in the cupboard as a flour once the bags are counted', () => {
    const ids = (wishes: Partial<BlendWishes>) =>
      blendBench(CAKE, asked(wishes), kitchen, [])!.flours.map(({ id }) => id);
    expect(ids({ buy: 0 })).toEqual([`house-${JAR.id}`, 'tapioca-starch', 'white-rice-flour']);
    expect(ids({})).not.toContain(`house-${JAR.id}`);
  });
  it('says what one more bag would buy for this recipe', () =>
    expect(toEnd(moreBagFor(CAKE, asked({ buy: 0 }), kitchen))!.nearer).toBeGreaterThan(0.05));
});

describe('a jar in the place of a designed blend', () => {
  it('is one line of the docket, weight for weight', () =>
    expect(jarLine({ jar: JAR.id }).grams!.central).toBe(250));
  it('weighs more cup for cup, as the cup of it does', () => {
    // A cup: 1 / (0.6/142 + 0.4/118) = 131 g, against 124 g of wheat flour.
    const grams = jarLine({ jar: JAR.id, jarBy: 'cup' }).grams!.central;
    expect(grams).toBeGreaterThan(255);
    expect(grams).toBeLessThan(275);
  });
  it('is stirred in its jar, and no flours are mixed for it', () => {
    const words = docketOf({ jar: JAR.id })
      .method.map(({ text }) => text)
      .join(' ');
    expect(words).toMatch(/Stir the tall jar in its jar/);
    expect(words).not.toMatch(/flours of the blend together/);
  });
  it('is told with the reason of its weight', () =>
    expect(
      say(
        docketOf({ jar: JAR.id, jarBy: 'cup' }).shifts.find(({ rule }) => rule === 'replace-flour')!.because,
      ),
    ).toMatch(/cup for cup/));
  it('that is gone, or that somebody can’t eat, is no docket, and says how it would go', () => {
    expect(convert(CAKE, asked({ jar: '0195a0c0-0000-7000-8000-00000000000f' }), kitchen)).toMatchObject({
      outcome: 'infeasible',
      reasons: [{ code: 'jar-gone' }],
    });
    const grainFree = convert(CAKE, { ...asked({ jar: JAR.id }), diet: 'grain-free' }, kitchen);
    expect(grainFree).toMatchObject({
      outcome: 'infeasible',
      reasons: [{ code: 'flour-out', values: { why: { code: 'a-grain' } } }],
    });
  });
  it('sets beside the routes what it does and costs', () => {
    const [school] = toEnd(schoolsFor(CAKE, asked(), kitchen, [{ kind: 'jar', jar: JAR.id, by: 'weight' }]));
    if (!school || 'barred' in school) throw new Error('no school');
    expect(school.name).toBe('the tall jar');
    expect(school.toBuy).toEqual([]);
    expect(school.properties.starch).toBeCloseTo(0.4, 9);
  });
});

describe('a docket', () => {
  it('keeps to the cupboard when nothing is to be bought, and is the same as ever when anything may be', () => {
    for (const { ingredient } of docketOf({ buy: 0 }).parts.flatMap(({ blend }) => blend))
      expect(['white-rice-flour', 'tapioca-starch', `house-${JAR.id}`]).toContain(ingredient);
    const bare = convert(CAKE, EMPTY_REQUEST, BUILT_IN_KITCHEN);
    const stocked = convert(CAKE, EMPTY_REQUEST, kitchen);
    if (bare.outcome !== 'docket' || stocked.outcome !== 'docket') throw new Error('no docket');
    expect(stocked.docket.parts).toEqual(bare.docket.parts);
  });
});
