export { CalendarError, toCalendar } from './calendar';
export { planDay, planDaySteps, QUICK_WORK, USUAL_WORK } from './plan';
export { problemOf, turning, type DayProblem } from './problem';
export type {
  Asleep,
  DayAsk,
  DayBake,
  DayOven,
  DayPlan,
  DaySetup,
  PlannedBake,
  NoDay,
  Pace,
  Pin,
  PlannedTask,
  Relief,
  TaskKind,
} from './types';
export { UnknownZoneError, momentOf, wallTime } from './zone';
export { docketsOfDay, docketsOfDaySteps, type AskedBake, type DayDockets, type NotBaked } from './shared';
export { OVEN_HABITS } from './data/ovens';
export { EMPTY_DAY, putAway, upcastDay, type DayDocument } from './document';
export * from './run';
