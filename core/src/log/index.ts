export { compareBake, type BakeComparison, type Foretold } from './compare';
export { SCALE_ROWS, type ScaleRow } from './data/scales';
export { confounded, differencesOf, type Baked, type Difference } from './difference';
export { allergensIn, planStudy, type Study, type StudyBatch } from './study';
export { BELIEVED_RATIOS, SAME_OVEN, timedBy } from './timed';
export { waterLost } from './waterLost';
