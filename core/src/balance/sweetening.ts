import { massOf, type FormulaLine } from '../formula';
import { REDUCING_OVEN, SWEETENERS } from './data/sweeteners';

export const isSweet = ({ role }: FormulaLine): boolean => role === 'sugar' || role === 'syrup';

/** By how many °C an oven goes down for what is sweetened so: reducing sugars brown early. Example: honey alone → 15. */
export function coolerFor(lines: readonly FormulaLine[]): number {
  const sweet = lines.filter(isSweet);
  const reducing = sweet.filter(({ ingredient }) => SWEETENERS.rows[ingredient]?.reducing);
  return massOf(reducing) > REDUCING_OVEN.from * massOf(sweet) ? REDUCING_OVEN.cooler : 0;
}
