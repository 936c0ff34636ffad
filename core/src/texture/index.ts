export { TEXTURES, type Texture } from './data/terms';
export { expectTexture, type TextureEstimate } from './expect';
export { featuresOf, type Features } from './features';
export type { Estimated, TextureSays } from './says';
export { TERMS, type Feature } from './data/terms';
