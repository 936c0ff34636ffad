export { FLOUR_CLASSES, type FlourClass } from './data/flourTraits';
export { ROUTE_TABLE } from './data/routes';
export {
  allowedFlours,
  designBlend,
  routeFor,
  type Blend,
  type BlendOutcome,
  type BlendPart,
  type BlendShare,
} from './design';
export { FLOUR_IDS, propertiesOf, traitsOf, type Property, type PropertyVector } from './properties';
export type { BlendQuestion } from './question';
export { solveBlend } from './solve';
