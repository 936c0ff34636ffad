export { BUILT_IN_KITCHEN, catalogueOf, type Kitchen } from './kitchen';
export {
  EMPTY_REQUEST,
  type ConversionRequest,
  type GuardAnswer,
  type LineCorrection,
  type LineOverride,
  type RecipeDocument,
  type SourceLine,
} from './documents';
