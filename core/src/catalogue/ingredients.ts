import { TABLES } from './data';
import type { Composition, Ingredient, Row, Table } from './types';

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
    source: row.source ?? table.source,
    confidence: row.confidence ?? table.confidence,
  };
}

/** Every ingredient the product ships with, in the order of its tables. */
export const INGREDIENTS: readonly Ingredient[] = TABLES.flatMap((table) =>
  Object.entries(table.rows).map(([id, row]) => fromRow(id, row, table)),
);
