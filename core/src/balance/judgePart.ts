import type { Catalogue } from '../catalogue';
import { bandsOf, familyOf } from '../family';
import { linesLeading, linesThat, massOf, type FormulaLine } from '../formula';
import { settle } from '../quantity';
import type { BalanceId, FamilyId, RouteId, SaidOf } from '../vocabulary';
import { balancesOf } from './balances';
import { flourGrams, wheatGrams } from './flour';
import { kindOf } from './kind';
import { eggLines } from './ledger';
import type { BandMissSays, FindingSays } from './says';
import { sodaLeft, soapLimit } from './soap';

export type Verdict = 'low' | 'in' | 'high';

/** A balance of a part as it stands, against the band of what works. */
export interface JudgedBalance {
  readonly id: BalanceId;
  readonly value: number;
  readonly band: readonly [low: number, high: number];
  readonly verdict: Verdict;
}

/** What is likely to go wrong, why, and how likely (0–1, our judgement). */
export interface Finding {
  readonly id: string;
  readonly because: SaidOf<FindingSays>;
  readonly likelihood: number;
}

export interface JudgedPart {
  readonly route: RouteId;
  readonly balances: readonly JudgedBalance[];
  readonly findings: readonly Finding[];
}

/** These have a band by themselves; fat and sugar are only held against an original. */
const JUDGED: readonly BalanceId[] = ['drinkThirst', 'binder', 'starchShare', 'lift'];
/** A flour of this class leads when it makes up so much of the flours. Common practice. */
const LEADS = 0.5;
const COCONUT_LEADS = 0.25;
const BUTTER_LEADS = 2;
/** What leads these binds by being sticky. */
const STICKY_WAYS: readonly RouteId[] = ['nut-butter-led', 'cassava-led'];
/** Bands are drawn around some forty recipes: just outside of one is no finding. */
const SLACK = 0.1;
/** Soda begins to be tasted above the limit; bakes that are liked have up to twice of it. Common practice. */
const SOAPY_FROM = 2;
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
    .filter(({ id }) => JUDGED.includes(id))
    .map(({ id, converted: value, band }) => ({ id, value, band, verdict: verdictOf(value, band) }));
  if (wheatGrams(lines, catalogue) > 0) return { route, balances, findings: [] };
  const { xanthan } = familyOf(family);
  const found = balances.flatMap(({ id, value, band, verdict }): Finding[] => {
    const code = MISSES[`${id}-${verdict}`];
    if (code === undefined) return [];
    const because = { code, values: { value: settle(value), band, family } };
    return [{ id: code, because, likelihood: likelihoodOf(value, band) }];
  });
  const binds = balances.some(({ id, value }) => id === 'binder' && value > 0);
  const egg = eggLines(lines, catalogue).length > 0;
  const sticky =
    linesThat('sticks cold', lines, catalogue).length > 0 ||
    STICKY_WAYS.some((way) => linesLeading(way, lines, catalogue).length > 0);
  // What is rubbed to crumbs on purpose needs nothing that binds.
  if (xanthan > 0 && !binds && !egg && !sticky && flourGrams(lines, catalogue) > 0)
    found.push({
      id: 'falls-apart',
      because: { code: 'bound-by-nothing', values: {} },
      likelihood: 0.8,
    });
  const left = sodaLeft(lines, catalogue);
  const limit = soapLimit(lines, family, catalogue) * SOAPY_FROM;
  if (left > limit)
    found.push({
      id: 'soapy',
      because: { code: 'soapy', values: { left: settle(left), limit } },
      likelihood: likelihoodOf(left, [0, limit]),
    });
  return { route, balances, findings: [...found].sort((a, b) => b.likelihood - a.likelihood) };
}
