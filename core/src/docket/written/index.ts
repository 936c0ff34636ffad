export { spokenName } from './spoken';
export { unnumbered, writeMethod } from './write';
