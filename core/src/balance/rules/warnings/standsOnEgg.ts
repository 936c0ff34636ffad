import { familyOf } from '../../../family';
import { linesThat, massOf } from '../../../formula';
import { flourGrams } from '../../flour';
import type { WarningRule } from '../../types';

/** With so much more egg than flour it is egg that sets the bake, g a g of flour; where egg moistens, as in a brownie, it is there for the chew. */
const EGG_LED = 1.2;

const SOURCE = { source: 'common practice', confidence: 'common-practice' } as const;

export const foamOfEgg: WarningRule = {
  id: 'foam-of-egg',
  balance: null,
  reason: 'A cake that is whisked up is a foam of egg, with flour or without.',
  ...SOURCE,
  warn({ original }, { request, family, catalogue }) {
    const foams = familyOf(family).foam && linesThat('whole egg', original, catalogue).length > 0;
    return foams && request.without.includes('egg') ? [{ code: 'foam-without-egg', values: {} }] : [];
  },
};

export const standsOnEgg: WarningRule = {
  id: 'stands-on-egg',
  balance: null,
  reason: 'A choux shell is blown up and set by egg, and what has more egg than flour is set by that alone.',
  ...SOURCE,
  warn({ original }, { request, family, catalogue }) {
    if (!request.without.includes('egg')) return [];
    const { foam, egg } = familyOf(family);
    if (foam) return [];
    if (egg === 'puffs') return [{ code: 'shell-without-egg', values: {} }];
    const led =
      massOf(linesThat('whole egg', original, catalogue)) > EGG_LED * flourGrams(original, catalogue);
    return led && egg !== 'moistens' ? [{ code: 'egg-led-without-egg', values: {} }] : [];
  },
};
