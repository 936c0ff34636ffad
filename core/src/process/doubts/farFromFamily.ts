import type { Catalogue } from '../../catalogue';
import { compareRatios, makeDoubt, type FamilyRatios, type Finding, type Line } from '../../read';
import type { Role } from '../../vocabulary';
import { FAR_FROM_FAMILY, FOUND_SOMEWHERE } from '../data/farFromFamily';
import type { FamilyGuess } from '../types';

const NAMES: Readonly<Record<keyof FamilyRatios, string>> = {
  water: 'water',
  fat: 'fat',
  sugars: 'sugar',
  egg: 'egg',
};
/** What brings each as its own: the cream that fills and the fruit on top are no slip of the pen. */
const BRINGS: Readonly<Record<keyof FamilyRatios, readonly Role[]>> = {
  water: ['liquid'],
  fat: ['fat'],
  sugars: ['sugar'],
  egg: ['egg'],
};
/** Most of it isn't there when it comes to the flour. */
const BOILED_DOWN = /\b(?:boil(?:ed)? down|reduced?)\b/i;
/** Of what there is of it so much comes with one line. */
const MOST_OF_IT = 0.5;

/**
 * Fat, sugar, water or egg that are far above what the family has, and above what any bake has: the line that brings most of it is
 * asked about. `lines`: of the part with the flour.
 */
export function farFromFamily(
  lines: readonly Line[],
  { id, ratios }: FamilyGuess,
  catalogue: Catalogue,
): Finding[] {
  // Where flour only dusts or binds, a ratio to it says nothing.
  if (!ratios || id === 'flourless') return [];
  return compareRatios(lines, id, ratios, catalogue).flatMap(({ what, has, usual, line, share }) => {
    const most = Math.max(FAR_FROM_FAMILY * usual, FOUND_SOMEWHERE[what]);
    if (!line || has <= most || share < MOST_OF_IT || BOILED_DOWN.test(line.source)) return [];
    if (!line.items.some(({ role }) => BRINGS[what].includes(role))) return [];
    return [
      makeDoubt('far-from-family', line, {
        asks: `With it the ${NAMES[what]} is ${Math.round(has)} g on 100 g of flour; a bake of this kind has about ${Math.round(usual)}. Is the amount right?`,
      }),
    ];
  });
}
