export { blockMinutes, heatsOfDocket, sharedHeats, tasksOf } from './tasks';
