/**
 * A form that makes another thing of a food: its row isn't that food's. `as` says which rows it may have instead, in order:
 * the first that holds every allergen of the food. `unless` is a food that is such a thing by itself. Common practice.
 */
export interface FoodForm {
  readonly words: ReadonlySet<string>;
  /** g of water in 100 g, from where a food can't be in this form. */
  readonly wetterThan?: number;
  /** g of water in 100 g, to where a food can't be in this form. */
  readonly drierThan?: number;
  readonly as: readonly string[];
  /** What nobody knows in this form is a liquid all the same. */
  readonly liquid?: boolean;
}

export const FOOD_FORMS: readonly FoodForm[] = [
  {
    words: new Set(['drink', 'milk', 'beverage']),
    drierThan: 60,
    as: ['almond-milk--plant', 'almond-milk', 'soy-milk', 'oat-milk', 'coconut-milk', 'grain-drink'],
    liquid: true,
  },
  { words: new Set(['juice', 'nectar']), wetterThan: 40, as: ['fruit-juice'], liquid: true },
  {
    words: new Set(['dried', 'dehydrated']),
    wetterThan: 40,
    as: ['dried-pineapple'],
  },
  { words: new Set(['powder', 'powdered']), wetterThan: 40, as: ['fruit-and-vegetable-powder'] },
  { words: new Set(['puree', 'pulp', 'coulis']), wetterThan: 40, as: ['fruit-puree'] },
];
