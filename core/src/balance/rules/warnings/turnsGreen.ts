import { linesThat } from '../../../formula';
import type { Habit } from '../../../vocabulary';
import type { WarningRule } from '../../types';

/** Chlorogenic acid of the seed turns green in alkali. */
export const turnsGreen: WarningRule = {
  id: 'turns-green',
  balance: null,
  reason: 'Harmless, and taken for mould by whoever hasn’t been told.',
  source: 'common practice',
  confidence: 'common-practice',
  warn({ lines }, { catalogue }) {
    const has = (habit: Habit) => linesThat(habit, lines, catalogue).length > 0;
    if (!has('turns green with soda') || !(has('soda') || has('powder'))) return [];
    return [{ code: 'turns-green', values: {} }];
  },
};
