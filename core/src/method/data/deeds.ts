import type { ActionClass, Sign } from '../../process';

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
export const BY_SIGN = [
  ['dust', 'dusts with flour'],
  ['sift', 'sifts'],
  ['whisk', 'whisks'],
  ['roll', 'rolls out'],
] as const satisfies readonly (readonly [Deed, Sign])[];
