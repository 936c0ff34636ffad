import { asReadOf } from '@omniarton/core/formula';
import { guardRecipe } from '@omniarton/core/guard';
import { BUILT_IN_KITCHEN, EMPTY_RECIPE, EMPTY_REQUEST, seatFor, type Person } from '@omniarton/core/kitchen';
import type { ConversionRequest, RecipeDocument } from '@omniarton/core/kitchen';
import { readRecipe } from '@omniarton/core/read';
import { GUESTS } from './people';
import { v7 as newId } from 'uuid';

const GINGER_SNAPS = `Harbour ginger snaps
Makes about 30

280 g plain flour
2 tsp bicarbonate of soda
1 tbsp ground ginger
1 tsp ground cinnamon
½ tsp fine salt
170 g butter, softened
200 g dark brown sugar
1 large egg
60 ml black treacle
demerara sugar, for rolling

Method
1. Heat the oven to 180°C (160°C fan). Line two baking trays.
2. Beat the butter and sugar until pale. Beat in the egg and the treacle.
3. Stir in the flour, soda, spices and salt.
4. Roll into walnut-sized balls, roll them in demerara sugar and bake for 11 to 13 minutes, until the edges are firm.
`;

const LAYER_CAKE = `Pear and cardamom layer cake
Serves 12

For the cake:
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

For the icing:
250 g cream cheese
60 g butter, soft
150 g icing sugar

Method
1. Heat the oven to 175°C. Butter two 20 cm round cake tins and dust them with flour.
2. Cream the butter and sugar for five minutes. Beat in the eggs one by one.
3. Sift the flour, baking powder, salt and cardamom. Fold in by turns with the milk. Do not overmix.
4. Fold in the pears and bake for 30 to 35 minutes, until a skewer comes out clean.
5. Beat the icing and spread it between the cold layers.
`;

const LEMON_LOAF = `Poppyseed lemon loaf
Makes 1 loaf, 10 slices

2 cups all-purpose flour
2 tsp baking powder
¼ tsp baking soda
½ tsp salt
2 tbsp poppy seeds
¾ cup sugar
2 large eggs
½ cup vegetable oil
1 cup plain yogurt
grated zest and juice of 1 lemon

Method
1. Heat the oven to 350°F. Grease a 9 x 5 inch loaf pan.
2. Whisk the flour, baking powder, soda, salt, poppy seeds and sugar.
3. Beat the eggs with the oil, the yogurt, zest and juice. Stir into the dry ingredients until just combined.
4. Bake for 50 to 55 minutes. Cool in the pan for ten minutes.
`;

const TRAYBAKE = `Rhubarb and custard traybake
Makes 15 squares

225 g self-raising flour
25 g custard powder
200 g butter, softened
220 g caster sugar
4 medium eggs
3 tbsp milk
1 tsp vanilla extract
300 g rhubarb, cut into short lengths
2 tbsp demerara sugar

Method
1. Heat the oven to 180°C. Line a 30 x 20 cm traybake tin.
2. Cream the butter and sugar until fluffy. Beat in the eggs one at a time.
3. Fold in the flour and custard powder, then the milk and vanilla.
4. Spread in the tin, scatter the rhubarb and demerara over it, and bake for 35 to 40 minutes.
`;

const GALETTE = `Lattice plum galette
Serves 8

For the pastry:
225 g plain flour
1 tbsp caster sugar
½ tsp salt
150 g cold butter, cubed
1 egg yolk
3 tbsp iced water

For the filling:
600 g plums, stoned and sliced
70 g light brown sugar
1 tbsp cornflour
1 tsp lemon juice

Method
1. Rub the butter into the flour, sugar and salt. Stir in the yolk and the water and bring it together.
2. Chill the pastry for 30 minutes. Roll it out on a floured board.
3. Toss the plums with the sugar, cornflour and lemon juice and heap them in the middle. Fold the edges over and weave strips across.
4. Bake on a baking tray at 200°C for 40 to 45 minutes, until the edges are deep golden.
`;

const HAND_PIES = `Apple hand pies
Makes 10

For the pastry:
2½ cups all-purpose flour
1 tsp salt
1 cup cold butter
½ cup ice water

For the filling:
3 cups diced apple
⅓ cup brown sugar
1 tsp ground cinnamon
1 tbsp all-purpose flour
1 egg, beaten, for brushing

Method
1. Cut the butter into the flour and salt. Add the water a spoonful at a time.
2. Chill for 1 hour, then roll out and cut ten rounds.
3. Stir the filling together, spoon it on, fold and crimp. Brush with egg.
4. Bake on baking sheets at 400°F for 25 to 30 minutes.
`;

const COCOA_BARS = `Boathouse cocoa bars
Makes 16

170 g butter
200 g dark chocolate
3 large eggs
250 g caster sugar
90 g plain flour
30 g cocoa powder
¼ tsp salt

Method
1. Heat the oven to 175°C. Line a 20 cm square tin.
2. Melt the butter and chocolate. Whisk the eggs and sugar until thick, and fold them together.
3. Sift in the flour, cocoa and salt and fold until smooth.
4. Bake for 25 to 30 minutes. Cool in the tin before cutting.
`;

const DATE_PUDDING = `Sticky date pudding
Serves 9

200 g dates, chopped
250 ml water
1 tsp bicarbonate of soda
85 g butter, soft
150 g dark brown sugar
2 large eggs
180 g self-raising flour

For the sauce:
100 g butter
150 g dark brown sugar
150 ml double cream

Method
1. Heat the oven to 175°C. Butter a 20 cm square tin and dust it with flour.
2. Boil the water, pour it over the dates, stir in the soda and leave for 10 minutes.
3. Cream the butter and sugar, beat in the eggs, then fold in the flour and the dates.
4. Bake the pudding for 35 to 40 minutes. Melt the sauce together and pour it over.
`;

const SCONES = `Blackberry scones
Makes 10

350 g plain flour
4 tsp baking powder
50 g caster sugar
½ tsp salt
85 g cold butter
175 ml milk
1 medium egg
120 g blackberries

Method
1. Heat the oven to 220°C.
2. Rub the butter into the flour, powder, sugar and salt.
3. Stir in the milk and egg until just combined, then the blackberries.
4. Pat out 2.5 cm thick, cut ten scones and bake for 12 to 14 minutes.
`;

const KNOTS = `Cinnamon knots
Makes 12

500 g bread flour
7 g dried yeast
70 g caster sugar
1 tsp salt
250 ml milk, warm
1 large egg
80 g butter, soft

For the filling:
60 g butter
80 g dark brown sugar
1 tbsp ground cinnamon

Method
1. Stir the flour, yeast, sugar and salt. Add the milk, egg and butter and knead for 10 minutes.
2. Leave to rise until doubled, about 1 hour.
3. Roll out, spread with the filling, cut strips and tie them into knots. Prove for 30 minutes.
4. Bake at 190°C for 18 to 20 minutes.
`;

const LINZER = `Hazelnut linzer rounds
Makes 24

200 g plain flour
120 g ground hazelnuts
100 g icing sugar
170 g butter
1 medium egg yolk
½ tsp ground cinnamon
120 g raspberry jam

Method
1. Rub the butter into the flour, hazelnuts, sugar and cinnamon. Bind with the yolk. Chill for 1 hour.
2. Roll out 4 mm thick and cut rounds, half of them with a hole.
3. Bake at 170°C for 12 to 14 minutes. Sandwich with jam when cold.
`;

const FINGERS = `Sesame shortbread fingers
Makes 20

260 g plain flour
40 g rice flour
200 g butter
100 g caster sugar
40 g sesame seeds
¼ tsp salt

Method
1. Cream the butter and sugar, stir in the flours, seeds and salt.
2. Press into a 20 x 30 cm tin, mark into fingers and chill for 1 hour.
3. Bake at 160°C for 35 to 40 minutes. Cut again while warm.
`;

const PANCAKES = `Buttermilk drop pancakes
Makes 16

200 g plain flour
2 tsp baking powder
½ tsp bicarbonate of soda
25 g caster sugar
300 ml buttermilk
2 medium eggs
30 g butter, melted

Method
1. Stir the flour, powder, soda and sugar.
2. Whisk the buttermilk, eggs and butter and stir them in. Do not overmix.
3. Drop spoonfuls on a hot griddle and fry the pancakes for 2 minutes on each side.
`;

const guests = (...who: readonly Person[]) => ({ seats: who.map(seatFor) });

/** The boat club's midsummer tea: one guest with coeliac disease, one with a tree-nut allergy. All of it is invented. */
const TEA: ConversionRequest = { ...EMPTY_REQUEST, gluten: 'label', ...guests(GUESTS.tam, GUESTS.ines) };

/** A document as the page would have made it: read once, so that its lines have their ids and lists their facts. */
function favourite(text: string, request: Partial<ConversionRequest> = {}): RecipeDocument {
  const { recipe, lines } = readRecipe(text, { kitchen: BUILT_IN_KITCHEN, newId });
  const asked = { ...TEA, ...request };
  return {
    ...EMPTY_RECIPE,
    asRead: {
      ...asReadOf(recipe, BUILT_IN_KITCHEN),
      open: guardRecipe(recipe, asked, BUILT_IN_KITCHEN).open.length,
    },
    text,
    lines,
    request: asked,
  };
}

/** The club's favourites, the last of them on top of the list. */
export const demoDocuments = (): RecipeDocument[] => [
  favourite(PANCAKES, { family: 'pancake' }),
  favourite(FINGERS, { family: 'cut-out' }),
  favourite(LINZER, { family: 'cut-out' }),
  favourite(KNOTS, { family: 'yeast-dough', school: 'husk' }),
  favourite(SCONES, { family: 'scone' }),
  favourite(DATE_PUDDING, { family: 'steamed-pudding' }),
  favourite(COCOA_BARS, { family: 'brownie' }),
  favourite(HAND_PIES, { ...guests(GUESTS.tam, GUESTS.ines, GUESTS.lark), family: 'pastry' }),
  favourite(GALETTE, { family: 'pastry' }),
  favourite(TRAYBAKE, { ...guests(GUESTS.tam, GUESTS.ines, GUESTS.lark), family: 'creamed-cake' }),
  favourite(LEMON_LOAF, { family: 'muffin' }),
  favourite(LAYER_CAKE, { family: 'creamed-cake' }),
  favourite(GINGER_SNAPS, { family: 'drop-cookie' }),
];
