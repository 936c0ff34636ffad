export { ROUTE_TABLE } from './data/routes';
export { BESIDE_WHEAT } from './data/scales';
export { AIM_SHIFTS } from './data/aims';
export type { Asked } from './ask';
export type { Blend, BlendOutcome, BlendPart, BlendShare } from './blend';
export { benchFlours, type BenchFlour, type BenchFlours } from './benchFlours';
export { differsFrom, isUsual, type BlendDiffers } from './differs';
export { giveWay, moveOnTriangle, shareAtBorder, toPercents, type HandShare } from './byHand';
export { costOf, priceOf } from './cost';
export { cupOf, cupOfBlend, cupOfPortions } from './cup';
export { designBlend } from './design';
export {
  flourPage,
  flourSummaries,
  FLOUR_PAGE_IDS,
  keepsWeeks,
  type FlourPage,
  type FlourSummary,
} from './flourPage';
export { inferShares, listedOn, type Inference, type InferredShare } from './inferShares';
export { jarLabel, mixJar, takeFrom, wholeBags, type BagLeft, type JarLabel, type JarMix } from './jar';
export { mixVectors, SCALE_OF, type Property, type PropertyVector } from './vector';
export { oneMoreBag, type MoreBag } from './moreBag';
export { FLOUR_IDS, hasTraits, propertiesOf, traitsOf } from './properties';
export type { BlendQuestion } from './question';
export type { Relaxation } from './relax';
export type { BlendSays, RouteBarred } from './says';
export { barredBecause, blendGrams, routeBarredBecause, routeFor, type Wheat } from './routes';
export { routesFor, schoolOf, type BlendSchool, type SchoolAnswer, type SchoolPick } from './schools';
export { allowedFlours } from './shelf';
export { solveBlend } from './solve';
export { stillFits } from './stillFits';
