import type { ActionClass } from '../../process';

/** What a technique listens for in a step. */
export type Deed =
  | 'grease'
  | 'dust'
  | 'melt'
  | 'boil'
  | 'sift'
  | 'whisk'
  | 'mix'
  | 'fold'
  | 'knead'
  | 'prove'
  | 'roll'
  | 'bake'
  | 'slice'
  | 'else';

/** What each class of action is to a technique. */
export const BY_CLASS: Partial<Record<ActionClass, readonly Deed[]>> = {
  'line-tin': ['grease'],
  melt: ['melt'],
  boil: ['boil'],
  beat: ['mix'],
  cream: ['mix'],
  foam: ['whisk', 'mix'],
  combine: ['mix'],
  fold: ['fold'],
  knead: ['knead'],
  prove: ['prove'],
  bake: ['bake'],
  fry: ['bake'],
  griddle: ['bake'],
  steam: ['bake'],
  microwave: ['bake'],
};

/** Where the words say more than the class. */
export const BY_WORDS: readonly (readonly [Deed, RegExp])[] = [
  ['dust', /\bfloured\b|(?:\band|&) flour\b|\bflour (?:the|your|an?|two)\b|\b(?:dust|sprinkl|dredg)\w*[^.]*\bflour\b/i],
  ['sift', /\b(?:sift|sieve)/i],
  ['whisk', /\bwhi(?:sk|p)/i],
  ['roll', /\broll(?:ed|ing)? (?:(?:it|them|the (?:\w+ )?(?:dough|pastry)) )?(?:out|thin|between|to (?!serve))|\broll(?:ed)?\b[^.]*\b(?:thick|mm|cm|inch)/i],
];
/** What is cut when it is baked; before that it is shaped. */
export const CUT_UP =
  /\b(?:slice|cuts? (?:it |them )?(?:in)?to (?:\w+ )?(?:squares|slices|bars|wedges|fingers|pieces)|cut (?:up|small|(?:it )?(?:warm|cold)))\b/i;
