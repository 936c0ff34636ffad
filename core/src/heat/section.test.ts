import { toEnd } from '../quantity';
import { bakeSection, type SectionBake } from './section';
import { OVEN } from './data/surroundings';
import { makeMaterial, maxwellEucken, solidProperties, type Material } from './material';
import { drying } from './surface';
import {
  boilingPoint,
  latentHeat,
  pressureAt,
  saturatedVapour,
  saturationPressure,
  STANDARD_PRESSURE,
  vapourConductivity,
} from './steam';
import { plain } from './testing';

const bake = (over: Partial<SectionBake> & Pick<SectionBake, 'material'>): SectionBake => ({
  depth: 0.03,
  rise: 1,
  reach: null,
  wall: OVEN.wall,
  porosityRaw: 0,
  startCelsius: 20,
  ovenCelsius: 175,
  fan: false,
  doneCelsius: 90,
  doneLost: 0,
  ...over,
});

/** First root of β·tan β = Bi. */
function firstRoot(biot: number): number {
  let low = 1e-9;
  let high = Math.PI / 2 - 1e-9;
  for (let step = 0; step < 80; step += 1) {
    const middle = (low + high) / 2;
    if (middle * Math.tan(middle) < biot) low = middle;
    else high = middle;
  }
  return low;
}

/**
 * Centre of a slab heated alike on both faces, first term of the series (Carslaw & Jaeger, Conduction of Heat in Solids,
 * §3.11; Incropera & DeWitt, table of one-term coefficients): θ = C·exp(−β²·Fo), C = 4 sin β / (2β + sin 2β). Fo > 0.2.
 */
function seriesCentre(seconds: number, half: number, film: number, material: Material): number {
  const k = material.conductivity(50, 0);
  const beta = firstRoot((film * half) / k);
  const fourier = (k / (material.density * material.heat(50)) / half ** 2) * seconds;
  return ((4 * Math.sin(beta)) / (2 * beta + Math.sin(2 * beta))) * Math.exp(-(beta ** 2) * fourier);
}

describe('the slab against the series solution', () => {
  // The wall below and the film above differ a little, so the symmetric solution bounds the asymmetric one from both sides.
  const material = plain(0.4, 3000, 1000);
  const above = OVEN.convective + OVEN.radiative;
  it.each([0.02, 0.03, 0.045])('a slab of %d m gets hot when the series says so', (depth) => {
    const result = toEnd(bakeSection(bake({ material, depth })));
    const seconds = result.minutes! * 60;
    // The oven begins cooler by the door's drop and comes back: as if the bake had begun so much later.
    const late = (OVEN.doorDrop * OVEN.recoverySeconds) / 155;
    const wanted = (90 - 175) / (20 - 175);
    const slow = seriesCentre(seconds - late, depth / 2, Math.min(above, OVEN.wall), material);
    const fast = seriesCentre(seconds - late, depth / 2, Math.max(above, OVEN.wall), material);
    expect(wanted).toBeGreaterThan(fast * 0.97);
    expect(wanted).toBeLessThan(slow * 1.03);
  });
});

describe('a section against series solutions', () => {
  // Incropera & DeWitt, one-term coefficients at Bi = 1: cylinder ζ = 1.2558, C = 1.2071; plane wall ζ = 0.8603, C = 1.1191.
  // A short cylinder is the product of both (Carslaw & Jaeger §1.15).
  it('a short cylinder heated alike all round', () => {
    const film = OVEN.convective + OVEN.radiative;
    const half = 0.03;
    const material = plain(film * half, 3000, 1000);
    const reach = { kind: 'cylinder' as const, from: 0, to: half };
    const found = toEnd(bakeSection(bake({ material, depth: 2 * half, wall: film, reach })));
    const late = (OVEN.doorDrop * OVEN.recoverySeconds) / 155;
    const fourier = ((film * half) / (1000 * 3000) / half ** 2) * (found.minutes! * 60 - late);
    const centre = 1.2071 * Math.exp(-(1.2558 ** 2) * fourier) * 1.1191 * Math.exp(-(0.8603 ** 2) * fourier);
    expect(centre / ((90 - 175) / (20 - 175))).toBeCloseTo(1, 1);
  });
  it('so wide that its walls are far away is a slab', () => {
    const material = plain(0.4, 3000, 1000);
    const slab = toEnd(bakeSection(bake({ material }))).minutes!;
    const wide = toEnd(bakeSection(bake({ material, reach: { kind: 'plate', from: 0, to: 1 } }))).minutes!;
    expect(Math.abs(wide / slab - 1)).toBeLessThan(0.02);
  });
  it('keeps its heat: what came in is what it holds, within half a per cent', () => {
    const batter = makeMaterial(
      { water: 35, protein: 6, fat: 18, starch: 20, sugars: 20, fibre: 1, ash: 0, ethanol: 0 },
      STANDARD_PRESSURE,
    );
    for (const reach of [
      null,
      { kind: 'plate', from: 0, to: 0.06 },
      { kind: 'cylinder', from: 0.02, to: 0.1 },
    ] as const) {
      const { heatIn, heatKept } = toEnd(
        bakeSection(bake({ material: batter, reach, rise: 1.8, porosityRaw: 0.15, doneCelsius: 97 })),
      );
      expect(Math.abs(heatKept() / heatIn - 1)).toBeLessThan(0.005);
    }
  });
});

describe('heat as physics has it', () => {
  const material = plain(0.4, 3000, 1000);
  const minutes = (over: Partial<SectionBake>) => toEnd(bakeSection(bake({ material, ...over }))).minutes!;
  it('takes longer for a deeper slab and a cooler oven, less with a fan', () => {
    expect(minutes({ depth: 0.05 })).toBeGreaterThan(minutes({ depth: 0.03 }));
    expect(minutes({ ovenCelsius: 160 })).toBeGreaterThan(minutes({ ovenCelsius: 190 }));
    expect(minutes({ fan: true })).toBeLessThan(minutes({}));
  });
  it('never passes the oven, and never cools while it bakes', () => {
    const { centre } = toEnd(bakeSection(bake({ material, doneCelsius: 170 })));
    const temperatures = centre.map(([, celsius]) => celsius);
    expect(Math.max(...temperatures)).toBeLessThan(175);
    expect(temperatures).toEqual([...temperatures].sort((a, b) => a - b));
  });
  it('gives up on what is never done, and says so', () =>
    expect(toEnd(bakeSection(bake({ material, ovenCelsius: 80 }))).minutes).toBeNull());
});

describe('the material', () => {
  // Choi & Okos (1986); ASHRAE Handbook, Refrigeration, chapter 19: water at 20 °C and 60 °C.
  const water = { water: 100, protein: 0, fat: 0, starch: 0, sugars: 0, fibre: 0, ash: 0, ethanol: 0 };
  it.each([
    [20, 0.6036, 995.7, 4176],
    [60, 0.6527, 983.9, 4190],
  ])('water at %d °C', (celsius, conductivity, density, heat) => {
    const found = solidProperties(water, celsius);
    expect(found.conductivity).toBeCloseTo(conductivity, 2);
    expect(Math.abs(found.density - density)).toBeLessThan(4);
    expect(Math.abs(found.heat - heat)).toBeLessThan(15);
  });
  // ASHRAE Handbook, Refrigeration, chapter 19, table 3 (from memory): specific heat above freezing, kJ/(kg·K), and initial freezing
  // point, of apples (83.9 % water) and strawberries (91.6 %).
  it.each([
    [
      'apples',
      { water: 83.93, protein: 0.19, fat: 0.36, starch: 0, sugars: 12.55, fibre: 2.7, ash: 0.26, ethanol: 0 },
      3810,
    ],
    [
      'strawberries',
      { water: 91.57, protein: 0.61, fat: 0.37, starch: 0, sugars: 4.72, fibre: 2.3, ash: 0.43, ethanol: 0 },
      4000,
    ],
  ])('%s', (_, composition, heat) =>
    expect(Math.abs(solidProperties(composition, 20).heat / heat - 1)).toBeLessThan(0.02),
  );
  it('lies between its solid and its pores', () => {
    for (const porosity of [0, 0.2, 0.5, 0.8, 1]) {
      const mixed = maxwellEucken(0.5, 0.03, porosity);
      expect(mixed).toBeGreaterThanOrEqual(0.03 - 1e-12);
      expect(mixed).toBeLessThanOrEqual(0.5 + 1e-12);
    }
    expect(maxwellEucken(0.5, 0.03, 0)).toBeCloseTo(0.5, 12);
    expect(maxwellEucken(0.5, 0.03, 1)).toBeCloseTo(0.03, 12);
  });
  it('takes up the heat of its water around boiling', () => {
    const batter = makeMaterial({ ...water, water: 40, starch: 40, sugars: 20 }, STANDARD_PRESSURE);
    expect(batter.boiling).toBeGreaterThan(100);
    expect(batter.heat(batter.boiling + 3)).toBeGreaterThan(10 * batter.heat(60));
  });
});

describe('drying', () => {
  // A wet surface in moving air stands where e_s(T_w) − e = γ·(T − T_w), with γ = 0.665·10⁻³·P (FAO Irrigation and Drainage Paper 56,
  // equation 8; World Meteorological Organization, guide no. 8, has 0.662 to 0.667). Ours comes from the Lewis relation at oven heat.
  it('stands by the psychrometric constant, within a tenth', () => {
    const vapour = OVEN.vapourKgPerM3;
    const surface = 80;
    const flux = drying(surface, { activity: 1, vapour }, 0) * latentHeat(surface);
    const warmer = flux / OVEN.convective;
    // Densities and the Lewis relation are of the film, half way between surface and oven.
    const film = (surface + 175) / 2 + 273.15;
    const pressureGap = (saturatedVapour(surface) - vapour) * 461.5 * film;
    expect(pressureGap / warmer / (0.665e-3 * STANDARD_PRESSURE)).toBeGreaterThan(0.9);
    expect(pressureGap / warmer / (0.665e-3 * STANDARD_PRESSURE)).toBeLessThan(1.1);
  });
  it('takes more from a hotter surface, less where it has dried, and nothing from a dry one', () => {
    const wet = { activity: 0.95, vapour: OVEN.vapourKgPerM3 };
    expect(drying(90, wet, 0)).toBeGreaterThan(drying(70, wet, 0));
    expect(drying(90, wet, 1)).toBeLessThan(drying(90, wet, 0));
    expect(drying(90, { ...wet, activity: 0 }, 0)).toBe(0);
  });
});

describe('steam', () => {
  // Steam tables (IAPWS-IF97 values at whole temperatures, from memory).
  it.each([
    [20, 2339],
    [60, 19_946],
    [80, 47_414],
    [100, 101_418],
    [120, 198_670],
  ])('at %d °C has a pressure of %d Pa', (celsius, pascal) =>
    expect(Math.abs(saturationPressure(celsius) / pascal - 1)).toBeLessThan(0.006),
  );
  it('boils at 100 °C at sea level, higher with sugar, lower on a mountain', () => {
    expect(boilingPoint(1)).toBeCloseTo(100, 0);
    expect(boilingPoint(0.9)).toBeGreaterThan(102);
    // ISO 2533: 84.6 kPa at 1500 m, where water boils at 95 °C.
    expect(pressureAt(1500)).toBeCloseTo(84_560, -2);
    expect(boilingPoint(1, pressureAt(1500))).toBeCloseTo(95, 0);
  });
  it('carries more heat through pores the hotter it is', () => {
    const at = (celsius: number) => vapourConductivity(celsius, 0.95, STANDARD_PRESSURE);
    expect(at(40)).toBeLessThan(at(70));
    expect(at(70)).toBeLessThan(at(90));
  });
});
