import type { Table } from '../types';

/** Pure starches, and the cooked potato flour that isn't one. g per 100 g: water, protein, fat, starch, sugars, fibre, ash. */
export const starches: Table = {
  role: 'starch', style: 'spooned',
  source: 'USDA SR Legacy; cup weights: common practice', confidence: 'from-memory',
  rows: {
    'corn-starch': { name: 'cornstarch', also: ['corn starch', 'cornflour', 'maize starch'], comp: [8.3, 0.3, 0.1, 90.2, 0.1, 0.9, 0.1], cup: [125, 112, 140], grain: 'grain', allergens: ['corn'], note: 'the word cornflour is this starch in the UK; in Australia some is made from wheat' },
    'potato-starch': { name: 'potato starch', kinds: ['modified potato starch'], also: ['potato starch flour', 'native potato starch', 'farina potato starch'], comp: [15, 0.2, 0.1, 84, 0.2, 0.1, 0.3], allergens: ['nightshades'], cup: [165, 150, 190] },
    'tapioca-starch': { name: 'tapioca starch', kinds: ['modified tapioca starch'], also: ['tapioca flour', 'tapioca', 'manioc starch', 'cassava starch', 'sour cassava starch', 'ground tapioca', 'instant tapioca', 'tapioca pearl'], comp: [11.5, 0.2, 0, 87, 0.4, 0.6, 0.2], cup: [118, 105, 132] },
    'arrowroot': { name: 'arrowroot', also: ['arrowroot starch', 'arrowroot powder', 'arrowroot flour'], comp: [11.4, 0.3, 0.1, 84.5, 0.2, 3.3, 0.1], cup: [124, 110, 136] },
    'rice-starch': { name: 'rice starch', comp: [12, 0.6, 0.1, 86.3, 0.2, 0.4, 0.3], cup: [120, 108, 135], grain: 'grain' },
    'sweet-potato-starch': { name: 'sweet potato starch', comp: [13, 0.2, 0.1, 85.5, 0.3, 0.6, 0.3], cup: [130, 115, 150] },
    'pea-starch': { name: 'pea starch', comp: [12, 0.5, 0.1, 85.5, 0.3, 1.2, 0.3], cup: [125, 110, 140] },
    'potato-flour': { name: 'potato flour', also: ['cooked potato flour', 'instant potato flake', 'instant mash', 'potato flake', 'instant mashed potato'], role: 'gf-flour', comp: [6.5, 6.9, 0.3, 73.5, 3.5, 5.9, 3.1], allergens: ['nightshades'], cup: [160, 140, 180] },
    'modified-starch': { name: 'modified starch', also: ['modified food starch', 'food starch', 'starch', 'dextrin', 'modified starch e1442'], comp: [10, 0.3, 0.1, 88.6, 0.4, 0.5, 0.2], cup: [120, 105, 140], gluten: 'check-label', grain: 'contains-grain-derivative', possible: ['wheat', 'corn', 'nightshades'], note: 'ask from which plant' },
    'maltodextrin': { name: 'maltodextrin', comp: [5, 0, 0, 87, 7.5, 0, 0.5], cup: [95, 60, 120], grain: 'contains-grain-derivative', possible: ['wheat', 'corn', 'nightshades'] },
    'custard-powder': { name: 'custard powder', also: ['instant custard powder'], kinds: ['vanilla pudding mix', 'instant pudding mix', 'pudding mix', 'instant pudding', 'instant vanilla pudding', 'instant chocolate pudding', 'blancmange powder'], comp: [9, 0.6, 0.7, 86, 1, 0.7, 2], cup: [130, 115, 150], gluten: 'check-label', grain: 'contains-grain-derivative', possible: ['wheat', 'milk', 'corn'], note: 'some thicken with wheat' },
  },
};
