export { heatsOf, readProcess, type Process } from './process';
export { calledOf, linesNamedIn } from './takes';
export type { ActionClass } from './data/verbs';
export type { Action, BakeFacts, Medium, Minutes, Mixture, PartFamily, Stage, Take } from './types';
