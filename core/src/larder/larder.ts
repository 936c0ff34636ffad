import { ingredientOfOwn, NO_BEHAVIOUR, plainId, type Composition, type Ingredient } from '../catalogue';
import { stockOf } from '../cupboard';
import { convert } from '../docket';
import { formulaOf } from '../formula';
import { guardRecipe, HOUSE_PREFIX } from '../guard';
import {
  BUILT_IN_KITCHEN,
  catalogueOf,
  type BagOnHand,
  type HouseRecipe,
  type Kitchen,
  type KitchenDocument,
  type RecipeDocument,
} from '../kitchen';
import { ingredientLines, readRecipe, type Recipe } from '../read';
import { compositeOf, type Weighed } from './composite';
import { labelsAtHome } from './labels';

/** A kitchen as its recipes see it, and what of it could not be laid out. */
export interface Larder {
  readonly kitchen: Kitchen;
  readonly troubles: readonly string[];
  /** The recipes that stand in other lists, weighed: whoever lays the same kitchen out again may hand them in. */
  readonly made: Made;
}

/** Recipes as ingredients, and why some of them aren't. */
export interface Made {
  readonly ingredients: readonly Ingredient[];
  readonly troubles: readonly string[];
}

const houseId = (id: string) => `${HOUSE_PREFIX}${id}`;

/** What hasn't been made yet brings nothing to a list. */
const NOT_MADE: Composition = {
  water: 0,
  protein: 0,
  fat: 0,
  starch: 0,
  sugars: 0,
  fibre: 0,
  ash: 100,
  ethanol: 0,
};

/** A name held for something of the house, so that it is found in other lists before it is made. */
function placeholder(id: string, name: string): Ingredient {
  return {
    ...NO_BEHAVIOUR,
    composition: NOT_MADE,
    acid: 0,
    allergens: [],
    possible: [],
    madeOf: [],
    source: 'the household’s own',
    confidence: 'derived',
    id: houseId(id),
    name,
    also: [],
    kinds: [],
    role: 'inclusion',
    cup: {},
    each: undefined,
    gluten: 'unknown',
    grain: 'unknown',
    note: '',
  };
}

function read(doc: RecipeDocument, kitchen: Kitchen): Recipe {
  let count = 0;
  const { text, lines, corrections, locale } = doc;
  return readRecipe(text, { kitchen, newId: () => `n${(count += 1)}`, previous: lines, corrections, locale })
    .recipe;
}

const withOne = (kitchen: Kitchen, one: Ingredient): Kitchen => ({
  ...kitchen,
  ingredients: [...kitchen.ingredients.filter(({ id }) => id !== one.id), one],
});

/** What a recipe comes to in grams: as it was written, or as its docket has it. */
function weigh(
  doc: RecipeDocument,
  recipe: Recipe,
  as: HouseRecipe['as'],
  kitchen: Kitchen,
): { weighed: Weighed[]; converted: boolean } {
  if (as === 'converted') {
    const result = convert(recipe, doc.request, kitchen);
    if (result.outcome === 'docket')
      return {
        converted: true,
        weighed: result.docket.parts
          .flatMap(({ lines }) => lines)
          .flatMap(({ ingredient, grams }) =>
            ingredient !== null && grams ? [{ ingredient: plainId(ingredient), grams: grams.central }] : [],
          ),
      };
  }
  return {
    converted: false,
    weighed: formulaOf(recipe).flatMap(({ lines }) =>
      lines.map(({ ingredient, grams }) => ({ ingredient, grams })),
    ),
  };
}

function makeRecipe(one: HouseRecipe, doc: RecipeDocument, kitchen: Kitchen): Ingredient | string {
  const recipe = read(doc, kitchen);
  const { weighed, converted } = weigh(doc, recipe, one.as, kitchen);
  if (weighed.length === 0)
    return `“${one.name}” has no line with a weight, so it can’t stand in another list.`;
  const { state, open } = guardRecipe(recipe, doc.request, kitchen);
  const guard = state === 'open' ? `its own guard has ${open.length} open` : `its own guard: ${state}`;
  return compositeOf(
    {
      id: houseId(one.recipe),
      name: one.name,
      weighed,
      jar: false,
      note: `“${one.name}” ${converted ? 'as converted' : 'as written'}; ${guard}.`,
      // As converted, the lines that are left speak through what they are made of.
      lines: converted ? [] : ingredientLines(recipe),
    },
    catalogueOf(kitchen),
  );
}

/**
 * Lays out a household's kitchen: own ingredients over the catalogue, then jars, then recipes that stand in other lists,
 * each after those it is made of. Recipes that hold each other in a circle are refused by name, and what is missing is told. `made`:
 * the recipes as they were weighed for this very kitchen before.
 */
export function layOut(
  doc: KitchenDocument,
  recipes: Readonly<Record<string, RecipeDocument>>,
  version: string,
  bags: readonly BagOnHand[] = [],
  made?: Made,
): Larder {
  const builtIn = catalogueOf(BUILT_IN_KITCHEN);
  const troubles: string[] = [];
  const { people, weighed, eggSize, locale, ovens, microwave, ingredients, learning } = doc;
  let kitchen: Kitchen = {
    ...BUILT_IN_KITCHEN,
    version,
    people,
    labels: labelsAtHome(bags, ingredients, builtIn),
    weighed,
    eggSize,
    locale,
    ovens,
    microwave,
    learnt: learning.times,
    kept: learning.kept,
    cupboard: bags.length > 0 ? stockOf(bags) : null,
    ingredients: doc.ingredients.map((own) => ingredientOfOwn(own, builtIn.byId.get(own.id))),
  };
  for (const { id, name, madeOf } of doc.blends) {
    const known = madeOf.filter(({ ingredient }) => catalogueOf(kitchen).byId.has(ingredient));
    if (known.length === 0) {
      troubles.push(`The jar “${name}” holds nothing that is known.`);
      continue;
    }
    kitchen = withOne(
      kitchen,
      compositeOf(
        {
          id: houseId(id),
          name,
          weighed: known.map(({ ingredient, share }) => ({ ingredient, grams: share })),
          jar: true,
          note: `The jar “${name}”.`,
          lines: [],
        },
        catalogueOf(kitchen),
      ),
    );
  }
  const weighedOnce = made ?? makeRecipes(doc.recipes, recipes, kitchen);
  return {
    kitchen: weighedOnce.ingredients.reduce(withOne, kitchen),
    troubles: [...troubles, ...weighedOnce.troubles],
    made: weighedOnce,
  };
}

/** Makes the recipes in the order in which they are made of each other. */
function makeRecipes(
  houses: readonly HouseRecipe[],
  recipes: Readonly<Record<string, RecipeDocument>>,
  bare: Kitchen,
): Made {
  const troubles: string[] = [];
  const ingredients: Ingredient[] = [];
  const there = houses.filter((one) => {
    if (recipes[one.recipe]) return true;
    troubles.push(`“${one.name}” is no longer on the table, so it stands in no list.`);
    return false;
  });
  const named = there.reduce((sum, { recipe, name }) => withOne(sum, placeholder(recipe, name)), bare);
  const uses = new Map(
    there.map((one) => {
      const items = ingredientLines(read(recipes[one.recipe]!, named)).flatMap((line) => line.items);
      return [
        one.recipe,
        there.filter(({ recipe }) => items.some(({ ingredient }) => ingredient === houseId(recipe))),
      ];
    }),
  );
  let kitchen = bare;
  const done = new Set<string>();
  const circled = new Set<string>();
  const make = (one: HouseRecipe, path: readonly HouseRecipe[]): void => {
    if (done.has(one.recipe) || circled.has(one.recipe)) return;
    const start = path.findIndex(({ recipe }) => recipe === one.recipe);
    if (start >= 0) {
      const circle = path.slice(start);
      circle.forEach(({ recipe }) => circled.add(recipe));
      troubles.push(
        `${[...circle, one].map(({ name }) => `“${name}”`).join(' is made of ')}: a circle. None of them stands in a list until one lets go.`,
      );
      return;
    }
    for (const part of uses.get(one.recipe) ?? []) make(part, [...path, one]);
    if (circled.has(one.recipe)) return;
    done.add(one.recipe);
    const made = makeRecipe(one, recipes[one.recipe]!, kitchen);
    if (typeof made === 'string') troubles.push(made);
    else {
      ingredients.push(made);
      kitchen = withOne(kitchen, made);
    }
  };
  for (const one of there) make(one, []);
  return { ingredients, troubles };
}
