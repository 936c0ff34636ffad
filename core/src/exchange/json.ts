import { isDeepJson } from './intricate';

/** Anything that JSON may hold. */
export type Json = null | boolean | number | string | readonly Json[] | { readonly [key: string]: Json };
export type Node = { readonly [key: string]: Json };

export const isNode = (value: Json | undefined): value is Node =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** A value, or each of several. Linked data writes one as itself and more as a list. */
export const listOf = (value: Json | undefined): readonly Json[] =>
  value === undefined || value === null
    ? []
    : Array.isArray(value)
      ? (value as readonly Json[])
      : [value as Json];

/**
 * Parses JSON; undefined where it isn't any, or is nested deeper than any data of ours. A byte-order mark and a trailing
 * semicolon of a script are let pass.
 */
export function parseJson(text: string): Json | undefined {
  if (isDeepJson(text)) return undefined;
  try {
    return JSON.parse(
      text
        .replace(/^\uFEFF/, '')
        .trim()
        .replace(/;$/, ''),
    ) as Json;
  } catch {
    return undefined;
  }
}
