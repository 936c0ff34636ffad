export { compareBake, type BakeComparison } from './compare';
export { timedBy } from './timed';
