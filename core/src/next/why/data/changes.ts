import type { CauseId } from './causes';

/** More (+1) or less (−1) of something in B than in A; 0: no visible change. */
export type Direction = -1 | 0 | 1;

/** What is looked at where two bakes lie side by side. */
export const ASPECTS = ['thickness', 'spread', 'colour', 'crispEdge', 'chew', 'crumb'] as const;
export type Aspect = (typeof ASPECTS)[number];

/** What more of it does: thickness, spread, darker colour, crisp edge, chew, and a softer, moister crumb; null where it doesn't apply. */
type Effect = readonly (Direction | null)[];

export interface ChangeRow {
  readonly name: string;
  /** Words that name it, as bakers write changes down. */
  readonly words: RegExp;
  /** Of pieces on a tray; and of what is baked in a tin. */
  readonly pieces: Effect;
  readonly tins: Effect;
  /** What goes wrong with too much of it, and with too little. */
  readonly more: readonly CauseId[];
  readonly less: readonly CauseId[];
  /** How sure the directions are, 0–1. */
  readonly sure: number;
}

/** In the order in which they are looked for. Directions from common practice and from our own side-by-side trials; no published source. */
export const CHANGES = {
  'sweet-rice': {
    name: 'sweet rice flour',
    words: /\b(?:sweet|glutinous|sticky)\b[^,;]*\brice|\bmochi/i,
    pieces: [-1, 1, 1, 1, 1, 1],
    tins: [0, null, 0, 0, 1, 1],
    more: ['too-wet'],
    less: ['no-binder'],
    sure: 0.65,
  },
  'brown-sugar': {
    name: 'brown sugar',
    words: /\b(?:brown|muscovado|dark|demerara|coconut) sugar|\bmuscovado/i,
    pieces: [1, -1, 1, -1, 1, 1],
    tins: [0, null, 1, -1, 1, 1],
    more: [],
    less: [],
    sure: 0.65,
  },
  syrup: {
    name: 'syrup or honey',
    words: /\bhoney|\bsyrup|\bmolasses|\btreacle/i,
    pieces: [-1, 1, 1, -1, 1, 1],
    tins: [0, null, 1, -1, 1, 1],
    more: ['too-wet', 'too-much-sugar'],
    less: [],
    sure: 0.6,
  },
  bean: {
    name: 'bean flour',
    words: /\bchickpea|\bgram flour|\bbean|\blentil|\bpea flour|\bsoy/i,
    pieces: [1, -1, 1, 0, 0, 0],
    tins: [1, null, 1, 0, 0, 0],
    more: ['bean-flour', 'too-dry'],
    less: [],
    sure: 0.5,
  },
  nut: {
    name: 'ground nuts',
    words: /\balmonds?\b|\bhazelnut|\bnuts?\b|\bpecan|\bwalnut/i,
    pieces: [-1, 1, 1, -1, -1, 1],
    tins: [0, null, 1, null, -1, 1],
    more: ['nut-browning', 'too-much-fat'],
    less: [],
    sure: 0.6,
  },
  starch: {
    name: 'starch',
    words: /\bstarch\b|\bcorn ?flour\b|\barrowroot|\btapioca/i,
    pieces: [1, -1, -1, -1, -1, 1],
    tins: [0, null, -1, 0, -1, 1],
    more: ['too-much-starch', 'too-dry'],
    less: [],
    sure: 0.65,
  },
  grind: {
    name: 'a finer grind',
    words: /\bground (?:more )?fine|\bfiner\b|\bsuperfine|\bgrind|\bcoarse|\bstone-?ground|\bmilled/i,
    pieces: [1, -1, 0, 0, 0, 1],
    tins: [0, null, 0, 0, 0, 1],
    more: [],
    less: ['gritty'],
    sure: 0.55,
  },
  flour: {
    name: 'thirsty flour',
    words: /\bcassava|\bcoconut flour|\bflax|\boat (?:flour|fibre)|\bbuckwheat|\bflour\b|\bblend\b/i,
    pieces: [1, -1, 0, -1, 0, -1],
    tins: [1, null, 0, 0, 0, -1],
    more: ['too-dry'],
    less: ['too-wet'],
    sure: 0.55,
  },
  gum: {
    name: 'binder',
    words: /\bxanthan|\bguar\b|\bgums?\b|\bpsyllium|\bhusk|\bchia/i,
    pieces: [1, -1, 0, -1, 1, 0],
    tins: [0, null, 0, 0, 1, 1],
    more: ['too-much-gum'],
    less: ['no-binder'],
    sure: 0.65,
  },
  egg: {
    name: 'egg',
    words: /\beggs?\b|\byolks?\b|\bwhites?\b(?! sugar)/i,
    pieces: [1, -1, 0, -1, 0, 1],
    tins: [1, null, 1, 0, 0, 1],
    more: ['too-much-egg', 'too-wet'],
    less: ['too-little-egg', 'no-binder', 'too-dry'],
    sure: 0.55,
  },
  melted: {
    name: 'melted butter',
    words: /\bmelt(?:ed|ing)?\b/i,
    pieces: [-1, 1, 0, 0, 1, 0],
    tins: [-1, null, 0, 0, 1, 0],
    more: ['no-chill'],
    less: [],
    sure: 0.6,
  },
  oil: {
    name: 'oil in the place of butter',
    words: /\boil\b/i,
    pieces: [-1, 1, -1, -1, 0, 1],
    tins: [0, null, 0, 0, 0, 1],
    more: ['too-much-fat'],
    less: [],
    sure: 0.55,
  },
  fat: {
    name: 'fat',
    words: /\bbutter\b(?!milk)|\bfat\b|\bshortening|\blard|\bmargarine/i,
    pieces: [-1, 1, 0, 1, -1, 1],
    tins: [0, null, 0, 0, -1, 1],
    more: ['too-much-fat'],
    less: ['too-little-fat'],
    sure: 0.65,
  },
  sugar: {
    name: 'sugar',
    words: /\bsugar\b/i,
    pieces: [-1, 1, 1, 1, 1, 1],
    tins: [0, null, 1, 1, 0, 1],
    more: ['too-much-sugar'],
    less: ['too-dry'],
    sure: 0.65,
  },
  soda: {
    name: 'soda',
    words: /\bsoda\b|\bbicarb/i,
    pieces: [0, 1, 1, 0, 0, 0],
    tins: [1, null, 1, 0, 0, 1],
    more: ['too-much-soda'],
    less: ['too-little-lift'],
    sure: 0.55,
  },
  acid: {
    name: 'acid',
    words: /\bbuttermilk|\blemon juice|\bvinegar|\bcream of tartar|\bacid\b/i,
    pieces: [1, -1, -1, 0, 0, 0],
    tins: [0, null, -1, 0, 0, 1],
    more: [],
    less: ['no-acid', 'too-much-soda'],
    sure: 0.5,
  },
  powder: {
    name: 'baking powder',
    words: /\bbaking powder|\bpowder\b(?! sugar)|\byeast\b/i,
    pieces: [1, 0, 0, -1, -1, 1],
    tins: [1, null, 0, 0, -1, 1],
    more: ['too-much-lift'],
    less: ['too-little-lift'],
    sure: 0.55,
  },
  proof: {
    name: 'a longer rise',
    words: /\bproof|\bproving|\bsecond rise|\brise\b|\brising\b/i,
    pieces: [1, 0, 0, 0, -1, 1],
    tins: [1, null, 0, 0, -1, 1],
    more: [],
    less: ['under-proofed'],
    sure: 0.6,
  },
  milk: {
    name: 'milk in the place of water',
    words: /\bwater\b/i,
    pieces: [0, 0, 1, 0, 0, 1],
    tins: [0, null, 1, null, 0, 1],
    more: [],
    less: [],
    sure: 0.55,
  },
  liquid: {
    name: 'liquid',
    words: /\bmilk|\bliquid|\bbanana|\bjuice|\byogh?urt|\bpur[eé]e|\bpumpkin|\bcream\b|\bapple ?sauce/i,
    pieces: [-1, 1, -1, -1, 0, 1],
    tins: [0, null, 0, -1, 0, 1],
    more: ['too-wet'],
    less: ['too-dry'],
    sure: 0.6,
  },
  minutes: {
    name: 'minutes in the oven',
    words:
      /\bminutes? (?:more|less|longer|shorter|fewer|earlier|later)|\bbaked\b|\bbake time|\bmin\b(?![^,;]*(?:proof|rest|ris))/i,
    pieces: [0, 0, 1, 1, -1, -1],
    tins: [0, null, 1, 1, 0, -1],
    more: ['over-baked'],
    less: ['under-baked'],
    sure: 0.75,
  },
  chill: {
    name: 'time in the cold',
    words: /\bchill|\bfridge|\bfreez|\bfrozen|\bcold\b/i,
    pieces: [1, -1, 1, 1, 1, 1],
    tins: [0, null, 0, 0, 0, 1],
    more: [],
    less: ['no-chill'],
    sure: 0.75,
  },
  oven: {
    name: 'a hotter oven',
    words: /\boven|\bdial|°|\b\d{3} ?[CF]\b/i,
    pieces: [1, -1, 1, 1, 0, 0],
    tins: [1, null, 1, 1, 0, -1],
    more: ['too-hot'],
    less: ['too-cold', 'under-baked'],
    sure: 0.65,
  },
  rest: {
    name: 'a longer rest',
    words: /\brest(?:ed|ing)?\b|\bstood\b|\bovernight|\bhydrat/i,
    pieces: [1, -1, 1, 0, 1, 1],
    tins: [0, null, 0, 0, 0, 1],
    more: [],
    less: ['no-rest'],
    sure: 0.6,
  },
  tin: {
    name: 'a larger tin',
    words: /\btin\b|\bpan\b|\bbasin|\bmould|\bmold|\bdeep/i,
    pieces: [0, 0, 0, 0, 0, 0],
    tins: [-1, null, 0, 1, 0, -1],
    more: ['over-baked'],
    less: ['pan-too-small', 'under-baked'],
    sure: 0.6,
  },
  size: {
    name: 'larger pieces',
    words: /\bscoop|\blarger (?:pieces|cookies)|\bsize\b|\bsmaller (?:pieces|cookies)/i,
    pieces: [1, 1, -1, -1, 1, 1],
    tins: [0, null, 0, 0, 0, 1],
    more: ['under-baked'],
    less: ['over-baked'],
    sure: 0.6,
  },
  cut: {
    name: 'time before it is cut',
    words: /\bcut\b(?! (?:by|to|from|down))|\bsliced|\bcool(?:ed|ing)?\b/i,
    pieces: [0, 0, 0, 1, 0, 0],
    tins: [0, null, 0, 0, 0, 1],
    more: [],
    less: ['cut-hot'],
    sure: 0.5,
  },
} as const satisfies Readonly<Record<string, ChangeRow>>;
export type ChangeKind = keyof typeof CHANGES;
export const CHANGE_KINDS = Object.keys(CHANGES) as readonly ChangeKind[];
