import { linesThat, massOf } from '../../../formula';
import type { WarningRule } from '../../types';

/** So much sugar, g a g of what is whipped, makes a meringue of it. */
const MERINGUE = 1.1;

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
    return brine > 0 && sugar >= MERINGUE * brine ? [{ code: 'meringue-without-egg', values: {} }] : [];
  },
};
