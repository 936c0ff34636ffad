export { learnt, middle, sdAfter, weightOnData, type Normal } from './normalMean';
export { errorsAfter, medianError, plainMedianError, type Kitchens } from './population';
