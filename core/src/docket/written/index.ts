export { madeOf } from './renamed';
export { spokenName } from './spoken';
export { stepByStep } from './stepByStep';
export { writeMethod } from './write';
