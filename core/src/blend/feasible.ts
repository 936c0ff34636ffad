import type { BlendQuestion } from './question';

const SLACK = 1e-9;

/** Flours of one group that are alike in whether they must be bought: their caps, the largest first. */
interface Bucket {
  readonly group: number;
  readonly bought: boolean;
  readonly caps: readonly number[];
}

/** How a set stands: what of each group and outside of any is filled, what it must hold at least, and how many it is. */
interface Stand {
  readonly room: readonly number[];
  readonly low: readonly number[];
  readonly size: number;
  readonly bags: number;
}

const put = (sums: readonly number[], where: number, value: number) =>
  sums.map((sum, k) => (k === where ? sum + value : sum));

/** The question's limits as the search needs them; undefined where what is held clashes by itself. */
function limitsOf({ flours, caps, groups, pins, floors, bought, leastShare }: BlendQuestion) {
  const held = [...new Set([...Object.keys(pins), ...Object.keys(floors)])];
  const lowOf = (id: string) => pins[id] ?? Math.max(leastShare, floors[id] ?? 0);
  const capOf = (id: string) => pins[id] ?? Math.min(1, caps[id] ?? 1);
  if (held.some((id) => !flours.includes(id) || capOf(id) < lowOf(id) - SLACK)) return undefined;
  const limits = [...groups.map(({ most }) => most), Infinity];
  const at = (id: string) => {
    const group = groups.findIndex(({ members }) => members.includes(id));
    return group < 0 ? groups.length : group;
  };
  const zero = limits.map(() => 0);
  const start = held.reduce<Stand>(
    (stand, id) => ({
      room: put(stand.room, at(id), capOf(id)),
      low: put(stand.low, at(id), lowOf(id)),
      size: stand.size + 1,
      bags: stand.bags + Number(bought.includes(id)),
    }),
    { room: zero, low: zero, size: 0, bags: 0 },
  );
  const free = flours.filter((id) => !held.includes(id) && capOf(id) >= leastShare - SLACK);
  const buckets = limits.flatMap((_, group) =>
    [false, true].map((mustBuy): Bucket => {
      const inside = free.filter((id) => at(id) === group && bought.includes(id) === mustBuy);
      return { group, bought: mustBuy, caps: inside.map(capOf).sort((a, b) => b - a) };
    }),
  );
  return { limits, start, buckets };
}

/**
 * Whether any set of flours can keep to all limits: at most K of them, all that are held, no more bags than allowed, caps,
 * floors and group limits. Interval arithmetic: groups don't overlap, so a set has shares that sum to 1 exactly when its
 * least is at most 1 and its most, each group cut to its limit, is at least 1; and of the flours of one kind those with the
 * largest caps fill most. So only how many of each kind are taken has to be tried, some hundred cases.
 */
export function canBeBlended(question: BlendQuestion): boolean {
  const { most, mostBought, leastShare } = question;
  const found = limitsOf(question);
  if (!found) return false;
  const { limits, start, buckets } = found;
  const fits = ({ room, low, size }: Stand): boolean =>
    size > 0 &&
    low.every((sum, group) => sum <= limits[group]! + SLACK) &&
    low.reduce((total, sum) => total + sum, 0) <= 1 + SLACK &&
    room.reduce((total, sum, group) => total + Math.min(sum, limits[group]!), 0) >= 1 - SLACK;
  const tried = (stand: Stand, from: number): boolean => {
    if (stand.size > most || stand.bags > mostBought) return false;
    if (fits(stand)) return true;
    const bucket = buckets[from];
    if (!bucket) return false;
    let now = stand;
    for (const cap of [...bucket.caps, undefined]) {
      if (tried(now, from + 1)) return true;
      if (cap === undefined || now.size >= most) return false;
      now = {
        room: put(now.room, bucket.group, cap),
        low: put(now.low, bucket.group, leastShare),
        size: now.size + 1,
        bags: now.bags + Number(bucket.bought),
      };
    }
    return false;
  };
  return tried(start, 0);
}
