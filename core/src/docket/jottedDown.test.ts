import { readsOnPaper, type OnPaper } from '../testingDockets';

/* Pages as they are jotted down for oneself or told in a letter: what is short, turned round or said once only. */

const WAFFLES =
  'Sunday waffles – 6 big ones\n2 cups AP flour\n1 Tbsp baking powder\n2 eggs, separated\n1¾ cups milk\n½ cup melted butter\n\nSift dry stuff. Beat yolks, add milk and butter. Pour into dry & stir till just wet. Whites to stiff peaks, fold in. Let it sit while the iron gets hot. ⅔ cup each, about 4-5 minutes or until the steaming stops. Keep warm in a 200° oven on a rack.';
const LETTER =
  'Dearest M.,\n\nYou asked for the plum cake so here it is, as my mother made it. You need half a pound of butter, half a pound of sugar, four eggs, ten ounces of flour with a teaspoon and a half of baking powder in it and a good pound of plums, halved and stoned.\n\nBeat the butter with the sugar, then the eggs one by one. Fold in the flour. Spread it in a tin 12 by 9 inches, press the plums in cut side up and bake at gas 4 for three quarters of an hour.\n\nLove,\nP.';
const CRINKLES =
  'MOLASSES CRINKLES\n\n3/4 c shortening\n1 c br. sugar, packed\n1 egg\n1/4 c molasses\n2 1/4 c flour\n2 t soda\ngran. sugar to roll in\n\ncream first 4. sift dry & stir in. chill (1 hr +). walnut size balls, dip tops in sugar, greased sheet. sprinkle ea. w/ 2-3 drops water. 375, 10-12 min - set not hard';
const POSSET =
  'Lemon posset tart\nServes 8\nReady in 1 hr 15 plus chilling\n\nPastry\n200g plain flour\n100g cold butter\n50g icing sugar\n1 egg yolk\nFilling\n600ml double cream\n140g caster sugar\n3 lemons, zest of 2, juice of all (about 100ml)\n\nRub the butter into the flour, add the sugar and the yolk. Line a 23cm tart tin, chill for 20 mins. Bake at 200C for 15 mins. Boil the cream, sugar and zest for 3 mins. Stir in the juice, pour into the case. Chill for at least 3 hrs.';
const LAYERS =
  'Carrot cake\nmakes one 20 cm three-layer cake, cuts into 14\n300 g plain flour\n2 tsp baking powder\n4 eggs\n300 g soft brown sugar\n300 ml vegetable oil\n300 g carrots, grated\n100 g walnuts, toasted & chopped, + a few halves to decorate\n\nWhisk eggs, sugar and oil. Fold in the flour, carrots and nuts. Divide between three 20 cm tins. 170 °C fan, 25-28 mins.';
const STRUDEL =
  'Apple strudel\n250 g strong flour\n1 egg\n30 ml oil\n100 ml lukewarm water\nfilling\n1 kg sharp apples\n80 g sugar\nalso 60 g melted butter for brushing\n\nknead dough 10 min until silky, rest 1 hour covered\nstretch dough on a floured cloth till you can read through it\napples on it, roll up with the cloth, onto tray\n190° C, 40-45 min';
const ROLLS =
  "Cinnamon rolls\nMakes 12\n4 1/2 cups bread flour\n1/3 cup sugar\n2 1/4 tsp instant yeast\n1 cup milk\n2 large eggs\n6 Tbsp butter\nFROSTING\n4 oz cream cheese\n1 cup powdered sugar\n\n1. Combine flour, sugar and yeast. Add milk, eggs and butter; knead 8 minutes. Let rise until doubled, about 1 hour.\n2. Roll out, roll up, cut into 12. Arrange in a buttered 9x13-inch pan. Let stand 45 minutes, till puffy. Bake at 350°F for 25 minutes.\n3. Beat frosting ingredients. Spread over the rolls while they're warm.";
const YOGHURT =
  'gateau au yaourt (the pot is the measure!)\n125 g plain yoghurt\n200 g sugar\n200 g flour\n60 ml oil\n3 eggs\n1 sachet (11g) baking powder\nmix yoghurt + sugar + eggs, then flour w bp, then oil. buttered 22cm round tin. 180C 35-40 min.';
const COFFEE_CAKE =
  'Blueberry Streusel Coffee Cake\nServings: 12\n\nStreusel Topping\n1/2 cup flour\n1/3 cup brown sugar\n1/4 cup cold butter\n\nCake\n2 cups flour\n2 tsp baking powder\n1/2 cup butter\n3/4 cup sugar\n2 eggs\n1/2 cup milk\n1/2 cup sour cream\n2 cups blueberries\n\n1. Make the streusel: rub flour, sugar and butter. \n2. Beat butter and sugar. Beat in eggs. Add the flour, alternating with the milk and sour cream. Fold in berries.\n3. Spread in an 8-inch square pan, top with streusel, bake at 350F 45-50 minutes.';
const FLORENTINE =
  'FLORENTINE SLICE\n\nBase: 175g plain flour, 50g icing sugar, 125g cold butter\nTopping: 60g butter, 60g honey, 60ml cream, 100g flaked almonds\n\nBlitz base ingredients to crumbs, press into a lined 20x30cm tin, prick, chill 20 min. 180C fan 15-18 min till pale gold.\nTopping: boil butter, honey and cream 3 min, stir in the rest.\nSpread over the warm base, back in for 12-15 min until bubbling.\nCool completely in tin. Cut 24 fingers.';
const FRANGIPANE =
  'Pear tart (serves 10)\n\nPASTRY: 225 g plain flour, 110 g butter, 80 g icing sugar, 1 medium egg\nFRANGIPANE: 150 g butter, 150 g caster sugar, 2 eggs, 150 g ground almonds\n4 ripe pears\n\nRub butter into the flour, stir in the sugar, bind with the egg. Line a 26 cm fluted tin (loose-based), freeze 15 minutes.\nCream butter and sugar, eggs, almonds. Spread it in the case, pears on top. 35–40 minutes at 190 °C.';
const SCONES =
  'hi love, the scones you asked about -\n225g sr flour\npinch salt\n55g butter\n25g sugar\n150ml milk\nrub in, add sugar, milk in all at once\nonto floured board, pat out 2cm thick, 5cm cutter\n220 hot hot, 12-15m\nmakes abt 8';
const DOUGHNUTS =
  "DAD'S FRIED DOUGHNUTS  makes 14\n\n500g strong white flour\n60g caster sugar\n15g fresh yeast\n4 eggs\n150g water\n125g softened butter\nabout 2 l sunflower oil\n\nDAY 1 all but butter in mixer, 8 min medium. mix again, add butter a quarter at a time, 5 min. cover, prove till doubled. knock back, fridge o/night\nDAY 2 cut 50g pieces, roll tight balls. cover loosely, 4 hrs or till doubled\noil to 180C. 2 min each side, golden.";
const CHEESECAKE =
  'Ingredients\n1 1/2 cups graham cracker crumbs\n6 tablespoons butter, melted\n24 oz cream cheese\n1 cup sugar\n3 tbsp all purpose flour\n3 eggs\nDirections\nHeat oven to 325. Mix crumbs and butter; press in a 9" springform pan. Bake 10 minutes; cool.\nBeat cream cheese, sugar & flour, then eggs. Pour in crust. Bake 70 to 75 minutes. Chill at least 6 hours.\nLemon Cheesecake, 12 slices';
const FRUIT_CAKE =
  'Simnel-style Fruit Cake\n175g softened butter\n175g light muscovado sugar\n3 large eggs\n175g plain flour\n1/2 tsp baking powder\n350g mixed dried fruit\nzest of 1 orange and 1 lemon\n500g marzipan\n\nStep 1 – Preheat oven to 150°C. Line an 18cm deep round cake tin.\nStep 2 – Roll out one third of the marzipan to an 18cm circle.\nStep 3 – Cream the butter and sugar. Beat in the eggs. Sift in flour and baking powder, then fold in the fruit and zests.\nStep 4 – Spoon half into the tin, lay the marzipan on top, cover with the rest. Bake for 2 1/2 hours.';
const EVE =
  "Eve's pudding\n1 lb 8 oz cookers\n3 oz demerara\n3 oz marg\n3 oz caster\n1 egg, beaten\n5 oz SR flour\n\nSlice apples thinly into a 1½ pt ovenproof dish, demerara over. Cream marg + sugar. Egg in gradually. Fold in flour. Spread over apples. Mk 4, 40–45 min.";

const BASQUE =
  'Burnt cheesecake\nServes 10\n900 g full-fat cream cheese\n300 g sugar\n6 eggs\n450 ml double cream\n30 g plain flour\n\nOven 220°C (conventional). Line a 23 cm springform.\nBeat cheese and sugar, eggs one at a time, cream. Sift the flour over, mix.\nBake 60–65 min.';
const ROCKS =
  'Rock cakes\n[makes 10-12]\n8oz self raising flour\n4oz butter\n4oz sugar\n4oz mixed fruit\n1 egg\n\nRub fat into flour. Stir in sugar and fruit. Mix to a STIFF dough with egg. Rough heaps on greased tray. Gas 6 / 200 for 15-18 mins.';
const CHIFFON =
  'Chiffon, 17cm tube\nyolk batter: 4 yolks, 25 g sugar, 40 ml oil, 60 ml milk, 70 g cake flour, 1/2 tsp baking powder\nmeringue: 4 whites, 50 g sugar\n\n1 yolks + sugar, whisk pale. oil, milk in. sift flour+bp, whisk smooth\n2 meringue to firm peaks, sugar in 3 goes\n3 1/3 meringue in w whisk, rest w spatula\n4 into ungreased tube tin\n5 170C 32 min\n6 upside down at once till stone cold, 2h';
const CRUMBLE =
  'Apple crumble\nServes 6\nFor the fruit: 700g apples; 75g caster sugar; 1 tbsp water\nFor the crumble: 175g plain flour; 110g cold butter; 90g demerara sugar\n\nPreheat the oven to 190C.\nCut the apples into chunks, put in a pan with the sugar and water and cook gently, lid on, for 5 minutes until they start to soften. Tip into a 1.5 litre pie dish.\nRub the butter into the flour, stir in the sugar. Scatter over the fruit.\nBake for 35-40 minutes.';
const MAILED_PIE =
  'To: Priya\nSubject: Re: that pie!!\n\nHere you go - makes one 9" deep dish.\n\nCrust\n2.5 c flour\n2 sticks cold butter\n6-8 T ice water\n\nFilling\n7 big apples\n2/3 c sugar\n\nEgg wash + coarse sugar\n\nPulse flour, cut in butter, drizzle in water. 2 disks, wrap, fridge 1 hr min.\nPeel/slice apples, toss with the sugar.\nBottom crust in, apples, top crust, crimp, egg wash, sugar.\n425 for 20 min, drop to 375 and go 40-50 more.';
const POTATO_BARS =
  'SWEET POTATO bars\nCrust: 1 1/2 c. flour, 1/2 c. brown sugar, 1/2 c. butter\nFilling: 2 c. mashed sweet potatoes, 3/4 c. sugar, 1 can (12 oz.) evaporated milk, 2 eggs\n\nMix crust to crumbs; pat in greased 9 x 13. Bake 350°, 15 min. Beat filling smooth, pour over. Bake 20 min. more. Cool, cut in 24.';

const BAKEWELL =
  'Bakewell slices\nMakes 16\nShortbread\n200g plain flour\n50g caster sugar\n120g cold butter\n1 egg yolk\nTopping\n100g butter\n100g sugar\n2 eggs\n125g ground almonds\n25g plain flour\n\nLine a 20cm square tin. Blitz the flour, sugar and butter, then pulse in the egg yolk. Tip into the tin and press down firmly. Bake at 180C for 15-18 mins.\nBeat the butter and sugar, add the eggs, fold in the almonds and flour. Spread over the base. Bake for 25-30 mins more.';
const FRIANDS =
  'Friands\nMakes 12\n185g unsalted butter\n125g almond meal\n240g icing sugar mixture, sifted\n75g plain flour\n6 egg whites\n\nPreheat oven to 200°C. Grease a 12-hole friand pan.\nMelt butter in a saucepan. Cook for 4-5 minutes or until butter turns nut brown.\nCombine almond meal, icing sugar and flour. Whisk egg whites until frothy. Add with butter. Stir. Divide among pan holes.\nBake for 20-22 minutes.';
const IN_GRAMS =
  'choc chip cookie\n170 butter\n150 light brown + 75 white\n1 egg 1 yolk\n225 flour\n1/2 t bicarb\n200 chopped 70%\n\nbeat butter w sugars 2 min, eggs 1 more min\nflour bicarb in, barely mix\nchoc\n60g balls, tray, FRIDGE OVERNIGHT\n180c 11 min';
const PREPPED =
  'Carrot muffins\n180 g wholemeal flour\n1½ tsp baking powder\n2 eggs\n120 g Greek yoghurt\n70 ml olive oil\n80 g sugar\n200 g carrot\n\nMix wet. Whisk dry. Fold together, then the carrot.\nMuffin tin x 10, ¾ full. 175 fan – 22 min.\nFreeze well. Reheat 30 sec in the microwave.';
const GINGER =
  'Steamed Ginger Pudding (small, for 4)\nButter a 600 ml basin. 2 tbsp golden syrup in.\n100 g butter, 100 g light brown sugar, 2 eggs, 100 g self-raising flour, 2 tsp ground ginger, 1-2 tbsp milk. Cream butter/sugar, eggs in gradually, flour and ginger folded, milk to drop. Into the basin, pleated foil lid, string.\nSteam 1½ hours - water halfway, top up.';

const PANCAKES =
  'Thick pancakes\n200g SR flour\n1 tsp baking powder\n2 eggs\n300ml buttermilk\n30g melted butter\ndry in bowl. wet in jug. together, leave lumpy, sit 5 min\nmedium-low pan, knob butter. ladle. wait for bubbles (2 min), flip, 1 min.\nmakes 8-10';
const BUNS =
  'Hot Cross Buns\nMakes 15\n300ml milk\n500g strong white bread flour\n75g caster sugar\n7g sachet fast-action yeast\n1 egg\n\nWarm the milk. Put flour, sugar and yeast into a bowl. Add the milk and egg. Mix to a sticky dough.\nTip on to a lightly floured surface and knead for 5 mins until smooth and elastic. Cover and leave to rise for 1 hr.\nDivide into 15 pieces. Cover and set aside to prove for 1 hr more.\nBake at 220C for 20 mins.';
const BROWNIES =
  'brownies\n250 g dark chocolate\n200 g butter\n300 g sugar\n4 eggs\n100 g flour\n\nOven 170 fan. 20 x 30 tin. Melt chocolate + butter.\nEggs & sugar, whisk. Chocolate in. Sift flour over. Fold.\n22-25 min.\nCold completely before cutting, fridge overnight even better.';
const KUCHEN =
  '|**STREUSELKUCHEN**|26er Springform|\n|---|---|\n|300 g|Mehl|\n|150 g|Zucker|\n|150 g|Butter|\n|1|Ei|\n|500 g|Pflaumen|\n\nRub flour, sugar, butter and egg to crumbs. Press two thirds into the tin.\nFill with the plums, scatter over the remaining crumbs.\n180 °C, 45–50 min. Cool in the tin.';
const SHORTBREAD =
  "MRS. ABERNATHY'S SHORTBREAD. One pound butter, creamed. One cup sugar, gradually. Four cups flour and half a cup rice flour, with a teaspoon of salt. Work to a smooth dough. Pat half an inch thick into two nine-inch pans. Slow oven (300) for one hour. Cool in the pan.";
const COFFEE_WALNUT =
  'Coffee cake\n225g each of: softened butter, caster sugar, self-raising flour\n4 large eggs\n75g walnuts, chopped\n\n180°C / 160°C fan. Two greased, lined 20cm tins.\nBeat butter + sugar 5 min. Eggs one by one. Flour. Nuts.\nBetween the tins, 25–30 min. 10 min in tins → rack.';
const DELICIOUS =
  'Lemon Delicious\nServes 4\n60 g butter\n3/4 cup caster sugar\n1 lemon: grated zest and juice (about 1/4 cup)\n2 eggs, separated\n1/4 cup self-raising flour\n1 cup milk\n\nBeat butter, sugar and zest. Beat in yolks. Fold in the flour with milk and juice. Whisk the whites, fold through.\nPour into a greased ovenproof dish. Bake at 180°C 45 min; serve at once.';

const MINCE_PIES =
  'Mince Pies – 18 little ones\n350g plain flour\n225g cold butter\n100g golden caster sugar\n280g mincemeat\n1 small egg\n\nrub butter into flour, sugar, pinch salt. press together like shortbread - dont add liquid\nno rolling: walnut sized balls, press into holes of patty tins. spoon in mincemeat\nbeaten egg. 200/180fan/6, 20 min till golden.';
const OATIES =
  'OATIES\n4 oz S.R. flour, 4 oz sugar, 4 oz oats, 4 oz marg, 1 tbsp syrup, ½ tsp bicarb, 1 tbsp hot water\nMelt marg & syrup. Dissolve bic. in water, add — it froths!\nPour on dry. Balls size of walnut on greased trays. G.M. 3 20 mins';
const SCONE_MIX =
  'Scones\n450g self-raising flour\n75g butter\n50g caster sugar\n2 large eggs\nabout 225ml milk\n\nRub the butter into the flour, add the sugar.\nBeat the eggs together with the milk, then put about 2 tablespoons aside in a cup for glazing. Gradually add the egg mixture to the dry ingredients until you have a soft dough.\nTurn the dough on to a lightly floured surface, stamp out with a 5cm cutter. Bake at 220°C for 10-15 minutes.';
const KEY_LIME =
  'Key lime bars\ncrust\n190g graham crackers, crushed\n70g melted butter\n\nfilling\n2 x 14oz cans condensed milk\n180ml key lime juice\n6 yolks\n\n350F. crust in lined 8in square, 10 min.\nwhisk filling, wait 5 min it thickens by itself, onto crust, 15 min til just set\nfridge 4h+.';
const LEBKUCHEN =
  'Lebkuchen hearts\n\nHeat 250 g honey and 75 g butter until melted. Mix 450 g plain flour and 2 tsp baking powder. Beat an egg into the honey, then stir in the dry things. Wrap and leave at room temperature overnight.\n\nNext day roll 5 mm thick on flour, cut hearts, bake at 180 °C for 10–12 minutes.';
const IMPOSSIBLE =
  'Impossible coconut pie\n4 eggs\n1 3/4 c sugar\n1/2 c flour\n2 c milk\n1 1/2 c flaked coconut\n\nAll in the blender 30 sec. Greased 10" pie plate. 350 - 45 min, centre just set. Cool. Crust on bottom, coconut top. 8 pcs';

const LEMON_BARS =
  'lemon bars\nbase\n1 cup flour\n1/2 cup butter\n1/4 cup icing sugar\ntop\n2 eggs\n1 cup sugar\n2 tbsp flour\n3 tbsp lemon juice + zest of 1\n\nrub base together and pat into ungreased 8" sq pan\n350F 20 min\nbeat top stuff, pour on HOT base\n25 more min';
const ICEBOX =
  'FRIDGE COOKIES\n2 sticks butter\n1 c sugar\n1 egg\n3 c flour\n4oz butter/lard mixed\n\ncream, egg. dry. 2 logs. wrap in wax paper, refrig. overnight or freeze. slice 1/4". 375 8-10 min.';
const PARSNIP =
  'Parsnip cake\n250g parsnips, grated\n175g sugar\n175g butter\n3 eggs\n250g SR flour\nicing: 250g mascarpone + 3-4 tbsp maple syrup\n\nOven 160 fan. 30x20 tin. Melt butter, sugar. Whisk in eggs. Stir in flour. Then parsnip. 30-35 mins. Mix icing, spread.';
const SWOLLEN =
  'Pancakes\n250 g flour, 1/2 l milk, 4 eggs, pinch salt\n\nMix flour, salt and milk smooth, then the eggs. Let swell 30 min. Hot pan, a bit of fat, one ladle. When the top has set, turn, another minute.';

const PIZZELLE =
  'pizzelle\n6 eggs\n300 g sugar\n225 g butter, melted\n2 tsp anise extract\n420 g flour\n4 tsp baking powder\n\nbeat eggs + sugar till pale. stream in butter, anise. fold in flour + bp. rest 15 min\niron hot. rounded tbsp each. 40-50 sec till pale gold. cool flat on rack\nabt 50';
const BOILED_CAKE =
  "Dear Rosie,\nHere at last is Aunt Flo's Boiled Fruit Cake. Put in a large pan 1 lb mixed fruit, 6 oz brown sugar, 4 oz butter and half a pint of cold tea. Bring it to the boil and simmer for 5 minutes, then let it go completely cold. Stir in 2 beaten eggs and 10 oz self raising flour. Turn into a lined 8 inch round tin and bake at gas 3 for about 1½ hours.\nLove, Win";

const OF_THE_SUGAR =
  'Plum pudding\nserves 6\n500g plums\n50g + 125g golden caster\n125g soft butter\n2 eggs\n125g sr flour\n\nplums in buttered 1.5l dish, 50g of the sugar over\nbeat rest till smooth, spread on\n180 / 160fan 40ish mins';

const TATIN =
  'Tarte Tatin\nServes 6\n150g plain flour\n75g cold butter\n3-4 tbsp cold water\n6 dessert apples\n100g caster sugar\n\nRub the butter into the flour, add the water. Wrap, chill 30 min.\nMelt the sugar in a 24cm ovenproof frying pan. Pack the apples in. Roll the pastry to a round 2cm bigger than the pan, lay it over the apples. Bake at 200C for 30-35 minutes.';

describe('a page that was jotted down', () => {
  it.each<OnPaper>([
    [
      'what is ladled into an iron is baked there, and whipped whites wait for nothing',
      WAFFLES,
      {},
      [/^Griddle or pan, 4 to 5 minutes/m, /Let it sit while the iron gets hot/],
      [/^Oven/m, /bubbles burst/],
    ],
    [
      'a letter brings what it was asked for, and a good pound weighs as much',
      LETTER,
      {},
      [/^plum cake/m, /^4[5-9]\d g plums, halved and stoned/m],
      [/^Dearest/m],
    ],
    [
      'sugar to roll in is on the list, a short word ends no sentence, and how it looks belongs to its bake',
      CRINKLES,
      {},
      [/^gran\. sugar to roll in/m, /sprinkle ea\. w\/ 2-3 drops/, /10-12 min - set not hard/],
      [/^\d+\. gran/m, /^\d+\. w\//m, / -\./],
    ],
    [
      'a total that leaves out the chilling is none, and of three lemons two are grated',
      POSSET,
      {},
      [/^[345] hours/m, /zest of 2|zest of 2 lemons|lemon zest/],
      [/^1 hour 15/m, /Read as fruit juice/],
    ],
    [
      'a whole cake is as many slices, and a few more are no one more',
      LAYERS,
      {},
      [/^Makes 14 slices/m, /walnuts, toasted & chopped, \+ a few halves to decorate/],
      [/one 20 cm$/m],
    ],
    [
      'a dough without gluten is rolled and not stretched, whatever it is called',
      STRUDEL,
      {},
      [/roll it between two sheets of paper/, /with the paper/],
      [/stretch dough/, /Read as/],
    ],
    [
      "what is iced while it is warm isn't left to get cold",
      ROLLS,
      {},
      [/Leave them for 10 minutes/],
      [/then on a rack/],
    ],
    [
      'a name in small letters right above its list is one',
      YOGHURT,
      {},
      [/^gateau au yaourt/m],
      [/has no name/],
    ],
    [
      'a streusel makes no streusel of its cake',
      COFFEE_CAKE,
      {},
      [/xanthan gum for the cake/],
      [/streusel topping and cake, each/],
    ],
    [
      'the heat behind a wait is a heat of its own',
      FLORENTINE,
      {},
      [/^Oven 180 °C .*15 to 18 minutes.*then 12 to 15 minutes/m, /^Makes 24 fingers/m],
      [],
    ],
    ['a fluted tin is a tart’s', FRANGIPANE, {}, [/^In: 26 cm round tin/m], [/ring tin/]],
    [
      'a bare number before its minutes is the oven',
      SCONES,
      {},
      [/^Oven 220 °C .*12 to 15 minutes/m],
      [/^\d+\. Bake at/m],
    ],
    [
      'a dough is mixed by the minute, and rises where it is covered',
      DOUGHNUTS,
      {},
      [/^Fat at 180 °C .*4 minutes/m, /^[45] hours/m],
      [/Hot fat/, /Before it is baked/, /stand for 20 to 30/],
    ],
    ['a name may stand below all', CHEESECAKE, {}, [/^Lemon Cheesecake/m, /^Makes 12 slices/m], []],
    [
      'a step is numbered with a dash, both fruits are grated, and marzipan makes no dough',
      FRUIT_CAKE,
      {},
      [/^\d\. Preheat/m, /zest of 1 orange/, /1 lemon/, /Let the batter stand/],
      [/\d\. – /],
    ],
    ['an oven that is conventional has no fan', BASQUE, {}, [/^Oven 220 °C/m], [/with the fan/]],
    ['how many it makes may stand in brackets', ROCKS, {}, [/^Makes 10 to 12 pieces/m], []],
    [
      'steps that are counted without a stop are numbered once, and hanging upside down takes its time',
      CHIFFON,
      {},
      [/^\d\. meringue to firm peaks/m, /^\d\. 1\/3 meringue/m, /^2 hours \d\d minutes in all/m],
      [/^\d\. \d meringue/m],
    ],
    [
      'fruit that is softened in its pan is in no oven',
      CRUMBLE,
      {},
      [/^Oven 190 °C .*35 to 40 minutes/m],
      [/^Oven.*[ ,]5 minutes/m],
    ],
    [
      'what a pie is brushed with is on its list, and a mail is about its subject',
      MAILED_PIE,
      {},
      [/^that pie/m, /^egg wash/m, /^coarse sugar/m],
      [/^\d\. Egg wash/m, /^To:/m],
    ],
    [
      'crumbs that are patted in go into their tin at once, and a filling is no dough',
      POTATO_BARS,
      {},
      [/^In: 13 × 9 in oblong tin/m, /Beat filling smooth, pour over/, /minutes more\./],
      [/stand for/, /chill it/],
    ],
    [
      'what is tipped in and pressed down waits for nothing',
      BAKEWELL,
      {},
      [/then pulse in the egg yolk\.\n?(?:.*\n)?.*Tip into the tin/],
      [/stand for 20/],
    ],
    [
      'butter that is browned in its pan is in no oven',
      FRIANDS,
      {},
      [/^Oven 200 °C .*20 to 22 minutes/m],
      [/^Oven.* 4 to 5 minutes/m, /Read as/],
    ],
    [
      'who weighs everything writes no grams, and of egg and yolk both are there',
      IN_GRAMS,
      {},
      [/^150 g light brown sugar/m, /^75 g granulated sugar/m, /^1 egg \(/m, /^1 egg yolk/m, /200 g\)$/m],
      [/What is this/],
    ],
    [
      'a tin is filled as often as it says, and reheating is no bake',
      PREPPED,
      {},
      [/^In: 10 muffin cups/m],
      [/^Microwave/m],
    ],
    [
      'a list and its method in one paragraph are both there, once',
      GINGER,
      {},
      [/^\d\. Cream butter\/sugar/m, /Into the basin, pleated/],
      [/^\d\. 100 g butter/m],
    ],
    ['bubbles are waited for on the fire', PANCAKES, {}, [/^Griddle or pan, 3 minutes/m], []],
    ['what is beaten stays in its bowl', BUNS, {}, [/Beat for 3 to 5 minutes until smooth/], [/Tip on to/]],
    [
      'a night that would be better still is none that it takes',
      BROWNIES,
      {},
      [/^[12] hours? .*in all/m],
      [/^\d{1,2} hours .*in all/m],
    ],
    [
      'strokes of a table need no spaces',
      KUCHEN,
      {},
      [/^150 g granulated sugar/m, /^Oven 180 °C .*45 to 50/m],
      [],
    ],
    [
      'a card begins with its name, of which nothing is bought',
      SHORTBREAD,
      {},
      [/^MRS\. ABERNATHY'S SHORTBREAD/m],
      [/gluten-free biscuits/],
    ],
    [
      'one time ends a sentence and another begins one',
      COFFEE_WALNUT,
      {},
      [/^In: 2 × 20 cm round tins/m, /^Oven 180 °C .*25 to 30 minutes/m],
      [/^\d\. Bake at/m],
    ],
    [
      'a fruit behind a colon is grated and pressed, and what is served at once isn’t waited for',
      DELICIOUS,
      {},
      [/zest of 1 lemon/, /juice of 1 lemon/, /^1 hour.* in all/m],
      [/Read as/],
    ],
    [
      'a mark of gas behind a stroke is no minutes, and crumbs are a dough when they are pressed together',
      MINCE_PIES,
      {},
      [
        /^Oven 200 °C .*20 minutes/m,
        /press together like shortbread - dont add liquid\n\d\. Let the dough stand/,
      ],
      [/, 6 minutes/],
    ],
    [
      'G.M. is a mark of gas',
      OATIES,
      {},
      [/^Oven 1[67]\d °C .*20 minutes/m, /Pour on dry\. Cover the dough/],
      [/^\d\. Bake at/m],
    ],
    [
      'what is put aside in a cup is in no tin yet',
      SCONE_MIX,
      {},
      [/until you have a soft dough\.\n?(?:\d\. |.*)?Let the dough stand/],
      [/milk\. Let the dough/],
    ],
    [
      'what comes onto a crust is baked with it',
      KEY_LIME,
      {},
      [/^Oven 350 °F .*10 minutes.*then 15 minutes/m],
      [],
    ],
    [
      'what is rolled on flour is rolled on another',
      LEBKUCHEN,
      {},
      [/thick on (?:white )?rice flour/],
      [/on flour blend/],
    ],
    ['all in the blender is all', IMPOSSIBLE, {}, [/^Makes 8 pieces/m], [/to finish/, /^\d\. 8 pcs/m]],
    [
      'a zest behind its juice is of the same fruit',
      LEMON_BARS,
      {},
      [/zest of 1 lemon|1 lemon, zest|lemon zest/],
      [/citrus/],
    ],
    [
      'a cold that is shortened ends no sentence, and a stroke between two fats is a mix',
      ICEBOX,
      {},
      [/refrig\. overnight or freeze/, /lard/],
      [/Read as lard/],
    ],
    ['an icing on one line has its name and its weights', PARSNIP, {}, [/250 ?g mascarpone/], [/Read as/]],
    ['a batter that swells has waited', SWOLLEN, {}, [/Let swell 30 min/], [/stand for/]],
    [
      'what an iron bakes till it is golden is baked',
      PIZZELLE,
      {},
      [/stream in butter, anise/],
      [/^Oven/m, /^\d\. Bake at/m, /as well/],
    ],
    [
      'a letter brings its cake at the head',
      BOILED_CAKE,
      {},
      [
        /^Aunt Flo's Boiled Fruit Cake/m,
        /Stir in 2 beaten eggs and the flour blend\.?\n?(?:\d\. )?Let the batter stand/,
      ],
      [/Here at last/],
    ],
    ['some of the sugar is of the list', OF_THE_SUGAR, {}, [/golden caster/], [/the sugar$/m]],
    ['a frying pan that goes into the oven is what it is baked in', TATIN, {}, [/^In: 24 cm skillet/m], []],
    ['cookers are apples', EVE, {}, [/^1 lb 8 oz cookers \(680 g\)/m], [/What is this/]],
  ])('%s', readsOnPaper);
});
