export {
  approximateCount,
  criticalCount,
  differenceP,
  differencePower,
  panelSize,
  powersOf,
  rightShare,
  type Critical,
  type PanelSize,
} from './discrimination';
export { PROTOCOLS, type Protocol } from './protocols';
export { DISTANCES, distanceOf, RIGHT_AT, type Distance } from './sensoryDistance';
export { rightAnswers, tellers, type Estimate } from './tellers';
