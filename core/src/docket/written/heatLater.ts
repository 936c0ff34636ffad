import type { Action, ActionClass, Process } from '../../process';
import type { Facts } from './facts';
import { bakeAction } from './places';
import type { Sentence } from './sentences';

/** Hot fat isn't left alone for longer than this, and an oven is hot in so long, minutes. */
const WAITS_FOR: Partial<Record<ActionClass, number>> = { 'set-fat': 10, 'set-oven': 30 };
const READIES: ReadonlySet<ActionClass | null> = new Set<ActionClass | null>([
  'set-fat',
  'set-oven',
  'line-tin',
]);

/** What waits, by its step: the step behind which it is done, and the steps in their order. */
export interface HeatLater {
  readonly behind: string;
  readonly steps: readonly string[];
}

/**
 * Steps that only heat the oven or the fat, and ready a tin beside it, before a rest that their author hadn't: they wait for its end.
 * Null: there is none, or the rest stands within a step that goes on to the bake.
 */
export function heatLater(process: Process, said: readonly Sentence[], { rest }: Facts): HeatLater | null {
  const { actions } = process;
  const at = said.find(({ kind }) => kind === 'rest')?.at ?? null;
  if (at === null) return null;
  const behind = actions[at]!.step;
  const bakes = bakeAction(process);
  if (bakes === null || actions[bakes]!.step === behind) return null;
  const goesOn = actions[at + 1]?.step === behind;
  const own = (step: string) => actions.filter((one) => one.step === step);
  const tooSoon = ({ class: kind }: Action) => rest.minutes[0] >= (WAITS_FOR[kind ?? 'rest'] ?? Infinity);
  const steps = [...new Set(actions.slice(0, at).map(({ step }) => step))].filter((step) => {
    const deeds = own(step).map((one) => one.class);
    return (
      step !== behind &&
      own(step).some(tooSoon) &&
      deeds.every((kind) => READIES.has(kind)) &&
      !(goesOn && deeds.includes('line-tin'))
    );
  });
  return steps.length === 0 ? null : { behind, steps };
}
