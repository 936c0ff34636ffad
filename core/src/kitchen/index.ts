export { BUILT_IN_KITCHEN, catalogueOf, type Kitchen } from './kitchen';
export {
  EMPTY_REQUEST,
  type AsRead,
  type BakeNotes,
  type BlendPin,
  type ConversionRequest,
  type GuardAnswer,
  type LineCorrection,
  type LineOverride,
  type OvenSetting,
  type PanSize,
  type RecipeDocument,
  type Serving,
  type SourceLine,
} from './documents';
