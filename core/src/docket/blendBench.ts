import { wheatOf, wheatLines } from '../balance';
import {
  benchFlours,
  mixVectors,
  oneMoreBag,
  propertiesOf,
  routeFor,
  routesFor,
  schoolOf,
  type Asked,
  type BenchFlours,
  type MoreBag,
  type PropertyVector,
  type RouteBarred,
  type SchoolAnswer,
  type SchoolPick,
  type Wheat,
} from '../blend';
import type { ConversionRequest, Kitchen } from '../kitchen';
import type { Steps } from '../quantity';
import type { Recipe } from '../read';
import type { RouteId } from '../vocabulary';
import { workOf } from './plan';

/** What the blend bench shows of a bake beside its docket. */
export interface BlendBench extends BenchFlours {
  readonly route: RouteId;
  readonly routes: readonly {
    readonly route: RouteId;
    readonly name: string;
    readonly barred: RouteBarred | null;
  }[];
  readonly wheat: Wheat & { readonly properties: PropertyVector; readonly name: string };
}

/** What is asked of a blend for this recipe; null where there is no wheat to replace. */
function askedOf(recipe: Recipe, request: ConversionRequest, kitchen: Kitchen) {
  const work = workOf(recipe, request, kitchen);
  const lines = work.parts.flatMap((part) => part.lines);
  const wheat = wheatOf(lines, work.catalogue);
  if (wheat.grams <= 0) return null;
  const { family } = work;
  const asked: Asked = {
    family,
    route: routeFor(work.request, family, work.catalogue),
    request: work.request,
    kitchen: work.kitchen,
    wheat,
  };
  return { asked, wheat, flours: wheatLines(lines, work.catalogue), catalogue: work.catalogue };
}

/** Lays the blend bench for a recipe; null where no wheat flour is to be replaced. */
export function blendBench(
  recipe: Recipe,
  request: ConversionRequest,
  kitchen: Kitchen,
  inBlend: readonly string[],
): BlendBench | null {
  const found = askedOf(recipe, request, kitchen);
  if (!found) return null;
  const { asked, wheat, flours, catalogue } = found;
  const properties = mixVectors(
    flours.map(({ ingredient, grams }) => ({ share: grams, vector: propertiesOf(ingredient, catalogue) })),
  );
  const names = [...new Set(flours.map(({ name }) => name))];
  return {
    ...benchFlours(asked, inBlend),
    route: asked.route,
    routes: routesFor(asked),
    wheat: { ...wheat, properties, name: names.join(' and ') },
  };
}

/** Up to four schools side by side for a recipe; empty where no wheat flour is to be replaced. */
export function* schoolsFor(
  recipe: Recipe,
  request: ConversionRequest,
  kitchen: Kitchen,
  picks: readonly SchoolPick[],
): Steps<readonly SchoolAnswer[]> {
  const found = askedOf(recipe, request, kitchen);
  if (!found) return [];
  const answers: SchoolAnswer[] = [];
  for (const pick of picks) answers.push(yield* schoolOf(pick, found.asked));
  return answers;
}

/** What one more bag would buy this recipe's blend. */
export function* moreBagFor(
  recipe: Recipe,
  request: ConversionRequest,
  kitchen: Kitchen,
): Steps<MoreBag | null> {
  const found = askedOf(recipe, request, kitchen);
  return found ? yield* oneMoreBag(found.asked) : null;
}
