import type { Docket } from '../../docket';
import { COLD_MINUTES, SERVED } from '../data/served';
import type { Link } from '../types';
import type { Piece } from './pieces';

/** Minutes from the oven, at least and at most. */
export interface Span {
  readonly least: number;
  readonly most: number;
}

/** "Cut again while warm". */
const WHILE_WARM =
  /\b(?:while|whilst|when|still) (?:(?:it|they|the \w+)(?: is| are)? )?(?:still )?(?:warm|hot)\b/i;
/** Done while it is warm: so soon, and so late, after the oven, minutes. Common practice. */
const WARM: Span = { least: 3, most: 20 };
const WHEN_COLD = /\b(?:when|once|after|until)\b[^.;]*\b(?:cold|cool|cooled)\b/i;
/** Out of its tin no later than so long after it may be, minutes: it sweats there. Common practice. */
const TURNED_OUT_WITHIN = 30;

/** "Serve warm", and not "serve with hot custard". */
const SERVED_WARM =
  /\bserved? (?:it |them |this |the \w+ )?(?:still |while )?(?:warm|hot|immediately|straight away|at once)\b/i;

/** When something is done to a bake that still cools: while it is warm, or when it leaves its tin. Null: when it has cooled. */
export function whileWarm(
  run: readonly (Piece & { readonly what: 'hands' })[],
  tinMinutes: number,
): Span | null {
  if (run.some((one) => WHILE_WARM.test(one.text))) return WARM;
  if (run.some((one) => one.class !== 'cool' || WHEN_COLD.test(one.text))) return null;
  return { least: tinMinutes, most: tinMinutes + TURNED_OUT_WITHIN };
}

/** Whether a bake is served warm from its tin, or cold enough to cut: as its method says, else as its kind is. */
const servedAs = ({ method, family }: Docket): 'warm' | 'cold' =>
  method.some(({ text }) => SERVED_WARM.test(text)) ? 'warm' : SERVED[family.id].fit;

/** How long what comes out of the oven cools before anything is done to it: until it is turned out, or can be cut. */
export function coolsFor(docket: Docket): NonNullable<Link['wait']> {
  const { coolMinutes, cooling } = docket.bake;
  const tin = Math.ceil(coolMinutes);
  const fit = servedAs(docket);
  return {
    kind: 'cool',
    cold: false,
    what: { code: fit === 'warm' ? 'cools-warm' : 'cools-cold', values: {} },
    minutes: fit === 'warm' ? tin : Math.max(tin, Math.ceil(cooling?.cold ?? tin + COLD_MINUTES)),
    steps: [],
  };
}
