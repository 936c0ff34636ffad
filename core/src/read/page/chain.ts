import { PAGE_KINDS, type PageKind } from '../../vocabulary';
import type { KindOfLine } from './kinds';

/** How much each feature speaks for each kind, and each kind for the one that follows it. In the order of PAGE_KINDS. */
export interface ChainWeights {
  /** What a whole one of `features` counts: a table of whole numbers is small. */
  readonly unit: number;
  readonly features: Readonly<Record<string, readonly number[]>>;
  /** `pairs[titled][from][to]`: before a page's title, and from it on; the last row is what a page may begin with. */
  readonly pairs: Pairs;
  /** What speaks for a page that ends without a title, and for one that has had it. */
  readonly endings: readonly number[];
}
export type Links = Pick<ChainWeights, 'pairs' | 'endings'>;
type Pairs = readonly (readonly (readonly number[])[])[];
type Rows = readonly (readonly number[])[];

export const KINDS = PAGE_KINDS.length;
const START = KINDS;
const TITLE = PAGE_KINDS.indexOf('title');
/** A page has one title: each kind stands twice, before it and from it on. */
const STATES = 2 * KINDS;

interface Arc {
  readonly from: number;
  readonly to: number;
  readonly titled: number;
  readonly last: number;
  readonly kind: number;
}
const arcsFrom = (from: number, last: number, titled: number): Arc[] =>
  PAGE_KINDS.map((_, kind) => ({
    from,
    to: kind + (titled || kind === TITLE ? KINDS : 0),
    titled,
    last,
    kind,
  }));
const BEGINNINGS = arcsFrom(0, START, 0);
const ARCS = Array.from({ length: STATES }, (_, s) => arcsFrom(s, s % KINDS, s < KINDS ? 0 : 1))
  .flat()
  .filter(({ titled, kind }) => titled === 0 || kind !== TITLE);

const row = (value: number) => new Array<number>(STATES).fill(value);

/** The best sequence of kinds (Viterbi 1967), as numbers. `unary`: what speaks for each kind of each line. */
export function bestKinds(unary: Rows, { pairs, endings }: Links): number[] {
  const from: number[][] = [];
  let best = row(-Infinity);
  unary.forEach((own, at) => {
    const now = row(-Infinity);
    const back = row(0);
    for (const arc of at === 0 ? BEGINNINGS : ARCS) {
      const score =
        (at === 0 ? 0 : best[arc.from]!) + pairs[arc.titled]![arc.last]![arc.kind]! + own[arc.kind]!;
      if (score > now[arc.to]!) [now[arc.to], back[arc.to]] = [score, arc.from];
    }
    best = now;
    from.push(back);
  });
  const kinds: number[] = [];
  const ended = best.map((score, state) => score + endings[state < KINDS ? 0 : 1]!);
  let state = ended.indexOf(Math.max(...ended));
  for (let at = unary.length - 1; at >= 0; at -= 1) {
    kinds[at] = state % KINDS;
    state = from[at]![state]!;
  }
  return kinds;
}

const scaled = (values: number[]): number[] => {
  const sum = values.reduce((a, b) => a + b, 0);
  return sum > 0 ? values.map((value) => value / sum) : values;
};

interface Passes {
  /** How probable each state of each line is by the lines up to it, and how probable those after it are by it. */
  readonly ahead: Rows;
  readonly behind: Rows;
  /** What an arc to a line weighs. */
  readonly weigh: (arc: Arc, at: number) => number;
}

/** Forward and backward over a page (Rabiner 1989), scaled line by line. A kind whose score is -Infinity is ruled out. */
function passesOver(unary: Rows, { pairs, endings }: Links): Passes {
  const likely = unary.map((own) => {
    const most = Math.max(...own);
    return own.map((score) => Math.exp(score - most));
  });
  const step = pairs.map((half) => half.map((one) => one.map(Math.exp)));
  const weigh = ({ titled, last, kind }: Arc, at: number) => step[titled]![last]![kind]! * likely[at]![kind]!;
  const ahead: number[][] = [];
  likely.forEach((_, at) => {
    const now = row(0);
    for (const arc of at === 0 ? BEGINNINGS : ARCS)
      now[arc.to]! += (at === 0 ? 1 : ahead[at - 1]![arc.from]!) * weigh(arc, at);
    ahead.push(scaled(now));
  });
  const behind: number[][] = unary.map(() =>
    row(1).map((_, state) => Math.exp(endings[state < KINDS ? 0 : 1]!)),
  );
  for (let at = unary.length - 2; at >= 0; at -= 1) {
    const now = row(0);
    for (const arc of ARCS) now[arc.from]! += behind[at + 1]![arc.to]! * weigh(arc, at + 1);
    behind[at] = scaled(now);
  }
  return { ahead, behind, weigh };
}

const statesOf = ({ ahead, behind }: Passes) =>
  ahead.map((now, at) => scaled(now.map((value, state) => value * behind[at]![state]!)));
const kindsOf = (states: Rows) =>
  states.map((line) => PAGE_KINDS.map((_, kind) => line[kind]! + line[kind + KINDS]!));

/** What the whole page makes of each line: the probability of each kind. */
export const probabilities = (unary: Rows, links: Links): Rows => kindsOf(statesOf(passesOver(unary, links)));

/** What the whole page makes of each line; how often each pair of kinds and each ending is to be expected. */
export interface Expected extends Links {
  /** The probability of each kind of each line. */
  readonly kinds: Rows;
}

/** What a page leads to expect by some weights: the fitter's slope is what it expects less what it is told. */
export function expected(unary: Rows, links: Links): Expected {
  const passes = passesOver(unary, links);
  const { ahead, behind, weigh } = passes;
  const states = statesOf(passes);
  const kinds = kindsOf(states);
  const sums = links.pairs.map((half) => half.map((one) => one.map(() => 0)));
  kinds[0]?.forEach((value, kind) => (sums[0]![START]![kind]! += value));
  for (let at = 1; at < unary.length; at += 1) {
    const through = ARCS.map((arc) => ahead[at - 1]![arc.from]! * weigh(arc, at) * behind[at]![arc.to]!);
    const all = through.reduce((a, b) => a + b, 0);
    ARCS.forEach(({ titled, last, kind }, n) => (sums[titled]![last]![kind]! += through[n]! / all));
  }
  const titled = (states.at(-1) ?? []).slice(KINDS).reduce((a, b) => a + b, 0);
  return { kinds, pairs: sums, endings: [1 - titled, titled] };
}

const tables = new WeakMap<ChainWeights['features'], ReadonlyMap<string, readonly number[]>>();
/** A table of thousands of names is looked through faster as a map. */
function tableOf(features: ChainWeights['features']): ReadonlyMap<string, readonly number[]> {
  const known = tables.get(features) ?? new Map(Object.entries(features));
  tables.set(features, known);
  return known;
}

/** What the features of a line say for each kind of it. */
export function scoresOf(active: readonly string[], { features, unit }: ChainWeights): number[] {
  const table = tableOf(features);
  const sum = new Array<number>(KINDS).fill(0);
  for (const name of active) {
    const weights = table.get(name);
    if (weights) for (let k = 0; k < KINDS; k += 1) sum[k]! += weights[k]!;
  }
  return sum.map((score) => score * unit);
}

/**
 * The kinds of a page's lines, decided together, each with its probability. A line that a person has said the kind of is
 * `held`, and those around it are decided anew. A page has one title: of several that are held the first leads.
 */
export function decideKinds(
  active: readonly (readonly string[])[],
  weights: ChainWeights,
  held: ReadonlyMap<number, PageKind> = new Map(),
): KindOfLine[] {
  const leading = [...held]
    .filter(([, kind]) => kind === 'title')
    .map(([at]) => at)
    .sort((a, b) => a - b)[0];
  const unary = active.map((names, at) => {
    const said = held.get(at);
    const scores = scoresOf(names, weights);
    if (said === undefined) return scores;
    const must = said === 'title' && at !== leading ? 'note' : said;
    return scores.map((score, k) => (PAGE_KINDS[k] === must ? score : -Infinity));
  });
  const best = bestKinds(unary, weights);
  const kinds = probabilities(unary, weights);
  return best.map((kind, at) => {
    const said = held.get(at);
    if (said !== undefined) return { kind: said, sure: 1, or: said };
    const shares = kinds[at]!;
    const second = PAGE_KINDS.map((_, k) => k)
      .filter((k) => k !== kind)
      .reduce((a, b) => (shares[b]! > shares[a]! ? b : a));
    return { kind: PAGE_KINDS[kind]!, sure: shares[kind]!, or: PAGE_KINDS[second]! };
  });
}
