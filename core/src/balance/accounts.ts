import type { Catalogue } from '../catalogue';
import { compositionOf, drinkOf, liftLedger, massOf, thirstGrams, type FormulaLine } from '../formula';
import { BINDING_EGGS } from './data/binders';
import { flourGrams } from './flour';
import { binderGrams } from './ledger';

/** An entry of a part's accounts, before and after, in its unit: for whoever wants to check the balances. */
export interface Account {
  readonly name: string;
  readonly unit: 'g' | 'mmol';
  readonly original: number;
  readonly converted: number;
}

type Entry = readonly [
  name: string,
  unit: Account['unit'],
  of: (lines: readonly FormulaLine[], catalogue: Catalogue) => number,
];

const ENTRIES: readonly Entry[] = [
  ['weight', 'g', (lines) => massOf(lines)],
  ['flour and starch', 'g', flourGrams],
  ['drink: water the flours can have', 'g', drinkOf],
  ['thirst: water the flours hold', 'g', thirstGrams],
  ['binder, as xanthan', 'g', (lines, catalogue) => binderGrams(lines, catalogue)],
  ['egg', 'g', (lines) => massOf(lines.filter(({ ingredient }) => BINDING_EGGS.has(ingredient)))],
  ['fat', 'g', (lines, catalogue) => compositionOf(lines, catalogue).fat],
  ['sugars', 'g', (lines, catalogue) => compositionOf(lines, catalogue).sugars],
  ['soda (NaHCO₃)', 'mmol', (lines, catalogue) => liftLedger(lines, catalogue).soda],
  ['acid that can meet it (H⁺)', 'mmol', (lines, catalogue) => liftLedger(lines, catalogue).acid],
  ['gas of the powder (CO₂)', 'mmol', (lines, catalogue) => liftLedger(lines, catalogue).powder],
  ['gas in all (CO₂)', 'mmol', (lines, catalogue) => liftLedger(lines, catalogue).released],
  ['soda left over', 'mmol', (lines, catalogue) => liftLedger(lines, catalogue).sodaOver],
  ['acid left over', 'mmol', (lines, catalogue) => liftLedger(lines, catalogue).acidOver],
];

/** The accounts of a part: grams and moles behind its balances. Entries that are nothing before and after are left out. */
export const accountsOf = (
  original: readonly FormulaLine[],
  converted: readonly FormulaLine[],
  catalogue: Catalogue,
): Account[] =>
  ENTRIES.map(([name, unit, of]) => ({
    name,
    unit,
    original: of(original, catalogue),
    converted: of(converted, catalogue),
  })).filter(({ original: was, converted: is }) => was > 0 || is > 0);
