export { readProcess, type Process } from './process';
export type { Action, BakeFacts, Medium, Minutes, Stage } from './types';
