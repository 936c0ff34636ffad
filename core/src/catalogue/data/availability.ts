/**
 * Share of an ingredient's own water that flour can take before the bake. What isn't here gives all of it if it is liquid,
 * egg, syrup, fat or sugar, and none if it is an inclusion.
 */
export const AVAILABILITY: { readonly source: string; readonly confidence: 'common-practice'; readonly rows: Readonly<Record<string, number>> } = {
  source: 'common practice', confidence: 'common-practice',
  rows: {
    'applesauce': 0.8, 'pumpkin-puree': 0.8, 'banana': 0.75, 'mashed-banana': 0.75, 'sweet-potato': 0.7, 'potato': 0.7, 'avocado': 0.6,
    'courgette': 0.6, 'carrot': 0.5, 'beetroot': 0.5, 'apple': 0.3, 'pear': 0.3, 'plum': 0.25, 'rhubarb': 0.3, 'blueberries': 0.25,
    'raspberries': 0.25, 'strawberries': 0.25, 'mango': 0.25, 'kiwi': 0.25, 'pineapple': 0.3, 'peach': 0.25, 'apricot': 0.25, 'cherries': 0.25, 'cranberries': 0.15, 'orange': 0.5, 'lemon': 0.5, 'fresh-ginger': 0.5,
    'citrus-zest': 0.3, 'black-beans': 0.6, 'spinach': 0.5, 'pie-filling': 0.5,
  },
};
