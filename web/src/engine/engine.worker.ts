import * as Comlink from 'comlink';
import { convertSteps, type Outcome } from '@omniarton/core/docket';
import { guardRecipe, type GuardReport } from '@omniarton/core/guard';
import {
  BUILT_IN_KITCHEN,
  catalogueOf,
  type ConversionRequest,
  type LineCorrection,
  type SourceLine,
} from '@omniarton/core/kitchen';
import { readRecipe, type Recipe } from '@omniarton/core/read';
import { v4 as uuid } from 'uuid';
import type { Steps } from '@omniarton/core/quantity';

export interface ReadQuestion {
  readonly text: string;
  readonly lines: readonly SourceLine[];
  readonly corrections: readonly LineCorrection[];
  readonly request: ConversionRequest;
}

export interface ReadAnswer {
  readonly recipe: Recipe;
  readonly lines: readonly SourceLine[];
  readonly guard: GuardReport;
}

let newest = 0;
const breath = () => new Promise<void>((done) => setTimeout(done, 0));

/** Runs a long computation, and drops it as soon as a newer question has come in. */
async function drive<T>(steps: Steps<T>, ticket: number): Promise<T | null> {
  for (;;) {
    const next = steps.next();
    if (next.done) return next.value;
    await breath();
    if (ticket !== newest) return null;
  }
}

const door = {
  read({ text, lines, corrections, request }: ReadQuestion): ReadAnswer {
    const { recipe, lines: now } = readRecipe(text, {
      kitchen: BUILT_IN_KITCHEN,
      newId: uuid,
      previous: lines,
      corrections,
    });
    return { recipe, lines: now, guard: guardRecipe(recipe, request, BUILT_IN_KITCHEN) };
  },
  /** Null: a newer question has come in between. */
  convert(recipe: Recipe, request: ConversionRequest): Promise<Outcome | null> {
    newest += 1;
    return drive(convertSteps(recipe, request, BUILT_IN_KITCHEN), newest);
  },
  ingredients: () => catalogueOf(BUILT_IN_KITCHEN).all.map(({ id, name }) => ({ id, name })),
};

export type EngineDoor = typeof door;
Comlink.expose(door);
