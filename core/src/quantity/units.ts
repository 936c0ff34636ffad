import type { Locale } from '../vocabulary';
import { MASS_GRAMS, VOLUME_ML } from './data/units';

/** The US cup in ml (231 in³ ÷ 16): the measure that the catalogue's densities are in. */
export const US_CUP_ML = 236.5882365;

/** Grams in one of a unit of mass; undefined when the unit is none. */
export const gramsPerUnit = (unit: string): number | undefined => MASS_GRAMS.rows[unit];

/** Millilitres in one of a unit of volume as the place has it; undefined when the unit is none. */
export const mlPerUnit = (unit: string, locale: Locale): number | undefined => VOLUME_ML.rows[locale][unit];

/** °F to °C (exact: NIST SP 811, B.8). */
export const celsiusOf = (fahrenheit: number): number => ((fahrenheit - 32) * 5) / 9;
export const fahrenheitOf = (celsius: number): number => (celsius * 9) / 5 + 32;

export const INCH_CM = 2.54;
