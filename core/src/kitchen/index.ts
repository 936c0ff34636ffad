export type { Bag, BagOnHand } from './bag';
export { BUILT_IN_KITCHEN, catalogueOf, type Kitchen, type Stock } from './kitchen';
export { forTable, peopleAt } from './table';
export {
  EMPTY_KITCHEN,
  type Avoided,
  type HouseBlend,
  type HouseRecipe,
  type JarPart,
  type KitchenDocument,
  type Microwave,
  type Oven,
  type OvenReading,
  type OwnPan,
  type Person,
  type WeighedCup,
} from './household';
export {
  EMPTY_RECIPE,
  EMPTY_REQUEST,
  NO_TILT,
  NO_WISHES,
  USUAL_START,
  type AsRead,
  type BakeNotes,
  type BakeStart,
  type BlendPin,
  type BlendWishes,
  type ConversionRequest,
  type FoldedIn,
  type GuardAnswer,
  type LabelAnswer,
  type LineCorrection,
  type LineOverride,
  type OvenSetting,
  type PanSize,
  type RecipeDocument,
  type Scale,
  type Serving,
  type SourceLine,
  type Tilt,
  type Timed,
} from './documents';
export { TINS } from './data/tins';
