/** What is usual of a thing, g per 100 g of flour: more than `high` is asked about. By ingredient, else by role. */
export const USUAL_MOST: { readonly source: string; readonly confidence: 'common-practice'; readonly rows: Readonly<Record<string, number>> } = {
  source: 'common practice: the most of some forty recipes, doubled', confidence: 'common-practice',
  rows: {
    'salt': 5, 'kosher-salt': 5, 'flaky-salt': 5, 'citric-acid': 3, 'tartaric-acid': 3, 'baking-powder': 10, 'baking-soda': 4, 'yeast': 5, 'fresh-yeast': 14, 'xanthan-gum': 3, 'guar-gum': 4, 'cream-of-tartar': 5,
    'vanilla-extract': 25, 'almond-extract': 10, 'cinnamon': 14, 'ground-ginger': 14, 'nutmeg': 5, 'cloves': 5, 'cardamom': 9, 'mixed-spice': 14,
  },
};
