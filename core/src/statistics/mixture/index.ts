export { scheffeTerms, simplexCentroid, simplexLattice, type ExactBlend } from './designs';
export { bestDesign, exchangedDesign, type BestDesign } from './dOptimal';
export { fitMixture } from './fit';
export { mixtureOptimum, type Optimum } from './optimum';
export { MODELS, termName, termsOf, termValues, type Model } from './polynomial';
export { pseudoComponents, regionOf, type Region } from './region';
