import type { Table } from '../types';

/** Fruit and vegetables, fresh, tinned and puréed. g per 100 g: water, protein, fat, starch, sugars, fibre, ash. */
export const produce: Table = {
  role: 'fruit-veg', style: 'level',
  source: 'USDA SR Legacy; piece weights: common practice', confidence: 'from-memory',
  rows: {
    'apple': { name: 'apple', also: ['apple', 'cooking apple', 'eating apple', 'bramley apple', 'grated apple', 'diced apple', 'granny smith apple', 'tart apple', 'dessert apple', 'green apple'], comp: [85.6, 0.3, 0.2, 0.1, 10.4, 2.4, 0.2], acid: 5, cup: [115, 100, 130], each: [150, 110, 200] },
    'applesauce': { name: 'applesauce, unsweetened', also: ['applesauce', 'apple sauce', 'apple puree', 'apple purée', 'unsweetened applesauce', 'stewed apple', 'pear puree', 'fruit puree', 'apple compote', 'prune puree'], comp: [88.2, 0.2, 0.1, 0.2, 9.8, 1.2, 0.2], acid: 5, cup: [245, 238, 254] },
    'banana': { name: 'banana', also: ['ripe banana', 'overripe banana', 'very ripe banana', 'sliced banana'], kinds: ['plantain'], comp: [74.9, 1.1, 0.3, 5.4, 14.7, 2.6, 0.8], acid: 3, cup: [150, 140, 230], styles: { mashed: [228, 212, 242] }, each: [118, 95, 132] },
    'mashed-banana': { name: 'banana, mashed', also: ['mashed banana', 'mashed ripe banana', 'banana puree', 'banana purée'], comp: [74.9, 1.1, 0.3, 5.4, 14.7, 2.6, 0.8], acid: 3, cup: [228, 212, 242], each: [118, 95, 132] },
    'blueberries': { name: 'blueberries', also: ['blueberry', 'fresh blueberry', 'frozen blueberry', 'bilberry', 'wild blueberry'], comp: [84.2, 0.7, 0.3, 1.5, 10, 2.4, 0.2], acid: 10, cup: [148, 138, 172] },
    'raspberries': { name: 'raspberries', also: ['raspberry', 'fresh raspberry', 'frozen raspberry'], kinds: ['blackberry', 'mixed berry', 'berry', 'frozen berry', 'loganberry', 'gooseberry', 'redcurrant', 'blackcurrant', 'frozen mixed berry', 'fresh blackberry'], comp: [86, 1.3, 0.6, 1, 4.5, 6, 0.5], acid: 25, cup: [130, 120, 150] },
    'strawberries': { name: 'strawberries', also: ['strawberry', 'fresh strawberry'], kinds: ['grape', 'seedless grape', 'kiwi', 'mango', 'pineapple', 'crushed pineapple', 'melon', 'papaya', 'passion fruit', 'pomegranate seed', 'tinned pineapple', 'fresh pineapple'], comp: [88, 0.8, 0.3, 0.3, 8, 2, 0.4], acid: 14, cup: [160, 144, 180], each: [15, 10, 25] },
    'cherries': { name: 'cherries', also: ['cherry', 'sour cherry', 'sweet cherry', 'tinned cherry', 'black cherry', 'morello cherry', 'frozen cherry', 'pitted cherry', 'fresh cherry'], comp: [82.3, 1.1, 0.2, 1, 12.8, 2.1, 0.5], acid: 9, cup: [150, 138, 165], each: [8, 6, 10] },
    'cranberries': { name: 'cranberries', also: ['cranberry', 'fresh cranberry', 'frozen cranberry'], comp: [87.3, 0.5, 0.1, 3.9, 4.3, 3.6, 0.1], acid: 35, cup: [100, 92, 112] },
    'pear': { name: 'pear', also: ['ripe pear', 'pear', 'tinned pear', 'firm pear', 'poached pear'], kinds: ['quince'], comp: [84, 0.4, 0.1, 1.9, 9.8, 3.1, 0.3], acid: 4, cup: [140, 125, 165], each: [165, 130, 200] },
    'plum': { name: 'plum', also: ['plum', 'ripe plum'], kinds: ['peach', 'nectarine', 'apricot', 'damson', 'fresh fig', 'ripe peach', 'fresh apricot', 'tinned peach', 'greengage'], comp: [87, 0.8, 0.3, 0.3, 9.5, 1.5, 0.4], acid: 14, cup: [160, 145, 180], each: [70, 50, 150] },
    'rhubarb': { name: 'rhubarb', also: ['rhubarb stalk', 'rhubarb stem', 'rhubarb stick'], comp: [93.6, 0.9, 0.2, 1.6, 1.1, 1.8, 0.8], acid: 25, cup: [122, 110, 140], each: [51, 40, 90], note: 'its leaves are poisonous' },
    'lemon': { name: 'lemon', also: ['lemon', 'unwaxed lemon', 'lemon slice', 'preserved lemon'], kinds: ['lime'], comp: [89, 1.1, 0.3, 0.3, 2.5, 2.8, 4], acid: 60, each: [100, 75, 125], cup: [212, 200, 225] },
    'orange': { name: 'orange', also: ['orange', 'blood orange', 'navel orange'], kinds: ['clementine', 'mandarin', 'grapefruit', 'satsuma', 'tangerine'], comp: [86.8, 0.9, 0.1, 0.3, 9.1, 2.4, 0.4], acid: 12, cup: [180, 165, 195], each: [140, 110, 190] },
    'carrot': { name: 'carrot', also: ['grated carrot', 'carrot', 'shredded carrot', 'finely grated carrot'], kinds: ['parsnip', 'grated parsnip'], comp: [88.3, 0.9, 0.2, 1.4, 5.4, 2.8, 1], acid: 1, cup: [110, 95, 125], each: [61, 50, 90] },
    'courgette': { name: 'courgette', also: ['zucchini', 'grated zucchini', 'grated courgette', 'shredded zucchini', 'summer squash'], kinds: ['cucumber', 'marrow'], comp: [94.8, 1.2, 0.3, 0.6, 2, 1, 0.6], acid: 1, cup: [124, 115, 165], each: [196, 150, 250], note: 'a bitter one goes out' },
    'pumpkin-puree': { name: 'pumpkin puree', also: ['pumpkin purée', 'canned pumpkin', 'pumpkin', 'pumpkin puree', 'butternut squash puree', 'squash puree', 'tinned pumpkin', 'butternut squash', 'solid-pack pumpkin', 'cooked pumpkin'], comp: [90, 1.1, 0.3, 2, 3.3, 2.7, 0.7], acid: 2, cup: [245, 232, 255], each: [425, 415, 435] },
    'sweet-potato': { name: 'sweet potato, mashed', also: ['sweet potato', 'mashed sweet potato', 'sweet potato puree', 'yam', 'cooked sweet potato'], comp: [79, 1.6, 0.1, 9, 5.7, 3, 1], acid: 1, cup: [250, 235, 265], each: [150, 120, 200] },
    'potato': { name: 'potato, mashed', also: ['mashed potato', 'potato', 'boiled potato', 'riced potato', 'cooked potato'], comp: [78, 2, 0.5, 15.5, 1, 1.8, 1], allergens: ['nightshades'], cup: [210, 195, 230], each: [170, 140, 215] },
    'beetroot': { name: 'beetroot', also: ['beet', 'cooked beetroot', 'beetroot puree', 'grated beetroot', 'cooked beet', 'raw beetroot'], comp: [87.3, 1.6, 0.2, 0.3, 7.3, 2.4, 1], cup: [136, 125, 220], each: [82, 60, 120] },
    'avocado': { name: 'avocado', also: ['ripe avocado', 'mashed avocado'], comp: [73.2, 2, 14.7, 0.1, 0.7, 6.7, 1.6], cup: [150, 140, 240], each: [150, 130, 200] },
    'spinach': { name: 'spinach', also: ['baby spinach'], kinds: ['onion', 'tomato', 'tomato paste', 'garlic', 'garlic clove', 'clove garlic', 'olive', 'herb', 'red onion', 'sun-dried tomato', 'paprika pepper', 'bell pepper', 'kale', 'leek', 'mushroom', 'jalapeno'], comp: [90, 2, 0.4, 1, 3, 2.2, 1.2], cup: [100, 30, 180] },
    'black-beans': { name: 'beans, cooked', also: ['tin black bean', 'cooked black bean'], kinds: ['black bean', 'cooked chickpea', 'white bean', 'kidney bean', 'cannellini bean', 'cooked lentil', 'chickpea', 'lentil', 'tinned chickpea'], comp: [66, 8.5, 1, 14.5, 0.8, 7.5, 1.2], cup: [172, 160, 185], each: [240, 235, 255] },
  },
};
