export { heatsOfDocket, sharedHeats } from './heats';
export { blockMinutes } from './loads';
export { tasksOf } from './tasks';
