import type { Steps } from '../quantity';
import { PLACES, type PlaceId } from './data/places';
import { Section, type Body, type Left } from './conduction';
import { USUAL_PRECISION, type Precision } from './grid';
import type { Curve } from './section';

/** Something that comes to the heat of the place it is in: a cake on a rack, dough in a freezer, butter on the counter. */
export interface Cooling {
  readonly body: Body;
  /** °C of all of it, or cell by cell as a bake left it. */
  readonly from: number | Left;
  readonly place: PlaceId;
  /** Over when the slowest part has come to this, °C. */
  readonly to: number;
  /** Another temperature of the place than the table's, °C. */
  readonly celsius?: number;
  /** Its top is open, and loses water while it is warm. */
  readonly dries?: boolean;
  /** No longer than this, minutes. */
  readonly most?: number;
}

export interface CoolingResult {
  /** Null: not within the time it was given. */
  readonly minutes: number | null;
  /** The slowest part, minute by minute. */
  readonly slowest: Curve;
  /** Cell by cell, at the end. */
  readonly last: Left;
}

const LONGEST_MINUTES = 48 * 60;
const STEPS_BETWEEN_YIELDS = 40;
/** Cooling is slow and smooth: longer steps than a bake's do. */
const PRECISION: Precision = { ...USUAL_PRECISION, most: 300 };

/**
 * Cools or warms a body in a place until its slowest part is there: the bake's own solver with other boundaries. Bounded at two days; a place that is not cold enough gives null.
 */
export function* coolSection({
  body,
  from,
  place,
  to,
  celsius,
  dries = false,
  most = LONGEST_MINUTES,
}: Cooling): Steps<CoolingResult> {
  const { above, below, side, celsius: usual, vapour } = PLACES.rows[place];
  const air = celsius ?? usual;
  const section = new Section(
    { ...body, rise: 1 },
    from,
    { air: () => air, above, below, side, vapour: dries ? vapour : null, base: null },
    PRECISION,
  );
  const cools = section.hottest > air;
  const slowest = () => (cools ? section.hottest : section.coldest);
  const there = (value: number) => (cools ? value <= to : value >= to);
  const curve: [number, number][] = [[0, slowest()]];
  const result = (minutes: number | null): CoolingResult => ({
    minutes,
    slowest: curve,
    last: section.left,
  });
  if (there(slowest())) return result(0);
  for (let step = 1; section.seconds < 60 * most; step += 1) {
    const [wasAt, was] = [section.seconds, slowest()];
    section.go();
    const now = slowest();
    curve.push([section.seconds / 60, now]);
    if (there(now)) return result((wasAt + ((section.seconds - wasAt) * (to - was)) / (now - was || 1)) / 60);
    if (step % STEPS_BETWEEN_YIELDS === 0) yield section.seconds / (60 * most);
  }
  return result(null);
}
