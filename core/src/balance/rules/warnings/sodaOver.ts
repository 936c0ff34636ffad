import { settle } from '../../../quantity';
import { sodaLeft, soapLimit } from '../../soap';
import type { WarningRule } from '../../types';

/** mmol in 100 g of batter. A recipe that is liked as it is may be over the limit itself. */
const NOTICEABLE_SODA = 0.2;

export const sodaOver: WarningRule = {
  id: 'soda-over',
  balance: 'lift',
  reason: 'Soda that finds no acid tastes of soap and browns early.',
  source: 'common practice',
  confidence: 'common-practice',
  warn({ lines, original }, { family, catalogue }) {
    const over = sodaLeft(lines, catalogue);
    const limit = Math.max(soapLimit(lines, family, catalogue), sodaLeft(original, catalogue));
    if (!(over > limit + NOTICEABLE_SODA)) return [];
    return [{ code: 'soda-over', values: { over: settle(over), limit: settle(limit) } }];
  },
};
