export { ERROR_CODES, type ErrorAnswer, type ErrorCode } from './errors';
export { APP_HEADER, LIMITS, PATHS, REQUEST_ID_HEADER, pathTo } from './paths';
export { INGREDIENT_ID } from './limits';
export { PageQuery, RecipeDocumentDto } from './recipe';
export {
  FindQuery,
  LIST_ORDERS,
  LONGEST_TAG,
  MOST_SEVERAL,
  MarkDto,
  SeveralDto,
  type FoundAnswer,
  type ListOrder,
  type Marks,
  type SeveralAnswer,
  type TagCount,
} from './finding';
export type { PageOf, RecipeAnswer, RecipeSummary } from './recipe';
export { BakeDto, BakeNotesDto } from './bake';
export type { BakeAnswer, FlourUse } from './bake';
export { MOST_PHOTOS, PHOTO_BYTES, PHOTO_OF, PHOTO_PIXELS, type PhotoAnswer, type PhotoOf } from './photo';
export { HandInDto, type TraysAnswer } from './ballots';
export {
  JoinDto,
  MemberRoleDto,
  NewCodeDto,
  PassphraseDto,
  SignInDto,
  type CodeAnswer,
  type RecoveryAnswer,
  type DeviceAnswer,
  type DevicesAnswer,
  type MeAnswer,
  type MemberAnswer,
} from './devices';
export { NewPasskeyDto, PasskeySignInDto, type PasskeyAnswer, type PasskeysAnswer } from './passkeys';
export { CERTIFICATE_PATH, type CertificateAnswer } from './certificate';
export { CODE_MINUTES, HOUSE_ROLES, PASSPHRASE_CHARS, type HouseRole } from './roles';
export { TastingDto, type TastingAnswer } from './tasting';
export { KeptDocketDto } from './docket';
export type { DocketAnswer, DocketSummary } from './docket';
export { KitchenDocumentDto } from './kitchen';
export type { KitchenAnswer } from './kitchen';
export type { LearningAnswer, LearningBake } from './learning';
export { DayDto, type DayAnswer } from './day';
export { DEFAULT_SETTINGS, MEASURES, SettingsDto, THEMES } from './settings';
export type { SettingsAnswer } from './settings';
export type { HealthAnswer, HouseholdAnswer } from './household';
export {
  FIRST_PAGE_ID,
  FIRST_STYLE_ID,
  type FirstKitchen,
  type FirstPage,
  type WritesFirstPage,
  type WrittenPage,
} from './firstPage';
export {
  BagDto,
  MOST_BAGS,
  MoveDto,
  NewBagDto,
  type BagAnswer,
  type CupboardAnswer,
  type MoveAnswer,
  type MoveReason,
} from './cupboard';
export {
  BIN_DAYS,
  EVERYTHING_BYTES,
  EVERYTHING_FORMAT,
  EVERYTHING_VERSION,
  type BinAnswer,
  type Binned,
  type ErasedAnswer,
  type EverythingFile,
  type MovedOut,
  type TakenInAnswer,
  type TouchesAnswer,
} from './keeping';
