export { CalendarError, toCalendar } from './calendar';
export { planBake, type Plan, type PlanStep } from './plan';
export { UnknownZoneError, wallTime } from './zone';
