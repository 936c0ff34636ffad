import type { FamilyId } from '../../vocabulary';

/** How a bake is served: warm from its tin, or when Heat says that its middle is cold enough to cut; and hours from the oven at which it is still itself. */
export const SERVED: Readonly<Record<FamilyId, { readonly fit: 'warm' | 'cold'; readonly keepsHours: number }>> = {
  // Common practice; no source. What keeps longer may be baked on the day before.
  'drop-cookie': { fit: 'cold', keepsHours: 72 },
  'cut-out': { fit: 'cold', keepsHours: 72 },
  'crisp-wafer': { fit: 'cold', keepsHours: 72 },
  'brownie': { fit: 'cold', keepsHours: 60 },
  'creamed-cake': { fit: 'cold', keepsHours: 36 },
  'foam': { fit: 'cold', keepsHours: 24 },
  'loaf': { fit: 'cold', keepsHours: 48 },
  'muffin': { fit: 'cold', keepsHours: 30 },
  'scone': { fit: 'warm', keepsHours: 6 },
  'pastry': { fit: 'cold', keepsHours: 24 },
  'crumble': { fit: 'warm', keepsHours: 6 },
  'pancake': { fit: 'warm', keepsHours: 1 },
  'choux': { fit: 'cold', keepsHours: 8 },
  'yeast-dough': { fit: 'cold', keepsHours: 12 },
  'doughnut': { fit: 'warm', keepsHours: 6 },
  'steamed-pudding': { fit: 'warm', keepsHours: 3 },
  'mug-cake': { fit: 'warm', keepsHours: 0.5 },
  'flourless': { fit: 'cold', keepsHours: 36 },
};
/** To be cold enough to cut, minutes, where nothing was simulated. Common practice. */
export const COLD_MINUTES = 60;
