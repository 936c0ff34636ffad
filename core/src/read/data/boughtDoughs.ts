import type { FamilyId } from '../../vocabulary';

/** What a dough that is bought makes of a bake without flour of its own. Common practice. */
export const BOUGHT_DOUGHS: Readonly<Record<string, FamilyId>> = {
  'puff-pastry': 'pastry',
  'shortcrust-pastry': 'pastry',
  'shortcrust-pastry--case': 'pastry',
  'filo-pastry': 'pastry',
  'gf-pastry': 'pastry',
  'gf-puff-pastry': 'pastry',
  'gf-filo-pastry': 'pastry',
};
