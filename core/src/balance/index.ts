export type { Balance } from './balances';
export { convertPart, type ConvertedPart } from './convertPart';
export { BLEND_MARK, blendFor, flourGrams, wheatGrams, wheatLines, wheatOf } from './flour';
export { judgePart, type Finding, type JudgedBalance, type JudgedPart } from './judge';
export { findStandIn, troublesOf } from './rules/standIn';
export { SCHOOLS } from './data/binders';
export type { Shift } from './types';
