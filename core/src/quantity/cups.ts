import { sayMixed } from './fraction';
import { US_CUP_ML } from './units';

/** The measures of one drawer, ml, from the largest. */
const DRAWERS = {
  'us-cups': { cup: US_CUP_ML, tbsp: US_CUP_ML / 16, tsp: US_CUP_ML / 48 },
  'metric-cups': { cup: 250, tbsp: 15, tsp: 5 },
} as const;
export const CUP_DRAWERS = ['us-cups', 'metric-cups'] as const;
export type CupDrawer = (typeof CUP_DRAWERS)[number];

const THIRDS = [0, 1 / 4, 1 / 3, 1 / 2, 2 / 3, 3 / 4];
const HALVES = [0, 1 / 2];
const EIGHTHS = [0, 1 / 8, 1 / 4, 3 / 8, 1 / 2, 5 / 8, 3 / 4, 7 / 8];
/** Rounding may move a volume, and so a balance, by no more than this share of it. */
const MOST_MOVED = 0.02;
/** A measure more has to bring this much closeness, so that "1 cup" isn't said as "¾ cup + 4 tbsp". */
const A_MEASURE_MORE = 10;

interface Said {
  readonly words: string;
  readonly ml: number;
  readonly measures: number;
}

const say = (count: number, unit: string): string =>
  `${sayMixed(count)} ${unit}${unit === 'cup' && count > 1 ? 's' : ''}`;

/** The nearest count on a grid of fractions at or below, and the one above. */
function near(count: number, parts: readonly number[]): number[] {
  const whole = Math.floor(count + 1e-9);
  const grid = [...parts.map((part) => whole + part), whole + 1];
  const below = grid.filter((one) => one <= count + 1e-9).at(-1) ?? 0;
  const above = grid.find((one) => one > count + 1e-9) ?? whole + 1;
  return [below, above];
}

function* ways(ml: number, { cup, tbsp, tsp }: (typeof DRAWERS)[CupDrawer]): Generator<Said> {
  const made = (parts: readonly (readonly [number, string, number])[]): Said => {
    const kept = parts.filter(([count]) => count > 0);
    return {
      words: kept.map(([count, unit]) => say(count, unit)).join(' + '),
      ml: kept.reduce((sum, [count, , size]) => sum + count * size, 0),
      measures: kept.length,
    };
  };
  for (const cups of ml >= cup / 4 - tsp ? [...near(ml / cup, THIRDS), 0] : [0]) {
    const left = Math.max(0, ml - cups * cup);
    if (cups > 0 && left > 4.5 * tbsp) continue;
    for (const spoons of cups === 0 && left > 12 * tbsp ? [0] : [...near(left / tbsp, HALVES), 0]) {
      const small = Math.max(0, left - spoons * tbsp);
      if (small > 3 * tsp) continue;
      for (const tips of [...near(small / tsp, EIGHTHS), 0])
        yield made([
          [cups, 'cup', cup],
          [spoons, 'tbsp', tbsp],
          [tips, 'tsp', tsp],
        ]);
    }
  }
}

/**
 * A volume as so many cups and spoons: as few measures as keep it within 2 %. ⅛ tsp is the smallest, so that below a tablespoon
 * it is the nearest. Input ml ≥ 0. Example: 266 ml in US cups → "1 cup + 2 tbsp". Below 1/16 tsp: "a pinch".
 */
export function sayVolume(ml: number, drawer: CupDrawer): string {
  const measures = DRAWERS[drawer];
  if (ml < measures.tsp / 16) return 'a pinch';
  const cost = (said: Said) =>
    Math.max(0, Math.abs(said.ml - ml) / ml - MOST_MOVED) * 1000 +
    said.measures / A_MEASURE_MORE +
    Math.abs(said.ml - ml) / ml;
  const all = [...ways(ml, measures)].filter(({ measures: count }) => count > 0);
  const best = all.reduce<Said | undefined>((a, b) => (!a || cost(b) < cost(a) - 1e-12 ? b : a), undefined);
  return best?.words ?? say(1 / 8, 'tsp');
}
