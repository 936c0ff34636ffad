import { familyOf } from '../../../family';
import { linesThat, massOf } from '../../../formula';
import { flourGrams } from '../../flour';
import type { WarningRule } from '../../types';

/** With so much more egg than flour it is egg that sets the bake, g a g of flour; a brownie has it for its chew. */
const EGG_LED = 1.2;

export const standsOnEgg: WarningRule = {
  id: 'stands-on-egg',
  balance: null,
  reason:
    'A sponge is a foam of egg, a choux shell is blown up and set by it, and what has more egg than flour is set by that alone.',
  source: 'common practice',
  confidence: 'common-practice',
  warn({ original }, { request, family, catalogue }) {
    if (!request.without.includes('egg')) return [];
    const { foam, egg } = familyOf(family);
    if (foam) return [{ code: 'foam-without-egg', values: {} }];
    if (egg === 'puffs') return [{ code: 'shell-without-egg', values: {} }];
    const led =
      massOf(linesThat('whole egg', original, catalogue)) > EGG_LED * flourGrams(original, catalogue);
    return led && family !== 'brownie' ? [{ code: 'egg-led-without-egg', values: {} }] : [];
  },
};
