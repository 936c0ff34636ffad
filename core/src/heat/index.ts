export { bakeOf, type BakeAnswer, type BakeQuestion } from './bakeTime';
export { restFor, type Rest } from './rest';
export { makeMaterial, solidProperties, type Material } from './material';
export { bakeSlab, type SlabBake, type SlabResult } from './slab';
export { panFactor } from './pan';
