import { v4 as uuid } from 'uuid';
import {
  inferShares,
  flourPage,
  flourSummaries,
  jarLabel,
  listedOn,
  mixJar,
  wholeBags,
  type FlourPage,
  type FlourSummary,
  type MoreBag,
  type SchoolAnswer,
  type SchoolPick,
} from '@omniarton/core/blend';
import {
  bagState,
  cupboardToCsv,
  readCupboard,
  shoppingList,
  shopRows,
  type ShopRow,
  takeFromBags,
  type BagState,
  type CupboardFile,
  type Need,
  type Taking,
  type ToBuy,
} from '@omniarton/core/cupboard';
import {
  blendBench,
  convert,
  convertSteps,
  differencesOf,
  emptyMemory,
  moreBagFor,
  quickDocket,
  schoolsFor,
  bakeBeside,
  otherBakes,
  sectionView,
  waysFor,
  type BlendBench,
  type Conversion,
  type Difference,
  type OtherBake,
  type Outcome,
  type Beside,
  type DocketBake,
  type SectionView,
  type SlowAnswers,
  type Way,
} from '@omniarton/core/docket';
import { asReadOf, partEggs, scaleRecipe, weighThis } from '@omniarton/core/formula';
import { softenMinutes, type Softening } from '@omniarton/core/heat';
import { guardRecipe, judgeLabel, type LabelReport } from '@omniarton/core/guard';
import {
  BUILT_IN_KITCHEN,
  catalogueOf,
  EMPTY_RECIPE,
  EMPTY_REQUEST,
  type BagOnHand,
  type JarPart,
  type ConversionRequest,
  type Kitchen,
  type RecipeDocument,
} from '@omniarton/core/kitchen';
import { layOut } from '@omniarton/core/larder';
import { readProcess } from '@omniarton/core/process';
import { toEnd } from '@omniarton/core/quantity';
import {
  ingredientLines,
  readRecipe,
  whyKind,
  type Recipe,
  type Spoke,
  type TakenFor,
} from '@omniarton/core/read';
import type { Ingredient, NutritionPanel } from '@omniarton/core/catalogue';
import { say } from '@omniarton/core/words';
import { openIn } from './answers';
import type {
  QuickAnswer,
  IngredientName,
  KitchenParcel,
  Laid,
  FiledRecipe,
  LabelShares,
  JarAnswer,
} from './answers';
import { drive } from './drive';
import { dayDesk } from './dayDesk';
import { fileDesk } from './fileDesk';
import { loopDesk } from './loopDesk';

/** Files are rare: what reads and writes them comes when the first one does. */
/** The newest question of each draft. */
const newest = new Map<string, number>();

/** The kitchen that was laid out last. A page has one open at a time. */
let laid: { readonly key: string; readonly kitchen: Kitchen } = { key: '', kitchen: BUILT_IN_KITCHEN };

/** What the last conversion left to be found again. */
const memory = emptyMemory();

/** Its bags. */
let bags: readonly BagOnHand[] = [];

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

/** Everything that the page may ask its engine. */
export const door = {
  /** Lays a kitchen out; gives what could not be laid, and its recipes as they were weighed. */
  lay({ key, doc, recipes, bags: there, made: before }: KitchenParcel): Laid {
    const { kitchen, troubles, made } = layOut(doc, recipes, key, there, before);
    laid = { key, kitchen };
    bags = there;
    return { troubles, made };
  },
  quick: (key: string, doc: RecipeDocument, earlier: SlowAnswers | null): QuickAnswer | null =>
    inKitchen(key, (kitchen) => {
      const { recipe, lines } = read(doc, kitchen);
      const scaled = scaleRecipe(recipe, doc.request.scale);
      const guard = guardRecipe(recipe, doc.request, kitchen);
      const outcome = quickDocket(recipe, doc.request, kitchen, earlier);
      return {
        recipe,
        process: readProcess(recipe, kitchen),
        scaled: scaled === recipe ? null : scaled,
        lines,
        asRead: { ...asReadOf(recipe, kitchen), open: openIn(outcome) ?? guard.open.length },
        guard,
        weighThis: weighThis(recipe),
        partEggs: partEggs(scaled),
        cups: cupsOf(recipe, kitchen),
        outcome,
      };
    }),
  /** `overtaken`: a newer question about this draft has come in between. */
  convert(
    key: string,
    draft: string,
    recipe: Recipe,
    request: ConversionRequest,
    onProgress?: (done: number) => void,
  ): Promise<Conversion | 'overtaken' | null> {
    const ticket = (newest.get(draft) ?? 0) + 1;
    newest.set(draft, ticket);
    const working = inKitchen(key, (kitchen) =>
      drive(convertSteps(recipe, request, kitchen, memory), () => newest.get(draft) !== ticket, onProgress),
    );
    return working ? working.then((done) => done ?? 'overtaken') : Promise.resolve(null);
  },
  /** Drops what is under way for a draft. */
  stop(draft: string): void {
    newest.set(draft, (newest.get(draft) ?? 0) + 1);
  },
  /** What comes of a recipe as it is kept, for whoever has it not on the bench. */
  wholeDocket: (key: string, doc: RecipeDocument): { readonly outcome: Outcome } | null =>
    inKitchen(key, (kitchen) => ({ outcome: convert(read(doc, kitchen).recipe, doc.request, kitchen) })),
  /** What would be otherwise on the docket if something else were asked. Null while one of the two isn't there. */
  whatIf: (
    key: string,
    recipe: Recipe,
    request: ConversionRequest,
    other: Partial<ConversionRequest>,
  ): readonly Difference[] | null =>
    inKitchen(key, (kitchen) => {
      const now = convert(recipe, request, kitchen);
      const then = convert(recipe, { ...request, ...other }, kitchen);
      if (now.outcome === 'docket' && then.outcome === 'docket')
        return differencesOf(now.docket, then.docket);
      return [
        {
          what: 'docket',
          from: now.outcome === 'docket' ? 'there is one' : now.reasons.map(say).join(' '),
          to: then.outcome === 'docket' ? 'there is one' : then.reasons.map(say).join(' '),
        },
      ];
    }),
  /** What spoke for what a line of a text was taken for. */
  whyKind: (text: string, at: number, taken: Pick<TakenFor, 'kind' | 'or'>): Spoke[] =>
    whyKind(text, at, taken, catalogueOf(laid.kitchen)),
  /** A recipe out of a file as a document: read once, so that its lines have their ids and lists their facts. */
  file(text: string, foreign: string | null): FiledRecipe {
    const bare: RecipeDocument = { ...EMPTY_RECIPE, text, foreign };
    const { recipe, lines } = read(bare, laid.kitchen);
    const guard = guardRecipe(recipe, EMPTY_REQUEST, laid.kitchen);
    return {
      doc: { ...bare, lines, asRead: { ...asReadOf(recipe, laid.kitchen), open: guard.open.length } },
      unplaced: ingredientLines(recipe).filter(({ items }) => items.some(({ match }) => match === 'none'))
        .length,
      doubts: recipe.doubts.length + readProcess(recipe, laid.kitchen).doubts.length,
      holdsGluten: guard.lines.some(({ gluten }) => gluten === 'contains'),
    };
  },
  ...fileDesk(inKitchen, read),
  ...dayDesk(inKitchen, read),
  ...loopDesk(inKitchen),
  label: (statement: string): LabelReport => judgeLabel(statement, catalogueOf(laid.kitchen)),
  /** What lies on the blend bench of a recipe; no bench where no wheat is to be replaced. */
  blendBench: (
    key: string,
    recipe: Recipe,
    request: ConversionRequest,
    inBlend: readonly string[],
  ): { readonly bench: BlendBench | null } | null =>
    inKitchen(key, (kitchen) => ({ bench: blendBench(recipe, request, kitchen, inBlend) })),
  schools: (
    key: string,
    recipe: Recipe,
    request: ConversionRequest,
    picks: readonly SchoolPick[],
  ): readonly SchoolAnswer[] | null =>
    inKitchen(key, (kitchen) => toEnd(schoolsFor(recipe, request, kitchen, picks))),
  /** The bake of a recipe under other conditions. */
  otherBakes: (
    key: string,
    recipe: Recipe,
    request: ConversionRequest,
    slow: SlowAnswers,
  ): readonly OtherBake[] | null =>
    inKitchen(key, (kitchen) => toEnd(otherBakes(recipe, request, kitchen, slow))),
  /** A bake to hold a recipe's own against; no bake where there is none. */
  beside: (
    key: string,
    recipe: Recipe,
    request: ConversionRequest,
    slow: SlowAnswers,
    beside: Beside,
  ): { readonly bake: DocketBake | null } | null =>
    inKitchen(key, (kitchen) => ({ bake: toEnd(bakeBeside(recipe, request, kitchen, slow, beside)) })),
  /** How long butter and eggs take to soften in a kitchen of so many °C. */
  soften: (key: string, celsius: number): readonly Softening[] | null =>
    inKitchen(key, (kitchen) => softenMinutes(celsius, catalogueOf(kitchen))),
  /** A section through the bake, minute by minute; no view where it sees no oven. */
  section: (
    key: string,
    recipe: Recipe,
    request: ConversionRequest,
    slow: SlowAnswers,
  ): { readonly view: SectionView | null } | null =>
    inKitchen(key, (kitchen) => ({ view: toEnd(sectionView(recipe, request, kitchen, slow, memory)) })),
  /** Ways to convert a recipe, each a whole docket. */
  ways: (
    key: string,
    recipe: Recipe,
    request: ConversionRequest,
    jars: readonly string[],
  ): readonly Way[] | null => inKitchen(key, (kitchen) => toEnd(waysFor(recipe, request, kitchen, jars))),
  moreBag: (
    key: string,
    recipe: Recipe,
    request: ConversionRequest,
  ): { readonly more: MoreBag | null } | null =>
    inKitchen(key, (kitchen) => ({ more: toEnd(moreBagFor(recipe, request, kitchen)) })),
  /** The shares that a bought blend's packet gives away. */
  infer: (statement: string, panel: NutritionPanel): LabelShares => {
    const catalogue = catalogueOf(laid.kitchen);
    const { known, unknown } = listedOn(statement, catalogue);
    return { unknown, inference: known.length > 0 ? inferShares(known, panel, catalogue) : null };
  },
  jar: (key: string, name: string, madeOf: readonly JarPart[], grams: number): JarAnswer | null =>
    inKitchen(key, (kitchen) => {
      const catalogue = catalogueOf(kitchen);
      const left = bags.map(({ id, grams: there, bag: { ingredient } }) => ({
        bag: id,
        ingredient,
        grams: there,
      }));
      return {
        mix: mixJar(madeOf, grams, left, catalogue),
        whole: wholeBags(madeOf, grams, left, catalogue),
        label: jarLabel(name, madeOf, catalogue),
      };
    }),
  flours: (key: string): readonly FlourSummary[] | null =>
    inKitchen(key, (kitchen) => flourSummaries(catalogueOf(kitchen))),
  flourPages: (key: string, ids: readonly string[]): readonly FlourPage[] | null =>
    inKitchen(key, (kitchen) => ids.map((id) => flourPage(id, catalogueOf(kitchen)))),
  bagStates: (key: string, today: string): Readonly<Record<string, BagState>> | null =>
    inKitchen(key, (kitchen) =>
      Object.fromEntries(bags.map((one) => [one.id, bagState(one, today, catalogueOf(kitchen))])),
    ),
  shopping: (key: string, needs: readonly Need[]): readonly ToBuy[] | null =>
    inKitchen(key, (kitchen) => shoppingList(needs, bags, catalogueOf(kitchen))),
  shopRows: (key: string, needs: readonly Need[]): readonly ShopRow[] | null =>
    inKitchen(key, (kitchen) => shopRows(needs, bags, catalogueOf(kitchen))),
  take: (key: string, needs: readonly Need[]): Taking | null =>
    inKitchen(key, () => takeFromBags(needs, bags)),
  readCupboard: (key: string, text: string): CupboardFile | null =>
    inKitchen(key, (kitchen) => readCupboard(text, catalogueOf(kitchen))),
  cupboardCsv: (key: string): string | null =>
    inKitchen(key, (kitchen) => cupboardToCsv(bags, catalogueOf(kitchen))),
  /** The snapshot that dockets are made with, to be kept with them. */
  kitchen: (key: string): Kitchen | null => inKitchen(key, (kitchen) => kitchen),
  ingredients: (key: string): IngredientName[] | null =>
    inKitchen(key, (kitchen) => catalogueOf(kitchen).all.map(({ id, name }) => ({ id, name }))),
  ingredient: (key: string, id: string): Ingredient | null =>
    inKitchen(key, (kitchen) => catalogueOf(kitchen).byId.get(id) ?? null),
};

export type EngineDoor = typeof door;
