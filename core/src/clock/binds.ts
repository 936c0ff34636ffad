import type { Said } from '../words';
import { beginOf } from './latest';
import type { Placed } from './fits';
import { stayOf } from './places';
import { type DayProblem } from './problem';
import { MINUTE_MS, wallTime } from './zone';

/** What is at most named. */
const MOST = 3;

/** Stretches in which at least so many of some are going on, with a pause of at most a few minutes. */
function busy(spans: readonly (readonly [number, number])[], least: number): [number, number][] {
  const PAUSE = 5;
  const moments = [...new Set(spans.flat())].sort((a, b) => a - b);
  const full: [number, number][] = [];
  for (const [at, from] of moments.slice(0, -1).entries()) {
    const to = moments[at + 1]!;
    if (spans.filter(([a, b]) => a <= from && to <= b).length < least) continue;
    const before = full.at(-1);
    if (before && from - before[1] <= PAUSE) before[1] = to;
    else full.push([from, to]);
  }
  return full;
}

/** What keeps a plan from beginning later: the bake that begins first and takes longest, and where hands or an oven have no room left. */
export function bindsOf(problem: DayProblem, placed: Placed): Said[] {
  const { items, ask, base } = problem;
  const zone = ask.bakes[0]!.serving.zone;
  const clock = (minute: number) => wallTime(base + minute * MINUTE_MS, zone).slice(11);
  const begins = beginOf(problem, placed);
  const first = items.findIndex(
    ({ load }, at) => placed.begins[at]! - (load ? problem.preheat : 0) === begins,
  );
  const { bake } = items[Math.max(0, first)]!;
  const own = items.flatMap((one, at) =>
    one.bake === bake ? [{ from: placed.begins[at]!, room: one.high - placed.begins[at]! }] : [],
  );
  const said: Said[] = [];
  // It ends as late as the table lets it: then it is its own length that binds.
  if (own.some(({ room }) => room === 0)) {
    const { docket } = ask.bakes[bake]!;
    const table = Math.max(...items.filter((one) => one.bake === bake).map((one) => one.high + one.length));
    said.push({ code: 'binds-bake', values: { title: docket.title, minutes: Math.max(0, table - begins) } });
  }
  const hands = items.flatMap(({ hands: of }, at) =>
    of.map(
      ({ offset, length }) => [placed.begins[at]! + offset, placed.begins[at]! + offset + length] as const,
    ),
  );
  const longest = (all: [number, number][]) =>
    all.filter(([from, to]) => to - from >= 20).sort((a, b) => b[1] - b[0] - (a[1] - a[0]))[0];
  const full = longest(busy(hands, ask.hands));
  if (full && ask.bakes.length > 1)
    said.push({
      code: 'binds-hands',
      values: { hands: ask.hands, from: clock(full[0]), to: clock(full[1]) },
    });
  ask.ovens.forEach(({ name, racks }, oven) => {
    const spans = items.flatMap(({ load, length }, at) =>
      load && placed.ovens[at] === oven
        ? Array.from({ length: load.racks }, () => [placed.begins[at]!, placed.begins[at]! + length] as const)
        : [],
    );
    const held = longest(busy(spans, racks));
    if (held && ask.bakes.length > 1)
      said.push({ code: 'binds-oven', values: { oven: name, from: clock(held[0]), to: clock(held[1]) } });
  });
  for (const { name, room, stays } of problem.places) {
    const spans = stays.flatMap((stay) => {
      const span = stayOf(stay, (item) => placed.begins[item]);
      return span ? Array.from({ length: stay.amount }, () => span) : [];
    });
    const held = longest(busy(spans, room));
    if (!held) continue;
    const values = { from: clock(held[0]), to: clock(held[1]) };
    said.push(
      name === null
        ? { code: 'binds-fridge', values }
        : { code: 'binds-tin', values: { ...values, tin: name } },
    );
  }
  return said.slice(0, MOST);
}
