import { settle } from '../../../quantity';
import { drinkOf, thirstGrams } from '../../../formula';
import type { WarningRule } from '../../types';

/** Rounding may leave a balance so far outside its band. */
const OUT_OF_BAND = 0.02;

/** The band warns of a batter that is wetter or drier than this family’s; it never pulls liquid up. */
export const drinkOutside: WarningRule = {
  id: 'drink-outside',
  balance: 'drinkThirst',
  reason: 'A recipe that is stiffer or wetter than its family is kept so; the baker should expect it.',
  source: 'common practice',
  confidence: 'common-practice',
  warn({ lines }, { bands, catalogue }) {
    const ratio = drinkOf(lines, catalogue) / thirstGrams(lines, catalogue);
    const [low, high] = bands.drinkThirst;
    if (ratio < low * (1 - OUT_OF_BAND))
      return [{ code: 'drink-under', values: { ratio: settle(ratio), edge: low } }];
    if (ratio > high * (1 + OUT_OF_BAND))
      return [{ code: 'drink-over', values: { ratio: settle(ratio), edge: high } }];
    return [];
  },
};
