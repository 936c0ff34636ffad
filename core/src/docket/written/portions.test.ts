import { readsOnPaper, type OnPaper } from '../../testingDockets';

/* What of a replaced thing goes in where: a step that takes some of it says how much, in what there is of it now. */

const BERRIES =
  'Blueberry cake\n\n250 g plain flour\n2 tsp baking powder\n120 g butter\n150 g sugar\n4 eggs\n150 ml milk\n200 g blueberries\n\nHeat the oven to 180 C. Grease a 20 cm tin.\nToss the blueberries with 1 tbsp flour.\nCream the butter and sugar. Beat in 2 eggs with 2 tbsp of the flour, then the remaining eggs. Fold in 100 g flour and 50 ml milk, then the remaining flour, milk and baking powder. Fold in the berries.\nBake for 45 minutes.';
const TWO_FLOURS =
  'Jam tart\n\n200 g plain flour\n100 g cold butter\n3 tbsp cold water\n120 g caster sugar\n120 g soft butter\n2 eggs\n120 g ground almonds\n25 g flour\n\nRub the cold butter into the 200 g of flour, add the water and bring together. Roll out and line a 23 cm tart tin.\nCream the soft butter with the sugar, beat in the eggs, fold in the almonds and the 25 g flour. Bake at 170 °C for 30 min.';
const WHOLE =
  'Plain cake\n200 g plain flour\n100 g butter\n100 g sugar\n2 eggs\n\nCream 100 g butter with the sugar. Beat in 2 eggs. Fold in 200 g flour. Bake in a 20 cm tin at 180 C for 30 minutes.';

const PORTIONS: readonly OnPaper[] = [
  [
    'a spoonful and a weight of the flour are so much of the blend',
    BERRIES,
    {},
    [
      /with 1 tbsp of the flour blend\./,
      /with 2 tbsp of the flour blend/,
      /Fold in 100 g of the flour blend/,
      /then the remaining flour blend/,
    ],
    [/Toss the blueberries with the flour blend/],
  ],
  [
    'half of the eggs is half of what stands in for them; part of the milk so much of its stand-in',
    BERRIES,
    { without: ['egg', 'milk'] },
    [/Beat in half of the (?:\w+ )+/, /and 50 ml of the \w+ milk/],
    [],
  ],
  [
    'two flours of one list are shares of one blend',
    TWO_FLOURS,
    {},
    [/into 200 g of the flour blend/, /and 25 g of the flour blend/],
    [],
  ],
  ['all of it is said without an amount', WHOLE, {}, [/Fold in the flour blend\./], [/g of the flour blend/]],
];

describe('a portion of what was replaced', () => {
  it.each(PORTIONS)('%s', readsOnPaper);
});
