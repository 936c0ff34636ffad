/** How hot an oven is by its old names, °C. Common practice; handbooks differ by ten either way. */
export const OVEN_WORDS: readonly (readonly [RegExp, number])[] = [
  [/\bvery (?:slow|cool) oven\b/i, 130],
  [/\bmoderately slow oven\b/i, 165],
  [/\b(?:slow|cool) oven\b/i, 150],
  [/\b(?:moderately hot|fairly hot|quick) oven\b/i, 200],
  [/\bvery hot oven\b/i, 240],
  // "Put it in the hot oven" is one that was heated before.
  [/\b(?:in|at) an? hot oven\b|\boven,? hot\b/i, 220],
  [/\b(?:moderate|medium) oven\b/i, 180],
];
