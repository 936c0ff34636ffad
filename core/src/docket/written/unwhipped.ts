import { shows, type Action } from '../../process';
import type { Facts } from './facts';
import { EGG, WHIPPED } from './data/madeFirst';
import type { Renamed } from './renamed';
import { editIn, type SpanEdit } from './spans';

/** "For 5 minutes until thick and mousse-like": how long eggs are whisked, and to what. */
const TO_A_FOAM =
  /(?:,? (?:for )?(?:about |at least )?\d[\d–-]* ?min(?:ute)?s?\.?)?,? (?:un)?(?:til|till|to) [^.;(]*\b(?:thick|ribbons?|trail|mousse|doubled|trebled|tripled|foam(?:y|s)?|pale|fluffy)\b[^.;,(]*/i;

/** Where what stands in for eggs can't be whipped, nobody whisks it until it is thick: smooth is all that it becomes. */
export function unwhippedEdits(
  actions: readonly Action[],
  renamed: readonly Renamed[],
  { parts }: Facts,
): SpanEdit[] {
  const gone = renamed.some(({ was }) => was === EGG.whole || was === EGG.yolk);
  const whips = parts.some(({ lines }) => lines.some(({ ingredient }) => ingredient === WHIPPED));
  if (!gone || whips) return [];
  return actions.flatMap((action) => {
    const foam = shows('foams eggs', action.text) ? TO_A_FOAM.exec(action.text) : null;
    return foam
      ? [
          editIn(
            action,
            { from: foam.index, to: foam.index + foam[0].trimEnd().length },
            ' until smooth',
            'what stands in for the eggs can’t be whipped',
          ),
        ]
      : [];
  });
}
