import type { Kitchen } from '../kitchen';
import { withoutAnnouncement } from './announcement';
import { withoutCounts } from './countedSteps';
import { heatsOf, readProcess } from '../process';
import { tellsADeed, type Bindings, type Recipe, type Step } from '../read';

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

/** A step, and the lines that it was on the page, by their ids. */
interface Whole {
  readonly step: Step;
  readonly lines: readonly string[];
}

/**
 * Steps that were wrapped as a card or a scan has them: a line that goes on in the next is one step with it. A word parted at the
 * end of its line, or a line that ends in the middle of what it says, shows it; then every line that begins small goes on with the
 * one above that didn't end. Who writes each step small, and without a stop, parts no words.
 */
function unwrapped(steps: readonly Step[]): Whole[] {
  const bare = steps.map((step) => ({ ...step, source: step.source.trim() }));
  const wraps = bare.filter((one, at) => at > 0 && surely(bare[at - 1]!.source, one.source)).length;
  if (wraps === 0) return steps.map((step) => ({ step, lines: [step.id] }));
  const parted = bare.some(
    ({ source }, at) => PARTED.test(source) && GOES_ON.test(bare[at + 1]?.source ?? ''),
  );
  return bare.reduce<Whole[]>((done, step) => {
    const above = done.at(-1);
    const begun = above?.step.source ?? '';
    const goesOn =
      above !== undefined &&
      (surely(begun, step.source) ||
        (GOES_ON.test(step.source) &&
          !ENDED.test(begun) &&
          (parted || (begun.split(' ').length >= FULL_LINE && !tellsADeed(firstWord(step.source))))));
    if (!goesOn) return [...done, { step, lines: [step.id] }];
    const whole = { ...above.step, source: joined(begun, step.source) };
    return [...done.slice(0, -1), { step: whole, lines: [...above.lines, step.id] }];
  }, []);
}

/** What a person said of a line holds for the step that it became, and which of its heats the bake is among all that now heat. */
function boundTo(wholes: readonly Whole[], before: Recipe, after: Recipe, kitchen: Kitchen): Bindings {
  const { takes, bake } = before.bindings;
  const carried = wholes.flatMap(({ step, lines }) => {
    const taken = lines.flatMap((id) => takes[id] ?? []);
    return taken.length === 0 ? [] : [[step.id, taken] as const];
  });
  const within = bake && wholes.find(({ lines }) => lines.includes(bake.step));
  const heatsOn = (recipe: Recipe, ids: readonly string[]): number => {
    const { stages } = readProcess(recipe, kitchen);
    return ids.flatMap((id) => heatsOf(stages, id)).length;
  };
  const inWhole = ({ step, lines }: Whole, { step: line, heat }: NonNullable<Bindings['bake']>) => {
    if (lines.length === 1) return { step: line, heat };
    const earlier = heatsOn(before, lines.slice(0, lines.indexOf(line)));
    return { step: step.id, heat: Math.max(0, Math.min(earlier + heat, heatsOn(after, [step.id]) - 1)) };
  };
  return {
    ...before.bindings,
    takes: Object.fromEntries(carried),
    bake: within ? inWhole(within, bake) : bake,
  };
}

const known = new WeakMap<Recipe, Recipe>();

/** A recipe with its steps unwrapped, once for each: what was read of it needn't be read again. */
export function withWholeSteps(recipe: Recipe, kitchen: Kitchen): Recipe {
  const there = known.get(recipe) ?? unwrappedOf(recipe, kitchen);
  known.set(recipe, there);
  return there;
}

function unwrappedOf(written: Recipe, kitchen: Kitchen): Recipe {
  const recipe = withoutAnnouncement(withoutCounts(written));
  const wholes = unwrapped(recipe.method);
  if (wholes.length === recipe.method.length) return recipe;
  const whole = { ...recipe, method: wholes.map(({ step }) => step) };
  return { ...whole, bindings: boundTo(wholes, recipe, whole, kitchen) };
}
