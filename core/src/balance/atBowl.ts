import { isOfBlend } from '../read';
import { thirstOf, type Catalogue } from '../catalogue';
import { drinkOf, thirstGrams, type FormulaLine } from '../formula';
import { flourGrams } from './flour';
import { heaviest } from './lines';

/** What to add at the bowl when it isn't as it should be: so much at a time, at most so much in all, g. */
export interface BowlDose {
  readonly name: string;
  readonly grams: number;
  readonly most: number;
}
export interface BowlDoses {
  readonly tooStiff: BowlDose | null;
  readonly tooLoose: BowlDose | null;
}

/** Doses at a time until the most. */
const DOSES = 3;
/** The most that is added at the bowl, g per 100 g flour: more than that is another recipe. Common practice. */
const MOST_PER_FLOUR = 15;
const WORTH_IT = 2;

/**
 * How much a batter may still want: its flours' thirst is known from low to high, and the wetter the wheat batter was, the more
 * of that doubt is worth meeting (min(1, R)², as for the shift in liquid). Example: a cake on 250 g of flours that drink 1.0
 * (0.85–1.2) → up to 38 g of liquid, 13 g at a time.
 */
export function dosesFor(
  original: readonly FormulaLine[],
  lines: readonly FormulaLine[],
  bySpoon: number,
  catalogue: Catalogue,
): BowlDoses {
  const flours = lines.filter(({ line }) => isOfBlend(line));
  const wheat = thirstGrams(original, catalogue);
  const flour = flourGrams(lines, catalogue);
  if (flours.length === 0 || wheat <= 0) return { tooStiff: null, tooLoose: null };
  const worth = Math.min(1, drinkOf(original, catalogue) / wheat) ** 2;
  const bound = (MOST_PER_FLOUR * flour) / 100;
  const sum = (of: (line: FormulaLine) => number) => flours.reduce((total, line) => total + of(line), 0);
  const span = (from: 0 | 1 | 2, to: 0 | 1 | 2) =>
    sum(({ ingredient, grams }) => {
      const thirst = thirstOf(catalogue, ingredient);
      return grams * (thirst[to] - thirst[from]);
    });
  const liquid = heaviest(lines.filter(({ role }) => role === 'liquid'));
  const dose = (name: string, most: number): BowlDose | null =>
    most < WORTH_IT ? null : { name, grams: most / DOSES, most };
  const meanThirst =
    sum(({ ingredient, grams }) => grams * thirstOf(catalogue, ingredient)[0]) / sum(({ grams }) => grams);
  return {
    tooStiff: dose(liquid?.name ?? 'water', Math.min(bound, bySpoon + worth * span(0, 2))),
    tooLoose: dose(heaviest(flours)!.name, Math.min(bound, (worth * span(1, 0)) / Math.max(0.5, meanThirst))),
  };
}
