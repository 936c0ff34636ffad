import type { Said } from '../words';
import { OVEN_DOOR } from './data/hands';
import type { Placed } from './fits';
import { MINUTE_MS, turning, type DayProblem } from './problem';
import { TABLE, type Load, type OvenUse, type PlannedTask } from './types';
import { momentOf, wallTime } from './zone';

/** A task before it has its hands: minutes of the axis. */
interface Bar extends Pick<
  PlannedTask,
  'id' | 'bake' | 'kind' | 'what' | 'steps' | 'oven' | 'celsius' | 'tray'
> {
  readonly from: number;
  readonly to: number;
  readonly handsOn: boolean;
  readonly firstCheck: number | null;
  readonly swapAt: number | null;
}

const PLAIN = { oven: null, celsius: null, tray: null, firstCheck: null, swapAt: null } as const;

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

/** The day as it is shown: everything that is done or waited for, in order, with hands and ovens. */
export function timelineOf(
  problem: DayProblem,
  placed: Placed,
): { readonly tasks: PlannedTask[]; readonly ovens: OvenUse[] } {
  const { items, ask, base } = problem;
  const zone = ask.bakes[0]!.serving.zone;
  const titles = new Map(ask.bakes.map(({ id, docket }) => [id, docket.title]));
  const endOf = new Map(items.map(({ task, length }, at) => [task.id, placed.begins[at]! + length]));
  const { bars: heats, uses } = ovenBars(problem, placed);
  const swaps = (load: Load) => load.tray !== null && load.minutes > 8;
  const own = items.flatMap(({ task, load, length }, at): Bar[] => {
    const begin = placed.begins[at]!;
    if (load)
      return loadBars(load, begin, ask.ovens[placed.ovens[at]!]!.name, titles.get(load.bake)!, swaps(load));
    const needless =
      task.kind === 'clean' &&
      !problem.apart.some(
        ({ clean, other }) => items[other.down]!.task === task && placed.begins[clean.first]! >= begin,
      );
    return needless
      ? []
      : [
          {
            ...PLAIN,
            id: task.id,
            bake: task.bake,
            kind: task.kind,
            what: task.what,
            steps: task.steps,
            from: begin,
            to: begin + length,
            handsOn: true,
          },
        ];
  });
  const tables = ask.bakes.map(({ id, docket, serving }): Bar => {
    const at = Math.floor((momentOf(serving) - base) / MINUTE_MS);
    return {
      ...PLAIN,
      id: `${id}.${TABLE}`,
      bake: id,
      kind: 'serve',
      what: { code: 'on-the-table', values: { title: docket.title } },
      steps: [],
      from: at,
      to: at,
      handsOn: false,
    };
  });
  const bars = [...own, ...heats, ...waitBars(problem, endOf), ...tables];
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
  return {
    tasks: tasks.sort((a, b) => a.begins - b.begins || a.ends - b.ends || (a.id < b.id ? -1 : 1)),
    ovens: uses,
  };
}
