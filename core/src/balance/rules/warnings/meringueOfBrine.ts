import { linesThat, massOf } from '../../../formula';
import type { WarningRule } from '../../types';

/** So much sugar, g a g of what is whipped, makes a meringue of it. */
const MERINGUE = 1.1;
/** With so much flour, g a g of it, it is a paste of whites: a tuile. */
const PASTE = 0.6;

export const meringueOfBrine: WarningRule = {
  id: 'meringue-of-brine',
  balance: null,
  reason:
    'Chickpea brine whips as white does and sets less: it is dried through rather than baked, and breaks when it is rolled.',
  source: 'common practice',
  confidence: 'common-practice',
  warn({ original, lines }, { request, catalogue }) {
    const whites = linesThat('egg white', original, catalogue);
    if (!request.without.includes('egg') || whites.length === 0) return [];
    const brine = massOf(linesThat('is whipped', lines, catalogue));
    const sugar = massOf(lines.filter(({ role }) => role === 'sugar'));
    const flour = massOf(original.filter(({ role }) => role === 'wheat-flour'));
    return brine > 0 && sugar >= MERINGUE * brine && flour < PASTE * brine
      ? [{ code: 'meringue-without-egg', values: {} }]
      : [];
  },
};
