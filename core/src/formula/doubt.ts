import type { Line, Recipe } from '../read';
import { ingredientLines } from '../read';
import { FLOUR_ROLES } from '../vocabulary';

/** Less doubt than this share of the flour isn't worth a scale. */
const WORTH_IT = 0.02;

/** The line to put on the scale first. */
export interface WeighThis {
  readonly line: string;
  readonly ingredient: string;
  readonly name: string;
  /** Its share (0–1) of the variance of the flour's weight. */
  readonly share: number;
  /** Half the doubt about all flour, as a share of its weight. */
  readonly doubt: number;
}

const flourItems = (line: Line) =>
  line.aside
    ? []
    : line.items.filter(
        ({ role, grams, alternative, aside }) =>
          FLOUR_ROLES.has(role) && grams !== null && !alternative && !aside,
      );

/**
 * The line that contributes most to the doubt about the flour: variances (half-width squared) added up by ingredient, since
 * two cups of one bag err together. Null where the flour is weighed, or its doubt is too small to matter.
 */
export function weighThis(recipe: Recipe): WeighThis | null {
  const lines = ingredientLines(recipe);
  const byBag = new Map<string, { line: string; name: string; widest: number; half: number }>();
  let flour = 0;
  for (const line of lines)
    for (const { ingredient, name, grams } of flourItems(line)) {
      if (ingredient === null || !grams) continue;
      flour += grams.central;
      const half = (grams.high - grams.low) / 2;
      const known = byBag.get(ingredient);
      const widest = half > (known?.widest ?? -1);
      byBag.set(ingredient, {
        line: widest ? line.id : known!.line,
        name,
        widest: Math.max(half, known?.widest ?? 0),
        half: half + (known?.half ?? 0),
      });
    }
  const variance = [...byBag.values()].reduce((sum, { half }) => sum + half ** 2, 0);
  const doubt = flour > 0 ? Math.sqrt(variance) / flour : 0;
  if (doubt < WORTH_IT) return null;
  const [ingredient, most] = [...byBag].reduce((a, b) => (b[1].half > a[1].half ? b : a));
  return { line: most.line, ingredient, name: most.name, share: most.half ** 2 / variance, doubt };
}
