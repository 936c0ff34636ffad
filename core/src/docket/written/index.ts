export { unnumbered, writeMethod } from './write';
