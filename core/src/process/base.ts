import type { Catalogue } from '../catalogue';
import { ratiosOf, type Part } from '../read';
import type { FamilyId } from '../vocabulary';

/** Of what is rolled or pressed there is less egg and water than so many g for 100 g of flour. */
const MOST_EGG = 30;
const MOST_WATER = 45;
/** A base under something softer is rolled or pressed, whatever the bake is called: sweet ones are shortbread. */
const BASE = /\b(?:base|crust|bottom|shell|shortbread)\b/i;
const SWEET_BASE = 0.15;

/** What is called a pastry is one, while there is no more egg or water in it than a pastry has: choux has. */
const PASTRY = /\b(?:pastry|pie dough|pie crust|shortcrust)\b/i;
const MOST_PASTRY_WATER = 75;

/** What a part is that is called a base and is dry enough for one; null: it is none. */
export function baseKind({ name, lines }: Part, catalogue: Catalogue): FamilyId | null {
  const ratios = ratiosOf(lines, catalogue);
  if (name === null || !ratios) return null;
  if (PASTRY.test(name) && ratios.egg <= MOST_EGG && ratios.water <= MOST_PASTRY_WATER) return 'pastry';
  if (!BASE.test(name)) return null;
  if (ratios.egg > MOST_EGG || ratios.water > MOST_WATER) return null;
  return ratios.sugars > 100 * SWEET_BASE ? 'cut-out' : 'pastry';
}
