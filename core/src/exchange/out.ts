import { cleanLine, type Recipe } from '../read';
import { isNode, parseJson, type Json, type Node } from './json';
import { TIME_WORDS } from './recipeText';

/** What of a recipe as it was written goes out: in its own words, in its own order. */
interface Outgoing {
  readonly title: string;
  readonly yields: string | null;
  readonly ingredients: readonly { readonly words: string; readonly heading: boolean }[];
  readonly steps: readonly string[];
  readonly notes: readonly string[];
}

const YIELD = /^(?:makes|serves|yields?|servings?|portions?)\b/i;
const SIGNPOST =
  /^(?:the )?(?:ingredients?|method|directions?|instructions?|steps?|preparation|procedure|notes?|tips?)(?: list)?\s*:?$/i;
const TIMES = /^(?:prep(?:aration)?|cook(?:ing)?|bak(?:e|ing)|total|rest(?:ing)?) time\b/i;
const numberless = (step: string) => step.replace(/^(?:step )?\d{1,2}\s*[.):]\s+/i, '');

function outgoing(recipe: Recipe): Outgoing {
  const lines = recipe.parts.flatMap((part) => part.lines);
  const plain = (source: string) => cleanLine(source).replace(/^#+\s*/, '');
  const notes = lines.filter(({ kind }) => kind === 'note').map(({ source }) => plain(source));
  const yields = notes.find((note) => YIELD.test(note)) ?? null;
  return {
    title: recipe.title,
    yields,
    ingredients: lines
      .filter(({ kind }) => kind !== 'note')
      .map(({ source, kind }) => ({ words: plain(source), heading: kind === 'heading' })),
    steps: recipe.method.map(({ source }) => numberless(plain(source))).filter((step) => step !== ''),
    notes: notes.filter(
      (note) =>
        note !== recipe.title &&
        note !== yields &&
        note !== '' &&
        !SIGNPOST.test(note) &&
        !TIMES.test(note) &&
        /[\p{L}\p{N}]/u.test(note),
    ),
  };
}

const isoMinutes = (minutes: number) => `PT${Math.max(1, Math.round(minutes))}M`;
const heading = (words: string) => `${words.replace(/:$/, '')}:`;

/**
 * A recipe as it was written as schema.org JSON-LD, with the foreign fields that it came in with. What goes out comes in
 * again as the same: the second time byte for byte.
 */
export function recipeToJsonLd(recipe: Recipe, foreign: string | null): string {
  const { title, yields, ingredients, steps, notes } = outgoing(recipe);
  const { prep, cook, total } = recipe.times;
  const others: Json | undefined = foreign === null ? undefined : parseJson(foreign);
  const node: Node = {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: title,
    ...(yields === null ? {} : { recipeYield: yields }),
    ...(prep === null ? {} : { prepTime: isoMinutes(prep) }),
    ...(cook === null ? {} : { cookTime: isoMinutes(cook) }),
    ...(total === null ? {} : { totalTime: isoMinutes(total) }),
    recipeIngredient: ingredients.map(({ words, heading: head }) => (head ? heading(words) : words)),
    recipeInstructions: steps.map((text) => ({ '@type': 'HowToStep', text })),
    ...(notes.length > 0 ? { 'omniarton:notes': notes } : {}),
    ...(isNode(others) ? others : {}),
  };
  return `${JSON.stringify(node, null, 2)}\n`;
}

/** Characters that Markdown would take for marks. */
const escaped = (text: string): string =>
  text
    .replace(/[\\`*_[\]<>#|~]/g, '\\$&')
    .replace(/^(\d+)([.)])/, '$1\\$2')
    .replace(/^([-+=])/, '\\$1');

/** A recipe as it was written as Markdown: title, parts, list, numbered steps, notes. */
export function recipeToMarkdown(recipe: Recipe): string {
  const { title, yields, ingredients, steps, notes } = outgoing(recipe);
  const stated = TIME_WORDS.flatMap(([field, words]) => {
    const minutes = recipe.times[field];
    return minutes === null ? [] : [`${words}: ${Math.round(minutes)} minutes`];
  });
  const about = [...(yields === null ? [] : [yields]), ...stated].map(escaped);
  const groups: string[] = [];
  for (const { words, heading: head } of ingredients) {
    if (head) groups.push(`### ${escaped(words.replace(/:$/, ''))}`);
    else if (groups.length > 0 && groups.at(-1)!.startsWith('- '))
      groups.push(`${groups.pop()!}\n- ${escaped(words)}`);
    else groups.push(`- ${escaped(words)}`);
  }
  return `${[
    ...(title ? [`# ${escaped(title)}`] : []),
    ...(about.length > 0 ? [about.join('  \n')] : []),
    '## Ingredients',
    ...groups,
    ...(steps.length > 0
      ? ['## Method', steps.map((step, at) => `${at + 1}. ${escaped(step)}`).join('\n')]
      : []),
    ...(notes.length > 0 ? ['## Notes', notes.map((note) => `- ${escaped(note)}`).join('\n')] : []),
  ].join('\n\n')}\n`;
}
