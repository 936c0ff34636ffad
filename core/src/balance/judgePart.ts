import type { Catalogue } from '../catalogue';
import { bandsOf } from '../family';
import { linesLeading, massOf, type FormulaLine } from '../formula';
import { settle } from '../quantity';
import type { BalanceId, FamilyId, RouteId } from '../vocabulary';
import { balancesOf } from './balances';
import { flourGrams, wheatGrams } from './flour';
import { kindOf } from './kind';
import { findingsOf } from './findings';
import type { BandMissSays } from './says';
import type { Finding } from './types';

export type Verdict = 'low' | 'in' | 'high';

/** A balance of a part as it stands, against the band of what works. */
export interface JudgedBalance {
  readonly id: BalanceId;
  readonly value: number;
  readonly band: readonly [low: number, high: number];
  readonly verdict: Verdict;
}

export interface JudgedPart {
  readonly route: RouteId;
  readonly balances: readonly JudgedBalance[];
  readonly findings: readonly Finding[];
}

/** These have a band by themselves; fat and sugar are only held against an original. */
const JUDGED: readonly BalanceId[] = ['drinkThirst', 'binder', 'starchShare', 'lift'];
/** Nuts, coconut and cassava build without starch, and pure starch may carry eggs: only a blend of grains is judged by it. */
const isJudged = (id: BalanceId, route: RouteId): boolean =>
  JUDGED.includes(id) && (id !== 'starchShare' || route === 'grain-blend');
/** A flour of this class leads when it makes up so much of the flours. Common practice. */
const LEADS = 0.5;
const COCONUT_LEADS = 0.25;
const BUTTER_LEADS = 2;
/** Bands are drawn around some forty recipes: just outside of one is no finding. */
const SLACK = 0.1;
/** Which way a recipe that has no wheat goes: the bands of its leading flour count. */
export function routeOf(lines: readonly FormulaLine[], catalogue: Catalogue): RouteId {
  const flour = flourGrams(lines, catalogue);
  const led = (way: RouteId) => massOf(linesLeading(way, lines, catalogue));
  if (led('nut-butter-led') > BUTTER_LEADS * flour) return 'nut-butter-led';
  if (flour === 0) return 'grain-blend';
  if (led('coconut-led') >= COCONUT_LEADS * flour) return 'coconut-led';
  if (led('almond-led') >= LEADS * flour) return 'almond-led';
  return led('cassava-led') >= LEADS * flour ? 'cassava-led' : 'grain-blend';
}

const verdictOf = (value: number, [low, high]: readonly [number, number]): Verdict =>
  value < low * (1 - SLACK) ? 'low' : value > high * (1 + SLACK) ? 'high' : 'in';

/** How far outside of its band, in bands: 0 inside. From it the likelihood, half at a third of a band outside. */
function likelihoodOf(value: number, [low, high]: readonly [number, number]): number {
  const width = Math.max(high - low, 0.1 * Math.max(high, 1e-9));
  const out = Math.max(low - value, value - high, 0) / width;
  return Math.min(0.95, 1 - Math.exp(-2 * out));
}

/** What being out of a band comes to; a balance that isn't here may stand where it likes. */
const MISSES: Readonly<Partial<Record<`${BalanceId}-${Verdict}`, keyof BandMissSays>>> = {
  'drinkThirst-low': 'too-dry',
  'drinkThirst-high': 'too-wet',
  'binder-high': 'gummy',
  'binder-low': 'falls-apart',
  'lift-low': 'dense',
  'lift-high': 'sinks',
};

/** Judges one part as it is, against the bands of its family and of the way it goes. A part with wheat is shown and not judged. */
export function judgePart(lines: readonly FormulaLine[], family: FamilyId, catalogue: Catalogue): JudgedPart {
  const route = routeOf(lines, catalogue);
  const balances = balancesOf(
    lines,
    lines,
    bandsOf(family, route, kindOf(lines, family, catalogue)),
    catalogue,
  )
    .filter(({ id }) => isJudged(id, route))
    .map(({ id, converted: value, band }) => ({ id, value, band, verdict: verdictOf(value, band) }));
  if (wheatGrams(lines, catalogue) > 0) return { route, balances, findings: [] };
  const found = balances.flatMap(({ id, value, band, verdict }): Finding[] => {
    const code = MISSES[`${id}-${verdict}`];
    if (code === undefined) return [];
    const because = { code, values: { value: settle(value), band, family } };
    return [{ id: code, because, likelihood: likelihoodOf(value, band) }];
  });
  const binder = balances.find(({ id }) => id === 'binder')?.value ?? 0;
  found.push(...findingsOf({ lines, family, route, binder }, catalogue));
  const ranked = [...found].sort((a, b) => b.likelihood - a.likelihood);
  return {
    route,
    balances,
    findings: ranked.filter(({ id }, at) => ranked.findIndex((one) => one.id === id) === at),
  };
}
