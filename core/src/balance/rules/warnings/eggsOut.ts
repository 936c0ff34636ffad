import { linesThat, massOf } from '../../../formula';
import type { WarningRule } from '../../types';

/** g: two and a half of them. */
const TWO_EGGS = 125;

export const eggsOut: WarningRule = {
  id: 'eggs-out',
  balance: null,
  reason: 'What stands in for egg binds but neither whips nor sets as firmly: beyond two it shows.',
  source: 'common practice',
  confidence: 'common-practice',
  warn({ original }, { request, catalogue }) {
    const grams = massOf(linesThat('whole egg', original, catalogue));
    if (!request.without.includes('egg') || grams <= TWO_EGGS) return [];
    return [{ code: 'eggs-out', values: {} }];
  },
};
