import type { SymptomId } from '@omniarton/core/vocabulary';

/** The outline of a bake's section; a mouth where it is tasted. */
export type Outline =
  'level' | 'domed' | 'sunk' | 'fallen' | 'low' | 'wide' | 'tall' | 'over' | 'halves' | 'mouth';
/** What is drawn into or onto it. */
export type Mark =
  | 'holes'
  | 'crack'
  | 'bottom line'
  | 'wet middle'
  | 'drops'
  | 'crumbs'
  | 'grains'
  | 'dark top'
  | 'pale'
  | 'fat'
  | 'hard edge'
  | 'green'
  | 'patches'
  | 'dense'
  | 'stretch'
  | 'stuck'
  | 'second day'
  | 'was taller'
  | 'tear';

/** How each symptom is drawn: a section through a bake, an outline and its marks. */
export const DRAWINGS: Readonly<Record<SymptomId, readonly [outline: Outline, ...marks: Mark[]]>> = {
  gummy: ['level', 'dense', 'stretch'],
  'wet-line': ['level', 'bottom line'],
  raw: ['level', 'wet middle'],
  wet: ['level', 'drops'],
  'soggy-base': ['low', 'bottom line', 'drops'],
  'soft-shell': ['domed', 'drops'],
  crumbly: ['level', 'crumbs'],
  'falls-apart': ['halves', 'crumbs'],
  'cracks-rolling': ['wide', 'tear'],
  dry: ['level', 'holes', 'crumbs'],
  'dry-later': ['level', 'second day'],
  gritty: ['level', 'grains'],
  'sugar-gritty': ['domed', 'grains', 'drops'],
  dense: ['low', 'dense'],
  tight: ['level', 'dense'],
  flat: ['low'],
  'no-rise': ['low', 'dense'],
  sunk: ['sunk'],
  collapsed: ['fallen'],
  'domed-cracked': ['tall', 'crack'],
  cracked: ['domed', 'crack'],
  'coarse-holes': ['level', 'holes'],
  greasy: ['wide', 'fat'],
  spread: ['wide'],
  'lost-shape': ['wide', 'was taller'],
  'no-spread': ['tall'],
  cakey: ['tall', 'holes'],
  tough: ['level', 'stretch'],
  hard: ['level', 'hard edge'],
  pale: ['domed', 'pale'],
  dark: ['domed', 'dark top'],
  soapy: ['mouth', 'drops'],
  bitter: ['mouth', 'dark top'],
  eggy: ['mouth', 'patches'],
  beany: ['mouth', 'green'],
  chalky: ['mouth', 'grains'],
  stuck: ['halves', 'stuck'],
  overflowed: ['over'],
  green: ['level', 'green'],
  mould: ['level', 'green', 'patches'],
  patchy: ['domed', 'patches'],
};

/** In which order they are looked for: from the outside to the taste. */
export const SYMPTOM_GROUPS: readonly { readonly name: string; readonly of: readonly SymptomId[] }[] = [
  {
    name: 'Its shape',
    of: [
      'sunk',
      'collapsed',
      'flat',
      'no-rise',
      'domed-cracked',
      'cracked',
      'overflowed',
      'spread',
      'lost-shape',
      'no-spread',
      'cracks-rolling',
      'stuck',
    ],
  },
  { name: 'Its colour', of: ['pale', 'dark', 'patchy', 'green', 'mould'] },
  {
    name: 'Its crumb',
    of: [
      'gummy',
      'wet-line',
      'raw',
      'wet',
      'soggy-base',
      'dense',
      'tight',
      'coarse-holes',
      'crumbly',
      'falls-apart',
      'cakey',
    ],
  },
  {
    name: 'In the mouth',
    of: [
      'dry',
      'dry-later',
      'gritty',
      'sugar-gritty',
      'chalky',
      'tough',
      'hard',
      'soft-shell',
      'greasy',
      'soapy',
      'bitter',
      'eggy',
      'beany',
    ],
  },
];
