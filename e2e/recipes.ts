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

export const TWO_TINS = `Two-tin cake
250 g plain flour
10 g baking powder
180 g butter
220 g sugar
4 eggs
120 ml milk
Method
Heat the oven to 175 C. Butter two 20 cm round tins.
Beat all together.
Bake for 30 minutes.`;

export const DRY_RICE_CAKE = `Rice cake of a beginner
250 g white rice flour
10 g baking powder
150 g oil
200 g sugar
240 ml water
Method
Beat all together. Bake the cake at 175 C for 30 minutes.`;
