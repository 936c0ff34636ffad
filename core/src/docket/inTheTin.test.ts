import { readsOnPaper, type OnPaper } from '../testingDockets';

/** Pages as they lie folded in a biscuit tin: letters that were answered, messages, cards, notes of a chef. */
const ANSWERED =
  '> From: aunt bea\n> Subject: the carrot cake\n>\n> Hi love, here it is as promised\n>\n> Carrot cake w/ cream cheese icing\n> 1 1/2 cups oil\n> 2 cups sugar\n> 4 eggs\n> 2 cups AP flour\n> 2 tsp baking soda\n> 2 tsp cinnamon\n> 1 tsp salt\n> 3 cups grated carrot (about 6)\n> 1 cup chopped pecans\n>\n> Beat oil sugar and eggs. Sift the dry stuff and stir it in. Fold in carrots and nuts. Two 9 inch pans, greased and floured. 350F 30-35 minutes.\n> Icing: 8 oz cream cheese, 1 stick butter, 1 lb powdered sugar, 2 tsp vanilla. Beat till smooth, frost when cold.\n>\n> love Bea xx';
const MUGS =
  'pancakes for 2 hungry ppl\n\nmug of s.r. flour\nmug of milk\n1 egg\nspoon of sugar\npinch salt\nbutter 4 frying\n\nwhisk it all up no lumps. leave it while the pan heats. butter in, ladlefuls, flip when theres bubbles on top. keep warm in a low oven. maple syrup obv';
const COFFEE_TRAYBAKE =
  "Coffee & Walnut Traybake\nPrep 20 mins | Cook 35 mins | Cuts into 15 - Ready in 1 hr\n\nYou'll need\n225g soft butter, plus extra for the tin\n225g light muscovado\n4 large eggs\n225g self-raising flour\n3 tbsp strong coffee (I use 2 tbsp instant in 3 tbsp boiling water), cooled\n100g walnuts, roughly chopped\n\nWhat to do\n1. Heat oven to 180C/160C fan/gas 4. Butter and line a 30 x 20cm traybake tin.\n2. Beat everything except the walnuts until smooth, then fold in the chopped nuts. Scrape into the tin.\n3. Bake 30-35 mins till risen and springy. Cool on a rack.";
const PAVLOVA =
  'Step 1\nPut 3 large egg whites into a very clean bowl & whisk to stiff peaks. Add 175g caster sugar a spoonful at a time until glossy.\nStep 2\nFold in 1 tsp cornflour and 1 tsp white wine vinegar.\nStep 3\nSpoon onto baking paper in a 20cm circle. Bake at 140C/120C fan for 1 hour. Turn the oven off and leave the pavlova in until cold.\nStep 4\nWhip 300ml double cream, pile on and top with 400g strawberries.\nPavlova, serves 8';
const SNICKERDOODLES =
  'Snickerdoodles!!\n\nCream 1 cup butter w/ 1 1/2 cups sugar til fluffy. Add 2 eggs, 1 tsp vanilla. In another bowl sift 2 3/4 c flour, 2 tsp cream of tartar, 1 tsp soda, 1/4 tsp salt. Mix dry into wet. Chill 30 min.\nRoll in walnut size balls then in cinnamon sugar (2 T sugar + 2 tsp cinnamon). 2" apart on ungreased sheet. 400 for 8-10 min. Edges set, middles soft! Makes abt 4 dz';
const SHORTCAKES =
  'Strawberry Shortcake Biscuits\nserves 6\n\n2 c flour | 1/4 c sugar | 1 T baking powder | 1/2 t salt | 1 stick cold butter, cubed | 2/3 c cold buttermilk | 1 egg\n1 qt strawberries, sliced | 3 T sugar\n\n1) Toss berries w 3 T sugar, set aside 1 hr\n2) 425F. Whisk dry; cut in butter till pea-size. Beat egg into buttermilk, stir in w/ fork.\n3) Pat 1" thick on floured board, cut 6 - 3" rounds. Bake 12-15 min';
const CHEFS_SPONGE =
  "Chef's base: vanilla sponge, 2 x 1/2 sheet\nEGGS whole 1.000 kg\nSUGAR caster 0.600 kg\nFLOUR soft 0.500 kg\nCORNSTARCH 0.100 kg\nBUTTER melted 0.120 kg\nVANILLA 10 g\nWarm eggs and sugar to 43 °C on bain-marie, whisk to ribbon 8-10 min on speed 3. Fold in sifted flour/starch in 3 additions, then butter. Divide between 2 lined half-sheet pans (46 x 33 cm). 200 °C, 10-12 min. Turn out onto paper, cool.";

const CRUMBLE =
  'apple crumble (2 ppl) !!!\n2-3 bramleys, tbsp sugar, bit of cinnamon\ntopping 100g plain flour 50g butter 50g demerara handful of oats\npeel chop apples chuck in dish w sugar cinnamon + splash water\nrub flour n butter, stir in sugar oats\ntop, 190 fan 30ish mins til bubbly. custard.';
const ROCK_BUNS =
  "Nan's rock buns\n\n225g SR, 110 marg, 110 caster, 110 mixed fruit, 1 egg, drop of milk, nutmeg\n\nrub in. bind stiff. 12 rough heaps on a greased tray. gas 6 15-20 mins";
const BAKLAVA =
  'Baklava\n\n1 pack filo (270g, 12 sheets)\n200g melted butter\n300g walnuts, chopped fine\n50g sugar\n\nSyrup: 250g sugar, 200ml water, squeeze of lemon\n\nLayer 6 sheets in a buttered 20x30 tin, each brushed with butter. Nuts mixed with sugar. 6 more sheets. Cut in diamonds BEFORE baking. 170C 40 mins till deep gold.\nMeanwhile simmer the syrup 10 mins, cool. Pour cold syrup on hot baklava.';
const TIRAMISU =
  'TIRAMISU (for 8)\n\nSavoiardi:\n4 eggs, separated\n120 g sugar\n120 g 00 flour\n\nCream:\n4 yolks\n100 g sugar\n500 g mascarpone\n300 ml strong espresso, cold\n\nSavoiardi: beat yolks with half the sugar till thick and pale. Whisk whites, add the remaining sugar till stiff. Fold together, sifting over the flour. Pipe 10 cm fingers on lined trays. Bake 12 min at 180 °C. Cool on the paper.\nCream: whisk yolks and sugar over simmering water until thick, cool, then fold in the mascarpone.\nAssemble: dip fingers in espresso, layer with cream twice in a 20x30 dish. Chill 6 h.';
const HEARTS =
  'Gingerbread hearts\n\n500 g honey\n125 g butter\n2 eggs\n500 g wheat flour\n10 g potash\n10 g hartshorn salt\n\nHeat honey and butter, let it get cold. Stir in eggs and flour. Knead in the potash and the hartshorn salt. Rest overnight. Roll out 1 cm thick, cut out hearts. Bake at 180 °C for 15 minutes.';
const PANCAKES =
  '**Blueberry Buttermilk Pancakes** *(from the back of the fridge)*\n\n| | US | Metric |\n|--|--|--|\n| all-purpose flour | 2 cups | 250 g |\n| sugar | 3 Tbsp | 38 g |\n| baking powder | 1½ tsp | 6 g |\n| buttermilk | 2¼ cups | 540 ml |\n| eggs | 2 | 2 |\n| melted butter | ¼ cup | 57 g |\n\nWhisk dry. Whisk wet. Combine. Rest 10 min. Griddle, ¼-cup scoops, 2–3 min then flip, 1–2 min more. ~16 pancakes.';
const WITH_A_TIP =
  "Mini sandwich cakes\n\n175g butter\n175g caster sugar\n3 eggs\n175g self-raising flour\n\nMethod\n1 Preheat the oven to 190°C.\n2 Cream the butter and sugar. Add the eggs. Fold in the flour.\n3 Divide between 12 muffin cases. Bake for 15–18 minutes. Cool.\n\nCOOK'S TIP\nFor lemon ones, add zest of 1 lemon and fill with lemon curd.";

const BLIND_TWICE =
  'Treacle tart\n\n250 g plain flour\n130 g cold butter\n2 tbsp cold water\n450 g golden syrup\n1 egg, beaten\n\nRub butter into flour, add water. Chill 30 min.\nRoll out, line a 23 cm tart tin. Oven 190 C.\nLine with baking paper & beans, bake blind 15 min, remove paper & beans, 5 min more until pale gold. Reduce oven to 160 C.\nWarm syrup, stir in egg. Pour into case.\nBake 30–35 min.';

describe('a page out of the tin', () => {
  it.each<OnPaper>([
    [
      'with the marks of an answer before every line',
      ANSWERED,
      {},
      [/^Carrot cake w\/ cream cheese icing$/m, /^4 eggs \(200 g\)$/m, /^99 g white rice flour/m],
      [/^>/m, /can’t be placed/],
    ],
    [
      'by the mug and the spoon, with 4 for “for”',
      MUGS,
      {},
      [
        /^mug of milk \(300 g\)$/m,
        /^spoon of sugar \(12\.5 g\)$/m,
        /^butter 4 frying$/m,
        /tsp baking powder/,
      ],
      [/455 g/],
    ],
    [
      'that says how somebody makes coffee, and how long it takes behind how many',
      COFFEE_TRAYBAKE,
      {},
      [/^Makes 15 slices$/m, /strong coffee/],
      [/water/],
    ],
    [
      'whose name stands at its end, before how many',
      PAVLOVA,
      {},
      [/^Pavlova$/m, /^Serves 8$/m],
      [/no name/],
    ],
    [
      'that says behind the bake how it looks then',
      SNICKERDOODLES,
      {},
      [/400 for 8-10 min\. Edges set, middles soft\. Leave them on the tray/],
      [/^\d+\. Makes/m],
    ],
    ['of biscuits that are scones', SHORTCAKES, {}, [/^scone or biscuit/m], []],
    [
      'under a name with what it is baked in',
      CHEFS_SPONGE,
      {},
      [/^Chef's base: vanilla sponge/],
      [/can’t go out/],
    ],
    [
      'that is a card, and says so',
      PAVLOVA.replace('Pavlova, serves 8', '').replace('Step 1', 'Recipe card — Summer pavlova\nStep 1'),
      {},
      [/^Summer pavlova$/m],
      [],
    ],
    ['whose list runs on into a handful', CRUMBLE, {}, [/oats/], []],
    [
      'in numbers alone, with a drop of milk',
      ROCK_BUNS,
      {},
      [/^Makes 12 pieces$/m, /^(?:drop|splash) of milk \(8 g\)$/m],
      [/Read as milk/],
    ],
    ['that layers six sheets in one tin', BAKLAVA, {}, [/^In: 30 × 20 cm oblong tin$/m], []],
    [
      'of fingers piped on trays, and laid in a dish when they are baked',
      TIRAMISU,
      {},
      [/lined trays/],
      [/^In:/m],
    ],
    ['raised by hartshorn, which is no table salt', HEARTS, {}, [/^10 g hartshorn salt$/m], [/Read as salt/]],
    [
      'with stars around its name, and how many at its end',
      PANCAKES,
      {},
      [/^Blueberry Buttermilk Pancakes$/m, /^Makes 16 pancakes$/m],
      [],
    ],
    ['with a tip that nobody does tonight', WITH_A_TIP, {}, [/^Makes 12/m], [/lemon/]],
    [
      'that bakes blind, and five minutes more without the beans',
      BLIND_TWICE,
      {},
      [/15 minutes \(blind\), then 5 minutes$/m, /^Oven 160 °C .*, 30 to 35 minutes/m],
      [],
    ],
  ])('%s', readsOnPaper);
});
