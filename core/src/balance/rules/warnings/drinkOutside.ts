import { settle } from '../../../quantity';
import { drinkOf, thirstGrams } from '../../../formula';
import type { WarningRule } from '../../types';

/** Rounding may leave a balance so far outside its band. */
const OUT_OF_BAND = 0.02;
/** Wheat's own drink over thirst runs so much higher. */
const WHEATS = 1.3;
/** The recipe was as stiff or as wet itself, but for so much: then it is meant to be. */
const AS_IT_WAS = 0.1;

/** The band warns of a batter that the conversion has made wetter or drier than this family's; what the recipe was itself stays unsaid. */
export const drinkOutside: WarningRule = {
  id: 'drink-outside',
  balance: 'drinkThirst',
  reason: 'A batter that became stiffer or wetter than its family is expected to bake otherwise.',
  source: 'common practice',
  confidence: 'common-practice',
  warn({ lines, original }, { bands, catalogue }) {
    const ratio = drinkOf(lines, catalogue) / thirstGrams(lines, catalogue);
    const thirst = thirstGrams(original, catalogue);
    const was = thirst > 0 ? drinkOf(original, catalogue) / thirst / WHEATS : ratio;
    const [low, high] = bands.drinkThirst;
    if (ratio < low * (1 - OUT_OF_BAND) && ratio < was * (1 - AS_IT_WAS))
      return [{ code: 'drink-under', values: { ratio: settle(ratio), edge: low } }];
    if (ratio > high * (1 + OUT_OF_BAND) && ratio > was * WHEATS * (1 + AS_IT_WAS))
      return [{ code: 'drink-over', values: { ratio: settle(ratio), edge: high } }];
    return [];
  },
};
