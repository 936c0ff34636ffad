import type { PageKind } from '../../vocabulary';
import { cleanLine } from '../clean';
import type { KindOfLine } from './kinds';

/** What a layer or a stage is called, and no bake. */
const NAMES_A_LAYER =
  /^\W*(?:under(?:neath)?|over|on top|inside|outside|middle|bottom|top|base|crust|dough|filling|topping|icing|frosting|glaze|sauce|syrup|dry|wet|crumb|crumble layer)\W*$/i;

/** "Sponge (two 20cm tins):" heads a list, whatever it is baked in. */
const LAYER_IN_TINS =
  /^\W*(?:(?:for )?the )?(?:sponges?|cakes?|base|crust|pastry|dough|batter|layers?)\s*\((?![^)]*\b(?:makes|serves|cuts)\b)[^)]*\)\s*:\s*$|^\W*(?:for the )?(?:crust|pastry|dough|shells?)\s*\(for \d\)\s*:?\s*$/i;

const isLayer = (kind: PageKind, line: string): boolean =>
  (kind === 'title' && NAMES_A_LAYER.test(line)) ||
  ((kind === 'yield' || kind === 'note') && LAYER_IN_TINS.test(line));

const shouts = (line: string): boolean =>
  /\p{Lu}{2}/u.test(line) && !/[\p{Ll}\d]/u.test(line) && line.split(' ').length < 5;

/** "CINNAMON SUGAR" in a list that has a heading in capitals, and all else in small letters. */
const isShoutedPart = (kinds: readonly KindOfLine[], lines: readonly string[], at: number): boolean => {
  const among = (kind: PageKind) =>
    lines.filter((line, n) => n !== at && kinds[n]!.kind === kind && shouts(cleanLine(line)));
  return (
    kinds[at]!.kind === 'ingredient' &&
    kinds[at + 1]?.kind === 'ingredient' &&
    shouts(cleanLine(lines[at]!)) &&
    among('heading').length > 0 &&
    among('ingredient').length === 0
  );
};

/** "Underneath", above the plums of a crumble that has no name, heads its list. */
export const withPartWords = (
  lines: readonly string[],
  kinds: readonly KindOfLine[],
): readonly KindOfLine[] =>
  kinds.map((one, at) =>
    isLayer(one.kind, cleanLine(lines[at]!)) || isShoutedPart(kinds, lines, at)
      ? { ...one, kind: 'heading', or: one.kind }
      : one,
  );
