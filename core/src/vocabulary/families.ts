/** The kinds of bake. Bands exist for all; a conversion only for those that `family/` covers. */
export const FAMILIES = [
  'drop-cookie',
  'cut-out',
  'crisp-wafer',
  'brownie',
  'creamed-cake',
  'foam',
  'loaf',
  'muffin',
  'scone',
  'pastry',
  'crumble',
  'pancake',
  'choux',
  'yeast-dough',
  'doughnut',
  'steamed-pudding',
  'mug-cake',
  'flourless',
] as const;
export type FamilyId = (typeof FAMILIES)[number];
