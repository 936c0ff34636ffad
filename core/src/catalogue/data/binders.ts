import type { Table } from '../types';

/** Gums, husks, seeds, fibres and gels that bind. g per 100 g: water, protein, fat, starch, sugars, fibre, ash. */
export const binders: Table = {
  role: 'binder', style: 'level',
  source: 'makers\' data sheets and USDA SR Legacy; spoon weights: common practice', confidence: 'from-memory',
  rows: {
    'xanthan-gum': { name: 'xanthan gum', also: ['xanthan', 'xantham gum', 'xanthum gum'], comp: [10, 5, 0, 0, 0, 75, 10], allergens: ['gums'], cup: [130, 115, 160], possible: ['corn', 'wheat', 'soybeans'], note: 'may be grown on corn or wheat sugar' },
    'guar-gum': { name: 'guar gum', also: ['guar'], comp: [10, 4.5, 0.5, 0, 0, 83.5, 1], allergens: ['gums'], cup: [145, 125, 165] },
    'locust-bean-gum': { name: 'locust bean gum', also: ['carob gum', 'carob bean gum', 'gellan gum', 'gum arabic', 'acacia gum'], comp: [11, 5, 0.5, 0, 0, 82, 1], allergens: ['gums'], cup: [140, 120, 165] },
    'psyllium-husk': { name: 'psyllium husk', also: ['whole psyllium husk', 'psyllium', 'psyllium husk whole', 'ispaghula husk', 'isabgol'], comp: [8, 2, 0.5, 1, 0.5, 85.5, 2.5], cup: [75, 55, 95] },
    'psyllium-powder': { name: 'psyllium husk powder', also: ['psyllium powder', 'ground psyllium husk', 'ground psyllium'], comp: [8, 2, 0.5, 1, 0.5, 85.5, 2.5], cup: [150, 120, 180] },
    'flax-meal': { name: 'flaxseed meal', kinds: ['flax egg', 'flaxseed egg'], also: ['ground flaxseed', 'ground flax', 'flax meal', 'flaxseed', 'ground linseed', 'linseed', 'milled flaxseed', 'golden flaxseed meal', 'flax seed', 'flax', 'linseed meal', 'ground flax seed'], comp: [7, 18.3, 42.2, 0.5, 1.6, 27.3, 3.7], cup: [104, 90, 125], each: [7, 6.5, 8] },
    'chia-seed': { name: 'chia seed, whole', also: ['chia seed', 'chia', 'ground chia', 'ground chia seed', 'white chia seed', 'black chia seed'], comp: [5.8, 16.5, 30.7, 1, 6.7, 34.4, 4.8], cup: [170, 155, 200] },
    'gelatin': { name: 'gelatin', kinds: [], also: ['gelatin powder', 'powdered gelatin', 'unflavoured gelatin', 'unflavored gelatin', 'gelatine', 'gelatine powder', 'gelatin granule'], comp: [13, 85.6, 0.1, 0, 0, 0, 1.3], cup: [150, 115, 170], possible: ['fish'] },
    'gelatine-leaf': { name: 'gelatine leaf', also: ['gelatin sheet', 'gelatine sheet', 'gelatin leaf', 'leaf gelatine', 'sheet gelatin'], comp: [13, 85.6, 0.1, 0, 0, 0, 1.3], each: [1.8, 1.6, 3], possible: ['fish'] },
    'agar': { name: 'agar powder', also: ['agar', 'agar-agar', 'agar agar', 'agar flake'], comp: [9, 6, 0.3, 0, 0, 81, 3.7], cup: [110, 80, 140] },
    'pectin': { name: 'pectin', also: ['fruit pectin', 'pectin powder'], comp: [9, 0.3, 0.3, 0, 45, 43, 2], cup: [140, 120, 160], acid: 5 },
    'konjac': { name: 'konjac flour', also: ['glucomannan', 'konjac powder', 'konjac'], comp: [10, 3, 0.2, 3, 1, 79, 3.5], cup: [150, 130, 170] },
    'inulin': { name: 'inulin', also: ['chicory root fibre', 'chicory fibre'], comp: [5, 0, 0, 0, 9, 85.7, 0.3], cup: [120, 100, 150] },
    'oat-fibre': { name: 'oat fibre', also: ['oat fiber'], comp: [7, 4, 1.5, 4, 0.5, 80, 3], allergens: ['oats'], cup: [90, 70, 110], gluten: 'check-label', grain: 'contains-grain-derivative' },
    'oat-bran': { name: 'oat bran', comp: [6.5, 17.3, 7, 45, 1.5, 20, 2.9], allergens: ['oats'], cup: [94, 80, 110], gluten: 'check-label', grain: 'grain', note: 'only from certified oats' },
    'apple-fibre': { name: 'apple fibre', also: ['apple fiber', 'citrus fibre', 'sugar beet fibre', 'bamboo fibre', 'apple pomace'], kinds: ['citrus fiber'], comp: [7, 6, 2, 6, 14, 62, 2], cup: [90, 70, 120] },
    'methylcellulose': { name: 'methylcellulose', also: ['hpmc', 'cellulose gum', 'carboxymethyl cellulose', 'hydroxypropyl methylcellulose', 'cmc', 'tylose'], comp: [4, 0, 0, 0, 0, 94.5, 1.5], cup: [100, 80, 130] },
    'egg-replacer': { name: 'egg replacer powder', also: ['egg replacer', 'egg substitute powder', 'vegan egg replacer', 'powdered egg replacer'], comp: [9, 1, 0.3, 78, 1, 3, 7.5], cup: [130, 110, 150], gluten: 'check-label', possible: ['wheat', 'egg', 'milk', 'soybeans'], note: 'mostly starch; some hold wheat gluten' },
  },
};
