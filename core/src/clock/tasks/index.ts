export { heatsOfDocket, sharedHeats } from './heats';
export { blockMinutes, tasksOf } from './tasks';
