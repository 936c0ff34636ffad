import { Because, type Bounds } from './bounds';
import type { Propagator } from './solver';

/** A sum of variables, each by a factor above 0, that is at most another variable (`limit`). */
export class TotalAtMost implements Propagator {
  readonly watches: readonly number[];

  constructor(
    private readonly terms: readonly { readonly view: number; readonly factor: number }[],
    private readonly limit: number,
  ) {
    this.watches = [...terms.map(({ view }) => view), limit ^ 1];
  }

  propagate(bounds: Bounds): boolean {
    const { terms, limit } = this;
    const least = terms.reduce((sum, { view, factor }) => sum + factor * bounds.low[view]!, 0);
    const low = terms.flatMap(({ view }) => [view, bounds.low[view]!]);
    if (!bounds.raise(limit, least, new Because(low))) return false;
    const most = bounds.high(limit);
    for (const [at, { view, factor }] of terms.entries()) {
      const room = Math.floor((most - least) / factor) + bounds.low[view]!;
      if (bounds.high(view) <= room) continue;
      const others = low.filter((_, place) => place >> 1 !== at);
      if (!bounds.raise(view ^ 1, -room, new Because([...others, limit ^ 1, -most]))) return false;
    }
    return true;
  }
}
