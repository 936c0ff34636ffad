import type { Table } from '../types';

/** Leaveners, acids and salts. Acid in mmol H⁺ per 100 g: lactic 0.9 % is 10, acetic 5 % is 83, citric 5.7 % (2.2 H⁺) is 65. */
export const leaveners: Table = {
  role: 'leavener', style: 'level',
  source: 'stoichiometry and labels; spoon weights: common practice', confidence: 'from-memory',
  rows: {
    'baking-soda': { name: 'baking soda', also: ['bicarbonate of soda', 'bicarb', 'soda', 'bicarb soda', 'sodium bicarbonate', 'bicarbonate', 'bread soda', 'raising agent'], comp: [0.2, 0, 0, 0, 0, 0, 99.8], cup: [240, 220, 290], does: ['soda'] },
    'baking-powder': { name: 'baking powder', also: ['bp', 'b.p.', 'double-acting baking powder', 'double acting baking powder', 'gluten-free baking powder', 'aluminium-free baking powder', 'aluminum-free baking powder'], comp: [6, 0, 0.1, 28, 0, 0.2, 65.5], cup: [215, 190, 240], grain: 'contains-grain-derivative', possible: ['corn', 'wheat'], note: 'holds starch, mostly corn; a few hold wheat starch', does: ['powder', 'grain starch in it'] },
    'baking-powder-grain-free': { name: 'grain-free baking powder', also: ['grain-free baking powder', 'paleo baking powder'], comp: [4, 0, 0, 37, 0, 0.5, 58.5], cup: [215, 190, 240], does: ['powder'] },
    'bakers-ammonia': { name: 'baker\'s ammonia', also: ['ammonium bicarbonate', 'hartshorn', 'hartshorn salt', 'salt of hartshorn', 'ammonium carbonate', 'potash'], comp: [0, 0, 0, 0, 0, 0, 100], cup: [210, 190, 240] },
    'cream-of-tartar': { name: 'cream of tartar', also: ['potassium bitartrate'], role: 'acid', comp: [1, 0, 0, 0, 0, 0, 99], acid: 531, cup: [165, 145, 185] },
    'yeast': { name: 'yeast', also: ['active dry yeast', 'instant yeast', 'dried yeast', 'dry yeast', 'fast-action yeast', 'fast yeast', 'easy-bake yeast', 'fast-action dried yeast', 'rapid-rise yeast', 'quick yeast', 'bread machine yeast', 'baker\'s yeast', 'easy blend yeast', 'active dried yeast', 'fast-acting yeast'], comp: [6, 40, 7, 2, 13, 27, 5], cup: [150, 136, 192], each: [7, 6.8, 8], does: ['yeast'] },
    'fresh-yeast': { name: 'fresh yeast', also: ['compressed yeast', 'cake yeast'], comp: [69, 13, 2, 1, 4, 8, 2], each: [42, 15, 60], does: ['yeast'] },
    'brewers-yeast': { name: 'brewer\'s yeast', also: ['brewers yeast', 'yeast extract', 'autolysed yeast extract'], role: 'flavour', comp: [6, 45, 2, 6, 10, 22, 8], cup: [120, 100, 150], gluten: 'check-label', grain: 'contains-grain-derivative', note: 'may be spent from barley beer' },
    'nutritional-yeast': { name: 'nutritional yeast', also: ['nutritional yeast flake'], role: 'flavour', comp: [5, 50, 5, 3, 7, 23, 7], cup: [60, 40, 80] },
    'lemon-juice': { name: 'lemon juice', also: ['fresh lemon juice', 'freshly squeezed lemon juice', 'bottled lemon juice'], kinds: ['lemon juice concentrate', 'concentrated lemon juice', 'lime juice', 'yuzu juice', 'fresh lime juice'], role: 'acid', comp: [92.3, 0.4, 0.2, 0, 2.5, 0.3, 4.3], acid: 65, cup: [244, 232, 252], each: [42, 30, 55], does: ['curdles milk'] },
    'vinegar': { name: 'vinegar', also: ['cider vinegar', 'apple cider vinegar'], role: 'acid', comp: [94.5, 0, 0, 0, 0.3, 0, 5], acid: 83, cup: [239, 232, 244], does: ['curdles milk'] },
    'distilled-vinegar': { name: 'distilled vinegar', also: ['distilled white vinegar', 'spirit vinegar', 'vinegar distilled'], role: 'acid', comp: [94.5, 0, 0, 0, 0, 0, 5], acid: 83, cup: [239, 232, 244], grain: 'contains-grain-derivative' },
    'balsamic-vinegar': { name: 'balsamic vinegar', also: ['vinegar balsamic'], role: 'acid', comp: [76.5, 0.5, 0, 0, 16.5, 0, 6], acid: 100, cup: [255, 245, 268], possible: ['sulphite'] },
    'rice-vinegar': { name: 'rice vinegar', also: ['rice wine vinegar', 'mirin', 'vinegar rice'], role: 'acid', comp: [95, 0.1, 0, 0, 0.5, 0, 4.3], acid: 70, cup: [239, 232, 246], grain: 'contains-grain-derivative' },
    'salt': { name: 'salt', also: ['sea salt', 'fine salt', 'fine sea salt', 'table salt', 'coarse salt', 'himalayan salt', 'cooking salt', 'pickling salt', 'rock salt', 'iodised salt'], role: 'salt', comp: [0.2, 0, 0, 0, 0, 0, 99.8], cup: [284, 135, 300] },
    'citric-acid': { name: 'citric acid', also: ['citric acid powder', 'sour salt'], role: 'acid', comp: [0.5, 0, 0, 0, 0, 0, 99.5], acid: 1250, cup: [205, 185, 225], possible: ['corn'], note: 'most is fermented on corn sugar', source: 'two and a bit of three acid groups below pH 6.5: 15.6 mmol a gram, 12.5 count' },
    'tartaric-acid': { name: 'tartaric acid', also: [], role: 'acid', comp: [0.5, 0, 0, 0, 0, 0, 99.5], acid: 1330, cup: [200, 180, 220], possible: ['sulphite'], source: 'two acid groups of 150.1 g a mole' },
    'malic-acid': { name: 'malic acid', also: ['apple acid'], role: 'acid', comp: [0.5, 0, 0, 0, 0, 0, 99.5], acid: 1490, cup: [200, 180, 220], source: 'two acid groups of 134.1 g a mole' },
    'ascorbic-acid': { name: 'ascorbic acid', also: ['vitamin c powder'], role: 'acid', comp: [0.5, 0, 0, 0, 0, 0, 99.5], acid: 568, cup: [195, 175, 215], possible: ['corn'], note: 'most is fermented on corn sugar', source: 'one acid group of 176.1 g a mole' },
    'flaky-salt': { name: 'flaky salt', also: ['flaky sea salt', 'sea salt flake', 'salt flake'], role: 'salt', comp: [0.2, 0, 0, 0, 0, 0, 99.8], cup: [145, 100, 200] },
    'kosher-salt': { name: 'kosher salt', also: ['coarse kosher salt'], role: 'salt', comp: [0.2, 0, 0, 0, 0, 0, 99.8], cup: [180, 130, 245], note: 'brands differ twofold by the spoon: weigh it' },
  },
};
