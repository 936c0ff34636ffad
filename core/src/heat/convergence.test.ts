import { toEnd } from '../quantity';
import { Section, type Surroundings } from './conduction';
import { coolSection } from './cooling';
import { OVEN } from './data/surroundings';
import type { Precision } from './grid';
import { freezingPoint, makeMaterial, solidProperties } from './material';
import { bakeSection, type SectionBake } from './section';
import { STANDARD_PRESSURE } from './steam';
import { plain } from './testing';

const BATTER = { water: 35, protein: 6, fat: 18, starch: 20, sugars: 20, fibre: 1, ash: 0, ethanol: 0 };
const FILM = 20;
const HALF = 0.03;
/** Film, half width and conductivity such that the Biot number is 1. */
const material = plain(FILM * HALF);
const around = (air: number): Surroundings => ({
  air: () => air,
  above: FILM,
  below: FILM,
  side: FILM,
  vapour: null,
  base: null,
});
const even = (cells: number, step: number): Precision => ({
  rows: cells,
  columns: cells,
  curve: 1e9,
  least: step,
  most: step,
});

/** A layer of batter in an oven, until its middle is done. */
const bake = (over: Partial<SectionBake>) =>
  toEnd(
    bakeSection({
      material: makeMaterial(BATTER, STANDARD_PRESSURE),
      depth: 0.025,
      rise: 1.8,
      porosityRaw: 0.15,
      reach: null,
      wall: OVEN.wall,
      startCelsius: 20,
      ovenCelsius: 175,
      fan: false,
      doneCelsius: 97,
      doneLost: 0,
      ...over,
    }),
  );

/** Share of the first difference that is left in the middle after some seconds: one term of the series, true for Fo > 0.2. */
const term = (zeta: number, c: number, seconds: number) =>
  c * Math.exp((-(zeta ** 2) * ((FILM * HALF) / (1000 * 3000)) * seconds) / HALF ** 2);

// Incropera & DeWitt, coefficients of the one-term approximation at Bi = 1: plane wall 0.8603, 1.1191; infinite cylinder 1.2558,
// 1.2071; sphere 1.5708, 1.2732. Carslaw & Jaeger, §3.11, §7.7, §9.4.
describe('heat against the series of Carslaw & Jaeger, at a Biot number of 1', () => {
  const seconds = 2400;
  it.each([
    ['a plate', { kind: 'plate', from: 0, to: HALF } as const, 0.8603, 1.1191, 1],
    ['a cylinder', { kind: 'cylinder', from: 0, to: HALF } as const, 1.2558, 1.2071, 1],
    ['a ball', { kind: 'sphere', from: 0, to: HALF } as const, 1.5708, 1.2732, 0],
  ])('%s', (_, reach, zeta, c, high) => {
    const section = new Section(
      { material, depth: 2 * HALF, rise: 1, porosityRaw: 0, reach },
      20,
      around(100),
      even(40, 10),
    );
    while (section.seconds < seconds - 1e-9) section.go();
    const left = (100 - section.coldest) / 80;
    const wall = high === 1 ? term(0.8603, 1.1191, seconds) : 1;
    expect(left / (term(zeta, c, seconds) * wall)).toBeCloseTo(1, 2);
  });
  it('cools by the same law as it heats', () => {
    const body = {
      material,
      depth: 0.06,
      rise: 1,
      porosityRaw: 0,
      reach: { kind: 'sphere', from: 0, to: HALF } as const,
    };
    const { minutes } = toEnd(coolSection({ body, from: 100, place: 'freezer', to: 20, celsius: 0 }));
    const film = 10;
    // Bi = 0.5: ζ = 1.1656, C = 1.1441.
    const expected = (Math.log(1.1441 / 0.2) / 1.1656 ** 2) * (HALF ** 2 / ((FILM * HALF) / (1000 * 3000)));
    expect((film * HALF) / (FILM * HALF)).toBe(0.5);
    expect((minutes! * 60) / expected).toBeCloseTo(1, 2);
  });
});

describe('the grid', () => {
  /** Middle of a slab after 40 minutes on a grid of so many rows, with a step that shrinks as the cells do. */
  const after = (cells: number) => {
    const section = new Section(
      { material, depth: 2 * HALF, rise: 1, porosityRaw: 0, reach: null },
      20,
      around(100),
      even(cells, 160 / cells),
    );
    while (section.seconds < 2400 - 1e-9) section.go();
    return section.coldest;
  };
  it('converges to second order in space and time together, for constant properties', () => {
    const [coarse, middle, fine] = [after(8), after(16), after(32)];
    const order = Math.log2(Math.abs(coarse - middle) / Math.abs(middle - fine));
    expect(order).toBeGreaterThan(1.7);
    expect(order).toBeLessThan(2.5);
  });
  it('comes nearer with each finer one, for a batter that boils, dries and rises', () => {
    const minutes = (cells: number) =>
      bake({ depth: 0.03, precision: { rows: cells, columns: 1, curve: 0.01, least: 0.1, most: 5 } })
        .minutes!;
    const finest = minutes(96);
    const off = [6, 12, 24, 48].map((cells) => Math.abs(minutes(cells) / finest - 1));
    expect(off).toEqual([...off].sort((a, b) => b - a));
    expect(off[2]).toBeLessThan(0.001);
  });
  it('is the same upside down where it is heated alike above and below', () => {
    const section = new Section(
      {
        material: makeMaterial(BATTER, STANDARD_PRESSURE),
        depth: 0.04,
        rise: 1,
        porosityRaw: 0.1,
        reach: { kind: 'plate', from: 0, to: 0.05 },
      },
      20,
      around(150),
    );
    for (let n = 0; n < 60; n += 1) section.go();
    const { rows, columns } = section.grid;
    for (let i = 0; i < rows / 2; i += 1)
      for (let j = 0; j < columns; j += 1)
        expect(section.temperature[i * columns + j]).toBeCloseTo(
          section.temperature[(rows - 1 - i) * columns + j]!,
          9,
        );
  });
});

describe('what it stands on', () => {
  it('hastens it when it is hot, and holds it up when it is cold', () => {
    const own = bake({}).minutes!;
    expect(bake({ base: { store: 15_000, celsius: 175 } }).minutes!).toBeLessThan(own);
    expect(bake({ base: { store: 3650, celsius: 20 } }).minutes!).toBeGreaterThan(own);
  });
  it('keeps the balance of heat, within half a per cent', () => {
    for (const base of [
      { store: 15_000, celsius: 175 },
      { store: 3650, celsius: 20 },
    ]) {
      const { heatIn, heatKept } = bake({ base });
      expect(Math.abs(heatKept() / heatIn - 1)).toBeLessThan(0.005);
    }
  });
  it('a shared oven takes longer', () =>
    expect(bake({ shared: true }).minutes!).toBeGreaterThan(bake({}).minutes!));
});

describe('cold', () => {
  // ASHRAE Handbook, Refrigeration, chapter 19: pure water freezes at 0 °C, c of ice 2.06 and k 2.2 W/(m·K) at 0 °C. From memory.
  it('ice is as published', () => {
    const ice = solidProperties(
      { ...BATTER, water: 100, protein: 0, fat: 0, starch: 0, sugars: 0, fibre: 0 },
      0,
      1,
    );
    expect(ice.heat).toBeCloseTo(2062, -1);
    expect(ice.conductivity).toBeCloseTo(2.22, 2);
    expect(ice.density).toBeCloseTo(916.9, 0);
  });
  // Ideal line: a 20 % sucrose solution (a_w 0.987) begins to freeze near −1.4 °C (measured −1.5, CRC Handbook, from memory).
  it('sugar lowers the freezing point', () => {
    expect(freezingPoint(1)).toBeCloseTo(-0.1, 6);
    expect(freezingPoint(0.987)).toBeLessThan(-1.2);
    expect(freezingPoint(0.987)).toBeGreaterThan(-1.6);
  });
  it('freezing takes far longer than cooling as far without ice', () => {
    const body = {
      material: makeMaterial(BATTER, STANDARD_PRESSURE),
      depth: 0.02,
      rise: 1,
      porosityRaw: 0.05,
      reach: { kind: 'sphere', from: 0, to: 0.02 } as const,
    };
    const to = (from: number, target: number) =>
      toEnd(coolSection({ body, from, place: 'freezer', to: target, celsius: -30 })).minutes!;
    expect(to(-2, -12)).toBeGreaterThan(1.5 * to(20, 10));
  });
  // Common practice, no one source: a quarter of an hour in the freezer firms cut dough; half an hour to an hour chills a scoop.
  it('a rolled dough is firm after about a quarter of an hour in the freezer', () => {
    const dough = makeMaterial({ ...BATTER, water: 14, fat: 30, starch: 35, sugars: 15 }, STANDARD_PRESSURE);
    const body = { material: dough, depth: 0.007, rise: 1, porosityRaw: 0.04, reach: null };
    const { minutes } = toEnd(coolSection({ body, from: 20, place: 'freezer', to: 4 }));
    expect(minutes).toBeGreaterThan(6);
    expect(minutes).toBeLessThan(22);
  });
  it('a place that is not cold enough gives no time, and ends', () => {
    const body = {
      material: makeMaterial(BATTER, STANDARD_PRESSURE),
      depth: 0.02,
      rise: 1,
      porosityRaw: 0,
      reach: null,
    };
    expect(toEnd(coolSection({ body, from: 20, place: 'fridge', to: 2 })).minutes).toBeNull();
  });
});
