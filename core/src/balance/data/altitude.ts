/** What is changed at a height, as shares: less powder, less sugar, more liquid; and a hotter oven. */
export interface AltitudeRow {
  readonly metres: number;
  readonly powder: number;
  readonly sugar: number;
  readonly liquid: number;
  /** How much hotter the oven is set, °C: the crumb is to set before the gas, which expands more, has torn it. */
  readonly oven: number;
}

/**
 * US extension-service table for high-altitude baking (Colorado State University Extension), mid-points, from memory: at 3,500, 5,000
 * and 7,000 ft powder less by ⅛, ⅛–¼ and ¼ tsp a tsp; sugar less by 0–1, 0–2 and 1–3 tbsp a cup; liquid more by 1–2, 2–4 and 3–4 tbsp a cup; the oven 15 to 25 °F hotter above 3,500 ft.
 */
export const ALTITUDE: { readonly source: string; readonly confidence: 'from-memory'; readonly rows: readonly AltitudeRow[] } = {
  source: 'US extension service, high-altitude baking table, from memory', confidence: 'from-memory',
  rows: [
    { metres: 600, powder: 0, sugar: 0, liquid: 0, oven: 0 },
    { metres: 1067, powder: 0.125, sugar: 0.03, liquid: 0.09, oven: 8 },
    { metres: 1524, powder: 0.19, sugar: 0.06, liquid: 0.19, oven: 11 },
    { metres: 2134, powder: 0.25, sugar: 0.125, liquid: 0.22, oven: 14 },
  ],
};
