import { readsOnPaper, type OnPaper } from '../testingDockets';

/* What a baker reads off the paper, in forms that were once printed wrong. */

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

const COFFEE_CAKE =
  'Coffee cake\n\nFor the streusel:\n90 g plain flour\n70 g sugar\n60 g butter\n60 g hazelnuts\n\nFor the cake:\n260 g plain flour\n2 tsp baking powder\n120 g butter\n180 g sugar\n2 eggs\n240 g sour cream\n\nMethod\nMake the streusel first: rub the butter into the flour and sugar. Stir in the hazelnuts.\nWhisk the flour and baking powder together.\nBeat the butter and sugar until pale. Add the eggs one at a time.\nAdd the dry ingredients, alternating with the sour cream.\nSpoon into a 23 cm springform tin and sprinkle over the streusel. Bake at 175 C for 50 minutes.';
const WASHED =
  'Milk rolls\n\n500 g bread flour\n7 g instant yeast\n280 ml milk\n1 egg\n60 g butter\n\nEgg wash\n1 egg\n1 tbsp milk\n\nMethod\nMix everything and knead for 8 minutes until the dough is smooth and passes the windowpane test. Shape 12 rolls and let rise for 45 minutes.\nBrush with egg wash and bake at 190 C for 20 minutes.';
const SCONES =
  'Scones\n225g self-raising flour\n55g butter\n150ml milk\n1 egg, beaten\n\nMethod\nRub the butter into the flour, then stir in the milk.\nRoll out 2cm thick and cut. Brush with the beaten egg.\nBake at 220C for 12 minutes.';
const WHIRLS =
  'Whirls\n200g very soft butter\n50g icing sugar\n200g plain flour\n20g cornflour\n\nMethod\nBeat the butter and icing sugar. Sift in the flour and cornflour and mix to a soft paste.\nPipe 20 swirls on two baking sheets. Bake at 170C for 13 minutes.';
const PECAN =
  'Pecan pie\n\nCrust\n150 g flour\n75 g butter\n3 tbsp water\n\nFilling\n3 eggs\n330 g corn syrup\n165 g brown sugar\n160 g pecans\n\nMethod\nRub the butter into the flour, add the water, roll out and line a 23 cm tart tin.\nBeat the eggs, stir in syrup and sugar, then the pecans. Pour into the crust and bake at 190 C for 45 minutes.';
const DROPS =
  'Pumpkin cookies\n310 g plain flour\n1 tsp baking powder\n115 g butter\n300 g sugar\n245 g pumpkin purée\n1 egg\n\nMethod\nCream the butter and sugar, beat in the pumpkin and egg, stir in the flour and baking powder.\nDrop by tablespoonfuls onto sheets and bake at 175 C for 15 minutes.';

const MELTING =
  'Melting moments\n250g butter\n60g icing sugar\n190g plain flour\n60g cornflour\n\nMethod\nBeat the butter and icing sugar. Stir in sifted flours in two batches.\nRoll into balls and flatten with a floured fork. Bake at 160C for 15 minutes.';
const CHOUX_RING =
  'Choux ring\n75g butter\n225ml water\n105g plain flour\n3 eggs\n300ml double cream\n\nMethod\nMelt the butter in the water and bring to the boil. Tip in the flour and beat. Beat in the eggs a little at a time. Spoon in a ring on a tray and bake at 200C for 35 minutes.\nWhip the cream and fill the ring.';
const SLICES =
  'Angel slices\n225 g butter\n225 g caster sugar\n4 eggs\n225 g self-raising flour\n\nMethod\nBeat everything together for 2 minutes. Spread in three 20 cm square tins and bake at 180C for 15 minutes.';
const TATIN =
  'Tarte Tatin\n320g puff pastry\n100g caster sugar\n50g butter\n5 pears\n\nMethod\nHeat oven to 200C. Melt the sugar in an ovenproof frying pan to an amber caramel, then stir in the butter. Lay the pears in the caramel and cook for 10 minutes.\nCut a circle from the pastry and lay it over. Bake for 30 minutes. Serve with brandy butter.';
const CORNBREAD =
  'Cornbread muffins\n145 g cornmeal\n125 g flour\n1 tbsp baking powder\n240 ml milk\n75 g vegetable oil\n1 egg\n\nMethod\nStir together cornmeal, flour and baking powder. Add milk, oil and egg; stir until moistened. Fill 12 muffin cups and bake at 205C for 15 minutes. Serve warm with honey butter.';
const HONEY_BALLS =
  'Lebkuchen\n250g plain flour\n85g ground almonds\n1 tsp baking powder\n200ml clear honey\n85g butter\n\nMethod\nHeat the honey and butter, pour into the dry ingredients and mix to a dough. Cover and leave to cool.\nRoll dough into 30 balls and flatten each. Bake at 180C for 15 minutes.';
const TOSCA =
  'Tosca cake\n\nCake\n3 eggs\n150 g sugar\n150 g flour\n1 tsp baking powder\n75 g butter, melted\n\nTosca\n75 g butter\n75 g sugar\n100 g flaked almonds\n\nMethod\nBeat eggs and sugar, stir in flour, baking powder and butter. Bake in a 24 cm springform at 175C for 25 minutes.\nSimmer everything for the tosca. Spread over the cake and bake for 12 minutes more.';
const BUNS =
  'Cherry buns\n500g strong flour\n7g fast-action yeast\n75g sugar\n250ml milk\n85g butter\n1 egg\n\nMethod\nMix everything. Knead on a lightly floured surface for 10 minutes until smooth and elastic. Put in an oiled bowl, cover and leave for 1½ hours until doubled in size.\nShape into 9 balls in a 23cm square tin. Cover and leave for 45 minutes.\nBake at 190C for 25 minutes.';
const SWISS =
  'Chocolate roll\n\nSponge\n3 eggs\n85g caster sugar\n70g plain flour\n\nFilling\n200ml double cream\n1 tbsp icing sugar\n\nMethod\nWhisk the eggs and sugar until thick. Fold in the flour. Bake in a 23 x 33cm tin at 200C for 10 minutes.\nWhip the cream with the icing sugar.';
const RINGS_FRIED =
  'Doughnuts\n450g strong flour\n7g fast-action yeast\n50g caster sugar\n180ml warm milk\n75g butter\n100g caster sugar and 2 tsp cinnamon, to coat\n\nMethod\nKnead everything for 5 minutes. Leave for 1 hour until doubled. Roll out, cut rings and leave for 30 minutes. Fry at 180C for 2 minutes a side and roll in the cinnamon sugar.';
const CRISP =
  'Apple crisp\n700 g apples, sliced\n2 tbsp lemon juice\n1 tsp cinnamon\n95 g flour\n70 g oats\n165 g brown sugar\n115 g butter\n\nMethod\nToss apples with lemon juice and cinnamon and spread in a 2 litre dish.\nMix flour, oats and brown sugar, cut in the butter. Sprinkle over the apples and bake at 190C for 40 minutes.';

const BASQUE =
  'Almond custard cake\n\nDough\n200 g plain flour\n100 g ground almonds\n1 tsp baking powder\n150 g butter\n150 g sugar\n1 egg + 1 yolk\n\nCustard\n350 ml milk\n3 yolks\n80 g sugar\n30 g flour\n\nEgg wash: 1 egg\n\nMethod\nCream butter and sugar, beat in egg and yolk, add the dry ingredients. Wrap in two discs and chill 2 hours.\nCustard: heat the milk. Whisk yolks, sugar and flour, pour on the milk, cook until thick. Cover and cool.\nRoll the larger disc to line a 22 cm springform. Fill with custard. Lid with the other. Brush with egg wash. Bake at 180 °C 40 min.';
const MORNING =
  'Bread pudding muffins\n6 slices white bread, cubed\n2 eggs\n300 ml milk\n80 g maple syrup\n\nTopping\n30 g flour\n50 g brown sugar\n30 g butter\n\nMethod\nWhisk eggs, milk and syrup, stir in bread and refrigerate overnight.\nRub flour, brown sugar and butter to crumbs.\nSpoon the bread mixture into 12 muffin cups, sprinkle with crumbs and bake at 175C for 25 minutes.';

const ROWS: readonly OnPaper[] = [
  [
    'each egg of three parts is what it is there for: to bind, to set, to shine',
    BASQUE,
    NO_EGG,
    [
      /beat in flax gel and beaten oil, add the dry ingredients\. Stir in the vinegar as well\. Wrap/,
      /Whisk thickened milk, sugar and/,
      /Brush with milk/,
      /^Glaze$/m,
    ],
    [/egg wash/i],
  ],
  [
    'a meringue of brine is dried',
    'Meringue roulade\n4 egg whites\n225g caster sugar\n1 tsp cornflour\n300ml double cream\n\nMethod\nWhisk the whites to stiff peaks, whisk in the sugar, fold in the cornflour. Spread in a 23 x 32cm tin and bake at 160C for 20 minutes.\nWhip the cream, spread over and roll up.',
    NO_EGG,
    [/dry it at 100 °C/, /chickpea brine to stiff peaks/],
    [],
  ],
  ['a pudding doesn’t wait for its crumbs', MORNING, {}, [], [/Let the batter stand/]],
  [
    '“flours” are all of a part that nothing else names',
    MELTING,
    {},
    [/sifted flour blend and cornflour/],
    [],
  ],
  ['a fork is dusted too', MELTING, {}, [/with a fork dusted with/], [/a dusted with/]],
  [
    'coconut cream is begun the day before it is whipped',
    CHOUX_RING,
    NO_MILK,
    [/The evening before, chill the coconut cream (?:for the [\w ]+ )?in its tin/],
    [],
  ],
  ['what is called angel and has as much fat as flour is no foam', SLICES, {}, [], [/foam cake/]],
  ['what cooks in its caramel isn’t in the oven', TATIN, {}, [], [/Oven 200 °C[^\n]*10 minutes/]],
  ['butter at the table is nobody’s milk', TATIN, NO_MILK, [/dairy-free brandy butter/], [/still says/]],
  ['oil goes in where “oil” does', CORNBREAD, {}, [], [/to finish/]],
  [
    'a honey dough that is rolled into balls is a cookie’s, and chilled as it stands covered',
    HONEY_BALLS,
    {},
    [/^drop cookie/m, /Cover and leave to cool\.\s(?:\d+\. )?Chill it for/],
    [/Cover the dough/],
  ],
  [
    'a cake that goes back into the oven cools afterwards',
    TOSCA,
    {},
    [/12 minutes more\.\s(?:\d+\. )?Let it cool/],
    [],
  ],
  [
    'a dough without gluten rises once, and is beaten in its bowl',
    BUNS,
    {},
    [/Beat in its bowl for 3 to 5 minutes until smooth/, /leave for 45 minutes/],
    [/1½ hours/, /on a surface/],
  ],
  [
    'left in a warm place it has risen too',
    BUNS.replace('leave for 1½ hours until doubled in size', 'leave in a warm place for 2 hours').replace(
      'leave for 45 minutes',
      'leave for 1 hour to rise',
    ),
    {},
    [/leave for 1 hour to rise/],
    [/warm place/],
  ],
  [
    'a cake that is whisked up has no egg to hold it, with flour or without',
    'Chestnut cake\n250 g dark chocolate\n250 g cooked chestnuts\n4 eggs, separated\n125 g sugar\n\nMethod\nMelt the chocolate, stir in the chestnuts. Whisk the yolks with the sugar and stir in. Whisk the whites stiff and fold in. Bake in a 25 cm springform at 170C for 25 minutes.',
    NO_EGG,
    [/without it this is another cake/],
    [],
  ],
  [
    '“the sugar” is the one that stays, where another is replaced',
    SWISS,
    GRAIN_FREE,
    [/Whisk the eggs and sugar until/, /with the grain-free icing sugar/],
    [],
  ],
  ['what a line has for coating is all for coating', RINGS_FRIED, {}, [/100 g caster sugar, to coat/], []],
  [
    'what is only tossed with the fruit lies with it, and oats say which',
    CRISP,
    {},
    [/fruit\n[^]*lemon juice[^]*cinnamon/, /70 g oats, certified gluten-free/],
    [],
  ],
  [
    'eggs that are whisked with oil are no foam',
    'Beetroot cake\n250g cooked beetroot, puréed\n200g dark chocolate, melted\n3 eggs\n200g sugar\n100ml oil\n1 tsp vanilla\n100g self-raising flour\n\nMethod\nWhisk the eggs, sugar and oil for 3 minutes until smooth and creamy. Stir in the beetroot and chocolate, fold in the flour. Bake in a 20cm round tin at 180C for 50 minutes.',
    NO_EGG,
    [],
    [/^foam cake/m],
  ],
  [
    'how many it is cut into ends where the next thing is done',
    BUNS.replace(
      'Shape into 9 balls in a 23cm square tin.',
      'Roll up, cut into 12 and place in a 23cm square tin.',
    ),
    {},
    [/^Makes 12 \w+$/m],
    [],
  ],
  [
    'yogurt is a yogurt without milk',
    DROPS.replace('245 g pumpkin purée', '200 g plain yogurt').replace('pumpkin', 'yogurt'),
    NO_MILK,
    [/200 g dairy-free yogurt/],
    [/coconut/],
  ],
  [
    'a batter waits when it is made, not its streusel',
    COFFEE_CAKE,
    { diet: 'grain-free' },
    [/alternating with the sour cream\.\s(?:\d+\. )?Let the batter stand/],
    [],
  ],
  [
    'an egg more takes its water out of the cream, and is counted',
    COFFEE_CAKE,
    GRAIN_FREE,
    [/^195 g sour cream$/m, /^3 eggs/m],
    [],
  ],
  [
    'what lifts at once goes in after the wait',
    SODA,
    NO_EGG,
    [/stand for[^.]*flours drink\. Stir in the vinegar only now/],
    [],
  ],
  [
    'no film is asked of a dough that makes none, and an egg wash is milk',
    WASHED,
    NO_EGG,
    [/until the dough is smooth\./, /Brush with milk and bake/],
    [/window/, /flax gel wash/],
  ],
  [
    'egg that is only brushed on is none of the dough',
    SCONES,
    NO_EGG,
    [/^to glaze\n28 g milk/m, /Brush with the milk/],
    [/linseed/],
  ],
  [
    'what is piped is chilled when it is piped',
    WHIRLS,
    {},
    [/Pipe 20 swirls on two baking sheets\. Chill what you piped/],
    [/Cover the dough/],
  ],
  [
    'a filling of syrup and egg is set without it by starch',
    PECAN,
    NO_EGG,
    [/25 g cornstarch, for the thickened pea milk/],
    [/flax|linseed/],
  ],
  ['a cookie batter that drops isn’t chilled', DROPS, {}, [/Let the dough stand/], [/chill/i]],
  ['without grain icing sugar has no corn in it', WHIRLS, GRAIN_FREE, [/\d g grain-free icing sugar/], []],
  [
    'what stands in for an egg says what it is for',
    SODA,
    NO_EGG,
    [/ground linseed, for the flax gel/, /water, for the flax gel/],
    [],
  ],

  [
    'an egg’s stand-ins are all said where they go in',
    SODA,
    NO_EGG,
    [/sugar, oil, flax gel and unsweetened applesauce/],
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
    [/^1 large egg \(60 g\)$/m, /^1 egg, for glazing/m],
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
  [
    'the one rise that is kept is as long as the first was, where the last only freshened it',
    'Apple sheet cake\n375 g flour\n42 g fresh yeast\n150 ml milk\n75 g sugar\n75 g butter\n1 egg\n1.5 kg apples\nStreusel: 200 g flour, 125 g sugar, 125 g butter\n\nMake a dough of flour, yeast, milk, sugar, butter and egg. Knead 10 minutes, let rise 45 minutes. Roll out on a baking sheet, lay on the sliced apples. Rub the streusel together and strew over. Let rise 15 minutes more, bake at 200 °C 30 minutes.',
    {},
    [/Let rise 45 minutes, bake/],
    [/15 minutes more/],
  ],
  [
    'a tart shell cools when it has baked without its beans, too',
    'Lemon tart\n200g flour\n100g icing sugar\n100g butter\n2 yolks\n\nRub the butter into flour and sugar, bind with yolks. Line a 24cm ring. Bake blind 170C 20 min with beans, 10 without.',
    {},
    [/with beans, 10 without\.$/m],
    [/with beans\. Let it cool/],
  ],
  [
    'a batter stands in its bowl, and not in the middle of its sauce',
    'Chocolate pudding\nFor the pudding: 175 g self-raising flour, 30 g cocoa, 100 g caster sugar, 150 ml milk, 75 g butter melted, 2 eggs\nFor the sauce: 150 g light brown sugar, 25 g cocoa, 300 ml boiling water\n\nHeat oven to 180C. Butter a 2 litre dish. Mix flour, cocoa, sugar. Beat milk, butter, eggs and stir in. Spoon into the dish. Mix sugar and cocoa for the sauce and scatter over, pour over the water. Bake 30 mins.',
    {},
    [/Let the batter stand[^\n]*\n\d\. Spoon into the dish/],
    [/for the sauce\. Let the batter/],
  ],
  [
    'a batter rests before it goes into the hot pan',
    'DUTCH BABY\n3 eggs\n½ c flour\n½ c milk\n1 T sugar\npinch nutmeg\n4 T butter\nHeat oven to 425. Blend eggs, flour, milk, sugar, nutmeg. Put butter in heavy 10-inch skillet and put it in the oven. As soon as butter has melted (watch it) add batter to the pan, return to oven and bake 20 min until puffed and golden. Lower temp to 300 and bake 5 min more.',
    {},
    [/Let the batter stand[^\n]*\n\d\. Put butter/],
    [/to the pan\. Let the batter/],
  ],
  [
    'a pastry that is made in a word is chilled there, and not with its filling',
    'Frangipane tart\nPastry\n8oz plain flour\n4oz marg\nFilling\n4oz marg\n4oz sugar\n2 eggs\n3oz ground almonds\n1oz SR flour\n\nMake pastry and line a flan ring (8"). Cream marg + sugar, add eggs, almonds, flour. Spread on top. Bake gas 5 35-40 mins.',
    {},
    [/Make pastry\. Cover the dough and chill it/],
    [],
  ],
  [
    'steps lose the bare numbers that they were written with, and an hour written short is an hour',
    'Gingerbread\n450g plain flour\n1 tsp bicarb\n125g butter\n175g dark brown sugar\n1 egg\n\n1 Melt butter, sugar. Cool 10.\n2 Stir in dry + egg.\n3 Wrap, chill 1hr\n4 Roll on parchment. Cut templates.\n5 180/160fan 12–14 until firm at edges.',
    {},
    [/\. Wrap, chill 1hr$/m, /\. 180\/160fan 12/],
    [/chill 1hr for/, /\. 3 Wrap/, /\. 5 180/],
  ],
  [
    'one tin is lined with two sheets of paper',
    'Cheesecake\n700 g cream cheese\n220 g sugar\n5 eggs\n25 g flour\n\n1. 220 °C. Line a 23 cm springform with 2 sheets of parchment.\n2. Beat all, sift flour over.\n3. Pour. Bake 50 min.',
    {},
    [/In: 23 cm springform tin/],
    [/2 × /],
  ],
  [
    'a tin that was crumbed is dusted with what has no gluten; a dish is crumbed by its list',
    'Sticky cake\n100 g butter\n2 eggs\n250 g sugar\n90 g flour\n20 g cocoa\n\nMelt the butter. Stir in everything else. Pour into a buttered 24 cm tin dusted with breadcrumbs. Bake at 175 °C, 20 minutes.',
    {},
    [/24 cm tin dusted with rice flour/],
    [/crumbs/],
  ],
  [
    'a batter rests when all of it is in, alternated and flavoured last',
    'Pound cake\n3 cups AP flour\n1/2 tsp baking powder\n1 cup butter\n3 cups sugar\n6 eggs\n1 cup buttermilk\n1 tbsp vanilla\nSift flour and powder together. Cream the butter with the sugar. Add the eggs one at a time. Alternate flour mixture and buttermilk. Vanilla last. Scrape into a greased 12-cup Bundt pan. Bake at 325F, 1 hour 15 minutes.',
    {},
    [/Vanilla last\.(?: |\n\d\. )Let the batter stand/],
    [/one at a time\.(?: |\n\d\. )Let the batter/],
  ],
  [
    'a dough that is made in a word has its sugar, though more is strewn on',
    'Shortbread\n250 g butter, cubed\n125 g caster sugar\n300 g plain flour\n\nPulse till it clumps. Press to 1 cm, chill 30. Cut 30 hearts. 160 (140 fan), 18-20, till just blond at the rim. Dredge with sugar hot.',
    {},
    [/250 g butter[^\n]*\n125 g caster sugar/, /18 to 20 minutes/],
    [/to finish/, /Bake at 140/],
  ],
  [
    'tins are counted, however they are greased, and by no side of theirs',
    'Pumpkin bread\n3-1/3 c. flour; 2 t. soda; 3 c. sugar; 1 c. oil; 4 eggs; 2/3 c. water; 2 c. pumpkin\nSift dry. Add rest & beat smooth. 2 greased & floured 9 x 5 pans. 350° 1 hr.',
    {},
    [/In: 2 × 9 × 5 in loaf tins/],
    [/5 × 9/],
  ],
  [
    'a dough that is stirred together in its skillet is not chilled, and rests there by its own words',
    'Skillet cookie\n113g unsalted butter\n100g brown sugar\n50g granulated sugar\n1 egg\n156g flour\n1/2 tsp baking soda\n170g chopped chocolate\n\nPreheat oven to 350°F. Melt the butter in a 10-inch cast iron skillet. Off heat. Cool 5 minutes. Stir sugars right into the skillet. Egg in. Then flour, soda. Most of the chocolate. Smooth top, rest of chocolate. Bake 18–22 minutes: edges set, centre soft. Rest 15 before scooping.',
    {},
    [/Rest 15 before scooping/],
    [/chill/i, /rack/],
  ],
  ['a grill is no oven', PUDDING, {}, [/^Under the grill, 2 minutes$/m], [/Oven, 2 minutes/]],
];

describe('a docket that is baked from', () => {
  it.each(ROWS)('%s', readsOnPaper);
});
