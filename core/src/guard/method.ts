import { broughtIn } from '../process';
import type { Recipe } from '../read';
import { METHOD_REASONS } from './data/methodReasons';
import type { MethodGuard } from './types';

/** Gluten that the method brings in and no line of the list names, with what to take in its place. */
export const guardMethod = (recipe: Recipe): MethodGuard[] =>
  broughtIn(recipe).map(({ food, ...said }) => ({ ...said, ...METHOD_REASONS[food] }));
