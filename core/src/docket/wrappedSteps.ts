import { tellsADeed, type Recipe, type Step } from '../read';

/** A word that is parted at the end of its line. */
const PARTED = /\p{L}{2}-$/u;
const GOES_ON = /^\p{Ll}/u;
/** "Bake for", and then how long. */
const A_TIME = /\b(?:for|about|to|until|at)$/i;
/** What ends in one of these goes on in the next line. */
const OPEN_END = /(?:[,&+(]|\b(?:and|or|of|the|an?|with|to|into|for|until|till|from|between|about))$/i;
/** A stop behind a measure ends no sentence: "2 in.". */
const ENDED = /(?<!\d ?(?:in|oz|min|hr|tbsp|tsp|c))[.!?:;)"”*]\W*$/i;
/** So many words fill a line, words. */
const FULL_LINE = 8;
/** Fewer words are a note to oneself: "rest in,". */
const LEAST_WORDS = 4;

/** Whether one line of a method goes on in the next, whatever the rest of the page does. */
const surely = (above: string, line: string): boolean =>
  (/^\d/.test(line) && A_TIME.test(above)) ||
  (GOES_ON.test(line) &&
    (PARTED.test(above) || (OPEN_END.test(above) && above.split(' ').length >= LEAST_WORDS)));

const firstWord = (line: string): string => line.split(' ')[0]!;

const joined = (above: string, line: string): string =>
  PARTED.test(above) ? `${above.slice(0, -1)}${line}` : `${above} ${line}`;

/**
 * Steps that were wrapped as a card or a scan has them: a line that goes on in the next is one step with it. A word parted at the
 * end of its line, or a line that ends in the middle of what it says, shows it; then every line that begins small goes on with the
 * one above that didn't end. Who writes each step small, and without a stop, parts no words.
 */
function unwrapped(steps: readonly Step[]): Step[] {
  const bare = steps.map((step) => ({ ...step, source: step.source.trim() }));
  const wraps = bare.filter((one, at) => at > 0 && surely(bare[at - 1]!.source, one.source)).length;
  if (wraps === 0) return [...steps];
  const parted = bare.some(
    ({ source }, at) => PARTED.test(source) && GOES_ON.test(bare[at + 1]?.source ?? ''),
  );
  return bare.reduce<Step[]>((done, step) => {
    const above = done.at(-1);
    const goesOn =
      above !== undefined &&
      (surely(above.source, step.source) ||
        (GOES_ON.test(step.source) &&
          !ENDED.test(above.source) &&
          (parted || (above.source.split(' ').length >= FULL_LINE && !tellsADeed(firstWord(step.source))))));
    return goesOn
      ? [...done.slice(0, -1), { ...above, source: joined(above.source, step.source) }]
      : [...done, step];
  }, []);
}

const known = new WeakMap<Recipe, Recipe>();

/** A recipe with its steps unwrapped, once for each: what was read of it needn't be read again. */
export function withWholeSteps(recipe: Recipe): Recipe {
  const there = known.get(recipe) ?? unwrappedOf(recipe);
  known.set(recipe, there);
  return there;
}

function unwrappedOf(recipe: Recipe): Recipe {
  const method = unwrapped(recipe.method);
  return method.length === recipe.method.length ? recipe : { ...recipe, method };
}
