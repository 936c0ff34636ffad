import { familyOf } from '../../../family';
import type { WarningRule } from '../../types';

export const foamWithoutEgg: WarningRule = {
  id: 'foam-without-egg',
  balance: null,
  reason: 'A sponge is a foam of egg: without it there is none.',
  source: 'common practice',
  confidence: 'common-practice',
  warn(_part, { request, family }) {
    if (!request.without.includes('egg') || !familyOf(family).foam) return [];
    return [{ code: 'foam-without-egg', values: {} }];
  },
};
