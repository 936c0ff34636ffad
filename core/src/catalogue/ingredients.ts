import { TABLES } from './data';
import { KIN } from './data/kin';
import { NO_BEHAVIOUR } from './behaviour';
import type { Behaviour, Composition, Ingredient, KinRow, Row, Table } from './types';
import { VARIANT_MARK } from './variants';

function composition([
  water = 0,
  protein = 0,
  fat = 0,
  starch = 0,
  sugars = 0,
  fibre = 0,
  ash = 0,
  ethanol = 0,
]: readonly number[]): Composition {
  return { water, protein, fat, starch, sugars, fibre, ash, ethanol };
}

function behaviourOf(row: Row): Behaviour {
  const { thirst, freeWater, binds, leads, does, flour } = { ...NO_BEHAVIOUR, ...row };
  return { thirst, freeWater, binds, leads, does, flour };
}

function fromRow(id: string, row: Row, table: Table): Ingredient {
  return {
    id,
    name: row.name,
    also: row.also ?? [],
    kinds: row.kinds ?? [],
    role: row.role ?? table.role,
    composition: composition(row.comp),
    acid: row.acid ?? 0,
    cup: { ...(row.cup ? { [table.style]: row.cup } : {}), ...row.styles },
    each: row.each,
    gluten: row.gluten ?? 'free',
    grain: row.grain ?? 'grain-free',
    allergens: row.allergens ?? [],
    possible: row.possible ?? [],
    note: row.note ?? '',
    madeOf: row.madeOf ?? [],
    ...behaviourOf(row),
    source: row.source ?? table.source,
    confidence: row.confidence ?? table.confidence,
  };
}

/** Kin of an entry: its figures, under names and classes of their own. */
const kinOf = (entry: Ingredient, kin: string, row: KinRow): Ingredient => ({
  ...entry,
  ...row,
  id: `${entry.id}${VARIANT_MARK}${kin}`,
  also: row.also ?? [],
  kinds: [],
});

const withKin = (entry: Ingredient): Ingredient[] => [
  entry,
  ...Object.entries(KIN[entry.id] ?? {}).map(([kin, row]) => kinOf(entry, kin, row)),
];

/** The ingredients of a table in its order; each entry's kin follow it. */
export const ingredientsOf = (table: Table): Ingredient[] =>
  Object.entries(table.rows).flatMap(([id, row]) => withKin(fromRow(id, row, table)));

/** Every ingredient the product ships with, in the order of its tables. */
export const INGREDIENTS: readonly Ingredient[] = TABLES.flatMap(ingredientsOf);
