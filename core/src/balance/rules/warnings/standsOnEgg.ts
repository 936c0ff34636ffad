import { familyOf } from '../../../family';
import type { WarningRule } from '../../types';

export const standsOnEgg: WarningRule = {
  id: 'stands-on-egg',
  balance: null,
  reason:
    'A sponge is a foam of egg, and a choux shell is blown up and set by it: without egg there is neither.',
  source: 'common practice',
  confidence: 'common-practice',
  warn(_part, { request, family }) {
    if (!request.without.includes('egg')) return [];
    const { foam, egg } = familyOf(family);
    if (foam) return [{ code: 'foam-without-egg', values: {} }];
    return egg === 'puffs' ? [{ code: 'shell-without-egg', values: {} }] : [];
  },
};
