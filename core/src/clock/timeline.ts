import type { Said } from '../words';
import { OVEN_DOOR } from './data/hands';
import type { Placed } from './fits';
import { turning, type DayProblem } from './problem';
import { TABLE, type Load, type OvenUse, type PlannedTask } from './types';
import { MINUTE_MS, momentOf, wallTime } from './zone';

/** A task before it has its hands: minutes of the axis. */
interface Bar extends Pick<
  PlannedTask,
  'id' | 'bake' | 'kind' | 'what' | 'steps' | 'oven' | 'celsius' | 'tray' | 'burst'
> {
  readonly from: number;
  readonly to: number;
  readonly handsOn: boolean;
  readonly firstCheck: number | null;
  readonly swapAt: number | null;
}

/** Trays that bake no longer than this, minutes, are done before they were turned. Common practice. */
const SHORTEST_SWAP = 8;

const PLAIN = { oven: null, celsius: null, tray: null, firstCheck: null, swapAt: null, burst: null } as const;

/** A load: in, in the oven, out. */
function loadBars(load: Load, begin: number, oven: string, title: string, swaps: boolean): Bar[] {
  const inside = begin + OVEN_DOOR.load;
  const out = inside + load.minutes;
  const base = { ...PLAIN, bake: load.bake, steps: load.steps, oven, tray: load.tray, celsius: load.celsius };
  return [
    {
      ...base,
      id: `${load.id}.in`,
      kind: 'load',
      what: { code: 'into-oven', values: { title, oven } },
      from: begin,
      to: inside,
      handsOn: true,
    },
    {
      ...base,
      id: load.id,
      kind: 'bake',
      what: load.what,
      from: inside,
      to: out,
      handsOn: false,
      firstCheck:
        load.firstCheck === null ? null : inside + Math.floor(Math.min(load.firstCheck, load.minutes)),
      swapAt: swaps ? inside + Math.round(load.minutes / 2) : null,
    },
    {
      ...base,
      id: `${load.id}.out`,
      kind: 'unload',
      what: { code: 'out-of-oven', values: { title, oven } },
      from: out,
      to: out + OVEN_DOOR.unload,
      handsOn: true,
    },
  ];
}

/** What each oven is set to, and from when: it is heated for what comes first, and turned between two heats. */
function ovenBars(
  problem: DayProblem,
  { begins, ovens }: Placed,
): { readonly bars: Bar[]; readonly uses: OvenUse[] } {
  const bars: Bar[] = [];
  const uses = problem.ask.ovens.flatMap((oven, place): OvenUse[] => {
    const loads = problem.items
      .flatMap(({ load, length }, at) =>
        load && ovens[at] === place ? [{ load, from: begins[at]!, to: begins[at]! + length }] : [],
      )
      .sort((a, b) => a.from - b.from);
    let set: number | null = null;
    let free = -Infinity;
    let minutes = 0;
    for (const { load, from, to } of loads) {
      if (load.celsius !== set) {
        const first = set === null;
        const warm = first ? oven.preheatMinutes : turning(set!, load.celsius);
        const what: Said = {
          code: first ? 'heat-oven' : 'turn-oven',
          values: { oven: oven.name, celsius: load.celsius },
        };
        bars.push({
          ...PLAIN,
          id: `${load.id}.heat`,
          bake: null,
          kind: 'preheat',
          what,
          steps: [],
          oven: oven.name,
          celsius: load.celsius,
          from: Math.max(free, from - Math.max(warm, 1)),
          to: from,
          handsOn: false,
        });
        minutes += first ? warm : 0;
        set = load.celsius;
      }
      free = Math.max(free, to);
    }
    if (loads.length === 0) return [];
    minutes += free - loads[0]!.from;
    return [
      {
        oven: oven.id,
        name: oven.name,
        minutes,
        settings: [...new Set(loads.map(({ load }) => load.celsius))],
      },
    ];
  });
  return { bars, uses };
}

/** Waits, each once after what it follows: rests, cooling, what simmers by itself. */
function waitBars(problem: DayProblem, endOf: ReadonlyMap<string, number>): Bar[] {
  const seen = new Set<string>();
  return problem.links.flatMap(({ from, wait }): Bar[] => {
    if (!wait || wait.minutes <= 0 || seen.has(`${from}${wait.kind}`)) return [];
    seen.add(`${from}${wait.kind}`);
    const end = endOf.get(from)!;
    return [
      {
        ...PLAIN,
        id: `${from}.${wait.kind}`,
        bake: from.slice(0, from.lastIndexOf('.')),
        kind: wait.kind,
        what: wait.what,
        steps: wait.steps,
        from: end,
        to: end + wait.minutes,
        handsOn: false,
      },
    ];
  });
}

/** Which pair of hands does what: the one that is free, the first of them. */
function withHands(bars: readonly Bar[]): (number | null)[] {
  const free: number[] = [];
  const given = bars.map((): number | null => null);
  const order = bars
    .map((_, at) => at)
    .filter((at) => bars[at]!.handsOn)
    .sort((a, b) => bars[a]!.from - bars[b]!.from || a - b);
  for (const at of order) {
    const { from, to } = bars[at]!;
    const one = free.findIndex((until) => until <= from);
    const hand = one < 0 ? free.length : one;
    free[hand] = to;
    given[at] = hand + 1;
  }
  return given;
}

/** What hands and ovens do: every item where it was placed. A clean-down after which nothing clean follows is left to the washing-up. */
function itemBars({ items, apart, ask }: DayProblem, { begins, ovens }: Placed): Bar[] {
  const titles = new Map(ask.bakes.map(({ id, docket }) => [id, docket.title]));
  const swaps = (load: Load) => load.tray !== null && load.minutes > SHORTEST_SWAP;
  return items.flatMap(({ task, load, length }, at): Bar[] => {
    const begin = begins[at]!;
    if (load) return loadBars(load, begin, ask.ovens[ovens[at]!]!.name, titles.get(load.bake)!, swaps(load));
    const followed = apart.some(
      ({ clean, other }) => items[other.down]!.task === task && begins[clean.first]! >= begin,
    );
    if (task.kind === 'clean' && !followed) return [];
    return [
      {
        ...PLAIN,
        id: task.id,
        bake: task.bake,
        kind: task.kind,
        what: task.what,
        steps: task.steps,
        burst: task.kind === 'bake' ? null : task.burst,
        from: begin,
        to: begin + length,
        handsOn: true,
      },
    ];
  });
}

/** When each bake is on the table. */
const tableBars = ({ ask, base }: DayProblem): Bar[] =>
  ask.bakes.map(({ id, docket, serving }): Bar => {
    const at = Math.floor((momentOf(serving) - base) / MINUTE_MS);
    const what: Said = { code: 'on-the-table', values: { title: docket.title } };
    return {
      ...PLAIN,
      id: `${id}.${TABLE}`,
      bake: id,
      kind: 'serve',
      what,
      steps: [],
      from: at,
      to: at,
      handsOn: false,
    };
  });

/** The day as it is shown: everything that is done or waited for, in order, with hands and ovens. */
export function timelineOf(
  problem: DayProblem,
  placed: Placed,
): { readonly tasks: PlannedTask[]; readonly ovens: OvenUse[] } {
  const { items, ask, base } = problem;
  const zone = ask.bakes[0]!.serving.zone;
  const endOf = new Map(items.map(({ task, length }, at) => [task.id, placed.begins[at]! + length]));
  const { bars: heats, uses } = ovenBars(problem, placed);
  const bars = [...itemBars(problem, placed), ...heats, ...waitBars(problem, endOf), ...tableBars(problem)];
  const hands = withHands(bars);
  const moment = (minute: number) => base + minute * MINUTE_MS;
  const tasks = bars.map(({ from, to, firstCheck, swapAt, ...one }, at): PlannedTask => ({
    ...one,
    begins: moment(from),
    ends: moment(to),
    at: wallTime(moment(from), zone),
    until: wallTime(moment(to), zone),
    hands: hands[at]!,
    firstCheck: firstCheck === null ? null : moment(firstCheck),
    swapAt: swapAt === null ? null : moment(swapAt),
  }));
  const order = (a: PlannedTask, b: PlannedTask) =>
    a.begins - b.begins || a.ends - b.ends || (a.id < b.id ? -1 : 1);
  return { tasks: tasks.sort(order), ovens: uses };
}
