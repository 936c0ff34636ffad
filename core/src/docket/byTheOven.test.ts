import { readsOnPaper, type OnPaper } from '../testingDockets';

/* Pages as they lie beside an oven: heats and waits told in passing, jugs filled up, and what stands beside a name. */

const GINGERBREAD =
  'STICKY GINGERBREAD    (from Aunt Peg\'s box)\n\n8 oz SR flour            4 oz butter\n1 tsp bicarb             4 oz black treacle\n1 tbsp ground ginger     ½ pint milk\n                         1 egg\n\nMelt butter and treacle with the milk. Sift dry things. Pour in the melted mix, then beaten egg. 7" square tin, lined. 350°F / mark 4, 50 mins - 1 hr.';
const CREAM_PIE =
  'Boston Cream Pie\nMakes one 9-inch cake, 10 servings\n\n1 1/2 cups cake flour\n1 1/2 teaspoons baking powder\n3/4 cup whole milk\n6 tablespoons unsalted butter\n3 large eggs\n1 1/2 cups sugar\n1/2 cup heavy cream\n4 ounces bittersweet chocolate\n\n1. Heat oven to 325 degrees. Grease and flour two 9-inch round cake pans. Heat milk and butter.\n2. Whip eggs and sugar until airy. Add hot milk mixture. Whisk in flour and baking powder.\n3. Bake 20 to 22 minutes. Cool in pans 2 hours.\n4. Simmer cream, add chocolate, whisk smooth. Pour over cake and chill 3 hours before slicing.';
const SNAPS =
  'Brandy snaps (about 16)\n55g each butter, demerara sugar and golden syrup\n55g plain flour\n\nLine two baking trays. Oven 180/160 fan/4.\nMelt butter, sugar and syrup. Sift in the flour. Drop teaspoonfuls on each tray.\nBake about 10-15 mins till golden.';
const MUFFINS =
  'blueberry muffins\nmakes 12\n2 c AP flour\n3/4 c sugar\n2 tsp bp\n1/2 c melted butter\n2 eggs\n1/2 c milk\n2 c blueberries\n\nmix the dry, whisk the wet, stir together. fold berries in. fill the cups. 425 for 5 min then turn it down to 375 (dont open the door!!) and go 13-15 more.';
const BATTER =
  'Cherry clafoutis\n450g cherries\n60g flour\n60g sugar\n3 eggs\n300ml milk\n\nButter a 25cm gratin dish. Put in the cherries. Whisk flour, sugar, eggs and milk. Let the batter rest for half an hour while the oven heats to 180°C.\nPour over the fruit. Bake for 35-40 minutes until puffed.';
const TURNOVERS =
  'Apple turnovers\n\nPastry: 250 g strong white flour, 250 g butter, 150 ml cold water\nFilling: 600 g apples, 75 g sugar, 1 tbsp cornflour mixed with 2 tbsp water\n\nRub the butter into the flour, add water. Roll, fold in three, twice. Chill.\nCook the apples with the sugar, stir in the cornflour and bubble until thick.\nRoll, cut 8 squares, fill, fold. Bake at 220C for 20-25 min.';
const SHORTBREAD =
  '3-ingredient shortbread\n\nIngredients: butter 200g; caster sugar 100g; plain flour 300g.\n\nMethod: Beat butter + sugar. Mix in flour. Press into 20 cm square tin. Bake 160°C 40–45 min. Cut into 16 fingers while hot.';
const TEA_CAKE =
  'Tiramisu cake\n\nSponge (two 20cm tins):\n225 g butter, 225 g caster sugar, 4 eggs, 225 g self-raising flour\nFilling: 500 g mascarpone, 200 ml double cream, 75 g icing sugar\n\nPut all the sponge ingredients in a bowl and beat. Divide between the tins, bake at 180C for 25 minutes.\nBeat the mascarpone with the cream and icing sugar. Sandwich with a third of it... you want enough left for the top.';
const FETE =
  'Fruit scones\nmakes 40\n4 lb self raising flour\n1 lb margarine\n12 oz sugar\n6 eggs made up to 2 pints with milk\n\nRub the fat into the flour. Stir in sugar. Pour in the egg & milk. Pat out, cut. Bake 220°C 12-15 mins.';
const PLUMS =
  'Plum cake\n500 g flour\n42 g fresh yeast\n250 ml milk\n80 g sugar\n80 g soft butter\n1 egg\n1 kg plums\n\nKnead everything but the plums to a smooth dough which comes away from the bowl. Let rise 45 min. Roll out on a baking sheet. Lay on the plums. 200°C 35-40 min.';
const CUPCAKES =
  'Red velvet cupcakes   24\nbuttermilk 240 ml; veg oil 240 ml; eggs 2; sugar 300g; red gel colour 1 tbsp; plain flour 320 g; cocoa 2 tbsp; bicarb 1 tsp\n\n1 - whisk wet incl colour. 2 - sift dry over, whisk just till smooth. 3 - fill cases 2/3. 4 - 175C, 18-20 min. 5 - cool in tin 5, rack.';
const COFFEE =
  'Coffee & Walnut Cake, Gran\'s handwriting so guess!\n\n6oz marg\n6oz cast. sugar\n3 eggs\n6oz S.R. flour\n1 tablesp. coffee essence\n\nCream marg & sugar. Add eggs. Fold in rest. 2 x 7" sandwich tins. 350F, 25 mins.';
const STRUDEL =
  'Apfelstrudel\n\n250 g plain flour\n1 egg\n100 ml lukewarm water\n3 tbsp sunflower oil\n1.2 kg apples\n100 g breadcrumbs\n60 g butter + 80 g for brushing\n100 g sugar\n\nKnead flour, egg, water and oil for 10 minutes. Rest 1 hour. Fry the breadcrumbs in the 60 g butter. Roll, then stretch over the backs of your hands. Fill, roll up, brush with butter. Bake at 190°C 40-45 minutes.';
const ROLY_POLY =
  'Jam roly-poly\n200g self-raising flour\n100g suet\n150ml milk, plus 2-3 tbsp if needed\n200g raspberry jam\ncustard to serve\n\nStir flour, suet and milk to a dough. Roll out, spread with jam, roll up. Wrap in foil. Bake at 180C for 1 hr. Let the pudding sit for 5 mins before unwrapping.';
const TATIN =
  'Tarte Tatin\nPastry: 180 g flour – 100 g butter – 1 egg yolk – 3 tbsp cold water – a pinch of salt\n1.5 kg apples\n150 g sugar\n80 g butter\n\nRub the butter into the flour, bind with yolk and water. Chill an hour. Melt the sugar in a 24 cm ovenproof pan, add the butter and apples, cook 20 minutes. Lay the pastry over. Bake at 190 °C 30 minutes.';
const BISCOTTI =
  'Almond Biscotti\nmakes ~30\n280g plain flour\n1½ tsp baking powder\n200g caster sugar\n3 eggs\n150g almonds\n\nOven 180. Mix. Shape 2 logs. Bake 25-30 mins. Turn oven to 140.\nSlice, bake 15 mins, turn over and another 15 mins till dry and golden.';
const FUDGE_CAKE =
  'Chocolate fudge cake\n175g self raising flour\n2 tbsp cocoa\n150g caster sugar\n2 eggs\n150ml sunflower oil\n150ml milk\n\n180C/160 fan. Two 18cm sandwich tins, greased.\nBeat all till smooth.\nSpoon into tins, 25-30 mins till risen and firm. Leave 10 mins.';
const SNICKERDOODLES =
  '**Snickerdoodles** | 24 cookies | 30 min\n\n| Ingredient | US | metric |\n|---|---|---|\n| unsalted butter | 1 cup | 226 g |\n| granulated sugar | 1 1/2 cups | 300 g |\n| eggs, large | 2 | |\n| all-purpose flour | 2 3/4 cups | 345 g |\n| baking soda | 1 tsp | |\n| coating: sugar | 1/4 cup | 50 g |\n| coating: cinnamon | 1 Tbsp | |\n\n1. Oven 375°F.\n2. Cream butter + sugar. Add eggs. Add dry.\n3. Mix the coating. Roll dough into balls, then in the coating.\n4. Bake 10 min.';
const PUDDINGS =
  'Steamed ginger puddings with custard\n\n100 g soft butter\n100 g light muscovado sugar\n2 eggs\n100 g self-raising flour\n3 balls stem ginger, finely chopped, plus 6 tbsp of the syrup\n\nButter six 150 ml pudding moulds and put 1 tbsp of the ginger syrup in each.\nBeat together the rest. Divide between the moulds. Steam for 35-40 minutes. Serve with hot custard.';
const CHEESECAKE =
  'Baked vanilla cheesecake\n250g digestives\n100g butter, melted\n900g soft cheese\n200g caster sugar\n3 tbsp plain flour\n3 eggs\n\n- 180C. Line a 23cm springform.\n- Crush biscuits, add butter, press in. Bake 10 mins. Cool.\n- Up the oven to fan 220. Beat cheese, gradually sugar, then flour, then rest. Pour in.\n- Bake 10 mins, then down to fan 90 for 25 mins.';
const PUFFS =
  'Profiteroles - serves 6 (about 24)\n\n75g butter\n220ml water\n105g plain flour\n3 eggs\n\nMelt butter in water, boil. Beat in flour, then eggs. Teaspoonfuls on a tray. Oven 220C 10 min, then 190C for 15 more till crisp.';

const PRETZELS =
  'Soft pretzels\n\n1 1/2 cups warm water\n1 tablespoon sugar\n1 package active dry yeast\n4 1/2 cups all-purpose flour\n2 ounces butter, melted\n10 cups water\n2/3 cup baking soda\n1 egg yolk beaten with 1 tablespoon water\n\nCombine the water and sugar, sprinkle the yeast on top. Add flour and butter and knead 5 minutes. Let rise 50 minutes.\nBring the 10 cups of water and the baking soda to a boil. Roll 8 ropes, shape. Dip in the boiling water for 30 seconds. Brush with the yolk. Bake at 450 F for 12 to 14 minutes.';
const NONNA =
  'Torta di mele\n\n3 uova\n180 g zucchero\n250 g farina 00\n100 g burro fuso\n1 bustina lievito per dolci (16 g)\nscorza di 1 limone\n3 mele\n\nMontare le uova con lo zucchero. Unire il burro e la scorza. Aggiungere la farina con il lievito. Cuocere in forno a 180 °C per 40-45 minuti.';
const SNAP_CARD =
  'Ginger Snaps.\nRub 2 oz. butter into 4 oz. flour, add 2 oz. sugar, 1 teasp. ground ginger, ½ teasp. bicarbonate of soda. Mix stiff with 2 tablesp. warmed syrup. Form in balls. Bake 15 mins. Gas 4. Makes 18.';
const ROCK_BUNS =
  "Mary-Ann's Rock Buns (12 ish)\n225g self-raising flour\n75g caster sugar\n125g butter\n150g dried fruit\n1 egg\n\nRub in the butter, stir in the rest. Place spoonfuls on a tray. Bake at 180C for 15–20 minutes.";
const CARAMEL_WAFERS =
  'Waffle cookies\n300 g flour\n1 tsp baking powder\n125 g butter\n75 g sugar\n1 egg\n\nKnead. Make 16 balls. Bake each in a hot waffle-cone iron for 60-90 seconds.';
const BUNDT =
  'PINA COLADA BUNDT\n3 cups plain flour\n2 1/2 tsp baking powder\n1 cup butter - soft\n1 3/4 cups sugar\n4 eggs\n1 cup coconut milk\n\nButter & flour your bundt tin. Oven 170 fan.\nCream butter + sugar. Eggs. Dry with coconut milk between.\nBake 55–65, skewer clean. 15 min in the tin, turn out.';
const PECAN_BARS =
  'Pecan pie bars\nBase\n2 cups all-purpose flour\n1/2 cup powdered sugar\n1 cup cold butter\nTopping\n3/4 cup corn syrup\n3 eggs\n2 1/2 cups pecans\n\n350 oven; line 9x13 with foil.\nBase: pulse all to crumbs, press in. Bake 20 min till just golden.\nWhisk topping; pecans in. Pour over the base. Back in for 25-30 min till set.';
const MILLEFEUILLE =
  'Raspberry Millefeuille\n320g sheet puff pastry\n300ml double cream\n300g raspberries\n\nBake the pastry at 200C for 20 mins. Cut into 3 equal rectangles. Whip the cream, stack with the raspberries. Serves 6.';

const HUMMINGBIRD =
  'Hummingbird Cake\n3 cups all-purpose flour\n2 cups sugar\n1 tsp baking soda\n3 eggs\n1 1/2 cups vegetable oil\n2 cups chopped bananas\n\nWhisk all. Divide batter evenly among 3 well-greased (with shortening) and floured 9-inch round cake pans. Bake at 350°F 25 to 30 minutes.';
const MADELEINE_CARD =
  'Brown butter madeleines\n24 pcs · 15 min + 2 h rest · 9 min\n\n130 g butter\n3 eggs\n120 g sugar\n150 g flour\n1½ tsp baking powder\n\nWhisk eggs and sugar. Fold in the flour and baking powder, then the butter. Butter and flour two madeleine trays. Bake at 210 °C 9 min.';
const MINCE_PIES =
  'Mince pies\nMakes 18\n350g plain flour\n225g cold butter\n100g caster sugar\n280g mincemeat\n\nRub the butter into the flour, add the sugar and bring together. You can use it immediately or chill it for later.\nLine 18 holes of two 12-hole tins. Fill, add lids. Bake at 200C for 20 mins.';
const ROLLED_IN_SUGAR =
  'Churros\n250 ml water\n60 g butter\n150 g plain flour\n2 eggs\n60 g sugar + 1 tsp cinnamon for rolling\n\nBoil water and butter. Stir in the flour. Beat in the eggs. Pipe into oil at 180 °C, fry 2–3 minutes each side. Roll in the cinnamon sugar.';
const GLAZED_BUNS =
  'Buns (makes 9)\n450 g strong white flour\n7 g yeast\n50 g caster sugar\n200 ml milk\n50 g butter\n\nGlaze\n2 tbsp caster sugar boiled with 2 tbsp water\n\nMix the dough, knead 10 mins. Leave 1 hr. Shape 9 buns. Prove 30 mins. Bake at 190C for 25 mins. Brush with the glaze.';
const LARGE_BALLS =
  'Thick cookies\n115 g butter\n150 g sugar\n1 egg\n190 g plain flour\n200 g chocolate chips\n\nBeat all. Divide in 6 large balls. Bake at 200 °C for 12-14 minutes.';

const BASQUE =
  'Basque cheesecake\n900 g cream cheese\n280 g caster sugar\n6 large eggs\n450 ml double cream\n40 g plain flour\n\nBeat cheese and sugar, add eggs and cream, sift over the flour. Pour into a lined 23 cm springform. Bake at 220 °C 45-50 minutes until deep brown on top. Cool in the tin.';
const FIG_ROLLS =
  'Fig rolls\nmakes 20\n200 g plain flour\n50 g wholemeal flour\n125 g butter, softened\n80 g sugar\n1 egg\n250 g dried figs\n200 ml water\n\nSimmer the figs and water. Blitz. Cream butter + sugar, beat in egg. Stir in flours. Chill 1 hr. Roll to a strip, fill, fold over, cut in 20. Bake at 180C 15-18 min. Straight from the oven into a lidded box - the steam softens them.';
const WHOOPIES =
  'WHOOPIE PIES\n\nShells: cream ½ c. shortening w/ 1 c. sugar, add 2 yolks. Sift 2 c. flour, 5 T. cocoa, 1 tsp. b. powder. Add alternately w/ 1 c. milk. Drop by Tbsp. on greased sheets. 375°, 7-10 min. Cool.\n\nFilling: ½ c. shortening, 2 c. conf. sugar, 2 whites - beat till fluffy. Sandwich.';
const ROUNDS =
  'Fluffy pancakes\n200g self-raising flour\n1½ tsp baking powder\n3 eggs\n25g melted butter\n200ml milk\n\nWhisk to a thick smooth batter.\nHeat a knob of butter in a non-stick pan. When it looks frothy add rounds about 8cm wide. Cook 3 min till small bubbles show, turn, 2-3 min more.';
const MERINGUE_ROLL =
  'Eton mess roulade\n4 egg whites\n225 g caster sugar\n1 tsp cornflour\n300 ml double cream\n250 g strawberries\n\nLine a 23 x 33cm swiss roll tin. Whisk the whites, add sugar until shiny. Fold in the cornflour. Bake at 160C 30-35 mins. Fill with whipped cream and strawberries, roll up.';
const WHITE_CHOCOLATE =
  'Blondies\n200g white chocolate, 150g of it broken up, the rest chopped\n200g butter\n3 eggs\n200g caster sugar\n200g plain flour\n1 tsp baking powder\n\nMelt the butter with the broken-up chocolate. Whisk in the rest. Bake in a 20 x 30cm tin at 190C 25-30 mins. Cool in the tin.';
const PUMPKIN_ROLL =
  'PUMPKIN ROLL\n3 eggs\n1 c. sugar\n2/3 c. canned pumpkin\n3/4 c. flour\n1 tsp. baking powder\n\nBeat eggs 5 min. Add sugar and pumpkin. Fold in the dry. Spread in greased 15x10x1 pan. Bake at 375 for 15 min. Turn out on towel. Roll towel and cake together; cool.';

const BOUGHT_SHELL =
  'BUTTERMILK PIE\n1 unbaked 9" pie shell\n3 eggs\n1 1/2 c. sugar\n3 Tbsp. flour\n1 c. buttermilk\n1/2 c. butter, melted\n\nBeat eggs. Add sugar and flour, then butter and buttermilk. Pour into shell. Bake 350° 45-50 min.';
const BY_STAGES =
  'MY MARMALADE LOAF\n\nDry - 225g SR flour, pinch salt, 1 tsp mixed spice\nRub in - 110g butter\nThen - 110g light brown sugar, zest ½ orange\nWet - 2 eggs, 3 tbsp marmalade (chunky), 3-4 tbsp milk\n\nRub butter into dry, add sugar + zest. Beat eggs w/ marmalade & milk, stir in. 2lb loaf tin lined. 170 about 1 hr 10 till a skewer is clean.';
const PUFFS_OF_CHEESE =
  'Ricotta puffs\n1 sheet ready rolled puff pastry (320g)\n250g ricotta\n60g caster sugar\n30g semolina, cooked in 120ml milk till thick, cooled\n\nMix everything but the pastry. Cut pastry in 8. Spoon on filling, fold to triangles. 200C 20 min.';
const BY_FOUR =
  'Brownies\n185g butter\n185g dark chocolate\n85g plain flour\n40g cocoa\n3 eggs\n275g caster sugar\n\nMelt butter and chocolate. Whisk eggs and sugar. Fold all together. 20cm square tin. 180C 25 min. Cold in the tin. 4 x 4 cuts.';

const SCANNED =
  'LEM0N CHlFFON PlE         serves 8\n\nl baked pie shell (9")        l/2 c. lemon juice\nl T. gelatin                  l tsp. grated rind\nl/4 c. cold water             l/2 c. sugar\n4 eggs, sep.                  l/2 tsp. salt\n\nSoften gelatin in cold water. Beat yolks; add half the sugar, juice & salt. Cook over boiling water. Add rind and gelatin. Cool. Beat whites stiff w/ rest of sugar; fold in. Fill shell, chill 3 hrs.';
const METHOD_FIRST =
  "How I make it:\n\n1. put the sugar in a dry pan and let it go amber, whisk in the cream off the heat, then 60g of the butter\n2. biscuits blitzed with the rest of the butter, melted. press in, 20 mins fridge\n3. caramel on top. melt the choc, pour over. cut in 16 w a hot knife\n\nWhat you need for millionaire's squares (20cm square tin)\n\n250g digestives\n170g butter\n200g caster sugar\n150ml double cream\n200g milk choc";
const EXTRA_MILK =
  'Apple & Custard Tea Cake\n1½ cups (225 g) self-raising flour\n125 g butter\n¾ cup (165 g) caster sugar\n2 eggs\n½ cup (125 ml) milk\n2 tbs cornflour, extra\n1 cup (250 ml) milk, extra\n\nMake custard: whisk extra cornflour with the extra milk over heat until it thickens. Cool.\nBeat butter and sugar. Add eggs. Stir in flour with the milk. Spread half in a 22 cm springform, top with custard and the rest. Bake at 180°C 50 minutes.';
const LETTER =
  "Hi Tom,\n\nThe ginger cake. You'll need half a pound of plain flour, the same of butter and of dark sugar, four eggs, a heaped teaspoon of baking powder, two of ground ginger.\n\nCream butter & sugar, eggs in one at a time, then the flour with the powder and ginger. It goes in the deep 8 inch round, lined. 160 for an hour and ten, or an hour in your fan at 140. Poke it.";
const COLD_BABKA =
  'Babka\n530 g plain flour\n100 g caster sugar\n7 g yeast\n3 eggs\n120 ml water\n150 g butter\n\nMix and knead 10 minutes until elastic. Put in a bowl, cover, fridge overnight.\nRoll out, fill, roll up, plait into a loaf tin. Cover with a damp tea towel and leave in a warm place 1–1½ hours; it will rise by 10–20 %.\n190 °C about 30 min.';
const ANSWERED =
  'Q: What can I do with discard?\n\nA (from Jan): Discard brownies!\n150g butter / 200g dark chocolate / 200g sugar / 2 eggs / 150g plain flour / 30g cocoa\nMelt butter and chocolate. Sugar and eggs together, chocolate in, then flour and cocoa. 20 by 20 tin. 175 fan. 25 to 28 minutes.';
const WATER_BATH =
  'Pumpkin cheesecake\n12 servings\n2 c. gingersnap crumbs\n5 T. butter, melted\n3 (8 oz.) pkgs. cream cheese\n1 c. brown sugar\n4 eggs\n\nPreheat 350. Mix crumbs and butter, press in a 9" springform. Bake 10. Cool. LOWER oven to 325.\nBeat cheese & sugar, add eggs. Pour over base. Bake 1 hr. 15 min. Chill.';
const PLAIT_BELOW =
  'Ingredient\tAmount\nWheat flour\t500 g\nFresh yeast\t21 g\nMilk\t250 ml\nSugar\t80 g\nButter\t100 g\nEgg\t1\n\nPoppy plait\n\na. Knead everything 10 min. Warm place 1 h.\nb. Plait. Onto a tray. Rest 30 min.\nc. 180 degrees, 35 min.';

const ANZAC =
  'Re: Re: school bake sale\n\n> can you send the thing with the oats\n\nsure. its called "anzac slice" in our house.\n1 cup each plain flour, rolled oats, desiccated coconut, brown sugar\n125g butter\n2 tbsp golden syrup\n1 tsp bicarb in 2 tbsp boiling water\nmix dry. melt butter+syrup, add bicarb water and pour into dry. press in lamington tin 20x30, 160 fan for 25. cut while warm, 24 pieces';
const VANILLA_SLICE =
  'Vanilla slice\n2 sheets frozen puff, thawed\n1 cup caster sugar\n3/4 cup cornflour\n1 litre milk\n60g butter\n2 egg yolks\n\n220/200 fan. Pastry sheets on lined trays, another tray on top. 15 mins till golden. Cool.\nCombine sugar and cornflour; whisk in milk, stir until it boils. Off heat butter, yolks. Pour over pastry in a 23cm square pan, top with the other sheet. Fridge 4 hrs.';
const DUMPLINGS =
  'Plum dumplings, for 4\n700 g floury potatoes, boiled, riced\n180 g plain flour\n1 egg\n12 small plums\n\nMash, flour, egg: knead quickly to a soft dough. Don’t leave it standing, it gets wet.\nRoll, cut in 12, wrap each plum. Simmer 6-8 minutes.';

const RHUBARB =
  'No. 47    RHUBARB MERINGUE CAKE        (Tray, 24 pcs)\n\nBase:  125 g butter, 125 g sugar, 3 yolks, 1 pkt van. sugar, 200 g flour, 1 1/2 tsp b.p., 3 tbsp milk\nFruit: 1 kg rhubarb, 2 tbsp sugar\nTop:   3 whites, 150 g sugar\n\nRhubarb: peel, 2 cm pieces, sugar, leave 30 min, drain.\nBase: cream b + s + v.s., yolks, then flour w. b.p., milk. Spread on lined tray 30x40. Fruit.\n180°/ 25 min.\nWhip whites, sugar in, spread on top. Back 15 min @ 150.';
const YAOURT =
  "Gâteau au yaourt\n\n1 pot de yaourt nature (125 g)\n2 pots de sucre\n3 pots de farine\n1/2 pot d'huile\n3 œufs\n1 sachet de levure chimique (11 g)\n\nMélanger le yaourt et le sucre. Ajouter les œufs, puis la farine et la levure, l'huile. Verser dans un moule de 24 cm. Cuire 35 minutes à 180 °C.";
const CHERRY_PIE =
  'Cherry pie\nFilling\n5 c. sour cherries, pitted\n1 c. sugar, 1/4 c. cornstarch\nCrust (for 2)\n2 1/2 c. flour\n1 c. butter\n6 T. ice water\n\nCut butter in flour, sprinkle water, 2 balls, 30 min in fridge.\nBottom crust in 9" pie pan; filling. Lattice. 400 for 20; 375 for 35-40 more.';
const JAM_BUNS =
  'Jam buns\n300g plain flour\n2 tsp baking powder\n75g butter\n75g caster sugar\n1 egg\n4 tbsp milk\n6 tsp jam\n\nRub, stir, bind to a stiff dough. 12 balls, thumb a hole in each, half a teaspoon of jam in. 220C, 10-12 mins.';

const MALTED =
  'MALTED LAYER CAKE\n2 cups (250 g) all-purpose flour\n1/2 cup (60 g) malted milk powder\n2 tsp baking soda\n2 cups (400 g) sugar\n1 cup (240 ml) buttermilk\n2 eggs\nmalted milk balls, to decorate\n\nHeat oven to 350F. Grease, paper and flour three 8-inch pans. Whisk all. Bake 24-28 min. Decorate with malt balls.';
const JAM_SLICE =
  'apricot crumble slice, from Bev at number 9\n\n250g SR flour\n100g rolled oats\n150g soft brown sugar\n180g butter melted\n350g apricot jam\n\nmix, press 2/3 into 20x30 tin. jam over. crumble rest on top\n180 for half an hour. 20 squares when cold';
const BANOFFEE =
  'Banoffee pie\n225g digestives\n150g butter melted\n397g tin condensed milk\n4 bananas\n\nCrush biscuits, add butter, press into a 20cm tin. 180C/160 fan for 10 minutes (firms it up), or just chill 10.\nBoil condensed milk. Spread over, chill 1 hr. Bananas.';
const SCRAPS =
  'Cinnamon twists from scraps of puff (or a 320g sheet)\n\npuff pastry\n1 egg white\n50g demerara\n2 tsp cinnamon\n\nRoll out. Brush with white, half the sugar + cinnamon on, fold in two. 12 strips, twist. 200 fan, 12-15 mins.';
const BROKEN_OFF =
  'CRANBERRY NUT BREAD\n2 c. flour, sifted            1 egg, well beaten\n1 c. sugar                    2 T. melted shortening\n1 1/2 t. baking powder        3/4 c. orange juice\n1/2 t. soda                   1 T. grated orange rind\n1 t. salt                     1/2 c. chopped nuts\n                              1 c. coarsely chopped cranberries\n\nSift together dry ingred. Combine orange juice, rind,\negg & shortening. Pour into dry, mix just to\ndampen. Carefully fold in nuts & cranberries.\nSpoon into greased loaf pan (9x5x3); corners & sides\nslightly higher than center. 350° about 1 hr. Remove\nfrom pan, cool. Store overnight for easy slicing.';
const MEN =
  'Gingerbread men\n350g plain flour\n1 tsp bicarbonate of soda\n125g butter\n175g brown sugar\n1 egg\n4 tbsp golden syrup\nwriting icing, cake decorations\n\nRub, mix, chill. Roll out, cut out the shapes. Bake at 180C 12-15 minutes. When cooled decorate.';

describe('beside an oven', () => {
  it.each<OnPaper>([
    ['whose box it came from is no name', GINGERBREAD, {}, [/^STICKY GINGERBREAD$/m], []],
    ['one cake, and how many eat of it', CREAM_PIE, {}, [/^Serves 10$/m], []],
    ['cooling and setting come one after the other', CREAM_PIE, {}, [/^(?:5|6) hours.* in all/m], []],
    [
      'a gas mark behind both ovens is no time',
      SNAPS,
      {},
      [/^Oven 180 °C.*\), 10 to 15 minutes/m],
      [/4 minutes/],
    ],
    [
      '"don’t open the door" holds up no bake',
      MUFFINS,
      {},
      [/^Oven 425 °F.*5 minutes/m, /^Oven 375 °F.*13 to 15/m],
      [],
    ],
    [
      'what rests while the oven heats isn’t in it',
      BATTER,
      {},
      [/^Oven 180 °C.*\), 35 to 40/m],
      [/\(rest\)/],
    ],
    ['what is mixed with its water says so', TURNOVERS, {}, [/1 tbsp cornflour, mixed with the water/], []],
    [
      'fingers are cut while they are hot',
      SHORTBREAD,
      {},
      [/^Makes 16 fingers$/m, /^2\. Beat butter/m],
      [/Method:/],
    ],
    ['a sponge in two tins heads its list', TEA_CAKE, {}, [/^Sponge/m, /left for the top/], [/^Makes two/m]],
    ['a thought that trails off isn’t cut', TEA_CAKE, {}, [/of it\.\.\. you want/], []],
    ['eggs that are made up with milk', FETE, {}, [/^6 eggs \(\d+ g\)/m, /^\d{3,4} g milk/m], [/pints/]],
    ['no dough without gluten leaves its bowl', PLUMS, {}, [/to a smooth dough\./], [/away from the bowl/]],
    [
      'so many behind a gap, and steps with a dash',
      CUPCAKES,
      {},
      [/^Makes 24/m, /^2\. whisk wet/m, /^6\. cool in tin/m],
      [/\d - /],
    ],
    [
      'coffee essence is a flavour and no liquid',
      COFFEE,
      {},
      [/^Coffee & Walnut Cake$/m, /^1 tablesp\. coffee essence/m],
      [/Read as/],
    ],
    [
      'a strudel is a pastry',
      STRUDEL,
      {},
      [/glutinous rice flour/, /^60 g butter$/m, /^80 g butter, for brushing/m],
      [/Is it a/],
    ],
    [
      'milk that may be wanted, and a pudding that is the bake',
      ROLY_POLY,
      { without: ['milk'] },
      [/Let the pudding sit/],
      [/plus 2-3|still says/],
    ],
    [
      'a list with dashes',
      TATIN,
      {},
      [/^100 g butter/m, /^1 egg yolk/m, /^\d+ g cold water/m],
      [/What is this|Read as/],
    ],
    ['the other side takes as long again', BISCOTTI, {}, [/^Oven 140 °C.*15 minutes, then 15 minutes/m], []],
    ['spooned into tins it bakes', FUDGE_CAKE, {}, [/^Oven 180 °C.*25 to 30 minutes/m], [/Bake at 180/]],
    [
      'what a table’s row is for, and how many beside a name',
      SNICKERDOODLES,
      {},
      [/^Snickerdoodles$/m, /^Makes 24 cookies/m, /^coating$\n1\/4 cup \(50 g\) sugar\n1 Tbsp cinnamon/m],
      [/coating:/],
    ],
    [
      'six moulds are buttered, and the custard beside has no milk',
      PUDDINGS,
      { without: ['milk', 'egg'] },
      [/Grease six 150 ml/, /dairy- and egg-free hot custard/, /ginger syrup/],
      [/block six|the syrup: What/],
    ],
    [
      '"then rest" is what is left, and a cool fan is an oven',
      CHEESECAKE,
      {},
      [/then rest/, /^Oven 90 °C.*with the fan, 25 minutes/m],
      [/Rest\./],
    ],
    ['helpings and pieces behind a dash', PUFFS, {}, [/^Profiteroles$/m, /^Makes 24 pieces/m], []],
    [
      'what is dipped in is no liquid of the dough',
      PRETZELS,
      {},
      [/^10 cups water/m, /^2\/3 cup baking soda/m, /^4\d\d g warm water/m, /Bring the 10 cups of water/],
      [/0 g water/],
    ],
    ['a zest in another language is on the list', NONNA, {}, [/zest of 1 lemon/], []],
    [
      'teaspoons and tablespoons of an old card',
      SNAP_CARD,
      {},
      [/^Ginger Snaps$/m, /^1 tsp ground ginger/m, /golden syrup/, /bicarbonate of soda$/m],
      [],
    ],
    ['a dozen or so', ROCK_BUNS, {}, [/^Makes 12 pieces/m], [/ishes/]],
    ['a cone iron is no oven', CARAMEL_WAFERS, {}, [/^Griddle or pan, 1 to 1½ minutes/m], [/^Oven/m]],
    ['so many minutes behind "bake"', BUNDT, {}, [/^Oven 170 °C.*55 to 65 minutes/m], [/about \d+ minutes/]],
    ['a bare oven, and back in', PECAN_BARS, {}, [/^Oven 350 °F.*20 minutes, then 25 to 30/m], []],
    ['helpings at the end count before what is cut', MILLEFEUILLE, {}, [/^Serves 6/m], []],
    [
      'three pans with an aside are three, and dusted',
      HUMMINGBIRD,
      {},
      [/^In: 3 × 9 in round tins/m, /\(with shortening\) 9-inch round cake pans dusted with rice flour/],
      [/ and 9-inch/],
    ],
    ['how many beside a time', MADELEINE_CARD, {}, [/^Makes 24 pieces/m], []],
    [
      'a chill that nobody has to do isn’t the rest',
      MINCE_PIES,
      {},
      [/chill it for later\./],
      [/for later for/],
    ],
    [
      'both of a coat are for rolling',
      ROLLED_IN_SUGAR,
      {},
      [/^60 g sugar, for rolling/m, /^1 tsp cinnamon, for rolling/m],
      [],
    ],
    ['what is boiled together says so', GLAZED_BUNS, {}, [/caster sugar, boiled with the water/], []],
    ['six large balls', LARGE_BALLS, {}, [/^Makes 6 pieces/m], []],
    ['what is wanted dark isn’t covered', BASQUE, {}, [/until deep brown/], [/foil/]],
    [
      'fig rolls are cut out, and go into their box hot',
      FIG_ROLLS,
      {},
      [/into a lidded box/],
      [/Is it a|on a rack/],
    ],
    [
      'a sentence’s short words are foods too',
      WHOOPIES,
      {},
      [/^1 tsp baking powder/m, /powdered sugar \(2 cups\)/, /^2 egg whites/m],
      [],
    ],
    [
      'the batter stands before the pan is hot, and both sides count',
      ROUNDS,
      {},
      [/^Griddle or pan, 5 to 6 minutes/m, /Let the batter stand[^]*add rounds/],
      [],
    ],
    [
      'a spoonful of starch makes no foam cake of a meringue',
      MERINGUE_ROLL,
      {},
      [/30 to 35 minutes/],
      [/As it stands/],
    ],
    [
      'how some of it is wanted is no other thing',
      WHITE_CHOCOLATE,
      { without: ['milk'] },
      [/^200 g dark chocolate/m],
      [/g of it|What is this/],
    ],
    ['a cake that is rolled in its towel is a foam', PUMPKIN_ROLL, {}, [/^foam cake/m], [/Is it a/]],
    [
      'a pastry of our own is named without its guard',
      BOUGHT_SHELL,
      { diet: 'grain-free' },
      [/grain-free pastry/],
      [/still says/],
    ],
    [
      'a list by stages is no method',
      BY_STAGES,
      {},
      [/110g butter/, /zest 1\/2 orange \(3 g\)/, /^\d+\. Rub butter into dry/m],
      [/What is this|^\d+\. (?:Rub in|Then) -/m],
    ],
    ['what is cooked in milk wants its milk', PUFFS_OF_CHEESE, {}, [/^\d+ g milk/m, /^Makes 8 pieces/m], []],
    ['four by four are sixteen', BY_FOUR, {}, [/^Makes 16 pieces/m], []],
    [
      'a scanned card has the letter l for a one',
      SCANNED,
      {},
      [
        /^LEMON CHIFFON PIE$/m,
        /lemon juice \(½ cup\)/,
        /^100 g sugar \(½ cup\)/m,
        /^½ tsp salt/m,
        /grated rind/,
      ],
      [/What is this|\bl\b/],
    ],
    [
      'a list that stands below says what it is of',
      METHOD_FIRST,
      {},
      [/^millionaire's squares$/m, /^Makes 16 slices/m],
      [/knives/],
    ],
    ['extra milk isn’t the milk', EXTRA_MILK, {}, [/^½ cup \(125 ml\) milk/m, /g milk, extra/], []],
    [
      'another oven’s time is no second bake',
      LETTER,
      {},
      [/^Oven 160 °C.*70 minutes/m, /^2 tsp ground ginger/m],
      [/60 minutes/],
    ],
    [
      'a night in the cold, and a rise that is foretold',
      COLD_BABKA,
      {},
      [/fridge overnight/, /leave in a warm place 1–1½ hours; it will rise/],
      [],
    ],
    ['what an answer brings', ANSWERED, {}, [/^Discard brownies/m], [/from Jan/]],
    [
      'hours and minutes are one time, and a bare bake has minutes',
      WATER_BATH,
      {},
      [/^Oven 350 °F.*10 minutes/m, /^Oven 325 °F.*75 minutes/m],
      [],
    ],
    ['a name between a table and its steps', PLAIT_BELOW, {}, [/^Poppy plait$/m], [/no name|\d\. Poppy/]],
    ['an answer names what was asked for', ANZAC, {}, [/^anzac slice$/m, /^Makes 24 pieces/m], []],
    ['frozen puff is pastry', VANILLA_SLICE, {}, [/gluten-free puff pastry/], [/What is this|As it stands/]],
    ['what may not stand isn’t rested', DUMPLINGS, {}, [/leave it standing/], [/Let the dough stand/]],
    [
      'a card’s number and tray are no name, and its base is what rests',
      RHUBARB,
      {},
      [/^RHUBARB MERINGUE CAKE$/m, /sugar, leave 30 min, drain\./, /milk\. Let the batter stand/],
      [/Top:/],
    ],
    [
      'pots of a French cake',
      YAOURT,
      {},
      [/^\d+ g yogurt/m, /^2[01]\d g granulated sugar/m, /vegetable oil/],
      [/What is this/],
    ],
    ['a crust for two heads its list', CHERRY_PIE, {}, [/^Crust \(for 2\)$/m], []],
    ['so many balls begin a sentence', JAM_BUNS, {}, [/^Makes 12 pieces/m], []],
    [
      'papered pans are dusted, and what decorates says so once',
      MALTED,
      {},
      [/Grease and paper three 8-inch pans and dust with rice flour/, /, to decorate$/m],
      [/decorate, to decorate|flour blend three/],
    ],
    ['whom it is from is no name', JAM_SLICE, {}, [/^apricot crumble slice$/m, /^Makes 20 squares/m], []],
    [
      'a heat that may be a chill is a heat',
      BANOFFEE,
      {},
      [/^Oven 180 °C.*10 minutes/m],
      [/\d\. Bake at 180/],
    ],
    [
      'a long name above its pastry',
      SCRAPS,
      {},
      [/^Cinnamon twists/m, /^gluten-free puff pastry$/m],
      [/Read as/],
    ],
    [
      'a step that breaks off goes on in the next line',
      BROKEN_OFF,
      {},
      [/Remove from pan, cool\./],
      [/Remove$/m],
    ],
    ['cake decorations are no cake', MEN, {}, [/^writing icing, cake decorations$/m], [/can’t go out/]],
  ])('%s', readsOnPaper);
});
