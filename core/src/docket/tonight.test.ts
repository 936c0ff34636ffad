import { readsOnPaper, type OnPaper } from '../testingDockets';

/* What somebody who bakes tonight reads off the paper: what is heated when, how much of what, and what it is called. */

const NO_MILK = { without: ['milk'] } as const;
const NO_EGG = { without: ['egg'] } as const;
const NO_NUTS = { without: ['tree nuts'] } as const;

const FRITTERS =
  'Apple fritters\n1 cup all-purpose flour\n1/4 cup sugar\n1 1/2 teaspoons baking powder\n1/3 cup milk\n1 egg\n2 cups diced apple\noil for frying\n\nHeat 2 inches of oil in a heavy pot to 375 degrees F.\nCombine flour, sugar and baking powder. Stir in milk and egg. Fold in apples.\nDrop by tablespoons into the hot oil. Fry until golden, 1 to 2 minutes per side.';
const COOKIES =
  'Oatmeal cookies\n1 cup butter, softened\n1 cup brown sugar\n2 eggs\n1-1/2 cups all-purpose flour\n1 tsp baking soda\n3 cups rolled oats\n\nHeat oven to 350 F.\nBeat butter and sugar until creamy. Add eggs. Mix in flour and baking soda. Stir in oats.\nDrop dough by rounded tablespoonfuls onto cookie sheets.\nBake 8 to 10 minutes until golden.\nMakes 3 dozen.';
const BAKEWELL =
  'Bakewell tart\n\nPastry\n175g plain flour\n75g chilled butter\n3 tbsp cold water\n\nFilling\n3 tbsp raspberry jam\n125g butter\n125g caster sugar\n125g ground almonds\n1 egg\n\nIcing\n80g icing sugar\n2½ tsp cold water\n\nRub the butter into the flour with your fingertips until the mixture resembles fine breadcrumbs. Add the water, mixing to form a soft dough.\nRoll out and line a 20cm flan tin. Chill for 30 minutes. Bake blind at 200C for 15 minutes.\nSpread with jam. Melt the butter, stir in the sugar, almonds and egg. Pour into the tin.\nBake for 35 minutes. If the almonds seem to be browning too quickly, cover loosely with foil.\nSift the icing sugar into a bowl. Stir in cold water and pipe over the top.';
const BUCKLE =
  'Blueberry buckle\n\nFor the cake\n250g all-purpose flour\n2 tsp baking powder\n57g unsalted butter, softened\n150g sugar\n1 large egg\n1/2 cup milk\n2 cups blueberries\n\nFor the topping\n1/2 cup sugar\n1/3 cup all-purpose flour\n1/4 cup cold butter\n\nBeat the butter and sugar, then the egg. Add the flour and baking powder alternately with the milk. Fold in the blueberries and spread in an 8-inch square pan.\nFor the topping, combine the sugar and flour and cut in the butter. Sprinkle over the batter.\nBake at 375°F 40 to 45 minutes.';
const BRACK =
  'Tea brack\n\nSoak overnight: 375g mixed dried fruit and 50g cherries in 300 ml cold strong tea with 200g light muscovado sugar.\n\nNext day\n1 egg, beaten\n275g self raising flour\n\nPreheat the oven to 160°C fan. Line a 900g loaf tin.\nAdd the egg and flour to the soaked fruit and any liquid. Mix well.\nBake for 1 hr 15 min.';
const BAKLAVA =
  'Baklava rolls\n\n250 g walnuts, finely chopped\n50 g sugar\n12 sheets filo pastry\n150 g butter, melted\nFor the syrup\n250 g sugar\n200 ml water\n\nHeat the oven to 170 °C. Mix walnuts and sugar.\nLay a sheet of filo on the work surface, brush with butter, scatter over a sixth of the nuts and roll up. Lay in a buttered tin. Repeat with the rest.\nBake 35–40 minutes until golden.\nMeanwhile boil the sugar and water for 8 minutes and cool.\nPour the cold syrup over the hot rolls. Leave to soak for at least 4 hours.';
const ROLL =
  'Swiss roll\n4 eggs\n120 g sugar\n100 g flour\n\nFilling: 250 g mascarpone, 200 ml whipping cream, 60 g icing sugar\n\nBeat eggs and sugar until thick and the whisk leaves a ribbon. Sift the flour over and fold in.\nSpread on a lined 30 x 40 cm tray, bake 12 min at 190 °C. Roll up and leave to cool.\nWhip the cream; stir the mascarpone with icing sugar, fold in the cream. Unroll, spread, roll up again.';
const VELVET =
  'Red velvet cake\n2 9-inch layers\n\n2 1/2 cups cake flour\n1 tsp baking soda\n1 1/2 cups sugar\n1 1/2 cups vegetable oil\n1 cup buttermilk\n2 large eggs\n\nPreheat oven to 350°F. Oil two 9-inch round cake pans.\nMix the dry into the wet until just combined and a smooth batter forms.\nDivide among the pans. Bake about 30 minutes.';
const BUNS =
  'Kanelbullar, ca 40 st\n\n50 g jäst\n150 g smör\n5 dl mjölk\n1 dl socker\n0,5 tsk salt\n14 dl vetemjöl\n1 ägg till pensling\n\nMelt the butter, add the milk and warm to 37°C. Stir in the yeast, sugar, salt and flour. Work the dough 10 minutes. Leave to rise for 30 min.\nRoll out half the dough at a time to a rectangle, about 30 x 50 cm. Roll up and cut into 20 pieces. Place on a baking tray and prove for 30 minutes.\nBrush with beaten egg. Bake at 250 °C for 8 minutes.';
const CREPES =
  'Easy crepes\n1 cup flour\n2 eggs\n1/2 cup milk\n1/2 cup water\n2 tbsp butter, melted\n\nIn a large bowl, whisk together the flour and the eggs. Add the milk and water, then the butter.\nHeat a frying pan. Pour in 1/4 cup for each crepe. Cook for about 2 minutes, turn and cook the other side.';
const STRUDEL =
  'Apple strudel\nDough: 250 g flour, 1 egg, 2 tbsp oil, 100 ml lukewarm water\nFilling: 1.2 kg apples, 100 g sugar, 80 g breadcrumbs fried in 60 g butter\n\nKnead flour, egg, oil and water to a smooth soft dough, at least 10 minutes. Rest for 30 minutes.\nPeel and slice the apples, mix with the sugar.\nRoll out the dough on a floured cloth, then stretch over the backs of your hands until thin as paper. Strew the crumbs over and spread the apples on top. Roll up.\nBake at 190°C for 40 minutes.';
const LINZER =
  'Linzer cookies\n270g all-purpose flour\n1 cup (100g) almond flour\n1/4 tsp salt\n226g butter\n130g sugar\n1 egg\n\nWhisk flours and salt. Beat butter and sugar 3 minutes, add egg. Mix in flours on low. Wrap and chill 2 hours.\nRoll out, cut and bake at 350°F for 10 to 12 min.';
const BEIGNETS =
  'Beignets\n1 1/2 cups lukewarm water\n1/2 cup sugar\n1 envelope active dry yeast\n2 eggs\n7 cups bread flour\n1/4 cup shortening\nOil, for deep-frying\n\nMix water, sugar and yeast. Beat in eggs, flour and shortening and knead until smooth. Let rise for 2 hours.\nPreheat oil in a deep-fryer to 350 degrees F.\nRoll the dough out and cut into squares. Deep-fry, flipping constantly, until they become a golden color.';
const TRAYBAKE =
  'Carrot traybake\n\n250ml sunflower oil | 4 eggs | 225g light muscovado sugar | 200g carrots, coarsely grated | 300g self-raising flour\n\nMix all the ingredients in a large bowl. Turn into a lined 30x23cm traybake tin.\nBake 50 mins at 180C.';
const COBBLER =
  'Peach cobbler\n\n6 tbsp butter\n1 cup flour\n1 cup sugar, divided... plus 2 tbsp\n2 tsp baking powder\n3/4 cup milk\n2 cups sliced peaches\n\nPut the butter in an 8 inch square dish and set it in the oven to melt.\nWhisk flour, sugar and baking powder; stir in milk.\nPour batter over the butter, scatter peaches over.\nSprinkle the 2 tbsp sugar on top. Bake 40 minutes at 350F, golden. Ice cream!';
const TREACLE =
  'Treacle tart\n\nFor the pastry: 225 g plain flour, 110 g butter, 1 egg lightly beaten + extra for glaze\nFilling: 400 g golden syrup, 2 tbsp fresh white breadcrumbs\n\nRub the butter into the flour, stir in the egg and bring together. Chill for 30 mins.\nRoll out and line a 9" fluted flan tin. Warm the syrup, stir in crumbs. Pour into the case. Brush with beaten egg.\nBake 25 min at 190°C.';

const POTS =
  'Orange yoghurt cake\n\n1 pot plain yoghurt (125 g)\n3 pots self-raising flour\n2 pots caster sugar\n1 pot sunflower oil\n3 eggs\n\nWhisk yoghurt, oil and eggs. Stir in sugar then flour. Bake in a lined 22 cm round tin at 180 C for 40-45 minutes.';
const BARS =
  'Lemon bars\n\nCrust\n225 g unsalted butter, melted\n100 g sugar\n2 cups all-purpose flour\n\nFilling\n400 g sugar\n6 Tbsp all-purpose flour\n6 eggs\n1 cup lemon juice\n\nMake the crust: mix the melted butter and sugar in a bowl. Add the flour and stir to combine. Press firmly into a 9×13 pan. Bake at 325°F for 20-22 minutes.\nMake the filling: sift the sugar and flour together. Whisk in the eggs, then the lemon juice.\nPour over the crust. Bake for 22-26 minutes.';
const CROSS =
  'Hot cross buns\n\nFor the buns:\n625g strong white flour\n1 tsp salt\n45g butter\n85g sugar\n1½ tsp fast-action yeast\n1 egg\n275ml tepid milk\n\nFor the topping\n2 tbsp plain flour\n\nSieve the flour and salt, rub in the butter, add the sugar and yeast.\nBeat the egg and add to the flour with the tepid milk. Mix to a soft dough and knead for 5 minutes.\nShape the dough into a ball, cover and set aside in a warm place for one hour to prove.\nKnock back the dough and divide it into 12 pieces. Roll into balls. Transfer to a greased tray and set aside in a warm place for a further 40 minutes to rise.\nFor the topping, mix the plain flour to a paste with 2 tablespoons of cold water.\nWhen the buns have risen, pipe a cross on each. Bake at 220C for 8-12 minutes.';
const TURNOVERS =
  'Apple turnovers\nmakes 8\n375 g ready-rolled puff pastry\n3 apples\n75 g demerara sugar\n1 egg, to glaze\n\nPeel and chop the apples; cook with the sugar for 8 min. Cool.\nCut pastry in 8 squares. Spoon apple on, fold to triangles, glaze.\n200°C 20 mins until golden.';
const ROCKS =
  'Rock cakes\n225g self raising flour\n75g caster sugar\n125g unsalted butter cut into cubes\n150g dried fruit\n1 egg\n\nPreheat oven to 180C/350F/Gas 4.\nMix the flour and sugar and rub in the cubed butter, then mix in the dried fruit.\nStir in the egg. Place spoons of it on a tray. Bake for 15-20 minutes.';

const HEAD =
  'PEANUT COOKIES\n\nYield: about 3 dozen    Oven: 375°F    Time: 10 min\n\n1/2 cup butter\n1/2 cup peanut butter\n1 cup sugar\n1 egg\n1 1/4 cups flour\n3/4 tsp. baking soda\n\n1. Cream butter, peanut butter and sugar; beat in egg.\n2. Sift flour and soda; stir in.\n3. Chill dough one hour.\n4. Shape in balls. Place on greased cookie sheet.\n5. Bake until set, but not hard.';
const PUDDING =
  'Bread and butter pudding\n50 g sultanas\n8 thin slices white bread\n1/2 litre whole milk\n2 eggs\n25 g sugar\n\nCut the bread into triangles and arrange in a 1 litre pie dish with the sultanas. Whisk the eggs with the sugar and milk. Pour over and stand 30 min.\n180C, 30-40 min till golden.';
const FINGERS =
  'Sponge fingers (ladyfingers)\nMakes about 40\n4 eggs, separated\n100g caster sugar\n100g plain flour\nicing sugar to dust\n\nPreheat to 190°C.\nWhisk whites until stiff with half of the sugar.\nBeat yolks with remaining sugar until thick and pale.\nFold the whites into yolks, sift over the flour, fold.\nPipe 10cm fingers on a tray. Dust with icing sugar twice, 5 min apart.\nBake 10-12 min until light gold.';
const DOUGHNUTS =
  'Jam doughnuts, makes 12\n500g strong white bread flour\n60g caster sugar\n15g fresh yeast\n4 eggs\n150 ml water\n125g softened butter\nabout 2 litres sunflower oil, for deep-frying\n150 g raspberry jam\n\nPut everything but the butter into a mixer and mix for 8 mins. Slowly add the butter and mix until smooth.\nCover and leave to prove until doubled in size. Knock back, re-cover and put in the fridge to chill overnight.\nThe next day, take the dough out and cut into 50g pieces. Roll into buns and place on a tray. Cover loosely and leave for 4 hrs.\nFill your deep-fat fryer halfway with oil. Heat to 180C. Fry 2 mins on each side until golden brown.\nPipe in the jam.';
const MADEIRA =
  'Madeira cake\n\n6 oz. butter\n6 oz. castor sugar\n3 eggs\n9 oz. plain flour\n1 level tsp. baking powder\n1 strip citron peel\n\nCream butter and sugar. Beat in the eggs. Fold in flour and baking powder. Put in a 7-in. cake tin; bake at 350°F for about 1¼ hrs. Lay the citron peel on top of the cake when it has been in the oven 15-20 mins.';

const JEN =
  'Coffee loaf\n\n250g butter, sugar & s/r flour (each)\n5 eggs\n1 tbsp instant coffee in 1 tbsp hot water\n\nCream butter and sugar, eggs in slowly, fold flour, then coffee.\nTwo 2lb loaf tins, 170 fan 40–45 min.';
const FLAN =
  'Sponge flan\n3 eggs\n90 g caster sugar\n90 g plain flour\nfilling: 300 ml crème pâtissière (below), 500 g strawberries, 3 tbsp jam\n\nCrème pâtissière\n300 ml milk\n3 egg yolks\n50 g caster sugar\n20 g plain flour\n\nWhisk eggs and sugar till thick enough to leave a trail. Fold in flour. Bake in a 25cm flan tin at 190 for 20 min.\nCrème: heat the milk; beat yolks, sugar and flour, pour on milk, stir until it thickens. Chill. Fill with crème and strawberries.';
const PULLED =
  'Pull-apart bread\n2¾ cups AP flour\n¼ cup sugar\n2¼ tsp instant yeast\n4 Tbsp butter\n⅓ cup milk\n2 eggs\n\n1. Stir flour with sugar and yeast. Melt butter into the milk. Pour into dry, add eggs.\n2. Rise in a greased covered bowl 1 hr. Grease a 9x5 loaf pan.\n3. Roll to 12x20". Cut in 6 strips, stack. Stand in pan. Cover, 30-45 min till almost doubled.\n4. 350°F, 30-35 min, till dark golden.';

const CREAM_PIE =
  'Banana cream pie\n9-inch pie crust (unbaked)\n1/4 cup cornstarch\n3/4 cup sugar\n2 3/4 cups whole milk\n4 egg yolks\n3 bananas, sliced\n\nBlind bake crust at 375 F about 25 minutes; cool.\nWhisk cornstarch and sugar in a saucepan. Whisk in milk and yolks. Cook until it thickens.\nLine crust with bananas, pour over the custard. Chill 4 hours.';
const MUG_CAKE =
  'Chocolate mug cake\n4 tbsp self-raising flour\n4 tbsp caster sugar\n2 tbsp cocoa powder\n1 egg\n3 tbsp milk\n3 tbsp oil\n\nMix the flour, sugar and cocoa in a mug. Add the egg, milk and oil and mix until smooth.\nCook in the microwave for 4-5 mins on High, until firm.';
const SLICES =
  'Mille-feuille\n320g ready rolled puff pastry\nFor the cream:\n300ml double cream\n2 tbsp icing sugar\n250g raspberries\n\nUnroll the pastry, cut into 12 rectangles 10 x 5 cm. Bake 15 min at 200C. Cool.\nWhip cream and sugar. Layer pastry, cream, raspberries.';
const PARKIN =
  'Parkin\n½ lb medium oatmeal\n6 oz plain flour\n4 oz lard and butter mixed\n½ lb black treacle\n1 egg\n½ tsp bicarb\n\nWarm the fats and treacle. Mix dry things. Pour in the melted, then the egg. Pour into a tin about 11" x 7". Bake at 325F about an hour.';
const RICOTTA =
  'Ricotta cookies\n2 cups sugar\n1 cup butter, softened\n15 oz ricotta\n2 eggs\n4 cups flour\n2 Tbsp baking powder\n\nGlaze\n1 1/2 cups powdered sugar\n3 Tbsp milk\n\nPreheat to 350. Beat sugar and butter. Beat in ricotta and eggs, add flour and baking powder.\nDrop by level tablespoons on ungreased sheets. Bake about 15 minutes.\nWhen cool mix sugar and milk; spread icing; set aside until dry, about 1 hour.';

const TEA_CAKES =
  'Tea cakes\n100g butter, plus extra for the tin\n2 eggs\n100g caster sugar\n100g self-raising flour\n12 glace cherries\n\nMelt butter, cool. Grease a 12-hole bun tin with some of it and dust with flour, tapping out the excess.\nWhisk eggs and sugar till frothy. Lightly whisk in the rest of the ingredients except the cherries.\nPour into the tin, pop a cherry on each. Bake 8-10 mins at 200C.';

const CRULLERS =
  'Crullers\n½ cup water, ½ cup milk, 1 stick butter, 1 tbsp sugar, 1 cup flour, 4 eggs\noil for frying\n\nBoil water, milk, butter and sugar. Dump in flour, stir hard 2 min over heat. Into mixer, beat to cool 1 min, eggs one by one.\nPipe 3 inch rings on squares of parchment. Freeze 20 min while oil heats to 370F.\nSlip in, paper and all. 2 min a side. Drain.';
const CASSEROLE =
  'French toast casserole\n1 loaf (14 oz) brioche, cubed\n8 large eggs\n2 cups whole milk\n1/2 cup heavy cream\n3/4 cup sugar\n\nSpread bread cubes in a greased 9x13-inch pan.\nMix eggs, milk, cream and sugar and pour evenly over the bread. Store in the fridge overnight.\nBake 45 minutes at 350 F.';
const PECAN =
  'Seed pie\nFor the crust\n1 1/4 cups all-purpose flour\n1/2 cup cold butter\n4 Tbsp ice water\nFor the filling\n1 cup light corn syrup\n3 eggs\n1 cup sugar\n\nPulse flour and butter. Add ice water a tablespoon at a time until it clumps. Disk, wrap, fridge 1 hr.\nHeat oven to 350°F. Roll out dough and fit into a 9-inch pie plate.\nMix corn syrup, eggs and sugar. Pour into crust.\nBake 60-70 minutes (center should reach 200°F).';

const SHORT =
  "Waffles\n2 c flour\n1 T baking powder\n2 eggs sep.\n2 c b'milk\n1/2 c melted butter\n\nMix dry. Yolks + b'milk + butter in. Fold in stiff whites.\nHot iron, 4-5 min each.";

const SKILLET =
  'Skillet cookie\n115 g unsalted butter\n100 g soft light brown sugar\n1 egg\n180 g plain flour\n½ tsp baking powder\n\nPreheat oven to 170°C fan. Brown the butter in a 23cm ovenproof frying pan until it smells nutty; pour into a bowl to cool.\nWhisk in the sugar and egg. Fold in flour and baking powder. Scrape back into the pan and smooth.\nBake for 18-22 mins. Spoons and ice cream at the ready.';
const DUMPLINGS =
  'Plum dumplings\n500 g mashed potato\n150 g plain flour\n1 egg\n30 g butter\n12 small plums\n\nKnead the potatoes with flour, egg and butter to a soft dough. Roll out and wrap a plum in each piece.\nSimmer in salted water 8–10 minutes until they float.';
const BIG_TOPS =
  'Muffins, big tops (6 jumbo)\n2 eggs\n240ml milk\n120ml oil\n280g plain flour\n150g sugar\n1 tbsp baking powder\n\nWet into dry. Jumbo tins, paper cases, fill to the brim. 20 min at 190.';

const TUILES =
  'Classic tuiles\nEgg whites 70 g\nIcing sugar 100 g\nPlain flour 70 g\nButter, melted 70 g\n\nMix whites and sugar, then flour and butter. Spread thin discs on a mat. 180 C, 6 min.\nWhile hot drape over a rolling pin.';
const DUNDEE =
  'Dear Auntie,\nYou wanted the Dundee cake. I cream 6 oz butter with 6 oz soft brown sugar, then beat in 3 large eggs. Then 8 oz plain flour and 1 tsp baking powder go in, and 1 lb of mixed fruit. Into a lined 7 inch round tin, and bake at 150 C for about 2 hours.';

const WHOOPIES =
  'Whoopie pies\n260g plain flour\n40g cocoa\n115g butter\n200g light brown sugar\n1 egg\n240ml buttermilk\n\nFilling: 100g butter, 150g icing sugar, 200g marshmallow fluff\n\nOven 175C. Sift dry.\nBeat butter + sugar 3 mins, egg in. Dry and buttermilk alternately.\nScoop onto lined trays. 11-13 mins. Cool.\nBeat filling; sandwich.';
const GRAPES =
  'Schiacciata\n350 g farina 00\n7 g lievito di birra secco\n200 ml acqua tiepida\n60 g zucchero\n4 cucchiai olio\n800 g uva nera\n\nMix and knead 10 min; rise 1 hour. Roll half into a 30 x 22 cm tin, grapes, sugar and oil. Cover with the rest. 200 °C, 50 min.';
const APPLE_BREAD =
  'Apple bread\n⅔ cup sugar\n½ cup butter\n2 eggs\n1½ cups flour\n1¾ tsp baking powder\n2 apples, chopped, mixed with 2 tbsp sugar + 1 tsp cinnamon\n\nBeat sugar and butter, then eggs. Add flour and baking powder. Fold in apples. Bake in a 9x5 pan at 350 F 50-60 min.';

const PAGES: readonly OnPaper[] = [
  ['fat is heated when the batter has rested', FRITTERS, {}, [/stand for[^]*Heat 2 inches of oil/], []],
  [
    'an oven doesn’t wait for a dough that chills, and how many it makes is no step',
    COOKIES,
    {},
    [/chill it for[^]*Heat oven to 350 F\.\s+\d\. Drop/],
    [/Makes 3 dozen/],
  ],
  [
    'water goes in by the spoonful where the dough is made; of one meal now a verb is of one',
    BAKEWELL,
    NO_NUTS,
    [/Add the water by the spoonful/, /flour seems to be/, /Stir in cold water and pipe/],
    [],
  ],
  ['a buckle is a cake that is bound', BUCKLE, NO_MILK, [/^creamed cake/m, /xanthan gum/], []],
  [
    'what a sentence of the list says that there is, the list has',
    BRACK,
    {},
    [/in the cold strong tea/],
    [/300 ml/],
  ],
  [
    'sheets are counted, a tin is no round one, and what soaks takes its hours',
    BAKLAVA,
    NO_NUTS,
    [/^12 sheets of gluten-free filo pastry \(240 g\)/m, /^In: tin$/m, /^5 hours/m],
    [],
  ],
  [
    'mascarpone and cream are two things without milk as well',
    ROLL,
    NO_MILK,
    [/Whip the coconut cream; stir the dairy-free soft cheese with icing sugar, fold in the coconut cream/],
    [],
  ],
  [
    'smooth is said once, and two numbers don’t meet',
    VELVET,
    NO_EGG,
    [/^Makes two 9-inch layers/m, /until well combined and a smooth batter forms/],
    [],
  ],
  [
    'an egg for brushing is an egg in Swedish, and the dough’s measure is no tin’s',
    BUNS,
    {},
    [/^1 egg/m, /tsp salt/],
    [/^In: 50/m, /What is this/],
  ],
  [
    'three things are one row',
    CREPES,
    { without: ['milk', 'egg'] },
    [/whisk together the flour blend, flax gel and unsweetened applesauce/],
    [/^In: pan/m],
  ],
  [
    'a dough without gluten isn’t drawn over hands; crumbs are fried as they were',
    STRUDEL,
    NO_EGG,
    [/at least a minute/, /roll it on between two sheets/, /breadcrumbs, fried in its fat/],
    [/backs of your hands/],
  ],
  [
    'the flours are all the flours',
    LINZER,
    NO_NUTS,
    [/Mix in the flour blend and sunflower seed flour on low/],
    [],
  ],
  ['fat is as hot as its page says, without a time', BEIGNETS, {}, [/^Fat at 350 °F/m], [/no time found/]],
  ['in a row a food keeps how it is wanted', TRAYBAKE, {}, [/^200 g carrots, coarsely grated/m], []],
  [
    'more of a thing is that thing, and what it is served with has no milk',
    COBBLER,
    NO_MILK,
    [/^25 g sugar \(2 tbsp\)/m, /Dairy-free ice cream!/],
    [/What is this/, /still says/],
  ],
  [
    'extra for the glaze is on the list, and a spoon of crumbs stays a spoon',
    TREACLE,
    {},
    [/plus extra for glaze \(55 g\)/, /^2 tbsp gluten-free breadcrumbs/m],
    [],
  ],
  [
    'a yogurt’s pot is the measure of the others',
    POTS,
    {},
    [/^\d+ g white rice flour/m, /^2 pots caster sugar \(2\d\d g\)/m, /then the flour blend/],
    [],
  ],
  [
    'a crust rests when it is made and not where it is announced',
    BARS,
    { diet: 'grain-free' },
    [/Make the crust: mix[^]*stir to combine\.\s+3\. Let the dough stand for[^]*4\. Press firmly/],
    [/Make the crust\. Let/, /chill it/],
  ],
  [
    'the flour of a step is its own part’s, and buns rise once they are shaped',
    CROSS,
    {},
    [/add to the flour blend with the tepid milk/, /a further 40 minutes to rise/],
    [/one hour to prove/],
  ],
  [
    'pastry that was bought is made first where none can be',
    TURNOVERS,
    { diet: 'grain-free' },
    [/with the beaten egg and chill it/, /Cut grain-free pastry in 8 squares/],
    [/Cut blanched/],
  ],
  [
    'what a page’s head says of the heat is done where its steps bake, and one chill is enough',
    HEAD,
    {},
    [/Bake until set, but not hard\.\s+7\. Leave them on the tray/],
    [/Before it is baked/, /Leave them[^]*Cream butter/],
  ],
  [
    'slices are slices however thin, and litres are litres',
    PUDDING,
    {},
    [/^8 slices of gluten-free bread/m, /^1\/2 litre whole milk \(515 g\)/m],
    [],
  ],
  [
    'what a page makes isn’t asked of its title, and apart is no time in the oven',
    FINGERS,
    {},
    [/^Oven 190 °C \(375 °F, gas mark 5\), 10 to 12 minutes/m],
    [/wafers and sponge/],
  ],
  [
    'fat is as hot as it is heated to, and a night in the cold before the shaping is kept',
    DOUGHNUTS,
    {},
    [/^Fat at 180 °C/m, /^13 hours[^\n]* in all/m, /overnight/, /cut into 50g pieces/],
    [/rapeseed/],
  ],
  ['what is laid on half way is no second bake', MADEIRA, {}, [/^Oven[^\n]*75 minutes, look from \d+$/m], []],
  [
    'what is as much of each is all of them',
    JEN,
    {},
    [/^250 g sugar/m, /^\d+ g brown rice flour/m, /fold the flour blend/],
    [],
  ],
  [
    'what another part makes is on no list',
    FLAN,
    {},
    [/500 g strawberries/, /^300 ml milk/m],
    [/^300 ml cr/m],
  ],
  ['the last rise is the one till it has doubled', PULLED, {}, [/Cover, 30-45 min till/], [/bowl 1 hr/]],
  ['a nine-inch crust is one', CREAM_PIE, {}, [/^1 gluten-free pie crust.* \(230 g\)/m], [/2070/]],
  [
    'a microwave’s time is the page’s, at the head and in the step',
    MUG_CAKE,
    {},
    [/^Microwave, 800 W, 4 to 5 minutes/m, /for 4-5 mins/],
    [],
  ],
  [
    'what is chilled for the cream isn’t called by the cream that is gone',
    SLICES,
    NO_MILK,
    [/^Makes 12 rectangles$/m, /chill the coconut cream in its tin/],
    [/still says/],
  ],
  ['two fats mixed are half of each', PARKIN, {}, [/^57 g lard/m, /^57 g butter/m], []],
  [
    'an icing that dries isn’t in the oven',
    RICOTTA,
    {},
    [/^Oven 350 °F \(175 °C\), 15 minutes/m],
    [/60 minutes/],
  ],
  [
    'what is new goes in before the tin, though the tin is all that flour is named for',
    TEA_CAKES,
    NO_EGG,
    [/except the cherries\.[^]*vinegar[^]*Pour into the tin/],
    [],
  ],
  [
    'a boiled paste is choux whatever is boiled first, and two minutes a side are in fat',
    CRULLERS,
    {},
    [/^choux/m, /^Fat at 370 °F \(188 °C\), 4 minutes/m],
    [/Bake at/],
  ],
  ['cream that stays is no bread', CASSEROLE, {}, [/eggs, milk, cream and sugar/], []],
  [
    'what the middle reaches is no oven, and what is in the fridge is chilled',
    PECAN,
    {},
    [/^Oven 350 °F/m],
    [/Chill it for/],
  ],
  [
    'what a card calls b’milk is buttermilk, and a gel in the place of whites isn’t whipped',
    SHORT,
    { without: ['milk', 'egg'] },
    [/Flax gel \+ (?:\w+ )*pea milk \+ dairy-free baking block in\./],
    [/b'milk/, /stiff/, /What is this/],
  ],
  [
    'what has no milk in it isn’t browned, a skillet isn’t chilled, and ice cream at the ready has no milk',
    SKILLET,
    NO_MILK,
    [/Melt the dairy-free baking block in a 23cm/, /dairy-free ice cream at the ready/],
    [/nutty/, /chill it/, /still says/],
  ],
  ['what is boiled says so, and how long', DUMPLINGS, {}, [/^Boiled, 8 to 10 minutes/m], [/no time found/]],
  ['jumbo tins are those', BIG_TOPS, {}, [/^In: 6 jumbo muffin cups/m], []],
  ['a paste of whites is no meringue', TUILES, NO_EGG, [/chickpea brine/], [/meringue/]],
  ['what somebody wanted is its name', DUNDEE, {}, [/^Dundee cake$/m], []],
  [
    'the sugar of a step is its own part’s, though another’s list has some',
    WHOOPIES,
    { diet: 'grain-free' },
    [/Beat butter \+ sugar 3 mins/],
    [],
  ],
  [
    'an Italian list is read: its flour is no semolina',
    GRAPES,
    {},
    [/yeast/, /800 g grapes/, /vegetable oil/],
    [/ground rice/, /uva/],
  ],
  [
    'what apples are mixed with is on the list',
    APPLE_BREAD,
    {},
    [/^25 g sugar|^2 tbsp sugar/m, /cinnamon/],
    [],
  ],
  ['cubes of a fat are that fat', ROCKS, NO_MILK, [/^Oven 180 °C/m, /the cubed dairy-free/], [/still says/]],
];

describe('a docket that is baked from tonight', () => {
  it.each(PAGES)('%s', readsOnPaper);
});
