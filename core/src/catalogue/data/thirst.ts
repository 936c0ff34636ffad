import type { Triple } from '../types';

/** Water held, g per g of ingredient: central, low, high. */
export const THIRST: { readonly source: string; readonly confidence: 'from-memory'; readonly rows: Readonly<Record<string, Triple>> } = {
  source: 'water-holding (AACC 56-30 style) and absorption studies', confidence: 'from-memory',
  rows: {
    'all-purpose-flour': [0.75, 0.65, 0.85], 'bread-flour': [0.8, 0.7, 0.9], 'cake-flour': [0.7, 0.6, 0.8],
    'whole-wheat-flour': [0.95, 0.8, 1.1], 'spelt-flour': [0.75, 0.65, 0.9], 'einkorn-flour': [0.75, 0.65, 0.9],
    'rye-flour': [1.1, 0.9, 1.4], 'barley-flour': [1.2, 1, 1.5], 'semolina': [0.8, 0.7, 1], 'farina': [0.8, 0.7, 1], 'bulgur': [1.2, 1, 1.5],
    'vital-wheat-gluten': [1.6, 1.4, 1.9], 'wheat-starch': [0.8, 0.7, 0.95], 'wheat-starch-gf': [0.8, 0.7, 0.95], 'wheat-bran': [3, 2.2, 4],
    'oat-wheat-multigrain': [0.9, 0.75, 1.1], 'baking-mix': [0.65, 0.5, 0.8], 'malt': [0.3, 0.2, 0.5],
    'breadcrumbs': [1, 0.7, 1.4], 'graham-cracker-crumbs': [0.6, 0.4, 0.8], 'digestive-biscuits': [0.5, 0.3, 0.7],
    'white-rice-flour': [1.05, 0.9, 1.3], 'brown-rice-flour': [1.1, 0.95, 1.35], 'sweet-rice-flour': [1, 0.85, 1.25],
    'sorghum-flour': [1.05, 0.9, 1.3], 'millet-flour': [1.05, 0.9, 1.3], 'teff-flour': [1.15, 1, 1.4], 'buckwheat-flour': [1.15, 1, 1.5],
    'oat-flour': [1.4, 1.1, 1.7], 'rolled-oats': [1.4, 1.1, 1.7], 'certified-oats': [1.4, 1.1, 1.7], 'quinoa-flour': [1.35, 1.1, 1.7],
    'amaranth-flour': [1.3, 1.1, 1.6], 'corn-flour': [1.1, 0.9, 1.3], 'masa-harina': [1.4, 1.2, 1.7], 'cornmeal': [1.3, 1, 2],
    'almond-flour': [0.75, 0.5, 1], 'hazelnut-flour': [0.7, 0.5, 1], 'pistachio-flour': [0.7, 0.5, 1], 'chestnut-flour': [1.2, 1, 1.5],
    'coconut-flour': [4, 3.2, 5], 'chickpea-flour': [1.2, 1, 1.5], 'soy-flour': [2, 1.6, 2.6], 'pea-flour': [1.2, 1, 1.5],
    'fava-flour': [1.2, 1, 1.5], 'lupin-flour': [2.2, 1.7, 3], 'tiger-nut-flour': [1.1, 0.9, 1.4], 'green-banana-flour': [1.6, 1.2, 2.2],
    'cassava-flour': [1.5, 1.2, 1.9], 'sweet-potato-flour': [1.8, 1.4, 2.4], 'sunflower-flour': [0.9, 0.7, 1.2], 'sesame-flour': [1.3, 1, 1.7],
    'peanut-flour': [1.2, 0.9, 1.5], 'corn-starch': [0.85, 0.7, 1], 'potato-starch': [0.85, 0.7, 1], 'tapioca-starch': [0.85, 0.7, 1],
    'arrowroot': [0.85, 0.7, 1], 'rice-starch': [0.85, 0.7, 1], 'sweet-potato-starch': [0.85, 0.7, 1], 'pea-starch': [0.85, 0.7, 1],
    'potato-flour': [3.5, 2.8, 4.5], 'modified-starch': [0.85, 0.7, 1.5], 'custard-powder': [0.85, 0.7, 1], 'ancient-grain-blend': [1.1, 0.9, 1.4],
    'flax-meal': [4, 3, 6], 'chia-seed': [8, 6, 10], 'psyllium-husk': [8, 6, 10], 'psyllium-powder': [8, 6, 10], 'oat-fibre': [3, 2, 5],
    'apple-fibre': [4, 3, 6], 'inulin': [0.4, 0.2, 0.8],
    'cocoa': [1.6, 1.3, 2], 'dutch-cocoa': [1.6, 1.3, 2], 'dark-chocolate': [0.24, 0.18, 0.3], 'unsweetened-chocolate': [0.7, 0.5, 0.9],
    'milk-chocolate': [0.06, 0.03, 0.1], 'desiccated-coconut': [1.2, 0.9, 1.6], 'dates': [0.6, 0.4, 0.8],
    'peanut-butter': [0.35, 0.2, 0.5], 'almond-butter': [0.35, 0.2, 0.5], 'sunflower-butter': [0.35, 0.2, 0.5], 'tahini': [0.35, 0.2, 0.5],
    'milk-powder': [0.6, 0.4, 1], 'protein-powder': [1, 0.6, 2],
  },
};
