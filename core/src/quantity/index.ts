export { CUP_DRAWERS, sayVolume, type CupDrawer } from './cups';
export { celsiusOfGas, dialCelsius, dialOf, type DialSetting } from './dial';
export { kitchenVolume } from './kitchen';
export { constraintsOf, solveProgram, type ProgramAnswer, type QuadraticProgram } from './program';
export { addRanges, multiplyRanges, range, scaleRange, type Range } from './range';
export { roundGrams, settle } from './rounding';
export { sayFraction } from './fraction';
export { toEnd, type Steps } from './steps';
export { INCH_CM, US_CUP_ML, celsiusOf, fahrenheitOf, gramsPerUnit, mlPerUnit } from './units';
