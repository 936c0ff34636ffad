import { liftLedger, linesThat, powderMmol, sodaMmol } from '../../formula';
import { BROUGHT_IN } from '../data/broughtIn';
import { times, withMore } from '../lines';
import type { PartState, SwapRule } from '../types';
import { nearestSpoon } from '../spoons';
import { weightsOf } from '../weight';
import { findStandIn } from './standIn';

/** Fewer mmol of soda than this that no longer find their acid aren't tasted. */
const WORTH_IT = 4;

/**
 * What stands in for buttermilk, yogurt or cocoa may be less sour. Soda that then finds no acid would be tasted: it comes out,
 * and powder, which brings its own acid, sets as much gas free.
 */
export const acidLost: SwapRule = {
  id: 'acid-lost',
  balance: 'lift',
  reason: 'Soda whose acid has gone tastes of soap: powder brings its own.',
  source: 'common practice',
  confidence: 'common-practice',
  swap(part: PartState, { request, catalogue }) {
    const [was, now] = [liftLedger(part.original, catalogue), liftLedger(part.lines, catalogue)];
    const unmet = Math.min(was.soda, was.acid) - Math.min(now.soda, now.acid);
    const [soda] = linesThat('soda', part.lines, catalogue);
    if (!soda || unmet < WORTH_IT) return part;
    const grams = soda.grams * Math.max(0, 1 - unmet / sodaMmol(soda.grams));
    const left = times(soda, nearestSpoon(grams, soda.ingredient, catalogue) / soda.grams);
    const lines = part.lines.map((line) => (line === soda ? left : line));
    const powder = findStandIn(BROUGHT_IN.powder, request, catalogue)?.to[0]?.ingredient ?? BROUGHT_IN.powder;
    const more = withMore({ ...part, lines }, powder, unmet / powderMmol(1), catalogue);
    return {
      ...part,
      lines: more.lines,
      shifts: [
        ...part.shifts,
        {
          id: `acid-lost:${soda.line}`,
          rule: 'acid-lost',
          line: soda.line,
          from: weightsOf(soda),
          to: weightsOf(left, { ...more.now, grams: unmet / powderMmol(1) }),
          because: { code: 'less-sour', values: { soda: Math.round(unmet) } },
          source: 'common practice',
          confidence: 'common-practice',
        },
      ],
    };
  },
};
