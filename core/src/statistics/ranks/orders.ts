import { ordersOf } from './permuted';

/** A stretch of a taster's orders, as often as it differs: an order is put together of two. */
export interface Stretches {
  readonly from: number;
  readonly length: number;
  /** One behind the other; and which of them stands in each order. */
  readonly ranks: Uint8Array;
  readonly of: Uint8Array;
  /** Room for what each comes to. */
  readonly keys: Float64Array;
}

/** Orders of a taster's doubled ranks, one behind the other. */
export interface Orders {
  readonly orders: Uint8Array;
  readonly count: number;
  /** How many of those that differ each stands for. */
  readonly times: Float64Array;
  readonly head: Stretches;
  readonly tail: Stretches;
}

function stretches(orders: readonly (readonly number[])[], from: number, to: number): Stretches {
  const cut = orders.map((order) => order.slice(from, to));
  const names = cut.map((one) => one.join());
  const found = [...new Map(cut.map((one, n) => [names[n]!, one]))];
  const numbers = new Map(found.map(([name], n) => [name, n]));
  return {
    from,
    length: to - from,
    ranks: Uint8Array.from(found.flatMap(([, one]) => one)),
    of: Uint8Array.from(names, (name) => numbers.get(name)!),
    keys: new Float64Array(found.length),
  };
}

/** Which neighbours among ascending sums are equal, as the bits of a number. */
export function tiesAmong(sums: ArrayLike<number>): number {
  let ties = 0;
  for (let at = 1; at < sums.length; at += 1) if (sums[at] === sums[at - 1]) ties |= 1 << (at - 1);
  return ties;
}

/** An order with the ranks ascending wherever sums are equal: there it is all one which of them gets which. */
function settledWithin(order: readonly number[], ties: number): number[] {
  const blocks: number[][] = [];
  order.forEach((rank, at) => {
    if (at > 0 && ties & (1 << (at - 1))) blocks.at(-1)!.push(rank);
    else blocks.push([rank]);
  });
  return blocks.flatMap((block) => block.sort((a, b) => a - b));
}

function gathered(different: readonly (readonly number[])[], ties: number): Orders {
  const times = new Map<string, { readonly order: readonly number[]; times: number }>();
  for (const one of different) {
    const order = settledWithin(one, ties);
    const known = times.get(order.join());
    if (known) known.times += 1;
    else times.set(order.join(), { order, times: 1 });
  }
  const all = [...times.values()];
  const orders = all.map(({ order }) => order);
  const [samples, half] = [orders[0]!.length, Math.floor(orders[0]!.length / 2)];
  return {
    orders: Uint8Array.from(orders.flat()),
    count: orders.length,
    times: Float64Array.from(all, (one) => one.times),
    head: stretches(orders, 0, half),
    tail: stretches(orders, half, samples),
  };
}

/** All orders of one taster's doubled ranks that differ; of six samples at most. */
export class DifferentOrders {
  readonly count: number;
  /** How often each comes: tied ranks can be exchanged. */
  readonly times: number;
  private readonly all: readonly (readonly number[])[];
  private readonly byTies: Orders[] = [];

  constructor(doubled: readonly number[]) {
    const all = ordersOf(doubled);
    this.all = [...new Map(all.map((order) => [order.join(), order])).values()];
    this.count = this.all.length;
    this.times = all.length / this.count;
  }

  /** Those that lead on from sums with such ties to different ones. */
  from(ties: number): Orders {
    return (this.byTies[ties] ??= gathered(this.all, ties));
  }
}
