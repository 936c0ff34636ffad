import { BUILT_IN_KITCHEN, EMPTY_REQUEST, type OwnPan } from '../kitchen';
import { readText } from '../testing';
import { docketsOfDay } from './shared';
import { planDay, QUICK_WORK, type DayAsk, type DayPlan, type PlannedTask } from '.';

const LOAF =
  'Seed loaf\n250 g plain flour\n2 tsp baking powder\n120 g sugar\n2 eggs\n100 ml oil\n150 g yogurt\nMethod\nHeat the oven to 180°C. Grease a 900 g loaf tin.\nStir everything together.\nBake for 50 to 55 minutes. Cool in the tin for 15 minutes.';
const BISCUITS =
  'Butter biscuits\n250 g plain flour\n170 g butter\n90 g sugar\n1 egg\nMethod\nCream the butter and sugar. Beat in the egg. Stir in the flour. Chill the dough for 90 minutes.\nRoll out and cut into 24.\nBake on a baking tray at 180°C for 12 minutes.';
const MINUTE = 60_000;
const serving = { at: '2027-06-19T18:00', zone: 'Europe/Berlin' };
const made = (text: string) =>
  docketsOfDay([{ id: 'a', recipe: readText(text), request: EMPTY_REQUEST, serving }], BUILT_IN_KITCHEN)
    .bakes[0]!;
const twice = (text: string): DayAsk['bakes'] => ['a', 'b'].map((id) => ({ ...made(text), id }));

const day = (bakes: DayAsk['bakes'], more: Partial<DayAsk> = {}): DayAsk => ({
  bakes,
  ovens: [{ id: 'o', name: 'the oven', racks: 2, preheatMinutes: 20 }],
  hands: 2,
  mixers: 2,
  fridge: null,
  tins: [],
  pace: {},
  asleep: null,
  now: null,
  pins: [],
  work: QUICK_WORK,
  ...more,
});
function planned(ask: DayAsk): DayPlan {
  const plan = planDay(ask);
  if (plan.outcome !== 'plan') throw new Error(JSON.stringify(plan.reasons));
  return plan;
}
const of = ({ tasks }: DayPlan, bake: string, ...kinds: PlannedTask['kind'][]) =>
  tasks.filter((one) => one.bake === bake && kinds.includes(one.kind));
const loaves = twice(LOAF);
const { docket } = loaves[0]!;
const tinsOf = (count: number): OwnPan[] => [
  { id: 'long', name: 'the long tin', size: { ...docket.stages![docket.mainStage!]!.pan!, count } },
];
/** From the batter that fills it until the loaf is out of it. */
const inTin = (plan: DayPlan, bake: string) => ({
  from: of(plan, bake, 'mix', 'shape').at(-1)!.begins,
  to: of(plan, bake, 'unload')[0]!.ends + Math.ceil(docket.bake.coolMinutes) * MINUTE,
});

describe('tins and room in the fridge', () => {
  it('of one tin the second loaf waits until the first is out of it', () => {
    const plan = planned(day(loaves, { tins: tinsOf(1) }));
    const [first, second] = ['a', 'b'].map((one) => inTin(plan, one)).sort((a, b) => a.from - b.from);
    expect(first!.to).toBeLessThanOrEqual(second!.from);
    expect(plan.proven).toBe(true);
  });
  it('with a tin for each, or where nobody wrote tins down, both bake together', () => {
    const one = planned(day(loaves, { tins: tinsOf(1) }));
    const two = planned(day(loaves, { tins: tinsOf(2) }));
    expect(two.begins).toBeGreaterThan(one.begins);
    expect(planned(day(loaves)).begins).toBe(two.begins);
  });
  it('a tin of another size is none of them', () => {
    const [tin] = tinsOf(1);
    const small = { ...tin!, size: { ...tin!.size, lengthCm: tin!.size.lengthCm - 3 } };
    expect(planned(day(loaves, { tins: [small] })).begins).toBe(planned(day(loaves)).begins);
  });
  it('a loaf that needs two tins goes through the one there is in two loads', () => {
    const [loaf] = loaves;
    const stages = loaf!.docket.stages!.map((one) =>
      one.pan ? { ...one, pan: { ...one.pan, count: 2 } } : one,
    );
    const both = { ...loaf!, docket: { ...loaf!.docket, stages } };
    const loads = (tins: OwnPan[]) => of(planned(day([both], { tins })), 'a', 'bake');
    expect(loads(tinsOf(2))).toHaveLength(1);
    const [one, two] = loads(tinsOf(1));
    expect(two!.begins).toBeGreaterThanOrEqual(one!.ends);
  });
  it('doughs that chill take turns where the fridge has room for one', () => {
    const bakes = twice(BISCUITS);
    const rests = (fridge: number | null) => {
      const plan = planned(day(bakes, { fridge, hands: 1 }));
      return ['a', 'b'].map((one) => {
        const [rest] = of(plan, one, 'rest');
        const next = of(plan, one, 'mix', 'shape', 'load').find(({ begins }) => begins >= rest!.ends);
        return { from: rest!.begins, to: next!.begins };
      });
    };
    const [a, b] = rests(1);
    expect(a!.to <= b!.from || b!.to <= a!.from).toBe(true);
    const [c, d] = rests(null);
    expect(c!.to <= d!.from || d!.to <= c!.from).toBe(false);
  });
  it('one more tin is named where that is what is wanted', () => {
    const plan = planned(day(loaves, { tins: tinsOf(2) }));
    const late = { tins: tinsOf(1), now: plan.begins - 10 * MINUTE };
    const answer = planDay(day(loaves, late));
    if (answer.outcome === 'plan') throw new Error('it can be');
    expect(answer.relax).toContainEqual(
      expect.objectContaining({ give: { kind: 'one-more-tin', tin: 'long' } }),
    );
    expect(planDay(day(loaves, { ...late, tins: tinsOf(2) })).outcome).toBe('plan');
  });
});
