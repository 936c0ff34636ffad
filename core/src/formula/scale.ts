import type { Scale } from '../kitchen';
import { scaleRange, type Range } from '../quantity';
import type { Item, Line, Recipe } from '../read';

const times = (range: Range | null, factor: number): Range | null => range && scaleRange(range, factor);

const scaleItem = (item: Item, factor: number): Item => ({
  ...item,
  quantity: times(item.quantity, factor),
  grams: times(item.grams, factor),
  beside: times(item.beside, factor),
});

function scaleLine(line: Line, factor: number): Line {
  if (factor === 1 || line.kind !== 'ingredient') return line;
  return {
    ...line,
    items: line.items.map((item) => scaleItem(item, factor)),
  };
}

/** How much of one line is made: the batch's factor times its own. */
export const lineFactor = (scale: Scale | null, line: string): number =>
  (scale?.factor ?? 1) * (scale?.lines.find((one) => one.line === line)?.factor ?? 1);

/**
 * A recipe made larger or smaller: every amount by the batch's factor, single lines by a further one. Scaling by a and then
 * by b is scaling by ab. The words stay as they were written.
 */
export function scaleRecipe(recipe: Recipe, scale: Scale | null): Recipe {
  if (!scale || (scale.factor === 1 && scale.lines.length === 0)) return recipe;
  const { yields } = recipe;
  return {
    ...recipe,
    parts: recipe.parts.map((part) => ({
      ...part,
      lines: part.lines.map((line) => scaleLine(line, lineFactor(scale, line.id))),
    })),
    yields: yields && { ...yields, low: yields.low * scale.factor, high: yields.high * scale.factor },
  };
}

/** A piece of an egg left over by scaling, and what to do about it. */
export interface PartEgg {
  readonly line: string;
  /** Whole eggs (whites, yolks) to crack, the part one among them. */
  readonly crack: number;
  /** Whole ones that go in as they are. */
  readonly whole: number;
  /** Grams of the beaten last one. */
  readonly grams: number;
  /** About how many tablespoons that is. */
  readonly tablespoons: number;
}

const NEARLY_WHOLE = 0.06;
/** A US tablespoon of beaten egg weighs about so much. Common practice: an extra large egg is a quarter cup. */
const EGG_TABLESPOON_G = 15.2;

/** Eggs that a scaled recipe can't take whole: beat one and weigh off the part. */
export function partEggs(recipe: Recipe): PartEgg[] {
  return recipe.parts.flatMap(({ lines }) =>
    lines.flatMap(({ id, items }) =>
      items.flatMap(({ role, quantity, unit, grams, alternative }): PartEgg[] => {
        if (role !== 'egg' || unit !== null || !quantity || !grams || alternative) return [];
        const eggs = quantity.central;
        const whole = Math.floor(eggs + NEARLY_WHOLE);
        const part = eggs - whole;
        if (part <= NEARLY_WHOLE) return [];
        const partGrams = (grams.central / eggs) * part;
        return [
          { line: id, crack: whole + 1, whole, grams: partGrams, tablespoons: partGrams / EGG_TABLESPOON_G },
        ];
      }),
    ),
  );
}
