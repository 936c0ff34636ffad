import { convert, convertSteps, otherBakes, quickDocket, waysFor } from '@omniarton/core/docket';
import { guardRecipe } from '@omniarton/core/guard';
import { BUILT_IN_KITCHEN, EMPTY_REQUEST } from '@omniarton/core/kitchen';
import { toEnd } from '@omniarton/core/quantity';
import { readRecipe } from '@omniarton/core/read';
import { measure, type Figure } from './measure';

const TEXT = `Bench cake
Serves 12
250 g plain flour
2½ tsp baking powder
½ tsp salt
1½ tsp ground cardamom
180 g butter, soft
250 g caster sugar
4 medium eggs
2 tsp vanilla extract
160 ml whole milk
2 ripe pears, peeled and diced
1 tbsp lemon juice
50 g raisins
For the crumble topping:
60 g plain flour
40 g butter
1 cup sour cream
2 tbsp honey
75 g dark chocolate
Method
Heat the oven to 175°C. Butter two 20 cm round cake tins.
Bake for 30 to 35 minutes.`;

const read = (run: number) => {
  let count = 0;
  return readRecipe(TEXT.replace('250 g', `${250 + run} g`), {
    kitchen: BUILT_IN_KITCHEN,
    newId: () => `l${(count += 1)}`,
  }).recipe;
};

/** What the core takes for each of its parts, on a recipe of fifteen lines. */
export function coreFigures(): Readonly<Record<'quick' | 'balance' | 'whole' | 'ways' | 'others', Figure>> {
  const slow = toEnd(convertSteps(read(0), EMPTY_REQUEST, BUILT_IN_KITCHEN)).slow;
  const recipes = [0, 1, 2, 3, 4].map((by) => read(by));
  return {
    quick: measure((run) => {
      const recipe = read(run);
      guardRecipe(recipe, EMPTY_REQUEST, BUILT_IN_KITCHEN);
      return quickDocket(recipe, EMPTY_REQUEST, BUILT_IN_KITCHEN, slow);
    }),
    balance: measure((run) =>
      quickDocket(recipes[run % recipes.length]!, EMPTY_REQUEST, BUILT_IN_KITCHEN, slow),
    ),
    ways: measure((run) => toEnd(waysFor(recipes[run % recipes.length]!, EMPTY_REQUEST, BUILT_IN_KITCHEN)), {
      runs: 10,
    }),
    others: measure(() => toEnd(otherBakes(recipes[0]!, EMPTY_REQUEST, BUILT_IN_KITCHEN, slow!)), {
      runs: 10,
    }),
    whole: measure((run) => convert(read(run), EMPTY_REQUEST, BUILT_IN_KITCHEN)),
  };
}
