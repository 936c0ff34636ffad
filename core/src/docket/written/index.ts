export { madeOf } from './renamed';
export { risesThatGo } from './rises';
export { spokenName } from './spoken';
export { stepByStep } from './stepByStep';
export { writeMethod } from './write';
