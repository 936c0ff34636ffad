export type { Balance } from './balances';
export { convertPart, type ConvertedPart } from './convertPart';
export { blendFor, flourGrams, wheatGrams, wheatLines, wheatOf } from './flour';
export { findStandIn, troublesOf } from './rules/standIn';
export type { Setting, Shift } from './types';
