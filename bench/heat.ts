import { performance } from 'node:perf_hooks';
import { bakeSection, makeMaterial, type Reach, type SectionBake } from '@omniarton/core/heat';
import { toEnd } from '@omniarton/core/quantity';
import { USUAL_PRECISION, type Precision } from '../core/src/heat/grid';
import { bakeExplicit } from './explicit';
import { figureOf, measure, type Figure } from './measure';

const BATTER = { water: 30, protein: 6, fat: 20, starch: 20, sugars: 23, fibre: 1, ash: 0, ethanol: 0 };
const LOAF: SectionBake = {
  material: makeMaterial(BATTER, 101_325),
  depth: 0.055,
  rise: 1.5,
  porosityRaw: 0.12,
  reach: { kind: 'plate', from: 0, to: 0.056 },
  wall: 16,
  startCelsius: 20,
  ovenCelsius: 160,
  fan: false,
  doneCelsius: 98,
  doneLost: 0,
};

/** A bake that isn't done within ninety minutes, stopped there. */
function ninetyMinutes(reach: Reach | null): void {
  const steps = bakeSection({ ...LOAF, reach, doneCelsius: 200, doneLost: 1 });
  const WHOLE_MINUTES = 240;
  for (let step = steps.next(); !step.done; step = steps.next()) if (step.value * WHOLE_MINUTES >= 90) return;
}

const minutesOn = (precision: Precision): number => toEnd(bakeSection({ ...LOAF, precision })).minutes!;
const finer = (by: number, curve = USUAL_PRECISION.curve, most = USUAL_PRECISION.most): Precision => ({
  rows: Math.round(USUAL_PRECISION.rows * by),
  columns: Math.round(USUAL_PRECISION.columns * by),
  curve,
  least: USUAL_PRECISION.least,
  most,
});

interface Scheme {
  readonly error: number;
  readonly ms: number;
}

/** The median of a few runs, and how far the time is from what a grid without end would give. */
function schemeOf(bake: () => number, exact: number): Scheme {
  bake();
  const times: number[] = [];
  let minutes = 0;
  for (let run = 0; run < 3; run += 1) {
    const began = performance.now();
    minutes = bake();
    times.push(performance.now() - began);
  }
  return { error: Math.abs(minutes / exact - 1), ms: figureOf(times).median };
}

/** The explicit scheme on finer and finer grids, until its error is as small. */
function explicitAsGood(error: number, exact: number): Scheme {
  for (let by = 1; ; by *= 1.15) {
    const found = schemeOf(() => bakeExplicit(LOAF, finer(by)), exact);
    if (found.error <= error) return found;
  }
}

export interface HeatFigures {
  readonly slab: Figure;
  readonly section: Figure;
  /** A loaf until it is done, by both schemes at equal error: on the usual grid, and on one half as coarse again. */
  readonly pairs: readonly { readonly implicit: Scheme; readonly explicit: Scheme }[];
}

/** How long heat takes to compute, and how near it comes to Richardson's extrapolation of its own finest grids. */
export function heatFigures(): HeatFigures {
  const [half, fine] = [minutesOn(finer(2, 0.02, 20)), minutesOn(finer(4, 0.01, 10))];
  const exact = fine + (fine - half) / 3;
  const pairs = [1, 1.5].map((by) => {
    const implicit = schemeOf(() => minutesOn(finer(by)), exact);
    return { implicit, explicit: explicitAsGood(implicit.error, exact) };
  });
  return {
    slab: measure(() => ninetyMinutes(null)),
    section: measure(() => ninetyMinutes({ kind: 'plate', from: 0, to: 0.056 })),
    pairs,
  };
}
