import { readsOnPaper, type OnPaper } from '../testingDockets';

/** Pages of a kitchen's own, in forms that nothing was built for. */
const UPSIDE_DOWN =
  'Pear upside down cake\n\nTIN 23cm round, springform\nOVEN 170 fan\n\ntopping: 60g butter, 80g dark brown sugar, 3 firm pears\ncake: 175g butter, 175g sugar, 3 eggs, 200g plain flour, 1.5tsp baking powder, 3 Tb milk\n\n- melt topping butter+sugar in tin on low heat, spread, lay in pears\n- cream rest of butter & sugar pale, eggs 1 at a time\n- fold in dry, then milk\n- over pears, level\n- 45–50 mins, cover w/ foil if browning after 30\n- stand 10, flip while warm!!\n- cut 10. Label: EGG MILK WHEAT';
const OAT_MUFFINS =
  'BANANA OAT MUFFINS (freezer friendly!!)\n\ndry\n1.5 c white whole wheat flour\n1 c rolled oats\n1 t bp\n1 t bs\n1/2 t salt\n\nwet\n3 v ripe bananas\n1/3 c melted coconut oil\n1/2 c maple syrup\n2 eggs\n1/2 c plain yogurt\n\n375. mash bananas, whisk in other wet. stir in dry just till combined. 12 muffins, fill to the top. 18-20 min.\ncool 5 min in tin.';
const TARTLETS =
  'Pâte sablée aux noisettes et tartelettes au chocolat\n(translated for Lucy)\n\nFor 8 tartlets of 10 cm\n\nHazelnut pastry\n- 120 g soft butter\n- 80 g icing sugar\n- 30 g ground hazelnuts\n- 1 egg (50 g)\n- 200 g T55 flour\n\nGanache\n- 200 g dark chocolate 66 %\n- 200 g whipping cream 35 %\n\n1. Mix the butter, icing sugar and ground hazelnuts. Add the egg, then the flour in one go. Wrap, refrigerate 2 h.\n2. Roll out to 3 mm, line the rings, freeze 20 min.\n3. Bake at 160 °C, fan, for 18–20 minutes until golden. Let cool.\n4. Boil the cream, pour over the chocolate in three goes. Pour into the cases, leave to set 2 h.';
const LEMON_DRIZZLE =
  "Hi love, here's the lemon drizzle you asked for. It's just the 4,4,4 two eggs thing really.\n\n4oz soft marg\n4oz caster\n2 eggs\n4oz SR flour\ngrated rind of a lemon\n\ndrizzle - juice of the lemon, 3oz granulated\n\nBeat the lot together till smooth (except drizzle!), 2lb loaf tin lined, 180 (160 fan) 35-40 mins. Mix juice and sugar, prick the cake all over while hot and pour over. Leave it in the tin till cold.\nxx Mum";
const FUDGY =
  'FUDGY BROWNIES\n8x8 pan / 16 squares\n\nIngredients\n140g unsalted butter\n300g sugar\n3 eggs\n65g Dutch cocoa\n65g AP flour\n\nInstructions\nHeat oven to 325F, line pan.\nMelt butter with sugar. Whisk in cocoa, then eggs. Fold in flour. Bake 28–32 min.';
const SNACK_CAKE =
  'Banana snack cake\n\nIngredients\n1 1/2 cups (180g) all-purpose flour\n1 tsp baking soda\n3 very ripe bananas\n3/4 cup (150g) brown sugar\n1/3 cup (80g) sour cream\n2 large eggs\n1/2 cup (113g) butter, melted\n\nDirections\n1. Preheat oven to 350°F. Grease a 9-inch square pan.\n2. Whisk everything together.\n3. Bake 28–32 minutes. Cool completely in the pan.\n\nRecipe Notes\n*Muffins: divide among 12 cups, bake 18-20 min.\n*Freeze up to 2 months.';
const LAVA_POTS =
  'Lava pots for 4 (or 2 greedy people)\n\n100g dark choc\n100g butter\n2 eggs\n90 g sugar\n50g flour (plain)\n\nmelt choc+butter, cool\nwhisk eggs sugar till pale\nfold choc in, sift flour over & fold\nhalf fill four 150ml ramekins\n(can chill up to 24h here - add 2 min)\n200 (180 fan) 11-12 min. stand 1 min, turn out';
const GINGERBREAD =
  'Honey gingerbread\n\nAbout 60 cookies\n\n250 g honey\n100 g butter\n500 g wheat flour\n1½ tsp bicarbonate of soda\n3 Tbsp gingerbread spice\n1 egg\nRoyal icing from 1 egg white and 200 g icing sugar\n\nWarm honey and butter, cool until lukewarm. Mix in the egg, then the dry, and knead. Chill overnight.\nRoll out 5 mm thick, cut shapes.\nBake at 175°C for 8–10 minutes. Store in a tin with an apple peel until soft.\nDecorate with royal icing.';
const WAFFLES =
  'Overnight swirl waffles (yeast) - makes abt 8\n\nnight before:\n  2 c. milk, warmed\n  1 stick butter, melted\n  2 1/4 tsp active dry yeast\n  2 c. flour\n  1 Tbsp sugar\n  1 tsp salt\nstir, cover, leave on counter (12 hrs)\nmorning:\n  2 eggs\n  1/4 tsp baking soda\nwhisk in. batter thin = good\nswirl: 1/2 c. brown sugar, 4 Tbsp butter, 1 Tbsp cinnamon - melt together\ncook in hot waffle iron 4-5 min each. drizzle w/ swirl';
const SEMLOR =
  'SEMLOR (12 st)\n\nDegen\n75 g smör\n2½ dl mjölk\n25 g jäst\n½ dl socker\n1 ägg (delas: hälften i degen, hälften till pensling)\n7-8 dl vetemjöl\n\nSmält smöret, tillsätt mjölken och värm till 37°. Tillsätt resten och arbeta degen 5 min. Låt jäsa 40 min.\nForma till 12 bollar, lägg på plåt, jäs 30 min. Pensla. Grädda mitt i ugnen 225° ca 10 min. Låt svalna.';
const SNICKERDOODLES =
  'Snickerdoodles\n\nYield: 30 cookies\n\nCOOKIE DOUGH\n1 cup unsalted butter, softened\n1 1/2 cups granulated sugar (300g)\n2 large eggs\n2 3/4 cups all-purpose flour (344g)\n2 teaspoons cream of tartar\n1 teaspoon baking soda\nCINNAMON SUGAR\n1/4 cup sugar\n1 Tablespoon cinnamon\n\nPreheat oven to 375F.\nCream butter + sugar 3 min. Beat in eggs.\nAdd flour, cream of tartar, soda; mix until combined.\nScoop balls, roll in cinnamon sugar.\nBake 9-11 minutes.';
const SALE_SHEET =
  'BAKEWELL SLICE (from the office bake sale sheet)\nAllergens: WHEAT, EGG, MILK, NUTS (almond)\nBatch: 24 pcs    Tray: 33x23\n\nShortcrust\n  Plain flour ........ 300g\n  Butter ............. 150g\n  Egg yolk ........... 1\n  Cold water ......... 1-2 tbsp\nFilling\n  Raspberry jam ...... 250g\nFrangipane\n  Butter ............. 200g\n  Caster sugar ....... 200g\n  Eggs ............... 4\n  Ground almonds ..... 200g\n\nRub fat into flour; bind with yolk & water; rest 30 min in fridge; roll to fit tray; blind bake 15 min @ 190°C.\nSpread jam. Cream butter/sugar, eggs, fold almonds. Spread.\nBake 30-35 min @ 170°C. Cool in tray. Portion 6 x 4.';
const IN_A_LETTER =
  "Hi Jo! Here's the pumpkin bread you asked about :)\n\nYou need 1 3/4 cups flour, 1 tsp baking soda, 2 eggs, 1 1/2 cups sugar, half a cup of oil, 1 cup pumpkin puree and 1/3 cup water. Oh and walnuts if you like them, about half a cup.\n\nWhisk the dry stuff in one bowl. Beat everything wet with the sugar. Pour wet over dry, stir. Into a greased 9x5 loaf pan and bake at 350 for 60 to 65 minutes.";
const CLAFOUTIS =
  'Cherry clafoutis\n\n450 g / 1 lb ripe but juicy cherries\n3 large eggs\n100 g / 3½ oz caster sugar, + 1 tbsp to sprinkle\n65 g / 2¼ oz plain flour\n300 ml whole milk\n\nPreheat 180°C. Butter a 25 cm dish and dust with the tbsp of sugar. Whisk eggs and sugar, flour, then milk. Cherries in the dish, batter over. Bake for 35–40 mins.';
const BEER_PANCAKES =
  'Beer pancakes\n\n* 250ml lager\n* 200g plain flour\n* 2 eggs\n* 150ml milk\n* 20g butter for frying\n\nWhisk flour with milk, then eggs, beer. Rest 30 min.\nMelt a little of the butter in a 24cm frying pan over medium-high heat. Ladle in just enough to coat, 1 min each side. Makes about 10.';
const MARTINI_CAKE =
  'Espresso martini cake\nserves 12\n\nSPONGES (x2, 20cm)\n225g self-raising\n225g caster\n225g soft butter\n4 eggs\n\nSOAK\n100 ml strong coffee, 50ml coffee liqueur, 2 tbsp sugar\n\nFILLING\n500g mascarpone\n75g icing sugar\n\noven 180, line tins\nall in one bowl for sponges, beat 2 min, split, bake 25 min\nprick sponges warm, spoon soak over, cool\nwhip filling, sandwich';
const COURGETTE_LOAVES =
  'Chocolate zucchini bread\n\n2 1/2 c. flour\n1/2 c. unsweetened cocoa\n2 1/2 tsp. baking powder\n3/4 c. butter, softened\n2 c. sugar\n3 eggs\n2 c. shredded zucchini\n1/2 c. milk\n\nBeat butter & sugar; beat in eggs. Stir in zucchini, then flour, cocoa and powder alternately w/ milk. Pour into 2 greased & floured 8x4" pans. Bake at 350° about 1 hr. Cool in pan 10 min.; turn out on racks.';
const GINGER_CRUNCH =
  'Ginger crunch\n\nBase: 125g butter, 100g sugar, 200g plain flour, 1 tsp baking powder, 1 tsp ground ginger\nIcing: 75g butter, 100 g icing sugar, 2 tbsp golden syrup\n\nCream butter and sugar. Mix in dry. Press into a greased 20x30cm slice tin. Bake 190 for 20 min until light brown.\nMelt icing ingredients, pour over. Cut when cold.';
const CHRISTMAS_CAKE =
  "Mum's Christmas cake - 8in round\n\nCake:\n8oz butter\n8oz dark muscovado\n4 large eggs\n8oz plain flour\n1/4 c. pwd. sugar\n\nLine tin with double paper. Oven 140C / gas 1.\nCream butter sugar v well. Beat eggs in slowly. Fold in flour.\nBake 4 1/4 - 4 3/4 hrs. DON'T look till 4 hrs.\nCool 30 min in tin.";
const CHURRO_BITES =
  'Baked churro bites\n\n1 cup water\n1/3 cup (75 g) butter\n1/2 tsp salt\n1 cup (130 g) all purpose flour\n2 eggs\n1/2 tsp vanilla\n\n01 heat oven to 400 F and line a sheet pan\n02 boil water, butter, salt\n03 dump in flour, stir like mad 1 min till it makes a ball\n04 let cool 5-10 min, beat in eggs + vanilla\n05 pipe 2-in pieces w/ a large star tip\n06 bake 18-22 min';
const TREACLE_SPONGE =
  'Treacle sponge\n\n| Golden syrup | 4 tbsp + extra |\n| Butter, soft | 175 g |\n| Caster sugar | 175 g |\n| Eggs, beaten | 3 |\n| SR flour | 175 g |\n\nSyrup in the base of a buttered 1.2 l baking dish. Cream butter sugar. Eggs in bit by bit. Fold flour. Spread over syrup.\n170 fan, 40-45 min.';
const COCONUT_LOAF =
  'Coconut raspberry loaf\nServes 10 | Tin 900g loaf\n\nDry: 175g SR flour, 100g desiccated coconut, 175g golden caster sugar\nWet: 150g coconut yoghurt, 3 eggs, 100ml sunflower oil\n\nOven 170C fan. Grease & line tin.\nMix dry. Whisk wet. Combine.\nScrape in. 55-60 mins. Cool in tin 20 mins.\nFor vegan swap each egg for 1 tbsp ground flax + 3 tbsp water.';
const TWISTS =
  '> forwarded recipe <\nSubject: Re: those cheese straws?\n\nSweet version you asked about = "Cinnamon palmier-ish twists"\n\n1 sheet (375g) puff pastry\n50g melted butter\n80g brown sugar mixed with 2 tsp cinnamon\n\nUnroll pastry, brush butter, scatter sugar. Cut 12 strips, twist, lay on lined tray. Bake 200C 18-20 till dark gold.';
const ECCLES =
  'Eccles-style cakes\n\n500g block puff pastry\n200g currants\n75g dark brown sugar\n50g butter\n\nMelt the butter, stir in fruit, sugar. Cut 9 cm rounds, spoonful in each, gather, flip, flatten. 200, 20 mins.';
const TOFFEE_DRIZZLE =
  'Toffee cake\n250g butter\n250g caster sugar\n4 eggs\n300g s/r flour\nToffee drizzle\n100g soft toffees\n3 tbsp double cream\n\nBeat butter, sugar, eggs, flour till smooth. Spread in greased lined 20x30cm tin. Bake 180C 50 mins.\nMelt toffees and cream in microwave 1 min, stir, drizzle over.';
const PEAR_TART =
  'Pear tart\nServes 8\n\n1 sheet ready-rolled shortcrust (320g)\n80g soft butter\n80g caster sugar\n2 eggs\n100g ground almonds\n20g plain flour\n\n1. Line a 23cm tart tin with the pastry; chill 20 min.\n2. Beat butter and sugar, then eggs, almonds and flour. Spread in the case.\n3. Bake at 180C fan 35-40 min.\n\nTo finish: icing sugar';
const TAHINI_BROWNIES =
  'Tahini brownies | 16 pieces | 8-inch square\n\n| Ingredient | Amount | Notes |\n| --- | --- | --- |\n| Butter | 115 g | cubed |\n| Dark chocolate | 170 g | chopped |\n| Sugar | 200 g | |\n| Eggs | 2 + 1 yolk | room temp |\n| Flour | 65 g | |\n\n1. 350°F. Line pan.\n2. Melt butter + choc. Whisk in sugar, then eggs + yolk.\n3. Fold in flour.\n4. 24–28 min.';
const KUCHEN =
  'Plum kuchen\n\nFor the dough\n200 g flour\n1 tsp baking powder\n100 g sugar\n100 g cold butter\n1 egg\nFor the fruit\n750 g Italian prune plums, halved\n\nHeat the oven to 190°C. Butter a 26 cm springform.\nPulse the dry stuff with the butter until sandy, add the egg. Pat it over the bottom and 2 cm up the sides.\nStand the plums on the dough. Bake 45-50 minutes.';
const CRUMB_CASE =
  'Baked cheesecake tart\n\nBase\n200g gingernut biscuits\n75g butter, melted\nFilling\n500g cream cheese\n150g caster sugar\n2 tbsp plain flour\n3 large eggs\n\nBlitz the biscuits and mix with the butter. Press into the base and up the sides of a 23cm tin. Bake for 8 minutes at 180C. Beat the cheese, sugar and flour, then the eggs. Pour over. Bake 35-40 minutes.';

describe('pages from a fridge’s door', () => {
  it.each<OnPaper>([
    ['what the notes bake as another thing', SNACK_CAKE, {}, [/28 to 32 minutes(?!.*then)/m], [/[Mm]uffins/]],
    [
      'nobody has to chill it',
      LAVA_POTS,
      {},
      [/^Serves 4$/m, /^1 hour|^\d\d minutes in all/m],
      [/^2\d hours/m],
    ],
    [
      'what a part is made from',
      GINGERBREAD,
      {},
      [/^Royal icing$/m, /^1 egg white/m, /^200 g icing sugar$/m],
      [/\d+ g apple/],
    ],
    [
      'a list that a step begins with, and waffles that are raised with yeast',
      WAFFLES,
      {},
      [/^swirl$/m, /brown sugar/, /^1 tbsp cinnamon/m],
      [/^Is it/m],
    ],
    ['two rises in Swedish', SEMLOR, {}, [/jäs 30 min/, /^1 (?:egg|ägg)/m], [/let it rise/, /What is this/]],
    [
      'a part in capitals among small letters',
      SNICKERDOODLES,
      {},
      [/^CINNAMON SUGAR\n1\/4 cup sugar/m, /^Makes 30 cookies/m],
      [],
    ],
    [
      'a sheet of a bake sale',
      SALE_SHEET,
      {},
      [/^BAKEWELL SLICE$/m, /^Makes 24 pieces$/m, /^In: 33 × 23 cm oblong tin$/m],
      [/WHEAT/],
    ],
    ['so many, if you like them', IN_A_LETTER, {}, [/^\d+ g walnuts/m], []],
    ['more of the same, measured twice', CLAFOUTIS, {}, [/^1 tbsp caster sugar/m], [/Read as/]],
    [
      'pancakes by the side, with a lager',
      BEER_PANCAKES,
      {},
      [/^In: 24 cm skillet$/m, /^Griddle or pan, 2 minutes/m, /cider/],
      [/espresso|coffee|round tin/],
    ],
    [
      'a soak is a part, and two tins are two',
      MARTINI_CAKE,
      {},
      [/^SOAK\n100 ml strong coffee/m, /^In: 2 /m],
      [],
    ],
    [
      'two greased and floured pans by their inches',
      COURGETTE_LOAVES,
      {},
      [/^In: 2 /m, /2 greased 8x4" pans dusted with/, /15 minutes; turn out/],
      [],
    ],
    [
      'what is thin bakes as long as it did, about',
      GINGER_CRUNCH,
      {},
      [/^Oven 190 °C.*, 2[0-2] minutes/m],
      [],
    ],
    [
      'a time at which nobody looks is no second bake',
      CHRISTMAS_CAKE,
      {},
      [/^Oven 140 °C.*4¼ to 4¾ hours(?!.*then)/m, /pwd\. sugar \(3\d g\)/],
      [],
    ],
    ['a ball in the pan is choux', CHURRO_BITES, {}, [/^400 °F|^Oven 400 °F/m], [/^Is it/m, /stand for/]],
    ['and extra, in a table', TREACLE_SPONGE, {}, [/^4 tbsp Golden syrup, plus extra/m], [/What is this/]],
    [
      'yogurt of coconut stays, and what a page swaps for a diet is no step',
      COCONUT_LOAF,
      { without: ['milk', 'egg'] },
      [/^1\d\d g coconut yoghurt/m],
      [/vegan/],
    ],
    ['a name behind an equals sign', TWISTS, {}, [/^Cinnamon palmier-ish twists$/m], [/asked about/]],
    ['cakes of a bought pastry are pastry', ECCLES, {}, [/^pastry · gluten-free/m], []],
    [
      'cream in a microwave is what it is now, and no deed',
      TOFFEE_DRIZZLE,
      { without: ['milk'] },
      [/dark chocolate and coconut cream in microwave/],
      [/and cream in/],
    ],
    [
      'a pastry that is bought by another name',
      PEAR_TART,
      {},
      [/with the gluten-free pastry/, /^icing sugar/m],
      [/still says/, /Read as/],
    ],
    [
      'a yolk besides, and a tin at the head of a table',
      TAHINI_BROWNIES,
      {},
      [/^2 eggs/m, /^1 egg yolk/m, /^In: 8 in square tin$/m],
      [],
    ],
    ['a dough that is pressed up the sides is pastry', KUCHEN, {}, [/^pastry · gluten-free/m], [/Read as/]],
    ['crumbs that are pressed up the sides are none', CRUMB_CASE, {}, [/^flourless bake · gluten-free/m], []],
    [
      'an oven at the head is on when only a time is said',
      UPSIDE_DOWN,
      {},
      [/^Makes 10 pieces$/m, /^Oven 170 °C .* fan, 45 to 50 minutes/m],
      [/Bake at/],
    ],
    [
      'a spoon of bs is soda, and twelve muffins stand in cups',
      OAT_MUFFINS,
      {},
      [/^Makes 12 muffins$/m, /^In: 12 muffin cups$/m],
      [/can’t be placed/],
    ],
    [
      'a name above words in brackets, and cases that are the pastry',
      TARTLETS,
      {},
      [/^Pâte sablée aux noisettes/, /^Makes 8 tartlets$/m, /^In: 10 cm round tin$/m],
      [/muffin/],
    ],
    [
      'a drizzle with a dash before its list, and what was asked for as a name',
      LEMON_DRIZZLE,
      {},
      [/^Lemon drizzle$/m, /^85 g granulated sugar$/m, /^juice of the lemon/m],
      [],
    ],
    [
      'a tin of mini muffins stays one',
      OAT_MUFFINS.replace('12 muffins', '24 mini muffins').replace(
        'cool 5 min in tin',
        'cool 5 min in the mini muffin tin',
      ),
      {},
      [/^In: 24 mini muffin cups$/m],
      [],
    ],
    ['how many behind a stroke', FUDGY, {}, [/^Makes 16 squares$/m], []],
  ])('%s', readsOnPaper);
});
