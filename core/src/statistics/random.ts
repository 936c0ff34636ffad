/** Park and Miller's minimal standard generator (1988): the same seed gives the same numbers on every machine. */
export function numbersFrom(seed: number): (below: number) => number {
  const MODULUS = 2_147_483_647;
  let state = (Math.abs(Math.round(seed)) % (MODULUS - 1)) + 1;
  return (below) => (state = (state * 48_271) % MODULUS) % below;
}

/** In another order, each as likely (Fisher and Yates). */
export function shuffled<T>(list: readonly T[], below: (n: number) => number): T[] {
  const all = [...list];
  for (let at = all.length - 1; at > 0; at -= 1) {
    const other = below(at + 1);
    [all[at], all[other]] = [all[other]!, all[at]!];
  }
  return all;
}

/** Three-digit codes for what is judged blind: none of them twice, and none that says anything (no 111, 123, 200). */
export function codesFrom(below: (n: number) => number): () => string {
  const used = new Set<number>();
  return () => {
    for (;;) {
      const code = 101 + below(899);
      const [a, b, c] = [...String(code)].map(Number) as [number, number, number];
      const telling = (a === b && b === c) || (b - a === 1 && c - b === 1) || (b === 0 && c === 0);
      if (telling || used.has(code)) continue;
      used.add(code);
      return String(code);
    }
  };
}
