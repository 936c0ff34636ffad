import { readsOnPaper, type OnPaper } from '../testingDockets';

/** Pages of a kitchen's own, in forms that nothing was built for. */
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
  ])('%s', readsOnPaper);
});
