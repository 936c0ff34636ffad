/** Anything that JSON may hold. */
type Json = null | boolean | number | string | readonly Json[] | { readonly [key: string]: Json };
type Node = { readonly [key: string]: Json };

/** Deeper nesting is no recipe. */
const DEEPEST = 8;

const isNode = (value: Json | undefined): value is Node =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const listOf = (value: Json | undefined): readonly Json[] =>
  value === undefined || value === null
    ? []
    : Array.isArray(value)
      ? (value as readonly Json[])
      : [value as Json];
const wordsOf = (value: Json | undefined): string =>
  typeof value === 'string' ? value.trim() : typeof value === 'number' ? String(value) : '';

function findRecipe(value: Json, depth = 0): Node | undefined {
  if (depth > DEEPEST) return undefined;
  if (Array.isArray(value)) {
    for (const one of value as readonly Json[]) {
      const found = findRecipe(one, depth + 1);
      if (found) return found;
    }
    return undefined;
  }
  if (!isNode(value)) return undefined;
  if (listOf(value['@type']).some((type) => wordsOf(type).replace(/^.*[/:]/, '') === 'Recipe')) return value;
  return findRecipe(value['@graph'] ?? value['mainEntity'] ?? null, depth + 1);
}

/** Steps as lines: plain text, HowToStep, or HowToSection with steps of its own under its name. */
function stepsOf(value: Json | undefined, depth = 0): string[] {
  if (depth > DEEPEST) return [];
  return listOf(value).flatMap((one) => {
    if (!isNode(one)) return wordsOf(one).split('\n');
    const inner = stepsOf(one['itemListElement'], depth + 1);
    return inner.length > 0 ? inner : [wordsOf(one['text']) || wordsOf(one['name'])];
  });
}

/**
 * The words of a schema.org Recipe as a recipe's text: name, yield, ingredients, method. Undefined when the text is no JSON
 * or holds no Recipe. Never throws.
 */
export function textOfLinkedData(json: string): string | undefined {
  let parsed: Json;
  try {
    parsed = JSON.parse(json) as Json;
  } catch {
    return undefined;
  }
  const recipe = findRecipe(parsed);
  if (!recipe) return undefined;
  const servings = listOf(recipe['recipeYield'])
    .map(wordsOf)
    .find((words) => /\p{L}/u.test(words));
  return [
    wordsOf(recipe['name']),
    ...(servings ? [/^(?:makes|serves)/i.test(servings) ? servings : `Makes ${servings}`] : []),
    '',
    ...listOf(recipe['recipeIngredient'] ?? recipe['ingredients']).map(wordsOf),
    '',
    'Method',
    ...stepsOf(recipe['recipeInstructions']),
  ]
    .filter((line, at, all) => line !== '' || all[at - 1] !== '')
    .join('\n');
}
