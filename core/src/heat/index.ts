export { bakeOf, type BakeAnswer, type BakeQuestion } from './bakeTime';
export { restFor, type Rest } from './rest';
export { makeMaterial, solidProperties, type Material } from './material';
export { bakeSection, type Reach, type SectionBake, type SectionFrame, type SectionResult } from './section';
export { panFactor, reachOf } from './pan';
export { HeatRangeError, trialBake, type TrialBake } from './trial';
export { vesselOf, VesselError, type Vessel } from './vessel';
export { OVEN } from './data/oven';
export { fillWords } from './fill';
