import {
  getIngredient,
  INGREDIENTS,
  RECORD_SOURCES,
  thirstOf,
  type Catalogue,
  type Composition,
  type Triple,
} from '../catalogue';
import { familyOf } from '../family';
import {
  FAMILIES,
  MissingRowError,
  type Avoidance,
  type FamilyId,
  type FlourClass,
  type GlutenClass,
  type GrainClass,
  FAMILY_NAMES,
} from '../vocabulary';
import { hasTraits, propertiesOf, traitsOf } from './properties';
import { type PropertyVector } from './vector';
import { cupOf } from './cup';
import type { Gives } from './says';

/** Everything that is known of a flour, starch, fibre or gum, in words and numbers. */
export interface FlourPage {
  readonly id: string;
  readonly name: string;
  readonly class: FlourClass;
  readonly composition: Composition;
  readonly thirst: Triple;
  /** g in 100 g of flour; null where it holds next to no starch. */
  readonly amylose: number | null;
  readonly amylopectin: number | null;
  /** °C in water; null for what has no traits (gums, fibres). */
  readonly sets: readonly [low: number, high: number] | null;
  readonly properties: PropertyVector | null;
  readonly gives: readonly Gives[];
  readonly vice: string;
  readonly tastes: readonly string[];
  readonly weeks: readonly [cupboard: number, cold: number];
  readonly cupGrams: number;
  readonly standIns: readonly { readonly id: string; readonly name: string }[];
  readonly pairs: readonly { readonly id: string; readonly name: string }[];
  /** The most of it by family, where it is in a blend at all. */
  readonly limits: readonly { readonly family: FamilyId; readonly name: string; readonly most: number }[];
  /** Families whose reference blend has it. */
  readonly goodIn: readonly string[];
  readonly gluten: GlutenClass;
  readonly grain: GrainClass;
  readonly allergens: readonly Avoidance[];
  readonly possible: readonly Avoidance[];
  readonly note: string;
  readonly source: string;
}

/** Scores from which a flour is said to give something. */
const GIVES_FROM = 5;
const GIVES = ['hold', 'chew', 'snap', 'soft', 'body'] as const;
/** A flour that drinks so much more than wheat keeps a bake moist; one with so much fat makes it rich. */
const MOIST_FROM = 1.3;
const RICH_FROM = 20;

/** The product's own that have a page. */
export const FLOUR_PAGE_IDS: readonly string[] = INGREDIENTS.filter(({ flour }) => flour !== null).map(
  ({ id }) => id,
);

function givesOf(vector: PropertyVector | null): Gives[] {
  if (!vector) return [{ code: 'gives-binding', values: {} }];
  const scored = GIVES.filter((property) => vector[property] >= GIVES_FROM).sort(
    (a, b) => vector[b] - vector[a],
  );
  const codes: Gives['code'][] = [
    ...scored.map((property) => `gives-${property}` as const),
    ...(vector.thirst >= MOIST_FROM ? (['gives-moisture'] as const) : []),
    ...(vector.fat >= RICH_FROM ? (['gives-richness'] as const) : []),
  ];
  return codes.map((code) => ({ code, values: {} }));
}

const goodIn = (id: string): string[] =>
  FAMILIES.filter((family) => Object.values(familyOf(family).blends).some((shares) => shares[id])).map(
    (family) => FAMILY_NAMES[family],
  );

/** The page of a flour. Throws for what has no row of facts. */
export function flourPage(id: string, catalogue: Catalogue): FlourPage {
  const one = getIngredient(catalogue, id);
  const facts = one.flour;
  if (!facts) throw new MissingRowError('flours', id);
  const traits = hasTraits(id, catalogue) ? traitsOf(id, catalogue) : null;
  const vector = traits && propertiesOf(id, catalogue);
  const named = (ids: readonly string[]) =>
    ids.map((other) => ({ id: other, name: getIngredient(catalogue, other).name }));
  const amylose = facts.amylose === null ? null : (facts.amylose * one.composition.starch) / 100;
  const cap = traits?.class === 'wheat' ? 0 : (traits?.cap ?? 0);
  return {
    id,
    name: one.name,
    class: traits?.class ?? 'binder',
    composition: one.composition,
    thirst: thirstOf(catalogue, id),
    amylose,
    amylopectin: amylose === null ? null : one.composition.starch - amylose,
    sets: traits?.set ?? null,
    properties: vector,
    gives: givesOf(vector),
    vice: facts.vice,
    tastes: facts.tastes,
    weeks: facts.weeks,
    cupGrams: cupOf(id, catalogue),
    standIns: named(facts.standIns),
    pairs: named(facts.pairs),
    limits: FAMILIES.map((family) => ({
      family,
      name: FAMILY_NAMES[family],
      most: facts.most[family] ?? cap,
    })).filter(({ most }) => most > 0),
    goodIn: goodIn(id),
    gluten: one.gluten,
    grain: one.grain,
    allergens: one.allergens,
    possible: one.possible,
    note: one.note,
    source: RECORD_SOURCES.facts,
  };
}

/** What lists of flours show of each. */
export interface FlourSummary {
  readonly id: string;
  readonly name: string;
  readonly class: FlourClass;
  readonly gives: readonly Gives[];
}

export const flourSummaries = (catalogue: Catalogue): FlourSummary[] =>
  catalogue.all.flatMap(({ id, name, flour }): FlourSummary[] => {
    if (flour === null) return [];
    const traits = hasTraits(id, catalogue) ? traitsOf(id, catalogue) : null;
    const gives = givesOf(traits && propertiesOf(id, catalogue)).slice(0, 2);
    return [{ id, name, class: traits?.class ?? 'binder', gives }];
  });

/** Weeks that an opened bag keeps in the cupboard; a composite as long as its shortest part. Undefined for what isn't known. */
export function keepsWeeks(id: string, catalogue: Catalogue): number | undefined {
  const one = catalogue.byId.get(id);
  if (one?.flour) return one.flour.weeks[0];
  const parts = (one?.madeOf ?? []).flatMap(
    ({ ingredient }) => catalogue.byId.get(ingredient)?.flour?.weeks[0] ?? [],
  );
  return parts.length > 0 ? Math.min(...parts) : undefined;
}
