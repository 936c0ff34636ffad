import { performance } from 'node:perf_hooks';
import { bakeSection, makeMaterial, type Reach, type SectionBake } from '@omniarton/core/heat';
import { toEnd } from '@omniarton/core/quantity';
import { Section } from '../core/src/heat/conduction';
import { USUAL_PRECISION, type Precision } from '../core/src/heat/grid';
import { plain } from '../core/src/heat/testing';
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

/** Film, W/(m²·K), and half width, m, of bodies with a Biot number of 1. */
const FILM = 20;
const HALF = 0.03;
const SERIES_SECONDS = 2400;

/**
 * ζ₁ and C₁ of the one-term series at Bi = 1 (Incropera & DeWitt, table 5.1; Carslaw & Jaeger). Those of a slab are for what is heated
 * from above and below as well.
 */
const SLAB = [0.8603, 1.1191] as const;
const SERIES = {
  plate: [0.8603, 1.1191, SLAB],
  cylinder: [1.2558, 1.2071, SLAB],
  sphere: [1.5708, 1.2732, null],
} as const;

/** How far the middle is from the series after forty minutes, on the usual grid: share of what is left of the first difference. */
function offSeries(kind: keyof typeof SERIES): number {
  const body = {
    material: plain(FILM * HALF),
    depth: 2 * HALF,
    rise: 1,
    porosityRaw: 0,
    reach: { kind, from: 0, to: HALF },
  };
  const around = { air: () => 100, above: FILM, below: FILM, side: FILM, vapour: null, base: null };
  const section = new Section(body, 20, around);
  let before = { seconds: 0, left: 1 };
  for (;;) {
    section.go();
    const now = { seconds: section.seconds, left: (100 - section.coldest) / 80 };
    if (now.seconds >= SERIES_SECONDS) {
      const part = (SERIES_SECONDS - before.seconds) / (now.seconds - before.seconds);
      const left = before.left * (now.left / before.left) ** part;
      const fourier = ((FILM * HALF) / (1000 * 3000) / HALF ** 2) * SERIES_SECONDS;
      const term = ([zeta, c]: readonly [number, number]) => c * Math.exp(-(zeta ** 2) * fourier);
      const [zeta, c, slab] = SERIES[kind];
      return left / (term([zeta, c]) * (slab ? term(slab) : 1)) - 1;
    }
    before = now;
  }
}

export interface HeatFigures {
  /** Off the series solutions, a share, by the kind of body. */
  readonly series: readonly { readonly kind: string; readonly off: number }[];
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
    series: (Object.keys(SERIES) as (keyof typeof SERIES)[]).map((kind) => ({ kind, off: offSeries(kind) })),
    slab: measure(() => ninetyMinutes(null)),
    section: measure(() => ninetyMinutes({ kind: 'plate', from: 0, to: 0.056 })),
    pairs,
  };
}
