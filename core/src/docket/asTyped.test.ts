import { readsOnPaper, type OnPaper } from '../testingDockets';

/* Pages as they are typed: stars, columns, dashes between an oven and its time, brackets that say where a thing goes, words cut short. */

const RATED =
  'Oat pancakes\n★★★★☆ (88)\nServes 2 (8 pancakes)\n1 cup (90 g) quick oats\n1/2 cup (60 g) whole wheat flour\n2 tsp baking powder\n3/4 cup milk\n1 egg\n\nWhisk all. Heat a nonstick pan. Pour in 1/4 cup batter per pancake. Cook 2 to 3 minutes, flip, 1 to 2 minutes more.';
const TABLE =
  "| Ingredient | Grams | Baker's % |\n|---|---|---|\n| Bread flour | 400 | 100 |\n| Milk, warm | 200 | 50 |\n| Butter, soft | 80 | 20 |\n| Sugar | 60 | 15 |\n| Instant yeast | 7 | 1.75 |\n| Salt | 6 | 1.5 |\n\n# Buns, 12\n\n1. Mix everything in the table and knead 10 min.\n2. Bulk 1 h 30 at 26 °C.\n3. Divide, shape. Proof 45 min.\n4. 200 °C, 18-20 min.";
const COFFEE =
  'Sour cream cake\n1 stick oleo\n1 c. sugar\n2 eggs\n1 c. sour cream\n2 c. flour\n1 t. b.p.\n\nCream oleo and sugar. Add eggs, sour cream. Sift flour, b.p., add. Put in greased & floured 9x13. Bake 325 - 40 min.';
const SEMLA =
  'Buns (12)\n75 g butter\n2½ dl milk\n25 g yeast\n¾ dl sugar\n1 egg (half in the dough, half to brush)\n450 g wheat flour\n\nMelt the butter, add the milk. Dissolve the yeast. Add sugar, half the egg and the flour. Knead 10 minutes. Let rise 40 min. Shape, let rise 40 min. Brush with egg. 225° 10 min.';
const MONKEY =
  'Monkey bread\n2 cans refrigerated biscuits (16 oz each) -- or the dough below\nDOUGH\n3 1/4 c flour\n1/4 c sugar\n2 1/4 tsp rapid rise yeast\n1 c warm milk\nCOATING\n1 stick butter melted\n1 c brown sugar\n\nmix dry, add milk, knead 6 min. rise 1 hr. roll in balls, dip in butter then sugar, layer in a bundt pan. rise 45 min. 350 for 30 min';
const SLICE =
  'Dear Ros, the lemon slice.\nBase first - a cup and a half of plain flour, half a cup of icing sugar and 180g of melted butter, mix it and press it in a lined lamington tin (20 x 30), 180 for 15 mins.\nWhisk 4 eggs with a cup of caster sugar and a third of a cup of plain flour, then 2/3 cup of lemon juice. Pour it on the hot base, 160 for 20 mins.';
const WACKY =
  'Egg-free chocolate cake\n1 1/2 cups plain flour\n1 cup sugar\n1/4 cup cocoa\n1 tsp bicarb soda\n1/3 cup vegetable oil\n1 tbsp white vinegar\n1 cup cold water\n\nSift the dry things into a 20cm square tin. Pour in oil, vinegar and water, stir until smooth. Bake at 180 C 30 minutes.';
const TREACLE =
  'Treacle sponge\nInto the mixer: 350g soft butter, 350g caster sugar, 6 eggs, 350g self-raising flour and 4 tbsp milk. Beat for two minutes till smooth.\nWarm a 454g tin of golden syrup and pour it over the base of a buttered 25 x 35 cm tin with 3 tablespoons of fresh breadcrumbs stirred in. Spoon on the sponge.\n40 minutes at 180C.';
const ECCLES =
  'Spiced buns, 8\n225g plain flour\n100g butter\n50g sugar\n100ml greek yog\n1/2 tsp each mixed spice and nutmeg\n50g icing sug\n\nRub butter into flour, stir in sugar and spice, bind with the yog. Pat out, cut 8. 200C 15 mins. Dust with icing sug.';
const TARTS =
  'Jam tarts\nmakes 12\n200g plain flour\n100g butter\njam\n\nRub butter into flour. Bind with 3 tbsp cold water to a dough, chill 30 mins. Roll out, cut 12 rounds, line a 12-hole bun tin. Jam in each. 190C 15 mins.';
const TREACLE_TART =
  'Treacle tart\nPastry: 175g plain flour, 80g butter, 2 tbsp water\nFilling: 400g golden syrup, 100g fresh breadcrumbs, 1 lemon\n\nRub butter into flour until it resembles crumbs, bind with the water. Line a 20cm tin. Warm the syrup, stir in the crumbs and lemon. Fill, 190C 30 mins.';
const CHURROS =
  'Churros\n50g butter\n250g plain flour\n350ml water\n1 litre sunflower oil\n\nBoil water and butter, beat in the flour. Heat the oil until a cube of bread browns in 45 secs. Pipe in strips, fry 3 minutes.';

describe('pages as they are typed', () => {
  it.each<OnPaper>([
    ['stars and how many gave them are no pieces', RATED, {}, [/^Makes 8 pancakes/m], [/88/]],
    [
      'a column of grams weighs its bare numbers, and a bulk rise is one of two',
      TABLE,
      {},
      [/^80 g Butter, soft$/m, /^7 g Instant yeast$/m, /Proof 45 min/],
      [/49 g/, /Bulk/],
    ],
    [
      'an oven and its time may have a dash between them',
      COFFEE,
      {},
      [/^Oven 325 °F \(165 °C\), 40 minutes/m, /greased 9x13 dusted with rice flour/],
      [/Bake at 325/],
    ],
    [
      'what goes half in the dough is no dough',
      SEMLA,
      {},
      [/^1 egg \(half in the dough, half to brush\)/m],
      [],
    ],
    ['what the page tells to make isn’t bought', MONKEY, {}, [/^DOUGH$/m], [/gluten-free biscuits/]],
    ['a third of a cup is no cup', SLICE, {}, [/50 g of the flour blend/], [/a third of 1/]],
    ['soda and vinegar don’t wait', WACKY, {}, [/stir until smooth\. Bake/i], [/stand for/]],
    [
      'a syrup that is warmed afterwards mixes nothing',
      TREACLE,
      {},
      [/till smooth\.\s*(?:\d+\. )?Let the batter stand[^.]*\.\s*(?:\d+\. )?Warm a 454g tin/],
      [/^Into the mixer$/m],
    ],
    [
      'of each is of each, mixed spice too, and a word cut short is the word',
      ECCLES,
      {},
      [/^½ tsp mixed spice/m, /^½ tsp nutmeg/m, /^1\d\d g greek yogurt/m, /icing sug/],
      [/^¼ tsp each/m],
    ],
    [
      'water that a step measures stands on the list',
      TARTS,
      {},
      [/^\d+ g cold water/m, /Bind with the cold water to a dough/],
      [],
    ],
    [
      'the crumbs are what the list has, and what is rubbed in resembles none of them',
      TREACLE_TART,
      {},
      [/resembles crumbs/, /stir in (?:the )?gluten-free breadcrumbs/],
      [],
    ],
    ['what tries the fat is bread without gluten', CHURROS, {}, [/cube of gluten-free bread/], []],
  ])('%s', readsOnPaper);
});
