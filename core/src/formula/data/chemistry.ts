/** Constants of the lift ledger. */
export const CHEMISTRY = {
  /** g per mol. Source: IUPAC standard atomic weights. */
  sodaMolar: 84.007,
  co2Molar: 44.009,
  /** CO₂ by weight of baking powder. Source: US federal definition, at least 12 %; 13 % usual, 12–14 (common practice). */
  powderYield: 0.13,
  /** Heat alone sets half of the CO₂ free: 2 NaHCO₃ → Na₂CO₃ + CO₂ + H₂O. */
  heatShare: 0.5,
  /** ml of gas from 1 mmol at 100 °C and 101.325 kPa: R·T/P. */
  mlPerMmol: 30.6,
} as const;

/**
 * Neutralising values: g of soda that 100 g of a leavening acid neutralises. Source: handbook values (Baking Science and
 * Technology and acid makers' tables), from memory.
 */
export const NEUTRALISING_VALUE: Readonly<Record<string, number>> = {
  'cream-of-tartar': 45, 'mcp-monohydrate': 80, 'sapp': 72, 'salp': 100, 'gdl': 45,
};
