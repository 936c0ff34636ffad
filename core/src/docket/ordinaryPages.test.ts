import { readsOnPaper, type OnPaper } from '../testingDockets';

/* What a baker reads off the paper of an ordinary page: cards, clippings and messages that were once printed wrong. */

const NO_EGG = { without: ['egg'] } as const;
const NO_MILK = { without: ['milk'] } as const;
const NO_PEANUT = { without: ['peanuts'] } as const;
const GRAIN_FREE = { diet: 'grain-free' } as const;

const ROULADE =
  'Chocolate roulade\n\nFor the sponge: 6 eggs, separated; 150g caster sugar; 50g cocoa powder; 25g plain flour\nFor the filling: 300ml double cream; 2 tbsp icing sugar; 390g jar of cherries in kirsch, drained\n\n1 Heat the oven to 180°C. Line a 33 x 23cm swiss roll tin.\n2 Whisk the egg yolks with the sugar until pale. Sift in the cocoa and flour and fold in.\n3 Whisk the egg whites to stiff peaks and fold in.\n4 Pour into the tin and bake for 18 minutes.\n5 Whip the cream with the icing sugar, spread it over with the cherries and roll up.';
const COFFEE =
  'Coffee cake\n225g self-raising flour\n225g soft butter\n225g sugar\n4 eggs\n3 tsp instant coffee dissolved in 1 tbsp boiling water\n\nMethod\nPut all the ingredients in a bowl and beat for 2 minutes. Bake in two 20cm sandwich tins at 180C for 25 minutes.';
const BARS =
  'Lemon bars\n\nCrust\n225 g butter\n250 g flour\n60 g icing sugar\n\nLemon layer\n4 eggs\n400 g sugar\n30 g flour\n160 ml lemon juice\n\nLine a 33 x 23 cm tin. Mix crust ingredients until a dough forms; press evenly into the tin. Bake 20 minutes at 175C.\nMeanwhile whisk eggs, sugar, flour and juice. Pour over the hot crust.\nBake another 20 minutes. Cool completely and cut in 24 bars.';
const ECLAIRS =
  'Éclairs\n\nChoux\n120 ml water\n115 g butter\n125 g flour\n4 eggs\n\nPastry cream\n500 ml milk\n100 g sugar\n4 egg yolks\n30 g cornstarch\n\nMake the pastry cream: heat the milk, whisk the yolks with sugar and cornstarch, whisk in the milk and cook until thick. Chill at least 2 hours.\nMake the choux: bring water and butter to a boil, add flour all at once and stir for 2 minutes. Beat in the eggs.\nPipe 10 cm logs on lined baking sheets, about 16. Bake at 200C for 30 minutes.\nFill the éclairs with the pastry cream.';
const BLOSSOMS =
  'Blossoms\n100 g butter\n190 g peanut butter\n150 g sugar\n1 egg\n190 g flour\n1 tsp baking soda\n36 chocolate drops\n\nBeat butter, peanut butter and sugar. Add the egg. Beat in flour and soda.\nShape into balls and bake on cookie sheets at 190C for 9 minutes. Immediately press a chocolate into each cookie.';
const ROLLS =
  'Cinnamon rolls\n420 g bread flour\n50 g sugar\n7 g instant yeast\n240 ml warm milk\n57 g butter\n1 egg\n\nFilling\n80 g butter\n160 g brown sugar\n\nKnead flour, sugar, yeast, milk, butter and egg for 8 minutes. Cover and let rise until doubled, about 1 hour.\nRoll out on a floured surface, spread with the butter and brown sugar, roll up and cut into 12 rolls.\nLet rise 40 minutes. Bake at 190C for 24 minutes.';
const BITES =
  'Pretzel bites\n\nDough\n360 ml warm water\n7 g yeast\n500 g flour\n1 tsp salt\n\nBath\n10 cups water\n2/3 cup baking soda\n\nKnead water, yeast, flour and salt for 5 minutes. Let rise 1 hour.\nBring the 10 cups water and baking soda to a boil. Shape 40 bites, boil for 20 seconds and bake on trays at 230C for 11 minutes.';
const CRUMBLE =
  'Rhubarb crumble\n\nCrumble topping\n200g plain flour\n75g porridge oats\n125g cold butter, cubed\n100g demerara sugar\n\nFilling\n750g rhubarb\n100g caster sugar\nGrated zest and juice of 1 orange\n1 tbsp plain flour\n\nToss the rhubarb with the sugar, orange zest and juice and flour, and tip into a 1.5 litre dish.\nRub the butter into the flour, then stir through the oats and sugar.\nScatter over the fruit and bake at 190C for 40 minutes.';
const BUTTERMILK_PIE =
  'Buttermilk pie\n1 unbaked pie shell\n115 g butter\n300 g sugar\n3 tbsp flour\n3 eggs\n240 ml buttermilk\n\nBeat the butter and sugar, add the flour and eggs and stir in the buttermilk. Pour into the pie shell. Bake at 175C for 45 minutes.';
const LETTER =
  'Subject: that lemon polenta cake\n\nCream 200g soft butter with 200g caster sugar. Beat in 3 eggs. Stir in 200g ground almonds, 100g polenta, 50g plain flour and 1 tsp baking powder. Spoon into a lined 23cm springform. 40 mins at 180.\nWhile it is in the oven boil the juice of the 2 lemons with 125g icing sugar. Prick the hot cake and pour the syrup on.';
const CREPES =
  'Hey! Here’s the crêpe suzette we talked about\n\n125g flour\n2 eggs\n300ml milk\n30g butter, melted\n\nWhisk it all together and rest 30 min. Fry thin pancakes in a buttered 20cm pan, 1 min a side.';
const TART =
  'Bakewell tart\n\nPastry\n225g plain flour\n110g butter\n1 egg yolk\n2 tbsp cold water\n\nFilling\n125g butter\n125g sugar\n2 eggs\n125g ground almonds\n\nRub the butter into the flour, add the egg yolk and the water. Roll out and line a 23cm tart tin.\nBeat the butter and sugar, add the eggs and the almonds, spread over and bake at 180C for 30 minutes.';
const STRUDEL =
  'Strudel\n250 g flour\n1 egg\n2 tbsp oil\n100 ml water\n1 kg apples\n\nKnead flour, egg, oil and water to a smooth dough, about 10 minutes. Roll out the dough on a floured cloth, then stretch it over your hands. Lay on the apples, roll up and bake on a tray at 200C for 35 minutes.';

const APPLE_TART =
  'Apple tart\n200 g flour\n100 g cold butter\n50 ml cold water\n6 apples\n\nRub the butter into the flour. Add the water and form a ball. Wrap and chill 1 hour.\nRoll out and line a 28 cm tart tin, lay on the sliced apples and bake 40 min at 190 C.';
const HOT_CROSS =
  'Hot cross buns\n500g strong flour\n10g yeast\n75g sugar\n300ml milk\n1 egg\n200g mixed dried fruit\n3 tbsp apricot jam\n\n1 Warm the milk. 2 Mix flour, yeast and sugar, add milk and egg, mix to a sticky dough. 3 Knead 10 minutes. Prove 1 hr till doubled. 4 Work in the fruit. Shape into 15 balls on a lined tray and prove 1 hour. 5 Bake at 220C for 20 mins. 6 Sieve and warm the jam, brush over.';
const CHEESECAKE =
  'Vanilla cheesecake\n\nBase: 150g digestive biscuits, 75g melted butter\nFilling: 600g cream cheese, 150g caster sugar, 3 eggs, 2 tbsp plain flour\n\nOven 160 fan 140. Crush the biscuits, mix with the butter, press into a 20cm springform, bake 10 min.\nBeat cheese, sugar and flour, then the eggs. Pour on the base. Turn the oven to 200/180. Bake 10 min then turn to 110/90 & bake 25 min.';
const DROP_SCONES =
  'Drop scones\n200g self-raising flour\n1 tbsp sugar\n1 egg\n200ml milk\n\nWhisk the flour, sugar, egg and milk to a smooth batter.\nHeat a non-stick pan and rub with a little butter. Drop in tablespoonfuls. Cook for 2 mins, flip and cook 1 min more.';

const MESSAGE =
  "ok so mum's marmalade sponge pudding. you want 4oz each of butter sugar and SR flour, 2 eggs and grated rind of an orange. butter a 2 pint basin. cream butter + sugar, eggs in one at a time, then the flour and the rind. into the basin it goes, foil over. steam 1.5 hrs, don't let it boil dry!! feeds 4-5";
const BESAN =
  'Nankhatai\n1 cup maida (all purpose flour)\n1/4 cup besan (gram flour)\n1/2 cup ghee\n1/2 cup powdered sugar\n1 tbsp curd (yogurt)\n\n1) Cream ghee and powdered sugar. Add the curd.\n2) Sift in maida and besan, bring together. Make 18 balls.\n3) Bake at 170°C for 15 mins.';
const THREE_COLUMNS =
  '| Ingredient | Metric | US |\n|---|---|---|\n| Plain flour | 175 g | 1 1/3 cups |\n| Butter, cold | 125 g | 1 stick + 1 tbsp |\n| Caster sugar | 50 g | 1/4 cup |\n| Salt | pinch | pinch |\n\nRub the butter into the flour and sugar. Press into a 20cm round tin. Chill 30 min.\nBake 150°C 45 min.';

const CLAFOUTIS =
  'Cherry clafoutis\n500 g cherries\n3 eggs\n100 g sugar\n80 g flour\n250 ml milk\n25 g melted butter\n\nBeat the eggs with the sugar, add the flour, then the butter, and dilute with the milk.\nPour onto the cherries in a buttered dish. Bake at 180 C for 40 min.';

const ECCLES =
  'Eccles cakes\n\nMakes 12\n\nFor the flaky pastry:\n225g plain flour\n175g cold butter, grated\nabout 8 tbsp iced water\n\nFor the filling:\n50g butter\n100g muscovado sugar\n150g currants\n\n1. Sift the flour into a bowl and stir in the grated butter with a knife. Add enough water to bring the dough together. Wrap and chill for 30 minutes.\n2. Melt the butter, stir in the sugar and currants. Leave to cool.\n3. Roll the pastry out on a floured surface and cut into twelve 10cm rounds. Put a teaspoon of filling on each and pinch to seal. Bake on a greased sheet at 220C for 15-20 mins.';
const BLIND =
  'Frangipane tart\n\nFor the pastry\n175 g plain flour\n75 g cold butter\n1 egg yolk\n2 tbsp cold water\n\nFor the frangipane\n100 g butter\n100 g caster sugar\n2 eggs\n100 g ground almonds\n\nRub the butter into the flour, add the yolk and water. Chill 20 minutes, roll out and line a 25 cm tart tin.\nBake blind at 190°C for 15 minutes. Remove the beans and bake 5 minutes more.\nBeat the butter and sugar, add the eggs and almonds, spread in the case and bake for 35–40 minutes.';
const PEACHES =
  'Peach cobbler\n\n6 ripe peaches, peeled and sliced (about 2 1/2 pounds)\n1/2 cup sugar\n\nTopping\n1 1/4 cups all-purpose flour\n2 teaspoons baking powder\n6 tablespoons cold butter\n3/4 cup milk\n\nToss the peaches with the sugar in a baking dish. Rub the butter into the flour and baking powder, stir in the milk, drop onto the fruit and bake at 400 F for 30 minutes.';
const HOTCAKES =
  'Ricotta hotcakes\n345 g ricotta\n180 ml milk\n4 eggs, separated\n130 g plain flour\n1 tsp baking powder\n\nMix ricotta, milk and egg yolks. Sift in the flour and baking powder and stir.\nBeat the egg whites until stiff and fold through.\nCook in a greased frying pan for 2 minutes a side.';

const SPICED =
  'Spiced biscuits\n250 g plain flour\n150 g dark brown sugar\n1 tbsp speculaas spice\n1/2 tsp bicarb soda\n150 g cold butter\n2 tbsp milk\n\n1 Pre-heat the oven to 170°C/Gas 3. Flour a baking tray.\n2 Rub everything together to a dough. Roll out, press into a floured wooden mould and bake for 20 minutes. Cut into 30.';
const UPSIDE_DOWN =
  'Pineapple upside-down cake\n1 1/2 cups cake flour\n1 1/2 tsp baking powder\n6 tbsp butter\n3/4 cup sugar\n2 eggs\n1/2 cup reserved pineapple juice\n\nBeat butter and sugar. Add eggs one at a time. Add flour and baking powder alternately with the juice. Bake in a 10-inch skillet at 350 F for 35 minutes.';

const MICROWAVED =
  'Microwave lemon pudding for two\n50 g soft butter\n50 g caster sugar\n1 egg\n50 g self raising flour\n2 tbsp lemon curd\n\nPut the lemon curd in a 600 ml pudding basin.\nBeat the butter, sugar, egg and flour till smooth. Spoon on top.\nCover and microwave on high (800W) for 2½ - 3 minutes. Turn out.';
const FRIANDS =
  'Raspberry friands\n6 egg whites\n185g butter, melted\n125g almond meal\n240g icing sugar\n75g plain flour\n100g frozen raspberries\n\nPreheat oven to 200°C. Grease a 12-hole (1/2 cup/125ml) friand pan.\nBeat egg whites lightly with a fork. Add butter, almond meal, sugar and flour; beat until just combined. Divide among holes; top with raspberries. Bake 25 minutes.';
const CRINKLES =
  'Chocolate crinkles\n1 c sugar\n1/4 c oil\n2 oz unsweetened chocolate, melted\n2 eggs\n1 c flour\n1 t baking powder\n1/2 c powdered sugar\n\nMix sugar, oil, chocolate. Blend in eggs. Mix in flour and baking powder. Chill several hrs or overnite.\nHeat oven to 350. Drop teaspoonfuls of dough into powd. sugar, roll around, shape into balls. Bake on greased sheet 10-12 min.';
const GINGERNUT =
  'Baked cheesecake with gingernut base\n\nBase\n200g gingernut biscuits\n75g butter, melted\n\nFilling\n500g cream cheese\n150g caster sugar\n2 tbsp plain flour\n3 large eggs\n\nBlitz the biscuits, mix with the butter and press into a 23cm tin. Bake for 8 minutes at 180C.\nBeat the cheese, sugar, flour and eggs. Pour over the base. Bake 35 minutes at 150C. Chill for 4 hours.';
const WREATH =
  'Chocolate wreath\n400g strong flour\n7g yeast\n50g caster sugar\n2 eggs\n120ml milk\n100g soft butter\n100g dark chocolate\n\nKnead flour, yeast, sugar, eggs, milk and butter for 10 mins. Cover, rise for 1½ hours, then refrigerate for 1 hr to firm up. Roll the dough into a rectangle, scatter with the chocolate, roll up and twist. Prove 1 hour. Bake on a tray at 190C for 25 mins.';
const TREACLE_TART =
  'Treacle filling\n450g golden syrup\n100g plain flour\n1 lemon, zest and 2 tbsp juice\n1 egg, beaten\n\nWarm the syrup, stir in the flour, zest, juice and egg. Bake in a 20 cm dish at 160C for 40 minutes.';
const APPLE_PIE =
  'Apple pie\n\nCrust:\n2 1/2 cups flour\n2 sticks cold butter\n6 tbsp ice water\n\nFilling:\n3 lb apples\n2/3 cup sugar\n\nTop:\n1 egg beaten w/ 1 tbsp water\ncoarse sugar\n\nRub the butter into the flour. Drizzle in water. Divide in 2 disks, chill 1 hr. Roll one out, fit in a 9" pie plate, fill with the apples and sugar. Roll second disk; place on top. Brush w/ egg wash, sprinkle w/ sugar. Bake at 400 F for 50 min.';
const BLONDIES =
  'Blondies\nYield: one 8-inch square pan (16 blondies)\n1 stick unsalted butter, melted\n1 cup light brown sugar\n1 large egg + 1 large egg yolk\n1 cup all-purpose flour\n\nWhisk butter and sugar. Whisk in egg and yolk. Fold in flour. Bake in an 8x8 pan at 350 F for 30 minutes.';

const MUG =
  'Chocolate mug cake\n4 tbsp self-raising flour\n4 tbsp caster sugar\n2 tbsp cocoa powder\n1 egg\n3 tbsp milk\n3 tbsp vegetable oil\n\nMix the dry ingredients in a mug. Add the egg, milk and oil. Microwave on High for 1½ minutes.';
const MAWA =
  'Mawa cake\n1½ cups maida\n1 cup mawa, grated\n¾ cup milk\n½ cup butter\n1 cup sugar\n1 tsp baking powder\n\nPreheat your oven at 180 degrees C for 15 minutes.\nCream the butter, mawa and sugar. Add the maida, baking powder and milk. Bake in a 7 inch round pan for 40 to 45 mins.';
const GOOEY =
  'Gooey butter cake\n3 tbsp milk\n2 tsp dry yeast\n6 tbsp butter\n1 egg\n1 3/4 cups flour\n\nBeat butter, egg, flour, milk and yeast. Press into a greased 8-inch pan. Cover, let rise till doubled, 2 1/2-3 hrs.\nBake 350, 35-45 min. Will rise and fall in waves.';
const BREAD_AND_BUTTER =
  'Bread & butter pudding\nServes 4 greedy people\n6 slices white bread\n50g butter, softened\n2 eggs\n300ml milk\n150ml double cream\n40g sugar\n\nButter the bread and cut into triangles. Arrange in a 1.2 litre dish. Whisk eggs, milk, cream and sugar, pour over. 170 for 35 mins.';
const FRUIT_CAKE =
  'Fruit cake\n225g plain flour\n225g butter\n225g brown sugar\n4 eggs\n450g currants\n\nYou will need an 8 inch round cake tin or a 7 inch square tin.\nBeat the butter and sugar, add the eggs, flour and currants. Bake at 140C for 3 hours. Mark into 16 while warm.';
const RUGELACH =
  'Rugelach\nDough: 8 oz cream cheese, 1 cup butter, 2 cups flour\nWash: 1 egg beaten with 1 tbsp milk. Topping: 3 tbsp sugar + 1 tsp cinnamon\n\nCream the cheese and butter, mix in the flour. Chill 1 hour. Roll into circles with a floured 2 3/4-inch cutter beside you, cut into 12 wedges and roll up. Place on a lined sheet pan. Brush with egg wash, sprinkle with the topping and bake at 350 for 15-20 min. Makes 4 dozen.';

const SHORT_STEPS =
  'Marmalade loaf, 10 slices\n\nDRY\n1 3/4 cups flour\n2 tsp baking powder\nWET\n3/4 cup yogurt\n2 eggs\n1/2 cup oil\n3/4 cup sugar\n\nHOW\nA. 350. Paper a 9x5.\nB. Wet things into the sugar. Whisk.\nC. Dry in, 15 strokes.\nD. 50–55 min. Tent at 35 if dark.';
const HERMITS =
  'Hermits\n1/2 c. butter\n1 c. brown sugar\n1 egg\n1 3/4 c. flour\n1 1/4 c. raisins\n\nMix butter, sugar and egg. Stir in flour and raisins. Chill 1 hr.\nHeat oven to 400 (mod. hot). Drop rounded tsps. 2" apart on greased sheet. Bake 8-10 min.';
const LOGS =
  'Almond biscotti\n300g plain flour, 200g sugar, 150g whole almonds, 3 eggs, 1 tsp baking powder\n\nmix dry in bowl. beat eggs, tip in, bring together with hands (sticky!! flour them). two logs 30cm x 6cm on tray. 170C, 25–30 mins. slice, 12 min more.';
const GERMAN =
  'Kirschkuchen\n12 Stück\n\n200 g Butter\n200 g Zucker\n4 Eier\n250 g Mehl\n2 TL Backpulver\n1 Glas Sauerkirschen (350 g abgetropft)\n\nBeat butter and sugar, add the eggs, flour and baking powder. Press the cherries in. Bake in a 26 cm springform at 180 °C for 40 min. Turn out, with custard.';

const TRIFLE =
  'Trifle\n\nSponge\n3 eggs\n90 g sugar\n90 g plain flour\n\nTop\n400 ml double cream\n\nWhisk eggs and sugar to ribbon, fold in flour. Spread on a 30 x 20 tray, bake at 200 °C for 10 min.\nCream whipped soft, on top.';
const PLUM_TRAY =
  'Plum squares\n300 g plain flour\n200 g sugar\n200 g cold butter\n100 g ground almonds\n1 egg\n600 g plums\n\nRub flour, sugar and butter to crumbs, stir in the almonds. Take out 150 g crumbs. Work the egg into the rest; press into the tray.\nPlums on, crumbs over. Bake at 180 °C for 45 min. Tent it if it browns.';

const SWEDISH =
  'Swedish apple cake\n1 st, 26 cm form\n\n4 äpplen\n2 dl strösocker\n150 g smör\n2 ägg\n1 1/2 dl vetemjöl\n1 tsk bakpulver\n\nLay the sliced apples in a form. Beat butter and sugar, add the eggs, flour and baking powder. Spread over. 200 °C, 30 min. Stand 5 min. Ice cream.';
const FLAN =
  'Lemon pie\n175g plain flour\n100g cold butter\n1 egg yolk\n\nRub the butter into the flour, add the yolk. Roll out and line a 23 x 2.5cm loose-bottom fluted flan tin. Bake at 200C for 20 mins.';

const PAGES: readonly OnPaper[] = [
  [
    'a list in Swedish has its apples in their plural; one of nothing is no yield; a last word of ice cream is said without milk',
    SWEDISH,
    NO_MILK,
    [/^4 apples/m, /Dairy-free ice cream\./],
    [/Makes 1|still says/],
  ],
  ['a tin has a width and a depth', FLAN, {}, [/^In: 23 cm round tin/m], []],
  ['cream that is whipped is a food, and no deed', TRIFLE, NO_MILK, [/Coconut cream whipped soft/], []],
  [
    'what is pressed into a tray has nowhere to spread, and what is tented needs no foil',
    PLUM_TRAY,
    {},
    [/press into the tray/i],
    [/chill|Lay foil/i],
  ],
  [
    'a time by itself after the mixing is the oven’s, and dry things that go in are mixed',
    SHORT_STEPS,
    {},
    [/^Oven 350 °F [^\n]*, 50 to 55 minutes/m, /Dry in, 15 strokes\.\s+\d\. Let the batter stand/],
    [/Bake at 350/],
  ],
  [
    'brackets and spoons cut short end no sentence',
    HERMITS,
    {},
    [/400 \(mod\. hot\)\. Drop rounded tsps\. 2"/],
    [],
  ],
  [
    'hands are dusted, and a dough waits before it is made into logs',
    LOGS,
    {},
    [/dust them with rice flour/, /chill it[^.]*\.\s+(?:\d\. )?two logs/],
    [/blend them/],
  ],
  [
    'a list in German has its cherries and its pieces, and custard without milk where it is turned out',
    GERMAN,
    NO_MILK,
    [/^Makes 12 pieces/m, /cherries/, /dairy-free custard/],
    [/What is this/],
  ],
  [
    'a mug’s spoonfuls of flour build its cake',
    MUG,
    NO_EGG,
    [/white rice flour/, /baking powder/],
    [/cornflour \(2 tbsp\)/],
  ],
  [
    'mawa is of milk, and nothing is in the oven while it heats',
    MAWA,
    GRAIN_FREE,
    [/^1 cup mawa, grated/m, /40 to 45 minutes/],
    [/cassava|15 minutes \(/],
  ],
  ['what rises in the oven is no rise of the dough', GOOEY, {}, [/let rise till doubled/], []],
  [
    'buttered bread is spread with what stands in, and cream that isn’t whipped isn’t chilled for it',
    BREAD_AND_BUTTER,
    NO_MILK,
    [/Spread the gluten-free bread with dairy-free baking block/, /^Serves 4$/m],
    [/whips only when|Grease the/],
  ],
  [
    'of two tins the first, and what is marked is counted',
    FRUIT_CAKE,
    {},
    [/^In: 20 cm round tin/m, /^Makes 16 pieces/m],
    [],
  ],
  [
    'two labelled lists on a line lose nothing; what it makes is said, not what is cut on the way',
    RUGELACH,
    {},
    [/^15 g milk/m, /^38 g sugar/m, /^Makes 48 pieces/m, /with a 2 3\/4-inch cutter dusted with/],
    [/^In: /m],
  ],
  [
    'a pudding in the microwave is cooked there, and its curd keeps its butter',
    MICROWAVED,
    NO_EGG,
    [/^Microwave, 2½ to 3 minutes/m, /butter, for the lemon filling/],
    [/no time found|dairy-free/],
  ],
  [
    'a tin’s holes are counted, and not its half cups; nobody is told how cold frozen fruit makes it',
    FRIANDS,
    GRAIN_FREE,
    [/^Makes 12 pieces/m, /^In: 12 friand moulds/m],
    [/goes in at/],
  ],
  [
    'a word cut short ends no sentence, and a chill without a number is one',
    CRINKLES,
    {},
    [/Chill several hrs or overnite\./, /into powd\. sugar, roll around/],
    [/for 30 minutes/],
  ],
  ['a base in the title says nothing of the cheesecake', GINGERNUT, {}, [/^flourless/m], []],
  [
    'a dough that is chilled after its first rise drinks there',
    WREATH,
    {},
    [/refrigerate for 1 hr to firm up/i, /Prove 1 hour/],
    [/the flours drink/],
  ],
  [
    'a lemon’s zest and so much of its juice are both the lemon’s',
    TREACLE_TART,
    {},
    [/^zest of 1 lemon/m, /lemon juice \(2 tbsp\)/],
    [/citrus/],
  ],
  [
    'an egg wash is brushed on, whosever its water was taken for',
    APPLE_PIE,
    { without: ['egg', 'milk'] },
    [/Brush w\/ pea milk/],
    [/flax gel/],
  ],
  [
    'a pan’s pieces are what it makes, and unsalted butter is butter',
    BLONDIES,
    NO_EGG,
    [/^Makes 16 blondies/m, /tsp milk, for the beaten oil/],
    [/pea milk/],
  ],
  [
    'a spice named after a biscuit is a spice, a mould is dusted, and a sentence begins with a capital',
    SPICED,
    {},
    [
      /^1 tbsp speculaas spice/m,
      /^1\/2 tsp bicarb soda/m,
      /\d\. Pre-heat [^\n]*Gas 3\. Dust a baking tray with rice flour/,
      /into a wooden mould dusted with rice flour/,
    ],
    [/soda soda|gluten-free biscuits/],
  ],
  [
    'nobody opens a jar for five grams of purée',
    UPSIDE_DOWN,
    NO_EGG,
    [/flax gel/, /^\d+ g reserved pineapple juice/m],
    [/applesauce/],
  ],
  ['an Eccles cake is a pastry, and nobody is asked', ECCLES, {}, [/^pastry ·/m], [/Is it a/]],
  [
    'what goes on in the same oven is one line of the head',
    BLIND,
    {},
    [/^Oven 190 °C [^\n]*, 15 minutes \(blind\), then 5 minutes, then 35 to 40 minutes/m],
    [],
  ],
  [
    'what was bought by the pound weighs less when it is peeled',
    PEACHES,
    {},
    [/\(about 2 1\/2 pounds, \d+ g prepared\)/],
    [],
  ],
  ['a fresh cheese is no liquid to pour more of', HOTCAKES, {}, [/^345 g ricotta/m], []],
  [
    'what is mostly milk and egg is set by a starch where no egg may be',
    CLAFOUTIS,
    NO_EGG,
    [/cornflour|cornstarch/, /thickened milk/],
    [/applesauce|flax|linseed/],
  ],
  [
    'a message is named by its first words, and shares one weight among three',
    MESSAGE,
    NO_MILK,
    [/^mum's marmalade sponge pudding/, /^115 g sugar/m, /2 eggs/, /brown rice flour/],
    [/and xanthan gum[ ,+]/, /ok so/],
  ],
  [
    'another name in brackets is the same flour, and how many balls are made is how many there are',
    BESAN,
    {},
    [/besan \(gram flour\)/, /^Makes 18 pieces/m],
    [],
  ],
  [
    'a second column of measures is the same again',
    THREE_COLUMNS,
    {},
    [/^125 g/m, /^pinch Salt/m],
    [/1 stick/, /pinch pinch/],
  ],
  [
    'water goes into a pastry by the spoonful, where the page doesn’t say so itself',
    APPLE_TART,
    {},
    [/Add the water by the spoonful, only as much as it takes, and form a ball/],
    [],
  ],
  [
    'numbers within a line are steps, with stops behind them or without',
    HOT_CROSS,
    {},
    [/^\d+\. Warm the milk/m, /^\d+\. Beat 3 to 5 minutes/m, /^\d+\. Sieve and warm the jam/m],
    [/\. \d [A-Z]/],
  ],
  [
    'a list that is named is a part from the first on, and 110/90 is an oven with a fan',
    CHEESECAKE,
    {},
    [/^Base$/m, /^Filling$/m, /110 °C .*25 minutes/],
    [/90 minutes/],
  ],
  [
    'a pan that is rubbed with butter is no bowl: the batter waits before it',
    DROP_SCONES,
    {},
    [/smooth batter\.\s+(?:\d+\. )?Let the batter stand/],
    [/little butter\.\s+(?:\d+\. )?Let/],
  ],
  [
    'each thing of a labelled list stands as its author wrote it, and the sugar is that of its own part',
    ROULADE,
    GRAIN_FREE,
    [/^6 eggs, separated/m, /^390g jar of cherries in kirsch, drained/m, /yolks with the sugar until/],
    [/yolks with the grain-free/],
  ],
  ['what is dissolved first says so', COFFEE, {}, [/instant coffee, dissolved in the boiling water/], []],
  [
    'a crust that is mixed of its ingredients waits, and the lemon on it doesn’t',
    BARS,
    {},
    [/^Makes 24 bars/m, /until a dough forms\. Let the dough stand/],
    [/juice\. Let the dough/],
  ],
  [
    'a cream that is chilled takes its time beside the bake',
    ECLAIRS,
    {},
    [/^Makes 16 pieces/m, /^2 hours \d+ minutes in all/m],
    [],
  ],
  [
    'what is done at once is done before it cools',
    BLOSSOMS,
    NO_PEANUT,
    [/into each cookie\.\s+(?:\d+\. )?Leave them on the tray/],
    [],
  ],
  [
    'where the first rise was a dough drinks before it is rolled',
    ROLLS,
    {},
    [/Cover it and leave it for 20 minutes: the flours drink\.\s+(?:\d+\. )?Roll out/],
    [/doubled/],
  ],
  ['another part’s water is as much as it was', BITES, {}, [/Bring the 10 cups water/], []],
  [
    'a spoonful of flour in the fruit is a starch there, though the crumble’s list stands first',
    CRUMBLE,
    NO_MILK,
    [/juice and cornflour, and tip/, /into the flour blend/, /, cold, cubed/],
    [],
  ],
  [
    'a pie shell is a crust',
    BUTTERMILK_PIE,
    {},
    [/gluten-free pie crust \(/, /Pour into the gluten-free pie crust/],
    [],
  ],
  [
    'juice that a letter squeezes is on its list',
    LETTER,
    {},
    [/^lemon polenta cake/im, /^juice of 2 lemons/m],
    [],
  ],
  [
    'what was talked about is no name, and a frying pan is no tin',
    CREPES,
    {},
    [/^crêpe suzette$/im, /20 cm skillet/],
    [/talked/],
  ],
  ['who eats butter is given milk for a yolk', TART, NO_EGG, [/tsp milk, for the beaten oil/], [/pea milk/]],
  ['a strudel’s dough is brought together for a minute', STRUDEL, {}, [/smooth dough, for a minute\./], []],
];

describe('an ordinary page on paper', () => {
  it.each(PAGES)('%s', readsOnPaper);
});
