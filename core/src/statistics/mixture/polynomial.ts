/** Scheffé polynomials, without an intercept, in raw shares. */
export const MODELS = ['linear', 'quadratic', 'special cubic'] as const;
export type Model = (typeof MODELS)[number];

/** Components that each coefficient multiplies, 0-based, in order: single ones, pairs, threes. */
export function termsOf(q: number, model: Model): readonly (readonly number[])[] {
  const all = Array.from({ length: q }, (_, at) => at);
  const single = all.map((at) => [at]);
  const pairs = all.flatMap((a) => all.slice(a + 1).map((b) => [a, b]));
  const threes = pairs.flatMap(([a, b]) => all.slice(b! + 1).map((c) => [a!, b!, c]));
  if (model === 'linear') return single;
  return model === 'quadratic' ? [...single, ...pairs] : [...single, ...pairs, ...threes];
}

/** "x1", "x1x3". */
export const termName = (term: readonly number[]): string => term.map((at) => `x${at + 1}`).join('');

/** What a blend puts beside each coefficient. */
export const termValues = (blend: readonly number[], terms: readonly (readonly number[])[]): number[] =>
  terms.map((term) => term.reduce((product, at) => product * blend[at]!, 1));
