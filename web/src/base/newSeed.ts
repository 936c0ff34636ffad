const SEEDS = 2_000_000_000;

/** What codes and orders are made from: this device's own dice. */
export function newSeed(): number {
  const [dice = 1] = crypto.getRandomValues(new Uint32Array(1));
  return dice % SEEDS;
}
