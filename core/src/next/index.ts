export type { Baked } from '../log';
export * from './why';
export * from './change';
export * from './beside';
export { nextFor, type Next, type NextAsk, type NextChange } from './nextFor';
export * from './learn';
export * from './practice';
export * from './trial';
