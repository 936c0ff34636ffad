import type { Line, Recipe } from '../read';
import { cleanLine, ingredientLines } from '../read';
import { CLAIMED_FREE } from './data/markers';
import { METHOD_WORDS } from './data/methodWords';
import type { MethodGuard } from './types';

const listed = (lines: readonly Line[], words: RegExp | null) =>
  words !== null && lines.some(({ source }) => words.test(source));

/** A flour or starch without gluten that a step names for its dusting. */
const NAMED_OTHERWISE =
  /\b(?:rice|corn|potato|tapioca|almond|coconut|cassava|buckwheat|sorghum|oat|chickpea|gram|gluten[- ]free) flour\b|\bcorn ?flour\b/i;

/** Gluten that the method brings in and no line of the list names: flour on the bench, crumbs in the tin. */
export function guardMethod(recipe: Recipe): MethodGuard[] {
  const lines = ingredientLines(recipe);
  return recipe.method.flatMap(({ id, source }) => {
    const text = cleanLine(source);
    return METHOD_WORDS.flatMap(({ words, listed: covered, reason, instead }) => {
      const said = words.exec(text);
      if (!said || CLAIMED_FREE.test(text) || NAMED_OTHERWISE.test(text) || listed(lines, covered)) return [];
      return [{ step: id, source, words: said[0], reason, instead }];
    });
  });
}
