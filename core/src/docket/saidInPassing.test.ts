import { readsOnPaper, type OnPaper } from '../testingDockets';

/* What a step says in passing, and what only sounds like a deed: steam that is let out, yeast that is proofed, a string of dough of so many centimetres, a food that the list forgot. */

const ROUNDS =
  'Cherry rounds\nMakes 18\n115g unsalted butter, soft\n100g light muscovado\n1 medium egg, plus 1 yolk\n185g plain flour\n½ tsp bicarb\n100g white choc, in chunks\n75g dried sour cherries (soak in 2 tbsp kirsch, overnight)\n\nHeat the oven to 190C. Beat butter and sugar, add egg and yolk. Sift in flour & bicarb, mix. Chunks and cherries go in last.\nScoop 18 balls (35g each), well apart. Bake 12-14 mins.';
const STARS =
  'Nut stars\n200 g plain flour\n100 g ground hazelnuts\n70 g icing sugar\n140 g butter, cold\n1 yolk\n\nChop everything together, then work it quickly into a dough. Wrap, 2 hours cold.\nRoll 3 mm thick on a floured board. Cut stars. 180°, 9 to 11 min.';
const POUND =
  'Pound cake\n340 g butter\n600 g sugar\n6 eggs\n3 cups all purpose flour\n1/2 tsp baking powder\n1 cup milk\nZest of 3 lemons and 1/4 cup juice\n\nCream butter and sugar, add eggs, then flour and milk by turns. Stir in zest and juice. Bake in a 10-inch tube pan at 325F 75 min.';
const CUSTARD_MUFFINS =
  'Custard muffins, 12\n300 g self-raising flour\n120 g sugar\n2 eggs\n150 ml yoghurt\n100 ml oil\n\nStir the flour and sugar. Beat the rest, tip it in, stir. Fill 12 cases.\n200°C, 20–25 minutes. Leave them 10 minutes before you try to get them out, they are HOT.';
const SAFFRON =
  'Saffron buns, 20\n3 dl milk\n100 g butter\n25 g fresh yeast\n85 g sugar\n540 g strong flour\n1 egg, for brushing\n\nMelt the butter, add the milk, dissolve the yeast in it. Add sugar and flour; knead 10 minutes. Rise 45 min.\nDivide in 20, roll each to a thin string of 25 cm, curl the ends to an S. On paper. Rise 30 min. Brush with egg. 225 °C, 6–8 min.';
const SWISS_ROLL =
  'Swiss roll\nServes 8\n4 eggs\n100g caster sugar\n100g plain flour\n\nOven 200°C. Line a 33 x 23cm tin. Whisk the eggs and sugar until they leave a trail. Fold in the flour in three lots. Bake 10-12 min. Sugar a sheet of paper. Turn the sponge onto it, roll up.';
const CHURROS =
  'Churros\nServes 4\n1 cup water\n2 tablespoons vegetable oil\n1 cup all-purpose flour\n\nBoil water and oil. Stir in flour until it forms a ball. Heat 2 quarts of oil to 375 degrees F. Pipe strips into it. Fry about 2 minutes a side.\nChocolate sauce: melt 4 oz dark chocolate with 1/2 cup cream, stir. It should have the same consistency as a shortcrust pastry.';
const ROLY_POLY =
  'Jam roly poly\nFor 6\n225 g S.R. flour\n115 g suet\n150 ml cold water\n6 tbsp jam\n\nMix flour and suet. Add water to make a soft dough. Roll on a floured board to an oblong 12 x 8". Spread with jam, roll up. Wrap in foil. Steam 2 hrs. Unwrap on a hot dish.';
const BANANA =
  'Banana pancakes, 12\n150 g wholemeal flour\n2 tsp baking powder\n1/4 tsp nutmeg\n1 banana\n1 egg\n200 ml milk\n\nMash the banana, beat in egg and milk. Put flour, b.p. and nutmeg in a bowl, whisk in the wet. Stand 10 minutes. 2 tablespoons of batter per pancake; flip when bubbles burst, 2 min, another minute on side two.';
const BUNDT =
  'Bundt\nServes 14\n250g butter\n300g caster sugar\n4 eggs\n250g self-raising flour, plus 1 tbsp for dusting the tin\n100ml milk\n\nBrush a 2.4-litre bundt tin with melted butter and dust with the 1 tbsp flour. Beat butter and sugar, then the eggs. Fold in the flour, then the milk. Bake at 180C for 45-50 mins.';
const ROLLS =
  'Cinnamon rolls, 12\n1 c. whole milk, warm\n2 1/4 tsp. active dry yeast\n1/3 c. sugar\n4 c. bread flour\n2 eggs\n\n1. Proof yeast in milk with a pinch of the sugar till foamy, 10 min.\n2. Stir in rest of sugar, eggs, flour. Knead 8 min. Cover, let rise till double (1 1/2 hr.).\n3. Roll out, roll up, cut 12. Arrange in greased 9 x 13" pan. Cover & refrigerate overnight.\n4. Let stand 1 hr. Bake at 350° for 25 min.';
const PROFITEROLES =
  'Profiteroles\n75 g butter\n200 ml water\n105 g plain flour\n3 eggs\n\nOven 400F. Boil butter and water. Tip in the flour at once. Beat till smooth and leaves sides of pan - do not overbeat. Beat in the eggs. Put teaspoonfuls on wetted baking sheets. Bake 20-25 mins. Make a slit in each to let out the steam and dry out 5 mins. Cool on rack. (Makes 24)';
const PIE =
  '## Cherry pie ##\n320 g plain flour\n225 g cold butter\n90 ml ice water\n900 g cherries\n200 g sugar\n\nPulse flour and butter. Dribble in the water. Divide in two, discs, wrap, 1 h fridge.\nRoll one, line a 23 cm pie plate. Toss cherries and sugar, fill. Lattice. Freeze 15 min. 220 °C 20 min, then 190 for 40.';
const WAFFLES =
  'Waffles\nServes 6\n1¾ cups flour\n2 tsp baking powder\n2 large eggs, separated\n2 cups buttermilk\n½ cup butter, melted\n\nHeat your waffle iron. Oven to 200°F with a rack set over a sheet pan. Whisk yolks, buttermilk and butter into the dry. Beat whites to soft peaks; fold in. Cook ½ cup at a time until deep golden, 4–5 minutes. Keep on the rack in the oven.';
const PARKIN_BUNS =
  'Spotted buns, 12\n1 lb strong plain flour\n1 oz fresh yeast\n2 oz sugar\n1/2 pint milk & water, warm\n1 egg\n4 oz currants\n\nCream the yeast with 1 tsp of the sugar & a little of the liquid. Make well in the flour, pour in yeast, egg & liquid, mix to soft dough. Knead 10 mins. Cover & put in warm place till doubled, abt 1 hr. Knead in the fruit. Shape 12 buns, place on greased tin, prove 20-30 mins till puffy. Hot oven (425) 15 mins.';
const LAVA =
  'Lava cakes (4)\n100 g dark chocolate\n75 g butter\n2 eggs + 1 yolk\n60 g sugar\n35 g flour\n\nMelt the chocolate and butter. Beat eggs, yolk, sugar 2 min. Stir in the chocolate, sift in the flour.\nButter 4 dariole moulds (150 ml), fill. *They can wait in the fridge up to 24 h here - then give them 2 min more.*\n220 °C, 9-10 min. Turn out, eat at once.';
const POTS =
  'Yoghurt pot cake, our version\n\nTake a 125g pot of plain yoghurt. Empty it into a bowl, wash the pot, it is your measure:\n- 1 pot oil\n- 2 pots sugar\n- 3 pots flour\n- 3 eggs\n- 1 sachet (11 g) baking powder\n\nMix yoghurt and sugar, then the eggs, then flour + powder, then oil. Butter and flour a 24 cm round. 180°, 35 min.';
const GALETTE =
  'Galette\nMakes 16 + trimmings\n165g plain flour\n130g cold butter\n60ml iced water\n-- filling --\n5 nectarines\n50g sugar\n\nPulse flour and butter, drizzle in the water. Chill 1 hour.\nOn a floured sheet of baking paper, roll the dough to a 32cm round. Toss nectarines with sugar, pile on, fold the edges over. 200°C 40 minutes.';
const CINNAMON_BALLS =
  'Cinnamon balls\n2 3/4 c flour\n2 tsp cr of tartar\n1 tsp soda\n1 c butter\n1 1/2 c sugar\n2 eggs\n\nCream butter & sugar, eggs. Sift in dry. Roll into walnut size balls. 400 for 8-10. They puff up then flatten. Abt 4 doz.';
const CUSTARD_TART =
  'Custard tart\n200g plain flour\n100g cold butter\n50g icing sugar\n1 egg yolk\nFor the filling\n3 eggs\n300ml double cream\n\nRub the butter into the flour. Stir in the icing sugar, then the yolk and 1-2 tbsp cold water. Chill for 30 minutes. Line a 23cm tart tin. Blind bake at 190C for 15 minutes. Whisk eggs and cream, pour in. Bake at 150C for 35 minutes.';
const TEA_CAKES =
  'Tea cakes (bakestone)\n1/2 lb flour (S.R.)\n4 oz butter\n3 oz sugar\n3 oz currants\n1 egg\n\nRub fat into flour, add dry things. Mix to a firm dough w. egg. Roll 1/4 in. thick, cut 2 1/2 in. rounds. Cook on lightly greased bakestone or heavy pan, moderate heat, abt 3 mins each side till golden. Makes 18.';
const BUCKLE =
  '# Buckle (9x13)\n**Streusel:** 1 cup flour, 1/2 cup brown sugar, 1 tsp cinnamon, 6 Tbsp cold butter\n**Cake:**\n* 3 cups flour\n* 1 Tbsp baking powder\n* 3/4 cup butter\n* 1 1/2 cups sugar\n* 3 eggs\n* 1 1/4 cups milk\n* 3 cups blueberries, tossed w/ 1 Tbsp of the flour\n\n1. Rub streusel together.\n2. Cream butter and sugar, add eggs, then flour and milk. Spread in a 9x13 pan, berries, streusel. Bake at 350F 45 min.';
const CRUMPETS =
  'Griddle breads\n200 g strong white flour\n5 g fast yeast\n270 ml warm water\n1/2 tsp bicarb in 1 tbsp water\n\nWhisk flour and yeast with the water. Cover, 1 hr somewhere warm, v. bubbly. Whisk in the bicarb water. Greased pan and rings, 8-10 min, flip, 1-2 min. Makes 8.';
const FOREST =
  'Cherry gateau\n6 eggs, separated\n200g caster sugar\n100g plain flour\n1 x 680g jar morello cherries\n2 tbsp cornflour\n100ml kirsch\n\nWhisk yolks and sugar till pale. Whisk whites to soft peaks, fold in, sift over the flour, fold. Bake in a 24cm tin at 180°C 30 mins. Drain the cherries, keep the juice, thicken it with the cornflour. Warm 50ml cherry juice, add kirsch. Brush.';
const TOSSED =
  'Berry loaf\n2 cups flour\n2 tsp baking powder\n1/2 cup butter\n1 cup sugar\n2 eggs\n1/2 cup milk\n1 cup blueberries, tossed in 1 tbsp flour\n\nCream butter and sugar, eggs, flour and milk. Fold in the berries. Bake in a loaf pan at 350F 55 min.';
const SPICE_LOAF =
  'Spice loaf\n1 loaf tin 25x11\n200 ml milk\n200 g honey\n300 g flour\n2 tsp baking powder\n2 eggs\n\nWarm milk and honey. Whisk in flour and powder, then the eggs. Into the buttered tin. 160°, an hour and ten.';
const CRINKLES =
  'Crinkle cookies\n4 sq. unsweetened chocolate, melted\n1/2 c. oil\n2 c. sugar\n4 eggs\n2 c. flour\n2 tsp. baking powder\n\nMix oil, chocolate and sugar. Blend in the eggs. Stir in flour and powder. Chill overnight. Shape in balls. Bake at 350 10-12 min. Do not overbake!! 6 doz.';
const HONEY_CAKE =
  'Honey cake, 8 layers\n100 g honey\n100 g butter\n150 g sugar\n3 eggs\n1.5 tsp baking soda\n500 g flour\n\nMelt honey, butter and sugar, add the soda, whisk in the eggs, add the flour. Divide in 8. Roll each out very thin on baking paper, cut a 22 cm circle. Bake at 180 °C for 5-6 minutes each.';
const COLUMNS =
  'Steamed pudding\nServes 6\n\nINGREDIENTS            METRIC      IMPERIAL\nButter                 115 g       4 oz\nCaster sugar           115 g       4 oz\nEggs                   2           2\nSelf-raising flour     150 g       5 oz\n\n1. Cream the butter and sugar. Beat in the eggs.\n2. Fold in the flour.\n3. Turn into a greased 1 litre basin and steam for 1½ hours.';
const RYE_LOAF =
  'Rye loaf\n200 ml milk and 200 g honey warmed together. In a bowl 150 g rye flour, 150 g wheat flour, 2 tsp baking powder. Pour in the milk, whisk. 2 eggs, whisk. Into a loaf tin. 160°, 70 minutes.';
const HORNS =
  'Cream horns of brandy snap\n4oz. butter\n4oz. sugar\n4oz. golden syrup\n4oz. flour\n\nMelt butter, sugar & syrup. Stir in flour. Teaspoonfuls on a greased tray, 160C for 8 mins. Cool a minute, roll round greased cream-horn moulds. Fill with ½ pt. cream, whipped.\nUse an ice cream scoop for large ones.';

describe('what is said in passing', () => {
  it.each<OnPaper>([
    [
      'a food keeps how it is wanted though its name is shortened; a bracket says what a fruit lies in',
      ROUNDS,
      {},
      [/^100g white choc, in chunks$/m, /dried sour cherries, soaked in the kirsch/],
      [],
    ],
    [
      'what is wrapped for two hours in the cold takes two hours',
      STARS,
      {},
      [/^2 hours (?:30|45) minutes/m],
      [],
    ],
    ['zest of so many fruits, and so much of their juice', POUND, {}, [/^\d+ g lemon juice \(¼ cup\)/m], []],
    [
      'it is left in the tin once',
      CUSTARD_MUFFINS,
      {},
      [/Leave them 10 minutes before/],
      [/Let it cool in the tin/],
    ],
    ['a string of dough is no tin', SAFFRON, {}, [/thin string of 25 cm/], [/^In: /m]],
    [
      'flour that is folded in in three lots is no dough round butter',
      SWISS_ROLL,
      {},
      [/three lots/],
      [/round butter/],
    ],
    [
      'what only a step measures is on the list, under what it is for, and asked about; a likeness is none',
      CHURROS,
      {},
      [/^chocolate sauce\n+115 g dark chocolate \(.*\n+120 g cream/m],
      [/^\d+ g .*pastry/m],
    ],
    [
      'for somebody without milk as well',
      CHURROS,
      { without: ['milk'] },
      [/^chocolate sauce\n+115 g dairy-free dark chocolate|^chocolate sauce\n+.*chocolate/m],
      [/with 1\/2 cup cream/],
    ],
    ['an oblong that is rolled, and a hot dish, are no tins', ROLY_POLY, {}, [/^Steamed/m], [/^In: /m]],
    [
      'two letters with stops end no sentence, and both sides of a pancake count',
      BANANA,
      {},
      [/b\.p\. and nutmeg in a bowl/, /^Griddle or pan, 3 minutes/m],
      [],
    ],
    [
      'a spoonful to dust with is not the blend’s',
      BUNDT,
      {},
      [/dust with rice flour/],
      [/of the flour blend/],
    ],
    [
      'yeast that is proofed is no dough that rises',
      ROLLS,
      {},
      [/Proof yeast in milk with a pinch of the sugar till foamy/],
      [/^2\. (?:Cover|Leave)/m],
    ],
    [
      'steam that is let out cooks nothing, a dash goes with its caution, and a count is no step',
      PROFITEROLES,
      {},
      [/^Oven 205 °C .*20 to 25 minutes, then 5 minutes/m, /leaves sides of pan\./],
      [/^Steamed/m, / -\./, /\(Makes 24\)/],
    ],
    [
      'a dough that has lain an hour in the cold is frozen as its author says',
      PIE,
      {},
      [/^Cherry pie$/m, /Freeze 15 min/],
      [],
    ],
    [
      'a waffle has its iron, and the oven keeps it warm',
      WAFFLES,
      {},
      [/^Griddle or pan, 4 to 5 minutes/m],
      [/^In: |^Oven/m],
    ],
    [
      'milk and water are half of each, and of two rises the first is a rest, wherever the dough is put',
      PARKIN_BUNS,
      {},
      [/^\d+ g milk/m, /^1\d\d g water/m, /leave it for 20 minutes/, /prove 20-30 mins/],
      [/till doubled/],
    ],
    [
      'a night that they may wait is none of the work',
      LAVA,
      {},
      [/^\d\d minutes in all|^1 hour/m],
      [/2\d hours/],
    ],
    ['a food that a note measures is on the list', POTS, {}, [/^1\d\d g plain yoghurt/m], []],
    [
      'a sheet of paper is dusted whole, a heading loses its strokes, and what comes over is no count',
      GALETTE,
      {},
      [/^filling$/m, /sheet of baking paper dusted with rice flour/, /^Makes 16/m],
      [/trimmings/],
    ],
    [
      'dozens that end a method are its yield, and tartar is cream of it',
      CINNAMON_BALLS,
      {},
      [/^Makes 48 pieces/m, /^2 tsp cr of tartar \(\d/m],
      [/4 doz/],
    ],
    ['icing sugar ices nothing: the water beside it binds', CUSTARD_TART, {}, [/^\d\d g cold water/m], []],
    [
      'what is cooked on a bakestone sees no oven',
      TEA_CAKES,
      {},
      [/^Griddle or pan, 6 minutes/m],
      [/^Oven/m, /Bake at/],
    ],
    [
      'bold words before a list name its part, and flour of the list’s is none besides',
      BUCKLE,
      {},
      [/^Streusel$/m, /^Cake$/m, /blueberries/],
      [/\*\*/],
    ],
    ['a letter that stands for a word ends no sentence', CRUMPETS, {}, [/v\. bubbly/], []],
    ['the juice of a jar comes with it', FOREST, {}, [], [/^\d+ g cherry juice/m, /^also$/m]],
    [
      'flour that berries are tossed in is the blend’s',
      TOSSED,
      {},
      [/tossed in a little of the flour blend/],
      [],
    ],
    [
      'an hour and ten is seventy minutes, and a tin of 25 by 11 is measured in centimetres',
      SPICE_LOAF,
      {},
      [/^In: 25 × 11 cm loaf tin/m, /^Oven 160 °C .*70 minutes/m],
      [],
    ],
    [
      'a square of chocolate is an ounce, and dozens need no word before them',
      CRINKLES,
      {},
      [/^Makes 72 pieces/m, /unsweetened chocolate, melted \(11\d g\)/],
      [/6 doz/],
    ],
    ['what is rolled out and baked lies in no tin', HONEY_CAKE, {}, [/on the tray/], [/in the tin/]],
    ['names of columns are no heading', COLUMNS, {}, [/Butter/], [/METRIC|IMPERIAL/]],
    [
      'two flours with their amounts are one blend, all of it',
      RYE_LOAF,
      {},
      [/In a bowl the flour blend, /],
      [/150/],
    ],
    [
      'cream by the pint is on the list; moulds and scoops are of no cream',
      HORNS,
      { without: ['milk'] },
      [/^\d+ g (?:coconut|dairy-free|oat|soya?)[\p{L} ]* cream|^\d+ g coconut cream/mu, /cream-horn moulds/],
      [/½ pt\. cream/, /still says/],
    ],
  ])('%s', readsOnPaper);
});
