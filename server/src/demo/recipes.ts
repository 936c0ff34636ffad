import { asReadOf } from '@omniarton/core/formula';
import { BUILT_IN_KITCHEN, EMPTY_REQUEST } from '@omniarton/core/kitchen';
import type { ConversionRequest, RecipeDocument } from '@omniarton/core/kitchen';
import { readRecipe } from '@omniarton/core/read';
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

/** The boat club's midsummer tea: one guest with coeliac disease, one with a tree-nut allergy. All of it is invented. */
const TEA: ConversionRequest = { ...EMPTY_REQUEST, without: ['tree nuts'] };

/** A document as the page would have made it: read once, so that its lines have their ids and lists their facts. */
function favourite(text: string, request: Partial<ConversionRequest> = {}): RecipeDocument {
  const { recipe, lines } = readRecipe(text, { kitchen: BUILT_IN_KITCHEN, newId });
  return {
    schema: 1,
    asRead: asReadOf(recipe),
    text,
    lines,
    corrections: [],
    request: { ...TEA, ...request },
    serving: null,
  };
}

/** The club's favourites whose family can be converted. */
export const demoDocuments = (): RecipeDocument[] => [
  favourite(TRAYBAKE, { without: ['tree nuts', 'milk'], family: 'creamed-cake' }),
  favourite(LEMON_LOAF, { family: 'muffin' }),
  favourite(LAYER_CAKE, { family: 'creamed-cake' }),
  favourite(GINGER_SNAPS, { family: 'drop-cookie' }),
];
