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

/**
 * Mass shares of the constituents that Choi & Okos have; ethanol counts as water, sugars and starch as carbohydrate. `frozen`: the
 * share of the water that is ice.
 */
function constituents(composition: Composition, frozen: number): Constituent[] {
  const { rows } = CHOI_OKOS;
  const parts: [number, Polynomials][] = [
    [composition.water * (1 - frozen) + composition.ethanol, rows.water],
    [composition.water * frozen, rows.ice],
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
  frozen = 0,
): { density: number; conductivity: number; heat: number } {
  let volume = 0;
  let conductivity = 0;
  let heat = 0;
  for (const { share, polynomials } of constituents(composition, frozen)) {
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
  /** °C at which the first ice forms. */
  readonly freezing: number;
  /** Share of the weight that is water. */
  readonly water: number;
  readonly density: number;
  conductivity(celsius: number, porosity: number): number;
  /** J/(kg·K), with the water that boils off as an apparent heat around the boiling point, and the ice that melts below freezing. */
  heat(celsius: number): number;
  /** Both of many temperatures at once, into two tables of the same length: a section asks at every step of its clock. */
  ofAll(celsius: Float64Array, porosity: number, conductivity: Float64Array, heat: Float64Array): void;
}

/** A batter, and what it is while it cools: what has boiled off doesn't come back. */
export interface BatterMaterial extends Material {
  readonly boiledOff: Material;
}

const COLDEST = -40;
const HOTTEST = 260;
const SIZE = HOTTEST - COLDEST + 1;
/** Boiling is spread over so many kelvins, so that steps can follow it, and lies as far above the boiling point as it spreads. */
const BOIL_WIDTH = 1.5;
const BOIL_SHIFT = 3;
/** Vapour diffusion is held at its value so far below boiling, where Stefan's factor runs away. */
const HELD_BELOW = 2;
/** Share of the pores that vapour gets through: films of batter close the others. Set once for all bakes, with those of the oven. */
const OPEN_PORES = 0.45;

/** Heat of melting of ice, J/kg; and what a mole of water takes over the gas constant, K (6008 J/mol, 8.314 J/(mol·K)). */
const MELTING = 333_600;
const MELTING_KELVIN = 6008 / 8.314;
const ZERO_KELVIN = 273.15;
const WARMEST_FREEZING = -0.1;

/** °C at which water of some activity freezes: ln a_w = (L/R)·(1/T₀ − 1/T), the ideal line (ASHRAE Handbook, Refrigeration, ch. 19). */
export const freezingPoint = (activity: number): number =>
  min(WARMEST_FREEZING, 1 / (1 / ZERO_KELVIN - Math.log(max(activity, 0.5)) / MELTING_KELVIN) - ZERO_KELVIN);

/** Share of the water that is ice: 1 − T_f/T (Heldman; Schwartzberg 1976), °C. */
const iceAt = (celsius: number, freezing: number): number =>
  celsius >= freezing ? 0 : 1 - freezing / celsius;

/** Where a temperature stands in a table of whole kelvins. */
const placeOf = (celsius: number): number => min(SIZE - 1.001, max(0, celsius - COLDEST));

/** A table's value at a place between two of its rows. */
function between(table: Float64Array, place: number): number {
  const below = floor(place);
  return table[below]! + (place - below) * (table[below + 1]! - table[below]!);
}

/** Tables by whole kelvins: of the batter without pores, of its pores, and of its heat. */
function lookedUp(
  solid: Float64Array,
  pore: Float64Array,
  heats: Float64Array,
): Pick<Material, 'conductivity' | 'heat' | 'ofAll'> {
  const conducts = (place: number, porosity: number) =>
    maxwellEucken(between(solid, place), between(pore, place), porosity);
  return {
    conductivity: (celsius, porosity) => conducts(placeOf(celsius), porosity),
    heat: (celsius) => between(heats, placeOf(celsius)),
    ofAll(celsius, porosity, conductivity, heat) {
      for (let at = 0; at < celsius.length; at += 1) {
        const place = placeOf(celsius[at]!);
        conductivity[at] = conducts(place, porosity);
        heat[at] = between(heats, place);
      }
    },
  };
}

export function makeMaterial(composition: Composition, pressure: number): BatterMaterial {
  const activity = waterActivity(composition);
  const boiling = boilingPoint(max(activity, 0.05), pressure);
  const freezing = freezingPoint(activity);
  const total = (Object.values(composition) as number[]).reduce((sum, grams) => sum + grams, 0);
  const water = composition.water / total;
  const solid = new Float64Array(SIZE);
  const pore = new Float64Array(SIZE);
  const heat = new Float64Array(SIZE);
  const dry = new Float64Array(SIZE);
  for (let at = 0; at < SIZE; at += 1) {
    const celsius = at + COLDEST;
    const inRange = min(150, celsius);
    const properties = solidProperties(composition, inRange, iceAt(celsius, freezing));
    // As much as melts over the kelvin about it: just below freezing the curve is steeper than a table can follow.
    const melts = water * MELTING * (iceAt(celsius - 0.5, freezing) - iceAt(celsius + 0.5, freezing));
    solid[at] = properties.conductivity;
    pore[at] =
      airConductivity(celsius) +
      OPEN_PORES * vapourConductivity(min(max(celsius, 0), boiling - HELD_BELOW), activity, pressure);
    const off = (celsius - boiling - BOIL_SHIFT) / BOIL_WIDTH;
    dry[at] = properties.heat + melts;
    heat[at] = dry[at]! + ((water * latentHeat(boiling)) / (BOIL_WIDTH * sqrt(PI))) * exp(-off * off);
  }
  const boiledOff: Material = {
    activity,
    boiling,
    freezing,
    water,
    density: solidProperties(composition, 25).density,
    ...lookedUp(solid, pore, dry),
  };
  return { ...boiledOff, ...lookedUp(solid, pore, heat), boiledOff };
}
