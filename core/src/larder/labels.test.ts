import { INGREDIENTS, makeCatalogue } from '../catalogue';
import type { BagOnHand } from '../kitchen';
import { labelsAtHome } from './labels';

const bag = (ingredient: string, more: Partial<BagOnHand['bag']> = {}, grams = 500): BagOnHand => ({
  id: `${ingredient}-${JSON.stringify(more)}`,
  grams,
  bag: {
    ingredient,
    note: '',
    packGrams: null,
    price: null,
    opened: null,
    bestBefore: null,
    certified: true,
    label: null,
    place: 'cupboard',
    ...more,
  },
});
const labels = (...bags: BagOnHand[]) => labelsAtHome(bags, [], makeCatalogue(INGREDIENTS));

describe('the labels at home', () => {
  it('speak for a flour only where all of its bags say so, since any of them may be opened', () => {
    expect(labels(bag('teff-flour'))).toMatchObject([{ ingredient: 'teff-flour', certified: true }]);
    expect(labels(bag('teff-flour'), bag('teff-flour', { certified: false }))).toEqual([]);
    const read = (without: readonly ('milk' | 'egg')[], on: string) =>
      bag('vegan-butter', { certified: false, label: { on, without } });
    expect(labels(read(['milk', 'egg'], '2026-06-20'), read(['milk'], '2026-06-10'))).toMatchObject([
      { without: ['milk'], on: '2026-06-10' },
    ]);
  });
  it('say nothing once the bag is empty', () => expect(labels(bag('teff-flour', {}, 0))).toEqual([]));
});
