import type { Avoidance } from '../../vocabulary';

/**
 * Made goods, and what is often made on the same line: their labels warn of it ("may contain") or the maker says. Common
 * practice. Ids are the catalogue's; kin count with their row.
 */
export const SHARED_LINES: readonly { readonly goods: readonly string[]; readonly with: readonly Avoidance[] }[] = [
  { goods: ['vegan-butter', 'margarine', 'shortening'], with: ['milk', 'soybeans', 'tree nuts'] },
  { goods: ['oat-milk', 'rice-milk', 'soy-milk', 'almond-milk', 'pea-milk', 'coconut-milk', 'coconut-cream'], with: ['milk', 'tree nuts', 'soybeans', 'peanuts', 'oats', 'coconut', 'sesame'] },
  { goods: ['dark-chocolate', 'dark-chocolate-extra', 'carob-chips', 'chocolate-chips', 'unsweetened-chocolate', 'milk-chocolate', 'white-chocolate', 'cocoa-nibs', 'chocolate-spread', 'chocolate-syrup', 'drinking-chocolate'], with: ['milk', 'tree nuts', 'peanuts', 'soybeans', 'egg', 'sesame', 'wheat'] },
  { goods: ['egg-replacer'], with: ['egg', 'milk', 'soybeans', 'tree nuts', 'peanuts'] },
  { goods: ['stock', 'broth', 'sauces', 'curry-powder', 'mixed-spice', 'mustard-made', 'mayonnaise'], with: ['milk', 'egg', 'celery', 'mustard', 'soybeans', 'fish', 'crustaceans', 'sesame'] },
  { goods: ['gf-blend', 'ancient-grain-blend', 'baking-mix', 'gf-biscuits', 'gf-biscuit-crumbs', 'custard-powder', 'granola', 'corn-flakes', 'oatcakes'], with: ['milk', 'egg', 'tree nuts', 'peanuts', 'soybeans', 'sesame', 'lupin', 'mustard'] },
  { goods: ['sprinkles', 'candy', 'marshmallows', 'frosting', 'marzipan', 'almond-paste', 'dulce-de-leche', 'lemon-curd', 'meringues', 'macaroons', 'wafer-sweets', 'mincemeat', 'ice-cream', 'cookie-spread'], with: ['milk', 'egg', 'tree nuts', 'peanuts', 'soybeans', 'sesame', 'wheat'] },
  { goods: ['almonds', 'sliced-almonds', 'slivered-almonds', 'cashews', 'brazil-nuts', 'macadamia-flour', 'brazil-nut-flour', 'hazelnuts', 'walnuts', 'pecans', 'pistachios', 'macadamias', 'pine-nuts', 'chestnuts', 'almond-flour', 'hazelnut-flour', 'pistachio-flour', 'walnut-flour', 'pecan-flour', 'cashew-flour', 'almond-flour-defatted', 'almond-butter', 'cashew-butter', 'hazelnut-butter', 'pistachio-butter', 'pecan-butter', 'walnut-butter', 'macadamia-butter', 'brazil-nut-butter', 'praline-paste', 'pistachio-spread'], with: ['tree nuts', 'peanuts', 'sesame'] },
  { goods: ['peanuts', 'peanut-flour', 'peanut-butter'], with: ['tree nuts', 'sesame'] },
  { goods: ['sunflower-seeds', 'pumpkin-seeds', 'hemp-seeds', 'watermelon-seed-flour', 'sweetened-coconut', 'coconut-flakes', 'currants', 'dried-figs', 'prunes', 'dried-apple', 'dried-pear', 'dried-mango', 'dried-pineapple', 'dried-blueberries', 'dried-cherries', 'banana-chips', 'sunflower-flour', 'sunflower-butter', 'pumpkin-seed-flour', 'sesame-seeds', 'tahini', 'poppy-seeds', 'flax-meal', 'chia-seed', 'hemp-flour', 'sesame-flour', 'desiccated-coconut', 'coconut-flour', 'raisins', 'dates', 'dried-cranberries', 'dried-apricots'], with: ['tree nuts', 'peanuts', 'sesame'] },
  { goods: ['protein-powder', 'pea-protein', 'hydrolysed-protein', 'milk-powder', 'whey-protein'], with: ['milk', 'egg', 'soybeans', 'tree nuts', 'peanuts'] },
];
