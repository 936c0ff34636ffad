import * as Comlink from 'comlink';
import { v4 as uuid } from 'uuid';
import {
  convertSteps,
  differencesOf,
  quickDocket,
  type Conversion,
  type Difference,
  type Outcome,
  type SlowAnswers,
} from '@omniarton/core/docket';
import type { Intake } from '@omniarton/core/exchange';
import {
  asReadOf,
  partEggs,
  scaleRecipe,
  weighThis,
  type PartEgg,
  type WeighThis,
} from '@omniarton/core/formula';
import { guardRecipe, judgeLabel, type GuardReport, type LabelReport } from '@omniarton/core/guard';
import {
  BUILT_IN_KITCHEN,
  catalogueOf,
  EMPTY_REQUEST,
  type AsRead,
  type ConversionRequest,
  type Kitchen,
  type KitchenDocument,
  type RecipeDocument,
  type SourceLine,
} from '@omniarton/core/kitchen';
import { layOut } from '@omniarton/core/larder';
import { toEnd, type Steps } from '@omniarton/core/quantity';
import { ingredientLines, readRecipe, type Recipe } from '@omniarton/core/read';
import type { Ingredient } from '@omniarton/core/catalogue';

/** What is known at once: the recipe as read, its guard, and a docket with the last blend and bake where they still fit. */
export interface QuickAnswer {
  readonly recipe: Recipe;
  /** The recipe in the amount that is made; null where that is as written. */
  readonly scaled: Recipe | null;
  readonly lines: readonly SourceLine[];
  readonly asRead: AsRead;
  readonly guard: GuardReport;
  readonly weighThis: WeighThis | null;
  readonly partEggs: readonly PartEgg[];
  /** Grams in a US cup of each ingredient in it that is measured so. */
  readonly cups: Readonly<Record<string, number>>;
  readonly outcome: Outcome | null;
}

export interface IngredientName {
  readonly id: string;
  readonly name: string;
}

/** A kitchen by the edition that the page has given it. */
export interface KitchenParcel {
  readonly key: string;
  readonly doc: KitchenDocument;
  readonly recipes: Readonly<Record<string, RecipeDocument>>;
}

/** A recipe out of a file, ready to be kept. */
export interface FiledRecipe {
  readonly doc: RecipeDocument;
  readonly unplaced: number;
  readonly doubts: number;
  readonly holdsGluten: boolean;
}

export type FileFormat = 'jsonld' | 'md' | 'csv';

/** Files are rare: what reads and writes them comes when the first one does. */
const exchange = () => import('@omniarton/core/exchange');

/** The newest question of each draft. */
const newest = new Map<string, number>();
const breath = () => new Promise<void>((done) => setTimeout(done, 0));

/** The kitchen that was laid out last. A page has one open at a time. */
let laid: { readonly key: string; readonly kitchen: Kitchen } = { key: '', kitchen: BUILT_IN_KITCHEN };

/** Runs a long computation, and drops it as soon as a newer question has come in. */
async function drive<T>(steps: Steps<T>, overtaken: () => boolean): Promise<T | null> {
  for (;;) {
    const next = steps.next();
    if (next.done) return next.value;
    await breath();
    if (overtaken()) return null;
  }
}

function cupsOf(recipe: Recipe, kitchen: Kitchen): Record<string, number> {
  const { byId } = catalogueOf(kitchen);
  const cups: Record<string, number> = {};
  for (const { ingredient } of ingredientLines(recipe).flatMap(({ items }) => items)) {
    const usual = ingredient === null ? undefined : Object.values(byId.get(ingredient)?.cup ?? {})[0];
    if (ingredient !== null && usual) cups[ingredient] = usual[0];
  }
  return cups;
}

const read = ({ text, locale, lines: previous, corrections }: RecipeDocument, kitchen: Kitchen) =>
  readRecipe(text, { kitchen, newId: uuid, previous, corrections, locale });

/** Null: that kitchen isn't laid out here (the engine is new, or the kitchen has changed). It is to be sent, and asked again. */
const inKitchen = <T>(key: string, work: (kitchen: Kitchen) => T): T | null =>
  laid.key === key ? work(laid.kitchen) : null;

const door = {
  /** Lays a kitchen out; gives what could not be laid. */
  lay({ key, doc, recipes }: KitchenParcel): readonly string[] {
    const { kitchen, troubles } = layOut(doc, recipes, key);
    laid = { key, kitchen };
    return troubles;
  },
  quick: (key: string, doc: RecipeDocument, earlier: SlowAnswers | null): QuickAnswer | null =>
    inKitchen(key, (kitchen) => {
      const { recipe, lines } = read(doc, kitchen);
      const scaled = scaleRecipe(recipe, doc.request.scale);
      return {
        recipe,
        scaled: scaled === recipe ? null : scaled,
        lines,
        asRead: asReadOf(recipe),
        guard: guardRecipe(recipe, doc.request, kitchen),
        weighThis: weighThis(recipe),
        partEggs: partEggs(scaled),
        cups: cupsOf(recipe, kitchen),
        outcome: quickDocket(recipe, doc.request, kitchen, earlier),
      };
    }),
  /** `overtaken`: a newer question about this draft has come in between. */
  convert(
    key: string,
    draft: string,
    recipe: Recipe,
    request: ConversionRequest,
  ): Promise<Conversion | 'overtaken' | null> {
    const ticket = (newest.get(draft) ?? 0) + 1;
    newest.set(draft, ticket);
    const working = inKitchen(key, (kitchen) =>
      drive(convertSteps(recipe, request, kitchen), () => newest.get(draft) !== ticket),
    );
    return working ? working.then((done) => done ?? 'overtaken') : Promise.resolve(null);
  },
  /** What would be otherwise on the docket if something else were asked. Null while one of the two isn't there. */
  whatIf: (
    key: string,
    recipe: Recipe,
    request: ConversionRequest,
    other: Partial<ConversionRequest>,
  ): readonly Difference[] | null =>
    inKitchen(key, (kitchen) => {
      const docketOf = (asked: ConversionRequest) => toEnd(convertSteps(recipe, asked, kitchen)).outcome;
      const [now, then] = [docketOf(request), docketOf({ ...request, ...other })];
      if (now.outcome === 'docket' && then.outcome === 'docket')
        return differencesOf(now.docket, then.docket);
      return [
        {
          what: 'docket',
          from: now.outcome === 'docket' ? 'there is one' : now.reasons.join(' '),
          to: then.outcome === 'docket' ? 'there is one' : then.reasons.join(' '),
        },
      ];
    }),
  /** The recipes in a file, whatever kind it is. */
  takeIn: async (name: string, text: string): Promise<Intake> => (await exchange()).takeIn(name, text),
  /** A recipe as it was written, as a file. */
  async sendOut(as: FileFormat, recipe: Recipe, foreign: string | null): Promise<string> {
    const { recipeToJsonLd, recipeToMarkdown, toCsv } = await exchange();
    switch (as) {
      case 'jsonld':
        return recipeToJsonLd(recipe, foreign);
      case 'md':
        return recipeToMarkdown(recipe);
      case 'csv':
        return toCsv(recipe);
    }
  },
  /** A recipe out of a file as a document: read once, so that its lines have their ids and lists their facts. */
  file(text: string, foreign: string | null): FiledRecipe {
    const bare: RecipeDocument = {
      schema: 2,
      asRead: { title: '', family: 'creamed-cake', batchGrams: null },
      text,
      locale: null,
      lines: [],
      corrections: [],
      asWritten: [],
      foreign,
      request: EMPTY_REQUEST,
      serving: null,
      bakeSheet: null,
    };
    const { recipe, lines } = read(bare, laid.kitchen);
    const guard = guardRecipe(recipe, EMPTY_REQUEST, laid.kitchen);
    return {
      doc: { ...bare, lines, asRead: asReadOf(recipe) },
      unplaced: ingredientLines(recipe).filter(({ items }) => items.some(({ match }) => match === 'none'))
        .length,
      doubts: recipe.doubts.length,
      holdsGluten: guard.lines.some(({ gluten }) => gluten === 'contains'),
    };
  },
  label: (statement: string): LabelReport => judgeLabel(statement, catalogueOf(laid.kitchen)),
  /** The snapshot that dockets are made with, to be kept with them. */
  kitchen: (): Kitchen => laid.kitchen,
  ingredients: (key: string): IngredientName[] | null =>
    inKitchen(key, (kitchen) => catalogueOf(kitchen).all.map(({ id, name }) => ({ id, name }))),
  ingredient: (key: string, id: string): Ingredient | null =>
    inKitchen(key, (kitchen) => catalogueOf(kitchen).byId.get(id) ?? null),
};

export type EngineDoor = typeof door;
Comlink.expose(door);
