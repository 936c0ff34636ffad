import { readsOnPaper, type OnPaper } from '../testingDockets';

/* What a page says in its own way, read off the paper: names cut short, times run together, a cloth, a table, a night's rest in another order. */

const TWO_FLOURS =
  'Rye cookies\n170 g butter, melted\n200 g brown sugar\n1 egg\n210 g all-purpose flour\n53 g rye flour\n2 tsp baking soda\n\nWhisk butter and sugar; whisk in the egg.\nIn another bowl stir together both flours and the soda. Fold in.\nBake at 350°F 10 minutes.';
const SHORT_NAMES =
  'Lemon drizzle loaf\n6 oz marg\n6 oz golden caster\n3 eggs\n6 oz SR flour\n1 level tsp b. powder\n2 tablesp. milk\ndrizzle\njuice of 2 lemons\n4 oz granulated\n\nBeat all but the drizzle for 2 mins. Into a 2lb loaf tin, 180°C, 45 min.\nMix the juice and granulated and spoon over.';
const WAFFLES =
  'Waffles\n250g plain flour\n2 tsp baking powder\n480ml buttermilk\n2 eggs, separated\n115g butter, melted\n\nPut the flour and baking powder in a bowl. Whisk in the buttermilk, yolks and butter.\nWhisk the egg whites to soft peaks; fold in.\nHeat the waffle iron. Pour in a ladleful (about 120 ml), close and cook 4–5 min.';
const CRUMBED =
  'Plum cake\n150 g butter\n170 g sugar\n3 eggs\n180 g wheat flour\n2 tsp baking powder\n2 tbsp pearl sugar + 1 tsp cinnamon for the top\n\nButter a 24 cm tin and coat it with breadcrumbs.\nBeat eggs and sugar. Stir in flour, baking powder and melted butter. Sprinkle with pearl sugar and cinnamon.\nBake at 175°C 40 min.';
const PARKIN =
  'Parkin\n225g plain flour\n1 tsp bicarbonate of soda\n225g black treacle\n175g butter\n1 egg\n150ml milk\n\nOven 140C fan. Line a 23cm square tin.\nMelt treacle and butter. Stir into the flour and soda, then the egg and milk.\nInto the tin and bake 1hr - 1hr 15.';
const ROULADE =
  'Chocolate roulade\n6 eggs, separated\n150g caster sugar\n60g flour\n50g cocoa\n\nOven 180°C. Line a 33x23cm Swiss roll tin.\nWhisk yolks and sugar till thick. Sift in flour and cocoa and fold.\nWhisk whites stiff, fold in in three goes.\nSpread in tin, 20-25 min. Cool under a damp cloth.\nRoll from the short end.';
const MOULDS =
  'Date puddings\n200 g dates\n80 g butter\n150 g brown sugar\n2 eggs\n180 g self-raising flour\n\nGrease eight 3/4-cup (185 ml) pudding moulds.\nBeat butter and sugar. Beat in eggs. Fold in dates and flour.\nDivide among moulds; bake at 180°C 25 minutes.';
const CLOTH =
  'Clootie dumpling\n250g self raising flour\n125g beef suet\n200g sultanas\n1 egg\n150ml milk\n\nMix all the dry things. Stir in egg and milk for a soft dough.\nScald a big cloth in boiling water, wring it out, spread it out and flour it well. Put the dough in the middle and tie.\nSimmer in a big pan 3 1/2 hours.';
const TABLE =
  '| Ingredient | Amount |\n|---|---|\n| Cake flour | 200 g |\n| Baking powder | 2 tsp |\n| Sugar | 220 g |\n| Sunflower oil | 120 ml |\n| Egg yolks | 6 |\n| Egg whites | 7 |\n\n**Sunny chiffon** - 25 cm tube pan, NOT greased!\n\n1. Sift flour, baking powder and 150 g of the sugar. Add oil and yolks. Whisk smooth.\n2. Beat whites, add the other 70 g sugar, beat stiff. Fold in.\n3. Bake at 160 C for 55 min.';
const CRUMBLE_CAKE =
  'Apple crumble cake\n\nFor the crumble\n75 g butter, cold\n125 g plain flour\n50 g demerara sugar\n40 g porridge oats\n\nFor the cake\n150 g butter\n150 g caster sugar\n3 eggs\n150 g self-raising flour\n50 ml soured cream\n2 dessert apples, diced\n150 g blackberries\n\nGrease a 20 cm springform.\nCrumble: rub butter into flour, stir in sugar and oats.\nCream butter and sugar; beat in eggs. Fold in flour, soured cream and apple.\nSpread in the tin, scatter over the blackberries, then the crumble.\nBake at 170 °C 1 hr.';
const NOTES =
  'bread pudding\n500 g stale bread\n500 g mixed fruit\n600 ml milk\n2 eggs\n140 g muscovado\n\ntear bread in bowl, add fruit. milk on, leave 15 min. add eggs, muscovado. 20cm square tin, lined. 180 / 1 1/2 hrs. cut in squares.';
const TORN =
  'Torn pancake\n4 eggs\n125 g flour\n250 ml milk\n40 g butter\n\nWhisk yolks, milk and flour. Whip whites firm, fold in.\nMelt half the butter in a big ovenproof pan, pour batter in. 3 min on the hob till the bottom is golden, then 10 min in the oven at 200.';
const STARS =
  'Iced stars\n300g plain flour\n200g butter\n100g icing sugar\n1 egg yolk\nIcing: 250g icing sugar, 1 egg white\n\nBeat the butter and icing sugar. Beat in yolk. Add the flour and mix to a dough. Wrap; chill 30 minutes.\nRoll out and cut out stars. Bake at 170°C 10 minutes.\nWhisk the egg white until frothy, beat in the icing sugar. Pipe on.';
const LETTER =
  "Hi Sam - Mum's coffee eclairs as promised.\n\nMelt 85g butter in 220ml water, bring to a boil, dump in 105g plain flour at once and beat. Beat in 3 eggs bit by bit. Pipe 10cm lines and bake at 200 for 25 mins.";
const KOLACHES =
  'no. 7  KOLACHES\n7 g yeast\n1 c. scalded milk\n2 eggs\n500 g flour\n100 g sugar\n\nMix yeast and milk. Add eggs and sugar, then flour to make a soft dough. Let rise 1 hr.\nCut out, let rise 30 min. Bake 375 for 15 min. Brush with butter while hot. About 36.';
const ICED =
  'Banana cake\n3 bananas\n125g butter, melted\n150g brown sugar\n2 eggs\n200 g SR flour\n\nIcing - 125g cream cheese, 50g butter, 1 cup icing sugar, squeeze of lemon\n\nMash the bananas. Mix in the butter, sugar and eggs. Stir through flour. Bake in a 20cm round tin at 170°C 45 mins. Ice when cold.';
const CHAT =
  '[14:02] Priya: ok mawa cake recipe from my aunt\n[14:02] Priya: 200g maida\n[14:03] Priya: 150g mawa grated\n[14:03] Priya: 125g butter, 200g sugar\n[14:03] Priya: 3 eggs, half cup milk\n[14:04] Priya: 1 and half tsp baking powder, half tsp elaichi powder\n[14:05] Priya: cream butter sugar and mawa till light. eggs one by one. then maida with baking powder and elaichi, milk\n[14:05] Priya: 8 inch tin, 170c for 50 mins or so';
const SANDIES =
  'Pecan Sandies (slice & bake)\n1 cup unsalted butter\n3/4 cup confectioners’ sugar\n2 cups all-purpose flour\n1 1/2 cups toasted pecans, chopped\n\nCream butter and sugar. Add flour, then pecans.\nShape into logs. Refrigerate 3 hours.\nHeat oven to 325. Slice 1/4 inch thick. Bake 15-18 minutes.';
const LAMINGTONS =
  'Lamingtons\n6 eggs\n3/4 cup caster sugar\n1 1/2 cups self-raising flour\n1/2 cup hot water\n1 tbsp butter\n\nBeat eggs 10 mins till thick, gradually adding sugar.\nSift flour; fold in with the combined hot water and butter.\nBake in a 20x30cm tin at 180°C 30 mins.';
const BOOKLET =
  'HOT WATER GINGERBREAD - 1940s booklet\n\n2½ cups flour\n1 tsp. soda\n½ cup shortening\n½ cup sugar\n1 egg\n1 cup molasses\n1 cup hot water\n\nCream shortening with sugar. Beat in egg and molasses. Add flour and soda alternately with the water.\nBake in a 9 in. square pan in a moderate oven (350°) 45 minutes.';
const SKILLET_BREAD =
  'Skillet Cornbread\n1 1/2 c. cornmeal\n1 c. flour\n1/2 c. sugar\n1 T. b.p.\n2 eggs\n1 1/2 c. buttermilk\n2 T butter\n\nPut butter in 10" skillet in 425 oven till sizzling. Mix dry. Mix wet. Combine. Pour in hot skillet. 22 to 25 min.';
const SEMLOR =
  'Semlor, 12 pcs\n75 g butter\n2,5 dl milk\n25 g fresh yeast\n1 dl sugar\n7 dl wheat flour\n\nMelt butter, add milk. Crumble yeast in. Add sugar and almost all flour. Knead 10 min. Let rise 40 min.\nShape 12 balls, rise 30 min. Bake at 225°C 8-10 min.';
const TIRAMISU =
  'Tiramisu\n4 eggs, separated\n100 g sugar\n500 g mascarpone\n300 ml coffee\n24 savoiardi (ladyfingers)\n\nWhisk yolks and sugar. Beat in mascarpone. Whip whites stiff, fold in.\nDip the ladyfingers, line a 20 x 30 dish. Cover with the cream. Chill 6 hours.';
const THUMBPRINTS =
  'Thumbprints\n24 cookies\n1/2 c butter\n1/2 c peanut butter\n1 c sugar\n1 egg\n1 1/2 c flour\n1/3 c strawberry jam\n\n350F.\nBeat butters + sugar, egg, then flour.\nRoll 1" balls. Bake 8 min.\nTake out, press with the back of a tsp, fill w/ 1/2 tsp jam, back in for 3-4 min.';
const TARTS =
  'Custard tarts (makes 12)\nPastry: 225g plain flour, 110g butter, 80g icing sugar, 1 egg\nCustard: 700ml milk, 7 egg yolks, 90g caster sugar\n\nRub butter into flour & icing sugar, bind with egg. Chill. Roll, cut rounds, line a 12-hole muffin tin.\nWarm milk. Beat yolks & sugar, pour on the milk. Fill the cases.\n25 min at 180 fan, then 160 fan about 10 more.';
const SPECULAAS =
  'Speculaas\n250 g bloem (flour)\n150 g koude boter (cold butter)\n150 g donkere basterdsuiker\n2 el melk\n1/2 tl bakpoeder\n\nRub everything together to a dough. Wrap, leave overnight in the fridge.\nRoll out 5 mm, cut. Bake 20 min at 170 °C.';
const CRUNCH =
  'Ginger crunch\n125 g butter\n100 g sugar\n200 g flour\n1 t ground ginger\n\nCream butter & sugar. Add sifted dry. Press into greased 20 x 30 sponge roll tin. Bake 190C 20-25 min.';
const WHOOPIE =
  'Pumpkin whoopie pies\n375 g flour\n1 tsp baking soda\n200g brown sugar\n240ml vegetable oil\n425 g pumpkin purée\n2 eggs\n\n350°F, 2 lined sheets.\nWhisk sugar + oil, then pumpkin, eggs. Add dry.\nScoop mounds. 10-12 min. Cool.';
const POINTED =
  'Madeleines\n(24)\n100 g butter\n2 large eggs\n100 g caster sugar\n100 g plain flour\n3 tsp. cinn.\n\n👉 Whisk eggs & sugar thick.\n👉 Sift in flour; fold in the butter. Rest in the fridge 1 hr.\n👉 210°C 8–10 min in two 12-hole trays.';
const MINI =
  'Mini treacle tarts, 24\n200 g plain flour\n100 g cold butter\n3 tbsp cold water\n300 g golden syrup\n75 g white breadcrumbs\n\nPulse flour & butter, add water to bind. Roll thin, line 2 x 12-hole mini tart tins.\nWarm syrup, stir in crumbs. Fill.\n190C 15-18 min.';
const DUMPLINGS =
  'Apple dumplings\n2 cups flour\n2 teaspoons baking powder\n3/4 cup shortening\n1/2 cup milk\n6 apples\n\nSift flour and baking powder. Cut in shortening. Add milk. Roll 1/4 inch thick and cut into six squares. Place an apple on each and seal.\nBake at 375° about 35 minutes.';
const CLAFOUTIS =
  'Clafoutis\ningredients for 6:\n3 ripe peaches, 3 eggs, 75g sugar + 1 tbsp, 60g flour, pinch salt, 200ml milk, 1 tsp vanilla, butter for the dish\n\noven gas 4/180C. butter a 26cm dish, dust with the tbsp of sugar. peaches in the dish.\nwhisk eggs + sugar, flour + salt, then milk, vanilla.\npour over. bake 35 min.';
const BABAS =
  'Rum babas, 8\n200 g strong flour, 5 g instant yeast, 20 g sugar, 3 eggs, 80 g soft butter\nSyrup: 400 ml water, 250 g sugar\n\nBeat flour, yeast, sugar and eggs 8 min to a stretchy batter. Beat in the butter. Cover, 45 min.\nKnock down, pipe into buttered moulds half full. Prove till it reaches the rim, 40 min.\nBake 20 min at 190 C. Boil water and sugar. Soak the babas in the warm syrup.';
const SLICE =
  'Chewy Coconut Slice\n1 cup SR flour\n1 cup brown sugar\n1 cup coconut\n125g butter, melted\n1 egg\n\nMix dry, add butter and egg. Press into a lined slice tin (28 x 18cm). 180C for 25 mins.';
const BLONDIES =
  'Cherry Blondies | bakes 16 | keep 4 days\n150g white chocolate\n150g butter\n200g caster sugar\n2 eggs\n125g plain flour\n\nMelt chocolate and butter. Whisk in sugar, eggs and flour. Bake in a 20cm tin at 170C fan, 30 mins.';
const BRAID =
  'Danish braid\n250 g bread flour\n10 g fresh yeast\n110 ml cold milk\n1 egg\n150 g cold butter\n\nMix flour, yeast, milk and egg. Chill 1 h. Beat the cold butter to a 15 cm square. Roll the dough to 25 cm, lock in the butter. Fold.\nBraid. Prove 1 1/2 h. 200 °C for 22-25 min.';
const PEAR_TART =
  'Pear tart\n200 g flour\n100 g butter\n1 egg\nFrangipane\n120 g butter\n120 g sugar\n120 g ground almonds\n2 eggs\n+ 3 poached pears, 2 tbsp apricot jam\n\nRub, bind, rest 1 h cold. Line a 28 cm tin.\nCream butter, sugar, eggs and almonds. Spread in the case, add the pears. Bake 40 min at 175°C. Brush with jam.';

const PAGES: OnPaper[] = [
  ['two flours are one blend', TWO_FLOURS, {}, [/stir together the flour blend and the soda/], [/both/]],
  [
    'names that a card cuts short are the things they stand for',
    SHORT_NAMES,
    {},
    [
      /170 g golden caster sugar|6 oz golden caster/,
      /115 g granulated sugar|4 oz granulated/,
      /g milk/,
      /baking powder/,
    ],
    [],
  ],
  [
    'whites that are folded in by “; fold in” aren’t left to stand',
    WAFFLES,
    {},
    [/close and cook/],
    [/stand for/],
  ],
  [
    'a tin is coated with no wheat, and a spice for the top keeps its spoon',
    CRUMBED,
    {},
    [/coat it with rice flour/, /^1 tsp cinnamon, for the top/m],
    [/breadcrumbs/],
  ],
  ['“1hr - 1hr 15” is one bake', PARKIN, {}, [/60 to 75 minutes/], [/then 75/]],
  [
    'what is spread in its tin for 20 minutes is baked there',
    ROULADE,
    {},
    [/20 to 25 minutes/],
    [/about 19 minutes/],
  ],
  ['eight moulds are eight', MOULDS, {}, [/^In: 8 moulds/m], []],
  [
    'a dough for a cloth drinks before the cloth is wet',
    CLOTH,
    {},
    [/stand for 20 minutes[^\n]*\n+(?:\d+\. )?Scald/],
    [],
  ],
  [
    'in a table cake flour is flour, and bold letters are the name',
    TABLE,
    {},
    [/^Sunny chiffon\n/, /Sift the flour blend/],
    [/taken for wheat/],
  ],
  [
    'a crumble cake is a cake under a crumble',
    CRUMBLE_CAKE,
    { diet: 'grain-free' },
    [/creamed cake/, /baking powder/, /almond flour/],
    [/arrowroot/],
  ],
  ['“180 / 1 1/2 hrs” is a heat and a time', NOTES, {}, [/^Oven 180 °C.*90 minutes/m], [/no time found/]],
  [
    'from the hob it goes into the oven',
    TORN,
    {},
    [/Griddle or pan, 3 minutes/, /^Oven 200 °C.*10 minutes/m],
    [],
  ],
  [
    'an icing’s brine is whipped where its white was',
    STARS,
    { without: ['egg'] },
    [/Whisk the chickpea brine/],
    [/In the next step/],
  ],
  ['what was promised is its name', LETTER, {}, [/^coffee eclairs\n/], []],
  [
    'a number before a name is none of it, and the last words say how many',
    KOLACHES,
    {},
    [/^KOLACHES\n/, /^Makes 36 pieces/m, /then the flour blend/],
    [/Read as milk/],
  ],
  [
    'a chat’s names and hours are none of its list, and its second spice stands by itself',
    CHAT,
    {},
    [/^mawa cake\n/, /^150g mawa grated/m, /elaichi powder/, /^1\.5 tsp baking powder \(/m],
    [/Priya/],
  ],
  ['what is sliced and baked is a biscuit', SANDIES, {}, [/cut-out or shortbread/, /xanthan gum/], []],
  ['eggs that were beaten thick don’t stand', LAMINGTONS, {}, [/fold in/], [/stand for/]],
  ['a decade is no number of pieces', BOOKLET, {}, [/350 °F/], [/^Makes/m]],
  [
    'an oven and a time that stand bare are the bake, and a batter waits before the hot pan',
    SKILLET_BREAD,
    {},
    [/^Oven 425 °F.*22 to 25 minutes/m, /stand for[^\n]*\n+(?:\d+\. )?Pour in hot skillet/],
    [/about 32 minutes/],
  ],
  ['almost all flour is almost all the flour blend', SEMLOR, {}, [/almost all the flour blend/], []],
  ['a name isn’t said twice', TIRAMISU, {}, [/^24 gluten-free ladyfingers \(\d/m], [/\(ladyfingers\)/]],
  [
    'what goes back in isn’t cooled in between',
    THUMBPRINTS,
    {},
    [/back in for 3-4 min\.\n+(?:\d+\. )?Leave them on the tray/],
    [],
  ],
  ['a fan stays a fan where another follows', TARTS, {}, [/^Oven 180 °C \(350 °F\) with the fan/m], []],
  [
    'what an author says in English beside it is what it is',
    SPECULAAS,
    {},
    [/koude boter \(cold butter\)/, /white rice flour/, /brown sugar|basterdsuiker/],
    [/What is this/],
  ],
  ['what is pressed into a tin isn’t chilled first', CRUNCH, {}, [/Press into/], [/chill/i]],
  ['two sheets are no two minutes', WHOOPIE, {}, [/^Oven 350 °F \(175 °C\), 10 to 12 minutes/m], []],
  [
    'little pictures are no words of a step',
    POINTED,
    {},
    [/cinnamon/, /^\d\. Whisk eggs/m],
    [/👉/, /What is this/],
  ],
  ['two trays of twelve are 24, and so says the name', MINI, {}, [/^Mini treacle tarts\n/, /^Makes 24/m], []],
  ['what is rolled out is a dough', DUMPLINGS, {}, [/dough stand/], [/batter stand/]],
  [
    'in a list on one line “+ 1 tbsp” is more of what stands before it, and a mark of gas is the degrees beside it',
    CLAFOUTIS,
    {},
    [/^1 tbsp sugar/m, /butter, for the dish|butter for the dish/, /^Oven 180 °C/m],
    [/butter ripe/, /What is this/],
  ],
  [
    'a dough that is covered for 45 minutes rises, and once is enough',
    BABAS,
    {},
    [/Prove till/],
    [/45 min/, /Knock down/],
  ],
  ['what nobody calls a wafer is none', SLICE, {}, [/brownie or bar/], [/wafer/]],
  ['facts beside a name are none of it', BLONDIES, {}, [/^Cherry Blondies\n/, /^Makes 16 pieces/m], []],
  ['what butter is beaten and dough is rolled to is no tin', BRAID, {}, [/200 °C/], [/^In: .*(?:15|25) cm/m]],
  ['a list goes on with a plus', PEAR_TART, {}, [/poached pears \(\d/, /apricot jam \(/], []],
  ['a squeeze of lemon is on the list', ICED, {}, [/1 tsp lemon juice/], []],
];

describe('a page that says it otherwise', () => {
  it.each(PAGES)('%s', readsOnPaper);
});
