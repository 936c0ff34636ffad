import * as Comlink from 'comlink';
import { v4 as uuid } from 'uuid';
import {
  convertSteps,
  quickDocket,
  type Conversion,
  type Outcome,
  type SlowAnswers,
} from '@omniarton/core/docket';
import { asReadOf } from '@omniarton/core/formula';
import { guardRecipe, type GuardReport } from '@omniarton/core/guard';
import {
  BUILT_IN_KITCHEN,
  catalogueOf,
  type AsRead,
  type ConversionRequest,
  type Kitchen,
  type RecipeDocument,
  type SourceLine,
} from '@omniarton/core/kitchen';
import type { Steps } from '@omniarton/core/quantity';
import { readRecipe, textOfLinkedData, type Recipe } from '@omniarton/core/read';

/** What is known at once: the recipe as read, its guard, and a docket with the last blend and bake where they still fit. */
export interface QuickAnswer {
  readonly recipe: Recipe;
  readonly lines: readonly SourceLine[];
  readonly asRead: AsRead;
  readonly guard: GuardReport;
  readonly outcome: Outcome | null;
}

export interface IngredientName {
  readonly id: string;
  readonly name: string;
}

/** The newest question of each draft. */
const newest = new Map<string, number>();
const breath = () => new Promise<void>((done) => setTimeout(done, 0));

/** Runs a long computation, and drops it as soon as a newer question has come in. */
async function drive<T>(steps: Steps<T>, overtaken: () => boolean): Promise<T | null> {
  for (;;) {
    const next = steps.next();
    if (next.done) return next.value;
    await breath();
    if (overtaken()) return null;
  }
}

const door = {
  quick(doc: RecipeDocument, earlier: SlowAnswers | null): QuickAnswer {
    const { text, locale, lines: previous, corrections, request } = doc;
    const kitchen = BUILT_IN_KITCHEN;
    const { recipe, lines } = readRecipe(text, { kitchen, newId: uuid, previous, corrections, locale });
    return {
      recipe,
      lines,
      asRead: asReadOf(recipe),
      guard: guardRecipe(recipe, request, kitchen),
      outcome: quickDocket(recipe, request, kitchen, earlier),
    };
  },
  /** Null: a newer question about this draft has come in between. */
  convert(draft: string, recipe: Recipe, request: ConversionRequest): Promise<Conversion | null> {
    const ticket = (newest.get(draft) ?? 0) + 1;
    newest.set(draft, ticket);
    return drive(convertSteps(recipe, request, BUILT_IN_KITCHEN), () => newest.get(draft) !== ticket);
  },
  /** The words of a recipe in a file: those of its linked data, or the text itself. */
  textOf: (file: string): string => textOfLinkedData(file) ?? file,
  /** The snapshot that dockets are made with, to be kept with them. */
  kitchen: (): Kitchen => BUILT_IN_KITCHEN,
  ingredients: (): IngredientName[] =>
    catalogueOf(BUILT_IN_KITCHEN).all.map(({ id, name }) => ({ id, name })),
};

export type EngineDoor = typeof door;
Comlink.expose(door);
