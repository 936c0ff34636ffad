import { useNavigate } from 'react-router';
import { v4 as uuid } from 'uuid';
import {
  beginRun,
  paceOf,
  putAway,
  runState,
  type DayPlan,
  type DaySetup,
  type RunBake,
} from '@omniarton/core/clock';
import { nowMs } from '../base/clock';
import { runPath } from '../base/paths';
import { useDay } from '../state/day/useDay';

/** Begins a plan, or goes to the run that is under way. */
export function useBegin(household: string) {
  const { doc, change } = useDay(household);
  const navigate = useNavigate();
  const running = doc.run !== null && !runState(doc.run).ended;
  return {
    running,
    goOn: () => void navigate(runPath(household)),
    begin: (plan: DayPlan, setup: DaySetup, bakes: readonly RunBake[]) => {
      const run = beginRun(plan, setup, bakes, paceOf(doc.timed), uuid(), nowMs());
      change((day) => ({ ...putAway(day), run }));
      void navigate(runPath(household));
    },
  };
}
