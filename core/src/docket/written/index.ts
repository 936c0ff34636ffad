export { spokenName } from './spoken';
export { writeMethod } from './write';
