import { linesLeading, linesThat, massOf } from '../../formula';
import { BROUGHT_IN } from '../data/broughtIn';
import { withMore } from '../lines';
import type { SwapRule } from '../types';
import { before, weightsOf } from '../weight';

/** One large egg sets so much coconut flour, g. Common practice: 15 to 20. */
const COCONUT_PER_EGG = 17.5;
const LARGE_EGG = 50;
/** Less missing than this isn't worth another egg. */
const NOTICED = 10;

/** By the coconut route little flour is left: egg makes up for the solids and the structure that went with the wheat. */
export const coconutEgg: SwapRule = {
  id: 'coconut-egg',
  balance: null,
  reason: 'Coconut flour replaces a fifth of the wheat’s weight: egg restores the solids and the structure.',
  source: 'common practice: one large egg for 15 to 20 g of coconut flour',
  confidence: 'common-practice',
  swap(part, { route, catalogue }) {
    if (route !== 'coconut-led' || part.replaced === 0) return part;
    const coconut = massOf(linesLeading(route, part.lines, catalogue));
    const eggs = massOf(linesThat('whole egg', part.lines, catalogue));
    const missing = (coconut / COCONUT_PER_EGG) * LARGE_EGG - eggs;
    if (missing < NOTICED) return part;
    const { lines, was, now } = withMore(part, BROUGHT_IN.egg, missing, catalogue);
    return {
      ...part,
      lines,
      shifts: [
        ...part.shifts,
        {
          id: `coconut-egg:${now.line}`,
          rule: 'coconut-egg',
          line: now.line,
          from: before(was),
          to: weightsOf(now),
          because: { code: 'coconut-egg', values: {} },
          source: coconutEgg.source,
          confidence: coconutEgg.confidence,
        },
      ],
    };
  },
};
