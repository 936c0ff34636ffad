import type { EggJob } from '../../family';
import type { Avoidance } from '../../vocabulary';

/** Why something must go: it holds gluten, it is a grain, or somebody avoids it. */
export type Trouble = 'gluten' | 'grain' | Avoidance;

export interface StandIn {
  /** Ids of ingredients that it stands in for. */
  readonly from: readonly string[];
  readonly trouble: readonly Trouble[];
  /** Grams for a gram of what goes. */
  readonly to: readonly { readonly ingredient: string; readonly ratio: number }[];
  readonly because: string;
  /** Only where egg does this job: a family says which. */
  readonly egg?: EggJob;
  /** Only where the part has this already: nobody is brought what they needn't eat. */
  readonly beside?: readonly string[];
}

/** Where egg lifts as well as binds, a first egg that goes is made up for by soda with acid: g a part. Common practice: ¼ tsp and 1 tbsp. */
export const LIFT_FOR_EGG = { soda: 1.15, vinegar: 15 } as const;

/** In order of preference: the first whose own parts are allowed is taken. Ratios hold fat and water. Common practice. */
export const STAND_INS: { readonly source: string; readonly confidence: 'common-practice'; readonly rows: readonly StandIn[] } = {
  source: 'common practice; ratios hold fat and water', confidence: 'common-practice',
  rows: [
    // Gluten beside the flour
    { from: ['bread', 'rye-bread'], trouble: ['gluten'], to: [{ ingredient: 'gf-bread', ratio: 1 }], because: 'a loaf without gluten soaks and toasts as bread does; it drinks a little less' },
    { from: ['croissant'], trouble: ['gluten'], to: [{ ingredient: 'gf-croissant', ratio: 1 }], because: 'croissants without gluten, where a shop has them: they are denser, and drink a little less' },
    { from: ['croissant', 'gf-croissant'], trouble: ['gluten', 'milk'], to: [{ ingredient: 'gf-bread', ratio: 1 }], because: 'a loaf without gluten soaks as they do; spread it with a little fat, which croissants bring along' },
    { from: ['breadcrumbs', 'cornbread'], trouble: ['gluten'], to: [{ ingredient: 'gf-breadcrumbs', ratio: 1 }], because: 'crumbs without gluten do it weight for weight: bought, or of a loaf of your own, dried and crumbled' },
    { from: ['pretzels'], trouble: ['gluten'], to: [{ ingredient: 'gf-pretzels', ratio: 1 }], because: 'the same crunch and salt, made without gluten' },
    { from: ['shortcrust-pastry--case'], trouble: ['gluten'], to: [{ ingredient: 'gf-pastry--case', ratio: 1 }], because: 'a crust without gluten, bought or your own: it breaks sooner, so leave it in its tin' },
    { from: ['shortcrust-pastry'], trouble: ['gluten'], to: [{ ingredient: 'gf-pastry', ratio: 1 }], because: 'pastry without gluten, bought or your own: it tears sooner, so roll it between sheets' },
    { from: ['puff-pastry'], trouble: ['gluten'], to: [{ ingredient: 'gf-puff-pastry', ratio: 1 }], because: 'puff pastry without gluten, bought: it tears sooner and rises less' },
    { from: ['filo-pastry'], trouble: ['gluten'], to: [{ ingredient: 'gf-filo-pastry', ratio: 1 }], because: 'filo without gluten, where a shop has it; else rice paper, wetted and brushed with fat' },
    { from: ['pasta'], trouble: ['gluten'], to: [{ ingredient: 'gf-pasta', ratio: 1 }], because: 'the same, made without gluten' },
    { from: ['graham-cracker-crumbs'], trouble: ['gluten'], to: [{ ingredient: 'gf-biscuit-crumbs', ratio: 1 }], because: 'the crumb gives sweetness and bite, not structure: crumbs of gluten-free biscuits do it weight for weight' },
    { from: ['ginger-biscuits--sponge'], trouble: ['gluten'], to: [{ ingredient: 'gf-biscuits--sponge', ratio: 1 }], because: 'they drink and hold as the fingers with wheat do; dip them half as long' },
    { from: ['graham-crackers', 'digestive-biscuits', 'shortbread-biscuits', 'ginger-biscuits', 'sandwich-cookies', 'wafer-sweets', 'wheat-goods', 'oatcakes'], trouble: ['gluten'], to: [{ ingredient: 'gf-biscuits', ratio: 1 }], because: 'the crumb gives sweetness and bite, not structure: gluten-free biscuits do it weight for weight, bought or a batch of your own' },
    { from: ['cookie-spread'], trouble: ['gluten'], to: [{ ingredient: 'almond-butter', ratio: 1 }], because: 'as thick and as fat, without the biscuit' },
    { from: ['cookie-spread'], trouble: ['gluten'], to: [{ ingredient: 'sunflower-butter', ratio: 1 }], because: 'as thick and as fat, without the biscuit' },
    { from: ['white-sauce'], trouble: ['gluten'], to: [{ ingredient: 'whole-milk', ratio: 0.94 }, { ingredient: 'corn-starch', ratio: 0.06 }], because: 'milk thickened with starch in the place of a roux' },
    { from: ['sauces', 'hoisin'], trouble: ['gluten'], to: [{ ingredient: 'tamari', ratio: 0.7 }, { ingredient: 'honey', ratio: 0.3 }], because: 'salt and sweetness without wheat' },
    { from: ['malt-extract'], trouble: ['gluten'], to: [{ ingredient: 'rice-syrup', ratio: 0.9 }], because: 'malt is there for its toasty sweetness; a syrup of rice comes nearest' },
    { from: ['malt-extract'], trouble: ['gluten'], to: [{ ingredient: 'black-treacle', ratio: 0.8 }], because: 'malt is there for its toasty sweetness; treacle is as dark' },
    { from: ['malt--chocolate'], trouble: ['gluten'], to: [{ ingredient: 'cocoa', ratio: 0.3 }, { ingredient: 'light-brown-sugar', ratio: 0.55 }], because: 'it is there for chocolate and a toasty sweetness: cocoa and brown sugar give both without the barley' },
    { from: ['malt'], trouble: ['gluten'], to: [{ ingredient: 'milk-powder', ratio: 0.55 }, { ingredient: 'light-brown-sugar', ratio: 0.4 }], because: 'it is there for milk and a toasty sweetness: milk powder and brown sugar give both without the barley' },
    { from: ['malt'], trouble: ['gluten', 'milk'], to: [{ ingredient: 'light-brown-sugar', ratio: 0.55 }], because: 'it is there for a toasty sweetness: brown sugar gives it without barley or milk' },
    { from: ['coffee-substitute'], trouble: ['gluten'], to: [{ ingredient: 'chicory-drink', ratio: 0.5 }, { ingredient: 'light-brown-sugar', ratio: 0.5 }], because: 'it is there for a roasted sweetness: chicory and brown sugar give it' },
    { from: ['barley-drink'], trouble: ['gluten'], to: [{ ingredient: 'water', ratio: 0.9 }, { ingredient: 'chicory-drink', ratio: 0.03 }, { ingredient: 'light-brown-sugar', ratio: 0.07 }], because: 'a roasted, faintly sweet drink: chicory in water' },
    { from: ['beer--stout'], trouble: ['gluten'], to: [{ ingredient: 'cider', ratio: 1 }, { ingredient: 'instant-coffee', ratio: 0.01 }], because: 'dry cider with a little coffee brings the same water, bubbles and bitterness; stout made without gluten does as well' },
    { from: ['beer'], trouble: ['gluten'], to: [{ ingredient: 'cider', ratio: 1 }], because: 'dry cider brings the same water and bubbles; beer made without gluten does as well' },
    { from: ['beer'], trouble: ['gluten'], to: [{ ingredient: 'apple-juice', ratio: 1 }], because: 'beer brings water, a little acid and sweetness' },
    { from: ['malt-vinegar'], trouble: ['gluten'], to: [{ ingredient: 'vinegar', ratio: 1 }], because: 'the same acid without the malt' },
    { from: ['soy-sauce'], trouble: ['gluten', 'wheat'], to: [{ ingredient: 'tamari', ratio: 1 }], because: 'as salt and as dark, brewed without wheat where its label says so' },
    { from: ['soy-sauce'], trouble: ['gluten', 'soybeans', 'wheat'], to: [{ ingredient: 'salt', ratio: 0.16 }, { ingredient: 'water', ratio: 0.7 }], because: 'it is there for its salt' },
    { from: ['corn-syrup'], trouble: ['corn'], to: [{ ingredient: 'golden-syrup', ratio: 1 }], because: 'a syrup of cane: as wet, and it keeps sugar from graining as well' },
    { from: ['suet'], trouble: ['gluten'], to: [{ ingredient: 'shortening', ratio: 0.87 }], because: 'the fat without the flour that keeps the shreds apart; freeze it and grate it' },
    { from: ['liquorice', 'baking-spray'], trouble: ['gluten'], to: [{ ingredient: 'vegetable-oil', ratio: 0.9 }], because: 'grease with oil and dust with a starch' },
    { from: ['wheat-starch', 'wheat-starch-gf'], trouble: ['gluten', 'wheat', 'grain'], to: [{ ingredient: 'tapioca-starch', ratio: 1 }], because: 'a starch for a starch' },
    // Grain-free
    { from: ['baking-powder'], trouble: ['grain', 'corn'], to: [{ ingredient: 'baking-powder-grain-free', ratio: 1 }], because: 'the same soda and acid, with arrowroot in the place of corn starch' },
    { from: ['powdered-sugar'], trouble: ['grain', 'corn'], to: [{ ingredient: 'powdered-sugar-grain-free', ratio: 1 }], because: 'one that holds tapioca starch in the place of corn starch, or sugar ground fine with a spoonful of tapioca starch' },
    { from: ['corn-starch', 'rice-starch', 'custard-powder', 'modified-starch'], trouble: ['grain', 'corn', 'gluten'], to: [{ ingredient: 'arrowroot', ratio: 1 }], because: 'a root starch for a grain starch' },
    { from: ['rolled-oats', 'oat-flour', 'certified-oats', 'granola', 'corn-flakes', 'puffed-grain'], trouble: ['grain', 'gluten'], to: [{ ingredient: 'desiccated-coconut', ratio: 0.8 }], because: 'flakes for flakes: bite without grain' },
    { from: ['rolled-oats', 'oat-flour', 'certified-oats', 'granola', 'corn-flakes', 'puffed-grain'], trouble: ['grain', 'gluten'], to: [{ ingredient: 'sunflower-seeds', ratio: 1 }], because: 'seeds for flakes: bite without grain' },
    { from: ['oat-milk', 'rice-milk', 'grain-drink'], trouble: ['grain', 'gluten'], to: [{ ingredient: 'pea-milk', ratio: 1 }], because: 'a milk without grain' },
    { from: ['ginger-biscuits--sponge', 'gf-biscuits--sponge', 'sandwich-cookies--sponge'], trouble: ['grain'], to: [{ ingredient: 'almond-flour', ratio: 0.5 }, { ingredient: 'egg', ratio: 0.45 }, { ingredient: 'caster-sugar', ratio: 0.3 }], because: 'a thin sponge of your own, without grain, drinks as theirs does' },
    { from: ['ginger-biscuits--sponge', 'gf-biscuits--sponge', 'sandwich-cookies--sponge'], trouble: ['grain'], to: [{ ingredient: 'tiger-nut-flour', ratio: 0.5 }, { ingredient: 'egg', ratio: 0.45 }, { ingredient: 'caster-sugar', ratio: 0.3 }], because: 'a thin sponge of your own, without grain or nuts, drinks as theirs does' },
    { from: ['breadcrumbs', 'bread', 'gf-bread', 'croissant', 'gf-croissant', 'rye-bread', 'cornbread', 'gf-breadcrumbs', 'graham-crackers', 'graham-cracker-crumbs', 'digestive-biscuits', 'shortbread-biscuits', 'ginger-biscuits', 'sandwich-cookies', 'wheat-goods', 'oatcakes', 'gf-biscuits', 'gf-biscuit-crumbs', 'rice-cakes'], trouble: ['grain'], to: [{ ingredient: 'almond-flour', ratio: 0.9 }], because: 'toasted ground almonds are crumbs without grain: they bulk, bind a base with its butter, and taste of more' },
    { from: ['breadcrumbs', 'bread', 'gf-bread', 'croissant', 'gf-croissant', 'rye-bread', 'cornbread', 'gf-breadcrumbs', 'graham-crackers', 'graham-cracker-crumbs', 'digestive-biscuits', 'shortbread-biscuits', 'ginger-biscuits', 'sandwich-cookies', 'wheat-goods', 'oatcakes', 'gf-biscuits', 'gf-biscuit-crumbs', 'rice-cakes'], trouble: ['grain'], to: [{ ingredient: 'tiger-nut-flour', ratio: 0.9 }], because: 'toasted tiger nut is a sweet crumb without grain or nuts' },
    { from: ['pretzels', 'gf-pretzels', 'wafer-sweets'], trouble: ['grain'], to: [{ ingredient: 'almonds', ratio: 1 }], because: 'toasted nuts, salted, give the crunch' },
    { from: ['pretzels', 'gf-pretzels', 'wafer-sweets'], trouble: ['grain'], to: [{ ingredient: 'sunflower-seeds', ratio: 1 }], because: 'toasted seeds, salted, give the crunch' },
    { from: ['puff-pastry', 'shortcrust-pastry', 'filo-pastry', 'gf-pastry', 'gf-puff-pastry', 'gf-filo-pastry'], trouble: ['grain'], to: [{ ingredient: 'almond-flour', ratio: 0.5 }, { ingredient: 'tapioca-starch', ratio: 0.2 }, { ingredient: 'butter', ratio: 0.2 }, { ingredient: 'egg', ratio: 0.1 }], because: 'a pressed crust of your own: almond, starch, butter and egg, patted into the tin' },
    { from: ['puff-pastry', 'shortcrust-pastry', 'filo-pastry', 'gf-pastry', 'gf-puff-pastry', 'gf-filo-pastry'], trouble: ['grain'], to: [{ ingredient: 'cassava-flour', ratio: 0.5 }, { ingredient: 'shortening', ratio: 0.25 }, { ingredient: 'water', ratio: 0.25 }], because: 'a rolled crust of your own: cassava, fat and water' },
    { from: ['malt', 'malt-extract', 'rice-syrup'], trouble: ['grain'], to: [{ ingredient: 'black-treacle', ratio: 0.8 }], because: 'dark and sweet without grain' },
    { from: ['white-sauce'], trouble: ['grain', 'gluten'], to: [{ ingredient: 'whole-milk', ratio: 0.94 }, { ingredient: 'arrowroot', ratio: 0.06 }], because: 'milk thickened with a root starch in the place of a roux' },
    { from: ['oat-bran'], trouble: ['grain', 'gluten'], to: [{ ingredient: 'flax-meal', ratio: 0.6 }], because: 'ground seed drinks as bran does' },
    { from: ['waxy-corn-starch'], trouble: ['grain', 'corn'], to: [{ ingredient: 'tapioca-starch', ratio: 1 }], because: 'as clear and as stretchy' },
    { from: ['rice', 'rice-pudding', 'rice-sheets', 'buckwheat-noodles'], trouble: ['grain'], to: [{ ingredient: 'desiccated-coconut', ratio: 0.6 }], because: 'something to bite on without grain; it takes another liquid, so judge it by eye' },
    { from: ['powdered-sugar'], trouble: ['corn'], to: [{ ingredient: 'caster-sugar', ratio: 0.97 }], because: 'grind it with a little tapioca starch for icing' },
    { from: ['white-rice-flour', 'brown-rice-flour', 'sweet-rice-flour', 'sorghum-flour', 'millet-flour', 'teff-flour', 'buckwheat-flour', 'quinoa-flour', 'amaranth-flour', 'corn-flour', 'masa-harina', 'cornmeal', 'gf-blend', 'ancient-grain-blend', 'black-rice-flour', 'wild-rice-flour', 'finger-millet-flour', 'fonio-flour', 'white-buckwheat-flour', 'glutenless-grains'], trouble: ['grain', 'corn'], to: [{ ingredient: 'cassava-flour', ratio: 0.83 }], because: 'cassava is the nearest to a grain flour without being one' },
    // Oats, gums, potato
    { from: ['rolled-oats', 'certified-oats', 'granola'], trouble: ['oats'], to: [{ ingredient: 'puffed-grain', ratio: 0.8 }], because: 'rice flakes for oat flakes' },
    { from: ['rolled-oats', 'certified-oats', 'granola'], trouble: ['oats'], to: [{ ingredient: 'desiccated-coconut', ratio: 0.8 }], because: 'flakes for flakes: bite without oats' },
    { from: ['oat-flour', 'oat-bran', 'oat-fibre'], trouble: ['oats'], to: [{ ingredient: 'sorghum-flour', ratio: 1 }], because: 'a mild flour of the same body' },
    { from: ['oat-milk'], trouble: ['oats'], to: [{ ingredient: 'pea-milk', ratio: 1 }], because: 'a milk without oats' },
    { from: ['xanthan-gum', 'locust-bean-gum'], trouble: ['gums'], to: [{ ingredient: 'psyllium-husk', ratio: 2.7 }], because: 'husk binds as well at nearly three times the weight' },
    { from: ['guar-gum'], trouble: ['gums'], to: [{ ingredient: 'psyllium-husk', ratio: 1.9 }], because: 'husk binds as well at twice the weight' },
    { from: ['potato-starch'], trouble: ['nightshades'], to: [{ ingredient: 'tapioca-starch', ratio: 1 }], because: 'a root starch that is no nightshade' },
    { from: ['potato-flour'], trouble: ['nightshades'], to: [{ ingredient: 'cassava-flour', ratio: 1 }], because: 'another flour that holds much water' },
    { from: ['potato'], trouble: ['nightshades'], to: [{ ingredient: 'sweet-potato', ratio: 1 }], because: 'sweet potato is no nightshade' },
    { from: ['gf-blend'], trouble: ['gums', 'nightshades'], to: [{ ingredient: 'white-rice-flour', ratio: 0.65 }, { ingredient: 'tapioca-starch', ratio: 0.35 }], because: 'its flours without its gum or potato' },
    // Milk
    { from: ['butter', 'unsalted-butter', 'margarine'], trouble: ['milk'], to: [{ ingredient: 'vegan-butter', ratio: 1 }], because: 'a baking block holds the same fat and water as butter' },
    { from: ['butter', 'unsalted-butter', 'margarine'], trouble: ['milk'], to: [{ ingredient: 'shortening', ratio: 0.82 }, { ingredient: 'water', ratio: 0.16 }], because: 'shortening is all fat: the water that butter brings is put back' },
    { from: ['ghee', 'brown-butter'], trouble: ['milk'], to: [{ ingredient: 'shortening', ratio: 1 }], because: 'fat without water for fat without water' },
    { from: ['whole-milk', 'skim-milk'], trouble: ['milk'], to: [{ ingredient: 'pea-milk', ratio: 1 }], because: 'water for water; a little less fat' },
    { from: ['buttermilk'], trouble: ['milk'], to: [{ ingredient: 'pea-milk', ratio: 0.94 }, { ingredient: 'lemon-juice', ratio: 0.06 }], because: 'plant milk soured with lemon has about half of buttermilk’s acid' },
    { from: ['yogurt', 'greek-yogurt'], trouble: ['milk'], to: [{ ingredient: 'dairy-free-yogurt', ratio: 1 }], because: 'as thick and as sour; plain and unsweetened' },
    { from: ['yogurt', 'greek-yogurt', 'sour-cream', 'creme-fraiche', 'quark'], trouble: ['milk'], to: [{ ingredient: 'coconut-cream', ratio: 0.95 }, { ingredient: 'lemon-juice', ratio: 0.08 }], because: 'thick and sour: coconut cream with lemon' },
    { from: ['yogurt', 'greek-yogurt', 'sour-cream', 'creme-fraiche', 'quark'], trouble: ['milk', 'coconut'], to: [{ ingredient: 'pea-milk', ratio: 0.85 }, { ingredient: 'vegetable-oil', ratio: 0.08 }, { ingredient: 'lemon-juice', ratio: 0.08 }], because: 'plant milk, a little oil and lemon hold its water, fat and acid' },
    { from: ['condensed-milk'], trouble: ['milk'], to: [{ ingredient: 'coconut-cream', ratio: 0.8 }, { ingredient: 'caster-sugar', ratio: 0.45 }], because: 'coconut cream boiled down with as much sugar as condensed milk has' },
    { from: ['dulce-de-leche'], trouble: ['milk'], to: [{ ingredient: 'coconut-cream', ratio: 0.75 }, { ingredient: 'light-brown-sugar', ratio: 0.5 }], because: 'coconut cream boiled down with brown sugar makes a caramel without milk' },
    { from: ['single-cream', 'half-and-half', 'evaporated-milk'], trouble: ['milk'], to: [{ ingredient: 'dairy-free-cream', ratio: 1 }], because: 'as thin and as fat as the cream that goes' },
    { from: ['heavy-cream', 'single-cream', 'half-and-half', 'clotted-cream', 'whipped-cream', 'evaporated-milk', 'custard', 'ice-cream'], trouble: ['milk'], to: [{ ingredient: 'coconut-cream', ratio: 1 }], because: 'coconut cream is the nearest in fat and water' },
    { from: ['cream-cheese', 'mascarpone'], trouble: ['milk'], to: [{ ingredient: 'vegan-cream-cheese', ratio: 1 }], because: 'as thick and as rich; beat it no longer than it takes, or it goes slack' },
    { from: ['cream-cheese', 'mascarpone', 'ricotta', 'cottage-cheese'], trouble: ['milk'], to: [{ ingredient: 'coconut-cream', ratio: 1 }], because: 'thick and rich: chilled coconut cream' },
    { from: ['milk-powder', 'skimmed-milk-powder', 'whole-milk-powder', 'buttermilk-powder', 'whey-powder', 'whey-protein'], trouble: ['milk'], to: [{ ingredient: 'coconut-sugar', ratio: 0.5 }], because: 'its sweetness and browning' },
    { from: ['milk-chocolate', 'white-chocolate', 'chocolate-spread'], trouble: ['milk'], to: [{ ingredient: 'dark-chocolate', ratio: 1 }], because: 'dark chocolate is made without milk; the label says whether this one is' },
    { from: ['lemon-curd'], trouble: ['egg'], to: [{ ingredient: 'lemon-juice', ratio: 0.4 }, { ingredient: 'caster-sugar', ratio: 0.35 }, { ingredient: 'butter', ratio: 0.18 }, { ingredient: 'corn-starch', ratio: 0.05 }], because: 'lemon, sugar and butter thickened with a starch in the place of egg' },
    { from: ['lemon-curd'], trouble: ['milk', 'egg'], to: [{ ingredient: 'lemon-juice', ratio: 0.4 }, { ingredient: 'caster-sugar', ratio: 0.35 }, { ingredient: 'vegan-butter', ratio: 0.18 }, { ingredient: 'corn-starch', ratio: 0.05 }], because: 'lemon, sugar and fat thickened with a starch in the place of egg' },
    { from: ['dulce-de-leche', 'lemon-curd'], trouble: ['milk', 'egg'], to: [{ ingredient: 'golden-syrup', ratio: 0.9 }], because: 'a syrup of the same sweetness' },
    // Egg, by the job that it does
    { from: ['egg', 'egg-yolk', 'egg-white'], trouble: ['egg'], egg: 'glazes', to: [{ ingredient: 'whole-milk', ratio: 0.5 }], because: 'here egg is only brushed on: milk browns too, and shines a little less' },
    { from: ['egg', 'egg-yolk', 'egg-white'], trouble: ['egg'], egg: 'glazes', to: [{ ingredient: 'pea-milk', ratio: 0.5 }], because: 'here egg is only brushed on: a plant milk with protein browns too, and shines a little less' },
    { from: ['egg', 'egg-yolk', 'egg-white'], trouble: ['egg'], egg: 'glazes', to: [{ ingredient: 'oat-milk', ratio: 0.5 }], because: 'here egg is only brushed on: a plant milk does it, a little paler' },
    { from: ['egg', 'egg-yolk'], trouble: ['egg'], egg: 'sets', beside: ['whole-milk'], to: [{ ingredient: 'whole-milk', ratio: 0.75 }, { ingredient: 'corn-starch', ratio: 0.16 }], because: 'here egg sets a custard: a starch cooked in milk sets it, a tablespoon for two yolks' },
    { from: ['egg', 'egg-yolk'], trouble: ['egg'], egg: 'sets', to: [{ ingredient: 'pea-milk', ratio: 0.75 }, { ingredient: 'corn-starch', ratio: 0.16 }], because: 'here egg sets a custard: a starch cooked in plant milk sets it, a tablespoon for two yolks' },
    { from: ['egg', 'egg-yolk'], trouble: ['egg'], egg: 'sets', to: [{ ingredient: 'pea-milk', ratio: 0.75 }, { ingredient: 'arrowroot', ratio: 0.16 }], because: 'here egg sets a custard: a starch cooked in plant milk sets it, a tablespoon for two yolks' },
    { from: ['egg'], trouble: ['egg'], egg: 'whips', to: [{ ingredient: 'aquafaba', ratio: 0.9 }], because: 'here egg is whipped: chickpea brine whips like white, 45 g an egg' },
    { from: ['egg'], trouble: ['egg'], egg: 'moistens', to: [{ ingredient: 'applesauce', ratio: 1.2 }], because: 'here egg moistens and sets: apple purée moistens, 60 g an egg' },
    { from: ['egg'], trouble: ['egg'], to: [{ ingredient: 'flax-meal', ratio: 0.14 }, { ingredient: 'water', ratio: 0.86 }], because: 'ground flax in six times its weight of water, left to gel, binds and moistens; it does not lift' },
    { from: ['egg-white-powder'], trouble: ['egg'], to: [{ ingredient: 'aquafaba', ratio: 1 }], because: 'chickpea brine sets an icing as white does: it is wet, so give the water only as far as it still pipes' },
    { from: ['toffee-bits'], trouble: ['milk'], to: [{ ingredient: 'dark-chocolate', ratio: 1 }], because: 'toffee is boiled with butter: chopped dark chocolate gives the bite' },
    { from: ['egg-white'], trouble: ['egg'], to: [{ ingredient: 'aquafaba', ratio: 1 }], because: 'chickpea brine whips like white' },
    { from: ['egg-yolk'], trouble: ['egg'], beside: ['whole-milk', 'butter', 'unsalted-butter'], to: [{ ingredient: 'vegetable-oil', ratio: 0.27 }, { ingredient: 'whole-milk', ratio: 0.6 }], because: 'a yolk is there for its fat and moisture' },
    { from: ['egg-yolk'], trouble: ['egg'], to: [{ ingredient: 'vegetable-oil', ratio: 0.27 }, { ingredient: 'pea-milk', ratio: 0.6 }], because: 'a yolk is there for its fat and moisture' },
    // Nuts, seeds, soy, coconut
    { from: ['almonds', 'sliced-almonds', 'slivered-almonds', 'hazelnuts', 'walnuts', 'pecans', 'pistachios', 'macadamias', 'cashews', 'brazil-nuts', 'pine-nuts', 'peanuts'], trouble: ['tree nuts', 'peanuts'], to: [{ ingredient: 'sunflower-seeds', ratio: 1 }], because: 'toasted seeds give the crunch' },
    { from: ['almond-flour', 'hazelnut-flour', 'pistachio-flour', 'chestnut-flour', 'peanut-flour'], trouble: ['tree nuts', 'peanuts'], to: [{ ingredient: 'sunflower-flour', ratio: 1 }], because: 'ground seeds hold as much fat; with soda they turn green, so a little acid goes in' },
    { from: ['almond-butter', 'cashew-butter', 'hazelnut-butter', 'pistachio-butter', 'pecan-butter', 'walnut-butter', 'macadamia-butter', 'brazil-nut-butter', 'soy-nut-butter', 'peanut-butter', 'tahini', 'chocolate-spread', 'praline-paste', 'pistachio-spread'], trouble: ['tree nuts', 'peanuts', 'sesame'], to: [{ ingredient: 'sunflower-butter', ratio: 1 }], because: 'seed butter for nut butter' },
    { from: ['almond-milk'], trouble: ['tree nuts'], to: [{ ingredient: 'pea-milk', ratio: 1 }], because: 'a milk without nuts' },
    { from: ['soy-milk'], trouble: ['soybeans'], to: [{ ingredient: 'pea-milk', ratio: 1 }], because: 'a milk without soy' },
    { from: ['marzipan', 'almond-paste'], trouble: ['tree nuts'], to: [{ ingredient: 'sunflower-flour', ratio: 0.46 }, { ingredient: 'powdered-sugar', ratio: 0.46 }, { ingredient: 'water', ratio: 0.08 }], because: 'ground seeds and sugar, kneaded to a paste' },
    { from: ['marzipan', 'almond-paste'], trouble: ['tree nuts'], to: [{ ingredient: 'sunflower-flour', ratio: 0.46 }, { ingredient: 'caster-sugar', ratio: 0.46 }, { ingredient: 'water', ratio: 0.08 }], because: 'ground seeds and sugar, kneaded to a paste' },
    { from: ['nut-oil', 'sesame-oil', 'peanut-oil', 'coconut-oil'], trouble: ['tree nuts', 'sesame', 'peanuts', 'coconut'], to: [{ ingredient: 'vegetable-oil', ratio: 1 }], because: 'an oil without the flavour' },
    { from: ['sesame-seeds'], trouble: ['sesame'], to: [{ ingredient: 'poppy-seeds', ratio: 1 }], because: 'small seeds for small seeds' },
    { from: ['desiccated-coconut', 'sweetened-coconut', 'coconut-flakes'], trouble: ['coconut'], to: [{ ingredient: 'sunflower-seeds', ratio: 1 }], because: 'chopped seeds give the bite' },
    { from: ['coconut-milk', 'coconut-cream'], trouble: ['coconut'], to: [{ ingredient: 'pea-milk', ratio: 0.8 }, { ingredient: 'vegetable-oil', ratio: 0.2 }], because: 'plant milk and oil hold its water and fat' },
    { from: ['amaretto', 'almond-extract'], trouble: ['tree nuts'], to: [{ ingredient: 'vanilla-extract', ratio: 1 }], because: 'another flavour' },
  ],
};
