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

const PAGES: readonly OnPaper[] = [
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
