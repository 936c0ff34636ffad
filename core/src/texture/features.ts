import { binderGrams, eggLines, flourGrams, starchGrams, wheatLines } from '../balance';
import { hasTraits, mixVectors, propertiesOf } from '../blend';
import { doesIt, getIngredient, type Catalogue } from '../catalogue';
import { compositionOf, drinkOf, liftLedger, massOf, thirstGrams, type FormulaLine } from '../formula';
import type { Feature } from './data/terms';

export type Features = Readonly<Record<Feature, number>>;

const LONGEST_CHILL = 24;

/** What of some lines bears on texture, in the units of `FEATURES`. Example: 100 g butter in 400 g of dough → fat 20. */
export function featuresOf(
  lines: readonly FormulaLine[],
  chillHours: number,
  catalogue: Catalogue,
): Features {
  const mass = Math.max(1, massOf(lines));
  const flour = Math.max(1, flourGrams(lines, catalogue));
  const thirst = thirstGrams(lines, catalogue);
  const per100 = (some: readonly FormulaLine[]) => (100 * massOf(some)) / mass;
  const invert = (line: FormulaLine) =>
    line.role === 'syrup' || doesIt(getIngredient(catalogue, line.ingredient), 'keeps soft');
  const flours = mixVectors(
    lines
      .filter(({ ingredient }) => hasTraits(ingredient, catalogue))
      .map(({ ingredient, grams }) => ({ share: grams, vector: propertiesOf(ingredient, catalogue) })),
  );
  return {
    white: per100(lines.filter((line) => line.role === 'sugar' && !invert(line))),
    invert: per100(lines.filter(invert)),
    fat: (100 * compositionOf(lines, catalogue).fat) / mass,
    egg: per100(eggLines(lines, catalogue)),
    wet: thirst > 0 ? drinkOf(lines, catalogue) / thirst : 0,
    starch: starchGrams(lines, catalogue) / flour,
    lift: (100 * liftLedger(lines, catalogue).released) / mass,
    gum: (100 * binderGrams(lines, catalogue)) / flour,
    gluten: (100 * compositionOf(wheatLines(lines, catalogue), catalogue).protein) / mass,
    chew: flours.chew,
    snap: flours.snap,
    soft: flours.soft,
    grit: flours.grit,
    chill: Math.min(LONGEST_CHILL, chillHours),
  };
}
