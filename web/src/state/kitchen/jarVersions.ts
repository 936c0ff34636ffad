import type { HouseBlend, JarPart } from '@omniarton/core/kitchen';
import { today } from '../../words/say';

/** So many earlier mixtures are kept. */
const MOST_EARLIER = 50;

/** A jar that is mixed otherwise from now on; what it was is kept, and a mixture that comes back leaves the list. */
export const mixedAnew = (jar: HouseBlend, madeOf: readonly JarPart[]): HouseBlend => ({
  ...jar,
  madeOf,
  earlier: [
    { until: today(), madeOf: jar.madeOf },
    ...jar.earlier.filter((one) => one.madeOf !== madeOf),
  ].slice(0, MOST_EARLIER),
});
