import type { Table } from '../types';

/** Butters, shortenings, oils and nut butters. g per 100 g: water, protein, fat, starch, sugars, fibre, ash. */
export const fats: Table = {
  role: 'fat', style: 'level',
  source: 'USDA SR Legacy; cup weights: common practice', confidence: 'from-memory',
  rows: {
    'butter': { name: 'butter', also: ['unsalted butter', 'salted butter', 'sweet butter', 'cold butter', 'soft butter', 'softened butter', 'melted butter', 'cultured butter', 'european-style butter', 'sweet cream butter', 'butter softened'], comp: [16, 0.9, 82, 0, 0.1, 0, 0.9], cup: [227, 220, 232], each: [113.4, 110, 116], allergens: ['milk'] },
    'brown-butter': { name: 'browned butter', also: ['brown butter', 'beurre noisette'], comp: [1, 1, 97, 0, 0.1, 0, 0.9], cup: [210, 200, 220], allergens: ['milk'] },
    'ghee': { name: 'ghee', also: ['clarified butter', 'butter oil'], comp: [0.3, 0.1, 99.5, 0, 0, 0, 0.1], cup: [210, 200, 220], allergens: ['milk'] },
    'margarine': { name: 'margarine', also: ['baking spread', 'baking margarine', 'soft margarine', 'block margarine', 'stick margarine'], comp: [17, 0.2, 80.5, 0, 0.2, 0, 2], cup: [227, 218, 235], possible: ['milk', 'soybeans'] },
    'vegan-butter': { name: 'dairy-free baking block', also: ['vegan butter', 'dairy-free butter', 'plant butter', 'dairy-free spread', 'vegan block', 'dairy-free margarine', 'vegan baking block', 'dairy-free block', 'plant-based butter'], comp: [18, 0.3, 79.5, 0, 0.2, 0, 2], cup: [227, 218, 235], possible: ['soybeans', 'coconut', 'tree nuts'] },
    'shortening': { name: 'shortening', also: ['vegetable shortening', 'solid vegetable fat', 'vegetable fat'], comp: [0, 0, 100, 0, 0, 0, 0], cup: [191, 183, 205], possible: ['soybeans'] },
    'lard': { name: 'lard', also: ['leaf lard'], kinds: ['tallow', 'dripping', 'goose fat', 'duck fat', 'bacon fat'], comp: [0, 0, 100, 0, 0, 0, 0], cup: [205, 195, 212] },
    'vegetable-oil': { name: 'vegetable oil', also: ['oil', 'neutral oil', 'light oil', 'flavourless oil', 'mild oil'], comp: [0, 0, 100, 0, 0, 0, 0], cup: [218, 212, 224], possible: ['soybeans', 'corn'] },
    'olive-oil': { name: 'olive oil', also: ['extra virgin olive oil', 'light olive oil', 'extra-virgin olive oil'], kinds: ['avocado oil'], comp: [0, 0, 100, 0, 0, 0, 0], cup: [216, 212, 222] },
    'coconut-oil': { name: 'coconut oil', also: ['refined coconut oil', 'virgin coconut oil'], kinds: ['coconut butter'], comp: [0, 0, 100, 0, 0, 0, 0], cup: [218, 205, 226], allergens: ['coconut'] },
    'cocoa-butter': { name: 'cocoa butter', also: ['cacao butter'], comp: [0, 0, 100, 0, 0, 0, 0], cup: [218, 208, 224] },
    'nut-oil': { name: 'nut oil', also: [], kinds: ['walnut oil', 'hazelnut oil', 'almond oil'], comp: [0, 0, 100, 0, 0, 0, 0], cup: [218, 212, 224], allergens: ['tree nuts'] },
    'sesame-oil': { name: 'sesame oil', also: ['toasted sesame oil'], comp: [0, 0, 100, 0, 0, 0, 0], cup: [218, 212, 224], allergens: ['sesame'] },
    'peanut-oil': { name: 'peanut oil', also: [], kinds: ['groundnut oil'], comp: [0, 0, 100, 0, 0, 0, 0], cup: [216, 212, 222], allergens: ['peanuts'], note: 'highly refined oil is exempt from labelling in the US' },
    'cooking-spray': { name: 'cooking spray', also: ['oil spray', 'non-stick spray', 'nonstick spray', 'nonstick cooking spray', 'non-stick cooking spray', 'pan spray', 'non-stick baking spray', 'nonstick baking spray'], comp: [0, 0, 100, 0, 0, 0, 0], each: [1, 0.3, 2], possible: ['soybeans', 'wheat', 'corn'], note: 'some baking sprays hold wheat flour' },
    'baking-spray': { name: 'baking spray with flour', also: ['baking spray', 'flour spray', 'cake release spray'], comp: [0, 1, 90, 8, 0, 0.5, 0.5], each: [1, 0.3, 2], gluten: 'contains', grain: 'grain', allergens: ['wheat'], possible: ['soybeans'] },
    'peanut-butter': { name: 'peanut butter', also: ['smooth peanut butter', 'crunchy peanut butter', 'creamy peanut butter', 'natural peanut butter'], comp: [1.5, 23, 50.5, 5, 8, 7, 3.3], cup: [256, 245, 270], allergens: ['peanuts'] },
    'almond-butter': { name: 'almond butter', also: ['nut butter', 'hazelnut paste', 'praline paste', 'walnut butter', 'macadamia butter', 'pistachio butter', 'pistachio cream'], kinds: ['hazelnut butter', 'cashew butter', 'pistachio paste', 'pecan butter'], comp: [1.7, 21, 55.5, 4, 4.5, 10.3, 3], cup: [255, 240, 270], allergens: ['tree nuts'] },
    'sunflower-butter': { name: 'sunflower seed butter', also: ['sunflower butter', 'seed butter'], kinds: ['pumpkin seed butter'], comp: [1.3, 17.5, 55, 7, 10.5, 5.5, 3.2], cup: [256, 245, 270] },
    'tahini': { name: 'tahini', also: ['sesame paste', 'sesame butter', 'tahini paste'], comp: [3, 17.5, 54, 12, 0.5, 8.5, 4.5], cup: [240, 230, 260], allergens: ['sesame'] },
    'chocolate-spread': { name: 'chocolate hazelnut spread', also: ['hazelnut chocolate spread', 'chocolate spread', 'hazelnut spread', 'hazelnut cocoa spread', 'gianduja spread'], comp: [1.5, 5.5, 31, 2, 55.5, 3, 1.5], cup: [300, 285, 315], allergens: ['milk', 'tree nuts'], possible: ['soybeans'] },
  },
};
