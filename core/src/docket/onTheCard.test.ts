import { readsOnPaper, type OnPaper } from '../testingDockets';

/* Cards, scans, letters and notes to oneself, read off the paper: lines that were wrapped, words of one's own, measures said twice. */

const LOAF =
  'Marmalade loaf\n175g butter\n175g light muscovado\n3 eggs\n200g SR flour\n2 tbsp marmalade (about 60g), plus 3 tbsp more for the glaze\n\nCream butter and sugar, add the eggs, fold in flour and marmalade. Bake in a 900g loaf tin at 170C for 55 mins.\nWarm the 3 tbsp marmalade and brush over. Feeds ten.';
const MADELEINES =
  'Madeleines (makes about 20)\n100g unsalted butter, plus 20g melted for the tins\n2 eggs\n100g caster sugar\n100g plain flour\n\nWhisk eggs and sugar thick, fold in flour and butter. Bake in a madeleine tin at 200C for 8-10 minutes.';
const BARS =
  'Snickerdoodle bars\nYIELD: 24 bars PREP 20 MIN COOK 28 MIN\n1 cup butter\n2 1/3 cups all-purpose flour\n1 1/4 cups brown sugar\n2 large eggs\n\nMelt the butter, whisk in sugar and eggs, stir in flour. Spread in a 9x13 pan, bake 350°F 25-28 min.';
const CRACKERS =
  'Honey crackers\n1 1/2 cups whole wheat flour\n1 cup all-purpose flour\n1 cup butter\n3/4 cup brown sugar\n2 tbsp honey\n\nCream butter, sugar and honey. Add flour. Roll 1/8 inch thick, cut squares, bake at 350°F 9 minutes.';
const STOLLEN =
  'Quark loaf\n500 g wheat flour\n16 g baking powder\n200 g sugar\n2 eggs\n175 g butter\n250 g lean quark\n125 g raisins + 125 g currants, soaked overnight in 4 tbsp rum\n\nMix flour, baking powder, sugar and eggs. Cut in the butter, add quark and drained fruits, knead. Shape a loaf, bake at 175 °C 55 minutes. Approx. 20 slices.';
const WREATH =
  'Cinnamon wreath\n1 cup warm milk\n2 tsp dry yeast\n4 cups bread flour\n1 egg\n6 Tbsp butter\n\nNight before:\nMix milk, yeast, flour and egg. Knead on low 5 min. Add butter, knead 8 more min until smooth & elastic. Cover, let rise 1½ hr until doubled.\nPunch down, roll out, roll up, shape a ring. Cover & refrigerate overnight.\nMorning:\nLet stand at room temp 45-60 min. until puffy. Bake at 350F for 25 min.';
const TART =
  'Lemon tart\nPastry: 175g plain flour, 100g cold butter, 1 tbsp icing sugar, 1 egg yolk, 1 tbsp water\nFilling: 5 eggs, 140g caster sugar, 150ml double cream, 100ml lemon juice\n\nWhizz flour, butter, sugar to crumbs. Yolk + water, pulse. Roll, line a 23cm loose-based tin, chill 30 mins.\nOven 160 fan/180/gas 4. Line with foil, baking beans, 10 mins blind. Foil off, 20 mins more.\nWhisk filling, pour in, 25-30 mins.';
const VICTORIA =
  'Victoria sandwich\n4 eggs (weigh in shells)\nthe same weight of butter, caster sugar & SR flour (mine came to 230g)\n1 tsp baking powder\n\nCream butter and sugar, eggs in, fold in flour. 2 x 8" tins, 180C 25 min.';
const CHURROS =
  'Churros\n250 ml water, 1 tablespoon oil, ½ tsp salt, 150 g flour, oil for deep frying, sugar & cinnamon to coat.\n\nBring water, oil and salt to the boil. Tip in all the flour at once and beat till it makes a ball. Let it cool 5 min. Heat the oil to 185 °C. Pipe strips in the oil, fry 2 min each side. Roll in sugar & cinnamon.';
const MUG =
  'Toffee mug pudding\n2 tbsp butter\n2 tbsp brown sugar\n1 egg yolk\n3 tbsp self raising flour\n1 tbsp milk\nSauce: 1 tbsp butter 1 tbsp brown sugar 1 tbsp cream\n\nMelt butter in a large mug. Stir in sugar & egg, then flour, milk. Microwave on high 1 min 15 secs (800W) till risen. Zap sauce 30 secs & pour on.';
const CARD =
  'MOLASSES COOKIES            Makes 4 doz.\n3/4 c. shortening\n1 c. sugar\n1/4 c. molasses\n1 egg\n2 1/4 c. flour\n2 t. soda\n\nCream shortening & sugar. Beat in egg, then molas-\nses. Sift dry ingred. together & stir in.\nRoll in balls size of a wal-\nnut, place 2 in.\napart on greased sheet. 375° 8-10 min. Do not\noverbake.\nAunt Jo, church cookbook p. 112';
const PUMPKIN =
  'Pumpkin muffins\n1 can (15 oz) pumpkin puree\n3 eggs\n½ c oil\n1 c brown sugar\n2 c flour, 9 oz (store-bought gluten-free 1-to-1 flour worked fine for my niece)\n2 t baking powder\n6 oz cream cheese\n1 yolk and 3 T sugar for the cream cheese\n\nstir pumpkin, eggs, oil and sugar. dry stuff in. fill 18 muffin cups, 375 for 19 min.';
const CRUMBLE =
  'Plum crumble\n800 g plums\n150 g plain flour\n60 g gluten-free flour mix (a rest in the packet) or the same of plain flour\n125 g butter\n100 g sugar\n\nPlums in a 20 x 30 cm dish. Rub flour, butter and sugar to lumps, strew over. 190 °C 40 min.';
const SCONES =
  '1 Cup Cream Scones\n3 cups self raising flour\n1 tbsp caster sugar\nCream 250ml (pouring)\n250 ml lemonade\n\na) Hot oven, 220.\nb) Flour, sugar: sift.\nc) 1 well. Cream and lemonade in all at once, knife not spoon.\nd) Floured bench, pat to 2.5 cm, 5 cm cutter.\ne) 12-15 min';
const DROPS =
  '7-Spice Molasses Drops\nMakes: 3 doz.\n3/4 cup butter, soft\n1 cup dark brown sugar\n1 egg\n1/4 cup molasses\n2 1/4 cups all-purpose flour\n2 tsp baking soda\n\nCream together butter and brown sugar, 2 min.\nEgg, molasses in. Beat.\nDry things whisked, then stirred in.\n1 tbsp balls, rolled in sugar.\n2 in. apart, 2 lined sheets.\n375°F, 9–11 min.';
const SLAB =
  'Sour cherry slab\n3 3/4 cups all-purpose flour\n3 sticks butter\n1/2 cup ice water\n6 cups sour cherries\n1 1/4 cups sugar\n\nCut butter into flour. Ice water till it clumps. 2 discs. 1 hour cold.\nBigger one, 11 x 15, floured counter, into a 9 x 13 rimmed quarter sheet.\nCherries, sugar. Fill. Lid on.\n20 min at 425, then 375 for 35–40 more.';
const LAYERS =
  'Burnt sugar cake\nSERVES 12 • TWO 9-INCH LAYERS\n1 cup butter\n2 cups sugar\n3 cups cake flour\n4 eggs\n3 tsp baking powder\n2/3 cup milk\n\nStep 1: Cream butter and sugar, 5 min. 4 eggs, one at a time.\nStep 2: Dry and wet by turns, 3 and 2.\nStep 3: Two 9-in rounds, greased and floured.\nStep 4: 350, 30-35 min.';
const SAVARINS =
  'Little rum savarins - makes 8\n225g strong white flour\n7g fast-action yeast\n4 eggs\n75ml milk\n100g butter\n\nBeat flour, yeast, eggs and milk. Leave to rise an hour. Beat in the butter.\nButter your moulds. Half fill them. Leave again thirty minutes.\nHot oven, 200C: in for ten minutes.';
const PANCAKE =
  'Torn pancake\nEnough for 4 as a pudding\n4 eggs\n180 g spelt flour\n300 ml milk\n40 g butter\n\nWhisk eggs and milk, then the flour. Oven on, 200°C top and bottom heat or 180°C fan.\nMelt the butter in an ovenproof pan, pour in, 4 minutes on the ring, then the oven, 10–12 minutes.';
const PIE =
  'Lemon meringue pie\n175g plain flour\n100g butter\n2 tbsp water\njuice and zest of 3 unwaxed lemons (you want 120ml of juice)\n3 tbsp cornflour\n4 eggs\n\nRub butter into flour, water in. Chill 30 minutes, line a 23cm tin, bake blind at 190C 15 minutes. Cook lemon and cornflour, pour in, 160C 20 minutes.';
const MUFFINS =
  'Coconut muffins\n2 cups (300g) self-raising flour, plus 1 tbs for the berries\n½ cup (110g) caster sugar\n80g butter\n¾ cup (185ml) milk\n2 eggs\n150g raspberries\n\nToss raspberries in the extra tablespoon of flour. Whisk flour and sugar, add butter, milk and eggs. 12-hole muffin tin, 200C 20 minutes.';
const ROLLS =
  'Fig rolls, for 2 dozen\n150g spelt flour\n75g rye flour\n50g brown sugar\n125g butter\n1 egg yolk\n250g figs\n\nRub butter into flours and sugar, yolk in. Chill an hour. Roll out, fill, cut. Bake at 190C 18 mins.';
const DAYS =
  'Knots - for 20\n500 g flour\n7 g dry yeast\n300 ml milk\n80 g butter\n80 g sugar\n\nDay one\nMix all, knead 8 min. Cover, into the fridge overnight.\nDay two\nCustard. Whisk milk and sugar. (I know. Do it.) Roll, cut, twist. Rise 30 min. 220 °C 10 min.';

const PARKIN =
  'Parkin\n225g plain flour\n115g oatmeal\n115g butter\n115g brown sugar\n115g black treacle\n1 egg\n150ml milk\n1 tsp baking powder\n\nGrease a 7in square tin. Oven 160C.\nWarm the fat, sugar and treacle gently till melted. Mix the dry things, pour in the melted mixture, then egg and milk. Beat. It is a runny mix.\nBake 1 hour.';
const BRETON =
  'Far breton\n200 g prunes\n4 eggs\n120 g sugar\n160 g flour\n750 ml milk\n\nWhisk the eggs with the sugar, add the flour, then the milk. Rest for 30 minutes. Butter a dish of 24 cm. Arrange the prunes, pour the batter over. Bake at 200 °C for 40 minutes. Eat lukewarm.';
const FINGERS =
  'Sponge fingers\nmakes 30\n3 eggs (separated)\n80 g sugar\n75 g flour\n\nWhip whites, add half the sugar till stiff. Whip yolks w/ the rest. Fold together, sift flour, fold. Pipe fingers 10cm on paper. 190° 12 min. Leave to dry in the oven switched off, door ajar, 10 min.';
const CUPCAKES =
  'Chocolate cupcakes\n\nCupcakes\n1 ¾ cups (220 g) all-purpose flour\n¾ cup cocoa\n1 ½ tsp baking powder\n1 ½ cups sugar\n2 eggs\n1 cup buttermilk\n1 cup hot coffee\n\nFrosting\n1 cup peanut butter\n2 cups powdered sugar\npretzels for topping\n\nIn a large bowl, whisk together flour, cocoa, baking powder and sugar. Whisk in eggs and buttermilk. Carefully stir in hot coffee. Batter will be very thin.\nFill 18 muffin cups. Bake at 350°F 18-20 min.\nBeat peanut butter and sugar. Pipe and stick a pretzel in each.';
const LETTER =
  'Hi Ruth, here is the treacle tart you asked for. You need a shallow 9 inch tin.\n\nPastry: 6oz plain flour, 3oz cold butter, 2 tbsp water\n\nFilling: 1lb golden syrup, 5oz white breadcrumbs, 1 egg beaten with 3 tablespoons double cream\n\nMake the pastry in the usual way, rest it half an hour in the fridge, roll out, line the tin. Warm syrup, stir in crumbs, egg & cream. Pour into the case. Gas 5 for 30 mins.';
const DROP_SCONES =
  'Drop scones (Scotch pancakes)\n4 oz S.R. flour, 1 oz caster sugar, 1 egg, 1/4 pint milk\n\nSift flour, stir in sugar, drop in egg and half the milk, beat till smooth, add rest of milk. Heat girdle and grease lightly. Drop dessertspoonfuls; turn over when bubbles rise.';
const TRIFLE =
  'Danish apple cake - the trifle kind\n1 kg tart apples\n75 g sugar\n150 g breadcrumbs (dried)\n75 g butter\n300 ml whipping cream\n\nCook the apples with the sugar to a mash, 15 min. Cool.\nToast the crumbs with the butter on the pan until golden.\nLayer apples and crumbs in a glass bowl. Whipped cream on top just before serving.';
const HONEY =
  'Honey pancakes\n1 1/2 c. whole wheat flour\n2 tsp. baking powder\n1 1/2 c. buttermilk\n2 eggs, separated\n3 T. melted butter\n\nMix dry. Beat yolks, buttermilk, butter. Combine till just moist. Beat whites stiff; fold in. Cook on hot greased griddle till bubbly; turn.';
const STARRED =
  'Sticky chocolate cake\n★★★★★ (1.2k)\nHands-on 10 min   Oven 20 min   Serves 8\n100g butter\n2 eggs\n250g caster sugar\n90g plain flour\n40g cocoa\n\n1 | Melt the butter, whisk in the rest.\n2 | 20cm springform, 175C 18 mins.';
const STICKY =
  'Sticky buns\n\nFor the roux\n3 tablespoons bread flour\n1/2 cup whole milk\nFor the dough\n2 3/4 cups (345g) bread flour\n1/4 cup sugar\n2 teaspoons instant yeast\n1/3 cup milk\n1 egg\n\nWhisk the 3 tablespoons flour into the 1/2 cup milk in a small pan, stir until thick. Cool.\nAdd everything else on the dough list and knead on low for 5 minutes. It should be tacky; resist adding more flour. Shape 12 buns, rise 45 minutes. Bake at 350°F 20 minutes.';

const ROLLS_WITH_GUM =
  'Dinner rolls, gluten free\n12 rolls\n160 g white rice flour\n120 g tapioca starch\n80 g sorghum flour\n40 g potato starch\n3 tablespoons xanthan gum\n9 g instant yeast\n320 ml milk\n2 eggs\n60 g butter\n\nBeat all with the paddle for 4 minutes. Scoop 12 mounds into a greased 33 x 23 cm pan. Proof 45 minutes. Bake at 190 C for 24 minutes.';
const BY_THE_SCALE =
  'Almond cake\n\nPut four eggs on the scale in their shells; mine said 240 g. Weigh out the same of soft butter, the same of caster sugar and the same of ground almonds.\n\nCream the butter and sugar, beat in the eggs, fold in the almonds. Into a 23 cm round tin, 165°C for 45 min.';

const OLEO =
  'Texas sheet cake\n2 c. flour\n2 c. sugar\n1 tsp. soda\n2 sticks oleo\n1 c. water\n4 T. cocoa\n2 eggs\n\nBring oleo, water & cocoa to boil, pour over dry & mix. Add eggs. Pour in greased jelly roll pan (11 x 17). Bake 400 for 20 min.';
const KIPFERL =
  'Vanillekipferl\n280 g flour\n210 g cold butter\n100 g ground almonds\n70 g powdered sugar\n\nKnead all into a shortcrust, chill 1 hour. Bend to crescents. 175 °C 12-14 minutes.';
const BAKEWELLS =
  'Cherry Bakewells (mini) Makes 12\n\nFor the sweet pastry: 175g plain flour / 100g butter / 50g icing sugar / 1 egg yolk\nFor the frangipane: 75g soft butter / 75g caster sugar / 2 small eggs / 75g ground almonds / 15g plain flour\nicing: 150g icing sugar + 1-2 tbsp water\n\nBlitz flour, butter, icing sugar. Add yolk. Chill 20 mins.\nRoll, stamp 12 x 9cm circles, push into a bun tin.\nCream the butter & sugar, beat in eggs, then almonds and flour. Spoon on. 190C 20-25 mins.';
const MUD =
  'Mississippi mud pie\n\nfor the base\n200g dark chocolate digestives\n80g butter melted\n\nfilling\n180g butter\n180g dark choc\n4 eggs\n180g brown sugar\n25g plain flour\n25g cocoa\n\nbase: blitz biscuits, add butter, press in 23cm springform. chill\nmelt butter n choc, whisk eggs n sugar, fold choc in, sift flour n cocoa over n fold\npour on base 180 35-40 mins';

const BUNDT =
  'Lemon bundt\n3 c (375g) AP flour\n1 t baking soda\n1 c butter, soft\n2 c sugar\n4 eggs\n3 T lemon juice + zest of 3 lemons\n1 c buttermilk\nGlaze (opt): 1 1/2 c powdered sugar, 2 T lemon juice\n\nGenerously grease + flour a 10-cup bundt pan. 325°F.\nCream butter, sugar, zest; eggs. Dry/buttermilk+juice alternately. 55-60 min. Glaze.';
const LAYER =
  'Hazelnut and rye layer\n6 eggs\n250 g sugar\n150 g rye bread, dry, grated fine\n100 g hazelnuts, ground\n\nBeat yolks and sugar pale. Mix bread and nuts, stir in. Fold in stiff whites. Bake in two 22 cm springforms, greased, at 180 °C for 25 min.';
const TURNS =
  'Kouign-amann (12)\n250 g bread flour\n4 g instant yeast\n165 g water\n200 g cold salted butter\n180 g sugar\n\nMix flour, yeast and water, knead 5 minutes. Rise 1 hour.\nBeat the butter into a square. Roll dough to 20 cm square, wrap the butter, roll to 45 x 15, fold in three. Chill 30 min. Cut in 12. Rise 45 min. 200 °C 25 min.';
const BETTYS =
  "Betty's carrot cake\n4 eggs\n1 1/4 c oil\n2 c sugar\n2 c flour\n2 tsp soda\n2 tsp bk pwd\n3 c grated carrots\n8 oz cr. cheese\n4 c conf. sugar\n\nBeat eggs, oil & sugar. Mix in flour, soda & bk pwd. Stir in carrots. Pour in 9x13. Bake 350 40-50 min.\nFrosting - mix cr. cheese and conf. sugar, spread.";
const CREAMS =
  'Gypsy creams\n100g margarine\n100g lard\n150g caster sugar\n225g self raising flour\n225g rolled oats\n\nCream fats & sugar. Work in flour, oats. Roll into walnut sized balls. 180C for 15-20 mins. Cool.\nFilling: 50g butter, 100g icing sugar. Beat & sandwich.';

const LEAFLET =
  'Cottage pudding\n8 oz. National flour\n2 teaspoonfuls baking powder\n2 oz. fat\n2 oz. sugar\n1 egg\nMilk to mix (about ¼ pt.)\n\nSift flour and powder; rub in the fat; add sugar. Mix with the egg and milk. Put in a greased pie-dish. Bake in a moderate oven 35-40 minutes.';
const BO_LO =
  'Pineapple buns - 10 pcs\n\nTangzhong: 20g bread flour, 100g water\nDough: bread flour 300g, sugar 50g, salt 4g, instant yeast 5g, egg 50g, milk 90g, all of the tangzhong, butter 30g\nTopping: butter 60g, sugar 60g, egg yolk 1, cake flour 110g\n\n1. Cook tangzhong to 65C, cool.\n2. Knead all dough except butter 8 min, add butter, knead 10 min until windowpane. Rise 60 min.\n3. Topping: cream butter & sugar, add yolk, sift in flour. Chill 30 min.\n4. Divide 10 x 55g, shape round, proof 40 min.\n5. Lay topping on buns.\n6. 190C 5 min, then 175C 12 min.';
const COBBLER =
  'Peach cobbler for two\n2 peaches, sliced\n1/4 cup flour\n1/4 tsp baking powder\n1 Tbsp sugar\n1 Tbsp cold butter\n1 1/2 Tbsp milk\n\nPut peaches in 2 ramekins. Mix flour, baking powder and sugar. Cut in butter. Stir in milk. Plop on peaches. 375 for 22-25 min.';
const LITTLE_MILANESE =
  'Mailänderli (about 70 pieces)\n250 g butter, soft\n225 g sugar\n3 eggs\n500 g flour\n\nStir butter and sugar, then the eggs. Add flour, bring together. In the fridge 2 hours. Roll out portionwise 7 mm thick on a little flour. Cut shapes. Bake 10 minutes at 200 °C.';
const TORTE =
  'Haselnusstorte 26 cm\n200 g Butter\n200 g Zucker\n4 Eier\n200 g gemahlene Haselnüsse\n100 g Mehl\n2 TL Backpulver\n\nButter und Zucker schaumig rühren, Eier einzeln dazu. Nüsse, Mehl und Backpulver mischen und unterrühren. In die gefettete Springform füllen. Bei 180 °C 45 Minuten backen. Auskühlen lassen.';
const FIRST_FOUR =
  'Chewy oat biscuits\n90 g rolled oats\n150 g plain flour\n100 g brown sugar\n65 g desiccated coconut\n125 g butter\n40 g golden syrup\n½ tsp bicarb\n1½ Tbsp hot water\n\nMix the first four. Melt butter + syrup. Bicarb into hot water, into the butter, onto the dry. 20 g balls, 5 cm apart. 160 fan, 12 min.';

const HUMMINGBIRD =
  'Hummingbird cake (3 layers)\n3 cups all-purpose flour\n2 cups sugar\n1 teaspoon baking soda\n3 eggs\n1 1/2 cups vegetable oil\n\nFrosting: two 8-oz packages cream cheese, 1 cup butter, 2 (16-oz) boxes powdered sugar, 2 tsp vanilla\n\nCombine dry ingredients; add eggs and oil.\nSpoon batter into 3 greased and floured 9-inch round cakepans. Bake at 350° for 25 minutes. Spread frosting between.';
const SUCRE =
  'Tarte au sucre\n250g flour\n7 g dry yeast\n1 egg\n80g butter\n100 ml milk\n150g brown sugar\n\nMix flour, yeast, egg, milk; work in the butter 5 min. Let rise 1 h 30. Butter a 28 cm tart tin, spread the dough, let rise again 30 min. Sprinkle with the sugar. Oven 200°C, 20-25 min.';
const UPSIDE_DOWN =
  'Pear upside-down cake\n~ serves 8 ~ 9-inch cast iron skillet\n4 Tbsp butter\n1/2 cup brown sugar\n2 pears, sliced\n1 1/2 cups AP flour\n1 1/2 tsp baking powder\n1/2 cup butter, room temp\n3/4 cup sugar\n2 eggs\n1/4 cup milk\n\nmelt the 4 Tbsp butter in the skillet w/ brown sugar, fan pears on top\ncream butter + sugar, eggs, milk, then all the dry. dollop over pears and spread gently\n350F 38-42 min.';
const NOISETTE =
  "Financiers noisette\n100 g blancs d'oeufs\n100 g sucre glace\n50 g ground hazelnuts\n40 g flour\n75 g browned butter\n\nMix the powders, add whites, then the butter. Pipe in 20 moulds. 190 °C 9-10 min.";

const PAGES: readonly OnPaper[] = [
  [
    'more of a thing, for something else, is that thing',
    LOAF,
    {},
    [/^60 g marmalade/m, /marmalade, for the glaze/],
    [/more for the glaze/, /\d\. Feeds/],
  ],
  ['and melted for the tins it is butter', MADELEINES, {}, [/^20 g .*butter, for the tins/m], []],
  ['what stands behind a yield on its line is no part of it', BARS, {}, [/^Makes 24 bars$/m], []],
  [
    'a bake of whole grain gets a hearty blend',
    CRACKERS,
    {},
    [/1\d\d g sorghum flour|1\d\d g brown rice flour/],
    [/sweet rice/],
  ],
  [
    'what was soaked says in what, and how many slices is no step',
    STOLLEN,
    {},
    [/currants, soaked overnight in the rum/, /^Makes 20 slices$/m],
    [/\d\. Approx/],
  ],
  [
    'a shaped dough keeps its night in the cold, and each day its name',
    WREATH,
    {},
    [/Night before: Mix/, /refrigerate overnight/, /Morning: Let stand/, /beat 3 to 5 minutes until smooth/],
    [/smooth & smooth/, /more min/, /Punch/],
  ],
  [
    'an oven said first with its fan is told without, and a case is baked blind',
    TART,
    {},
    [/^Oven 180 °C .*10 minutes \(blind\), then 20 minutes/m],
    [/line with/],
  ],
  [
    'as much of each as the eggs weigh is in grams',
    VICTORIA,
    {},
    [/^230 g butter/m, /^230 g caster sugar/m, /g white rice flour/],
    [/same weight/],
  ],
  [
    'what coats and what fries end a list, and scalded flour needs no rest',
    CHURROS,
    {},
    [/^oil for deep frying/m, /^cinnamon/m],
    [/stand for/],
  ],
  [
    'measures with nothing between are several things, and a minute and some seconds is their sum',
    MUG,
    { without: ['milk'] },
    [/^Microwave, 800 W, 75 seconds$/m, /dairy-free baking block/],
    [/(?<!coconut )\bcream\b/],
  ],
  [
    'a wrapped card is told in sentences, and where it was found is none',
    CARD,
    {},
    [/then molasses\. Sift/, /size of a walnut, place 2 in\. apart/, /Do not overbake/],
    [/Aunt/, /molas-/],
  ],
  [
    'flour whose gluten-free stand-in is only told of is replaced, once',
    PUMPKIN,
    {},
    [/^\d\d g brown rice flour/m, /^1 egg yolk/m],
    [/1-to-1/, /yolk and/],
  ],
  [
    'the same of another flour instead is no more of it',
    CRUMBLE,
    {},
    [/^60 g gluten-free flour mix/m, /this is the flour blend/],
    [/each by itself/],
  ],
  [
    'scones are scones, and rest when their liquid is in',
    SCONES,
    {},
    [/^scone or biscuit/m, /Cream and lemonade in[^]*stand for/],
    [/Is it a/],
  ],
  ['balls by the spoon are cookies', DROPS, {}, [/^drop cookie/m], [/Is it a/]],
  ['what is rolled out on a counter is no tin', SLAB, {}, [/^In: 13 × 9 in/m], []],
  [
    'two layers are two tins, and a batter stands when wet and dry are in',
    LAYERS,
    {},
    [/^In: 2 × 9 in round tins/m, /by turns[^]*stand for/],
    [],
  ],
  ['as many moulds as there are pieces', SAVARINS, {}, [/^In: 8 /m], []],
  [
    'enough for four counts no pieces, and top and bottom heat is an oven without its fan',
    PANCAKE,
    {},
    [/^Serves 4$/m, /^Oven 200 °C/m],
    [/with the fan/],
  ],
  [
    'waxed or not, a lemon has one zest',
    PIE,
    {},
    [/zest of 3 lemons/, /juice of 3 lemons|lemon juice/],
    [/zests|juices/],
  ],
  ['the powder of two lots of flour is one line', MUFFINS, {}, [/g baking powder/], [/⅛ tsp baking powder/]],
  [
    'fat that melts with its sugar fries nothing, and a look belongs to what was mixed',
    PARKIN,
    {},
    [/Warm the fat[^]*Mix the dry things/, /runny mix\.[^]*stand for/],
    [],
  ],
  ['a far is a batter, eaten from its dish', BRETON, {}, [/^pancake or waffle/m], [/Is it a/, /on a rack/]],
  [
    'what is piped has no tin, and cools when it is dried',
    FINGERS,
    {},
    [/door ajar[^]*Leave them on the tray/],
    [/^In: /m, /in the tin/],
  ],
  ['a pretzel is one', CUPCAKES, {}, [/stick a gluten-free pretzel in each/, /very thin\.[^]*stand for/], []],
  [
    'pastry that is made isn’t bought, and the last thing of a list may be two',
    LETTER,
    {},
    [/^3 tablespoons double cream/m, /Make the pastry in the usual way/],
    [/gluten-free pastry/, /beaten with 3 tablespoons double cream \(/],
  ],
  [
    'an egg that is dropped in is mixed, and a girdle is heated after the rest',
    DROP_SCONES,
    {},
    [/rest of milk\. Let the batter stand[^.]*\. Heat girdle/],
    [],
  ],
  [
    'what no step bakes isn’t baked',
    TRIFLE,
    {},
    [/^Cooked as its steps say$/m, /gluten-free breadcrumbs/],
    [/Bake at/, /Oven/],
  ],
  ['no rest behind whites, however they are folded', HONEY, {}, [/sorghum flour/], [/stand for/]],
  [
    'stars are no yield, and a stroke behind a number goes with it',
    STARRED,
    {},
    [/^Serves 8$/m, /^\d\. Melt the butter/m],
    [/1\.2/],
  ],
  [
    'more flour is more of the dough’s, whatever thickened before',
    STICKY,
    {},
    [/resist adding more flour blend/],
    [/adding more cornstarch/],
  ],
  [
    'what would spoil a recipe that goes out as it is stands at its head',
    ROLLS_WITH_GUM,
    {},
    [/^As it stands: there is more binder [^]*an enriched yeast dough[^]*^Makes 12 rolls$/m],
    [],
  ],
  [
    'the same of each is said once of each, by what the scale said',
    BY_THE_SCALE,
    {},
    [/^240 g soft butter$/m, /^240 g caster sugar$/m, /^240 g ground almonds$/m],
    [/almonds[^]*^\d+ g ground almonds/m, /As it stands/],
  ],
  ['oleo comes in sticks as butter does', OLEO, {}, [/^2 sticks oleo \(225 g\)$/m], []],
  ['crescents are cut-out cookies', KIPFERL, {}, [/^cut-out/m], [/Is it a/]],
  [
    'icing sugar is no icing: each part has its own flour',
    BAKEWELLS,
    {},
    [/Blitz (?:the )?flour blend, butter, icing sugar/, /almonds and white rice flour/],
    [/Is it a/],
  ],
  [
    'chocolate biscuits are biscuits',
    MUD,
    {},
    [/^200 g gluten-free biscuits/m, /blitz gluten-free biscuits/],
    [/digestives/],
  ],
  [
    'zest behind a plus is a thing, a glaze that is optional a part, and a bundt is dusted',
    BUNDT,
    {},
    [/^zest of 3 lemons/m, /^Glaze/m, /bundt pan and dust with rice flour/],
    [/flour blend a 10-cup/],
  ],
  ['two springforms are two tins', LAYER, {}, [/^In: 2 × 22 cm springform tins$/m, /gluten-free bread/], []],
  [
    'a dough folded round butter is another one without gluten, and says so first',
    TURNS,
    {},
    [/^A dough that is folded round butter tears[^]*^Makes 12/m],
    [],
  ],
  [
    'powder and cheese cut short are themselves, and a batter stands before it is poured',
    BETTYS,
    {},
    [/baking powder \(/, /cr\. cheese \(225 g\)/, /stand for[^]*Pour in 9x13/],
    [/^2 tsp bk pwd$/m],
  ],
  ['fats are all that there are', CREAMS, {}, [/^100g margarine$[^]*^100g lard$/m], [/to finish/]],
  [
    'spoonfuls are spoons, fat is fat, and pints are British ones',
    LEAFLET,
    {},
    [/baking powder \(/, /shortening|white vegetable fat|fat \(57 g\)/, /^Oven 180 °C/m],
    [/cups?\)/],
  ],
  [
    'what is cooked to 65 degrees sets no oven, what another part makes isn’t bought, and of two rises the last stays',
    BO_LO,
    {},
    [/^Oven 190 °C.*5 minutes$/m, /^50 g egg|^1 egg|egg \(50 g\)/m, /shape round, proof 40 min/],
    [/65 °C/, /50 egg/, /Rise 60/, /windowpane/, /all of the tangzhong/],
  ],
  ['a cobbler is eaten from its ramekins', COBBLER, {}, [/before you serve it/], [/on a rack/]],
  [
    'on a little flour is on a little of what dusts',
    LITTLE_MILANESE,
    {},
    [/Roll out portionwise 7 mm thick on a little rice flour/],
    [],
  ],
  [
    'steps in another language stand as they are, which the head says, and their heat is theirs',
    TORTE,
    {},
    [/^Its steps stand as they were written/m, /^Oven 180 °C.*45 minutes/m, /stand for[^]*45 Minuten backen/],
    [/Bake at/],
  ],
  ['the first four are four lines', FIRST_FOUR, {}, [/onto the dry[^]*chill it/], []],
  [
    'two packages begin a list, and cakepans are pans',
    HUMMINGBIRD,
    { without: ['milk'] },
    [
      /dairy-free soft cheese/,
      /dairy-free baking block/,
      /greased 9-inch round cakepans dusted with rice flour/,
    ],
    [/packages cream cheese, 1 cup/],
  ],
  [
    'a tart of yeast dough is a yeast dough',
    SUCRE,
    {},
    [/^enriched yeast dough/m, /rise again 30 min/],
    [/1 h 30/],
  ],
  [
    'what is dollopped over the fruit has stood before',
    UPSIDE_DOWN,
    {},
    [/^Serves 8$/m, /stand for[^]*dollop over pears/i],
    [],
  ],
  [
    'whites are whites in French too',
    NOISETTE,
    {},
    [/^3 egg whites \(100 g\)$/m],
    [/What is this/, /before you serve/],
  ],
  ['two dozen are pieces', ROLLS, {}, [/^Makes 24/m], []],
  [
    'a day or a custard heads what follows, and what stands in brackets stays together',
    DAYS,
    {},
    [/Day one: Mix/, /Custard\. Whisk/, /\(I know\. Do it\.\)/],
    [],
  ],
];

describe('cards, scans and notes on paper', () => {
  it.each(PAGES)('%s', (...row) => readsOnPaper(...row));
});
