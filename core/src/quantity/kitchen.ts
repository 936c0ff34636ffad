import { sayMixed } from './fraction';
import { US_CUP_ML } from './units';

const TSP_ML = US_CUP_ML / 48;
const TBSP_ML = US_CUP_ML / 16;
/** A kitchen measure that is further off isn't shown; below a teaspoon the steps are that coarse themselves. */
const OFF = 0.05;
const OFF_UNDER_A_SPOON = 0.13;

interface Measure {
  readonly ml: number;
  readonly words: string;
}

const THIRDS = [1 / 4, 1 / 3, 1 / 2, 2 / 3, 3 / 4];
const QUARTERS = [1 / 4, 1 / 2, 3 / 4];

/** Whole ones up to some number, each with the fractions that there is a measure for. */
const upTo = (
  most: number,
  fractions: readonly number[],
  ml: number,
  name: (n: number) => string,
): Measure[] =>
  Array.from({ length: most + 1 }, (_, whole) => [0, ...fractions].map((part) => whole + part))
    .flat()
    .filter((count) => count > 0 && count <= most)
    .map((count) => ({ ml: count * ml, words: `${sayMixed(count)} ${name(count)}` }));

const CUPS = upTo(12, THIRDS, US_CUP_ML, (n) => (n > 1 ? 'cups' : 'cup'));
const TABLESPOONS = upTo(3, [], TBSP_ML, () => 'tbsp');
const TEASPOONS = [
  { ml: (3 / 8) * TSP_ML, words: '¼ + ⅛ tsp' },
  { ml: TSP_ML / 8, words: '⅛ tsp' },
  { ml: (9 / 8) * TSP_ML, words: '1 tsp + ⅛ tsp' },
  { ml: (11 / 8) * TSP_ML, words: '1¼ tsp + ⅛ tsp' },
  ...upTo(3, QUARTERS, TSP_ML, () => 'tsp'),
];
const SINGLE: readonly Measure[] = [...TEASPOONS, ...TABLESPOONS, ...CUPS];
const isHalves = (count: number): boolean => Math.abs(2 * count - Math.round(2 * count)) < 1e-6;
/** Two that are filled one after the other: a cup measure and spoons, or two kinds of spoon. */
const PAIRS: readonly Measure[] = [
  ...CUPS.flatMap((cup) => TABLESPOONS.map((spoon) => [cup, spoon] as const)),
  ...TABLESPOONS.flatMap((spoon) =>
    TEASPOONS.filter(({ ml }) => ml > TSP_ML / 3 && ml < 2.6 * TSP_ML && isHalves(ml / TSP_ML)).map(
      (small) => [spoon, small] as const,
    ),
  ),
].map(([a, b]) => ({ ml: a.ml + b.ml, words: `${a.words} + ${b.words}` }));

const nearest = (measures: readonly Measure[], ml: number): Measure =>
  measures.reduce((best, one) => (Math.abs(one.ml - ml) <= Math.abs(best.ml - ml) + 1e-9 ? one : best));

/**
 * A volume in measures that a US kitchen has, two at most, within 5 %: teaspoons in eighths to 1½ and quarters, tablespoons, cups in
 * quarters and thirds. Null where none comes that near. Input ml ≥ 0. Example: 1.25 ml → "¼ tsp", 180 ml → "¾ cup",
 * 90 ml → "⅓ cup + 1 tbsp". Below 1/16 tsp: "a pinch".
 */
export function kitchenVolume(ml: number): string | null {
  if (ml < TSP_ML / 16) return 'a pinch';
  const within = ({ ml: measured }: Measure) =>
    Math.abs(measured / ml - 1) <= (ml < 0.9 * TSP_ML ? OFF_UNDER_A_SPOON : OFF);
  const one = nearest(SINGLE, ml);
  if (within(one)) return one.words;
  const two = nearest(PAIRS, ml);
  return within(two) ? two.words : null;
}
