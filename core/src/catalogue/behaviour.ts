import type { Habit } from '../vocabulary';
import type { Catalogue } from './catalogue';
import { plainId } from './variants';
import type { Behaviour, Ingredient } from './types';

/** What is known to do nothing beyond its composition. */
export const NO_BEHAVIOUR: Behaviour = {
  thirst: null,
  freeWater: null,
  binds: null,
  leads: null,
  does: [],
  flour: null,
};

/** Whether an ingredient has a habit. Example: `doesIt(sunflowerFlour, 'turns green with soda')`. */
export const doesIt = ({ does }: Ingredient, habit: Habit): boolean => does.includes(habit);

/** The ids under which the tables of stand-ins and shared lines know an ingredient: its own, its row's, and that of the flour it is like. */
export function namesInTables(id: string, catalogue: Catalogue): readonly string[] {
  const like = catalogue.byId.get(id)?.flour?.like;
  return [...new Set([id, plainId(id), ...(like ? [like] : [])])];
}
