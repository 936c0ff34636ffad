import fc from 'fast-check';
import { BUILT_IN_KITCHEN, EMPTY_REQUEST } from '../../kitchen';
import { readText, runs } from '../../testing';
import { docketsOfDay } from '../shared';
import {
  beginRun,
  behind,
  mergeRuns,
  momentOf,
  moreMinutes,
  notesOf,
  planDay,
  replan,
  runBake,
  runState,
  timersOf,
  toDo,
  USUAL_WORK,
  type DayAsk,
  type DayRun,
  type DaySetup,
  type Happening,
  type RunEvent,
} from '..';

const MINUTE = 60_000;
const CAKE =
  'Plain cake\n250 g plain flour\n2 tsp baking powder\n180 g butter\n200 g caster sugar\n3 medium eggs\nMethod\nCream the butter and sugar. Beat in the eggs. Fold in the flour and baking powder.\nBake in a 20 cm round tin at 175°C for 30 to 35 minutes.';
const LOAF =
  'Seed loaf\n250 g plain flour\n2 tsp baking powder\n120 g sugar\n2 eggs\n100 ml oil\nMethod\nStir everything together.\nBake in a 900 g loaf tin at 180°C for 50 to 55 minutes.';
const serving = { at: '2027-06-19T15:30', zone: 'Europe/Berlin' };
const { bakes } = docketsOfDay(
  [CAKE, LOAF].map((text, at) => ({ id: `b${at}`, recipe: readText(text), request: EMPTY_REQUEST, serving })),
  BUILT_IN_KITCHEN,
);
const ask: DayAsk = {
  bakes,
  ovens: [{ id: 'o', name: 'the oven', racks: 2, preheatMinutes: 20 }],
  hands: 1,
  mixers: 1,
  fridge: null,
  tins: [],
  pace: {},
  asleep: null,
  now: null,
  pins: [],
  work: USUAL_WORK,
};
const plan = planDay(ask);
if (plan.outcome !== 'plan') throw new Error('no plan');
const setup: DaySetup = {
  zone: serving.zone,
  bakes: [],
  hands: 1,
  mixers: 1,
  fridge: null,
  ovens: null,
  asleep: null,
  pins: [],
};
const begun = beginRun(
  plan,
  setup,
  bakes.map(({ id, docket }) => runBake(id, null, docket)),
  {},
  'r',
  plan.begins,
);

let count = 0;
const after = (run: DayRun, at: number, what: Happening): DayRun => ({
  ...run,
  events: [...run.events, { ...what, id: `e${(count += 1)}`, at } as RunEvent],
});
/** Everything done to the minute, as far as a moment. */
function runTo(until: number, late = 0): DayRun {
  return plan.outcome === 'plan'
    ? plan.tasks
        .filter((one) => (one.handsOn || one.kind === 'preheat') && one.ends <= until)
        .reduce(
          (run, one) =>
            after(run, (one.kind === 'preheat' ? one.begins : one.ends) + late, {
              kind: 'done',
              task: one.id,
            }),
          begun,
        )
    : begun;
}
const load = plan.tasks.find(({ kind, bake }) => kind === 'bake' && bake === 'b0')!;

describe('a run', () => {
  it('has one thing to do, and what comes next, in the order of the plan', () => {
    const [first, second] = toDo(begun);
    expect(first!.begins).toBe(plan.tasks[0]!.begins);
    const [now] = toDo(after(begun, plan.begins, { kind: 'done', task: first!.id }));
    expect(now).toEqual(second);
  });
  it('takes something back that was not done', () => {
    const { id } = toDo(begun)[0]!;
    const undone = after(after(begun, 1, { kind: 'done', task: id }), 2, { kind: 'not-done', task: id });
    expect(toDo(undone)[0]!.id).toBe(id);
  });
  it('times the bake from when it really went in, to the second, however often it is looked at', () => {
    const put = load.begins + 7 * MINUTE + 13_000;
    const run = after(runTo(load.begins - MINUTE), put, { kind: 'done', task: `${load.id}.in` });
    for (const now of [put, put + 40 * MINUTE, put + 3 * 60 * MINUTE]) {
      const [timer] = timersOf(JSON.parse(JSON.stringify(run)) as DayRun, now).filter(
        ({ task }) => task.id === load.id,
      );
      expect(timer!.from).toBe(put);
      expect(timer!.rings).toBe(put + (load.firstCheck! - load.begins));
      expect(timer!.over).toBe(put + (load.ends - load.begins));
      expect(timer!.calls).toBe('look');
    }
  });
  it('rings again when it was said to be looked at again, and no more when it is out', () => {
    const inside = runTo(load.begins);
    const at = load.firstCheck! + MINUTE;
    const again = after(inside, at, { kind: 'later', task: load.id, minutes: 4, probe: 88, look: 'wet' });
    const timer = (run: DayRun) => timersOf(run, at).find(({ task }) => task.id === load.id);
    expect(timer(again)!.rings).toBe(at + 4 * MINUTE);
    expect(timer(after(again, at, { kind: 'done', task: `${load.id}.out` }))).toBeUndefined();
  });
  it('is the same on two devices whatever each of them saw first', () => {
    const ids = plan.tasks.filter((one) => one.handsOn).map(({ id }) => id);
    const events = fc.array(
      fc.tuple(fc.constantFrom(...ids), fc.constantFrom('done' as const, 'not-done' as const), fc.nat(1000)),
      { maxLength: 12 },
    );
    fc.assert(
      fc.property(events, events, (mine, theirs) => {
        const withAll = (all: typeof mine) =>
          all.reduce((run, [task, kind, at]) => after(run, at, { kind, task }), begun);
        const [a, b] = [withAll(mine), withAll(theirs)];
        const [ab, ba] = [mergeRuns(a, b), mergeRuns(b, a)];
        expect(ab.events).toEqual(ba.events);
        expect(runState(mergeRuns(ab, a))).toEqual(runState(ab));
        expect(ab.events).toHaveLength(mine.length + theirs.length);
      }),
      runs(81),
    );
  });
  it('gives a middle that lags as long as Heat says that it still needs', () => {
    const bake = {
      centre: [
        [0, 20],
        [20, 80],
        [27, 88],
        [33, 96],
      ] as const,
      doneMinutes: 33,
    };
    expect(moreMinutes(bake, 87)).toBe(6);
    expect(moreMinutes(bake, 99)).toBe(2);
    expect(moreMinutes(bake, 20)).toBe(15);
    expect(moreMinutes(bake, null)).toBe(3);
  });
  it('tells the log how long it really was in the oven, and what was said of it', () => {
    const out = after(
      after(runTo(load.begins), load.firstCheck!, {
        kind: 'later',
        task: load.id,
        minutes: 4,
        probe: 88,
        look: 'pale',
      }),
      load.begins + 41 * MINUTE,
      { kind: 'done', task: `${load.id}.out` },
    );
    expect(notesOf(out, 'b0')).toMatchObject({
      bakedOn: '2027-06-19',
      minutes: 41,
      ovenCelsius: load.celsius,
      measured: { probeCelsius: 88 },
    });
    const { moments } = notesOf(out, 'b0')!;
    expect(moments.length).toBeGreaterThan(2);
    expect(moments.map(({ at }) => at)).toEqual(moments.map(({ at }) => at).sort());
    expect(notesOf(out, 'b0')!.notes).toContain('88 °C in the middle, pale: 4 more minutes');
    expect(notesOf(begun, 'b0')).toBeNull();
  });
});

describe('what is seen to on the way', () => {
  it('calls for the shelves to change places at half time, until that is done', () => {
    const swapped = plan.tasks.map((one) =>
      one.id === load.id ? { ...one, swapAt: load.begins + 15 * MINUTE } : one,
    );
    const run = { ...runTo(load.begins), tasks: swapped };
    const swap = (one: DayRun) => timersOf(one, load.begins).find(({ calls }) => calls === 'swap');
    expect(swap(run)!.rings - swap(run)!.from).toBe(15 * MINUTE);
    expect(
      swap(after(run, load.begins + 16 * MINUTE, { kind: 'done', task: swap(run)!.marks })),
    ).toBeUndefined();
  });
  it('runs the clock of what is watched from when it was started', () => {
    const fry = { ...plan.tasks.find(({ kind }) => kind === 'mix')!, kind: 'cook' as const, burst: 30 };
    const run = { ...begun, tasks: [fry] };
    expect(timersOf(run, 0)).toEqual([]);
    const [timer] = timersOf(after(run, 1000, { kind: 'started', task: fry.id }), 0);
    expect(timer).toMatchObject({ calls: 'cook', rings: 1000 + fry.ends - fry.begins });
  });
});

describe('a run that is late', () => {
  const table = momentOf(serving);
  it('says by how much', () => {
    expect(behind(begun, plan.begins + 12 * MINUTE)).toBe(12);
    expect(behind(begun, plan.begins - 5 * MINUTE)).toBe(0);
  });
  it('changes nothing where nothing is late', () => {
    const now = load.begins + 5 * MINUTE;
    const again = replan(runTo(now), ask, now)!;
    expect(again.lateMinutes).toBe(0);
    const open = (tasks: readonly { id: string; begins: number; handsOn: boolean }[]) =>
      tasks.filter((one) => one.handsOn && one.begins >= now).map(({ id, begins }) => [id, begins]);
    expect(open(again.tasks)).toEqual(open(plan.tasks));
  });
  it('serves later by no more than it must, and leaves what has begun', () => {
    const now = plan.begins + 45 * MINUTE;
    const again = replan(begun, ask, now)!;
    expect(again.lateMinutes).toBeGreaterThan(0);
    expect(again.lateMinutes).toBeLessThanOrEqual(50);
    expect(again.tasks.every((one) => one.begins >= now || one.kind === 'preheat')).toBe(true);
    expect(
      again.tasks
        .filter(({ kind }) => kind === 'serve')
        .every((one) => one.begins === table + again.lateMinutes * MINUTE),
    ).toBe(true);
    const half = runTo(load.begins);
    const late = replan(half, ask, load.begins + 30 * MINUTE)!;
    const kept = late.tasks.find(({ id }) => id === load.id)!;
    expect(Math.abs(kept.begins - load.begins)).toBeLessThanOrEqual(MINUTE);
  });
});
