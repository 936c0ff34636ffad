/** Polynomials over factors of a process, each from −1 to 1, with an intercept: the fullest first. */
export const FACTOR_MODELS = ['quadratic', 'interactions', 'main effects'] as const;
export type FactorModel = (typeof FACTOR_MODELS)[number];

/** What settings of a process put beside each coefficient: one, each factor, each pair, each square. */
export function factorRow(at: readonly number[], model: FactorModel): number[] {
  const main = [1, ...at];
  if (model === 'main effects') return main;
  const pairs = at.flatMap((a, one) => at.slice(one + 1).map((b) => a * b));
  return model === 'interactions' ? [...main, ...pairs] : [...main, ...pairs, ...at.map((a) => a * a)];
}

/** How many coefficients a model of so many factors has. Example: two factors, interactions → 4. */
export const factorTerms = (factors: number, model: FactorModel): number =>
  factorRow(new Array<number>(factors).fill(0), model).length;

/** All settings of so many factors at low, middle and high. Example: two → nine. */
export function threeLevels(factors: number): number[][] {
  if (factors === 0) return [[]];
  return threeLevels(factors - 1).flatMap((rest) => [-1, 0, 1].map((level) => [...rest, level]));
}
