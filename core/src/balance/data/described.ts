import type { Tilt } from '../../kitchen';
import type { Aim } from '../../vocabulary';

/** What a bake may be meant to be in words, instead of like its wheat original: wishes for its blend, and how its balances lean. */
export interface Described {
  readonly id: string;
  readonly name: string;
  readonly aims: readonly Aim[];
  readonly tilt: Tilt;
}

/** Starting points of common practice, to be put right by hand: crispness is less water and more crystalline sugar, chew is the other way. */
export const DESCRIBED: { readonly source: string; readonly confidence: 'common-practice'; readonly rows: readonly Described[] } = {
  source: 'common practice', confidence: 'common-practice',
  rows: [
    { id: 'like-wheat', name: 'the wheat original', aims: [], tilt: { drink: 1, binder: 1, sugar: 1, fat: 1 } },
    { id: 'crisp-through', name: 'crisp right through', aims: ['crisp'], tilt: { drink: 0.85, binder: 0.8, sugar: 1.1, fat: 1 } },
    { id: 'soft-chewy', name: 'soft and chewy', aims: ['chew'], tilt: { drink: 1.1, binder: 1.2, sugar: 1, fat: 1 } },
    { id: 'thin', name: 'thin', aims: ['crisp'], tilt: { drink: 1.05, binder: 0.7, sugar: 1.1, fat: 1.1 } },
    { id: 'dry-short', name: 'dry and short', aims: ['tender'], tilt: { drink: 0.85, binder: 0.8, sugar: 1, fat: 1.1 } },
  ],
};
