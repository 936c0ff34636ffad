import type { BalanceId } from '../../vocabulary';
import type { SwapRule, TargetRule } from '../types';
import { acidLost } from './acidLost';
import { binder } from './binder';
import { fatHeld, sugarHeld } from './held';
import { lift } from './liftRaised';
import { coconutEgg, nutEgg } from './moreEgg';
import { replaceFlour } from './replaceFlour';
import { standIn } from './standIn';
import { sweetener } from './sweetener';
import { thickener } from './thickener';
import { water } from './water';

/** In the order of their dependence: what thickens isn't built with, what binds depends on what is in the bowl. */
export const SWAPS: readonly SwapRule[] = [
  thickener,
  replaceFlour,
  sweetener,
  coconutEgg,
  nutEgg,
  standIn,
  acidLost,
  binder,
];
/** Met together. */
export const TARGETS: readonly TargetRule[] = [water, fatHeld, sugarHeld, lift];

const ASKED_FOR = new Map([...SWAPS, ...TARGETS].map(({ id, balance }) => [id, balance]));

/** The balance that asked for a rule's shift; null where none did. */
export const balanceOfRule = (rule: string): BalanceId | null => ASKED_FOR.get(rule) ?? null;
