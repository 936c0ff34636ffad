import { coolerFor } from '../balance';
import type { FormulaLine } from '../formula';
import type { Curve } from './section';

/** How brown the top is likely to be. */
export type Browning = 'pale' | 'golden' | 'deep' | 'too dark';

/** Browning goes ten times as fast this much hotter, K; Maillard reactions have 25 to 35. From memory. */
const TENFOLD = 30;
const AT_CELSIUS = 150;
/** What is still wet doesn't brown. */
const FROM_CELSIUS = 100;
/**
 * Minutes at 150 °C that make a top golden, deep and too dark. Judgement: set where cupcakes, sheet cakes and pound loaves of common
 * practice are golden and deep.
 */
const LIMITS = { golden: 0.15, deep: 4, dark: 12 } as const;

/** The minutes at 150 °C that brown as much as a curve of the skin does, until some minute; beyond its end it stays as hot as there. */
function equalMinutes(skin: Curve, until: number): number {
  const rate = (celsius: number) => (celsius > FROM_CELSIUS ? 10 ** ((celsius - AT_CELSIUS) / TENFOLD) : 0);
  const [end, hottest] = skin.at(-1) ?? [0, 0];
  let sum = Math.max(0, until - end) * rate(hottest);
  for (let at = 1; at < skin.length && skin[at]![0] <= until; at += 1)
    sum += (skin[at]![0] - skin[at - 1]![0]) * rate(skin[at]![1]);
  return sum;
}

/** How brown the top is at some minute; sugars that reduce brown as if the oven were so much hotter as it is turned down for them. */
export function browningAt(skin: Curve, until: number, lines: readonly FormulaLine[]): Browning {
  const brown = equalMinutes(skin, until) * 10 ** (coolerFor(lines) / TENFOLD);
  if (brown < LIMITS.golden) return 'pale';
  if (brown < LIMITS.deep) return 'golden';
  return brown < LIMITS.dark ? 'deep' : 'too dark';
}
