import type { FamilyId } from '../../vocabulary';

/** The most of a flour in one family, as a share, where it differs from the flour's usual cap. */
export const FAMILY_LIMITS: { readonly source: string; readonly confidence: 'common-practice'; readonly rows: Readonly<Partial<Record<FamilyId, Readonly<Record<string, number>>>>> } = {
  source: 'common practice', confidence: 'common-practice',
  rows: {
    // A sponge stands on its foam: what is heavy or oily lets it fall.
    'foam': { 'oat-flour': 0.2, 'teff-flour': 0.15, 'buckwheat-flour': 0.15, 'almond-flour': 0.25, 'coconut-flour': 0.08, 'chickpea-flour': 0.1, 'corn-starch': 0.4 },
    // A crust is rolled: what is coarse or drinks much cracks it.
    'pastry': { 'coconut-flour': 0.08, 'oat-flour': 0.25, 'millet-flour': 0.2 },
    'crisp-wafer': { 'sweet-rice-flour': 0.15, 'oat-flour': 0.2, 'corn-starch': 0.45 },
    'choux': { 'almond-flour': 0.1, 'coconut-flour': 0, 'oat-flour': 0.15 },
    'yeast-dough': { 'almond-flour': 0.2, 'coconut-flour': 0.08 },
    // Corn bread is a quick bread: the only place of coarse meal.
    'muffin': { 'cornmeal': 0.3 },
    'pancake': { 'cornmeal': 0.2 },
  },
};
