import { BUILT_IN_KITCHEN, type KeptFigure } from '../kitchen';
import { docketOf } from '../testingDockets';
import { learntWords } from './learnt';

const LOAF =
  'Plain loaf\n200 g plain flour\n2 tsp baking powder\n120 g sugar\n2 large eggs\n110 g vegetable oil\n240 g plain yogurt\nMethod\nWhisk all together.\nBake in a loaf tin at 175°C for 50 minutes.';
const plain = docketOf(LOAF);
const flour = plain.parts[0]!.blend[0]!;
const keeping = (topic: KeptFigure['topic'], value: number, of: string = plain.family.id) =>
  docketOf(
    LOAF,
    {},
    {
      ...BUILT_IN_KITCHEN,
      version: `${topic}-${value}`,
      kept: [{ topic, of, value, bakes: 4, on: '2027-02-01' }],
    },
  );
const account = (docket: typeof plain, name: string) =>
  docket.parts[0]!.accounts.find((one) => one.name === name)!.converted;
const gramsOf = (docket: typeof plain, what: RegExp) =>
  docket.parts[0]!.lines.filter(({ name }) => what.test(name)).reduce(
    (sum, { grams }) => sum + (grams?.central ?? 0),
    0,
  );

describe('a docket of a kitchen that has learnt', () => {
  it('counts with a flour’s own thirst, and says so', () => {
    const drier = keeping('thirst', 1.2, flour.ingredient);
    const thirst = 'thirst: water the flours hold';
    expect(account(drier, thirst)).toBeGreaterThan(account(plain, thirst)!);
    expect(learntWords(drier)).toEqual([`${flour.name} drinks 20 % more than the table says: 4 bakes`]);
  });
  it('binds as much more as was learnt', () => {
    expect(account(keeping('dose', 1.3), 'binder, as xanthan')).toBeGreaterThan(
      1.15 * account(plain, 'binder, as xanthan')!,
    );
    expect(account(keeping('dose', 0.7), 'binder, as xanthan')).toBeLessThan(
      account(plain, 'binder, as xanthan')!,
    );
  });
  it('is as sweet as is liked here', () =>
    expect(gramsOf(keeping('sweetness', 0.85), /sugar/) / gramsOf(plain, /sugar/)).toBeCloseTo(0.85, 1));
  it('comes out earlier where it is liked less done', () => {
    const less = keeping('done', -2);
    expect(less.bake.doneCelsius).toBeCloseTo(plain.bake.doneCelsius - 2, 6);
    expect(less.bake.minutes!.central).toBeLessThan(plain.bake.minutes!.central);
  });
  it('says nothing of what was learnt of other bakes', () => {
    const other = keeping('dose', 1.3, 'foam');
    expect(other.kept).toEqual([]);
    expect(learntWords(other)).toEqual([]);
    expect(other.parts).toEqual(plain.parts);
  });
});
