import type { Catalogue } from '../catalogue';
import { compositionOf, drinkOf, liftLedger, massOf, thirstGrams, type FormulaLine } from '../formula';
import { flourGrams } from './flour';
import { binderGrams, eggLines } from './ledger';

/** An entry of a part's accounts, before and after, in its unit: for whoever wants to check the balances. */
export interface Account {
  readonly name: string;
  readonly unit: 'g' | 'mmol';
  readonly original: number;
  readonly converted: number;
}

type Entry = readonly [name: string, unit: Account['unit'], amount: number];

function entriesOf(lines: readonly FormulaLine[], catalogue: Catalogue): readonly Entry[] {
  const { fat, sugars } = compositionOf(lines, catalogue);
  const { soda, acid, powder, released, sodaOver, acidOver } = liftLedger(lines, catalogue);
  return [
    ['weight', 'g', massOf(lines)],
    ['flour and starch', 'g', flourGrams(lines, catalogue)],
    ['drink: water the flours can have', 'g', drinkOf(lines, catalogue)],
    ['thirst: water the flours hold', 'g', thirstGrams(lines, catalogue)],
    ['binder, as xanthan', 'g', binderGrams(lines, catalogue)],
    ['egg', 'g', massOf(eggLines(lines, catalogue))],
    ['fat', 'g', fat],
    ['sugars', 'g', sugars],
    ['soda (NaHCO₃)', 'mmol', soda],
    ['acid that can meet it (H⁺)', 'mmol', acid],
    ['gas of the powder (CO₂)', 'mmol', powder],
    ['gas in all (CO₂)', 'mmol', released],
    ['soda left over', 'mmol', sodaOver],
    ['acid left over', 'mmol', acidOver],
  ];
}

/** The accounts of a part: grams and moles behind its balances. Entries that are nothing before and after are left out. */
export function accountsOf(
  original: readonly FormulaLine[],
  converted: readonly FormulaLine[],
  catalogue: Catalogue,
): Account[] {
  const now = entriesOf(converted, catalogue);
  return entriesOf(original, catalogue)
    .map(([name, unit, amount], at) => ({ name, unit, original: amount, converted: now[at]![2] }))
    .filter(({ original: was, converted: is }) => was > 0 || is > 0);
}
