import type { WarningRule } from '../../types';
import { binderAbove } from './binderAbove';
import { drinkOutside } from './drinkOutside';
import { eggsOut } from './eggsOut';
import { foamOfEgg, standsOnEgg } from './standsOnEgg';
import { meringueOfBrine } from './meringueOfBrine';
import { nothingBinds } from './nothingBinds';
import { schoolOut } from './schoolOut';
import { sodaOver } from './sodaOver';
import { turnsGreen } from './turnsGreen';

/** What is said of a part whose flour needn't be replaced, too. */
export const WITHOUT_FLOUR: readonly WarningRule[] = [meringueOfBrine, foamOfEgg];

/** What no shift mends, in the order in which it is said. */
export const WARNINGS: readonly WarningRule[] = [
  binderAbove,
  nothingBinds,
  drinkOutside,
  sodaOver,
  eggsOut,
  foamOfEgg,
  standsOnEgg,
  schoolOut,
  turnsGreen,
  meringueOfBrine,
];
