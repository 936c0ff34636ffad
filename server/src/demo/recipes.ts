import { asReadOf } from '@omniarton/core/formula';
import { BUILT_IN_KITCHEN, EMPTY_REQUEST } from '@omniarton/core/kitchen';
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

const guests = (...who: readonly { readonly id: string }[]) => ({ people: who.map(({ id }) => id) });

/** The boat club's midsummer tea: one guest with coeliac disease, one with a tree-nut allergy. All of it is invented. */
const TEA: ConversionRequest = { ...EMPTY_REQUEST, gluten: 'label', ...guests(GUESTS.tam, GUESTS.ines) };

/** A document as the page would have made it: read once, so that its lines have their ids and lists their facts. */
function favourite(text: string, request: Partial<ConversionRequest> = {}): RecipeDocument {
  const { recipe, lines } = readRecipe(text, { kitchen: BUILT_IN_KITCHEN, newId });
  return {
    schema: 3,
    asRead: asReadOf(recipe),
    text,
    locale: null,
    lines,
    corrections: [],
    asWritten: [],
    foreign: null,
    request: { ...TEA, ...request },
    serving: null,
    bakeSheet: null,
  };
}

/** The club's favourites whose family can be converted. */
export const demoDocuments = (): RecipeDocument[] => [
  favourite(COCOA_BARS, { family: 'brownie' }),
  favourite(HAND_PIES, { ...guests(GUESTS.tam, GUESTS.ines, GUESTS.lark), family: 'pastry' }),
  favourite(GALETTE, { family: 'pastry' }),
  favourite(TRAYBAKE, { ...guests(GUESTS.tam, GUESTS.ines, GUESTS.lark), family: 'creamed-cake' }),
  favourite(LEMON_LOAF, { family: 'muffin' }),
  favourite(LAYER_CAKE, { family: 'creamed-cake' }),
  favourite(GINGER_SNAPS, { family: 'drop-cookie' }),
];
