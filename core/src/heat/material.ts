import type { Composition } from '../catalogue';
import { waterActivity } from '../formula';
import { CHOI_OKOS, type Polynomials } from './data/choiOkos';
import { boilingPoint, latentHeat, vapourConductivity } from './steam';

/** Held by the module: looked up among a sandbox's globals, as where tests run, each would cost more than the step it is in. */
const { exp, floor, max, min, sqrt, PI } = Math;

const evaluate = ([a, b, c]: readonly [number, number, number], celsius: number) =>
  a + b * celsius + c * celsius * celsius;

interface Constituent {
  readonly share: number;
  readonly polynomials: Polynomials;
}

/** Mass shares of the constituents that Choi & Okos have; ethanol counts as water, sugars and starch as carbohydrate. */
function constituents(composition: Composition): Constituent[] {
  const { rows } = CHOI_OKOS;
  const parts: [number, Polynomials][] = [
    [composition.water + composition.ethanol, rows.water],
    [composition.protein, rows.protein],
    [composition.fat, rows.fat],
    [composition.starch + composition.sugars, rows.carbohydrate],
    [composition.fibre, rows.fibre],
    [composition.ash, rows.ash],
  ];
  const total = parts.reduce((sum, [grams]) => sum + grams, 0);
  return parts.map(([grams, polynomials]) => ({ share: grams / total, polynomials }));
}

/** Density (kg/m³), conductivity (W/m·K, by volume) and heat (J/kg·K) of the batter without its pores at a temperature. */
export function solidProperties(
  composition: Composition,
  celsius: number,
): { density: number; conductivity: number; heat: number } {
  let volume = 0;
  let conductivity = 0;
  let heat = 0;
  for (const { share, polynomials } of constituents(composition)) {
    const own = share / evaluate(polynomials.density, celsius);
    volume += own;
    conductivity += own * evaluate(polynomials.conductivity, celsius);
    heat += share * 1000 * evaluate(polynomials.heat, celsius);
  }
  return { density: 1 / volume, conductivity: conductivity / volume, heat };
}

/** Maxwell–Eucken: pores of conductivity k_d dispersed in a solid of k_c, at porosity φ. */
export function maxwellEucken(continuous: number, dispersed: number, porosity: number): number {
  const lead = 2 * continuous + dispersed;
  const gap = continuous - dispersed;
  return (continuous * (lead - 2 * porosity * gap)) / (lead + porosity * gap);
}

const airConductivity = (celsius: number) => 0.0241 + 7.4e-5 * celsius;

/** What a batter is to heat, tabulated by whole kelvins so that a bake needs no powers. */
export interface Material {
  readonly activity: number;
  readonly boiling: number;
  /** Share of the weight that is water. */
  readonly water: number;
  readonly density: number;
  conductivity(celsius: number, porosity: number): number;
  /** J/(kg·K), with the water that boils off as an apparent heat around the boiling point. */
  heat(celsius: number): number;
}

const COLDEST = -20;
const HOTTEST = 260;
/** Boiling is spread over so many kelvins, so that steps can follow it, and lies as far above the boiling point as it spreads. */
const BOIL_WIDTH = 1.5;
const BOIL_SHIFT = 3;
/** Vapour diffusion is held at its value so far below boiling, where Stefan's factor runs away. */
const HELD_BELOW = 2;

export function makeMaterial(composition: Composition, pressure: number): Material {
  const activity = waterActivity(composition);
  const boiling = boilingPoint(max(activity, 0.05), pressure);
  const total = (Object.values(composition) as number[]).reduce((sum, grams) => sum + grams, 0);
  const water = composition.water / total;
  const size = HOTTEST - COLDEST + 1;
  const solid = new Float64Array(size);
  const pore = new Float64Array(size);
  const heat = new Float64Array(size);
  for (let at = 0; at < size; at += 1) {
    const celsius = at + COLDEST;
    const inRange = min(150, max(-10, celsius));
    const properties = solidProperties(composition, inRange);
    solid[at] = properties.conductivity;
    pore[at] =
      airConductivity(celsius) +
      vapourConductivity(min(max(celsius, 0), boiling - HELD_BELOW), activity, pressure);
    const off = (celsius - boiling - BOIL_SHIFT) / BOIL_WIDTH;
    heat[at] = properties.heat + ((water * latentHeat(boiling)) / (BOIL_WIDTH * sqrt(PI))) * exp(-off * off);
  }
  const look = (table: Float64Array, celsius: number) => {
    const place = min(size - 1.001, max(0, celsius - COLDEST));
    const below = floor(place);
    return table[below]! + (place - below) * (table[below + 1]! - table[below]!);
  };
  return {
    activity,
    boiling,
    water,
    density: solidProperties(composition, 25).density,
    conductivity: (celsius, porosity) => maxwellEucken(look(solid, celsius), look(pore, celsius), porosity),
    heat: (celsius) => look(heat, celsius),
  };
}
