import { docketLineWords, type Docket } from '../../docket';
import type { DayPlan, DaySetup, Pace } from '../types';
import type { DayRun, RunBake } from './types';

/** What a run keeps of a docket. */
export const runBake = (id: string, recipe: string | null, docket: Docket): RunBake => ({
  id,
  recipe,
  title: docket.title,
  lines: docket.parts.flatMap(({ lines }) => lines.map(docketLineWords)),
  steps: docket.method.map((step) => ({ id: step.id, text: step.text })),
  checks: docket.guard.crossContact.map(({ check }) => check),
  doneSigns: docket.bake.doneSigns,
  doneCelsius: Math.round(docket.bake.doneCelsius),
  centre: docket.bake.centre.map(([minute, celsius]) => [
    Math.round(minute * 10) / 10,
    Math.round(celsius * 10) / 10,
  ]),
  doneMinutes: docket.bake.minutes?.central ?? null,
});

/** A plan that is begun. `now`: ms since 1970. */
export const beginRun = (
  plan: DayPlan,
  setup: DaySetup,
  bakes: readonly RunBake[],
  pace: Pace,
  id: string,
  now: number,
): DayRun => ({
  id,
  zone: plan.zone,
  setup,
  pace,
  began: now,
  tasks: plan.tasks,
  bakes,
  events: [],
});
