import { formatISO, subDays } from 'date-fns';
import type { BagDto } from '@omniarton/contracts';
import { JAR } from './people';

interface DemoBag {
  readonly bag: BagDto;
  readonly grams: number;
}

/** What stands in the hall's cupboard, all of it invented: `[ingredient, note, grams, pack, price, opened days ago, certified, cold]`. */
const ROWS: readonly (readonly [string, string, number, number | null, number | null, number, boolean, boolean])[] = [
  ['white-rice-flour', 'fine, the tall tin', 840, 1000, 2.6, 20, true, false],
  ['brown-rice-flour', 'mill by the lock', 310, 500, 2.1, 60, true, false],
  ['sweet-rice-flour', 'the small sack', 420, 500, 2.4, 45, true, false],
  ['sorghum-flour', 'paper bag', 260, 500, 2.2, 75, true, false],
  ['tapioca-starch', 'jar with the cork', 690, 1000, 3.1, 120, true, false],
  ['potato-starch', 'second shelf', 90, 500, 1.5, 200, true, false],
  ['corn-starch', 'the old tub', 350, 500, 1.1, 300, false, false],
  ['almond-flour', 'from the fair', 480, 500, 6.4, 40, true, false],
  ['cassava-flour', 'gift of the rowing four', 500, 500, 4.2, 10, true, false],
  ['coconut-flour', 'half a bag', 180, 500, 3.2, 30, true, true],
  ['teff-flour', 'nearly gone', 60, 400, 4.5, 80, true, false],
  ['xanthan-gum', 'the little pot', 38, 100, 5.2, 150, true, false],
  [JAR.ingredient, 'batch of last week', 640, null, null, 7, true, false],
];

/** The demo's bags as of some day, so that what is going stale is going stale whenever it is looked at. */
export const demoBags = (today: Date): DemoBag[] =>
  ROWS.map(([ingredient, note, grams, packGrams, price, ago, certified, cold]) => ({
    grams,
    bag: {
      schema: 2,
      ingredient,
      note,
      packGrams,
      price,
      opened: formatISO(subDays(today, ago), { representation: 'date' }),
      bestBefore: null,
      certified,
      label: null,
      place: cold ? 'cold' : 'cupboard',
    },
  }));
