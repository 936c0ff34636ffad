export { bindSteps, type BoundStep } from './bind';
export { bowlOf, type Bowl } from './bowl';
export { editsFor } from './edits';
export { TECHNIQUES, type Technique, type TechniqueId } from './techniques';
