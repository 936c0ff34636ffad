export type { Bag, BagOnHand, LabelRead } from './bag';
export { BUILT_IN_KITCHEN, catalogueOf, type Kitchen, type KnownLabel, type Stock } from './kitchen';
export { coveredBy, forTable, guestsAt, seatFor, strictestNeeds, type Guest } from './table';
export {
  UnreadableDocumentError,
  upcast,
  upcastBag,
  upcastBake,
  upcastKitchen,
  upcastRecipe,
  upcastSettings,
  type Steps,
  type Stored,
} from './upcast';
export {
  EMPTY_KITCHEN,
  type Binned,
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
export type { Avoided, Needs } from './needs';
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
  type Seat,
  type Serving,
  type SourceLine,
  type Taking,
  type Tick,
  type Tilt,
  type Timed,
} from './documents';
export { PANS, standsFree, type PanRecord } from './data/pans';
