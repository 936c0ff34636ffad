import type { ConversionRequest } from '../kitchen';
import { docketOf } from './testing';
import { toPlainText } from '.';

/* What a baker reads off the paper, in forms that were once printed wrong. Each row: what it is, the page, the request, what is to be read, and what is not. */
type Row = readonly [
  what: string,
  page: string,
  request: Partial<ConversionRequest>,
  reads: readonly RegExp[],
  not: readonly RegExp[],
];

const NO_EGG = { without: ['egg'] } as const;
const NO_MILK = { without: ['milk'] } as const;
const GRAIN_FREE = { diet: 'grain-free' } as const;

const WAFFLES =
  'Waffles\n240g plain flour\n1 tsp baking powder\n450ml milk\n2 eggs, separated\n100g butter, melted\n\nMethod\nWhisk the flour and baking powder. Whisk in the milk, egg yolks and butter until just combined: a few lumps are fine. Whisk the egg whites to soft peaks and fold in. Cook in the waffle iron for 4 minutes.';
const PIE =
  'Mince pies\n\nFor the pastry: 375g plain flour; 260g butter; 125g caster sugar, plus extra for sprinkling; 1 large egg, plus 1 beaten egg for glazing\nFor the filling: 600g mincemeat; 1 apple, chopped\n\n1. Rub the flour and butter together. Mix in the sugar and the egg, wrap and chill for 10 mins.\n2. Roll out, cut 16 bases, fill and lid them. Glaze with the egg.\n3. Bake at 200C for 20 mins.';
const CUSTARD =
  'Custard tart\n\nPastry\n200g plain flour\n100g butter\n1 egg\n\nCustard\n4 egg yolks\n60g caster sugar\n300ml double cream\n\nMethod\nRub the butter into the flour, bind with the egg, roll out and line a 20cm tart tin. Bake blind at 190C for 20 minutes.\nWarm the cream. Whisk the yolks with the sugar, pour the hot cream over. Fill the case and bake at 140C for 30 minutes.';
const CHEESECAKE =
  'Cheesecake\n\nCrust\n1 1/2 cups graham cracker crumbs\n6 tbsp butter, melted\n\nFilling\n900 g cream cheese\n250 g sugar\n3 tbsp all-purpose flour\n4 eggs\n\nMethod\nStir crumbs and butter and press into a 23 cm springform tin. Bake at 165 C for 10 minutes.\nBeat cheese and sugar, then the flour and the eggs. Pour over the crust and bake 1 hour 20 minutes.';
const SODA =
  'Carrot cake\n250g plain flour\n1 tsp bicarbonate of soda\n1 tsp baking powder\n200g sugar\n200ml oil\n4 eggs\n300g grated carrot\n\nMethod\nSift the flour, bicarb and baking powder. Beat the sugar, oil and eggs, stir in the flour and the carrot. Bake in a 20 cm round tin at 170C for 40 minutes.';
const MUFFINS =
  'Blueberry muffins\nMakes 8\n200g plain flour\n2 tsp baking powder\n150g sugar\n80ml oil\n1 egg\n100ml milk\n200g fresh or frozen blueberries\n\nMethod\nWhisk the flour, sugar and baking powder. Put the oil and egg in a jug and fill the jug to the 1-cup line with milk. Stir into the dry ingredients. Fold in the blueberries. Divide between 12 muffin cups and bake at 200C for 20 minutes.';
const STRUDEL =
  'Apple strudel\n250 g flour\n2 tbsp oil\n1 egg\n100 ml water\n1 kg apples\n100 g sugar\n\nMethod\nKnead flour, oil, egg and water for 10 minutes.\nRoll the dough out on a floured cloth, then stretch it over your hands until you can read through it. Lay on the sliced apples and sugar, roll up and bake on a buttered tray at 190C for 45 minutes.';
const LOG =
  'Yule log\n4 eggs\n100g caster sugar\n65g self-raising flour\n40g cocoa powder\n\nIcing: 300g dark chocolate, 450ml double cream\n\nMethod\nWhisk eggs and sugar until thick. Sift the flour and cocoa over and fold in. Bake in a 33 x 23cm tin at 200C for 10 minutes.\nMelt the chocolate with 300ml of the double cream in a bowl; whip the remaining 150ml cream and fold in. Cover the roll.';
const COBBLER =
  'Peach cobbler\n1 kg peaches, sliced\n100 g sugar\n150 g plain flour\n1 tsp baking powder\n80 g butter\n60 ml boiling water\n\nMethod\nPut the peaches and half the sugar into a 2 litre baking dish and bake at 220C for 10 minutes. Rub the butter into the flour, baking powder and the rest of the sugar, stir in the water. Drop spoonfuls over the fruit. Bake until golden, about 30 minutes.';
const PUDDING =
  'Toffee pudding\n200g self-raising flour\n80g butter\n150g sugar\n2 eggs\n100ml milk\n\nSauce\n150g butter\n150g sugar\n\nMethod\nCream the butter and sugar, beat in the eggs, fold in the flour and milk. Bake in a 20cm square dish at 180C for 35 minutes.\nMelt the sauce ingredients together, pour half over and put under a hot grill for 2 minutes.';

const POLENTA =
  'Polenta cake\n200g butter\n200g sugar\n200g ground almonds\n100g polenta\n1 tsp baking powder\n3 eggs\n\nMethod\nBeat the butter and sugar. Add the almonds, polenta and baking powder and the eggs in turns. Bake in a 23 cm springform at 180C for 40 minutes.';
const COOKIES =
  'Cookies\n225g butter\n200g sugar\n2 eggs\n300g plain flour\n1 tsp bicarbonate of soda\n\nMethod\nCream the butter and sugar, beat in the eggs, stir in the flour and soda. Put dough in refrigerator for 1 hour. Roll into balls and bake on baking sheets at 190C for 10 minutes.';
const BABKA =
  'Babka\n280g strong flour\n5g dried yeast\n40g sugar\n120ml milk\n1 egg\n60g butter\n\nMethod\nMix it all and knead 5 minutes. Leave to rise for 2 hours. Roll out to 30 x 40 cm, roll up and lay in a lined 900g loaf tin. Prove for 1 hour. Bake at 180C for 35 minutes.';

const STACK =
  'Pancakes\n250 g flour\n2 tsp baking powder\n500 ml buttermilk\n2 eggs\n\nMethod\nHeat the oven to 160 °C. Whisk the flour, baking powder, buttermilk and eggs together. Ladle onto a greased griddle. Flip the pancakes after bubbles rise, 2 to 4 minutes. Keep warm in the oven.';
const RINGS =
  'Upside-down cake\n7 pineapple rings in syrup, drained\n50g butter\n100g sugar\n100g self-raising flour\n100g butter\n2 eggs\n\nMethod\nLay the rings in a 20cm round tin. Beat the rest together, spoon over and bake at 180C for 35 minutes.';

const TART =
  'Almond tart\n175g plain flour\n75g butter\n125g sugar\n125g ground almonds\n2 eggs\n\nMethod\nRub the butter into the flour, stir in the rest and press into a 20cm tart tin.\nBake at 180C for 35 minutes. If it browns too quickly, cover it loosely with foil.';

const ROWS: readonly Row[] = [
  [
    'an egg’s stand-ins are all said where they go in',
    SODA,
    NO_EGG,
    [/oil and flax gel and unsweetened applesauce/],
    [],
  ],
  [
    'soda that lifts joins the soda that is there',
    SODA,
    NO_EGG,
    [/^1¼ tsp bicarbonate of soda/m],
    [/bicarbonate of soda[^]*^[^\n]*bicarbonate of soda \(/m],
  ],
  [
    'brine stands for eggs whose whites are whipped, half for each',
    WAFFLES,
    NO_EGG,
    [/half of the chickpea brine and/, /Whisk the other half of the chickpea brine to soft peaks/],
    [/flax gel/],
  ],
  [
    'who leaves lumps isn’t told to beat them out',
    WAFFLES,
    {},
    [/until just combined: a few lumps/],
    [/until smooth/],
  ],
  [
    'a second egg for glazing is on the list, and says so',
    PIE,
    {},
    [/^1 egg \(60 g\)$/m, /^1 egg, for glazing/m],
    [],
  ],
  [
    'a chill that is too short is made longer, and is the only one',
    PIE,
    {},
    [/chill for 30 to 60 minutes/],
    [/10 mins/, /Cover the dough/],
  ],
  [
    'a custard without egg is set by a starch',
    CUSTARD,
    NO_EGG,
    [/cornflour/, /Whisk the thickened pea milk with the sugar/],
    [/beaten oil/],
  ],
  [
    'a crust that is flour now makes no other bake of it',
    CHEESECAKE,
    GRAIN_FREE,
    [/1 hour 20 minutes/],
    [/\b9 minutes/],
  ],
  ['crumbs stay crumbs', CHEESECAKE, {}, [/gluten-free biscuit crumbs/], []],
  ['fresh or frozen isn’t frozen', MUFFINS, {}, [], [/goes in at/]],
  [
    'what stands rests when all of it is in the bowl',
    MUFFINS,
    {},
    [/Fold in the blueberries\. Let the batter stand|Fold in the blueberries\.\n\d+\. Let the batter stand/],
    [/egg\. Let the batter stand/],
  ],
  ['as many cups as muffins', MUFFINS, {}, [/^In: 8 muffin cups$/m], []],
  [
    'a dough without gluten isn’t stretched',
    STRUDEL,
    {},
    [/between two sheets of paper, as thin as it will go/],
    [/stretch/, /10 minutes/],
  ],
  [
    'what is out is said by no name of it',
    LOG,
    NO_MILK,
    [/300ml of the coconut cream/, /the remaining coconut cream/],
    [/double cream/, /remaining the/],
  ],
  ['what is baked in its dish stands there', COBBLER, {}, [/Let it stand for 15 minutes/], [/rack/]],
  [
    'a meal that the author stirs in isn’t scalded in a milk that nobody has',
    POLENTA,
    { without: ['milk', 'egg'] },
    [],
    [/\bmilk\b(?! · )/, /hot/],
  ],
  [
    'what is put in the refrigerator is chilled already',
    COOKIES,
    {},
    [/refrigerator for 1 hour/],
    [/Cover the dough/],
  ],
  ['a dough that is rolled out goes into its own tin', BABKA, {}, [/^In: 23 × 13 cm loaf tin$/m], []],
  [
    'who only avoids egg has milk in its place, where there is milk',
    CUSTARD.replace('300ml double cream', '300ml milk'),
    NO_EGG,
    [/Whisk the thickened milk with the sugar/],
    [/pea milk/],
  ],
  [
    'pancakes that are kept warm aren’t baked',
    STACK,
    {},
    [/^Griddle or pan, 2 to 4 minutes$/m],
    [/^Oven/m, /Bake at/],
  ],
  ['a ring is no whole pineapple', RINGS, {}, [/7 pineapple rings[^\n]*280 g/], []],
  [
    'it cools after what is watched for while it bakes',
    TART,
    {},
    [/foil\.\s(?:\d+\. )?Let it cool in the tin/],
    [/minutes\. Let it cool/],
  ],
  ['a grill is no oven', PUDDING, {}, [/^Under the grill, 2 minutes$/m], [/Oven, 2 minutes/]],
];

describe('a docket that is baked from', () => {
  it.each(ROWS)('%s', (_, page, request, reads, not) => {
    const text = toPlainText(docketOf(page, request));
    for (const words of reads) expect(text).toMatch(words);
    for (const words of not) expect(text).not.toMatch(words);
  });
});
