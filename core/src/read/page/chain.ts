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
  readonly kind: number;
  /** Its place among the links, laid flat. */
  readonly link: number;
}
const linkOf = (titled: number, last: number, kind: number) => (titled * (KINDS + 1) + last) * KINDS + kind;
const arcsFrom = (from: number, last: number, titled: number): Arc[] =>
  PAGE_KINDS.map((_, kind) => ({
    from,
    to: kind + (titled || kind === TITLE ? KINDS : 0),
    kind,
    link: linkOf(titled, last, kind),
  }));
const BEGINNINGS = arcsFrom(0, START, 0);
const ARCS = Array.from({ length: STATES }, (_, s) =>
  arcsFrom(s, s % KINDS, s < KINDS ? 0 : 1).filter(({ kind }) => s < KINDS || kind !== TITLE),
).flat();

const laidFlat = new WeakMap<Pairs, Float64Array>();
/** The links laid flat: a page asks for each some hundred times a line. */
function flat(pairs: Pairs): Float64Array {
  const known = laidFlat.get(pairs) ?? Float64Array.from(pairs.flat(2));
  laidFlat.set(pairs, known);
  return known;
}
const risenFlat = new WeakMap<Pairs, Float64Array>();
/** The same as what each multiplies a chance by. */
function risen(pairs: Pairs): Float64Array {
  const known = risenFlat.get(pairs) ?? flat(pairs).map(Math.exp);
  risenFlat.set(pairs, known);
  return known;
}
const endOf = (endings: readonly number[]) => (state: number) => endings[state < KINDS ? 0 : 1]!;

/** The best sequence of kinds (Viterbi 1967), as numbers. `unary`: what speaks for each kind of each line. */
export function bestKinds(unary: Rows, { pairs, endings }: Links): number[] {
  const links = flat(pairs);
  const from: Uint8Array[] = [];
  let best = new Float64Array(STATES);
  unary.forEach((own, at) => {
    const now = new Float64Array(STATES).fill(-Infinity);
    const back = new Uint8Array(STATES);
    for (const arc of at === 0 ? BEGINNINGS : ARCS) {
      const score = best[arc.from]! + links[arc.link]! + own[arc.kind]!;
      if (score > now[arc.to]!) {
        now[arc.to] = score;
        back[arc.to] = arc.from;
      }
    }
    best = now;
    from.push(back);
  });
  const kinds: number[] = [];
  const end = endOf(endings);
  const ended = best.map((score, state) => score + end(state));
  let state = ended.indexOf(Math.max(...ended));
  for (let at = unary.length - 1; at >= 0; at -= 1) {
    kinds[at] = state % KINDS;
    state = from[at]![state]!;
  }
  return kinds;
}

/** In place: made to sum to one. */
function scale(values: Float64Array): Float64Array {
  let sum = 0;
  for (let n = 0; n < values.length; n += 1) sum += values[n]!;
  if (sum > 0) for (let n = 0; n < values.length; n += 1) values[n]! /= sum;
  return values;
}

interface Passes {
  /** How probable each state of each line is by the lines up to it, and how probable those after it are by it. */
  readonly ahead: readonly Float64Array[];
  readonly behind: readonly Float64Array[];
  /** What a link weighs, and each kind of each line by itself. */
  readonly links: Float64Array;
  readonly likely: readonly Float64Array[];
}

/** Forward and backward over a page (Rabiner 1989), scaled line by line. A kind whose score is -Infinity is ruled out. */
function passesOver(unary: Rows, { pairs, endings }: Links): Passes {
  const likely = unary.map((own) => {
    const most = Math.max(...own);
    return new Float64Array(own).map((score) => Math.exp(score - most));
  });
  const links = risen(pairs);
  const ahead = unary.map(() => new Float64Array(STATES));
  ahead.forEach((now, at) => {
    const [before, own] = [ahead[at - 1], likely[at]!];
    for (const { from, to, kind, link } of before ? ARCS : BEGINNINGS)
      now[to]! += (before ? before[from]! : 1) * links[link]! * own[kind]!;
    scale(now);
  });
  const end = endOf(endings);
  const behind = unary.map(() => new Float64Array(STATES));
  behind.at(-1)?.forEach((_, state, last) => (last[state] = Math.exp(end(state))));
  for (let at = unary.length - 2; at >= 0; at -= 1) {
    const [now, after, own] = [behind[at]!, behind[at + 1]!, likely[at + 1]!];
    for (const { from, to, kind, link } of ARCS) now[from]! += after[to]! * links[link]! * own[kind]!;
    scale(now);
  }
  return { ahead, behind, links, likely };
}

const statesOf = ({ ahead, behind }: Passes) =>
  ahead.map((now, at) => scale(now.map((value, state) => value * behind[at]![state]!)));
const kindsOf = (states: readonly Float64Array[]) =>
  states.map((line) => PAGE_KINDS.map((_, kind) => line[kind]! + line[kind + KINDS]!));

/** What the whole page makes of each line: the probability of each kind. */
export const probabilities = (unary: Rows, links: Links): Rows => kindsOf(statesOf(passesOver(unary, links)));

/** What the whole page makes of each line; how often each pair of kinds and each ending is to be expected. */
export interface Expected extends Links {
  /** The probability of each kind of each line. */
  readonly kinds: Rows;
}

/** What a page leads to expect by some weights: the fitter's slope is what it expects less what it is told. */
export function expected(unary: Rows, given: Links): Expected {
  const passes = passesOver(unary, given);
  const { ahead, behind, links, likely } = passes;
  const states = statesOf(passes);
  const kinds = kindsOf(states);
  const sums = new Float64Array(links.length);
  kinds[0]?.forEach((value, kind) => (sums[linkOf(0, START, kind)]! += value));
  const through = new Float64Array(ARCS.length);
  for (let at = 1; at < unary.length; at += 1) {
    const [before, after, own] = [ahead[at - 1]!, behind[at]!, likely[at]!];
    ARCS.forEach(({ from, to, kind, link }, n) => {
      through[n] = before[from]! * links[link]! * own[kind]! * after[to]!;
    });
    scale(through);
    ARCS.forEach(({ link }, n) => (sums[link]! += through[n]!));
  }
  const titled = (states.at(-1) ?? new Float64Array(STATES)).slice(KINDS).reduce((a, b) => a + b, 0);
  const pairs = given.pairs.map((half, t) =>
    half.map((row, last) => row.map((_, kind) => sums[linkOf(t, last, kind)]!)),
  );
  return { kinds, pairs, endings: [1 - titled, titled] };
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
