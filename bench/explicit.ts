import type { SectionBake } from '@omniarton/core/heat';
import { OVEN } from '../core/src/heat/data/surroundings';
import { columnsOf, USUAL_PRECISION, type Columns, type Precision } from '../core/src/heat/grid';
import { latentHeat } from '../core/src/heat/steam';
import { drying, openFilm, ovenAt } from '../core/src/heat/surface';

const RISE_FROM = 35;
const RISE_TO = 88;
/** A step of the forward scheme is stable below 1; common practice keeps some way from it. */
const SAFETY = 0.9;
const LONGEST_SECONDS = 4 * 3600;

const behind = (a: number, b: number) => (a * b) / (a + b);

interface State {
  readonly temperature: Float64Array;
  readonly surface: Float64Array;
  readonly dried: Float64Array;
  readonly k: Float64Array;
  readonly capacity: Float64Array;
  readonly flow: Float64Array;
}

/** Properties where it is now, and the height of a row. */
function look(
  bake: SectionBake,
  { rows, columns, floors }: Columns,
  { temperature, k, capacity }: State,
): number {
  const floor = floors.reduce((sum, one) => sum + one, 0);
  const mass = (bake.material.density * (1 - bake.porosityRaw) * bake.depth) / rows;
  let mean = 0;
  for (let at = 0; at < temperature.length; at += 1) mean += temperature[at]! * floors[at % columns]!;
  mean /= rows * floor;
  const grown = 1 + (bake.rise - 1) * Math.min(1, Math.max(0, (mean - RISE_FROM) / (RISE_TO - RISE_FROM)));
  const porosity = 1 - (1 - bake.porosityRaw) / grown;
  for (let at = 0; at < temperature.length; at += 1) {
    k[at] = bake.material.conductivity(temperature[at]!, porosity);
    capacity[at] = mass * floors[at % columns]! * bake.material.heat(temperature[at]!);
  }
  return (bake.depth * grown) / rows;
}

/** W into each cell; the longest step that is stable, s. */
function flows(bake: SectionBake, grid: Columns, state: State, height: number, oven: number): number {
  const { rows, columns, faces, floors, width } = grid;
  const { temperature, surface, dried, k, capacity, flow } = state;
  const { wall, side = wall } = bake;
  const above = openFilm(bake.fan);
  const wetness = { activity: bake.material.activity, vapour: OVEN.vapourKgPerM3 };
  let stable = Infinity;
  for (let i = 0; i < rows; i += 1)
    for (let j = 0; j < columns; j += 1) {
      const at = i * columns + j;
      const here = temperature[at]!;
      const [high, wide] = [(2 * k[at]!) / height, (2 * k[at]!) / width];
      const down = floors[j]! * (i > 0 ? behind(high, (2 * k[at - columns]!) / height) : behind(wall, high));
      let up = floors[j]! * high;
      let over: number;
      if (i < rows - 1) {
        up = floors[j]! * behind(high, (2 * k[at + columns]!) / height);
        over = temperature[at + columns]!;
      } else {
        const wet = drying(surface[j]!, wetness, dried[j]!);
        over = (here * high + above * oven - wet * latentHeat(surface[j]!)) / (high + above);
        surface[j] = over;
      }
      const left = j > 0 ? height * faces[j]! * behind(wide, (2 * k[at - 1]!) / width) : 0;
      const outer = j < columns - 1 ? behind(wide, (2 * k[at + 1]!) / width) : behind(side, wide);
      const right = bake.reach ? height * faces[j + 1]! * outer : 0;
      flow[at] =
        down * ((i > 0 ? temperature[at - columns]! : oven) - here) +
        up * (over - here) +
        left * ((j > 0 ? temperature[at - 1]! : here) - here) +
        right * ((j < columns - 1 ? temperature[at + 1]! : oven) - here);
      stable = Math.min(stable, capacity[at]! / (down + up + left + right));
    }
  return stable;
}

/**
 * The same bake on the same grid by the forward (explicit) Euler scheme, its step as long as it is stable: what the implicit one is
 * measured against. Minutes until the coldest cell is done.
 */
export function bakeExplicit(bake: SectionBake, precision: Precision = USUAL_PRECISION): number {
  const grid = columnsOf(bake.reach, precision);
  const { rows, columns } = grid;
  const field = () => new Float64Array(rows * columns);
  const state: State = {
    temperature: field().fill(bake.startCelsius),
    surface: new Float64Array(columns).fill(bake.startCelsius),
    dried: new Float64Array(columns),
    k: field(),
    capacity: field(),
    flow: field(),
  };
  const { temperature, surface, dried, capacity, flow } = state;
  const wetness = { activity: bake.material.activity, vapour: OVEN.vapourKgPerM3 };
  let [seconds, coldest] = [0, bake.startCelsius];
  for (;;) {
    const height = look(bake, grid, state);
    const step = SAFETY * flows(bake, grid, state, height, ovenAt(bake.ovenCelsius, seconds));
    for (let j = 0; j < columns; j += 1)
      dried[j] = dried[j]! + step * drying(surface[j]!, wetness, dried[j]!);
    const was = coldest;
    coldest = Infinity;
    for (let at = 0; at < temperature.length; at += 1) {
      temperature[at] = temperature[at]! + (step * flow[at]!) / capacity[at]!;
      coldest = Math.min(coldest, temperature[at]!);
    }
    if (coldest >= bake.doneCelsius || seconds > LONGEST_SECONDS)
      return (seconds + (step * (bake.doneCelsius - was)) / (coldest - was)) / 60;
    seconds += step;
  }
}
