import type { Order } from './williams';

/** How often each sample stands in each place, and comes directly before each other. */
export interface OrderCounts {
  readonly places: readonly (readonly number[])[];
  readonly neighbours: readonly (readonly number[])[];
}

export function countOrders(samples: number, orders: readonly Order[]): OrderCounts {
  const table = () => Array.from({ length: samples }, () => Array.from({ length: samples }, () => 0));
  const [places, neighbours] = [table(), table()];
  for (const order of orders)
    order.forEach((sample, at) => {
      places[sample]![at]! += 1;
      const next = order[at + 1];
      if (next !== undefined) neighbours[sample]![next]! += 1;
    });
  return { places, neighbours };
}

/** How uneven orders are: the most less the least, and the sums of squares, of places and of neighbours. */
export interface Imbalance {
  readonly place: number;
  readonly neighbour: number;
  readonly placeSquares: number;
  readonly neighbourSquares: number;
}

/** Of counts, but for those of a sample beside itself where that is wanted: the most less the least, and the sum of squares. */
function unevenness(
  table: OrderCounts['places'],
  diagonal: boolean,
): readonly [apart: number, squares: number] {
  let [least, most, squares] = [Infinity, -Infinity, 0];
  for (let row = 0; row < table.length; row += 1)
    for (let column = 0; column < table.length; column += 1) {
      if (row === column && !diagonal) continue;
      const count = table[row]![column]!;
      if (count < least) least = count;
      if (count > most) most = count;
      squares += count * count;
    }
  return [Math.max(0, most - least), squares];
}

export function imbalanceOf({ places, neighbours }: OrderCounts): Imbalance {
  const [place, placeSquares] = unevenness(places, true);
  const [neighbour, neighbourSquares] = unevenness(neighbours, false);
  return { place, neighbour, placeSquares, neighbourSquares };
}
