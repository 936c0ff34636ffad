import { readsOnPaper, type OnPaper } from '../testingDockets';

/* What a page leaves to its reader: how it is mixed, where the salt goes, whose step it is, what "the first four" are, what would do instead. */

const NOTE =
  'the oat ones\nmakes abt 30\n\n2 sticks butter soft\n1 c brown sugar\n2 eggs\n2 tsp vanilla\n1 1/2 c flour\n1 tsp baking soda, half tsp salt\n3 c oats\n1 c raisins\n\n350 for 11-13 min, you know the rest. leave on the pan 5 min';
const KNOTS =
  'Knots, 30 pcs\n\nDough\n50 g fresh yeast\n150 g butter\n5 dl milk\n1 dl sugar\n850 g wheat flour\n\nFilling\n125 g soft butter\n1 dl sugar\n1 tbsp cinnamon\n\n225 °C, middle of the oven, 8–10 min';
const STEAMED =
  'Steamed ginger, for 6\nbutter a 2 pint basin, syrup into the bottom\ncream together butter + sugar, eggs in bit by bit\n175 g flour with the ginger, folded in\n2 hours, lid on, water halfway\n\ngolden syrup 3 tbsp\nsoft butter 115g\nlight muscovado 115 g\neggs 2\nself-raising 175g\nground ginger 2 tsp\nsalt\nButterscotch\nbutter 50g\nbrown sugar 75g\nCream 150ml\n3 min at a simmer. pour.';
const WAFERS =
  'Lace wafers, 40\nMelted butter 100g\nEgg whites 100g\nIcing sugar 100g\nPlain flour 100g\nVanilla\nSalt\n\nWhites and sugar, froth only.\nWhisk in the flour. Then butter, warm not hot.\n30 min in the fridge\nSpread on 2 trays.\n7-8 min at 180.';
const CHOUX =
  'Choux buns, 24\nCraquelin\n40g butter, soft\n50g light brown sugar\n50g plain flour\nMix. Between papers, 2 mm. Freeze 30 min.\nChoux\nWater 125 ml\nMilk 125 ml\n100g butter, diced\n5g sugar, 4g salt\n150g strong flour\n240g beaten eggs\nBoil the first four.\n150 g flour, all at once. Beat. Eggs little by little.\n24 mounds, a disc on each.\n180°C, 30 min.';
const CRUMBLE =
  'Plum crumble\n800 g plums\n1 level tbsp potato starch or plain flour\n150 g plain flour\n60 g gluten-free flour mix or the same of plain flour\n125 g butter\n½ dl pearl sugar, or 2 rusks crushed with sugar\n1 tbsp coffee (or instant barley drink, for the children)\n\nToss plums and starch in a 20 x 30 cm dish. Rub flour and butter to lumps, stir in the pearl sugar and coffee, strew over. 190 °C 40 min.';
const BREAD =
  'Pumpkin bread\nMakes 2 loaves\n3 cups all-purpose flour\n2 tsp baking soda\n1 (15-oz) can pumpkin purée (not\n   pie filling)\n3/4 c. orange juice (2 to 3\n   oranges)\n4 large eggs\n1 cup light olive or vegetable oil\n\nWhisk all. Grease and flour a loaf pan (9 x 5 in.), tapping out the excess. Bake at 350°F 55 minutes.';
const MUFFINS =
  'Hi love, the apple muffins.\nPut 2 cups of self raising flour in the big bowl with half a cup of sugar. Melt 100 grams of butter and stir in 3/4 cup of milk and then 2 eggs, fold it all together.\nSpoon into a 12-hole muffin tin and into a hot oven, 200, for 18 to 20 mins. I scatter a tablespoon of rolled oats over the lot before they go in.';
const MEN =
  'gingerbread men\n350g plain flour\n1 tsp bicarb\n2 tsp ground ginger\n100g butter\n175g light brown sugar\n1 egg\n\nrub in butter. sugar.\nbeat egg, in. knead smooth.\nroll 5mm. cut.\n190. 12 to 15.\nice when cold.';
const ROULADE =
  'rhubarb roulade, 10 slices\n3 eggs\n1,5 dl sugar\n1,5 dl plain flour\n0,5 dl potato flour\n1,5 tsp baking powder\ncompote\n400 g rhubarb\n1 tbsp potato flour\n\nwhisk eggs n sugar pale, 6-8 min. mix both flours w the bp, sift over, fold.\nspread on a tray 30x40, 225, 6 min. turn out, roll.\nboil rhubarb, stir in the potato flour.';
const SAVARINS =
  'Savarins - makes 8\n225g strong white flour\n7g fast-action yeast\n1 tbsp caster sugar\n½ tsp salt\n4 medium eggs, beaten\n75ml tepid milk\n100g butter\n\nBeat the first six things together for five minutes. Dot the butter on top, leave to rise an hour. Beat it in. Half fill buttered moulds, leave thirty minutes.\nHot oven, 200C: in for ten minutes.\nThey can go in the fridge overnight at this point.';
const PANCAKE =
  'Oven pancake\n4 portions\n3 dl wheat flour\n6 dl milk\n3 eggs\n25 g butter\n\nOven 225°. Whisk flour with half the milk, then the rest of the milk and the eggs. Let it stand while the oven heats.\nMelt the butter in a 25 x 35 cm oven dish. Pour in the batter, 25–30 min until puffed.';
const TART =
  'Sponge sandwich\n225g butter\n225g sugar\n225g self-raising flour\n4 eggs\n\nCream, beat in eggs, fold in flour. Two 20 cm tins. Bake at 170C (gas 3) 25 minutes.';
const CREAM =
  'Éclairs, 12\nChoux\n150ml water\n60g butter\n75g plain flour\n2 eggs\nCustard\n300ml milk\n3 egg yolks\n60g caster sugar\n20g plain flour\n10g cornflour\n\nBoil water and butter, shoot in the flour, beat in the eggs. Pipe, 200C 25 minutes.\nWhisk the yolks, sugar, flour and cornflour, pour on the hot milk, boil.';
const LETTER =
  'Quark balls\nTake a pound of flour, half a pound of quark and 2 eggs, work together. Heat about a litre of sunflower oil to 170 degrees. Roll small balls and fry them 4 minutes. Makes 30.';

describe('what a page leaves unsaid', () => {
  it.each<OnPaper>([
    [
      'a list that is only baked is mixed as its family is, and called by it',
      NOTE,
      {},
      [
        /^Cookies \(the page has no name\)|oat ones/m,
        /doesn’t say how it is mixed; this is usual\. Beat the butter.* until creamy\. Beat in the eggs/,
        /Set spoonfuls well apart/,
      ],
      [/Before it is baked/],
    ],
    [
      'its yeast goes into the milk, and its filling is stirred together',
      KNOTS,
      {},
      [/Stir the fresh yeast into the milk/, /For the filling stir together the butter, .*cinnamon/],
      [],
    ],
    [
      'a pinch of salt that no step names goes through the flour, and a sauce below its list is that list’s',
      STEAMED,
      {},
      [/Whisk together[^.]*\bsalt\b/, /Butterscotch: 3 min at a simmer/],
      [],
    ],
    ['so does the vanilla go into the batter', WAFERS, {}, [/Stir in the vanilla extract as well/], []],
    [
      'a list’s own step says whose it is, and lines that are counted are named',
      CHOUX,
      {},
      [
        /Craquelin: Mix\./,
        /Choux: Boil water, milk, butter, sugar and salt|Boil water, milk, butter, sugar and salt/,
      ],
      [/first four/],
    ],
    [
      'what would do instead is left out where it holds gluten',
      CRUMBLE,
      {},
      [/^1 level tbsp potato starch \(/m, /^60 g gluten-free flour mix$/m, /pearl sugar/],
      [/plain flour/, /rusk/, /barley/],
    ],
    [
      'a wrapped line is whole, an olive oil is no olives, and a tin is dusted behind its measure',
      BREAD,
      {},
      [
        /\(not pie filling\)/,
        /olive or vegetable oil \(2[12]\d g\)/,
        /loaf pan \(9 x 5 in\.\) and dust with/,
      ],
      [],
    ],
    [
      'what goes on before the oven is said before what cools',
      MUFFINS,
      {},
      [/before they go in\.(?: Let it cool| *\n|$)/m],
      [/Let it cool[^.]*\.[^.]*before they go in/],
    ],
    [
      'two bare numbers are an oven and its minutes',
      MEN,
      {},
      [/^Oven 190 °C.* 12 to 15 minutes/m],
      [/Bake at 190 °C/],
    ],
    [
      'both flours are the blend and the other one',
      ROULADE,
      {},
      [/mix the flour blend and potato flour/],
      [],
    ],
    [
      'the first six things are named, and a night that nobody needs isn’t counted',
      SAVARINS,
      {},
      [
        /Beat the flour blend, yeast, caster sugar, salt, medium eggs and tepid milk together/,
        /^[12] hours?.* in all/m,
      ],
      [/first six/],
    ],
    [
      'a wait without a time is given one, and is the only one',
      PANCAKE,
      {},
      [/Let it stand for 20 to 30 minutes while the oven heats/],
      [/thickens as the flours drink/],
    ],
    ['the oven’s gas mark is the page’s', TART, {}, [/^Oven 170 °C \(340 °F, gas mark 3\)/m], [/gas mark 4/]],
    ['what becomes what is there already is one line', CREAM, {}, [/^20 g cornflour/m], [/^10g cornflour/m]],
    [
      'a pound is one in words, and what is fried in stands on the list',
      LETTER,
      {},
      [/^2[2-5]\d g quark/m, /^\d+ g sunflower oil/m],
      [],
    ],
  ])('%s', readsOnPaper);
});
