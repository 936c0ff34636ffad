/** What is said at several levels of significance, each under its own name. */
export const atLevels = (
  levels: readonly number[],
  of: (alpha: number, name: string) => Readonly<Record<string, unknown>>,
): Readonly<Record<string, unknown>> =>
  Object.assign({}, ...levels.map((alpha) => of(alpha, String(alpha)))) as Readonly<Record<string, unknown>>;
