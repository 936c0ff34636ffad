import { convert } from '@omniarton/core/docket';
import {
  BUILT_IN_KITCHEN,
  EMPTY_RECIPE,
  seatFor,
  type Kitchen,
  type Person,
  type RecipeDocument,
} from '@omniarton/core/kitchen';
import { readRecipe } from '@omniarton/core/read';
import { say } from '@omniarton/core/words';

/** A recipe as a page sends it. */
export const plainCake: RecipeDocument = {
  ...EMPTY_RECIPE,
  asRead: { title: 'Plain cake', family: 'creamed-cake', batchGrams: 200 },
  text: 'Plain cake\n200 g flour',
  lines: [{ id: 'l1', source: 'Plain cake' }],
};

const CAKE =
  'Plain cake\n200 g plain flour\n150 g butter\n150 g sugar\n3 eggs\n2 tsp baking powder\n\nMethod\nCream the butter and sugar, beat in the eggs and fold in the flour.\nBake at 175C for 30 minutes in a 20 cm round tin.';

/** A docket as a page keeps it, made by the engine, for these people. */
export function keptCake(people: readonly Person[] = []) {
  const from: RecipeDocument = {
    ...plainCake,
    text: CAKE,
    request: { ...plainCake.request, seats: people.map(seatFor) },
  };
  const kitchen: Kitchen = { ...BUILT_IN_KITCHEN, people };
  let count = 0;
  const { recipe } = readRecipe(CAKE, { kitchen, newId: () => `l${(count += 1)}` });
  const made = convert(recipe, from.request, kitchen);
  if (made.outcome !== 'docket') throw new Error(made.reasons.map(say).join());
  return { schema: 1 as const, engine: '0.1.0+test', from, kitchen, docket: made.docket };
}
