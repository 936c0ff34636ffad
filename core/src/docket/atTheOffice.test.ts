import { readsOnPaper, type OnPaper } from '../testingDockets';

/** Formulas, books of a parish, photographed slips, recipes from abroad. */
const BY_SHARES =
  "Formula: pain d'épices, baker's %\nRye flour T130 50 %\nWheat flour T55 50 %\nHoney 80 %\nWhole milk 50 %\nEggs 20 %\nBaking soda 2.5 %\nTotal flour 400 g\nWarm honey & milk to 60 °C. Mix in flours, soda; add eggs. Rest batter 12 h in fridge. Loaf tin 25 cm, 160 °C 55 min.";
const PARISH =
  'Hummingbird Cake            Mrs. R. Dell\n\n3 c. all-purpose flour      1 tsp. soda\n2 c. sugar                  1 tsp. salt\n1 tsp. cinnamon             3 eggs, beaten\n1 c. vegetable oil          1 1/2 tsp. vanilla\n\nCombine dry ingredients in a large mixing bowl; add eggs and oil, stirring until dry ingredients are moistened. Spoon batter into 3 greased and floured 9-inch round cake pans. Bake at 350 degrees for 25 to 30 minutes.';
const SLIP =
  'Sorry for the photo quality lol here\'s what it says\n\n"Choc fudge pudding (self saucing)\n1 cup SR flour, 2 tblspn cocoa, 1/2 cup caster sugar, 1/2 cup milk, 60g butter melted\nTopping 3/4 cup brown sugar, 2 tblspn cocoa, 1 3/4 cups boiling water\nSift flour & cocoa, stir in sugar, milk, butter. Spread in greased 6 cup dish. Sprinkle w combined brown sugar and cocoa. Pour boiling water gently over back of spoon. 180 for 40 min. Serves 4-6"';
const BERLINER =
  'Jam doughnuts (Berliner)\nfür 12 → translated\n\n500 g flour (type 405), 30 g fresh yeast, 60 g sugar, 250 ml lukewarm milk, 60 g soft butter, 2 egg yolks, 1 egg, 1 tsp salt\n1 l frying oil\n200 g jam\n\nCrumble the yeast into the milk with 1 tsp of the sugar, 10 min. Knead everything to a smooth dough, at least 8 min. Cover, let rise 45 min.\nRoll out 2 cm thick, cut circles of 8 cm, cover & let rise 30 min on floured cloth.\nHeat the oil to 170 °C. Fry 3 at a time, 2–3 min per side. Drain, fill with jam.';
const MADELEINES =
  'Brown butter madeleines\n\nPreparation: 15 min + 1 h rest — Baking: 10 min — 18 pieces\n\n100 g butter\n2 eggs\n80 g sugar\n100 g flour (T55)\n4 g baking powder\n\n1. Melt the butter and let it brown lightly; set aside.\n2. Whisk eggs and sugar until pale. Add flour, baking powder, then the butter. Rest 1 h in the fridge.\n3. Oven 220 °C. Butter and flour the moulds. Fill to ¾.\n4. Bake 4 min, lower to 180 °C, 5–6 min more. Unmould immediately onto a rack.';
const COBBLER =
  'Blackberry & apple cobbler\n\n600 g apples, 300 g blackberries, 80 g sugar, 1 tbsp cornflour\n\ntopping:\n180 g self-raising flour\n60 g cold butter\n50 g sugar\n120 ml yoghurt\n\nfruit, sugar, cornflour in a 2 litre dish, 15 min at 190 °C while you make the topping. rub butter into flour, sugar in, yoghurt, stir with a knife to a soft dough. dollop 8 blobs over hot fruit, back in 25–30 min till golden and bubbling. let stand 10 min.';
const SAVARIN =
  'Savarin (6 pers.)\n250 g flour | 10 g fresh yeast | 3 eggs | 15 g sugar | 5 g salt | 5 cl milk | 80 g butter, soft\n\nDissolve the yeast in warm milk. In the mixer with flour, sugar, salt, eggs: 10 min. Add butter bit by bit. Cover, 1 h. Fill a buttered 22 cm savarin mould to half, let rise to the rim (45 min). Bake 25 min at 180°C. Unmould, cool.';

const STREUSEL_MUFFINS =
  'Rhubarb muffins\n\n250 g all-purpose flour\n2 teaspoons baking powder\n150 g sugar\n1 egg\n240 g yogurt\n80 ml oil\n\nPreheat the oven to 400°F. Line a muffin tin with papers.\nWhisk flour, baking powder and sugar. Add egg, yogurt and oil. Stir until just combined (do NOT overmix).\nBake for 15-18 minutes.';
const CHESS_PIE =
  "Mamaw's chess pie\n\n1 unbaked pie shell\n2 c sugar\n2 Tbs cornmeal\n1 Tbs flour\n1/2 c butter melted\n1/4 c milk\n4 eggs\n\nmix sugar cornmeal flour. add butter milk, then eggs. pour in shell. 425 10 min then 350 30-35 (shield crust). cool completly.";
const TWO_WAYS =
  'Stem ginger shortbread, 2 ways\n\n175 g butter\n75 g caster sugar\n175 g plain flour\n75 g semolina\n\nBeat the butter and sugar. Sift in flour and semolina. Press into a 20cm tin, prick all over, mark into 8. Chill 30 minutes.\n150°C / gas 2 for an hour. Cool in tin, cut along the marks.';
const KIPFERL =
  'Vanilla Kipferl – makes about 60\n\n280 g flour\n210 g cold butter\n100 g ground walnuts\n70 g icing sugar\n2 egg yolks\n\nKnead everything into a dough, rest in the fridge for 1 hr. Shape into little crescents. Bake at 175 °C fan-less for about 12-15 mins. Roll in sugar.';
const DUTCH_BABY =
  'Dutch baby!\n\n3 eggs\n1/2 c milk\n1/2 c flour\n1/4 stick butter\n\n450 w/ 10" cast iron in it. Blender everything xcept butter. Butter in hot pan, swirl, batter in. 18-20 min DON\'T open the door. eat fast';
const NO_CRACKERS =
  "Sourdough discard crackers / cheese straws?? no — CHEESE SCONES\n\nMary: 225g self raising, 50g butter, 100g mature cheddar, 1 egg made up to 150ml with milk\nOven 220, greased sheet\nRub in, cheese in (save a bit), liquid - soft dough, don't fuss\nPat 2.5cm, cut with 6cm cutter (8)\n12-15 mins";
const BISCUITS =
  'DIGESTIVE-STYLE BISCUITS x 20ish\n\n200g wholemeal flour\n50g light brown sugar\n100g cold butter\n2 tbsp milk\n\nRub. Milk. Knead lightly, rest 15 min in fridge. Roll 4mm, 6.5cm cutter. 190C, 12-15 mins.';

const SHORT_HANDS =
  'LEMON POPPY LOAF - adapted for my 8" tin (the old one was 9")\n\ndry: 1 1/2 c AP, 2 tsp bp, 1/2 t salt, 2 Tbsp poppy\nwet: 1 c sugar, 3 eggs, 1/2 c oil, 1/2 c buttermilk\nglaze: 3/4 c PS + lemon juice\n\nwhisk wet. dry in, don\'t overmix. 350, 50-55 min. glaze when cool';
const ROULADE =
  'Chocolate roulade (flourless)\n\n175g dark chocolate\n6 eggs, separated\n175g caster sugar\n2 tbsp cocoa\n\nLine a 33 x 23cm tin. Heat oven to 180C. Melt chocolate. Whisk yolks and sugar until pale, stir in chocolate. Whisk the whites to stiff peaks, fold in, then sift over the cocoa and fold. Bake 20 mins.';
const IN_GERMAN =
  'Omas Streuselkuchen\n\nHefeteig: 500 g Mehl, 1 Würfel Hefe (42 g), 250 ml Milch, 80 g Zucker, 80 g Butter, 1 Ei\nStreusel: 300 g Mehl, 200 g Butter, 200 g Zucker\n\nAus den Zutaten einen Hefeteig bereiten, 45 Min. gehen lassen. Auf ein gefettetes Blech rollen, nochmals 15 Min. gehen lassen.\nStreusel kneten, darüber krümeln. Bei 180 Grad 25-30 Minuten backen.';
const CRACKLE_TOPS =
  'Ginger biscuits\n\n4 oz marg\n1 tbs golden syrup\n12 oz SR flour\n8 oz sugar\n1 egg\n\nMelt marg & syrup. Add the rest, mix. Walnut size balls on greased trays. 325F, 15–20 mins till they crack. Makes about 40 & keeps for ages in tin.';

const BOILED =
  'Aunt Vi\'s boiled fruit cake\n\n1 lb mixed fruit\n4 oz butter\n6 oz sugar\n1/2 pt water\n1 tsp bicarb\nboil all 5 mins, cool\n\nthen add\n4 oz plain flour\n4 oz self raising\n2 eggs\n1 tsp spice\n\n7" round tin lined. 325 (gas 3) for 1 1/2 hrs.';
const TWO_FLOURS =
  'Fruit cake\n\n4 oz butter\n6 oz sugar\n4 oz plain flour\n4 oz self-raising flour\n2 eggs\n\nMethod\nMelt the butter and sugar, cool.\nSift in the plain and self-raising flours, then the eggs.\nBake in a 7 inch round tin at 170C for 60 minutes.';
const EMPIRE =
  'Empire biscuits x12\n\n6oz butter, 3oz caster sugar, 8oz plain flour\nraspberry jam; 6oz icing sugar + water; glacé cherries\n\ncream, flour in, knead, roll 5mm, 24 rounds (6cm). 170 15-18 - not too brown. cool, jam sandwiches, ice, half a cherry.';
const FOR_EIGHT =
  'Fruit scones\nIngredients for 8-10:\n350g self-raising flour\n85g butter\n3 tbsp caster sugar\n175ml milk\n\nHeat the oven to 220C. Rub in the butter, stir in the sugar. Add the milk. Pat to 4cm deep, cut with a 5cm cutter. Bake 10 mins.';

const IN_ONE_LINE =
  'my normal recipe for bday cake:\n\n200 g soft butter / 200 g sugar / 4 eggs / 200 g sr flour / 1 tsp bp / 2 tbsp milk - all in mixer 2 min - 2 x 20cm tins - 190 (fan 170) 20 min. filled with strawberry jam.';

describe('a page from the office', () => {
  it.each<OnPaper>([
    [
      'in baker’s percentages, weighed by its flour',
      BY_SHARES,
      {},
      [/^pain d'épices$/m, /^Honey 80 % \(320 g\)$/m, /^Eggs 20 % \(80 g\)$/m, /^155 g sorghum flour$/m],
      [/white rice flour$/m],
    ],
    ['out of a book that says whose it is', PARISH, {}, [/^Hummingbird Cake$/m], [/Dell/]],
    ['between quotation marks', SLIP, {}, [/^Choc fudge pudding/, /^Serves 4 to 6$/m], []],
    [
      'whose yeast wakes for ten minutes, and is in no hot fat',
      BERLINER,
      {},
      [/^Serves 12$/m, /^Fat at 170 °C \(340 °F\), 4 to 6 minutes$/m, /^2\. Crumble the yeast/m],
      [/Hot fat, 10/, /Before it is baked/],
    ],
    ['that says how many behind its times', MADELEINES, {}, [/^Makes 18 pieces$/m, /^In: 18 moulds$/m], []],
    [
      'that goes back in for its second time, in a dish',
      COBBLER,
      {},
      [/^In: 2 litre dish$/m, /15 minutes, then 25 to 30 minutes/, /soft dough\.\n4\. Let the dough stand/],
      [],
    ],
    ['for six “pers.”', SAVARIN, {}, [/^Savarin$/m, /^Serves 6$/m], []],
    ['whose caution stands in brackets', STREUSEL_MUFFINS, {}, [/Stir until smooth\.$/m], [/\(\)/]],
    [
      'of a second heat with a bare time',
      CHESS_PIE,
      {},
      [/^Oven 425 °F \(220 °C\), 10 minutes$/m, /^Oven 350 °F \(175 °C\), 30 to 35 minutes/m],
      [],
    ],
    ['in two ways, which are no pieces', TWO_WAYS, {}, [/^Makes 8 pieces$/m], []],
    [
      'of an oven without a fan, said in one word',
      KIPFERL,
      {},
      [/^Oven 175 °C .*, 12 to 15 minutes/m],
      [/with the fan/],
    ],
    [
      'of a batter in cast iron, which no list holds and no griddle is',
      DUTCH_BABY,
      {},
      [/^Oven 450 °F \(230 °C\), 18 to 20 minutes/m],
      [/450 g/, /Microwave/],
    ],
    [
      'that says what it isn’t, and makes an egg up with milk',
      NO_CRACKERS,
      {},
      [/^CHEESE SCONES$/m, /^scone or biscuit/m, /g milk$/m],
      [/chill/i],
    ],
    ['of some twenty', BISCUITS, {}, [/^DIGESTIVE-STYLE BISCUITS$/m, /^Makes 20 pieces$/m], []],
    [
      'in two letters a food',
      SHORT_HANDS,
      {},
      [
        /^LEMON POPPY LOAF$/m,
        /^In: .*loaf tin$/m,
        /brown rice flour/,
        /poppy seeds$/m,
        /^89 g powdered sugar/m,
      ],
      [/can’t be placed/],
    ],
    ['of a roulade that never held flour', ROULADE, {}, [/^flourless bake/m], [/more water than the flours/]],
    [
      'in German, whose rises stand as they were written',
      IN_GERMAN,
      {},
      [/45 Min\. gehen lassen\..*15 Min\. gehen/],
      [/45 minutes/],
    ],
    ['that keeps for ages', CRACKLE_TOPS, {}, [/^Makes 40 pieces$/m], []],
    [
      'with a deed above its second list',
      BOILED,
      {},
      [/^3\. then add the flour blend, eggs and spice$/m, /^4\. Let the batter stand/m],
      [/then add .*baking powder/],
    ],
    [
      'whose two flours are one blend, powder and all',
      TWO_FLOURS,
      {},
      [/Sift in the flour blend, then the eggs/],
      [/plain and/],
    ],
    [
      'parted by semicolons',
      EMPIRE,
      {},
      [/^170 g icing sugar$/m, /15 to 18 minutes/, /^cut-out/m],
      [/Read as/, /Bake at/],
    ],
    ['that says behind “ingredients” how many it is for', FOR_EIGHT, {}, [/^Serves 8 to 10$/m], []],
    [
      'in one line, list and method with dashes between',
      IN_ONE_LINE,
      {},
      [/^In: 2 × 20 cm round tins$/m, /^Oven 190 °C .*, 20 minutes/m, /all in mixer 2 min\./],
      [/this is usual/, /Bake at/],
    ],
  ])('%s', readsOnPaper);
});
