export const DIETS = ['gluten-free', 'grain-free'] as const;
export type Diet = (typeof DIETS)[number];

/** How the bake is held together without gluten. */
export const BINDER_SCHOOLS = ['gum', 'husk', 'egg-led'] as const;
export type BinderSchool = (typeof BINDER_SCHOOLS)[number];

/** The ways from wheat to a blend. */
export const ROUTES = ['grain-blend', 'almond-led', 'cassava-led'] as const;
export type RouteId = (typeof ROUTES)[number];

/** What a bake is judged by, each from 1 to 9. */
export const SCORES = ['rise', 'crumb', 'moist', 'taste'] as const;
export type Score = (typeof SCORES)[number];

export const LOCALES = ['US', 'UK', 'AU', 'metric'] as const;
export type Locale = (typeof LOCALES)[number];

/** Tins by their floor; `tray` holds pieces that stand free. */
export const PAN_SHAPES = ['round', 'square', 'rect', 'loaf', 'ring', 'muffin', 'tray'] as const;
export type PanShape = (typeof PAN_SHAPES)[number];
