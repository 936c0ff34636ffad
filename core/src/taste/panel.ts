import { criticalCount, differencePower, waysOf, type Protocol } from '../statistics';
import { ALPHA, PROTOCOL_OF, WORTH } from './protocols';
import type { TasteTest } from './types';

/** What a panel can show at best, before anybody has tasted. */
export interface Reach {
  /** The least p that it can reach with every answer as favourable as can be; null: this test isn't judged by one. */
  readonly leastP: number | null;
  /** How likely it finds a difference that half of people can tell; null: not known beforehand. */
  readonly power: number | null;
  /** Answers that must be right, or alike; null: even all of them wouldn't do. */
  readonly needed: number | null;
}

/** Example: three tasters by triangle → at best 1/27, all three needed; by duo-trio 1/8: never. */
export function reachOf(test: TasteTest, samples: number, answers: number): Reach {
  const protocol = (PROTOCOL_OF as Readonly<Partial<Record<TasteTest, Protocol>>>)[test];
  if (protocol && answers > 0) {
    const critical = criticalCount(protocol, answers, ALPHA);
    const sides = protocol === 'two_afc_two_sided' ? 2 : 1;
    const chance = protocol === 'triangle' ? 1 / 3 : 1 / 2;
    return {
      leastP: Math.min(1, sides * chance ** answers),
      power: differencePower(protocol, answers, ALPHA, WORTH),
      needed: critical?.count ?? null,
    };
  }
  if (test === 'just-right' || samples < 2 || answers < 1) return { leastP: null, power: null, needed: null };
  // All agree: whatever the first says, each of the others says the same.
  return { leastP: 1 / Number(waysOf(samples, answers - 1)), power: null, needed: null };
}
