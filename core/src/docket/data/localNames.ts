import type { Locale } from '../../vocabulary';

/** What a shop calls a thing where the page comes from, and the table calls it otherwise. Common practice. */
const BRITISH: Readonly<Record<string, string>> = {
  'corn-starch': 'cornflour',
  'all-purpose-flour': 'plain flour',
  'baking-soda': 'bicarbonate of soda',
  'powdered-sugar': 'icing sugar',
  'powdered-sugar-grain-free': 'grain-free icing sugar',
  'black-treacle': 'treacle',
  'heavy-cream': 'double cream',
  'shortening': 'white vegetable fat',
  'flax-meal': 'ground linseed',
  'gf-pastry--case': 'gluten-free pastry case',
};

export const LOCAL_NAMES: Readonly<Record<Locale, Readonly<Record<string, string>>>> = {
  US: { 'sweet-rice-flour': 'sweet rice flour' },
  UK: BRITISH,
  AU: { ...BRITISH, 'heavy-cream': 'thickened cream' },
  metric: {},
};
