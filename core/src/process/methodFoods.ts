import { blanked, cleanLine, ingredientLines, remembered, type Line, type Recipe, type Step } from '../read';
import { FLOUR_ROLES } from '../vocabulary';
import { METHOD_FOODS, type MethodFood } from './data/methodFoods';

/** A food that a step, or what may be one, brings in and no line of the list gives. */
export interface BroughtIn {
  readonly step: string;
  readonly source: string;
  readonly food: MethodFood;
  readonly words: string;
}

/** A longer line is a sentence that was taken for one, and may only speak of what a list would give. */
const LONGEST_LINE = 120;

/** Lines of the list, and of these the sentences that are steps too. */
interface List {
  readonly lines: readonly Line[];
  readonly told: ReadonlySet<string>;
}

/** A food of the list, or words of a line that is no sentence; a flour that a line names and that isn't read is on no list. */
const listed = ({ lines, told }: List, words: RegExp | null, food: MethodFood) =>
  words !== null &&
  lines.some(
    ({ id, source, items }) =>
      (!told.has(id) && items.some((one) => words.test(one.words) && one.grams !== null)) ||
      (source.length <= LONGEST_LINE &&
        words.test(source) &&
        (food !== 'flour' || items.some(({ role }) => FLOUR_ROLES.has(role)))),
  );

/** The lines and steps of a few hundred recipes. */
const MOST_TEXTS = 10_000;

interface Said {
  readonly from: number;
  readonly words: string;
}

/** Every place where a step names it, the longest words of each. */
function saidIn(text: string, forms: readonly RegExp[], but: readonly RegExp[]): Said[] {
  const heard = but.reduce(blanked, text);
  const all = forms
    .flatMap((form) => [...heard.matchAll(form)].map(({ 0: words, index: from }): Said => ({ from, words })))
    .sort((a, b) => a.from - b.from || b.words.length - a.words.length);
  return all.reduce<Said[]>((kept, one) => {
    const before = kept.at(-1);
    return before && one.from < before.from + before.words.length ? kept : [...kept, one];
  }, []);
}

/** What of each row some words name, by the row: the same step is heard again with every edit of another. */
const heardIn = remembered((text) => METHOD_FOODS.map((one) => saidIn(text, one.forms, one.but)), MOST_TEXTS);
const heardInStep = remembered(
  (text) => METHOD_FOODS.map((one) => saidIn(text, [...one.forms, ...(one.inSteps ?? [])], one.but)),
  MOST_TEXTS,
);

/** A line that may have been taken for something else is heard only for what is done. */
function broughtBy({ id, source }: Step, list: List, ofMethod: boolean): BroughtIn[] {
  const heard = (ofMethod ? heardInStep : heardIn)(cleanLine(source));
  return METHOD_FOODS.flatMap(({ food, listed: covers }, at) =>
    heard[at]!.length === 0 || listed(list, covers, food)
      ? []
      : heard[at]!.map(({ words }) => ({
          step: id,
          source,
          food,
          words: words.replace(/^[\s.,;:!]+|[\s,]+$/g, ''),
        })),
  );
}

/** "Sponge fingers" at a page's head are what it makes, and its flour is on its list. */
const MAY_BE_MADE: MethodFood = 'wafers';

/** Shorter notes are names and yields. */
const SHORTEST_STEP = 24;

/** "Blueberries, tossed in 1 tbsp flour": that flour is weighed with its line's, and replaced with all the rest. */
const isWeighed = ({ items: [first, ...others] }: Line): boolean =>
  first !== undefined &&
  !FLOUR_ROLES.has(first.role) &&
  others.some(({ role, grams, aside }) => FLOUR_ROLES.has(role) && grams !== null && !aside);

/**
 * What the method brings in and no line of the list names: flour on the bench, on the berries, in the sauce, crumbs in the tin. The
 * lines of the list and its notes are heard as well: a reader may have taken a step for one.
 */
export function broughtIn(recipe: Recipe): BroughtIn[] {
  const list: List = {
    lines: ingredientLines(recipe),
    told: new Set(recipe.method.map(({ id }) => id)),
  };
  const beside = recipe.parts.flatMap((part) => part.lines);
  const titles = new Set(recipe.kinds.flatMap(({ line, kind }) => (kind === 'title' ? [line] : [])));
  return [
    ...recipe.method.flatMap((step) => broughtBy(step, list, true)),
    ...beside.flatMap((line) =>
      broughtBy(line, list, line.kind === 'note' && line.source.trim().length > SHORTEST_STEP).filter(
        ({ food }) =>
          !(titles.has(line.id) && (food === MAY_BE_MADE || food === 'flour')) &&
          !(food === 'flour besides' && isWeighed(line)),
      ),
    ),
  ];
}
