/** What a page needs of the contracts without the request classes and their validator. */
export type { ErrorAnswer, ErrorCode } from './errors';
export { APP_HEADER, LIMITS, PATHS, REQUEST_ID_HEADER, pathTo } from './paths';
export { FIRST_PAGE_ID, FIRST_STYLE_ID } from './firstPage';
export { CERTIFICATE_PATH } from './certificate';
export { CODE_MINUTES, HOUSE_ROLES, PASSPHRASE_CHARS, type HouseRole } from './roles';
