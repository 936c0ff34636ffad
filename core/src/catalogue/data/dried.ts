import type { Table } from '../types';

/** Fruit dried, candied or ground. g per 100 g: water, protein, fat, starch, sugars (sorbitol with them), fibre, ash. */
export const dried: Table = {
  role: 'inclusion', style: 'level',
  source: 'USDA SR Legacy; cup and piece weights: common practice', confidence: 'from-memory',
  rows: {
    'currants': { name: 'dried currants', also: ['currant', 'dried currant', 'zante currant', 'currants dried'], comp: [18.5, 4, 0.3, 2, 66.5, 6.8, 1.8], acid: 20, cup: [144, 132, 158], does: ['hides soda'] },
    'dried-figs': { name: 'dried figs', also: ['dried fig', 'semi-dried fig'], comp: [30, 3.3, 0.9, 5, 48.5, 9.8, 1.9], acid: 4, cup: [149, 135, 170], each: [9, 7, 15], possible: ['sulphite'], does: ['hides soda'] },
    'prunes': { name: 'prunes', also: ['prune', 'dried plum', 'pitted prune', 'soft prune'], comp: [30.9, 2.2, 0.4, 5, 52, 7.1, 2.6], acid: 12, cup: [174, 155, 185], each: [9, 7, 11], possible: ['sulphite'], does: ['hides soda'] },
    'dried-apple': { name: 'dried apple', also: ['dried apple ring'], comp: [31.8, 0.9, 0.3, 1, 57, 8.2, 1.1], acid: 10, cup: [86, 75, 105], each: [6, 4, 8], possible: ['sulphite'] },
    'dried-pear': { name: 'dried pears', also: ['dried pear', 'dried peach'], comp: [28, 2.5, 0.7, 1, 59, 7.7, 1.6], acid: 10, cup: [170, 145, 185], each: [17, 12, 22], possible: ['sulphite'] },
    'dried-mango': { name: 'dried mango', also: ['dried papaya'], comp: [16.6, 2.4, 1.2, 10, 66.3, 2.4, 1.2], acid: 12, cup: [160, 120, 175], possible: ['sulphite'] },
    'dried-pineapple': { name: 'dried pineapple', also: ['candied pineapple', 'dried tropical fruit'], comp: [15, 1.5, 0.6, 4, 73.5, 4, 1.2], acid: 12, cup: [150, 125, 170], possible: ['sulphite'] },
    'dried-blueberries': { name: 'dried blueberries', also: ['dried blueberry', 'dried wild blueberry'], comp: [14, 2, 1.5, 4, 70, 7.5, 1], acid: 10, cup: [145, 125, 165] },
    'dried-cherries': { name: 'dried cherries', also: ['dried cherry', 'dried sour cherry', 'dried tart cherry'], comp: [16, 1.3, 0.7, 11, 67.3, 2.5, 1.1], acid: 22, cup: [145, 125, 165], possible: ['sulphite'] },
    'banana-chips': { name: 'banana chips', also: ['banana chip', 'dried banana chip', 'dried banana'], comp: [4.3, 2.3, 33.6, 16, 34.5, 7.7, 1.4], cup: [75, 60, 95], possible: ['sulphite', 'coconut'] },
    'candied-ginger': { name: 'candied ginger', also: ['crystallised ginger', 'stem ginger', 'ball of stem ginger', 'ball stem ginger', 'preserved ginger', 'glace ginger', 'glacé ginger', 'crystallized ginger', 'ginger in syrup'], comp: [16, 0.3, 0.2, 3, 77.5, 2, 0.7], cup: [170, 145, 195], each: [12, 6, 18], possible: ['sulphite'] },
    'glace-cherries': { name: 'glacé cherries', also: ['glace cherry', 'glacé cherry', 'candied cherry'], comp: [23.6, 0.4, 0.1, 1, 73.2, 1.2, 0.4], cup: [185, 165, 205], each: [5, 4, 6], possible: ['sulphite'] },
    'maraschino-cherries': { name: 'maraschino cherries', also: ['maraschino cherry', 'cocktail cherry'], comp: [57.4, 0.2, 0.2, 0.5, 38.8, 2.5, 0.3], cup: [165, 150, 185], each: [5, 4, 6], possible: ['sulphite'] },
    'fruit-and-vegetable-powder': { name: 'fruit powder', also: ['apple powder', 'banana powder', 'mango powder', 'pumpkin powder', 'carrot powder', 'lucuma powder', 'baobab powder', 'strawberry powder'], comp: [5, 4, 1.3, 9, 62, 15, 3.5], acid: 15, cup: [105, 80, 135], thirst: [1.2, 0.7, 1.8] },
  },
};
