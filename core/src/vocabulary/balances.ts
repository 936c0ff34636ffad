export const BALANCES = ['drinkThirst', 'binder', 'starchShare', 'lift', 'fat', 'sugar'] as const;
export type BalanceId = (typeof BALANCES)[number];
