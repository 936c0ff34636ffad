export const RATIOS = ['water', 'fat', 'sugars', 'egg'] as const;
/** Water that the flour can drink, fat, sugar and egg, g per 100 g of flour. */
export type FamilyRatios = Readonly<Record<(typeof RATIOS)[number], number>>;
