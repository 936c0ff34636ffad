import { readsOnPaper, type OnPaper } from '../testingDockets';

/* Pages out of a drawer: parts named in their lists' lines, bread that is counted, what goes back into the oven. */

const ROLLS =
  "Grandma's apple bake\nserves 4 hungry ones\n\n4 old rolls (200 g)\n2 tart apples\n50 g raisins\n250 ml milk, 2 eggs, 40 g sugar, cinnamon\n\nSlice rolls and apples thin. Layer in a buttered dish with raisins, rolls last. Whisk milk, eggs, sugar, cinnamon; pour over; soak 20 min. 180 °C 35–40 min until brown on top.";
const TRAY_BAKE =
  'Cherry streusel\n\nDough (yeast): 375g flour, 1/2 cube fresh yeast (21g), 60g sugar, 1 egg, 60g butter soft, 180ml lukewarm milk, pinch salt\nOn top: 1kg sour cherries\nStreusel: 250g flour, 150g butter, 125g sugar\n\nMake a dough, knead, leave until doubled (45 min). Rub streusel to crumbs.\nRoll dough on a greased tray (30x40), cherries on it, streusel over it.\nBake 200° 30 min.';
const TREACLE_TART =
  'Treacle tart   (8 slices)\nPASTRY 225g plain flour, 110g butter, pinch salt, cold water\nFILLING 450g golden syrup, 150g fresh white breadcrumbs, 1 egg, 3 tbsp double cream\n\nRub fat into flour + salt. Water to bind. Chill 30 mins. Roll, line 23cm tin. Blind bake 190C 15 mins.\nWarm the syrup, mix in all else. Pour in. 160C 30-35 mins.';
const BEIGNETS =
  'Mini Beignets\nDough: 1 packet active dry yeast, 3/4 cup warm water, 1/4 cup sugar, 1 egg, 1/2 cup evaporated milk, 3 3/4 cups bread flour, 3 Tbsp shortening, 1/2 tsp salt\n\n1. Foam the yeast in the water with a pinch of the sugar, 10 min.\n2. Beat in remaining sugar, egg, milk, salt and half the flour. Add shortening, then rest of flour. Chill covered at least 4 hours.\n3. Roll 1/4 in. thick; cut 2-in squares.\n4. Heat 3 in. of oil to 360 F. Fry 5 or 6 at a time, 1 1/2 min a side.';
const PANCAKES =
  'Banana pancakes\n\n1 ripe banana\n1 egg\n100g plain flour\n1 1/2 tsp baking powder\n120ml milk\n\nmash the banana, beat in egg + milk. whisk in flour, bp. leave it 5. hot pan, 2 tbsp each, flip when bubbles stay open (2 mins) then 1 more min. keep warm in low oven';
const ECLAIRS =
  'Chocolate Éclairs\n\nChoux pastry: 60g butter · 150ml water · 75g plain flour, sifted · 2 eggs, beaten\nFilling: 300ml double cream\n\nOven 220C/200C fan. Line 2 trays.\nHeat butter and water to a rolling boil, tip in flour all at once, beat till it leaves the sides. Add egg a bit at a time.\nPipe with a 1cm nozzle in 7.5cm lengths - about 12. Bake 10 minutes, down to 190/170 for another 20 until dark golden. Slit each, back for 5 mins to dry. Rack.\nWhip cream, fill.';
const SCONES =
  "3-INGREDIENT SCONES\n\n3 cups SR flour\n1 cup cream\n1 cup lemonade\n+ jam and cream 2 serve\n\nOven 220. Combine, don't over mix!! Floured bench, pat 2.5cm, cut 5cm rounds, on tray touching. Brush w milk. 15 mins til golden.";
const MADELEINES =
  'Honey Madeleines\n\n| Ingredient | Metric | US |\n|---|---|---|\n| Eggs | 3 | 3 |\n| Sugar | 110 g | ½ cup + 1 Tbsp |\n| Lemon zest | 1 lemon | 1 lemon |\n| Flour (plain) | 130 g | 1 cup |\n| Baking powder | 4 g | 1 tsp |\n| Butter, melted | 125 g | 9 Tbsp |\n\n- Whisk eggs and sugar until thick. Add zest.\n- Sift flour and baking powder over and fold in. Fold in butter. Refrigerate 2 h.\n- Heat oven to 200 °C. Butter and flour the moulds. Bake 9 min.';
const HALWA =
  'Carrot cake\n\n1½ cups plain flour\n1½ tsp baking powder\n½ tsp baking soda\n¾ cup neutral oil\n1 cup sugar\n3 eggs\n½ cup yoghurt\n2 cups finely grated carrot\n\nOven at 175C. 22 cm springform, lined. Whisk dry; whisk wet. Fold together with carrot. Bake for 45-50 minutes.';
const CUSTARD_CAKE =
  'Rhubarb & custard cake\n\n250g pack butter, softened\n150g pot ready-made custard\n250g self-raising flour\n4 large eggs\n250g golden caster sugar\n\nBeat it all together. Spoon into a 23cm tin. Bake at 180C for 40 mins.';
const GINGER =
  'Re: the ginger one you liked\n\n225g plain flour, heaped tsp bicarb, tbsp ground ginger, tsp cinnamon all sifted in a bowl. Rub in 115g butter. Melt 115g treacle with 115g golden syrup, and heat 275ml milk with 115g dark musc sugar. Whisk in the milk, the treacle then an egg. Into a lined 2lb loaf tin, 180 (160 fan) 45-50 mins.';
const POUND =
  'Step 1\nPreheat oven to 325 degrees F. Grease and flour a 10 inch tube pan.\nStep 2\nCream 1 cup shortening with 3 cups white sugar. Add 6 eggs, one at a time.\nStep 3\nMix in 3 cups all-purpose flour, 1/4 teaspoon baking soda alternately with 1 cup sour cream.\nStep 4\nBake 1 hour 15 minutes.\n\nIngredients\n1 cup shortening\n3 cups white sugar\n6 eggs\n3 cups all-purpose flour\n1/4 teaspoon baking soda\n1 cup sour cream\n\nSour Cream Pound Cake\nRated 4.7 · 16 servings';
const SEED =
  "Q: My mother's seed cake came from a newspaper and I've lost it. Can you help?\n\nA: Try this. You need 6 oz butter, 6 oz caster sugar, 3 eggs, 8 oz plain flour sifted with 1½ level teaspoons baking powder, 3 level teaspoons caraway seeds, and about 2 tablespoons milk.\n\nCream the butter and sugar. Add the eggs by degrees. Fold in the flour and the seeds, and enough milk to give a dropping consistency. Turn into a lined 7-inch round tin, and bake at 180°C for an hour.";
const MINCE_PIES =
  'Frangipane mince pies\n\nPastry\n200g plain flour\n125g unsalted butter\n1 large egg\nFilling\n250g mincemeat\n\nRub the butter into the flour, bind with the egg, chill an hour. Roll out. Stamp out 18 rounds using a fluted pastry cutter. Use to line shallow bun tins. Fill. Bake at 200C for 12-15 mins.';
const FETE =
  'LEMON DRIZZLE TRAYBAKE\none batch:\n225g butter, v soft\n225g caster\n275g SR\n2 tsp b.p.\n4 eggs\n2 lemons grated rind\n\nall in one bowl, beat 2 mins\n30x23 traybake tin, lined\n160 fan 35-40 mins\n30 squares';
const TORTE =
  'OLIVE OIL TORTE\nReady in 1h 10  /  10 portions\n\nolive oil ............ 200 ml\neggs ................. 3\nsugar ................ 200 g\nplain flour .......... 230 g\nbaking powder ........ 2 tsp\nlemon zest ........... 1 lemon\n\nBeat eggs & sugar 3 minutes. Stream in oil. Fold in dry things and zest.\nTin: 23 cm, lined. Oven: 180 °C. Time: 45 min.';
const CLAFOUTIS =
  'Clafoutis aux cerises\n\nFor a 26 cm dish:\n500 g black cherries\n3 eggs\n100 g sugar\n80 g flour\n250 ml whole milk\n\nHeat the oven to 180°C. Butter the dish. Put in the cherries. Beat eggs and sugar, add the flour, then the milk. Pour over. 40 minutes.';
const COLUMNS =
  "WHOOPIE PIES\n\n3/4 cup butter             FILLING\n1 1/2 c sugar               1 jar (7 oz) marshmallow creme\n2 eggs                   1 c confectioners' sugar\n3 c flour                1 t vanilla\n1 c cocoa\n1 1/2 c buttermilk\n\nCream butter & sugar, eggs 1 at a time. Combine dry, add with the buttermilk. Drop by Tbs. 375 / 10-12 min. Beat the filling. Sandwich.";
const SCONES_8 =
  'Cheese Scones (8)\n225g self raising\n50g butter\n120g extra mature cheddar, grated (save a handful)\n90-100ml milk\n\n220C fan 200. Rub fat in. Stir in cheese. Milk to a soft dough. Pat to 2cm, 7cm cutter. 15-20 mins.';

const DEGREES =
  'Lemon syrup cake\n\nwet: 200 ml yogurt / 150 ml oil / 3 eggs / 180 g sugar\ndry: 250 g fine semolina / 60 g plain flour / 2 tsp baking powder\n\nwhisk wet. stir dry in. square 23 tin. 175 deg 35–40. cool 10 min.';
const LOAVES =
  'Zucchini bread\n2 LOAVES\n\n3 eggs\n1 c. oil\n2 c. sugar\n2 c. grated zucchini\n3 c. flour\n1 tsp. soda\n1/4 tsp. bkg powder\n\nBeat eggs; add oil, sugar, zucchini. Add dry ingr. Pour in 2 greased and floured 9x5x3 pans. 325 1 hr. Cool on rack.';
const BUNS =
  'Cardamom Buns\nMakes 14\n\n300ml whole milk\n80g unsalted butter\n500g strong white bread flour\n80g caster sugar\n7g fast-action dried yeast\n\nWarm the milk with the butter. Mix flour, sugar and yeast. Add the milk and bring together. Knead for 10 mins until smooth and stretchy. Cover; leave to double, about 1 hour.\nRoll the dough to 35 x 50cm. Cut into 14 strips, twist each and tie in a knot. Set on lined trays, cover, prove 30-40 mins. Bake at 200C for 15-18 mins.';
const SOOJI =
  'Nankhatai\n1 cup maida, half cup besan, quarter cup sooji\nghee half cup, powdered sugar 3/4 cup\n\nBeat ghee and sugar till fluffy. Add the rest. Balls on a tray. 170C 15-18 min.';
const OLD_BOOK =
  'A PLAIN CURRANT CAKE\n\nTake of fine flour one pound and a half, of butter half a pound, of loaf sugar six ounces, two eggs, a gill of milk, a teaspoonful of carbonate of soda, and a pound of currants.\n\nRub the butter in the flour, mix all the dry things well, beat the eggs with the milk and stir all together. Bake in a buttered tin in a moderate oven for two hours.';
const HOLES =
  'Cinnamon Doughnut Holes\n\n2 1/4 tsp instant yeast\n3/4 cup warm milk\n1/4 cup sugar\n1 egg\n2 1/2 cups flour\noil, 2 qts\n\nMix all dough ing., knead 5 min. rise 1 hr. pinch off walnut size balls, rest 20 min.\nOil to 350F. fry 1-2 min. drain.';
const MARBLE =
  'Marble loaf\n\n**Batter** 200 g butter · 200 g caster sugar · 4 eggs · 200 g plain flour · 2 tsp baking powder\n**Light** zest of 1 orange · 2 tbsp milk\n**Dark** 25 g cocoa · 3 tbsp boiling water\n\nCream butter + sugar. Eggs. Fold in flour, bp. Halve. Light things into one, dark into the other. 900 g loaf tin. 180C 55 min.';
const SKILLET =
  'Peach Upside-Down Cake\n\n4 tablespoons unsalted butter\n2/3 cup light brown sugar\n3 ripe peaches\n1 1/3 cups all-purpose flour\n1 1/2 teaspoons baking powder\n6 tablespoons unsalted butter, softened\n3/4 cup granulated sugar\n2 large eggs\n1/2 cup whole milk\n\nHeat the oven to 350 degrees. Melt the 4 tablespoons butter in a 10-inch ovenproof skillet over medium heat; stir in the brown sugar and cook until bubbling, about 2 minutes. Off the heat, arrange the peaches.\nBeat butter and sugar, then the eggs. Add flour, baking powder and milk. Spread over the peaches. Bake 40 to 45 minutes.';
const CROSSES =
  'Hot cross buns\n\n300ml full-fat milk\n50g butter\n500g strong bread flour\n75g caster sugar\n7g sachet easy-blend yeast\n1 egg, beaten\nCROSS: 75g plain flour, plus extra for dusting\nGLAZE: 3 tbsp apricot jam\n\nMix the dough, knead 5 mins. Rise 1 hr. Divide in 15. Cover, 1 hr more. Mix flour + water to thick paste, pipe crosses. Bake at 220C 20 mins. Warm jam, brush over.';
const STICKY =
  'Sticky toffee pudding\n\n225g medjool dates\n175ml boiling water\n175g self-raising flour\n2 eggs\n85g butter\n140g demerara sugar\n100ml milk\n\nPour the water over the dates. Butter and flour seven mini pudding tins. Beat butter and sugar, add eggs, flour, milk and dates. Spoon into the tins and bake for 20-25 mins at 180C. Pour sauce into serving dishes. When ready to serve, heat through for 15-20 mins at 180C.';

describe('pages from a drawer', () => {
  it.each<OnPaper>([
    [
      'old rolls are bread, and gone from the steps',
      ROLLS,
      {},
      [/^200 g gluten-free bread/m, /Slice gluten-free bread and apples/],
      [/\brolls\b/i],
    ],
    [
      'what a part is stands in brackets before its list',
      TRAY_BAKE,
      {},
      [/^Dough$/m, /^1\/2 cube fresh yeast \(21g\)/m, /^Streusel$/m],
      [/\(yeast\)/],
    ],
    [
      'a part’s name leads its list',
      TREACLE_TART,
      {},
      [/^Treacle tart$/m, /^PASTRY$/m, /^110g butter$/m, /^FILLING$/m],
      [/gluten-free pastry/, /What is this/],
    ],
    ['yeast that wakes is in no fat', BEIGNETS, {}, [/^Fat at 360 °F.*3 minutes/m, /^4 hours/m], [/Hot fat/]],
    [
      'kept warm in the oven isn’t baked there',
      PANCAKES,
      {},
      [/^Griddle or pan, 3 minutes/m, /leave it 20 to 30 minutes/],
      [/^Oven/m, /Let the batter stand/],
    ],
    ['slit and back to dry', ECLAIRS, {}, [/^Makes 12 pieces/m, /^Oven 190 °C.*then 5 minutes/m], []],
    [
      'a dough rests before it is cut and brushed',
      SCONES,
      {},
      [/stand for 15 to 20 minutes.*[Pp]at 2\.5cm/, /^jam$/m],
      [/2 jam/],
    ],
    [
      'a column in grams with °C is metric',
      MADELEINES,
      {},
      [/^Oven 200 °C/m, /^zest of 1 lemon/m],
      [/Read as citrus/],
    ],
    ['cups with °C and cm alone are no American’s', HALWA, {}, [/^In: 22 cm/m, /^Oven 175 °C/m], []],
    ['a pot of custard stays one', CUSTARD_CAKE, {}, [/^150g pot ready-made custard/m], [/175 g/]],
    [
      'a spoon without a number is one',
      GINGER,
      {},
      [/^1½ tsp bicarbonate of soda/m, /^1 tbsp ground ginger/m, /^115 g dark muscovado sugar/m],
      [],
    ],
    ['a name below its steps', POUND, {}, [/^Sour Cream Pound Cake$/m, /^Serves 16$/m], [/^Step 1$/m]],
    ['a cake that is spoken of', SEED, {}, [/^Seed cake$/m], [/has no name/]],
    ['rounds that are stamped out', MINCE_PIES, {}, [/^Makes 18 pieces/m, /^In: 18 /m], []],
    ['a batch is no yield', FETE, {}, [/^Makes 30 squares/m], [/1 batch/, /Read as citrus/]],
    ['portions beside a time', TORTE, {}, [/^Serves 10$/m, /^zest of 1 lemon/m], []],
    ['a list for a dish', CLAFOUTIS, {}, [/^In: 26 cm/m], [/^26 cm dish$/m]],
    ['a heading beside a list', COLUMNS, {}, [/^3\/4 cup butter/m], [/butter FILLING/]],
    ['mature cheddar is cheddar', SCONES_8, {}, [/cheddar, grated/], [/Read as/]],
    [
      'degrees in letters, and a square without cm',
      DEGREES,
      {},
      [/^In: 23 cm square tin/m, /^Oven 175 °C.*35 to 40/m],
      [/about 42 minutes/],
    ],
    ['an hour behind a bare heat', LOAVES, {}, [/^Oven 325 °F.*60 minutes/m], [/What is this/, /37 to 58/]],
    [
      'a dough that is left to double waits once',
      BUNS,
      {},
      [/until smooth\. Cover\. Leave it for 20 minutes/],
      [/smooth and smooth/, /leave to double/],
    ],
    [
      'quarter of a cup is one more thing',
      SOOJI,
      {},
      [/^half cup besan/m, /^\d+ g ground rice/m, /ghee/],
      [/sooji/],
    ],
    [
      'an old book measures behind the name',
      OLD_BOOK,
      {},
      [/^225 g butter/m, /^455 g currants/m, /milk/],
      [/^white rice flour$/m],
    ],
    ['a deed behind a rise stays', HOLES, {}, [/pinch off walnut size balls/], []],
    ['parts in bold', MARBLE, {}, [/^Dark$/m, /^zest of 1 orange/m], [/Light zest/]],
    [
      'a caramel on the hob is in no oven',
      SKILLET,
      {},
      [/^Oven 350 °F \(175 °C\), 40 to 45 minutes/m],
      [/2 minutes, then/],
    ],
    ['one flour in capitals is a part', CROSSES, {}, [/^CROSS$/m, /for the cross/], []],
    [
      'heated again on another day',
      STICKY,
      {},
      [/^In: 7 /m, /^Oven 180 °C.*20 to 25 minutes(?!.*then)/m],
      [],
    ],
  ])('%s', readsOnPaper);
});
