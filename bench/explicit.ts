import type { SectionBake } from '@omniarton/core/heat';
import { OVEN } from '../core/src/heat/data/oven';
import { columnsOf, USUAL_PRECISION, type Precision } from '../core/src/heat/grid';
import { latentHeat } from '../core/src/heat/steam';
import { drying, openFilm, ovenAt } from '../core/src/heat/surface';

const RISE_FROM = 35;
const RISE_TO = 88;
/** A step of the forward scheme is stable below 1; common practice keeps some way from it. */
const SAFETY = 0.9;
const LONGEST_SECONDS = 4 * 3600;

const behind = (a: number, b: number) => (a * b) / (a + b);

/**
 * The same bake on the same grid by the forward (explicit) Euler scheme, its step as long as it is stable: what the implicit one is
 * measured against. Minutes until the coldest cell is done.
 */
export function bakeExplicit(bake: SectionBake, precision: Precision = USUAL_PRECISION): number {
  const { rows, columns, faces, floors, width } = columnsOf(bake.reach, precision);
  const { material, wall, side = wall } = bake;
  const cells = rows * columns;
  const temperature = new Float64Array(cells).fill(bake.startCelsius);
  const [k, capacity, flow] = [0, 0, 0].map(() => new Float64Array(cells)) as [
    Float64Array,
    Float64Array,
    Float64Array,
  ];
  const surface = new Float64Array(columns).fill(bake.startCelsius);
  const dried = new Float64Array(columns);
  const mass = (material.density * (1 - bake.porosityRaw) * bake.depth) / rows;
  const floor = floors.reduce((sum, one) => sum + one, 0);
  const above = openFilm(bake.fan);
  const wetness = { activity: material.activity, vapour: OVEN.vapourKgPerM3 };
  let seconds = 0;
  let [coldest, wasColdest, wasSeconds] = [bake.startCelsius, bake.startCelsius, 0];
  while (seconds < LONGEST_SECONDS && coldest < bake.doneCelsius) {
    let mean = 0;
    for (let at = 0; at < cells; at += 1) mean += temperature[at]! * floors[at % columns]!;
    mean /= rows * floor;
    const grown = 1 + (bake.rise - 1) * Math.min(1, Math.max(0, (mean - RISE_FROM) / (RISE_TO - RISE_FROM)));
    const porosity = 1 - (1 - bake.porosityRaw) / grown;
    const height = (bake.depth * grown) / rows;
    for (let at = 0; at < cells; at += 1) {
      k[at] = material.conductivity(temperature[at]!, porosity);
      capacity[at] = mass * floors[at % columns]! * material.heat(temperature[at]!);
    }
    const oven = ovenAt(bake.ovenCelsius, seconds);
    let stable = Infinity;
    flow.fill(0);
    for (let i = 0; i < rows; i += 1)
      for (let j = 0; j < columns; j += 1) {
        const at = i * columns + j;
        const here = temperature[at]!;
        const high = (2 * k[at]!) / height;
        const wide = (2 * k[at]!) / width;
        const down =
          floors[j]! * (i > 0 ? behind(high, (2 * k[at - columns]!) / height) : behind(wall, high));
        const up = i < rows - 1 ? floors[j]! * behind(high, (2 * k[at + columns]!) / height) : 0;
        const left = j > 0 ? height * faces[j]! * behind(wide, (2 * k[at - 1]!) / width) : 0;
        const right = bake.reach
          ? height *
            faces[j + 1]! *
            (j < columns - 1 ? behind(wide, (2 * k[at + 1]!) / width) : behind(side, wide))
          : 0;
        let sum = down * ((i > 0 ? temperature[at - columns]! : oven) - here);
        let open = 0;
        if (i < rows - 1) sum += up * (temperature[at + columns]! - here);
        else {
          const wet = drying(surface[j]!, wetness, dried[j]!);
          surface[j] = (here * high + above * oven - wet * latentHeat(surface[j]!)) / (high + above);
          sum += floors[j]! * (high * (surface[j]! - here));
          open = floors[j]! * high;
        }
        if (j > 0) sum += left * (temperature[at - 1]! - here);
        sum += right * ((j < columns - 1 ? temperature[at + 1]! : oven) - here);
        flow[at] = sum;
        stable = Math.min(stable, capacity[at]! / (down + up + left + right + open));
      }
    const step = SAFETY * stable;
    for (let j = 0; j < columns; j += 1)
      dried[j] = dried[j]! + step * drying(surface[j]!, wetness, dried[j]!);
    [wasColdest, wasSeconds] = [coldest, seconds];
    coldest = Infinity;
    for (let at = 0; at < cells; at += 1) {
      temperature[at] = temperature[at]! + (step * flow[at]!) / capacity[at]!;
      coldest = Math.min(coldest, temperature[at]!);
    }
    seconds += step;
  }
  return (
    (wasSeconds + ((seconds - wasSeconds) * (bake.doneCelsius - wasColdest)) / (coldest - wasColdest)) / 60
  );
}
