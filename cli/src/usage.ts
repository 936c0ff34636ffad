import { SWEETENERS } from '@omniarton/core/balance';
import {
  AIMS,
  AVOIDANCES,
  BINDER_SCHOOLS,
  DIETS,
  FAMILIES,
  ROUTES,
  STRICTNESSES,
} from '@omniarton/core/vocabulary';

export const VERBS = [
  'read',
  'guard',
  'convert',
  'docket',
  'ways',
  'diagnose',
  'heat',
  'plan',
  'statistics',
  'why',
  'learn',
] as const;
export type Verb = (typeof VERBS)[number];

/** Who uses an option: every verb that asks the guard, those that convert, the trial of a bake or the plan of a day alone. */
type Of = 'all' | 'conversion' | 'trial' | 'handout' | 'day' | 'why' | 'command';

/** What a docket is handed out as. */
export const HANDOUTS = ['text', 'markdown', 'html', 'jsonld', 'csv'] as const;
export type Handout = (typeof HANDOUTS)[number];

interface Option {
  readonly multiple?: boolean;
  readonly type: 'string' | 'boolean';
  readonly of: Of;
  readonly value?: string;
  readonly says: string;
}

/** Every option: read by `parseArgs`, shown by the help. */
export const OPTIONS = {
  diet: { type: 'string', of: 'all', value: DIETS.join('|'), says: 'what is kept out' },
  without: {
    type: 'string',
    multiple: true,
    of: 'all',
    value: 'LIST',
    says: `with commas between: ${AVOIDANCES.join(', ')}; nuts, dairy and soy are understood`,
  },
  gluten: { type: 'string', of: 'all', value: STRICTNESSES.join('|'), says: 'how strictly' },
  kitchen: {
    type: 'string',
    of: 'all',
    value: 'FILE',
    says: "a household's kitchen as JSON: people, own ingredients, jars, weighed cups, ovens, bags",
  },
  people: { type: 'string', of: 'all', value: 'ID,…', says: 'of that kitchen: what they avoid is added' },
  family: {
    type: 'string',
    of: 'conversion',
    value: FAMILIES.join('|'),
    says: 'where the page would be misread',
  },
  school: { type: 'string', of: 'conversion', value: BINDER_SCHOOLS.join('|'), says: 'what binds' },
  route: { type: 'string', of: 'conversion', value: ROUTES.join('|'), says: 'what leads the blend' },
  wish: { type: 'string', of: 'conversion', value: AIMS.join(','), says: 'what the blend aims at' },
  flours: { type: 'string', of: 'conversion', value: '1–5', says: 'at most so many flours' },
  buy: { type: 'string', of: 'conversion', value: 'N', says: 'at most so many bags beside those at home' },
  sweetener: {
    type: 'string',
    of: 'conversion',
    value: Object.keys(SWEETENERS.rows).join('|'),
    says: 'as sweet as the sugar was',
  },
  altitude: { type: 'string', of: 'conversion', value: 'METRES', says: 'how high the kitchen lies' },
  chill: { type: 'string', of: 'conversion', value: 'MINUTES', says: 'how long a cold dough is chilled' },
  as: {
    type: 'string',
    of: 'handout',
    value: HANDOUTS.join('|'),
    says: 'what it is handed out as; text if nothing is said',
  },
  pan: {
    type: 'string',
    of: 'trial',
    value: 'VESSEL',
    says: 'round:D, square:S, rect:LxW, loaf:LxW, ring:OUTERxTUBE, skillet:D, springform:D, ramekin:D (cm), cupcake, muffin-mini, muffin, muffin-jumbo, mug, cookie:MLml, microwave:WATTS',
  },
  count: { type: 'string', of: 'trial', value: 'N', says: 'the batter shared among so many' },
  oven: { type: 'string', of: 'trial', value: 'CELSIUS', says: "other than the recipe's own" },
  fan: { type: 'boolean', of: 'trial', says: 'its fan runs' },
  serve: {
    type: 'string',
    of: 'day',
    value: 'YYYY-MM-DDTHH:MM',
    says: 'when all of it is to be on the table, on the clocks of the place',
  },
  zone: { type: 'string', of: 'day', value: 'PLACE', says: 'whose clocks, as in Europe/Berlin' },
  ovens: {
    type: 'string',
    of: 'day',
    value: '0–6',
    says: 'how many, of two racks each; else those of the kitchen, else one',
  },
  hands: { type: 'string', of: 'day', value: '1–6', says: 'pairs of hands; else one' },
  fridge: {
    type: 'string',
    of: 'day',
    value: '1–60',
    says: 'dishes that the fridge takes at once; else as many as come',
  },
  now: {
    type: 'string',
    of: 'day',
    value: 'YYYY-MM-DDTHH:MM',
    says: 'nothing begins before; else two days and a half before it is served',
  },
  asleep: {
    type: 'string',
    of: 'day',
    value: 'HH:MM-HH:MM',
    says: 'when nobody is awake; else nobody sleeps',
  },
  bake: {
    type: 'string',
    of: 'why',
    value: 'FILE',
    says: 'what was written down of the bake, as JSON: minutes, ovenCelsius, measured, batter',
  },
  seen: {
    type: 'string',
    of: 'why',
    value: 'LIST',
    says: 'what was seen, with commas between, in words or by the ids of symptoms',
  },
  case: { type: 'boolean', of: 'why', says: 'the file holds cases, each with its own context' },
  json: { type: 'boolean', of: 'command', says: 'what is written anyway' },
  help: { type: 'boolean', of: 'command', says: 'this, of a verb or of all' },
  version: { type: 'boolean', of: 'command', says: "the engine's version" },
} as const satisfies Readonly<Record<string, Option>>;

interface VerbRow {
  readonly says: string;
  readonly takes: readonly Of[];
  readonly example: string;
}

/** What each verb answers, the options that it heeds, and a call that works. */
const VERB_ROWS: Readonly<Record<Verb, VerbRow>> = {
  read: {
    says: 'what a page says: its parts, each line with what it holds and weighs, method and bake',
    takes: ['all'],
    example: 'omniarton read buns.txt',
  },
  guard: {
    says: 'what each line holds of gluten, grain and allergens, and the questions that stay open',
    takes: ['all'],
    example: 'omniarton guard buns.txt --diet grain-free --without milk,nuts',
  },
  convert: {
    says: 'the docket: blend, lines, method, rest and bake, with the reason for every shift',
    takes: ['all', 'conversion'],
    example: 'omniarton convert buns.txt --diet gluten-free --school husk',
  },
  docket: {
    says: 'the docket to read, print or send: no JSON, but the words themselves',
    takes: ['all', 'conversion', 'handout'],
    example: 'omniarton docket buns.txt --as markdown',
  },
  ways: {
    says: 'two to four whole ways to convert, each with the one thing that it does worse',
    takes: ['all', 'conversion'],
    example: 'omniarton ways buns.txt --wish chew',
  },
  diagnose: {
    says: 'whether the balances of a recipe without gluten stand in their bands, and what would go wrong',
    takes: ['all', 'conversion'],
    example: 'omniarton diagnose scones.txt',
  },
  heat: {
    says: "the recipe's own batter tried in some vessel and oven",
    takes: ['all', 'conversion', 'trial'],
    example: 'omniarton heat buns.txt --pan round:20.3 --oven 180 --fan',
  },
  statistics: {
    says: 'cases of statistics worked out: tastings, designs, preferences, what is learnt; the file holds a list of { id, section, input }',
    takes: [],
    example: 'omniarton statistics cases.json',
  },
  why: {
    says: 'why a bake came out as it was seen: ranked causes with what speaks for and against each, the cheapest test, and the one thing to change',
    takes: ['all', 'conversion', 'why'],
    example: 'omniarton why buns.txt --seen gummy,sunk',
  },
  learn: {
    says: "what a household's bakes teach of its ovens, flours, doses and doneness: its file of everything, or a list of bakes",
    takes: [],
    example: 'omniarton learn everything.json',
  },
  plan: {
    says: 'the bake day of one recipe or several, planned back from the table: the latest begin, proven or bounded',
    takes: ['all', 'conversion', 'day'],
    example: 'omniarton plan buns.txt --serve 2027-06-19T15:30 --zone Europe/Berlin',
  },
};

const EXITS = `Exit codes
  0  one JSON document on standard output; an outcome such as "infeasible" is an answer too
  2  an option or a file that can't be used: a line on standard error. Of several files the others
     are still answered, and the one in question is { file, error }
  1  a fault of the program itself`;

const WIDTH = 96;

/** Words in lines of a terminal, the later ones indented. */
function wrapped(text: string, indent: number): string {
  const lines: string[] = [];
  for (const word of text.split(' ')) {
    const last = lines.at(-1);
    if (last === undefined || last.length + word.length >= WIDTH - indent) lines.push(word);
    else lines[lines.length - 1] = `${last} ${word}`;
  }
  return lines.join(`\n${' '.repeat(indent)}`);
}

const optionWords = (of: readonly Of[]): string =>
  Object.entries<Option>(OPTIONS)
    .filter(([, one]) => of.includes(one.of))
    .map(([name, { value, says }]) =>
      value === undefined
        ? `  --${name}\n      ${says}`
        : `  --${wrapped(`${name} ${value.replaceAll(/[|,]/g, '$& ')}`, 6).replaceAll(/([|,]) /g, '$1')}\n      ${wrapped(says, 6)}`,
    )
    .join('\n');

/** What `--help` says of a verb, or of the command. */
export function helpOf(verb: Verb | null): string {
  if (verb === null)
    return `omniarton VERB FILE… [options]

${VERBS.map((one) => `  ${one.padEnd(10)}${wrapped(VERB_ROWS[one].says, 12)}`).join('\n')}

A FILE is plain text, a saved page (.html), JSON-LD, Markdown or our own CSV; - reads standard input.
Several files, or several recipes in one, give an array. No answer means that a bake is safe.

${optionWords(['command'])}

Of a verb: omniarton ${VERBS[2]} --help. The shapes of the answers stand in docs/cli.md.

${EXITS}
`;
  const { says, takes, example } = VERB_ROWS[verb];
  return `omniarton ${verb} FILE… [options]

${wrapped(says, 0)}

Example
  ${example}

Options
${optionWords(takes)}

${EXITS}
`;
}
