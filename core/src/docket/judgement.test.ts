import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { say } from '../words';
import { BUILT_IN_KITCHEN, EMPTY_REQUEST } from '../kitchen';
import { readText, shareOf } from '../testing';
import { judge } from '.';

/** Bakes without gluten that work, and the same with one thing put wrong and what that is: made up after common practice. */
const { working, broken } = JSON.parse(readFileSync(join(__dirname, 'cases/judged.json'), 'utf8')) as {
  readonly working: readonly { readonly what: string; readonly text: string }[];
  readonly broken: readonly {
    readonly what: string;
    readonly text: string;
    readonly causes: readonly string[];
  }[];
};

const judged = (text: string) => judge(readText(text), EMPTY_REQUEST, BUILT_IN_KITCHEN);
const findings = (text: string) => judged(text).findings.map(({ id }) => id);

/** Made up after common practice: none of these would surprise a person who bakes without gluten. */
const WORKS: Readonly<Record<string, string>> = {
  'a layer cake':
    'Vanilla layer cake\n200 g white rice flour\n60 g tapioca starch\n60 g potato starch\n1 tsp xanthan gum\n2 tsp baking powder\n225 g butter\n225 g caster sugar\n4 eggs\n160 ml milk\nBake at 175°C for 30 minutes.',
  'almond cookies':
    'Almond cookies\n200 g almond flour\n30 g tapioca starch\n80 g butter\n90 g sugar\n1 egg\n1/4 tsp baking soda\nBake at 175°C.',
  'nut butter cookies':
    'Peanut butter cookies\n250 g peanut butter\n200 g sugar\n1 egg\n1 tsp baking soda\nBake at 175°C for 10 minutes.',
  'banana bread':
    'Banana bread\n180 g brown rice flour\n60 g oat flour\n40 g tapioca starch\n1 tsp baking soda\n1/2 tsp xanthan gum\n300 g mashed banana\n2 eggs\n120 g brown sugar\n80 g oil\nBake at 175°C for 60 minutes.',
  'a pie crust':
    'Pie crust\n160 g white rice flour\n60 g tapioca starch\n40 g sweet rice flour\n1/2 tsp xanthan gum\n130 g butter\n1 egg\n2 tbsp cold water\nBake at 200°C.',
  brownies:
    'Brownies\n70 g white rice flour\n30 g tapioca starch\n60 g cocoa\n170 g butter\n250 g sugar\n3 eggs\n100 g dark chocolate\nBake at 175°C.',
  pancakes:
    'Pancakes\n120 g brown rice flour\n60 g oat flour\n2 tsp baking powder\n2 eggs\n250 ml milk\n30 g butter\nFry.',
  scones:
    'Scones\n180 g white rice flour\n60 g potato starch\n40 g tapioca starch\n1 tsp xanthan gum\n1 tbsp baking powder\n80 g butter\n50 g sugar\n1 egg\n130 ml milk\nBake at 220°C for 15 minutes.',
};

describe('a recipe that is without gluten', () => {
  it.each(Object.entries(WORKS))('%s that works is not warned of', (_, text) =>
    expect(findings(text)).toEqual([]),
  );
  it.each([
    [
      'gummy',
      '250 g white rice flour\n3 tbsp xanthan gum\n200 g butter\n200 g sugar\n4 eggs\n2 tsp baking powder\n120 ml milk',
    ],
    ['falls-apart', '250 g white rice flour\n150 g oil\n200 g sugar\n2 tsp baking powder\n240 ml water'],
    [
      'soapy',
      '250 g white rice flour\n1 tsp xanthan gum\n2 tbsp baking soda\n200 g butter\n200 g sugar\n4 eggs\n160 ml milk',
    ],
    [
      'too-wet',
      '100 g white rice flour\n1 tsp xanthan gum\n2 tsp baking powder\n100 g butter\n200 g sugar\n4 eggs\n300 ml milk',
    ],
  ])('that will be %s is told so, with the number and the band', (id, text) => {
    const { findings: found } = judged(`Layer cake\n${text}\nCream the butter. Bake the cake at 175°C.`);
    const one = found.find((each) => each.id === id)!;
    expect(say(one.because)).toMatch(/\d|nothing binds/);
    expect(one.likelihood).toBeGreaterThan(0.2);
    expect(one.likelihood).toBeLessThanOrEqual(0.95);
  });
  it('goes by the bands of its leading flour', () => {
    expect(judged(WORKS['almond cookies']!).parts[0]!.route).toBe('almond-led');
    expect(judged(WORKS['nut butter cookies']!).parts[0]!.route).toBe('nut-butter-led');
    expect(judged(WORKS['scones']!).parts[0]!.route).toBe('grain-blend');
  });
  it('judges a crumble on it as a crumble', () => {
    const { family, parts } = judged(
      `Banana muffins${WORKS['banana bread']!.slice('Banana bread'.length).replace('Bake at', 'For the crumble topping\n60 g oat flour\n40 g white rice flour\n60 g butter\n50 g sugar\nMethod\nBake at')}`,
    );
    expect(family).toBe('muffin');
    expect(parts.map((part) => part.family)).toEqual(['muffin', 'crumble']);
  });
  it('with wheat in it is told to be converted first, and nothing else', () =>
    expect(findings('Cake\n250 g plain flour\n3 tbsp xanthan gum\n200 g butter\n2 eggs')).toEqual([
      'holds-gluten',
    ]));
  it('judges the same whatever its size', () => {
    const half = WORKS['scones']!.replace(/\d+(?= (?:g|ml))/g, (grams) => String(Number(grams) * 3));
    const thrice = half
      .replace('1 tsp xanthan', '3 tsp xanthan')
      .replace('1 tbsp', '3 tbsp')
      .replace('1 egg', '3 eggs');
    const [a, b] = [judged(WORKS['scones']!), judged(thrice)];
    a.parts[0]!.balances.forEach(({ value }, at) =>
      expect(b.parts[0]!.balances[at]!.value).toBeCloseTo(value, 2),
    );
  });
});

describe('of bakes that work and bakes with one fault', () => {
  it('what works stands in its bands, and is hardly ever cried at', () => {
    const all = working.map(({ text }) => judged(text));
    const balances = all.flatMap(({ parts }) => parts.flatMap((part) => part.balances));
    expect(shareOf(balances, ({ verdict }) => verdict === 'in')).toBeGreaterThanOrEqual(0.95);
    expect(
      shareOf(all, (one) => one.findings.every(({ likelihood }) => likelihood <= 0.5)),
    ).toBeGreaterThanOrEqual(0.95);
  });
  it('what is broken is named, and its cause is among the first two', () => {
    const all = broken.map(({ text, causes }) => ({ causes, found: findings(text) }));
    expect(shareOf(all, ({ found }) => found.length > 0)).toBeGreaterThanOrEqual(0.9);
    expect(
      shareOf(all, ({ found, causes }) => found.slice(0, 2).some((id) => causes.includes(id))),
    ).toBeGreaterThanOrEqual(0.9);
  });
});
