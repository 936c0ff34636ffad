export { exchangedRows } from './exchange';
export { FACTOR_MODELS, factorRow, factorTerms, threeLevels, type FactorModel } from './factors';
export { fitSurface, type FTest, type Predicted, type SurfaceFit } from './leastSquares';
