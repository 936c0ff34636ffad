import { doesIt, getIngredient, type Catalogue } from '../catalogue';
import type { Habit, RouteId } from '../vocabulary';
import type { FormulaLine } from './types';

/** The lines whose ingredient has a habit. */
export const linesThat = <Line extends Pick<FormulaLine, 'ingredient'>>(
  habit: Habit,
  lines: readonly Line[],
  catalogue: Catalogue,
): Line[] => lines.filter(({ ingredient }) => doesIt(getIngredient(catalogue, ingredient), habit));

/** Whether some line has something in it with a habit. Example: soda beside sunflower seed. */
export const anyThat = (
  habit: Habit,
  lines: readonly Pick<FormulaLine, 'ingredient' | 'grams'>[],
  catalogue: Catalogue,
): boolean => linesThat(habit, lines, catalogue).some(({ grams }) => grams > 0);

/** The lines whose ingredient leads such a way to bake. */
export const linesLeading = (
  route: RouteId,
  lines: readonly FormulaLine[],
  catalogue: Catalogue,
): FormulaLine[] => lines.filter(({ ingredient }) => getIngredient(catalogue, ingredient).leads === route);
