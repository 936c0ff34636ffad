import type { FamilyId } from '../../../vocabulary';

/**
 * What a list's things are to a mixing. `dry`: what is whisked through the flour; `wet`: extracts and spirits; `adds`: what is folded
 * in last.
 */
export type MixingPlace =
  'fat' | 'sugar' | 'egg' | 'liquid' | 'flour' | 'dry' | 'wet' | 'chocolate' | 'yeast' | 'adds';

/** Sentences with the places that they name between braces: `{fat+sugar}`. Each is said where each of its braces names something. */
export interface UsualMixing {
  readonly mix: readonly string[];
  /** How it comes to its heat, where the page doesn't say that either. */
  readonly shape: string;
}

const CREAMED: UsualMixing = {
  mix: [
    'Beat {fat+sugar} until pale.',
    'Beat in {egg} a little at a time.',
    'Stir in {flour+dry}.',
    'Stir in {liquid+wet+yeast} until it is smooth.',
    'Fold in {chocolate+adds}.',
  ],
  shape: 'Grease and line the tin and fill it.',
};
const STIRRED: UsualMixing = {
  mix: [
    'Whisk together {flour+dry+sugar}.',
    'Whisk in {egg+liquid+wet+fat+yeast}, what is fat melted, until it is smooth.',
    'Fold in {chocolate+adds}.',
  ],
  shape: 'Grease or line the tin and fill it.',
};
const RUBBED: UsualMixing = {
  mix: [
    'Rub {fat} into {flour+dry} until it looks like crumbs.',
    'Stir in {sugar+chocolate+adds}.',
    'Bring it together with {egg+liquid+wet+yeast}.',
  ],
  shape: 'Roll or pat it out and cut it.',
};
const RAISED: UsualMixing = {
  mix: [
    'Stir {yeast} into {liquid}, lukewarm.',
    'Add {flour+dry+sugar+egg+wet} and beat for 3 to 5 minutes.',
    'Beat in {fat} until it is smooth.',
    'Work in {chocolate+adds}.',
  ],
  shape: 'Shape it with oiled hands; what fills it goes in now.',
};

/** How each family is usually mixed, for a list whose page doesn't say. Common practice; no source. */
export const USUAL_MIXINGS: Readonly<Record<FamilyId, UsualMixing>> = {
  'drop-cookie': {
    mix: [
      'Beat {fat+sugar} until creamy.',
      'Beat in {egg+liquid+wet}.',
      'Stir in {flour+dry}.',
      'Stir in {chocolate+adds}.',
    ],
    shape: 'Set spoonfuls well apart on a lined tray.',
  },
  'cut-out': {
    mix: [
      'Beat {fat+sugar} until creamy.',
      'Beat in {egg+liquid+wet}.',
      'Stir in {flour+dry} until it clumps.',
      'Work in {chocolate+adds}.',
    ],
    shape: 'Roll it out, cut it and set it on a lined tray.',
  },
  'crisp-wafer': {
    mix: [
      'Stir {flour+dry+sugar} together.',
      'Stir in {egg+liquid+wet}, then {fat}, melted.',
      'Stir in {chocolate+adds}.',
    ],
    shape: 'Spread spoonfuls thin on a lined tray.',
  },
  brownie: {
    mix: [
      'Melt {fat+chocolate} gently.',
      'Stir in {sugar}.',
      'Beat in {egg+liquid+wet}.',
      'Fold in {flour+dry}.',
      'Fold in {adds}.',
    ],
    shape: 'Line the tin and spread it in.',
  },
  'creamed-cake': CREAMED,
  loaf: CREAMED,
  'steamed-pudding': { ...CREAMED, shape: 'Grease the basin and fill it.' },
  foam: {
    mix: [
      'Whisk {egg+sugar} until thick and pale.',
      'Sift {flour+dry} over it and fold it in.',
      'Fold in {liquid+wet+fat+chocolate+adds}.',
    ],
    shape: 'Line the tin and fill it at once.',
  },
  muffin: { ...STIRRED, shape: 'Fill the cups.' },
  pancake: { ...STIRRED, shape: 'Ladle it into the hot greased pan.' },
  scone: RUBBED,
  pastry: { ...RUBBED, shape: 'Roll it out and line the tin.' },
  crumble: { ...RUBBED, shape: 'Scatter it over.' },
  choux: {
    mix: [
      'Bring {liquid+fat+sugar+dry} to the boil, take it off, tip in {flour} at once and beat it to a smooth ball.',
      'Let it cool for 5 minutes, then beat in {egg+wet} a little at a time.',
      'Stir in {chocolate+adds}.',
    ],
    shape: 'Pipe it on a lined tray.',
  },
  'yeast-dough': RAISED,
  doughnut: RAISED,
  'mug-cake': {
    mix: [
      'Stir {flour+dry+sugar} together in the mug.',
      'Stir in {egg+liquid+wet+fat} until it is smooth.',
      'Stir in {chocolate+adds}.',
    ],
    shape: 'Level it.',
  },
  flourless: {
    mix: [
      'Melt {fat+chocolate} gently.',
      'Beat {egg+sugar} until thick.',
      'Fold in {flour+dry+liquid+wet}.',
      'Fold in {adds}.',
    ],
    shape: 'Line the tin and fill it.',
  },
};
