/** What a page needs of the contracts without the request classes and their validator. */
export type { ErrorAnswer, ErrorCode } from './errors';
export { APP_HEADER, LIMITS, PATHS, REQUEST_ID_HEADER, pathTo } from './paths';
