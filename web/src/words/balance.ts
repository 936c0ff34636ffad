import type { BalanceId } from '@omniarton/core/vocabulary';

interface BalanceWords {
  readonly name: string;
  readonly about: string;
  readonly unit: string;
  readonly say?: (value: number) => string;
}

export const BALANCE_WORDS: Readonly<Record<BalanceId, BalanceWords>> = {
  drinkThirst: { name: 'Drink over thirst', about: 'water given for water taken', unit: '' },
  binder: { name: 'Binder', about: 'xanthan’s worth, g per 100 g flour', unit: 'g' },
  starchShare: {
    name: 'Starch',
    about: 'pure starch in the flours',
    unit: '%',
    say: (value) => `${Math.round(value * 100)}`,
  },
  lift: { name: 'Lift', about: 'CO₂, mmol per 100 g batter', unit: 'mmol' },
  fat: { name: 'Fat', about: 'in the whole part', unit: 'g' },
  sugar: { name: 'Sugars', about: 'in the whole part', unit: 'g' },
};
