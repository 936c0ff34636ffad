/** Recipes that aren't in the demo. */
export const MUFFINS = `Gooseberry muffins
Makes 12

2 cups all-purpose flour
2 tsp baking powder
1/2 tsp salt
3/4 cup sugar
1 large egg
1 cup buttermilk
1/3 cup melted butter
1 cup gooseberries

Method
Heat the oven to 375°F. Line a 12-cup muffin pan.
Whisk the dry ingredients.
Stir in the rest until just combined. Do not overmix.
Bake for 18 to 20 minutes.
`;

export const SQUARES = `Damson squares
Makes 16

250 g plain flour
150 g butter
120 g caster sugar
2 medium eggs
1 tsp baking powder
80 ml milk
2 tbsp wobbly brindle

Method
Heat the oven to 180°C. Line a 20 cm square tin.
Cream the butter and sugar. Beat in the eggs, then the rest.
Bake for 25 to 30 minutes.
`;
