import type { Action, ActionClass } from '../../process';

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
const BY_CLASS: Partial<Record<ActionClass, readonly Deed[]>> = {
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
const BY_WORDS: readonly (readonly [Deed, RegExp])[] = [
  ['dust', /\bfloured\b|(?:\band|&) flour\b|\bflour (?:the|your|an?|two)\b|\b(?:dust|sprinkl|dredg)\w*[^.]*\bflour\b/i],
  ['sift', /\b(?:sift|sieve)/i],
  ['whisk', /\bwhi(?:sk|p)/i],
  ['roll', /\broll(?:ed|ing)? (?:(?:it|them|the (?:\w+ )?(?:dough|pastry)) )?(?:out|thin|between|to (?!serve))|\broll(?:ed)?\b[^.]*\b(?:thick|mm|cm|inch)/i],
];
/** What is cut when it is baked; before that it is shaped. */
const CUT_UP =
  /\b(?:slice|cuts? (?:it |them )?(?:in)?to (?:\w+ )?(?:squares|slices|bars|wedges|fingers|pieces)|cut (?:up|small|(?:it )?(?:warm|cold)))\b/i;

/** What an action does, as techniques listen for it. `baked`: it comes after the bake. */
export function deedsOf({ class: kind, text }: Action, baked: boolean): Deed[] {
  const deeds: Deed[] = [
    ...((kind && BY_CLASS[kind]) ?? []),
    ...BY_WORDS.filter(([, words]) => words.test(text)).map(([deed]) => deed),
    ...(baked && CUT_UP.test(text) ? (['slice'] as const) : []),
  ];
  return deeds.length > 0 || kind === null ? deeds : ['else'];
}
