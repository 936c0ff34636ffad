import { getIngredient, unfold, type Catalogue } from '../catalogue';
import type { JarPart } from '../kitchen';
import { ALLERGENS, GLUTEN_CLASSES, type Avoidance, type GlutenClass } from '../vocabulary';
import { cupOfBlend } from './cup';

/** What a bag still holds. */
export interface BagLeft {
  readonly bag: string;
  readonly ingredient: string;
  readonly grams: number;
}

/** Grams of one flour for a jar, what of it comes from which bag, and what is missing. */
export interface JarLine {
  readonly ingredient: string;
  readonly name: string;
  readonly grams: number;
  readonly from: readonly { readonly bag: string; readonly grams: number; readonly empties: boolean }[];
  readonly missing: number;
}

export interface JarMix {
  readonly grams: number;
  readonly lines: readonly JarLine[];
  /** Bags that are used to the last gram. */
  readonly emptied: number;
}

/** A jar may come out this much larger or smaller when it empties bags. Common practice. */
const NEAR = 0.2;
const SAME_GRAM = 0.5;

/** Takes the smallest bags first, so that bags are finished before others are opened. */
export function takeFrom(grams: number, bags: readonly BagLeft[]): Pick<JarLine, 'from' | 'missing'> {
  let left = grams;
  const from: { bag: string; grams: number; empties: boolean }[] = [];
  for (const one of [...bags].sort((a, b) => a.grams - b.grams || (a.bag < b.bag ? -1 : 1))) {
    if (left < SAME_GRAM) break;
    const taken = Math.min(left, one.grams);
    if (taken <= 0) continue;
    from.push({ bag: one.bag, grams: taken, empties: one.grams - taken < SAME_GRAM });
    left -= taken;
  }
  return { from, missing: left < SAME_GRAM ? 0 : left };
}

/** Grams by flour for a jar of so many grams, and from which bags. Shares in any unit. */
export function mixJar(
  madeOf: readonly JarPart[],
  grams: number,
  bags: readonly BagLeft[],
  catalogue: Catalogue,
): JarMix {
  const total = madeOf.reduce((sum, { share }) => sum + share, 0);
  const lines = madeOf.map(({ ingredient, share }): JarLine => {
    const own = (grams * share) / total;
    return {
      ingredient,
      name: getIngredient(catalogue, ingredient).name,
      grams: own,
      ...takeFrom(
        own,
        bags.filter((bag) => bag.ingredient === ingredient),
      ),
    };
  });
  return {
    grams,
    lines,
    emptied: lines.flatMap(({ from }) => from).filter(({ empties }) => empties).length,
  };
}

/**
 * The size near the wanted one that empties most bags without needing more than there is: the sizes at which some bags of a
 * flour run out to the last gram are the only ones worth trying. Null where none empties more than the wanted size does.
 * Example: 40 % rice and a bag of 500 g: 1.25 kg empties it, where 1.2 kg would leave 20 g.
 */
export function wholeBags(
  madeOf: readonly JarPart[],
  wanted: number,
  bags: readonly BagLeft[],
  catalogue: Catalogue,
): JarMix | null {
  const total = madeOf.reduce((sum, { share }) => sum + share, 0);
  const sizes = madeOf.flatMap(({ ingredient, share }) => {
    const own = bags
      .filter((bag) => bag.ingredient === ingredient && bag.grams > 0)
      .sort((a, b) => a.grams - b.grams);
    return own.map((_, at) => {
      const whole = own.slice(0, at + 1).reduce((sum, { grams }) => sum + grams, 0);
      return (whole * total) / share;
    });
  });
  const tried = sizes
    .filter((size) => Math.abs(size - wanted) <= NEAR * wanted)
    .map((size) => mixJar(madeOf, size, bags, catalogue))
    .filter(({ lines }) => lines.every(({ missing }) => missing === 0));
  const plain = mixJar(madeOf, wanted, bags, catalogue);
  const best = [...tried].sort(
    (a, b) => b.emptied - a.emptied || Math.abs(a.grams - wanted) - Math.abs(b.grams - wanted),
  )[0];
  return best && best.emptied > plain.emptied ? best : null;
}

/** What stands on a jar. */
export interface JarLabel {
  readonly name: string;
  readonly contents: readonly { readonly name: string; readonly percent: number }[];
  /** Allergens of the US and EU lists, and what else some people avoid. */
  readonly contains: readonly Avoidance[];
  readonly alsoHolds: readonly Avoidance[];
  readonly mayContain: readonly Avoidance[];
  readonly gluten: GlutenClass;
  /** Grams in a US cup of this blend, stirred and spooned. */
  readonly cupGrams: number;
}

/** The label of a jar: contents in falling order, allergens of its parts, and what a cup of it weighs. */
export function jarLabel(name: string, madeOf: readonly JarPart[], catalogue: Catalogue): JarLabel {
  const total = madeOf.reduce((sum, { share }) => sum + share, 0);
  const parts = [...madeOf].sort((a, b) => b.share - a.share);
  const all = parts.flatMap(({ ingredient }) => [
    getIngredient(catalogue, ingredient),
    ...unfold(catalogue, ingredient).map((part) => getIngredient(catalogue, part.ingredient)),
  ]);
  const holds = [...new Set(all.flatMap(({ allergens }) => allergens))];
  const listed = (one: Avoidance) => ALLERGENS.some((each) => each === one);
  return {
    name,
    contents: parts.map(({ ingredient, share }) => ({
      name: getIngredient(catalogue, ingredient).name,
      percent: Math.round((1000 * share) / total) / 10,
    })),
    contains: holds.filter(listed),
    alsoHolds: holds.filter((one) => !listed(one)),
    mayContain: [...new Set(all.flatMap(({ possible }) => possible))].filter((one) => !holds.includes(one)),
    gluten: all.reduce<GlutenClass>(
      (worst, { gluten }) =>
        GLUTEN_CLASSES.indexOf(gluten) > GLUTEN_CLASSES.indexOf(worst) ? gluten : worst,
      'free',
    ),
    cupGrams: cupOfBlend(
      Object.fromEntries(madeOf.map(({ ingredient, share }) => [ingredient, share])),
      catalogue,
    ),
  };
}
