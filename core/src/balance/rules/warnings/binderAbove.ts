import { settle } from '../../../quantity';
import { gumThere } from '../../binding';
import type { WarningRule } from '../../types';

/** g of xanthan's worth for 100 g flour: less than rounding leaves isn't named. */
const NOTICEABLE = 0.005;

export const binderAbove: WarningRule = {
  id: 'binder-above',
  balance: 'binder',
  reason: 'More binder than its band makes a crumb gummy; a recipe’s own may be above it from the start.',
  source: 'common practice',
  confidence: 'common-practice',
  warn({ lines, original }, setting) {
    const gum = gumThere(lines, original, setting);
    const [, most] = setting.bands.xanthan;
    if (!(gum > most + NOTICEABLE)) return [];
    return [{ code: 'binder-above', values: { gum: settle(gum), most } }];
  },
};
