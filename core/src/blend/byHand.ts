/** A share that a hand may move, and whether it is held where it is. */
export interface HandShare {
  readonly ingredient: string;
  readonly share: number;
  readonly held: boolean;
}

/**
 * Sets one share and lets the others give way in proportion to what they have; held ones stay. Where all others are held, or
 * there is nothing left to give, it goes only as far as it can. Sums to 1. Example: 40/40/20, the first to 50 → 50/33/17.
 */
export function giveWay(shares: readonly HandShare[], ingredient: string, wanted: number): HandShare[] {
  const others = shares.filter((one) => one.ingredient !== ingredient);
  const held = others.filter((one) => one.held).reduce((sum, { share }) => sum + share, 0);
  const free = others.filter((one) => !one.held);
  const room = Math.max(0, 1 - held);
  const to = free.length === 0 ? room : Math.min(room, Math.max(0, wanted));
  const before = free.reduce((sum, { share }) => sum + share, 0);
  return shares.map((one) => {
    if (one.ingredient === ingredient) return { ...one, share: to };
    if (one.held) return one;
    const part = before > 0 ? one.share / before : 1 / free.length;
    return { ...one, share: part * (room - to) };
  });
}

/**
 * The share that brings a flour's right border to a place on the bar (0–1), while the others give way in proportion: those on
 * its left move too, and the pointer stays on the border. Example: 40/40/20, the second's border to 0.9 → 0.67.
 */
export function shareAtBorder(shares: readonly HandShare[], at: number, place: number): number {
  const own = shares[at]!;
  const sum = (some: readonly HandShare[]) => some.reduce((total, { share }) => total + share, 0);
  const others = shares.filter((one) => one !== own);
  const room = 1 - sum(others.filter(({ held }) => held));
  const left = shares.slice(0, at);
  const heldLeft = sum(left.filter(({ held }) => held));
  const freeLeft = sum(left.filter(({ held }) => !held));
  const rest = room - own.share;
  const wanted =
    rest <= 0 || freeLeft >= rest
      ? place - heldLeft - freeLeft
      : (place - heldLeft - (freeLeft * room) / rest) / (1 - freeLeft / rest);
  return Math.min(room, Math.max(0, wanted));
}

/** Where a point of a triangle stands, as three shares of a whole: clamped to the triangle. */
export type Corner3 = readonly [number, number, number];

/** The nearest point of the triangle to three numbers that sum to one (Euclid, by clipping the negative ones away). */
export function ontoTriangle(point: Corner3): Corner3 {
  let free = [0, 1, 2];
  const now = [...point];
  for (let round = 0; round < 3; round += 1) {
    const under = free.filter((k) => now[k]! < 0);
    if (under.length === 0) break;
    const excess = under.reduce((sum, k) => sum + now[k]!, 0);
    for (const k of under) now[k] = 0;
    free = free.filter((k) => !under.includes(k));
    for (const k of free) now[k] = now[k]! + excess / free.length;
  }
  return [now[0]!, now[1]!, now[2]!];
}

/** Puts three flours of a blend at a point of their triangle; the rest hold. */
export function moveOnTriangle(
  shares: readonly HandShare[],
  corners: readonly [string, string, string],
  point: Corner3,
): HandShare[] {
  const whole = shares
    .filter(({ ingredient }) => corners.includes(ingredient))
    .reduce((sum, { share }) => sum + share, 0);
  const inside = ontoTriangle(point);
  return shares.map((one) => {
    const k = corners.indexOf(one.ingredient);
    return k < 0 ? one : { ...one, share: whole * inside[k]! };
  });
}

/** Shares in whole percent that sum to 100, the last rounding going where it does least harm. */
export function toPercents(shares: readonly HandShare[]): HandShare[] {
  const floors = shares.map(({ share }, at) => ({ at, whole: Math.floor(share * 100 + 1e-6) }));
  const missing = 100 - floors.reduce((sum, { whole }) => sum + whole, 0);
  const given = [...floors]
    .sort(
      (a, b) => shares[b.at]!.share * 100 - b.whole - (shares[a.at]!.share * 100 - a.whole) || a.at - b.at,
    )
    .slice(0, Math.max(0, missing))
    .map(({ at }) => at);
  return shares.map((one, at) => ({ ...one, share: (floors[at]!.whole + Number(given.includes(at))) / 100 }));
}
