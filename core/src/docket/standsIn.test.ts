import { readsOnPaper, type OnPaper } from '../testingDockets';

/* What stands in for something is bought, made and called by its name, and what a person only says is no step. */
const NO_EGG = { without: ['egg'] } as const;
const NO_MILK = { without: ['milk'] } as const;
const GRAIN_FREE = { diet: 'grain-free' } as const;

const TIRAMISU =
  'Tiramisu\n\n24 ladyfingers\n500 g mascarpone\n4 eggs, separated\n100 g sugar\n300 ml strong coffee\ncocoa to dust\n\nBeat yolks with sugar, fold in mascarpone. Whisk whites stiff and fold in. Dip the ladyfingers in coffee and line a 20 cm square dish. Cover with half the cream. Repeat. Chill overnight, dust with cocoa.';
const BANOFFEE =
  'Banoffee pie\n\n300g ginger nut biscuits, crushed\n100g butter, melted\n1 x 397g tin caramel\n3 bananas, sliced\n300ml double cream, whipped\n\nMix the crushed biscuits with the butter and press into a 23cm tart tin. Chill 1 hour. Spread over the caramel, top with the bananas, then the cream.';
const GOODBYE =
  'Banana bread\n3 bananas, 1/3 cup melted butter, 3/4 cup sugar, 1 egg, 1 tsp baking soda, pinch salt, 1 1/2 cups all purpose flour. Handful of walnuts if you have them\nOven 350. Mash bananas with the butter in a big bowl, mix in sugar and egg. Sprinkle soda and salt over. Flour last. Pour into a buttered 4x8 loaf pan, bake 1 hour. Cool on a rack. Enjoy!! x';
const LETTER =
  "Subject: appeltaart!!\n\nHi, here is my mum's Dutch apple pie.\nYou need 300 g self raising flour, 200 g cold butter, 150 g brown (basterd) sugar, 1 egg, pinch of salt for the dough. Filling is 1.25 kilo Goudreinet or other sour apples, 75 g raisins, 3 spoons sugar, 2 tsp cinnamon.\nKnead the dough quickly and let it rest for half an hour in the fridge. Cover the bottom and sides of a 24 cm springform with it. Mix peeled sliced apples with raisins, sugar, cinnamon and fill.\nBake about 60-70 min at 175 degrees. Cool in the tin.\nLove, A";
const HOTCAKES =
  'Ricotta hotcakes\n345 g ricotta\n180 ml milk\n4 eggs, separated\n125 g plain flour\n1 tsp baking powder\n50 g butter\n\nMix ricotta, milk and egg yolks. Sift the flour and baking powder, add to the ricotta mixture and mix.\nPlace egg whites in a clean dry bowl and beat until stiff peaks form. Fold through batter in two batches.\nLightly grease a large non-stick frying pan with a little of the butter and drop 2 tablespoons of batter per hotcake into the pan. Cook over low to medium heat for 2 minutes, or until hotcakes have golden undersides. Turn and cook until cooked through.';
const GAS =
  'Cheesecake\n900 g cream cheese\n250 g caster sugar\n3 tbsp plain flour\n4 eggs\n\nBeat all and pour into a 23 cm springform tin.\nBake at 240C/gas 9 for 10 minutes.\nReduce the oven to 110C/fan 90C/gas 1/4 and bake for 25 minutes more.';
const CHEESECAKE =
  'Cheesecake\n\nCrust\n1 1/2 cups graham cracker crumbs\n6 tbsp butter, melted\n\nFilling\n900 g cream cheese\n250 g sugar\n3 tbsp all-purpose flour\n4 eggs\n\nMethod\nStir crumbs and butter and press into a 23 cm springform tin. Bake at 165 C for 10 minutes.\nBeat cheese and sugar, then the flour and the eggs. Pour over the crust and bake 1 hour 20 minutes.';

const ROWS: readonly OnPaper[] = [
  [
    'what is bought without gluten is counted as it was, and dipped by its name; without grain it is baked first',
    TIRAMISU,
    {},
    [/^24 gluten-free ladyfingers/m, /Dip the gluten-free ladyfingers in coffee/],
    [/biscuits/],
  ],
  [
    'without grain its sponge is baked first',
    TIRAMISU,
    GRAIN_FREE,
    [/this is the thin sponge/, /Dip the thin sponge/],
    [],
  ],
  [
    'the cream that was made of it has its name',
    TIRAMISU,
    NO_MILK,
    [/Cover with half the dairy-free soft cheese/],
    [],
  ],
  [
    'a caramel without milk is a caramel',
    BANOFFEE,
    NO_MILK,
    [/this is the dairy-free caramel/, /Spread over the dairy-free caramel/],
    [/golden syrup/, /still says/],
  ],
  [
    'of one thing in the place of eggs the half that is whipped first is the first half',
    'Sponge fingers\n\nfor the sponge\n4 eggs, separated\n120 g caster sugar\n120 g plain flour\n\nfor the custard\n500 ml milk\n4 egg yolks\n80 g sugar\n40 g plain flour\n\nWhisk whites with half the sugar to soft peaks. In another bowl whisk the yolks with the rest of the sugar until pale. Fold the whites into the yolks, then sift over the flour and fold in. Bake in a lined 30 x 20 cm tin at 190 °C for 12 minutes.\nBeat the yolks and sugar, beat in the flour, pour on the hot milk and cook for 3 minutes.',
    NO_EGG,
    [/Whisk half of the chickpea brine/, /whisk the other half of the chickpea brine/],
    [/into the thickened milk/],
  ],
  [
    'crumbs are what stands in for them, and no soft thing is soft twice',
    CHEESECAKE,
    { ...GRAIN_FREE, without: ['milk'] },
    [/Stir blanched almond flour and dairy-free baking block/],
    [/soft dairy-free soft/, /Stir crumbs/],
  ],
  [
    'a goodbye is no step',
    GOODBYE,
    {},
    [/Cool on a rack\. Enjoy!! x$/m, /a pinch|pinch salt/],
    [/^\d\. x$/m],
  ],
  ['a gas mark is no time', GAS, {}, [/Oven 110 °C \(225 °F, gas mark ¼\), 25 minutes/], [/ 4 minutes/]],
  [
    'a tin that is crumbed with bread is dusted with what has no gluten, without grain too',
    'Sticky cake\n100 g butter\n2 eggs\n250 g sugar\n90 g flour\n20 g cocoa\n\nMelt the butter, stir in the rest. Pour in a buttered and breadcrumbed tin, 24 cm. Bake at 175 °C, 20 minutes.',
    GRAIN_FREE,
    [/tin dusted with/],
    [/crumb/],
  ],
  [
    'a letter is about a bake',
    LETTER,
    {},
    [/^Dutch apple pie$/m, /^150 g brown sugar$/m, /^1250 g apples$/m, /In: 24 cm springform tin/],
    [],
  ],
  [
    'what is cooked down for condensed milk is called by what is in it',
    'Pumpkin pie\n\nCrust\n150 g plain flour\n90 g butter\n\nFilling\n425 g pumpkin purée\n1 (397 g) tin condensed milk\n2 eggs\n\nRub the butter into the flour, bring together and line a 23 cm pie tin. Whisk pumpkin, condensed milk and eggs. Pour in and bake at 180 °C for 45 minutes.',
    NO_MILK,
    [/Whisk pumpkin, condensed coconut cream and eggs/],
    [/still says/],
  ],
  [
    'barley wine is a beer',
    'Pudding\n110 g plain flour\n110 g butter\n110 g sugar\n2 eggs\n75 ml barley wine\n\nMix all. Bake in a 20 cm tin at 180 °C for 30 minutes.',
    {},
    [/cider/],
    [/barley/],
  ],
  [
    'the nuts are the two that stand in for them; what hangs on a name stays on it',
    "Friands\n180 g butter\n100 g pistachios\n100 g almond meal\n240 g icing sugar\n75 g plain flour\n6 egg whites\n\nHeat until the butter's melted. Combine nuts, icing sugar and flour. Stir in the butter and the whites. Bake in a 12-hole tin at 200 °C for 20 minutes.",
    { without: ['tree nuts', 'milk'] },
    [/Combine sunflower seeds(?:,| and) sunflower seed flour/, /baking block's melted/],
    [/still says/],
  ],
  [
    'a part’s name loses its stars, and a clafoutis is asked nothing',
    'Clafoutis\n\n*Batter*\n4 eggs\n100 g sugar\n100 g flour\n250 ml milk\n100 ml cream\n\nWhisk eggs with sugar, add flour little by little, then milk and cream. Pour into a 26 cm dish. Bake at 180 °C for 40 min.',
    {},
    [/^Batter$/m],
    [/\*/, /Is it a/],
  ],
  [
    'whites that are whipped in two clauses are whipped brine, and nothing stands after they are folded in',
    HOTCAKES,
    NO_EGG,
    [
      /half of the chickpea brine/,
      /brine in a clean dry bowl and beat until stiff/,
      /^Griddle or pan, 2 minutes$/m,
    ],
    [/Bake at/, /stand for/],
  ],
  [
    'steps that are numbered within a line are steps, and lose their numbers',
    'Snickerdoodles\n344 g plain flour\n226 g butter\n300 g sugar\n2 eggs\n1 tsp bicarb\n\n1. Preheat to 190 C. 2. Cream butter and sugar. Beat in eggs. 3. Stir dry together, mix in. 4. Scoop onto sheets. 5. Bake 9-11 min. Serve w. cream.',
    {},
    [/^\d\. Cream butter and sugar\. Beat in eggs\.$/m, /^\d\. Scoop onto sheets\.$/m, /Serve w\. cream\./],
    [/\d\. \d\./],
  ],
  [
    'a labelled list has its juice and what is about so much',
    'Fig rolls\nfor the dough: 250 g plain flour, 125 g cold butter, 75 g icing sugar, 1 egg yolk\nfor the filling: 300 g dried figs, about 2 tbsp water, zest and juice of 1 orange, 1 tsp cinnamon\n\nSimmer the figs in the water with zest and juice. Rub butter into flour, bind with the yolk. Roll out, fill and bake at 180 C for 15 minutes.',
    {},
    [/water/, /zest/, /juice/],
    [],
  ],
];

describe('what stands in, on paper', () => {
  it.each(ROWS)('%s', readsOnPaper);
});
