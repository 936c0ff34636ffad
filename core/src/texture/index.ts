export { TEXTURES, type Texture } from './data/terms';
export { expectTexture, type TextureEstimate } from './expect';
export { featuresOf, type Features } from './features';
