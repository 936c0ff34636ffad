export { compareBake, type BakeComparison } from './compare';
