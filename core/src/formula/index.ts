export { waterActivity } from './activity';
export { compositionOf, massOf } from './composition';
export { NEUTRALISING_VALUE } from './data/chemistry';
export { asReadOf, formulaOf } from './formula';
export { liftLedger, powderMmol, sodaMmol, type LiftLedger } from './lift';
export type { FormulaLine, FormulaPart } from './types';
export { drinkOf, thirstGrams } from './water';
export { weighThis, type WeighThis } from './doubt';
export { lineFactor, partEggs, scaleRecipe, type PartEgg } from './scale';
