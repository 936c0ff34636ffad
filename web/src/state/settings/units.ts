import { createContext, useContext } from 'react';
import type { WeightUnit } from '../../ui/units';

/** What weights are shown in, handed down once: a list has many lines, and each would else ask for all settings. */
const Units = createContext<WeightUnit>('grams');
export const UnitsProvider = Units.Provider;
export const useUnits = (): WeightUnit => useContext(Units);
