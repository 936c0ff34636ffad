import type { RecipeTimes } from '../read';

/** What a recipe comes apart into, whatever file it came in. */
export interface Pieces {
  readonly title: string;
  /** As it stands: "12", "12 muffins", "Serves 8". */
  readonly yields: string;
  readonly times: RecipeTimes;
  /** Lines and the headings of parts among them, which end in a colon. */
  readonly ingredients: readonly string[];
  readonly steps: readonly string[];
  readonly notes: readonly string[];
}

/** The words before a time in a recipe's text, as the reader knows them. */
export const TIME_WORDS: readonly (readonly [keyof RecipeTimes, string])[] = [
  ['prep', 'Prep time'],
  ['cook', 'Cook time'],
  ['rest', 'Rest time'],
  ['total', 'Total time'],
];

const sayYield = (words: string): string[] => {
  if (words === '') return [];
  if (/^(?:makes|serves|yields?)\b/i.test(words)) return [words];
  return [/^\d+$/.test(words) ? `Serves ${words}` : `Makes ${words}`];
};

const HOUR = 60;
/** Minutes as a card says them: "1 hour 10 minutes". */
export function sayTime(minutes: number): string {
  const [hours, rest] = [Math.floor(minutes / HOUR), Math.round(minutes % HOUR)];
  const said = [
    ...(hours > 0 ? [`${hours} ${hours === 1 ? 'hour' : 'hours'}`] : []),
    ...(rest > 0 || hours === 0 ? [`${rest} minutes`] : []),
  ];
  return said.join(' ');
}

/** One blank line between blocks, none twice. */
const blocks = (...parts: readonly (readonly string[])[]): string =>
  parts
    .filter((part) => part.length > 0)
    .map((part) => part.join('\n'))
    .join('\n\n');

/** A recipe's pieces as the text that the reader takes apart again. */
export function recipeText({ title, yields, times, ingredients, steps, notes }: Pieces): string {
  const stated = TIME_WORDS.flatMap(([field, words]) => {
    const minutes = times[field];
    return minutes === null ? [] : [`${words}: ${sayTime(minutes)}`];
  });
  return blocks(
    [title, ...sayYield(yields), ...stated].filter((line) => line !== ''),
    ingredients,
    steps.length > 0 ? ['Method', ...steps] : [],
    notes.length > 0 ? ['Notes', ...notes] : [],
  );
}
