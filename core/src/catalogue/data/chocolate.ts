import type { Table } from '../types';
import { DRY } from './flourRecord';

/** Chocolate and cocoa. g per 100 g: water, protein, fat, starch, sugars, fibre, ash. Natural cocoa holds about 15 mmol H⁺. */
export const chocolate: Table = {
  role: 'chocolate-cocoa', style: 'level',
  source: 'USDA SR Legacy; cup weights: common practice', confidence: 'from-memory',
  rows: {
    'cocoa': { name: 'cocoa powder', also: ['cocoa', 'unsweetened cocoa powder', 'natural cocoa powder', 'cacao powder', 'unsweetened cocoa', 'cacao', 'natural cocoa', 'natural unsweetened cocoa powder'], comp: [3, 19.6, 13.7, 22.9, 1.8, 33.2, 5.8], acid: 15, cup: [85, 75, 118],
      thirst: [1.6, 1.3, 2], does: ['hides soda'],
      flour: { traits: { class: 'nut', scores: [2, 2, 3, 4, 6], flavour: 9, colour: 9.5, grit: 1, cap: 0, tau: 6, set: [65, 80] },
        amylose: null, tastes: ['chocolate', 'bitter'], vice: 'bitter and drying', weeks: DRY, price: 4,
        standIns: ['black-bean-flour'], pairs: ['almond-butter', 'potato-starch'], most: {}, usual: false, like: null } },
    'dutch-cocoa': { name: 'alkalised cocoa powder', also: ['dutch-process cocoa', 'dutch-processed cocoa powder', 'dutch process cocoa powder', 'alkalised cocoa', 'dutch cocoa', 'dutch-process cocoa powder', 'black cocoa', 'black cocoa powder', 'dark cocoa powder', 'cocoa powder alkalised'], comp: [3, 18.1, 13.1, 22.6, 1.7, 31, 10.5], acid: 0, cup: [85, 75, 118], thirst: [1.6, 1.3, 2], does: ['hides soda'] },
    'drinking-chocolate': { name: 'drinking chocolate', also: ['hot chocolate powder', 'hot chocolate mix', 'hot cocoa mix', 'sweetened cocoa powder', 'chocolate powder', 'instant hot chocolate'], comp: [1.5, 6, 5, 10, 70, 5, 2], cup: [120, 100, 145], gluten: 'check-label', possible: ['milk', 'soybeans', 'wheat'], note: 'some are malted' },
    'dark-chocolate': { name: 'dark chocolate', also: ['chocolate', 'bittersweet chocolate', 'semisweet chocolate', 'plain chocolate', 'couverture', 'chocolate chopped', 'baking chocolate', 'chocolate shaving', 'dark chocolate bar', 'cooking chocolate', 'vegan chocolate'], comp: [1, 6.5, 36, 4, 42, 8.5, 1.9], cup: [170, 155, 182], gluten: 'check-label', possible: ['milk', 'soybeans', 'wheat', 'tree nuts', 'peanuts'], note: 'the recipe has no gluten; the factory may', thirst: [0.24, 0.18, 0.3] },
    'chocolate-chips': { name: 'chocolate chips', also: ['chocolate chip', 'dark chocolate chip', 'semisweet chocolate chip', 'chocolate chunk', 'semi-sweet chocolate chip', 'bittersweet chocolate chip', 'chocolate drop', 'mini chocolate chip', 'dairy-free chocolate chip'], comp: [1, 6.5, 36, 4, 42, 8.5, 1.9], cup: [170, 155, 182], gluten: 'check-label', possible: ['milk', 'soybeans', 'wheat', 'tree nuts', 'peanuts'], note: 'stays whole: it drinks nothing; the factory may bring gluten' },
    'unsweetened-chocolate': { name: 'unsweetened chocolate', also: ['bitter chocolate', 'cacao paste', '100% chocolate', 'chocolate unsweetened'], comp: [1.3, 14.3, 52.3, 11.4, 0.9, 16.6, 3.2], cup: [170, 150, 180], gluten: 'check-label', possible: ['milk', 'soybeans'], thirst: [0.7, 0.5, 0.9] },
    'milk-chocolate': { name: 'milk chocolate', also: ['milk chocolate chip', 'milk chocolate chunk', 'chocolate milk'], comp: [1.5, 7.7, 29.7, 3, 51.5, 3.4, 1.8], cup: [170, 155, 180], gluten: 'check-label', allergens: ['milk'], possible: ['soybeans', 'wheat', 'tree nuts', 'peanuts'], thirst: [0.06, 0.03, 0.1] },
    'white-chocolate': { name: 'white chocolate chips', also: ['white chocolate', 'white chocolate chip', 'white chocolate chunk', 'white chip'], comp: [1.3, 5.9, 32.1, 0, 59, 0.2, 1.4], cup: [170, 156, 182], gluten: 'check-label', allergens: ['milk'], possible: ['soybeans', 'wheat', 'tree nuts'] },
    'dark-chocolate-extra': { name: 'extra-dark chocolate', also: ['70% chocolate', '85% chocolate', '80% chocolate', '75% chocolate', '70% dark chocolate', '85% dark chocolate', '80% dark chocolate', '75% dark chocolate', 'dark chocolate 70%', 'dark chocolate 85%', 'dark chocolate 80%', 'dark chocolate 75%', 'dark chocolate 72%', '72% chocolate'], comp: [1.3, 8, 42.6, 9, 25.5, 11, 2.4], cup: [170, 150, 182], gluten: 'check-label', possible: ['milk', 'soybeans', 'tree nuts', 'wheat'], thirst: [0.25, 0.15, 0.4] },
    'carob': { name: 'carob powder', also: ['carob', 'carob flour'], comp: [3.6, 4.6, 0.7, 0, 49.1, 39.8, 2.3], cup: [103, 90, 118], thirst: [1.3, 1, 1.7], does: ['hides soda'] },
    'carob-chips': { name: 'carob chips', also: ['carob chip', 'carob drop'], comp: [2, 8, 31, 8, 44, 4, 2.5], cup: [170, 155, 182], gluten: 'check-label', possible: ['milk', 'soybeans', 'wheat'] },
  },
};
