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
];

describe('a docket that is baked from tonight', () => {
  it.each(PAGES)('%s', readsOnPaper);
});
