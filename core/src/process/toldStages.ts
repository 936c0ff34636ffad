import type { ActionClass } from './data/verbs';
import type { Told } from './told';
import type { Stage } from './types';

/** A stage as it is told, before it is known of what. */
export type ToldStage = Omit<Stage, 'mixture' | 'pan'>;

/** Deeds that make a dough or batter. */
export const MIXES: ReadonlySet<ActionClass> = new Set([
  'beat',
  'cream',
  'foam',
  'fold',
  'combine',
  'rub-in',
]);

/** "OVEN: 190C, 20-25 min" above all the work announces a heat: it is where "bake until golden" says so. */
export function announced(stages: readonly ToldStage[], actions: readonly Told[]): readonly ToldStage[] {
  const begins = actions.findIndex(({ class: kind }) => kind !== null && MIXES.has(kind));
  const told = new Set(stages.map(({ action }) => action));
  const bakes = actions.find(({ id, class: kind }, at) => at > begins && kind === 'bake' && !told.has(id));
  const [first, ...others] = stages;
  const at = actions.findIndex(({ id }) => id === first?.action);
  if (!first || !bakes || first.medium !== 'oven' || at > begins || actions[at]!.class !== null)
    return stages;
  return [{ ...first, step: bakes.step, action: bakes.id }, ...others];
}

/** Dough that is dropped into what simmers, and stays there covered. */
const DROPPED = /\b(?:drop|lower|dumplings?|dough|balls?)\b/i;
const COVERED = /\b(?:lid|cover(?:ed)?)\b/i;
/** Less is a sauce's, minutes. */
const LEAST_SIMMER = 8;

/** Dumplings in their syrup: nothing else cooks them, and under a lid it is steam that does. */
export function underALid(stages: readonly ToldStage[], actions: readonly Told[]): readonly ToldStage[] {
  if (stages.some(({ medium }) => medium !== 'boiled' && medium !== 'chilled')) return stages;
  const told = (step: string) =>
    actions
      .filter((one) => one.step === step)
      .map(({ text }) => text)
      .join(' ');
  return stages.map((one) =>
    one.medium === 'boiled' &&
    (one.minutes?.low ?? 0) >= LEAST_SIMMER &&
    DROPPED.test(told(one.step)) &&
    COVERED.test(told(one.step))
      ? { ...one, medium: 'steamed' }
      : one,
  );
}

/** The same heat told twice in a row, the second with no more than its time, is one stage. */
export function joined(stages: readonly ToldStage[]): ToldStage[] {
  return stages.reduce<ToldStage[]>((kept, one) => {
    const before = kept.at(-1);
    const sides = one.medium === 'griddle' || one.medium === 'fried';
    if (
      !before?.minutes ||
      !one.minutes ||
      !sides ||
      before.medium !== one.medium ||
      before.step !== one.step ||
      one.minutes.high > SHORT_TURN
    )
      return [...kept, one];
    const minutes = {
      low: before.minutes.low + one.minutes.low,
      high: before.minutes.high + one.minutes.high,
    };
    return [...kept.slice(0, -1), { ...before, minutes }];
  }, []);
}
/** A side takes no longer, minutes. */
const SHORT_TURN = 4;
