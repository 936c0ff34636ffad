export { bakeOf } from './bakeTime';
export { type FoundBake, type BakeQuestion } from './bakeQuestion';
export { type Browning } from './browning';
export { coolSection, type Cooling, type CoolingResult } from './cooling';
export { PLACES, type PlaceId } from './data/places';
export { type Anchored } from './data/doubts';
export { overfilled } from './fill';
export { type Precision, type Reach } from './grid';
export { batterMl } from './layer';
export { makeMaterial, solidProperties, type Material } from './material';
export { burstsOf, USUAL_WATTS, WaterTestError, wattsByWater, type Bursts } from './microwave';
export { checkReading, dialFor, ovenOf, OvenReadingError, temperOf, type OvenTemper } from './ovenTemper';
export {
  halfWayUp,
  heightOf,
  isMetal,
  panFactor,
  PouredWaterError,
  reachOf,
  sizeByWater,
  tubeOf,
} from './pan';
export { restFor, type RestAsk } from './rest';
export { bakeSection, type Curve, type SectionBake, type SectionFrame, type SectionResult } from './section';
export { softenMinutes, type Softening } from './softening';
export { planTrays, type TrayPlan, type Trays } from './trays';
export { HeatRangeError, trialBake, type TrialBake } from './trial';
export { vesselOf, VesselError, type Vessel } from './vessel';
export { startCelsius } from './start';
export type { HeatSays, HeatWarning } from './says';
