import { readsOnPaper, type OnPaper } from '../testingDockets';

/* Pages from the backs of envelopes: shortened names, halves and heats that are told once, and what a step alone has. */

const TEA_ROOM =
  'LEMON DRIZZLE – TEA ROOM BATCH (3 x 2lb loaves)\n\nButter  600g\nCaster sugar  600g\nEggs  12 (M)\nSR flour  600g\nB/powder  3 tsp\nLemons  6, zest only\nMilk  90ml\n\nDRIZZLE\nGran sugar  300g\nJuice of 6 lemons\n\nCream b + s 5 mins. Eggs in slowly. Fold in flour, BP, zest, loosen w/ milk.\nDivide – 780g per tin. 170 fan-off / 150 fan, 50–55 mins.\nMix drizzle & pour on while hot.';
const BREAD_PUDDING =
  "so my nan's bread and butter pudding, here goes xx\nbutter a dish, the oval one (about 2 pints)\n8 slices white bread, buttered with about 50g butter\n50g sultanas in between the layers\nthen 350ml full fat milk + 50ml double cream heated up with vanilla\nwhisk 2 eggs with 25g sugar and pour the milk on\npour it over the bread, leave it half an hour\n180 for about 35-40 mins until golden and just wobbly xx";
const TREACLE =
  'Shortcrust tart, 10"\n8oz plain\n4oz fat (half lard half butter)\npinch salt\ncold water\n\nrub in, bind w water 2–3 tbsp, rest fridge 30m, roll, line, prick\nblind 15m @ 190 w. beans, 5m without\nThen for treacle filling: 1 lb golden syrup warmed, 5oz fresh white breadcrumbs. mix, pour in. 25–30 m same heat till set round edge.';
const PARKIN =
  "From: Gran\nSubject: the ginger parkin\n\nHello love, as promised. You want 225g medium oatmeal, 110g plain flour, a teaspoon of ground ginger and one of mixed spice, half a teaspoon of bicarb. Melt 110g butter with 110g black treacle, 110g golden syrup and 110g soft brown sugar. Beat an egg with 4 tablespoons of milk. Everything goes in together. Into the 8 inch square tin (lined!), 150 in your fan oven... no wait yours isn't fan is it, so 160... for an hour and a quarter.\nLove\nGran x";
const VEGAN_LOAF =
  'Vegan banana loaf (no eggs no dairy)\n3 v ripe bananas (~300g peeled)\n75g veg oil\n100g light brown sug\n225 plain fl (or 50/50 w/w)\n3 heaped tsp b.p.\n\n200/180F/GM6. mash banana, mix oil+sug. add fl bp. lined 2lb tin 20 mins → foil on top → 20 mins more.';
const CHURROS =
  'Churros\nWATER 500 ml\nBUTTER 60\nSALT 1 tsp\nFLOUR (strong) 300\nEGG 1\nBoil wtr/btr/salt. Flour in ALL AT ONCE, off heat, beat 1 min. Cool 5. Beat egg in. Fry 190 C, 2–3 min, drain.';
const FOREST =
  'Black forest\nsponge: 6 eggs / 150 sugar / 100 flour / 50 cocoa / 50 melted butter\nwhisk eggs+sugar warm over bath to 40°, then cold till thick. sift fl.+cocoa, fold. butter last.\n2x 20cm 175° 25-30\n600 cream + 40 ic sugar whip\n1 jar morello cherries drained\nsplit each in 2, cream, cherries, repeat, mask. fridge 2 h min.';
const PEANUT =
  'Peanut Butter Cookies. 1/2 cup butter, 1/2 cup peanut butter, 1/2 cup white sugar, 1 egg, 1 1/4 cups flour, 3/4 tsp baking soda. Cream butters and sugar, beat in egg. Blend in dry ingredients. Roll into balls on lightly greased sheet. 375 for 10-12 min. Makes about 3 doz.';
const SANTIAGO =
  'Tarta de almendra\n250 g de almendra molida\n250 g de azúcar\n5 huevos\nralladura de 1 limón\n\nBatir los huevos con el azúcar. Añadir la ralladura y la almendra.\nVerter en un molde redondo de 22 cm.\nHornear a 175 ºC unos 35 minutos.';
const LEAVES =
  'MILLE FEUILLE\n1 roll ready rolled puff pastry (all butter) 320g\n500ml milk\n5 yolks\n100g sugar\n40g cornflour\n\nbake pastry between 2 trays 200C 20 min, cut in 3 strips\ncook the milk, yolks, sugar and cornflour till thick, chill covered\nlayer, eat same day';
const SQUARES =
  'Crumble squares\nfor 60 kids\nflour 1.2kg\noats 1.2kg\nmarg 1.2kg\ndemerara 900g\nsyrup 6 tbsp\n\nRub marg in flour, add oats and sugar. Press into 3 trays. Oven 160, 35 min.';
const CHIPS =
  'OATMEAL CHOC CHIP COOKIES\nbutter 1 c\nwh sugar 1/2 c\neggs 2\nAP flour 1-1/2 c\nsoda 1 t\nrolled oats 3 c\nchips 12 oz\n\ncream butter and sugar. eggs. dry. oats + chips last.\n350F 10-12';
const ZUCCHINI =
  'Zucchini bread\n3 c. flour\n1 tsp baking soda\n3 eggs\n1 c. oil\n2 1/4 c. sugar\n2 c. grated zucchini\n\nBeat eggs, oil and sugar. Add flour and soda. Stir in zucchini. Pour into 2 greased & floured 8x4 pans. Bake 325 for 40-60 min.';
const SCONES =
  '| Scones (makes 9) | |\n|---|---|\n| self raising flour | 350 g |\n| butter, cubed | 85 g |\n| caster sugar | 3 tbsp |\n| milk | 175 ml |\n\nRub butter into flour. Stir in sugar. Add the milk. Pat to about 4cm deep. Cut with a 5cm cutter. 10 mins at 220C till risen.';
const DATES =
  'Sticky date pudding\nServes 8\n200g pitted dates\n60g butter\n165g brown sugar\n2 eggs\n150g self-raising flour\n250ml boiling water\n\nPreheat oven to 180°C. Grease and line base and side of a 20cm (base) round cake pan.\nPour the water over the dates. Beat butter and sugar, add eggs, fold in the dates and flour. Bake for 35-40 mins.';
const BOTERKOEK =
  'Boterkoek\nvoor een vorm van 24 cm\n\n250 gram bloem\n200 gram boter\n200 gram fijne suiker\n1 zakje vanillesuiker\n1 ei\n\nKneed alles tot een soepel deeg. Laat het een half uur rusten in de koelkast.\nDruk het deeg in een ingevette vorm.\nBak de boterkoek in 25 minuten goudbruin op 180 graden. Laat afkoelen in de vorm.';
const IN_QUOTES =
  'Q: My mother-in-law wants her "tray of brownies" back. Any hope?\n\n185g unsalted butter\n185g best dark chocolate\n85g plain flour\n40g cocoa powder\n3 large eggs\n275g golden caster sugar\n\nMelt butter and chocolate, cool. Whisk eggs + sugar until thick. Fold in choc mix, then the flour and cocoa. 20cm square tin. Bake at 180C for 25 mins.';
const TURNOVERS =
  'Apple turnovers (makes 6)\n\n225g strong white flour\n225g cold butter, in 1cm cubes\napprox 130ml iced water\n2 bramleys\n50g sugar\n\nToss the butter through the flour, water in, bring together. Roll, fold in three, repeat. Chill 30 minutes.\nStew apples with sugar, cool. Roll pastry, cut 6 squares, fill, fold. Bake at 220C for 20-25 minutes.';
const LID =
  'Oatmeal Raisin Cookies\n\nBEAT 1 cup (2 sticks) softened butter, 1 cup firmly packed brown sugar and 1/2 cup granulated sugar until creamy. ADD 2 eggs; beat well. ADD combined 1 1/2 cups all-purpose flour and 1 teaspoon baking soda; mix well. ADD 3 cups oats and 1 cup raisins.\nDROP dough by tablespoonfuls onto cookie sheets.\nBAKE at 350°F for 10 to 12 minutes.';
const PORTER =
  'PORTER CAKE\n\n1 lb. flour                1 tsp. mixed spice\n1/2 lb. butter             1 tsp. bread soda\n1/2 lb. brown sugar        1/4 pt. milk\n1 lb. fruit (sultanas,     3 eggs\n   raisins, peel)          grated rind of 1 orange\n\nMelt butter and sugar in milk; add fruit and boil for 10 minutes. Cool. Add flour, soda and spice, eggs and rind. Pour into a lined 8-in. tin. Bake at 350°F. for 1 1/2 hours.';
const HANDOUT =
  'Swiss Roll\n\nName: ____________   Date: __________\n\nIngredients          Tick\n3 eggs               [ ]\n75 g caster sugar    [ ]\n75 g plain flour     [ ]\n\nMETHOD\n1. Whisk eggs and sugar until thick.\n2. Sieve in the flour. Fold in gently.\n3. Pour into a Swiss roll tin (33 x 23 cm). Bake at 200 °C for 8-10 minutes.';
const PAV =
  'pav (mum)\n6 whites 350 caster 1 tsp cornfl 1 tsp vinegar 1 van\nwhip, sug 1 tb at a time till glossy, fold rest\nheap on paper 23cm circle\n150 → turn down 120 straight away, 1 hr 15, off, leave in overnight';
const ECCLES =
  'Eccles – Jean\npuff 500g\nfill: 25 butter 25 soft br sug 100 currants 25 peel ½ tsp m.spice ½ nutmeg zest ½ lem\nroll 3mm, 9cm rounds x 12, tsp fill, gather, flatten till fruit shows, 3 slits\negg white + sugar\n220 / 15';
const FORK =
  "Aunty Bev's fork biscuits\n100 soft butter\n50 caster\n150 SR\nbeat, squidge, 16 balls, fork w/ water\n180 non fan, 15-20";
const TIFFIN =
  'Fridge cake\n-100g butter\n-25g brown sugar\n-3 tbsp golden syrup\n-225g rich tea, bashed\n-handful raisins\nmelt 1st 3, stir in biscuits + raisins, press in 20cm sq tin\nfridge 1hr, cut 16';
const CREPES =
  'crêpes\n250 g farine\n3 oeufs\n1/2 l lait\n50 g beurre fondu\nrepos 1 h\npoêle bien chaude, 1 min chaque côté';
const CAMP =
  'Camp gingerbread\n175 flour, 1 tsp soda, 2 tsp ginger\n100 treacle 75 butter 75 sugar melted w 120 milk, 1 egg\nmix in, pour into a tray 8x8, approx 170C (who knows), 35–40';
const CLAFOUTIS =
  'Cherry clafoutis\n450g cherries\n100g plain flour\n60g caster sugar\n3 eggs\n300ml milk\n\nSet the oven at 200C. Butter a 25cm round dish. Whisk everything but the cherries. Scatter the cherries in the dish, pour over the batter. Bake for 35 to 40 minutes. Let it settle 10 minutes and eat warm.';
const PINEAPPLE =
  'Pineapple Upside Down Cake | The Sunday Page\n1/4 c. butter\n1/2 c. brown sugar\n7 pineapple rings\n\nBatter:\n1 1/3 c. flour\n1 c. white sugar\n2 tsp. baking powder\n1/3 c. shortening\n3/4 c. milk\n1 egg\n1 tsp. vanilla\n\nHeat oven to 350. Melt butter in 9" cast iron skillet. Sprinkle brown sugar over. Arrange pineapple rings.\nBeat remaining ingredients on high 3 minutes. Pour over fruit. Bake 50-55 minutes.';
const CRUMBLE =
  'Apple Crumble (oven or slow cooker)\n\n200g plain flour\n100g cold butter\n100g demerara sugar\n1kg apples\n\nSlice the apples into a 2 litre ovenproof dish. Rub butter into flour, stir in sugar, scatter over.\nBake at 190C for 40-45 min until bubbling.\n(Slow cooker: high for 3 hours with a tea towel under the lid, crisp the top under the grill.)';
const MADELEINES =
  'Madeleines\n100g unsalted butter, plus melted butter for the tins\n2 large eggs\n100g caster sugar\n100g plain flour\nzest of 1 lemon, juice of ½\n\nWhisk the eggs and sugar. Whisk in the rest. Leave to stand for 20 minutes. Pour into the madeleine tray. Bake at 200C for 8-10 minutes.\nMakes 24.';
const POPOVERS =
  'Classic Popovers\nYield: 6 large\n3 large eggs\n1 1/4 cups milk\n1 1/4 cups all-purpose flour\n\nHeat popover pan in the oven to 450°F. Whisk eggs and milk; whisk in flour. Rest 15 minutes. Fill cups 2/3 full. Bake 20 min, lower to 350°F and bake 15 min more.';

describe('from the back of an envelope', () => {
  it.each<OnPaper>([
    ['loaves of two pounds are tins', TEA_ROOM, {}, [/^LEMON DRIZZLE - TEA ROOM BATCH$/m, /^In: 3 × /m], []],
    ['b/powder is on the list', TEA_ROOM, {}, [/g baking powder/], [/What is this/]],
    [
      'of a lemon with only its zest the zest is weighed',
      TEA_ROOM,
      {},
      [/^Lemons 6, zest only \(\d\d g\)/m],
      [],
    ],
    ['"butter a dish" is a deed', BREAD_PUDDING, {}, [/^In: dish/m, /^1\. butter a dish/m], [/1090 g/]],
    ['eggs that only a step counts are bought', BREAD_PUDDING, {}, [/^2 eggs \(\d+ g\)/m], []],
    ['"180 for about 35" is an oven', BREAD_PUDDING, {}, [/^Oven 180 °C.*35 to 40 minutes/m], [/steamed/]],
    ['half of one fat and half of another', TREACLE, {}, [/^57 g lard/m, /^57 g butter/m], [/What is this/]],
    ['"190 w. beans" is no microwave', TREACLE, {}, [/^Oven 190 °C/m, /25 to 30 minutes/], [/Microwave/]],
    ['a heat that is put right in the same breath', PARKIN, {}, [/^Oven 160 °C.*75 minutes/m], []],
    ['a letter’s greeting is no step', PARKIN, {}, [/^2\. You want 225g/m], [/Hello love/]],
    ['"180F" behind a stroke is the fan', VEGAN_LOAF, {}, [/^In: 23 × 13 cm loaf tin/m, /^Oven 200 °C/m], []],
    ['"plain fl" is flour', VEGAN_LOAF, {}, [/rice flour/, /let the batter stand/i], [/What is this/]],
    ['so many grams behind a bracket', CHURROS, {}, [/the flour blend|Flour blend/], [/^white rice flour$/m]],
    [
      'tins, heat and time on a line are the bake',
      FOREST,
      {},
      [/\d\. 2x 20cm 175° 25-30\n(?:.*\n)*\d\. split/],
      [],
    ],
    ['a bare weight before a plus', FOREST, {}, [/^600 g cream/m], []],
    ['a list behind a name is told once', PEANUT, {}, [/^2\. Cream butters/m], [/^\d\. .*1\/2 cup butter/m]],
    ['the zest of a foreign lemon', SANTIAGO, {}, [/zest of 1 lemon/], [/jaggery|What is this/]],
    ['what a roll weighs', LEAVES, {}, [/320 g gluten-free puff pastry/], []],
    ['children are served', SQUARES, {}, [/^Serves 60/m, /golden syrup|syrup 6 tbsp \(/], [/What is this/]],
    [
      'bare chips are of chocolate',
      CHIPS,
      {},
      [/^chips 12 oz \(340 g\)/m],
      [/What is this|Read as granulated/],
    ],
    [
      'greased and floured pans of a size',
      ZUCCHINI,
      {},
      [/2 greased 8x4 pans dusted with brown rice flour/],
      [],
    ],
    ['a table’s name has no number', SCONES, {}, [/^Scones$/m, /^Makes 9/m], []],
    [
      'half an hour’s rest, a bake and cooling that another language has',
      BOTERKOEK,
      {},
      [/^Oven .*25 minutes/m, /vanilla sugar/, /afkoelen in de vorm\.$/m],
      [/chill it|cool on a rack|What is this/],
    ],
    ['what somebody wants back is called by its quotes', IN_QUOTES, {}, [/^tray of brownies$/m], [/no name/]],
    ['bramleys are apples', TURNOVERS, {}, [/^2 bramleys \(\d+ g\)/m], []],
    ['a cup that is two sticks', LID, {}, [/^225 g softened butter/m], []],
    [
      'columns that go on below',
      PORTER,
      {},
      [/^3 eggs/m, /^455 g mixed dried fruit/m, /orange/],
      [/455 g orange/],
    ],
    [
      'bare numbers on a line are grams, but for eggs',
      PAV,
      {},
      [/^6 egg whites/m, /^350 g caster sugar/m],
      [],
    ],
    ['what is turned down at once bakes at the lower heat', PAV, {}, [/^Oven 120 °C.*75 minutes/m], []],
    [
      'a filling in one breath',
      ECCLES,
      {},
      [/^25 g butter/m, /^100 g currants/m, /zest 1\/2 lemon/],
      [/Read as/],
    ],
    ['"220 / 15" is the bake', ECCLES, {}, [/^Oven 220 °C.*15 minutes/m], []],
    [
      'an oven without its fan is no number of biscuits',
      FORK,
      {},
      [/^Oven 180 °C.*15 to 20/m],
      [/Makes 180|What is/],
    ],
    [
      'dashes without a space',
      TIFFIN,
      {},
      [/^100g butter/m, /^handful raisins/m, /gluten-free biscuits/],
      [/-\d/],
    ],
    [
      'another language’s rest and sides',
      CREPES,
      {},
      [/repos 1 h/],
      [/Griddle or pan, 60|let the batter stand/],
    ],
    ['a bracket between heat and time', CAMP, {}, [/100 g treacle/, /^Oven 170 °C.*35 to 40/m], [/Bake at/]],
    [
      'what settles isn’t baked again',
      CLAFOUTIS,
      {},
      [/35 to 40 minutes, look from \d+$/m],
      [/then 10 minutes/],
    ],
    ['where it was printed is no name', PINEAPPLE, {}, [/^Pineapple Upside Down Cake$/m], []],
    ['the remaining ingredients are all of them', PINEAPPLE, {}, [/Beat remaining/], [/Stir in the vanilla/]],
    ['a slow cooker is another way', CRUMBLE, {}, [/40 to 45 minutes/], [/grill, 3 hours|4 hours/]],
    ['what greases is no second butter', MADELEINES, {}, [/zest of 1 lemon|lemon zest/], [/Read as/]],
    ['popovers have a pan of their own', POPOVERS, {}, [/^In: 6 popover moulds/m], [/skillet/]],
    ['a handout’s boxes', HANDOUT, {}, [/^Swiss Roll$/m, /^3 eggs \(/m], [/\[ \]|Tick|Date/]],
    ['a size before a bracket', DATES, {}, [/^In: 20 cm round tin/m], []],
  ])('%s', readsOnPaper);
});
