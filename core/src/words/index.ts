export { cookedWords } from './balance';
export type { DocketSays } from './docket';
export { reasonWords } from './guard';
export { say, type Said } from './say';
export { spoken } from './spoken';
