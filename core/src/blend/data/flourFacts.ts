/**
 * What is to be known of a flour beside its scores. amylose: g in 100 g of its starch (the rest is amylopectin; null where it
 * holds next to no starch); tastes: kinds of flavour; vice: what it does badly; weeks: how long an opened bag keeps, in the
 * cupboard and in the cold; standIns and pairs: ids; price: a kilogram against a kilogram of fine white rice flour.
 */
export interface FlourFacts {
  readonly amylose: number | null;
  readonly tastes: readonly string[];
  readonly vice: string;
  readonly weeks: readonly [cupboard: number, cold: number];
  readonly standIns: readonly string[];
  readonly pairs: readonly string[];
  readonly price: number;
}

const words = (list: string) => (list === '' ? [] : list.split(', '));
const f = (amylose: number | null, tastes: string, price: number, weeks: readonly [number, number], vice: string, standIns = '', pairs = ''): FlourFacts =>
  ({ amylose, tastes: words(tastes), vice, weeks, standIns: words(standIns), pairs: words(pairs), price });

const DRY = [104, 104] as const;
const WHITE = [52, 104] as const;
const WHOLE = [12, 26] as const;
const OILY = [4, 26] as const;

export const FLOUR_FACTS: { readonly source: string; readonly confidence: 'common-practice'; readonly rows: Readonly<Record<string, FlourFacts>> } = {
  source: 'common practice and our judgement; amylose from memory of starch studies; prices as a rough ratio', confidence: 'common-practice',
  rows: {
    'white-rice-flour': f(20, 'mild', 1, WHITE, 'grit and a dry, crumbly bite when it is coarse or stands alone', 'brown-rice-flour, fonio-flour', 'tapioca-starch, potato-starch, sweet-rice-flour'),
    'brown-rice-flour': f(22, 'mild, nutty', 1.1, WHOLE, 'grit, and bran that turns rancid', 'white-rice-flour, sorghum-flour', 'tapioca-starch, potato-starch, oat-flour'),
    'black-rice-flour': f(12, 'nutty, sweet', 2, WHOLE, 'dyes everything violet', 'brown-rice-flour', 'sweet-rice-flour, cocoa'),
    'wild-rice-flour': f(20, 'grassy, nutty', 4, WHOLE, 'grit and a grassy taste', 'brown-rice-flour, teff-flour', 'tapioca-starch'),
    'sweet-rice-flour': f(1, 'mild, sweet', 1.5, WHITE, 'gummy as soon as there is too much of it', 'waxy-corn-starch, tapioca-starch', 'white-rice-flour, sorghum-flour'),
    'sorghum-flour': f(25, 'mild, malty', 1.3, WHOLE, 'a dry edge, and a bitter one when it is old', 'millet-flour, brown-rice-flour', 'tapioca-starch, potato-starch, sweet-rice-flour'),
    'millet-flour': f(24, 'sweet corn, nutty', 1.3, WHOLE, 'bitter when it is old; crumbly', 'sorghum-flour, fonio-flour', 'tapioca-starch, sweet-rice-flour'),
    'finger-millet-flour': f(26, 'earthy, malty', 1.3, WHOLE, 'dark and earthy', 'teff-flour, millet-flour', 'cocoa, tapioca-starch'),
    'fonio-flour': f(25, 'mild, nutty', 2.5, WHOLE, 'crumbly by itself', 'millet-flour, white-rice-flour', 'tapioca-starch, oat-flour'),
    'teff-flour': f(25, 'malty, molasses', 2.5, WHOLE, 'dark, and it takes the floor', 'finger-millet-flour, buckwheat-flour', 'cocoa, tapioca-starch'),
    'buckwheat-flour': f(25, 'earthy, bitter', 1.4, WHOLE, 'grey, and it takes the floor', 'teff-flour, white-buckwheat-flour', 'brown-rice-flour, potato-starch'),
    'white-buckwheat-flour': f(25, 'earthy', 1.6, WHOLE, 'slick when there is much of it', 'buckwheat-flour, sorghum-flour', 'tapioca-starch, potato-starch'),
    'oat-flour': f(26, 'sweet, toasty', 1.3, WHOLE, 'gummy under-baked; some people with coeliac disease react to it', 'sorghum-flour, certified-oats', 'brown-rice-flour, tapioca-starch'),
    'certified-oats': f(26, 'sweet, toasty', 1.3, WHOLE, 'flakes where a flour is wanted', 'oat-flour', 'brown-rice-flour'),
    'quinoa-flour': f(12, 'grassy, bitter', 3.5, WHOLE, 'bitter unless its seed was washed or toasted', 'amaranth-flour, millet-flour', 'potato-starch'),
    'amaranth-flour': f(4, 'grassy, earthy', 2.5, WHOLE, 'sticky and grassy', 'quinoa-flour, teff-flour', 'sorghum-flour'),
    'corn-flour': f(26, 'corn', 1, WHOLE, 'dry and yellow', 'millet-flour, masa-harina', 'tapioca-starch'),
    'masa-harina': f(26, 'corn, lime', 1.2, WHOLE, 'tastes of tortilla', 'corn-flour', 'tapioca-starch'),
    'cornmeal': f(26, 'corn', 0.9, WHOLE, 'gritty unless it is scalded', 'corn-flour', 'corn-flour'),
    'corn-starch': f(26, 'none', 0.9, DRY, 'chalky in quantity; thins when it is stirred long or frozen', 'potato-starch, arrowroot, mung-bean-starch', 'white-rice-flour, tapioca-starch'),
    'waxy-corn-starch': f(1, 'none', 1.8, DRY, 'stringy in quantity', 'sweet-rice-flour, tapioca-starch', 'white-rice-flour'),
    'potato-starch': f(21, 'none', 1, DRY, 'dry crumb that stales early when there is too much', 'corn-starch, arrowroot', 'white-rice-flour, sorghum-flour'),
    'tapioca-starch': f(17, 'none', 1, DRY, 'rubbery when there is too much', 'arrowroot, sago', 'white-rice-flour, almond-flour'),
    'arrowroot': f(20, 'none', 2, DRY, 'dear; slimy with dairy', 'tapioca-starch, kudzu-starch', 'almond-flour, cassava-flour'),
    'rice-starch': f(20, 'none', 1.8, DRY, 'hard to find; dry', 'corn-starch, potato-starch', 'white-rice-flour'),
    'pea-starch': f(35, 'faint pea', 1.5, DRY, 'firm, short gel', 'mung-bean-starch, corn-starch', 'white-rice-flour'),
    'mung-bean-starch': f(33, 'none', 1.8, DRY, 'firm, short gel', 'pea-starch, corn-starch', 'white-rice-flour'),
    'sweet-potato-starch': f(20, 'none', 1.5, DRY, 'coarse lumps that want crushing', 'tapioca-starch', 'white-rice-flour'),
    'kudzu-starch': f(22, 'none', 6, DRY, 'very dear; lumps', 'arrowroot, tapioca-starch', 'almond-flour'),
    'water-chestnut-flour': f(24, 'faint chestnut', 2, DRY, 'coarse lumps that want crushing', 'corn-starch', 'white-rice-flour'),
    'lotus-root-starch': f(24, 'faint root', 4, DRY, 'dear; lumps', 'arrowroot', 'sweet-rice-flour'),
    'sago': f(26, 'none', 1.1, DRY, 'pearls must be ground first', 'tapioca-starch', 'white-rice-flour'),
    'wheat-starch-gf': f(26, 'none', 1.5, DRY, 'no food for a wheat allergy, however well its gluten was washed out', 'potato-starch, corn-starch', 'white-rice-flour'),
    'cassava-flour': f(18, 'mild, earthy', 2, [26, 52], 'gummy and dense when there is too much or too little heat', 'green-banana-flour, taro-flour', 'tiger-nut-flour, arrowroot, almond-flour'),
    'taro-flour': f(14, 'nutty, sweet', 3, [26, 52], 'pasty', 'cassava-flour', 'arrowroot'),
    'yam-flour': f(25, 'earthy', 2.5, [26, 52], 'browns when it is wetted', 'cassava-flour', 'arrowroot'),
    'breadfruit-flour': f(19, 'fruity', 4, [26, 52], 'sweet and dense', 'cassava-flour, green-banana-flour', 'arrowroot'),
    'green-banana-flour': f(22, 'earthy, faint banana', 2.5, [26, 52], 'grey and dense', 'cassava-flour', 'tiger-nut-flour'),
    'sweet-potato-flour': f(20, 'sweet, root', 2.5, [26, 52], 'sweet, and browns early', 'cassava-flour', 'almond-flour'),
    'tiger-nut-flour': f(30, 'sweet, nutty', 3, WHOLE, 'gritty unless it is sifted', 'almond-flour, oat-flour', 'cassava-flour, arrowroot'),
    'potato-flour': f(21, 'potato', 1.5, [52, 104], 'glue above a twentieth of the blend', 'cassava-flour', 'white-rice-flour'),
    'mesquite-flour': f(null, 'caramel, smoky', 5, WHOLE, 'sweet, dark and loud', 'teff-flour', 'cocoa, almond-flour'),
    'almond-flour': f(null, 'mild, marzipan', 3, OILY, 'greasy and flat without a starch; rich', 'cashew-flour, hazelnut-flour, tiger-nut-flour', 'tapioca-starch, arrowroot, coconut-flour'),
    'almond-flour-defatted': f(null, 'mild, nutty', 4, WHOLE, 'dry: it drinks twice what almond does', 'almond-flour', 'tapioca-starch'),
    'hazelnut-flour': f(null, 'hazelnut, toasty', 3.5, OILY, 'tastes of hazelnut wherever it goes', 'almond-flour, pecan-flour', 'cocoa, tapioca-starch'),
    'walnut-flour': f(null, 'walnut, bitter', 3.5, OILY, 'bitter skins, rancid in weeks', 'pecan-flour, hazelnut-flour', 'cocoa, tapioca-starch'),
    'pecan-flour': f(null, 'pecan, buttery', 4, OILY, 'oily: it greases a dough', 'walnut-flour, hazelnut-flour', 'tapioca-starch'),
    'pistachio-flour': f(null, 'pistachio', 6, OILY, 'dear; its green fades', 'almond-flour', 'white-rice-flour'),
    'cashew-flour': f(17, 'mild, sweet, creamy', 4, OILY, 'soft and greasy; dear', 'almond-flour', 'tapioca-starch, coconut-flour'),
    'chestnut-flour': f(25, 'sweet, smoky', 4, [8, 26], 'sweet, and lumps', 'oat-flour, sweet-potato-flour', 'almond-flour, potato-starch'),
    'coconut-flour': f(null, 'coconut, sweet', 1.8, [12, 26], 'drinks four times its weight: dry and mealy', 'almond-flour-defatted', 'almond-flour, tapioca-starch'),
    'sunflower-flour': f(null, 'seed, toasty', 2, OILY, 'turns green with soda', 'pumpkin-seed-flour, almond-flour', 'tapioca-starch'),
    'pumpkin-seed-flour': f(null, 'seed, grassy', 3.5, OILY, 'green, and tastes of its seed', 'sunflower-flour', 'tapioca-starch'),
    'hemp-flour': f(null, 'grassy, bitter', 3, WHOLE, 'green, gritty and bitter', 'pumpkin-seed-flour', 'buckwheat-flour'),
    'sesame-flour': f(null, 'sesame, bitter', 3, OILY, 'bitter', 'sunflower-flour', 'white-rice-flour'),
    'flax-meal': f(null, 'nutty, linseed', 1.2, OILY, 'slimy above a twelfth of the blend', 'chia-seed, psyllium-husk', 'buckwheat-flour'),
    'chickpea-flour': f(30, 'beany, nutty', 1.2, WHOLE, 'bitter raw, beany when it is little baked', 'pea-flour, fava-flour', 'potato-starch, sorghum-flour'),
    'soy-flour': f(null, 'beany', 1.3, [8, 26], 'beany; browns early', 'chickpea-flour', 'white-rice-flour'),
    'pea-flour': f(32, 'beany, pea', 1.2, WHOLE, 'beany', 'chickpea-flour', 'potato-starch'),
    'fava-flour': f(30, 'beany', 1.3, WHOLE, 'beany; no food for favism', 'chickpea-flour', 'potato-starch'),
    'lupin-flour': f(null, 'beany, bitter', 2.5, WHOLE, 'bitter; may cross-react in a peanut allergy', 'soy-flour', 'white-rice-flour'),
    'red-lentil-flour': f(32, 'beany, earthy', 1.2, WHOLE, 'beany', 'chickpea-flour', 'potato-starch'),
    'white-bean-flour': f(32, 'beany', 1.3, WHOLE, 'beany; raw it is no food', 'chickpea-flour', 'sorghum-flour'),
    'black-bean-flour': f(32, 'beany, earthy', 1.4, WHOLE, 'black', 'white-bean-flour', 'cocoa'),
    'mung-bean-flour': f(33, 'beany, grassy', 1.3, WHOLE, 'beany', 'chickpea-flour', 'white-rice-flour'),
    'urad-flour': f(30, 'beany', 1.3, WHOLE, 'sticky and beany', 'chickpea-flour', 'white-rice-flour'),
    'peanut-flour': f(null, 'peanut', 2.5, [8, 26], 'tastes of peanut wherever it goes', 'almond-flour-defatted', 'cocoa'),
    'cocoa': f(null, 'chocolate, bitter', 4, [104, 104], 'bitter and drying', 'black-bean-flour', 'almond-butter, potato-starch'),
    'almond-butter': f(null, 'almond, roasted', 4, [12, 26], 'greasy where the egg doesn’t hold it', 'sunflower-butter, peanut-butter', 'cocoa'),
    'peanut-butter': f(null, 'peanut, roasted', 2, [12, 26], 'tastes of peanut wherever it goes', 'sunflower-butter, almond-butter', 'cocoa'),
    'sunflower-butter': f(null, 'seed, roasted', 3, [12, 26], 'turns green with soda', 'tahini, almond-butter', 'cocoa'),
    'tahini': f(null, 'sesame, bitter', 2.5, [12, 26], 'bitter', 'sunflower-butter', 'cocoa'),
    'all-purpose-flour': f(26, 'mild', 0.3, WHITE, 'holds gluten', 'white-rice-flour, sorghum-flour', ''),
    'cake-flour': f(26, 'mild', 0.4, WHITE, 'holds gluten', 'white-rice-flour, potato-starch', ''),
    'bread-flour': f(26, 'mild', 0.35, WHITE, 'holds gluten', 'brown-rice-flour, sorghum-flour', ''),
    'whole-wheat-flour': f(26, 'bran, nutty', 0.35, WHOLE, 'holds gluten', 'brown-rice-flour, oat-flour, teff-flour', ''),
    'self-raising-flour': f(26, 'mild', 0.35, [26, 26], 'holds gluten, and powder that fades', 'white-rice-flour, potato-starch', ''),
    'spelt-flour': f(25, 'nutty', 0.8, WHOLE, 'a wheat: holds gluten', 'oat-flour, sorghum-flour', ''),
    'einkorn-flour': f(25, 'nutty', 1.2, WHOLE, 'a wheat: holds gluten', 'sorghum-flour, millet-flour', ''),
    'rye-flour': f(26, 'sour, earthy', 0.5, WHOLE, 'holds gluten', 'teff-flour, buckwheat-flour', ''),
    'barley-flour': f(25, 'malty', 0.7, WHOLE, 'holds gluten', 'sorghum-flour, oat-flour', ''),
    'semolina': f(26, 'mild, sweet', 0.5, WHITE, 'holds gluten', 'corn-flour, fonio-flour', ''),
    'xanthan-gum': f(null, 'none', 12, DRY, 'gummy and slick above its dose; some people react to it', 'guar-gum, psyllium-husk', ''),
    'guar-gum': f(null, 'faint bean', 8, DRY, 'thins with acid; some people react to it', 'xanthan-gum, psyllium-husk', ''),
    'locust-bean-gum': f(null, 'none', 12, DRY, 'sets only when it is heated', 'guar-gum, xanthan-gum', ''),
    'konjac': f(null, 'none', 12, DRY, 'swells hugely: never dry by the spoon', 'xanthan-gum', ''),
    'methylcellulose': f(null, 'none', 15, DRY, 'sets hot and lets go as it cools', 'psyllium-husk', ''),
    'psyllium-husk': f(null, 'faint bran', 8, [104, 104], 'swells hugely: never dry by the spoon; bready, violet-grey in some doughs', 'flax-meal, xanthan-gum', ''),
    'psyllium-powder': f(null, 'faint bran', 8, [104, 104], 'lumps unless it is whisked in; never dry by the spoon', 'psyllium-husk', ''),
    'chia-seed': f(null, 'none', 4, [52, 104], 'specks; never dry by the spoon', 'flax-meal', ''),
    'inulin': f(null, 'faint sweet', 6, DRY, 'loosens bowels in quantity', 'oat-fibre', ''),
    'oat-fibre': f(null, 'none', 4, DRY, 'dry; only certified', 'apple-fibre', ''),
    'apple-fibre': f(null, 'apple', 4, [52, 104], 'brown and sour', 'oat-fibre', ''),
    'agar': f(null, 'none', 15, DRY, 'sets brittle', 'locust-bean-gum', ''),
  },
};
