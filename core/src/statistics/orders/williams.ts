/** Samples in the order in which one taster gets them, by their place in the list of samples. */
export type Order = readonly number[];

/** 0, 1, k−1, 2, k−2 …: neighbours differ by each number once. */
function zigzag(samples: number): number[] {
  const order = [0];
  for (let step = 1; order.length < samples; step += 1) {
    order.push(step);
    if (order.length < samples) order.push(samples - step);
  }
  return order;
}

/**
 * A Williams design (1949): every sample stands in every place equally often, and follows every other equally often. An even number of
 * samples needs as many orders, an odd one twice as many. Example: 4 → four orders, 5 → ten.
 */
export function williams(samples: number): Order[] {
  if (samples <= 1) return samples === 1 ? [[0]] : [];
  const first = zigzag(samples);
  const rows = Array.from({ length: samples }, (_, turn) => first.map((one) => (one + turn) % samples));
  return samples % 2 === 0 ? rows : [...rows, ...rows.map((row) => [...row].reverse())];
}
