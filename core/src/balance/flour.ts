import { isOfBlend } from '../read';
import { blendGrams, cupOf, cupOfBlend, type Wheat } from '../blend';
import { getIngredient, thirstOf, unfold, type Catalogue } from '../catalogue';
import { massOf, type FormulaLine } from '../formula';
import { FLOUR_ROLES } from '../vocabulary';
import type { Setting } from './types';

const isWheatFlour = (id: string, catalogue: Catalogue) => {
  const one = getIngredient(catalogue, id);
  return one.role === 'wheat-flour' && one.gluten === 'contains';
};

/** The lines that are wheat flour, or another flour with gluten; composites among them. */
export const wheatLines = (lines: readonly FormulaLine[], catalogue: Catalogue): readonly FormulaLine[] =>
  lines.filter((line) => isWheatFlour(line.ingredient, catalogue));

/** Flour with gluten, without the leavening of a self-raising one, and the water that it holds: g. */
export function wheatOf(lines: readonly FormulaLine[], catalogue: Catalogue): Wheat {
  const flours = lines.flatMap(({ ingredient: whole, grams }) =>
    unfold(catalogue, whole).flatMap(({ ingredient, share }) =>
      isWheatFlour(ingredient, catalogue)
        ? [{ grams: grams * share, thirst: grams * share * thirstOf(catalogue, ingredient)[0] }]
        : [],
    ),
  );
  return flours.reduce((sum, one) => ({ grams: sum.grams + one.grams, thirst: sum.thirst + one.thirst }), {
    grams: 0,
    thirst: 0,
  });
}

/** As dark as this and as strong as this it is ground of the whole grain; semolina is yellow and mild. */
const WHOLE_GRAIN = { colour: 2.5, flavour: 2.5 };
const isWholeGrain = (id: string, catalogue: Catalogue): boolean => {
  const traits = getIngredient(catalogue, id).flour?.traits;
  return traits ? traits.colour >= WHOLE_GRAIN.colour && traits.flavour >= WHOLE_GRAIN.flavour : false;
};

/** The share of whole-grain flour (wholemeal, rye, spelt) in the flour with gluten of some lines, 0 to 1. */
export function wholeGrainShare(lines: readonly FormulaLine[], catalogue: Catalogue): number {
  const wheat = wheatLines(lines, catalogue);
  const whole = wheat.filter(({ ingredient }) => isWholeGrain(ingredient, catalogue));
  return wheat.length === 0 ? 0 : massOf(whole) / massOf(wheat);
}

export const wheatGrams = (lines: readonly FormulaLine[], catalogue: Catalogue): number =>
  wheatOf(lines, catalogue).grams;

/** How wheat is replaced: by which blend, which way, and how a jar is measured. */
type Replacing = Pick<Setting, 'blend' | 'route' | 'request' | 'catalogue'>;

/**
 * Grams of blend in the place of the wheat in some lines, by the route's rule; a jar by its own: weight for weight, or cup for
 * cup, when it weighs more.
 */
export function blendFor(
  lines: readonly FormulaLine[],
  { blend, route, request, catalogue }: Replacing,
): number {
  const wheat = wheatOf(lines, catalogue);
  const first = wheatLines(lines, catalogue)[0];
  if (first === undefined) return 0;
  const shares = Object.fromEntries(blend.shares.map(({ ingredient, share }) => [ingredient, share]));
  if (request.blend.jar !== null)
    return request.blend.jarBy === 'weight'
      ? wheat.grams
      : (wheat.grams * cupOfBlend(shares, catalogue)) / cupOf(first.ingredient, catalogue);
  return blendGrams(route, wheat, blend.properties.thirst);
}

/** Grams of all flours and starches, with gluten or without. A nut butter or cocoa that a blend is made of counts as its flour. */
export function flourGrams(lines: readonly FormulaLine[], catalogue: Catalogue): number {
  return lines.reduce(
    (sum, line) =>
      sum +
      unfold(catalogue, line.ingredient).reduce((own, { ingredient, share }) => {
        const { role } = getIngredient(catalogue, ingredient);
        const flour = FLOUR_ROLES.has(role) || isOfBlend(line.line);
        return own + (flour ? line.grams * share : 0);
      }, 0),
    0,
  );
}

/** Grams of pure starch among the flours. */
export function starchGrams(lines: readonly FormulaLine[], catalogue: Catalogue): number {
  return lines.reduce(
    (sum, line) =>
      sum +
      unfold(catalogue, line.ingredient).reduce(
        (own, { ingredient, share }) => own + (isPureStarch(ingredient, catalogue) ? line.grams * share : 0),
        0,
      ),
    0,
  );
}

const isPureStarch = (id: string, catalogue: Catalogue): boolean =>
  getIngredient(catalogue, id).role === 'starch';
