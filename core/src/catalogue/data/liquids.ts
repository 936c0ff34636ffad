import type { Table } from '../types';

/** Water, juices, coffee, wine and spirits. g per 100 g: water, protein, fat, starch, sugars, fibre, ash, ethanol. */
export const liquids: Table = {
  role: 'liquid', style: 'level',
  source: 'USDA SR Legacy; acids: typical titratable acidity', confidence: 'from-memory',
  rows: {
    'water': { name: 'water', also: ['hot water', 'cold water', 'boiling water', 'warm water', 'ice water', 'iced water', 'tap water', 'lukewarm water', 'ice-cold water', 'sparkling water', 'soda water', 'ice'], comp: [100, 0, 0, 0, 0, 0, 0], cup: [237, 235, 238] },
    'coffee': { name: 'brewed coffee', also: ['coffee', 'hot coffee', 'strong coffee', 'cold coffee', 'black coffee', 'cold brew', 'filter coffee', 'coffee brewed'], comp: [99.2, 0.1, 0, 0, 0.1, 0, 0.3], acid: 0.5, cup: [237, 233, 240] },
    'espresso': { name: 'brewed espresso', also: ['espresso', 'espresso shot', 'espresso brewed'], comp: [97.8, 0.1, 0.2, 0, 0.6, 0, 0.6], acid: 0.8, cup: [237, 230, 242], each: [30, 25, 45] },
    'tea': { name: 'tea', also: ['brewed tea', 'black tea', 'green tea', 'earl grey tea', 'tea bag'], kinds: ['matcha', 'matcha powder', 'rooibos'], comp: [99.6, 0, 0, 0, 0.2, 0, 0.1], cup: [237, 233, 240], each: [2, 1.5, 3] },
    'orange-juice': { name: 'orange juice', also: ['clementine juice', 'mandarin juice', 'grapefruit juice', 'fresh orange juice', 'blood orange juice'], comp: [88.3, 0.7, 0.2, 0, 9.6, 0.2, 0.9], acid: 12, cup: [248, 240, 252], each: [75, 60, 95], does: ['curdles milk'] },
    'apple-juice': { name: 'apple juice', also: ['apple cider', 'cloudy apple juice'], kinds: ['pear juice', 'grape juice', 'cherry juice', 'cranberry juice', 'pineapple juice', 'sweet cider'], comp: [88.2, 0.1, 0.1, 0, 10.5, 0.2, 0.7], acid: 6, cup: [248, 240, 252] },
    'soft-drink': { name: 'soft drink', also: [], kinds: ['cola', 'lemonade', 'ginger ale', 'root beer', 'lemon-lime soda', 'ginger beer'], comp: [89.5, 0, 0, 0, 10.4, 0, 0.1], acid: 2, cup: [246, 240, 250] },
    'wine': { name: 'wine', also: ['red wine', 'white wine', 'sparkling wine', 'dessert wine'], kinds: ['prosecco', 'mead', 'champagne', 'sherry', 'port', 'marsala', 'madeira', 'vermouth'], comp: [86.5, 0.1, 0, 0, 2.6, 0, 0.6, 10.4], acid: 9, cup: [236, 230, 245], possible: ['sulphite', 'egg', 'milk', 'fish'] },
    'rum': { name: 'rum', also: ['dark rum', 'white rum', 'spiced rum', 'light rum', 'rum 80 proof'], kinds: ['tequila'], role: 'flavour', comp: [66.6, 0, 0, 0, 0, 0, 0, 33.4], cup: [224, 218, 230] },
    'whisky': { name: 'whisky', also: [], kinds: ['whiskey', 'scotch whisky', 'irish whiskey', 'bourbon', 'scotch', 'rye whiskey', 'bourbon whiskey'], role: 'flavour', comp: [66.6, 0, 0, 0, 0, 0, 0, 33.4], cup: [224, 218, 230], grain: 'contains-grain-derivative', note: 'distilled from grain' },
    'brandy': { name: 'brandy', also: ['apple brandy', 'pear brandy'], kinds: ['cognac', 'calvados', 'kirsch', 'armagnac', 'grappa', 'slivovitz'], role: 'flavour', comp: [66.6, 0, 0, 0, 0, 0, 0, 33.4], cup: [224, 218, 230], possible: ['sulphite'] },
    'liqueur': { name: 'liqueur', also: ['orange liqueur', 'coffee liqueur', 'cherry liqueur', 'elderflower liqueur', 'raspberry liqueur'], kinds: ['limoncello', 'triple sec', 'cassis', 'elderflower cordial'], role: 'flavour', comp: [42, 0, 0.1, 0, 33, 0, 0.1, 24.5], cup: [252, 240, 262] },
    'amaretto': { name: 'amaretto', also: [], kinds: ['almond liqueur', 'hazelnut liqueur'], role: 'flavour', comp: [42, 0, 0.1, 0, 33, 0, 0.1, 24.5], cup: [254, 240, 264], possible: ['tree nuts'] },
    'cream-liqueur': { name: 'cream liqueur', also: ['irish cream', 'irish cream liqueur', 'whiskey cream liqueur'], role: 'flavour', comp: [44.5, 3, 13.5, 0, 24, 0, 0.5, 14], cup: [255, 245, 265], gluten: 'check-label', grain: 'contains-grain-derivative', allergens: ['milk'], possible: ['egg'] },
    'eggnog': { name: 'eggnog', also: ['egg nog'], comp: [74.4, 4.6, 7.5, 0, 12.8, 0, 0.7], cup: [254, 245, 262], allergens: ['milk', 'egg'], possible: ['gums'] },
    'whey': { name: 'whey', also: ['liquid whey', 'sweet whey', 'yogurt whey'], comp: [93.1, 0.9, 0.4, 0, 5.1, 0, 0.5], acid: 3, cup: [246, 240, 252], allergens: ['milk'] },
    'coconut-water': { name: 'coconut water', also: ['young coconut water'], comp: [95, 0.7, 0.2, 0, 2.6, 1.1, 0.4], cup: [240, 236, 246], allergens: ['coconut'] },
    'drinking-yogurt': { name: 'drinking yoghurt', also: ['yogurt drink', 'drinkable yogurt', 'lassi', 'ayran', 'doogh'], comp: [85, 3, 1.5, 0, 9, 0, 0.8], acid: 8, cup: [248, 240, 256], allergens: ['milk'] },
    'pickle-brine': { name: 'brine', also: ['pickle juice', 'olive brine'], comp: [93, 0.3, 0.1, 0, 1.5, 0, 4.5], acid: 12, cup: [245, 238, 252] },
    'aquafaba': { name: 'chickpea brine', also: ['aquafaba', 'chickpea water', 'chickpea liquid'], role: 'egg', comp: [94.5, 1.2, 0.1, 2, 0.5, 0.6, 1], cup: [240, 232, 248], does: ['is whipped'] },
    'fruit-juice': { name: 'fruit juice', also: ['peach juice', 'pomegranate juice', 'mango juice', 'passion fruit juice', 'guava nectar', 'mango nectar', 'apricot nectar', 'peach nectar', 'beetroot juice', 'carrot juice', 'tropical juice', 'blackcurrant juice', 'nectar'], comp: [86, 0.4, 0.2, 0.3, 12.3, 0.4, 0.4], acid: 9, cup: [248, 238, 256], possible: ['sulphite'] },
    'broth': { name: 'stock', also: ['vegetable stock', 'chicken stock', 'beef stock', 'broth', 'chicken broth', 'vegetable broth', 'beef broth', 'stock liquid'], comp: [97, 0.6, 0.3, 0.3, 0.4, 0, 1.3], cup: [240, 236, 245], gluten: 'check-label', grain: 'contains-grain-derivative', possible: ['wheat', 'celery', 'soybeans', 'milk', 'mustard', 'sulphite'] },
    'kombucha': { name: 'kombucha', also: [], comp: [95.3, 0, 0, 0, 4, 0, 0.2, 0.4], acid: 5, cup: [240, 236, 246] },
    'grain-drink': { name: 'spelt drink', also: ['rye drink', 'kamut drink'], comp: [90, 0.8, 1.2, 2, 5, 0.5, 0.3], cup: [243, 238, 248], gluten: 'contains', grain: 'contains-grain-derivative', allergens: ['wheat'], note: 'made of a cereal with gluten' },
    'cider': { name: 'dry cider', also: ['cider', 'hard cider', 'dry hard cider', 'apple cider, hard'], comp: [92.3, 0, 0, 0, 2.6, 0, 0.3, 4.8], acid: 6, cup: [238, 232, 246], possible: ['sulphite'], note: 'some ciders are coloured with malt: read the label' },
  },
};
