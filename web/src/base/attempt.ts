/** Something with this browser's own storage. One that keeps nothing (forbidden, or full) is no reason to stop. */
export function attempt<T>(work: () => T): T | undefined {
  try {
    return work();
  } catch {
    return undefined;
  }
}
