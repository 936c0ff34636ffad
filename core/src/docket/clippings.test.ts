import { readsOnPaper, type OnPaper } from '../testingDockets';

/* What a baker reads off the paper of rows, letters and clippings that were once printed wrong. */

const NO_MILK = { without: ['milk'] } as const;
const NO_MILK_NOR_EGG = { without: ['milk', 'egg'] } as const;

const ROWS =
  'GINGER SLICE\nBASE: 125 g butter | 110 g caster sugar | 190 g plain flour | 1 tsp baking powder\nICING: 75 g butter | 150 g icing sugar | 2 tbsp golden syrup\nTIN: 20 x 30 cm slice tin, lined\nOVEN: 190C, 20-25 min\n1) Cream butter and sugar. Sift in flour and baking powder, mix and press into tin.\n2) Bake until golden.\n3) Meanwhile melt icing ingredients in a small pan.\n4) Pour over base while hot.';
const DOTS =
  'Cheesecake squares ... 16 squares\n\n6 oz digestives, crushed ... 3 oz butter, melted ... 12 oz curd cheese ... 4 oz caster sugar ... 2 eggs ... 1 oz plain flour ... grated rind of 1 lemon ... 3 oz currants\n\nMix the biscuits with the butter, press into an 8 in square tin. Beat cheese, sugar, eggs, flour and rind; stir in currants. Pour over. Bake gas 3 for 40 mins.';
const LETTER =
  'Rich Mince Pies — makes 18\n\nFor the pastry I use 225g plain flour, 150g cold butter in cubes, 50g icing sugar, the yolk of 1 egg and 2 tablespoons of ice-cold water. You will also need a 400g jar of mincemeat and a beaten egg to glaze.\n\nRub the butter into the flour. Stir in the icing sugar. Mix the yolk with the water and stir in until the pastry comes together. Chill for half an hour.\n\nRoll out, line patty tins, put a heaped teaspoon of mincemeat in each, top with lids and brush with the beaten egg.\n\nBake at 200°C for 15 to 18 minutes.';
const MESSAGE =
  'here’s the plum kuchen\nso you want 150g butter, 150g sugar, 3 eggs, 200g plain flour, 2 tsp baking powder, a splash of milk (3 tbsp ish) and about 12 plums. cream the butter and sugar, beat in the eggs, fold in the flour and baking powder, loosen with the milk. into a 23cm springform. oven 180 for 45 mins ish til a skewer is clean. leave it 20 mins before you unclip it.';
const CROISSANTS =
  'Croissant bread pudding\n6 day-old butter croissants\n4 eggs\n300ml whole milk\n200ml double cream\n75g caster sugar\n\nSplit the croissants and lay them in a 1.5 litre ovenproof dish. Whisk the eggs, milk, cream and sugar and pour over. Bake at 160°C for 35 minutes.';
const NUT_BARS =
  'Peanut bars\n1 cup butter\n1 cup brown sugar\n1 cup creamy peanut butter\n2 eggs\n2 cups flour\n\nCream the butter, sugar and peanut butter until fluffy. Add eggs. Stir in the flour. Press in an 8 inch pan. Bake 25 minutes at 350 F.';
const CRUMBLE_CAKE =
  'Plum crumble cake\n\nFor the crumble topping:\n60 g plain flour\n40 g butter\n40 g demerara sugar\n\nFor the cake:\n200 g butter\n200 g caster sugar\n3 eggs\n200 g self-raising flour\n400 g plums, quartered\n\nMake the crumble: rub the butter into the flour, stir in the sugar. Chill while you make the cake.\nCream the butter and sugar for the cake. Add the eggs, one at a time. Fold in the flour. Spread in a 23 cm springform tin.\nTop with the plums, then the crumble.\nBake at 180 C for 50 minutes.';
const LIME_PIE =
  'Key lime pie\n\nCrust\n150 g digestive biscuit crumbs\n85 g butter, melted\n\nFilling\n4 egg yolks\n400 g sweetened condensed milk\n120 ml lime juice\n\nTopping\n240 ml heavy cream, chilled\n2 tbsp powdered sugar\n\nMix crumbs and butter; press into bottom and sides of a 9" pie plate. Bake 10 minutes at 350°F.\nWhisk yolks, condensed milk and juice. Pour into crust. Bake 15 minutes.\nWhip cream and powdered sugar; spread on pie.';
const MUG =
  'Mug cookie\n1 tbsp butter · 1 tbsp sugar · 1 egg yolk · 3 tbsp flour · 2 tbsp chocolate chips\nMelt the butter in the mug. Stir in sugar, yolk, flour and chips. Microwave 50 sec.';
const SWEDISH =
  'Äppelkaka\n3 äpplen\n2 ägg\n2 dl socker\n1 dl mjölk\n50 g smör\n3 dl vetemjöl\n2 tsk bakpulver\n2 msk pärlsocker\n\nMelt the butter. Beat eggs and sugar. Stir in butter and milk. Fold in flour and baking powder. Pour into a 24 cm tin. Lay on the apples. Sprinkle over pearl sugar. Bake at 200 C for 30 minutes.';

const GALETTE =
  'Pear galette\n\nPastry: 250 g plain flour, 1 tbsp sugar, 150 g cold butter, 4 tbsp iced water\nFrangipane: 80 g butter, 80 g sugar, 1 egg, 80 g ground almonds, 1 tbsp plain flour\n3 ripe pears\n2 tbsp demerara sugar\n\nPulse the flour, sugar and butter to fine breadcrumbs. Add the water and pulse until it clumps. Chill 1 hour.\nBeat the butter and sugar for the frangipane until creamy, then the egg, almonds and flour.\nRoll the pastry to a circle, spread the frangipane over, lay on the pears. Bake on a tray at 200 C for 40 mins.';
const BUNS =
  'Re: Brioches\n\nIngredients (10 brioches)\n500 g strong white flour\n50 g sugar\n10 g instant yeast\n250 ml warm milk\n1 egg\n\nMix everything to a dough and knead for 8 minutes. Leave to rise for 1 hour. Divide into balls and prove for 40 minutes. Bake at 190 C for 20 minutes.';

const CHOUX =
  'Coffee choux buns\nPâte à choux\nWater 125 ml\nMilk 125 ml\n100g butter\n5g sugar\n150g strong flour\nbeaten eggs 240g\nBoil the first four.\n150 g flour, all at once.\nEggs little by little.\n24 mounds, 4 cm.\n180°C, 30 min.\nCrème pâtissière\n500 ml milk\n100g yolks\n100g sugar\n45 g flour\n10 g cornflour\n1 tbsp instant coffee\nMilk to the boil on yolks, sugar, flour, cornflour, coffee.\n1 min at the boil, whisking.\nFill from below.';
const CHOCOLATE =
  'Chocolate cake\n200 g dark chocolate\n200 g butter\n200 g sugar\n5 eggs\n1 tbsp flour\nFor the tin: a little butter, a little flour\nPer slice: 318 cal, 12g fat, 47g carbs, 5g protein\n\nMelt the chocolate with the butter. Stir in sugar, eggs and flour.\nBake in a 23 cm springform, buttered and floured, at 190°C for 22 min.';
const TABLE =
  'Stout brownies\n\nIngredient\tAmount\tNotes\nButter\t140g\tcubed\nDark chocolate\t200g\nSugar\t250g\nEggs\t3\nPlain flour\t100g\n\nMelt the butter and chocolate. Whisk in sugar and eggs, fold in the flour. Bake in a 23cm square tin at 180C for 25 minutes.';
const LETTER_CAKE =
  'coffee cake\n\nGet two 20cm sandwich tins ready - butter them and dust with flour. Cream 225g soft butter with 225g caster sugar. Beat in 4 eggs, fold in 225g self-raising flour and bake at 180C for 25 minutes.\n\nIcing - beat 150g soft butter with 300g icing sugar.';
const PIKELETS =
  'sunday pikelets makes abt 20\n1 cup sr flour\n2 tblsp sugar\n1 egg\n3/4 cup milk w 1 tsp vinegar stirred in\nbutter for the pan\njam n cream to serve\nsift flour into a bowl add sugar. whisk egg into the milk then pour in and whisk til smooth\npan on medium, dessertspoonfuls of mix, 2 min til bubbles pop on top, flip, 1 min other side';

const MILKS =
  'Three milk cake\n\nFor the sponge:\n190 g all-purpose flour\n5 eggs, separated\n200 g sugar\n80 ml whole milk\n\nFor the milks:\n1 can (12 oz) evaporated milk\n1 can (14 oz) sweetened condensed milk\n1/2 cup whole milk\n\nBeat the yolks with half of the sugar, stir in the milk and fold in the flour. Beat the whites with the rest of the sugar and fold in. Bake in a 9x13 inch baking dish at 350°F for 35 minutes.\nCombine the milks and pour over the cake.';
const BABKA =
  'Chocolate babka\n530g plain flour\n100g sugar\n10g instant yeast\n3 eggs\n120ml water\n150g soft butter\n\nSyrup\n160ml water\n240g sugar\n\nMix flour, sugar and yeast. Add eggs and water, then the butter, and knead 10 min. Rest overnight in the fridge.\nRoll out, roll up and put in a buttered loaf tin (4 x 8 inch). Prove 1.5 hours.\nBake at 190°C for 30 min. Boil the syrup and brush all of it over the hot loaves.';
const GERMAN =
  'Pfeffernüsse\n\nZutaten\n250 g Mehl\n125 g Honig\n1 Ei\n50 g gemahlene Mandeln\n1/2 TL Nelken\n1/2 TL Natron\n150 g Puderzucker\n2 EL Zitronensaft\n\nWarm the honey, let it cool and beat in the egg. Mix the flour with almonds, cloves and soda, add the honey and knead. Rest overnight in the fridge.\nShape into 40 small balls. Bake at 180 C for 12 minutes. Mix icing sugar and lemon juice and dip the cooled biscuits in it.';
const COLONS =
  'STOUT BROWNIES\n\ndark chocolate (70 %) : 200 g\nbutter : 150 g\nsugar : 225 g\neggs : 3 (M)\nwheat flour : 100 g\ncocoa : 3 level tbsp (20 g)\n\nMelt the chocolate with the butter. Whisk the eggs with the sugar; stir in the chocolate. Fold in the flour and cocoa. Bake in a 20 cm square tin at 175 °C for 25 min.';

const SEMOLINA =
  'Semolina pudding\n\n1 l milk\n120 g semolina\n80 g sugar\n50 g butter\n3 eggs, separated\nhandful raisins\nbutter and breadcrumbs for the dish\n\nBring the milk to the boil. Rain in the semolina, stirring, and cook 5 mins until thick. Stir in sugar and butter, then beat in the yolks and raisins. Whisk the whites stiff and fold in. Turn into a buttered and crumbed 2 litre dish. Bake at 180 for 40 minutes till golden.';

const BOILED =
  'Boiled orange cake\n2 oranges\n6 eggs\n250 g caster sugar\n250 g almond meal\n1 tsp baking powder\n\nCover the oranges with water and boil them whole for 2 hours. Cool and puree the lot. Beat the eggs and sugar, fold in the puree, almond meal and baking powder. Pour into a greased 22cm springform. Bake 1 hour at 170 C.';
const LAYERS =
  'Strawberry layer cake\n\nCake\n350 g all-purpose flour\n4 tsp baking powder\n225 g butter\n400 g sugar\n4 eggs\n320 ml milk\n\nFilling\n480 g strawberries\n100 g sugar\n2 tbsp cornstarch\n\nFilling: stir the berries with the sugar and cornstarch over medium heat for 5 minutes. Take off the heat and chill.\nButter and flour three 8-inch round pans.\nWhisk the flour and baking powder. In a big bowl beat the butter and sugar, then the eggs. Add the flour mixture and the milk.\nDivide the batter over the pans. Bake at 350°F for 24 min.';

const PAGES: readonly OnPaper[] = [
  ['what boils for hours is waited for', BOILED, {}, [/^Boiled, 2 hours$/m, /^4 hours/m], []],
  [
    'a floured tin takes none of the cake’s flour: the rest stands where the batter is made',
    LAYERS,
    {},
    [/and the milk\.\s+(?:\d+\. )?Let the batter stand/],
    [/(?:heat|chill)\. Let the batter/],
  ],
  [
    'what a dish is dressed with is no step, and the dish is the one that it is turned into',
    SEMOLINA,
    NO_MILK,
    [/^In: 2 litre dish/m],
    [/^\d+\. dairy-free baking block and/m],
  ],
  [
    'milks are all that stand in for them',
    MILKS,
    NO_MILK,
    [/Combine the dairy-free cream, condensed coconut cream and pea milk/],
    [],
  ],
  [
    'a syrup goes on while it is hot, before anything cools; a tin’s size in brackets is no count',
    BABKA,
    {},
    [/brush all of it over the hot loaves\.\s+(?:\d+\. )?Let it cool/, /^In: 20 × 10 cm loaf tin/m],
    [],
  ],
  [
    'German spices and juice are known, and its signposts name no part',
    GERMAN,
    {},
    [/ground cloves/, /lemon juice/],
    [/Zutaten|Nelken|Zitronen/],
  ],
  [
    'a food before a colon keeps its name',
    COLONS,
    {},
    [/^eggs : 3 \(M\)/m, /^sugar : 225 g/m],
    [/^3 \(M\)/m],
  ],
  [
    'names that only the cream has make its step the cream’s, and what two names come to is said once',
    CHOUX,
    {},
    [/on yolks, sugar, cornflour, coffee\./],
    [/cornflour, cornflour/],
  ],
  [
    'a little butter and flour for the tin are no stick of it and no wheat, and a slice’s figures no food',
    CHOCOLATE,
    NO_MILK,
    [/^tin$/m, /^dairy-free baking block$/m, /^white rice flour$/m],
    [/1\d\d g dairy-free/, /a little flour/, /318/],
  ],
  ['what names a table’s columns is no part', TABLE, {}, [], [/Ingredient/]],
  [
    'tins are greased, and an icing’s butter is the icing’s',
    LETTER_CAKE,
    NO_MILK,
    [/grease them/, /beat the soft dairy-free baking block with 300g icing sugar/],
    [/block them/],
  ],
  [
    'milk with vinegar in it is milk, and goes where milk is out',
    PIKELETS,
    NO_MILK,
    [/g pea milk/, /^1 tsp vinegar/m, /whisk egg into the (?:soured )?pea milk/],
    [/^3\/4 cup milk/m],
  ],
  [
    'two lists on a line each keep their own flour, and fat rubbed to crumbs is no bread',
    GALETTE,
    {},
    [/Pulse the flour blend, sugar and butter to fine breadcrumbs/, /then the egg, almonds and cornflour\./],
    [],
  ],
  [
    'a list says for how many it is, and a letter what it is about',
    BUNS,
    {},
    [/^Makes 10 brioches/m, /^Brioches$/m],
    [],
  ],
  [
    'rows with strokes between are lists with a name, and what the oven is set to is said where it bakes',
    ROWS,
    {},
    [/^BASE$/m, /^ICING$/m, /^125 g butter/m, /^75 g butter/m, /mix\. Let the dough stand/],
    [/Before it is baked/],
  ],
  [
    'a list with dots between keeps what has no unit; a cheesecake is no pancake',
    DOTS,
    {},
    [/^zest of 1 lemon/m, /^85 g currants/m, /flourless bake/],
    [/pancake/],
  ],
  [
    'a letter’s list has its jar, its yolk and its glaze, and no spoonful twice',
    LETTER,
    {},
    [/^400 g mincemeat/m, /^1 egg yolk/m, /^1 egg, to glaze/m],
    [/^\d[\d.]* g mincemeat[^]*\d[\d.]* g mincemeat/m],
  ],
  [
    'a splash that is measured is on the list, and what stands before it is unclipped cools once',
    MESSAGE,
    {},
    [/^\d+ g milk/m, /leave it 20 mins before you unclip it/],
    [/Let it cool in the tin/],
  ],
  [
    'croissants are counted as croissants',
    CROISSANTS,
    {},
    [/^6 gluten-free croissants \(360 g\)/m, /Split the gluten-free croissants/],
    [/pastry/],
  ],
  [
    'peanut butter that stays is none of the butter that goes',
    NUT_BARS,
    NO_MILK,
    [/sugar and peanut butter until/],
    [],
  ],
  [
    '“the flour” of a crumble is the crumble’s, and the cake rests where its own flour goes in',
    CRUMBLE_CAKE,
    NO_MILK_NOR_EGG,
    [/Fold in the flour blend\.\s+(?:\d+\. )?Let the batter stand[^]*vinegar[^]*Spread in a 23 cm/],
    [/stir in the sugar\. Let the batter/],
  ],
  [
    'a pie plate is one, and cream for whipping is chilled before anything else',
    LIME_PIE,
    NO_MILK,
    [/^In: 9 in pie plate/m, /^1\. The evening before, chill the coconut cream for the topping/m],
    [],
  ],
  ['flour of a mug is told by the spoon as well', MUG, {}, [/^\d+ g white rice flour \(\d tbsp/m], []],
  ['Swedish pearl sugar is sugar', SWEDISH, {}, [/pearl sugar \(2 tbsp\)/], [/pärlsocker/]],
];

describe('rows, letters and clippings on paper', () => {
  it.each(PAGES)('%s', readsOnPaper);
});
