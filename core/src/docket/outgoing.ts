import { getIngredient, type Catalogue } from '../catalogue';
import { troublesOf, type Trouble } from '../balance';
import { reasonWords } from '../words';
import {
  guardLines,
  guardMethod,
  judgeLine,
  namedFoods,
  questionOfMisread,
  questionOfNamed,
  type Question,
} from '../guard';
import { catalogueOf, guestsAt, type ConversionRequest } from '../kitchen';
import type { Line, Recipe } from '../read';
import { ingredientLines, namedIn, sourceOf } from '../read';
import type { Allergen } from '../vocabulary';
import { ALLERGENS, SURE } from '../vocabulary';
import type { Work } from './plan';
import type { DocketGuard, DocketPart, DocketStep } from './types';

/** The docket's lines as the guard reads lines. What the recipe still says in its own words stays in those words. */
export function outgoingLines(parts: readonly DocketPart[], recipe: Recipe, catalogue: Catalogue): Line[] {
  const incoming = new Map(ingredientLines(recipe).map((line) => [line.id, line]));
  const told = new Set(recipe.method.map(({ id }) => id));
  /** Of a line with several foods, or of a sentence, each goes out by its own words: another's flour is no part of it. */
  const sharesWords = (line: Line | undefined) =>
    line === undefined || line.items.length > 1 || told.has(line.id);
  return parts.flatMap(({ lines }) =>
    lines.map((line): Line => {
      const from = sourceOf(line.id);
      const written = incoming.get(from.line);
      const item = written?.items[from.at];
      const kept = item !== undefined && item.ingredient === line.ingredient;
      const role = line.ingredient === null ? 'none' : getIngredient(catalogue, line.ingredient).role;
      const items = kept
        ? [item]
        : [
            {
              ingredient: line.ingredient,
              name: line.name,
              words: line.name,
              match: line.ingredient === null ? ('none' as const) : ('exact' as const),
              role,
              quantity: null,
              unit: null,
              grams: line.grams,
              beside: null,
              alternative: false,
              aside: false,
            },
          ];
      return {
        id: line.id,
        source: kept ? (sharesWords(written) ? item.words : (line.source ?? line.name)) : line.name,
        kind: 'ingredient',
        items,
        measuredBy: null,
        aside: line.grams === null,
      };
    }),
  );
}

export interface Breach {
  /** The docket's line, and its words. */
  readonly line: string;
  readonly source: string;
  readonly name: string;
  readonly why: string;
  readonly avoidance: Trouble;
}

/**
 * Whether a line of the docket was read for sure, as food and as this food: what may be a note, or is near a name at best, bars
 * nothing. What a person has said is sure.
 */
export function readForSure({ line }: Breach, recipe: Recipe): boolean {
  const from = sourceOf(line);
  const item = ingredientLines(recipe).find(({ id }) => id === from.line)?.items[from.at];
  const taken = recipe.kinds.find((one) => one.line === from.line);
  return (taken?.sure ?? 1) >= SURE && item?.match !== 'near';
}

/** What on the docket still breaks the request: it may never go out. */
export function breachesOf(
  lines: readonly Line[],
  request: ConversionRequest,
  catalogue: Catalogue,
): Breach[] {
  return lines.flatMap((line): Breach[] => {
    const judged = judgeLine(line, catalogue);
    if (judged.gluten === 'contains')
      return [
        {
          line: line.id,
          source: line.source,
          name: line.source,
          why: reasonWords(judged.reason) || 'holds gluten',
          avoidance: 'gluten',
        },
      ];
    return line.items.flatMap(({ ingredient, name }) =>
      ingredient === null
        ? []
        : troublesOf(ingredient, request, catalogue).map((one) => ({
            line: line.id,
            source: line.source,
            name,
            why: `${name} is out: ${one}, and nothing known stands in for it`,
            avoidance: one,
          })),
    );
  });
}

/** What stands on the docket in the place of a food that a step still names; null: nothing does. */
function insteadOf(
  words: string,
  recipe: Recipe,
  outgoing: readonly Line[],
  catalogue: Catalogue,
): string | null {
  const named = new Set(namedIn(words, catalogue).map(({ ingredient }) => ingredient));
  const line = ingredientLines(recipe).find(({ items }) =>
    items.some(({ ingredient }) => ingredient !== null && named.has(ingredient)),
  );
  const now = outgoing.filter(({ id }) => line !== undefined && sourceOf(id).line === line.id);
  const names = now.flatMap(({ items }) => items.map(({ name }) => name));
  return names.length === 0 ? null : names.join(' with ');
}

/** The docket's steps that still name what somebody avoids: each is held open. */
function namedSteps(
  method: readonly DocketStep[],
  recipe: Recipe,
  outgoing: readonly Line[],
  request: ConversionRequest,
  catalogue: Catalogue,
): Question[] {
  const before = ingredientLines(recipe).flatMap(({ items }) => items);
  const now = outgoing.flatMap(({ items }) => items.map(({ ingredient }) => ingredient));
  return namedFoods(method, { before, now }, request, catalogue).map((one) => {
    const at = method.findIndex(({ id }) => id === one.step);
    const { source, text } = method[at]!;
    return questionOfNamed(one, at + 1, source ?? text, insteadOf(one.words, recipe, outgoing, catalogue));
  });
}

/** A recipe with the docket's method in the place of its own: each sentence is heard once, and its blend is one without gluten. */
function asWrittenNow(recipe: Recipe, method: readonly DocketStep[]): Recipe {
  const told = new Set(recipe.method.map(({ id }) => id));
  return {
    ...recipe,
    parts: recipe.parts.map((part) => ({ ...part, lines: part.lines.filter(({ id }) => !told.has(id)) })),
    method: method.map(({ id, text }) => ({
      id,
      source: text.replaceAll('flour blend', 'gluten-free flour blend'),
    })),
  };
}

/** Guards the docket a second time: what goes out, the questions that came in with it, its steps, and what is new to this bake. */
export function guardDocket(
  outgoing: readonly Line[],
  method: readonly DocketStep[],
  doubted: readonly Breach[],
  { recipe, request, kitchen }: Pick<Work, 'recipe' | 'request' | 'kitchen'>,
): DocketGuard {
  const catalogue = catalogueOf(kitchen);
  const named = namedSteps(method, recipe, outgoing, request, catalogue);
  const goes = guardLines(outgoing, request, kitchen, {
    // The steps as they go out: flour that is dusted with rice by now is settled.
    method: guardMethod(asWrittenNow(recipe, method)),
    named: [
      ...named,
      ...doubted.map(({ line, source, why }) => questionOfMisread(sourceOf(line).line, source, why)),
    ],
    steps: recipe.method,
  });
  const had = new Set(ingredientLines(recipe).flatMap((line) => judgeLine(line, catalogue).allergens));
  const has = new Set(goes.lines.flatMap(({ allergens }) => allergens));
  const newTo: Allergen[] = ALLERGENS.filter((one) => has.has(one) && !had.has(one));
  return {
    ...goes,
    diet: request.diet,
    without: request.without,
    gluten: request.gluten,
    forWhom: guestsAt(request, kitchen).map(({ name }) => name),
    newTo,
  };
}
