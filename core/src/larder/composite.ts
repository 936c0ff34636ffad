import {
  getIngredient,
  NO_BEHAVIOUR,
  type Catalogue,
  type Component,
  type Composition,
  type Ingredient,
  type Triple,
} from '../catalogue';
import { cupOfBlend } from '../blend';
import { judgeLine } from '../guard';
import type { Line } from '../read';
import { FLOUR_ROLES, GLUTEN_CLASSES, GRAIN_CLASSES, type Avoidance, type Role } from '../vocabulary';

/** One weighed thing that a recipe or jar is made of. */
export interface Weighed {
  readonly ingredient: string;
  readonly grams: number;
}

const worst = <T extends string>(order: readonly T[], classes: readonly T[]): T =>
  classes.reduce<T>((sum, one) => (order.indexOf(one) > order.indexOf(sum) ? one : sum), order[0]!);
const union = <T>(lists: readonly (readonly T[])[]): T[] => [...new Set(lists.flat())];

/** Shares of the whole's weight, one a thing. */
function sharesOf(weighed: readonly Weighed[]): Component[] {
  const total = weighed.reduce((sum, { grams }) => sum + grams, 0);
  const byId = new Map<string, number>();
  for (const { ingredient, grams } of weighed)
    byId.set(ingredient, (byId.get(ingredient) ?? 0) + grams / total);
  return [...byId].map(([ingredient, share]) => ({ ingredient, share }));
}

function mix(madeOf: readonly Component[], catalogue: Catalogue): { composition: Composition; acid: number } {
  const parts = madeOf.map(({ ingredient, share }) => ({ one: getIngredient(catalogue, ingredient), share }));
  const of = (key: keyof Composition) =>
    parts.reduce((sum, { one, share }) => sum + share * one.composition[key], 0);
  return {
    composition: {
      water: of('water'),
      protein: of('protein'),
      fat: of('fat'),
      starch: of('starch'),
      sugars: of('sugars'),
      fibre: of('fibre'),
      ash: of('ash'),
      ethanol: of('ethanol'),
    },
    acid: parts.reduce((sum, { one, share }) => sum + share * one.acid, 0),
  };
}

const MOSTLY = 0.5;

/** What something made stands for in another list: a flour where it is mostly flour, else something stirred in. */
function roleOf(madeOf: readonly Component[], catalogue: Catalogue, jar: boolean): Role {
  const flour = madeOf
    .filter(({ ingredient }) => FLOUR_ROLES.has(getIngredient(catalogue, ingredient).role))
    .reduce((sum, { share }) => sum + share, 0);
  return jar && flour > MOSTLY ? 'gf-flour' : 'inclusion';
}

interface Made {
  readonly id: string;
  readonly name: string;
  readonly weighed: readonly Weighed[];
  /** Kept in a jar, dry; else a recipe that is made. */
  readonly jar: boolean;
  readonly note: string;
  /** Its lines where it has some: what can't be placed or weighed speaks through them. */
  readonly lines: readonly Line[];
}

/** A jar separates and settles: its cup varies by so much. Common practice. */
const SETTLES = 0.12;

function jarCup(weighed: readonly Weighed[], catalogue: Catalogue): Triple {
  const shares = Object.fromEntries(weighed.map(({ ingredient, grams }) => [ingredient, grams]));
  const cup = cupOfBlend(shares, catalogue);
  return [cup, cup * (1 - SETTLES), cup * (1 + SETTLES)];
}

/**
 * Something of the household's own as one ingredient: composition and acid by its shares, gluten, grain and allergens the
 * worst of its parts and of its lines. What is unknown in it makes it unknown.
 */
export function compositeOf({ id, name, weighed, jar, note, lines }: Made, catalogue: Catalogue): Ingredient {
  const madeOf = sharesOf(weighed);
  const parts = madeOf.map(({ ingredient }) => getIngredient(catalogue, ingredient));
  const judged = lines.map((line) => judgeLine(line, catalogue));
  const all = (
    pick: (one: { avoid: readonly Avoidance[]; maybe: readonly Avoidance[] }) => readonly Avoidance[],
  ) =>
    union([...parts.map((one) => pick({ avoid: one.allergens, maybe: one.possible })), ...judged.map(pick)]);
  const allergens = all(({ avoid }) => avoid);
  return {
    ...NO_BEHAVIOUR,
    id,
    name,
    also: [],
    kinds: [],
    role: roleOf(madeOf, catalogue, jar),
    ...mix(madeOf, catalogue),
    cup: jar ? { spooned: jarCup(weighed, catalogue) } : {},
    each: undefined,
    gluten: worst(GLUTEN_CLASSES, [...parts.map((one) => one.gluten), ...judged.map((one) => one.gluten)]),
    grain: worst(GRAIN_CLASSES, [...parts.map((one) => one.grain), ...judged.map((one) => one.grain)]),
    allergens,
    possible: all(({ maybe }) => maybe).filter((one) => !allergens.includes(one)),
    note,
    madeOf,
    source: 'the household’s own',
    confidence: 'derived',
  };
}
