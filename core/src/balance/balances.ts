import type { Catalogue } from '../catalogue';
import type { BandRow } from '../family';
import { compositionOf, drinkOf, liftLedger, massOf, thirstGrams, type FormulaLine } from '../formula';
import type { BalanceId } from '../vocabulary';
import { flourGrams, starchGrams } from './flour';
import { binderGrams } from './ledger';
import { heldSlack } from './rules/held';

/** One balance before and after, with the band that the converted one is to stand in. */
export interface Balance {
  readonly id: BalanceId;
  readonly original: number;
  readonly converted: number;
  readonly band: readonly [low: number, high: number];
}

const per100 = (amount: number, base: number) => (base > 0 ? (100 * amount) / base : 0);
const ratio = (a: number, b: number) => (b > 0 ? a / b : 0);

/**
 * The six balances of a part with flour in it: drink over thirst; binder, g xanthan-equivalent per 100 g flour; pure
 * starch as a share of the flours; lift, mmol CO₂ per 100 g batter; fat and sugars, g in the whole part.
 */
export function balancesOf(
  original: readonly FormulaLine[],
  converted: readonly FormulaLine[],
  bands: BandRow,
  catalogue: Catalogue,
): Balance[] {
  const was = compositionOf(original, catalogue);
  const is = compositionOf(converted, catalogue);
  const of = (value: (lines: readonly FormulaLine[]) => number) => ({
    original: value(original),
    converted: value(converted),
  });
  const held = (grams: number): [number, number] => {
    const slack = heldSlack(grams, original);
    return [Math.max(0, grams - slack), grams + slack];
  };
  return [
    {
      id: 'drinkThirst',
      ...of((lines) => ratio(drinkOf(lines, catalogue), thirstGrams(lines, catalogue))),
      band: bands.drinkThirst,
    },
    {
      id: 'binder',
      ...of((lines) => per100(binderGrams(lines, catalogue, original), flourGrams(lines, catalogue))),
      band: bands.xanthan,
    },
    {
      id: 'starchShare',
      ...of((lines) => ratio(starchGrams(lines, catalogue), flourGrams(lines, catalogue))),
      band: bands.starch,
    },
    {
      id: 'lift',
      ...of((lines) => per100(liftLedger(lines, catalogue).released, massOf(lines))),
      band: bands.lift,
    },
    { id: 'fat', original: was.fat, converted: is.fat, band: held(was.fat) },
    { id: 'sugar', original: was.sugars, converted: is.sugars, band: held(was.sugars) },
  ];
}
