import { cleanLine } from '../clean';
import type { KindOfLine } from './kinds';

/** What a layer or a stage is called, and no bake. */
const NAMES_A_LAYER =
  /^\W*(?:under(?:neath)?|over|on top|inside|outside|middle|bottom|top|base|crust|dough|filling|topping|icing|frosting|glaze|sauce|syrup|dry|wet|crumb|crumble layer)\W*$/i;

/** "Underneath", above the plums of a crumble that has no name, heads its list. */
export const withPartWords = (
  lines: readonly string[],
  kinds: readonly KindOfLine[],
): readonly KindOfLine[] =>
  kinds.map((one, at) =>
    one.kind === 'title' && NAMES_A_LAYER.test(cleanLine(lines[at]!))
      ? { ...one, kind: 'heading', or: 'title' }
      : one,
  );
