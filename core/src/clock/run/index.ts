export { beginRun, runBake } from './begin';
export { PACED, paceOf, timedWork, type TimedWork } from './pace';
export { notesOf } from './record';
export { postponed, replan, type Replanned } from './replan';
export { behind, mergeRuns, moreMinutes, runState, timersOf, toDo, type RunState } from './state';
export type { DayRun, Happening, RunBake, RunEvent, Timer } from './types';
