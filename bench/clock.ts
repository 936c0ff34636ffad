import { performance } from 'node:perf_hooks';
import {
  beginRun,
  docketsOfDay,
  planDaySteps,
  problemOf,
  replan,
  runBake,
  turning,
  USUAL_WORK,
  type DayAsk,
  type DayBake,
  type DayPlan,
  type NoDay,
} from '@omniarton/core/clock';
import { BUILT_IN_KITCHEN, EMPTY_REQUEST } from '@omniarton/core/kitchen';
import { readRecipe } from '@omniarton/core/read';
import { demoDocuments } from '../server/src/demo/recipes';
import { latestByProgram } from './mip';

const MINUTE = 60_000;
const SERVING = { at: '2027-06-19T15:30', zone: 'Europe/Berlin' };
const SEED = 20_270_619;
const RANDOM_DAYS = 30;

/** The club's twelve, as they are converted for one day together. */
function clubBakes(): readonly DayBake[] {
  const twelve = demoDocuments()
    .filter(({ asRead }) => !asRead.title.startsWith('Boathouse'))
    .reverse();
  const asked = twelve.map(({ text, request }, at) => {
    let count = 0;
    const { recipe } = readRecipe(text, { kitchen: BUILT_IN_KITCHEN, newId: () => `l${(count += 1)}` });
    return { id: `b${at}`, recipe, request: { ...EMPTY_REQUEST, ...request, seats: [] }, serving: SERVING };
  });
  return docketsOfDay(asked, BUILT_IN_KITCHEN).bakes;
}

const dayOf = (
  bakes: readonly DayBake[],
  hands: number,
  ovens: number,
  racks = 2,
  asleep: DayAsk['asleep'] = { from: '22:30', to: '07:00' },
): DayAsk => ({
  bakes,
  ovens: Array.from({ length: ovens }, (_, at) => ({
    id: `o${at}`,
    name: `oven ${at + 1}`,
    racks,
    preheatMinutes: 20,
  })),
  hands,
  mixers: hands,
  fridge: null,
  tins: [],
  pace: {},
  asleep,
  now: null,
  pins: [],
  work: USUAL_WORK,
});

interface Timed {
  readonly firstMs: number;
  /** Until the begin was proven; null: it was not. */
  readonly provenMs: number | null;
  readonly allMs: number;
  readonly plan: DayPlan | NoDay;
}

function timed(ask: DayAsk): Timed {
  const began = performance.now();
  const steps = planDaySteps(ask);
  let [firstMs, provenMs]: [number | null, number | null] = [null, null];
  for (let step = steps.next(); ; step = steps.next()) {
    const ms = performance.now() - began;
    if (step.value?.outcome === 'plan') {
      firstMs ??= ms;
      if (step.value.proven) provenMs ??= ms;
    }
    if (step.done) return { firstMs: firstMs ?? ms, provenMs, allMs: ms, plan: step.value };
  }
}

/** Park and Miller's minimal standard generator: random days that are the same each time. */
function random(): (below: number) => number {
  let state = SEED;
  return (below) => (state = (state * 48_271) % 2_147_483_647) % below;
}

const ms = (value: number | null) => (value === null ? 'not' : `${value.toFixed(0)} ms`);

async function againstHighs(club: readonly DayBake[]): Promise<void> {
  for (const count of [1, 2, 3]) {
    const ask = dayOf(club.slice(0, count), 1, 1, 1, null);
    const own = timed({ ...ask, mixers: 9 });
    const theirs = await latestByProgram(problemOf({ ...ask, mixers: 9 }), turning);
    const begin =
      own.plan.outcome === 'plan' ? Math.round((own.plan.begins - problemOf(ask).base) / MINUTE) : null;
    const same =
      theirs.begin === null
        ? 'HiGHS didn’t prove one in 30 s'
        : theirs.begin === begin
          ? 'the same begin'
          : `begins ${begin} and ${theirs.begin}`;
    console.log(
      `  ${count} ${count === 1 ? 'bake' : 'bakes'}: proven in ${ms(own.provenMs)}, by HiGHS in ${ms(theirs.ms)}; ${same}`,
    );
  }
}

/** Figures of planning a bake day. */
export async function clockFigures(): Promise<void> {
  const club = clubBakes();
  timed(dayOf(club.slice(0, 3), 1, 1));
  const five = timed(dayOf(club.slice(0, 5), 1, 1));
  console.log(
    `five bakes, one pair of hands, one oven: first plan ${ms(five.firstMs)}, proven ${ms(five.provenMs)} (wanted: under 1000 ms)`,
  );
  const tea = timed(dayOf(club, 2, 2));
  const heat = tea.plan.outcome === 'plan' ? tea.plan.heat : { minutes: 0, atLeast: 1 };
  console.log(
    `the club’s twelve, two of each: first plan ${ms(tea.firstMs)} (wanted: under 300), proven ${ms(tea.provenMs)} (under 2000); ovens hot ${heat.minutes} minutes, at least ${heat.atLeast} (${((100 * heat.minutes) / heat.atLeast - 100).toFixed(0)} % above; wanted: 20), in ${ms(tea.allMs)} (15 s)`,
  );
  for (const count of [2, 4, 6, 8, 10, 12, 16, 20]) {
    const bakes = Array.from({ length: count }, (_, at) => ({ ...club[at % club.length]!, id: `c${at}` }));
    const { firstMs, provenMs, allMs } = timed(dayOf(bakes, 2, 2));
    console.log(
      `  ${String(count).padStart(2)} bakes: first ${ms(firstMs)}, proven ${ms(provenMs)}, all ${ms(allMs)}`,
    );
  }
  const below = random();
  const days = Array.from({ length: RANDOM_DAYS }, () => {
    const bakes = club.filter(() => below(2) === 0).slice(0, 8);
    return timed(dayOf(bakes.length > 0 ? bakes : club.slice(0, 1), 1 + below(2), 1 + below(2)));
  });
  console.log(
    `random days of up to eight bakes: ${days.filter(({ provenMs }) => provenMs !== null).length} of ${RANDOM_DAYS} proven`,
  );
  if (tea.plan.outcome === 'plan') {
    const { plan } = tea;
    const pinned = plan.tasks.find(({ kind }) => kind === 'mix')!;
    const held = timed({
      ...dayOf(club, 2, 2),
      pins: [
        { task: pinned.id, begins: pinned.begins - 30 * MINUTE, begun: false, minutes: null, oven: null },
      ],
    });
    console.log(`a task held elsewhere: answered in ${ms(held.firstMs)} (wanted: under 100 ms)`);
    const { asleep, hands, mixers } = dayOf(club, 2, 2);
    const run = beginRun(
      plan,
      { zone: SERVING.zone, bakes: [], hands, mixers, fridge: null, ovens: null, asleep, pins: [] },
      club.map(({ id, docket }) => runBake(id, null, docket)),
      {},
      'r',
      plan.begins,
    );
    const began = performance.now();
    const again = replan(run, dayOf(club, 2, 2), plan.begins + 25 * MINUTE);
    console.log(
      `twenty-five minutes late: planned again in ${ms(performance.now() - began)} (wanted: under 500 ms), served ${again?.lateMinutes ?? '?'} minutes later`,
    );
  }
  await againstHighs(club);
}
