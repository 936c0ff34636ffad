import { ordersOf } from '../ranks/permuted';
import { countOrders, imbalanceOf, type Imbalance } from './balance';
import { williams, type Order } from './williams';

type Pair = readonly [place: number, neighbour: number];

/** Pairs that no other is at least as good as in both, in order of the first. */
function paretoOf(pairs: readonly Pair[]): Pair[] {
  const sorted = [...pairs].sort((a, b) => a[0] - b[0] || a[1] - b[1]);
  let least = Infinity;
  return sorted.filter(([, second]) => second < least && ((least = second), true));
}

/** What orders for so many tasters can come to at best. */
export interface BestOrders {
  readonly imbalance: readonly Pair[];
  readonly squares: readonly Pair[];
  /** No plan can be more even than the counts allow: nothing where they divide, else one. */
  readonly bound: Pair;
}

const isEven = (all: number, cells: number): number => (all % cells === 0 ? 0 : 1);

/** Every set of orders for a panel, the first as the samples are numbered; each is looked at once. */
function eachPlan(samples: number, tasters: number, see: (imbalance: Imbalance) => void): void {
  const orders = ordersOf(Array.from({ length: samples }, (_, at) => at));
  const { places, neighbours } = countOrders(samples, [orders[0]!]);
  const counts = { places: places.map((row) => [...row]), neighbours: neighbours.map((row) => [...row]) };
  const add = (order: Order, by: number) =>
    order.forEach((sample, at) => {
      counts.places[sample]![at]! += by;
      const next = order[at + 1];
      if (next !== undefined) counts.neighbours[sample]![next]! += by;
    });
  const fill = (from: number, left: number): void => {
    if (left === 0) return see(imbalanceOf(counts));
    for (let at = from; at < orders.length; at += 1) {
      add(orders[at]!, 1);
      fill(at, left - 1);
      add(orders[at]!, -1);
    }
  };
  fill(0, tasters - 1);
}

/** The best that there is, by trying every plan: for up to four samples and a small panel. */
export function bestImbalance(samples: number, tasters: number): BestOrders {
  const [seen, squares] = [new Map<string, Pair>(), new Map<string, Pair>()];
  eachPlan(samples, tasters, ({ place, neighbour, placeSquares, neighbourSquares }) => {
    seen.set(`${place},${neighbour}`, [place, neighbour]);
    squares.set(`${placeSquares},${neighbourSquares}`, [placeSquares, neighbourSquares]);
  });
  return {
    imbalance: paretoOf([...seen.values()]),
    squares: paretoOf([...squares.values()]),
    bound: [isEven(tasters, samples), isEven(tasters * (samples - 1), samples * (samples - 1))],
  };
}

/** Of fewest orders with every place and every neighbour alike, and in how many sets of that size they come. */
export function fewestBalanced(samples: number): { readonly orders: number; readonly sets: number } {
  for (let tasters = 1; tasters <= 2 * samples; tasters += 1) {
    let sets = 0;
    eachPlan(
      samples,
      tasters,
      ({ place, neighbour }) => void (sets += place === 0 && neighbour === 0 ? 1 : 0),
    );
    if (sets > 0) return { orders: tasters, sets };
  }
  throw new RangeError(`No balanced orders of ${samples} samples.`);
}

/** How uneven it is to add an order, places and neighbours alike. */
function cost(samples: number, orders: readonly Order[]): number {
  const { place, neighbour, placeSquares, neighbourSquares } = imbalanceOf(countOrders(samples, orders));
  return 1000 * (place + neighbour) + placeSquares + neighbourSquares;
}

/** Every order is tried up to so many samples, else those of the design. */
const TRIED_ALL = 4;

/**
 * Serving orders for a panel, as even as they are found: whole Williams designs, and for the rest the orders that leave least carried
 * over. Example: 3 samples, 3 tasters → three orders in which each sample stands once in every place.
 */
export function servingOrders(samples: number, tasters: number): Order[] {
  const design = williams(samples);
  if (samples < 2) return Array.from({ length: tasters }, () => design[0] ?? []);
  const whole = Math.floor(tasters / design.length);
  const orders = Array.from({ length: whole }, () => design).flat();
  const choices = samples <= TRIED_ALL ? ordersOf(Array.from({ length: samples }, (_, at) => at)) : design;
  while (orders.length < tasters) orders.push(bestNext(samples, orders, choices));
  return exchanged(samples, orders, whole * design.length, choices);
}

function bestNext(samples: number, orders: readonly Order[], choices: readonly Order[]): Order {
  const costs = choices.map((one) => cost(samples, [...orders, one]));
  return choices[costs.indexOf(Math.min(...costs))]!;
}

/** Changes one of the last orders after the other as long as that makes them more even. */
function exchanged(samples: number, orders: Order[], from: number, choices: readonly Order[]): Order[] {
  for (let better = true; better;) {
    better = false;
    for (let at = from; at < orders.length; at += 1) {
      const others = [...orders.slice(0, at), ...orders.slice(at + 1)];
      const one = bestNext(samples, others, choices);
      if (cost(samples, [...others, one]) < cost(samples, orders)) {
        orders[at] = one;
        better = true;
      }
    }
  }
  return orders;
}
