export { ERROR_CODES, type ErrorAnswer, type ErrorCode } from './errors';
export { APP_HEADER, LIMITS, PATHS, REQUEST_ID_HEADER, pathTo } from './paths';
export { PageQuery, RecipeDocumentDto } from './recipe';
export type { PageOf, RecipeAnswer, RecipeSummary } from './recipe';
export { KeptDocketDto } from './docket';
export type { DocketAnswer, DocketSummary } from './docket';
export { DEFAULT_SETTINGS, SettingsDto, TEMPERATURE_UNITS, THEMES } from './settings';
export type { SettingsAnswer } from './settings';
export type { HealthAnswer, HouseholdAnswer } from './household';
