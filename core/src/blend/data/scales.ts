/** Deviation scales: a deviation of so much counts as one. Price against that of fine rice flour. */
export const SCALES = { starch: 0.2, score: 1.5, flavour: 1, colour: 2, grit: 0.8, fat: 6, thirst: 0.2, price: 0.35 } as const;
/** Doubt in the properties as a ridge λΣx², λ = 0.3²: keeps near-twin starches from trading places. */
export const RIDGE = 0.09;
/** A used flour has at least this share: less isn't worth opening the bag. */
export const LEAST_SHARE = 0.05;
/** What a flour's page sets it beside. */
export const BESIDE_WHEAT = 'all-purpose-flour';
/** What prices are told against: fine white rice flour. */
export const PRICE_UNIT = 'white-rice-flour';
