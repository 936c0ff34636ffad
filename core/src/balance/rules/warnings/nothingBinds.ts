import { bindingMissing, gumThere } from '../../binding';
import { flourGrams } from '../../flour';
import { eggLines } from '../../ledger';
import type { WarningRule } from '../../types';

/** g of xanthan's worth for 100 g flour: as good as none. */
const NONE = 0.01;
/** Half of the least that a spoon has: so little is left out on purpose, g. */
const UNDER_A_SPOON = 0.17;

export const nothingBinds: WarningRule = {
  id: 'nothing-binds',
  balance: 'binder',
  reason: 'Gluten held it together; with neither egg nor binder nothing does.',
  source: 'common practice',
  confidence: 'common-practice',
  warn(part, setting) {
    const { lines, original } = part;
    const gum = gumThere(lines, original, setting);
    const egg = eggLines(lines, setting.catalogue).length > 0;
    const missing = (bindingMissing(part, setting) * flourGrams(lines, setting.catalogue)) / 100;
    if (!(missing > UNDER_A_SPOON && gum < NONE) || egg) return [];
    return [{ code: 'nothing-binds', values: {} }];
  },
};
