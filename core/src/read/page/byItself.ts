import type { Catalogue } from '../../catalogue';
import { cleanLine, MAX_LINE } from '../clean';
import { rememberedTogether } from '../remember';
import { saidAlone, type Seen } from './alone';
import { PLACED, TOLD } from './data/told';
import { learnAmounts, saidOfFood, saidOfRow } from './foods';
import { wordsOf } from './lexical';

/** A line of the page as it is by itself, whatever stands around it. */
export interface ByItself extends Seen {
  readonly own: readonly string[];
  readonly has: ReadonlySet<string>;
  readonly lexical: readonly string[];
  /** Those of its features that weigh otherwise in another place of the page. */
  readonly placed: readonly string[];
  /** What it says to the lines around it: to the one two below, one below, one above, two above. */
  readonly told: readonly (readonly string[])[];
}

/** From which of its neighbours a line is told something: -2 is the second above. */
export const NEIGHBOURS = [-2, -1, 1, 2] as const;
/** Names that are put together once, not at every line of every page. */
const TOLD_AS = new Map(TOLD.map((name) => [name, NEIGHBOURS.map((by) => `${by}: ${name}`)]));

const WORD_STEPS = [2, 3, 4, 6, 8, 11, 15, 21, 30];
/** A name or a heading has no more words as a rule. */
export const SHORT_WORDS = 4;
const MOST_LINES = 4000;

function seen(raw: string): Seen {
  const clean = cleanLine(raw.slice(0, 4 * MAX_LINE))
    .replace(/^(?:[>|]\s*)+|^#+\s*|\*\*|__/g, '')
    .trim();
  return { raw, clean, words: clean.split(' ').length };
}

function byItself(line: Seen, catalogue: Catalogue): ByItself {
  const own = [
    ...saidAlone(line),
    ...saidOfFood(line, catalogue),
    ...saidOfRow(line, catalogue),
    ...(line.words <= SHORT_WORDS ? ['short'] : []),
    `words ${WORD_STEPS.filter((step) => line.words >= step).length}`,
  ];
  const has = new Set(own);
  const told = own.map((name) => TOLD_AS.get(name)).filter((names) => names !== undefined);
  return {
    ...line,
    own,
    has,
    lexical: wordsOf(line),
    placed: own.filter((name) => PLACED.has(name) || name.startsWith('words')),
    told: NEIGHBOURS.map((_, at) => told.map((names) => names[at]!)),
  };
}

const looks = new WeakMap<Catalogue, ReturnType<typeof rememberedTogether<ByItself>>>();

/** The lines of a page by themselves; while a page is edited, all but one are known. */
export function linesByThemselves(sources: readonly string[], catalogue: Catalogue): ByItself[] {
  const look =
    looks.get(catalogue) ??
    rememberedTogether((raws) => {
      const lines = raws.map(seen);
      learnAmounts(lines);
      return lines.map((line) => byItself(line, catalogue));
    }, MOST_LINES);
  looks.set(catalogue, look);
  look.learn(sources);
  return sources.map(look.of);
}
