import { durationsIn, settingsIn } from '../../read';
import type { Action, Process } from '../../process';
import { microwaveWords } from '../heatWords';
import { sayDial, type MeasureSystem } from '../system';
import { movedTime, SAME_HEAT } from '../stages';
import type { DocketBake } from '../types';
import { capitalised, editIn, timeIn, type SpanEdit } from './spans';

const spanWords = ({ low, high }: { readonly low: number; readonly high: number }): string =>
  Math.round(low) === Math.round(high)
    ? `${Math.round(low)} minutes`
    : `${Math.round(low)} to ${Math.round(high)} minutes`;

const LEAD = /^\W*(?:(?:and|then)\s+)*/i;

/** An oven's bake that goes into the microwave: its clause is another one. */
function microwaveEdits(
  actions: readonly Action[],
  action: string | undefined,
  bake: DocketBake,
): SpanEdit[] {
  return actions
    .filter(({ id }) => id === action)
    .map(({ from, to, text }) => {
      const lead = LEAD.exec(text)![0];
      const end = /[.;!\s]*$/.exec(text)![0];
      const words = microwaveWords(bake);
      return {
        from: from + lead.length,
        to: to - end.length,
        text: /^\p{Lu}/u.test(text.slice(lead.length)) ? capitalised(words) : words,
        because: 'it goes into the microwave',
      };
    });
}

/** Sets time and heat of the stage that the bake is known by, in the words that have them. */
export function heatEdits(
  actions: readonly Action[],
  { stages, main, bake: facts }: Process,
  bake: DocketBake,
  system: MeasureSystem,
): SpanEdit[] {
  const known = main === null ? undefined : stages[main];
  if (bake.watts !== null && bake.minutes && known?.medium === 'oven')
    return microwaveEdits(actions, known.action, bake);
  const moved = known?.medium === 'oven' ? movedTime(known.minutes, bake) : null;
  const times = actions
    .filter(({ id }) => id === known?.action && moved !== null)
    .flatMap((action) => {
      const said = durationsIn(action.text).filter(
        ({ low, high }) => known!.minutes!.low <= low + 0.01 && high <= known!.minutes!.high + 0.01,
      );
      const [one] = said;
      return one && said.length === 1 && one.low === known!.minutes!.low && one.high === known!.minutes!.high
        ? [timeIn(action, one, spanWords(moved!), 'other flours and more water take another time')]
        : [];
    });
  const own = facts?.ovenCelsius ?? null;
  const turned =
    own !== null &&
    bake.ovenCelsius !== null &&
    (Math.abs(own - bake.ovenCelsius) >= SAME_HEAT || facts?.fan !== bake.fan);
  const heats = turned
    ? actions.flatMap((action) =>
        settingsIn(action.text)
          .filter(({ of, celsius }) => of === 'oven' && Math.abs(celsius - own) < SAME_HEAT)
          .map((one) =>
            editIn(
              action,
              one,
              sayDial(bake.ovenCelsius!, bake.fan, system),
              'this is what the oven is set to here',
            ),
          ),
      )
    : [];
  return [...times, ...heats];
}
