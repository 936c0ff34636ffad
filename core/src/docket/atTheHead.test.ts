import { readsOnPaper, type OnPaper } from '../testingDockets';

/* What a page means by a number, read off the paper: how many, in what, how hot, how long; and the clauses that tell of it. */

const BUNS =
  'Orange buns\nMakes 12 | Active: 45 min | Total: 4 hr\n\n390 g bread flour\n50 g sugar\n7 g instant yeast\n180 ml milk\n1 egg\n70 g butter, soft\n\n1. Mix flour, sugar and yeast. Add milk and egg, then the butter; knead 8-10 minutes.\n2. Cover and let rise until doubled, about 1 1/2 hours.\n3. Roll out, roll up, cut into 12. Set in a 12-cup muffin tin. Cover and proof until puffy, 45 minutes.\n4. Bake at 350°F 20-22 minutes.';
const DUMPLINGS =
  'Doughboys\n2 cups plain flour\n3 teaspoons baking powder\n2 tablespoons butter\n3/4 cup milk\nSyrup\n2 cups water\n1 cup brown sugar\n\nSift flour and baking powder. Rub in the butter. Mix in the milk. Roll into walnut-sized balls (about 16).\nBring the syrup to the boil in a wide pan. Drop in the balls, cover and simmer 20 minutes without lifting the lid.';
const ROWS =
  'Rhubarb bars\n\n| For the base | |\n| --- | --- |\n| Plain flour | 250 g |\n| Light brown sugar | 120 g |\n| Butter, melted | 180 g |\n\n| For the middle | |\n| --- | --- |\n| Eggs | 2 |\n| Double cream | 150 ml |\n\nMakes 16 (20 cm square tin)\n\n1. Stir flour, sugar and butter. Press into the tin; bake 15 min at 180 °C.\n2. Whisk eggs and cream, pour over. Bake 35 min.';
const BASIN =
  'Fig pudding\n(2 pint basin)\n\n4 oz self raising flour\n4 oz shredded suet\n3 oz dark muscovado\n1 egg\n1/4 pt milk\n\nGrease a 2 pint pudding basin. Mix all. Cover and steam 2½ hours.';
const GRIDDLE =
  'Buttermilk pancakes\n2 cups flour\n2 teaspoons baking powder\n2 cups buttermilk\n2 eggs\n1/4 cup butter, melted\n\nWhisk all. Heat a griddle over medium heat and butter lightly. Cook 2-3 minutes; flip and cook 1-2 minutes more.';
const LAYERS =
  'Coffee slice\n3 eggs\n115 g ground almonds\n115 g icing sugar\n30 g flour\n3 egg whites\n\nBeat eggs, almonds and icing sugar. Fold in flour, then the stiff whites. Spread on a 30 x 40 cm tray; bake at 220 °C 7-8 minutes. Cool, cut in three.\nLayer with coffee cream. Trim and cut into 12.';
const MOULDS =
  'Coffee sponges (makes 4)\n100 g butter\n100 g sugar\n2 eggs\n100 g self-raising flour\n\nButter 4 x 175 ml pudding moulds. Cream butter and sugar, beat in eggs, fold in flour. Spoon in and cover with foil.\nStand in a roasting tin, pour boiling water half way up, and cook in the oven at 180°C for 35 minutes - or steam 40 minutes on the hob.';
const FAIRY =
  'Fairy cakes with a kiss\n(24 little ones)\n115g margarine\n115g caster sugar\n2 eggs\n115g SR flour\n\n180C. 2 x 12-hole bun tins with paper cases.\nAll-in-one: marg, sugar, eggs, flour, 2 min with the electric whisk. Teaspoon into the cases, 12 min, cool.\nMeringues: whip 2 whites stiff with 115 g sugar. Pipe 24 kisses. 110C for 1 hr.';
const SAFFRON =
  'Kardemummabullar\n150 g smör\n5 dl mjölk\n50 g färsk jäst\n1 dl socker\n2 tsk stött kardemumma\n13 dl vetemjöl\n\nKnead all for 10 min. Let rise 45 min. Shape 24 buns, rise 30 min. Bake at 225° 8-10 min.';
const RINGS =
  'Almond tartlets\n\nPâte sablée\n250 g plain flour\n100 g icing sugar\n140 g butter, cold\n1 egg\n\nFrangipane: 60 g butter / 60 g sugar / 60 g ground almonds / 1 egg\n\n1. Rub the butter into flour and sugar. Add egg; bring together, flatten, 2 h at 4 °C.\n2. Roll to 2 mm, line 8 rings of 8 cm. 30 min in the freezer.\n3. Cream butter and sugar, add almonds and egg. Fill.\n4. Bake 170 °C, 25 min. Demould warm.';
const CREPES =
  'Crêpe cake\n180 g flour\n30 g sugar\n3 eggs\n500 ml milk\n40 g browned butter\n\nWhisk all. Rest at least 1 hour in the fridge.\nOil a 20 cm pan lightly. Cook thin crêpes, about 1 min on the first side, 30 seconds on the second. Cool.\nLayer with cream. Chill 4 hours.';
const PINWHEELS =
  'Icebox date pinwheels\n1 c butter\n1 c brown sugar\n1 c white sugar\n3 eggs\n4 c flour\n1/2 t soda\n\nCream butter and sugars, add eggs, then dry. Chill. Roll 1/4" thick in a rectangle. Spread with dates. Roll like jelly roll. Chill overnight.\nSlice 1/4". Bake 375 for 10-12 min.';
const SINKS =
  'Walnut torte\n170 g walnuts\n30 g plain flour\n6 eggs, separated\n150 g sugar\n\nGrind walnuts and flour. Beat yolks with half the sugar until thick. Whip the whites with the rest; fold all together.\nBake in a 23 cm springform at 175°C 35 minutes. Cool completely in the tin... it will sink a little.';

const STRUDEL =
  'Apple strudel\n300 g strong flour\n1 egg\n125 ml water\n100 g breadcrumbs\n1 kg apples\n80 g sugar\n\nKnead flour, egg and water, 10 min. Rest 1 h.\nStretch the dough over a floured cloth until you could read through it. Strew crumbs over, then the apples and sugar. Roll up by lifting the cloth.\nBake at 190 °C 40-45 min.';
const KUCHEN =
  'Plum kuchen\n\nfor the base: 500g flour, 42g fresh yeast, 80g sugar, 250ml milk, 80g butter, 1 egg\non top: 2kg plums, stoned, quartered but joined;\ncrumbs: 200g flour, 120g sugar, 120g butter\n\nmake a dough, knead 8 min, let rise 45 min.\nroll out on a lined tray (30x40). rest 15 min.\nstand plums in rows. rub the crumbs, scatter.\n200°C, 35-40 mins.';
const MADELEINES =
  'Madeleines (24)\n120g plain flour\n1 tsp baking powder\n130 g sugar\n3 eggs\n120 g butter\n\nWhisk eggs and sugar. Fold in the flour, then the butter. Refrigerate 2 hrs.\nBake at 220 C in two 12-hole madeleine trays 10 mins. Knock out right away.';
const RAMEKINS =
  'Toffee puddings\nSERVINGS 8\n8 oz dates\n1 c boiling water\n6 tbsp butter\n3/4 c brown sugar\n2 eggs\n1 1/2 c AP flour\n1 1/2 tsp baking powder\n\nSoak the dates in the water. Butter 8 (6-oz) ramekins.\nCream butter and sugar. Eggs. Dates. Then flour and baking powder.\nFill 2/3. Bake 350° 22-25 min.';
const DIAMONDS =
  'Basbousa\n1 tray (20x30), 24 diamonds\n\ncoarse semolina 350 g\nsugar 120 g\nbaking powder 2 tsp\nyogurt 250 g\nbutter 120 g\n\nMix semolina, sugar, baking powder. Rub in the butter. Stir in yogurt. Spread in a buttered tray. Bake 190C 30-35 min.';
const CANNOLI =
  'Cannoli shells\nmakes ~ 20\n250 g flour\n30 g lard\n20 g sugar\n1 egg\n50 ml marsala\noil for frying\n\nWork flour, lard and sugar; add egg and marsala, knead 10 min to a firm dough. Rest 1 h.\nRoll thin, cut 10 cm rounds. Wrap round tubes. Fry at 170° for 1-2 minutes.';
const SHORTBREAD =
  'Caramel shortbread\n225g plain flour\n100g caster sugar\n200g butter\n397g tin condensed milk\n\nWhizz flour, sugar and butter. Press into a 23 cm square tin. Bake at 170°C 35 min. Cool.\nBoil the milk 8 min. Pour on the base. Cool 1 hr. Cut into 16.';

const JAFFA =
  'Jaffa traybake\n275g soft marg\n275g caster\n275g SRF\n2 tsp BP\n5 eggs\n\nEverything in a bowl, beat 2 mins.\n30x23 tin, lined. 180/160fan, 35-40 mins.';
const HEADS =
  'Brioche à tête\n(12 small)\n250 g strong white flour\n30 g sugar\n8 g fresh yeast\n3 eggs\n125 g butter, soft\n\nKnead flour, sugar, yeast and eggs 8 min, then the butter.\nCover, 1 h at room temperature; knock back; overnight in the fridge.\nDivide into 12 x 45 g. Shape balls. Buttered fluted moulds. Proof 1½ h. 200 °C, 12-14 min.';
const CAKE_COOKIES =
  'Mud cake cookies\n1 c. butter, melted\n2 c. brown sugar\n2 eggs\n2 1/4 c. flour\n3/4 c. cocoa\n1 tsp. baking soda\n1 c. semisweet chips\n\nWhisk butter and sugar; whisk in eggs. Stir in dry. Fold in chips.\n375. Scoop mounds onto sheets. Bake 8 min. Makes 3 dozen.';
const BAKEWELL =
  'Bakewell pudding\n\nFor the pastry\n4oz plain flour\n2oz butter\n\nFor the filling\n4oz butter, melted\n4oz caster sugar\n4oz ground almonds\n4 egg yolks\n\nRub butter in flour, add water to mix. Roll out and line a 8in pie dish.\nBeat the eggs, add sugar, butter, almonds. Pour on. Bake Gas 6 15 mins then Gas 4 20 mins.';
const FRITTERS =
  'Carnival fritters\nfor about 40\n\n500 g plain flour\n3 eggs\n80 g sugar\n100 g butter, melted\n\nMix all to a dough, rest 2 hours. Roll out to 3 mm, cut into diamonds. Fry in oil at 170 °C, 1 minute on each side.';
const NONNA =
  'Torta della nonna\n\nPASTA FROLLA\nflour 300 g\nbutter 150 g\nsugar 120 g\negg 1 + 1 yolk\n\nCREMA\nmilk 500 ml\nyolks 4\nsugar 120 g\n\n1. Pasta frolla: work butter, flour, sugar; add eggs. Rest 1 h cold.\n2. Crema: warm milk, whisk in yolks and sugar.\n3. Roll two thirds, line the buttered 24 cm tin; fill. Roll the rest for a lid.\n4. 170 °C, 40 min.';
const MALTED =
  'Malted waffles\nYield: 8 waffles\n\n2 cups all-purpose flour\n1/2 cup (65g) malted milk powder\n1 Tbsp baking powder\n3 eggs\n1 3/4 cups whole milk\n1/2 cup butter, melted\nMaple syrup\n\nHeat waffle iron; oven at 200°F.\nWhisk flour, malted milk powder and baking powder; stir in eggs, milk and butter.\nPour 1/2 cup batter into the iron. Cook 4 to 5 minutes. Keep warm in the oven.';

const DISCARD =
  'Discard cake\n1 cup (227g) sourdough discard\n1 cup (227g) milk\n2 cups (240g) AP flour\n1 1/2 cups sugar\n1 cup oil\n1 1/2 tsp baking soda\n2 eggs\n\n1. Combine discard, milk and flour; rest 2-3 hours.\n2. Beat sugar, oil, soda and eggs. Gently combine with the discard mix.\n3. Bake at 350°F 30-40 min in a 9x13 pan.';
const ROCK_CAKES =
  'Rock cakes\n8 oz. self-raising flour\n4 oz. margarine\n3 oz. sugar\n1 level teasp. bicarb. of soda\n1 egg\n1 tbsp milk\n\nRub the margarine into the flour. Add the sugar.\nBeat the egg and milk and mix to a STIFF dough - the fork should stand up.\nPut in heaps on a greased tray. Bake at 200°C 15 minutes.';
const MUG =
  'Mug cake\nfor 1 large mug\n3 tbsp SR flour\n2 tbsp sugar\n1 egg\n2 tbsp milk\n\nStir all in the mug. micro 900w 1m 20s. wait 1 min.';
const SNOWBALLS =
  'Pistachio snowballs\nyield: 30\n1 cup butter\n1/2 cup powdered sugar\n2 1/4 cups flour\n3/4 cup pistachios, chopped\n\nBeat butter and sugar. Beat in flour; fold in nuts. Form into 1-inch balls; place 1 in. apart on baking sheets. Bake at 400°F 10-12 min.';

const SAUCE =
  'Date loaf\n200g dates\n250ml boiling water\n100g butter\n150g brown sugar\n2 eggs\n200g self-raising flour\n\nBUTTERSCOTCH\n100g brown sugar\n100ml cream\n50g butter\n\n1. Oven 170°C. Line a loaf pan. Soak the dates. Beat butter and sugar, then the eggs. Fold in flour and dates.\n2. Spoon into pan. Bake for 55 minutes.\n3. Stir sugar, cream and butter in a saucepan over medium heat for 5 minutes.';
const BLINI =
  'Blini\nmakes 24\n75 g buckwheat flour\n75 g plain flour\n1 tsp instant yeast\n200 ml milk\n1 egg\n\nStir all. Cover, 1 hour somewhere warm.\nHeat butter in a frying pan. Drop tablespoons of batter, 1–2 min till bubbles, flip, 1 min.';
const BABKA =
  'Babka\n530 g AP flour\n100 g sugar\n10 g instant yeast\n3 eggs\n120 ml water\n150 g butter\n\nDay 1. Combine flour, sugar and yeast. Add eggs, water and butter. Mix 10 min on medium until completely smooth, elastic and shiny. Cover, fridge overnight.\nDay 2. Grease two 23 x 10 cm loaf tins. Roll out, spread, roll up. Into tins. Cover, 1-1½ h. Bake at 190°C 30 min.';
const FIRST_FIVE =
  'Rhubarb kuchen\n1 1/4 c. flour\n1 tsp. baking powder\n2 tsp. sugar\n1/2 c. butter\n1 egg\n1 Tbsp. milk\n4 c. rhubarb\n\nMix first 4 ingr. like pie crust. Add egg & milk. Pat in 9x13 pan. Spread rhubarb over. Bake at 350° 45 min.';
const IN_A_BASIN =
  'Ginger sponge\n115g butter\n115g brown sugar\n2 eggs\n115g SR flour\n\nOven 180C. Butter a 1 litre pudding basin. Cream the butter and sugar; eggs; fold in flour.\nInto the basin; cover w foil. Sit in a roasting tin with 3 cm boiling water. Bake 1 hr 15.';
const RING =
  "Ciambellone\nEggs 3\nSugar 200 g\nSunflower oil 100 ml\nFlour 300 g\nBaking powder 16 g\n\nBeat eggs and sugar. Oil, then flour and baking powder.\nButtered ring mould, 26 cm. 180 °C, 35/40 minutes. Don't open for the first 25.";

const ANZACS =
  'Anzac biscuits\n1 c plain flour\n1 c rolled oats\n3/4 c brown sugar\n125 g butter\n2 T golden syrup\n1 t bicarb\n2 T boiling water\n\nMix flour oats sugar. Melt butter and syrup. Bicarb in the water then into the butter. All together.\nBalls, flatten. 150C 15 min.';
const MILLAS =
  'Clafoutis\n500 g cherries\n4 eggs\n120 g sugar\n100 g plain flour\n250 ml milk\n150 ml cream\n30 g butter, melted\n1 tbsp kirsch\n\nWhisk eggs and sugar, then flour; slowly the milk, cream, butter and kirsch.\nPour over the cherries in a 28 cm dish. Bake at 180 °C 40 min.';
const WET_INTO_DRY =
  'Doughnut muffins\n1 3/4 C flour\n1 1/2 t baking powder\n1/3 C oil\n3/4 C sugar\n1 egg\n3/4 C milk\n\n350F, grease 12 muffin cups.\nMix flour and bp. In another bowl oil sugar egg milk. Pour wet into dry, just until combined.\nFill, bake 15-20 min.';
const WEIGHED =
  'Jam sponge\n3 eggs\ntheir weight in caster sugar (about 180 g)\nthe weight of 2 of them in plain flour (about 120 g)\n\nWhisk the eggs and sugar until thick and tripled. Sift the flour over and fold.\nDivide between two 18 cm sandwich tins; bake at 190 °C 12 minutes.';
const FROZEN =
  'Key lime pie\n100 g crushed pretzels\n115 g butter, melted\n1 can sweetened condensed milk\n1/2 cup lime juice\n\nStir pretzels and butter, press in a 9" pie plate. Bake at 350, 10 min. Cool.\nWhisk milk and juice. Pour in. Freeze 6 hours. 8 slices';

const TEACUPS =
  'Lemon puddings in cups\nfor 4 teacups\n100g butter\n100g caster sugar\n2 eggs\n100g self raising flour\n\nButter 4 heatproof teacups. Beat butter and sugar; beat in eggs; fold in flour. Fill half way. Cover with foil. Steam 30 min.';
const QUARTERS =
  'Cinnamon bread\nmakes 2 loaves\n1 cup butter\n2 cups sugar\n2 eggs\n2 cups buttermilk\n4 cups flour\n2 tsp baking soda\n\nCream butter, sugar and eggs. Add buttermilk, flour and soda. Put half of the batter into 2 greased loaf pans (1/4 in each pan). Add the rest. Bake at 350 degrees for 45-50 min.';

const PAGES: OnPaper[] = [
  ['teacups are teacups', TEACUPS, {}, [/^In: 4 teacups/m], []],
  ['a quarter in each pan is no size', QUARTERS, {}, [/^In: 2 loaf tins/m], []],

  ['what froths goes in before the dough waits', ANZACS, {}, [/All together\.[^]*Cover the dough/], []],
  [
    'a batter waits when its milk is in',
    MILLAS,
    {},
    [/slowly the milk, cream, butter and kirsch\.[^]*stand for/],
    [],
  ],
  ['wet goes into dry before the batter waits', WET_INTO_DRY, {}, [/Pour wet into dry[^]*stand for/], []],
  [
    'what weighs as much as eggs weighs what it is said to',
    WEIGHED,
    {},
    [/^foam cake/m, /g white rice flour/, /180 g/],
    [],
  ],
  ['how many slices is no step', FROZEN, {}, [/^Makes 8 slices/m], [/\d\. 8 slices/]],

  [
    'what is stirred on the hob for 5 minutes isn’t baked so',
    SAUCE,
    {},
    [/^Oven 170 °C.*55 minutes/m],
    [/then 5/],
  ],
  ['both sides of a blini are its time', BLINI, {}, [/^Griddle or pan, 2 to 3 minutes/m], []],
  [
    'what is mixed until it is elastic is beaten smooth, and a day heads its step',
    BABKA,
    {},
    [/Mix 3 to 5 minutes on medium until completely smooth and shiny/, /\d\. Day 2\. Grease/],
    [/elastic/],
  ],
  ['no pancake without a word of it', FIRST_FIVE, {}, [], [/pancake/]],
  ['a pudding basin is one in the oven too', IN_A_BASIN, {}, [/^In: pudding basin/m], []],
  [
    '35/40 minutes is a span, and what isn’t opened cools after',
    RING,
    {},
    [/35 to 40 minutes/, /Don't open[^]*in the tin/],
    [],
  ],

  [
    'a starter is half water, which goes in beside the blend',
    DISCARD,
    {},
    [/^115 g water/m, /^26\d g milk/m, /Combine the flour blend and water, milk;/, /with the flour mix/],
    [/discard/],
  ],
  [
    'a stiff dough is looked at before it stands',
    ROCK_CAKES,
    {},
    [/STIFF dough - the fork should stand up\./, /stand for/],
    [/dough -\./],
  ],
  [
    'a microwave is as strong as its page says, for as many seconds',
    MUG,
    {},
    [/^Microwave, 900 W, 80 seconds$/m],
    [],
  ],
  ['balls that stand apart are cookies', SNOWBALLS, {}, [/^drop cookie/m, /xanthan/], []],

  ['SRF is flour', JAFFA, {}, [/g white rice flour/, /baking powder/], [/SRF/]],
  [
    'what is weighed out twelve times is no tin, and what is left of a sentence begins with a capital',
    HEADS,
    {},
    [/^In: moulds/m, /\d\. Overnight in the fridge/],
    [/45 × 30/],
  ],
  [
    'mud cake cookies are cookies',
    CAKE_COOKIES,
    {},
    [/^drop cookie/m, /chocolate chips|semisweet chips \(170 g\)/],
    [],
  ],
  ['a pudding in a pastry case is pastry', BAKEWELL, {}, [/^pastry/m], []],
  ['nobody cooks for forty', FRITTERS, {}, [/^Makes 40 pieces/m], [/Serves/]],
  ['what is rolled and lines a tin is pastry', NONNA, {}, [/^pastry/m], []],
  [
    'an oven that keeps waffles warm bakes none, malt is milk and sugar, and syrup is no step',
    MALTED,
    {},
    [/^Griddle or pan, 4 to 5 minutes/m, /milk powder/, /^Maple syrup$/m],
    [/^Oven/m, /chicory/, /\d\. Maple/],
  ],
  ['without milk malt is sugar', MALTED, { without: ['milk'] }, [/brown sugar/], [/milk powder|chicory/]],

  [
    'what was to be stretched on a cloth is rolled on paper, and its crumbs stay crumbs',
    STRUDEL,
    {},
    [/Roll it between two sheets of paper/, /lifting the paper/, /crumbs over/],
    [/cloth/, /blend over/],
  ],
  [
    'a list that is named begins anew behind a semicolon',
    KUCHEN,
    {},
    [/g brown rice flour[^]*crumbs\n[^]*g brown rice flour/],
    [/cornstarch/],
  ],
  [
    'what is knocked out at once doesn’t cool in its tin',
    MADELEINES,
    {},
    [/Knock out right away/, /^In: 24 madeleine moulds/m],
    [/in the tin/],
  ],
  ['eight ramekins are eight', RAMEKINS, {}, [/^In: 8 ramekins/m], []],
  ['a tray is no piece', DIAMONDS, {}, [/^creamed cake/m, /^Makes 24 diamonds/m], []],
  [
    'a shell that is rolled is pastry, and isn’t kneaded',
    CANNOLI,
    {},
    [/^pastry/m, /knead for a minute/],
    [/10 min/],
  ],
  ['an hour in which a layer cools is an hour', SHORTBREAD, {}, [/^2 hours 20 minutes in all/m], []],

  [
    'a rise that goes leaves the total, and a drink stands in its place',
    BUNS,
    {},
    [/^2 hours 50 minutes in all/m, /leave it for 20 minutes/],
    [],
  ],
  [
    'dumplings are done under the lid of their syrup',
    DUMPLINGS,
    {},
    [/^Steamed, 20 minutes$/m, /^Makes 16/m],
    [/Bake/],
  ],
  ['a row of a table names its part without its strokes', ROWS, {}, [/^base$/m, /^middle$/m], [/\|/]],
  [
    'a basin’s pints are no pieces, and fat without wheat has its name in a British shop',
    BASIN,
    {},
    [/white vegetable fat/, /^In: .*basin/m],
    [/^Makes/m, /suet/],
  ],
  [
    'a griddle that is buttered is greased',
    GRIDDLE,
    { without: ['milk'] },
    [/and grease lightly/],
    [/block lightly/],
  ],
  ['what is cut in three for its layers makes twelve slices', LAYERS, {}, [/^Makes 12 slices/m], []],
  [
    'moulds are as many as there are, water is no tin, and steam is another way',
    MOULDS,
    {},
    [/^In: 4 moulds/m, /^Oven 180 °C.*35 minutes/m],
    [/^Steamed/m, /43/],
  ],
  [
    'two bakes are two heats, in as many cases as there are cakes',
    FAIRY,
    {},
    [/^Oven 180 °C.*12 minutes/m, /^Oven 110 °C.*60 minutes/m, /24 muffin cups/],
    [],
  ],
  ['crushed cardamom is no stout', SAFFRON, {}, [/cardamom/], [/cider|beer|stout/]],
  [
    'a tartlet is pastry, rested in the cold, as many as there are rings',
    RINGS,
    {},
    [/^pastry/m, /^Makes 8/m, /^3 hours/m],
    [/on the tray/],
  ],
  ['crêpes are done in their pan', CREPES, {}, [/^Griddle or pan, 1½ minutes/m], [/Not baked/]],
  ['what is rolled like a roll has no tin', PINWHEELS, {}, [/^drop cookie/m], [/^In:/m, /in the tin/]],
  ['three dots end no step', SINKS, {}, [/in the tin\.\.\. it will sink a little/], []],
];

describe('the head of a docket', () => {
  it.each(PAGES)('%s', (...row) => readsOnPaper(...row));
});
