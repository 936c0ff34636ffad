export * from './why';
export * from './change';
