export { Cumulative, type Use } from './cumulative';
export { Solver, type Answer, type Literal } from './solver';
export { TotalAtMost } from './total';
