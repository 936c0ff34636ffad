import { getIngredient } from '../catalogue';
import { catalogueOf, type Kitchen } from '../kitchen';
import { mainPart, readProse, type Item, type Line, type Recipe, type Step } from '../read';

/** "Bind with 3 tbsp cold water", "pour in the boiling water": what goes into a dough or a batter. */
const INTO_THE_BAKE =
  /\b(?:dough|pastry|bind|bring (?:it )?together|flour|yeast|batter|paste|crumbs)\b|\b(?:pour|add|stir|mix|beat)\w* (?:in )?the (?:hot |boiling |warm |cold )?(?:water|milk)\b/i;
/** A bath, steam, a brush or a pan of it goes into nothing. */
const BESIDE_IT =
  /\b(?:bath|roasting (?:tin|pan)|steam\w*|brush\w*|wash|glaze|icing|poach\w*|simmer\w*|blanch\w*|rinse|soak\w*|dip|cover\w* with|pan of|syrup|cornflour|cornstarch|gelatine?|sprinkle|spray|dish of|tray of|topping|cross(?:es)?)\b/i;
/** Less is a splash, g. */
const LEAST = 15;
/** Water and milk have more, cream less: water, %. */
const WATERY = 80;

/** A step's sentences; one that says what is done with a measured liquid. */
const sentencesOf = ({ source }: Step): string[] => source.split(/(?<=[.!?])\s+/);

const known = new WeakMap<Recipe, Recipe>();

/**
 * A recipe with the water or milk that its steps measure and its list forgets, on the list of what is built with flour: a pastry's
 * "3 tbsp cold water" is what it is bound with. Once for each recipe.
 */
export function withStepLiquids(recipe: Recipe, kitchen: Kitchen): Recipe {
  const there = known.get(recipe) ?? withLiquids(recipe, kitchen);
  known.set(recipe, there);
  return there;
}

function withLiquids(recipe: Recipe, kitchen: Kitchen): Recipe {
  const catalogue = catalogueOf(kitchen);
  const reader = { catalogue, locale: recipe.locale, eggSize: kitchen.eggSize };
  const listed = recipe.parts.flatMap(({ lines }) => lines);
  const ids = new Set(listed.map(({ id }) => id));
  const main = mainPart(recipe.parts, catalogue);
  // A letter's sentences are its list already.
  if (!main || recipe.method.some(({ id }) => ids.has(id))) return recipe;
  const has = (ingredient: string) =>
    listed.some(
      ({ items, source }) =>
        items.some((one) => one.ingredient === ingredient) || source.toLowerCase().includes(ingredient),
    );
  const measured = ({ ingredient, role, grams, quantity, unit }: Item): boolean =>
    ingredient !== null &&
    role === 'liquid' &&
    grams !== null &&
    grams.central >= LEAST &&
    quantity !== null &&
    unit !== null &&
    getIngredient(catalogue, ingredient).composition.water > WATERY &&
    !has(ingredient);
  const found = recipe.method.flatMap((step): Line[] => {
    if (!INTO_THE_BAKE.test(step.source)) return [];
    const said = sentencesOf(step).filter((one) => !BESIDE_IT.test(one));
    const [item] = said.flatMap((one) => readProse(one, reader).items.filter(measured));
    return item === undefined
      ? []
      : [
          {
            id: step.id,
            source: `${Math.round(item.grams!.central)} g ${item.words}`,
            kind: 'ingredient',
            items: [item],
            aside: false,
            measuredBy: 'volume',
          },
        ];
  });
  const [first] = found;
  if (!first) return recipe;
  return {
    ...recipe,
    parts: recipe.parts.map((part) =>
      part.id === main.id ? { ...part, lines: [...part.lines, first] } : part,
    ),
  };
}
