import type { FlourClass } from '@omniarton/core/vocabulary';

/** Colours by name for light and dark. Every style takes them through the theme, as CSS variables. */
const COLOURS = {
  ground: ['#f3ecdf', '#191714'],
  table: ['#ebe2d0', '#211e1a'],
  paper: ['#fffdf7', '#2a2621'],
  ink: ['#211e19', '#f3ecdf'],
  soft: ['#5a5245', '#bdb19d'],
  line: ['#cfc3ac', '#4a443b'],
  strong: ['#857a66', '#8d8271'],
  act: ['#1d4f60', '#8fc7d8'],
  onAct: ['#fffdf7', '#10262d'],
  danger: ['#92261f', '#f0a196'],
  dangerWash: ['#f7e2db', '#43211c'],
  ask: ['#7a5200', '#ecc26b'],
  askWash: ['#f8ebcb', '#3d2f12'],
  calm: ['#2f5d34', '#a3cfa5'],
  mark: ['#f6e7a9', '#4c421b'],
  focus: ['#0b6bcb', '#7ebcff'],
  rice: ['#b58b00', '#dcb73c'],
  wholeGrain: ['#8a5021', '#cf8f58'],
  starch: ['#3f6f8f', '#86b4d1'],
  nut: ['#9c3b2e', '#e08a77'],
  legume: ['#4e6f2c', '#9fc275'],
  root: ['#70457a', '#c396cf'],
  wheat: ['#6d6a5c', '#a9a592'],
  binder: ['#2b6f6a', '#7cc4be'],
} as const;
type ColourName = keyof typeof COLOURS;

const colour = Object.fromEntries(Object.keys(COLOURS).map((name) => [name, `var(--${name})`])) as Record<
  ColourName,
  string
>;

export const variablesFor = (mode: 'light' | 'dark'): string =>
  Object.entries(COLOURS)
    .map(([name, [light, dark]]) => `--${name}:${mode === 'light' ? light : dark};`)
    .join('');

export const theme = {
  colour,
  flour: {
    rice: colour.rice,
    'whole grain': colour.wholeGrain,
    starch: colour.starch,
    nut: colour.nut,
    legume: colour.legume,
    'root and fruit': colour.root,
    wheat: colour.wheat,
    binder: colour.binder,
  } satisfies Record<FlourClass, string>,
  font: {
    text: "'Sofia Sans Variable', system-ui, sans-serif",
    figures: "'Sofia Sans Condensed Variable', 'Sofia Sans Variable', system-ui, sans-serif",
    written: "'Literata Variable', Georgia, serif",
  },
  space: (steps: number) => `${steps * 4}px`,
  touch: '44px',
  wide: '@media (min-width: 1000px)',
  phone: '@media (max-width: 699px)',
} as const;

export type Theme = typeof theme;
