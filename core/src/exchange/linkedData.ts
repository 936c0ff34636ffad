import { parse as parseDuration, toSeconds } from 'iso8601-duration';
import { isNode, listOf, type Json, type Node } from './json';
import { plainWords } from './plainWords';
import { recipeText, type Pieces } from './recipeText';
import type { Found } from './types';

/** Deeper nesting is no recipe. */
const DEEPEST = 12;
/** More recipes than a page has; the rest are let go. */
const MOST_RECIPES = 200;
/** Lines of a list: a recipe that is kept has a thousand at most. */
const MOST_LINES = 2000;
/** Foreign fields longer than this, as JSON, aren't kept. */
export const MOST_FOREIGN = 60_000;
const SECONDS_A_MINUTE = 60;

const typeOf = (node: Node) =>
  listOf(node['@type'] ?? node['type']).map((type) =>
    typeof type === 'string' ? type.replace(/^.*[/:#]/, '') : '',
  );
const isRecipe = (node: Node) => typeOf(node).includes('Recipe');

/** Every schema.org Recipe in some linked data, wherever it hangs: a list, a graph, the main entity of a page. */
export function findRecipes(value: Json, depth = 0): Node[] {
  if (depth > DEEPEST) return [];
  if (Array.isArray(value))
    return (value as readonly Json[]).flatMap((one) => findRecipes(one, depth + 1)).slice(0, MOST_RECIPES);
  if (!isNode(value)) return [];
  if (isRecipe(value)) return [value];
  return ['@graph', 'mainEntity', 'mainEntityOfPage', 'itemListElement', 'item', 'hasPart', 'about']
    .flatMap((key) => (value[key] === undefined ? [] : findRecipes(value[key], depth + 1)))
    .slice(0, MOST_RECIPES);
}

/** Words of a value that ought to be text: numbers too, and objects by what they call their text. */
function wordsOf(value: Json | undefined, depth = 0): string {
  if (depth > DEEPEST) return '';
  if (typeof value === 'string') return plainWords(value);
  if (typeof value === 'number') return String(value);
  if (!isNode(value)) return '';
  const { text, name, description } = value;
  const amount = [value['amount'] ?? value['value'] ?? value['quantity'], value['unitText'] ?? value['unit']]
    .map((one) => wordsOf(one, depth + 1))
    .filter(Boolean)
    .join(' ');
  const said = [text, name, description].map((one) => wordsOf(one, depth + 1)).find(Boolean) ?? '';
  return [amount, said].filter(Boolean).join(' ');
}

/** Lines of a value that ought to be a list of texts, and may be one text with line breaks or bullets. */
function linesOf(value: Json | undefined): string[] {
  return listOf(value)
    .slice(0, MOST_LINES)
    .flatMap((one): readonly Json[] =>
      typeof one === 'string' ? one.split(/\r?\n|<br\s*\/?>|<\/(?:p|li|div)>/i) : [one],
    )
    .slice(0, MOST_LINES)
    .map((one) => wordsOf(one))
    .filter((line) => line !== '');
}

/** Steps: plain text, HowToStep, or HowToSection with steps of its own under its name. */
function stepsOf(value: Json | undefined, depth = 0): string[] {
  if (depth > DEEPEST) return [];
  return listOf(value).flatMap((one) => {
    if (!isNode(one)) return linesOf(one);
    const inner = stepsOf(one['itemListElement'] ?? one['steps'], depth + 1);
    if (inner.length > 0) return inner;
    return linesOf(one['text'] ?? one['name'] ?? one['description']);
  });
}

/** Minutes of an ISO 8601 duration; null for anything else. */
function minutesOf(value: Json | undefined): number | null {
  if (typeof value !== 'string') return null;
  try {
    const seconds = toSeconds(parseDuration(value.trim().toUpperCase()));
    return seconds > 0 ? seconds / SECONDS_A_MINUTE : null;
  } catch {
    return null;
  }
}

/** Words that only a field with letters in it says: "8" alone stands beside "8 servings". */
const yieldOf = (value: Json | undefined): string => {
  const said = linesOf(value);
  return said.find((words) => /\p{L}/u.test(words)) ?? said[0] ?? '';
};

/** The fields that a recipe's text holds; all others are foreign and go out again as they came in. */
export const OURS: ReadonlySet<string> = new Set([
  '@context',
  '@type',
  'name',
  'recipeYield',
  'prepTime',
  'cookTime',
  'totalTime',
  'recipeIngredient',
  'ingredients',
  'recipeInstructions',
]);

function foreignOf(recipe: Node): string | null {
  const rest = Object.entries(recipe).filter(
    ([key]) => !OURS.has(key) && key !== '__proto__' && key !== 'constructor',
  );
  if (rest.length === 0) return null;
  const json = JSON.stringify(Object.fromEntries(rest));
  return json.length > MOST_FOREIGN ? null : json;
}

/** Notes that we wrote out ourselves come back as notes; anybody else's description stays a foreign field. */
const NOTES = 'omniarton:notes';

/** A schema.org Recipe as a recipe's text, with the fields that aren't ours beside it. Never throws on a wrong type. */
export function ofRecipeNode(recipe: Node): Found {
  const { [NOTES]: notes, ...others } = recipe;
  const pieces: Pieces = {
    title: wordsOf(recipe['name']),
    yields: yieldOf(recipe['recipeYield']),
    times: {
      prep: minutesOf(recipe['prepTime']),
      cook: minutesOf(recipe['cookTime']),
      total: minutesOf(recipe['totalTime']),
      rest: null,
    },
    ingredients: linesOf(recipe['recipeIngredient'] ?? recipe['ingredients']),
    steps: stepsOf(recipe['recipeInstructions']),
    notes: linesOf(notes),
  };
  return { title: pieces.title, text: recipeText(pieces), foreign: foreignOf(others) };
}
