import type { BalanceId } from '../../vocabulary';

/** What a balance is called in a sentence. */
export const BALANCE_NAMES: Readonly<Record<BalanceId, string>> = {
  drinkThirst: 'drink per thirst', binder: 'binder', starchShare: 'starch', lift: 'lift', fat: 'fat', sugar: 'sugars',
};
