import { FAMILY_RECORDS } from '../../family';
import type { FamilyId } from '../../vocabulary';
import type { CauseId } from './data/causes';
import type { Facts, Level } from './facts';

/** What the facts say to a cause before any symptom is looked at: natural logarithm of odds, and why. */
export interface Gate {
  readonly weight: number;
  /** What speaks for it, or against it, in a sentence; null: nothing is known. */
  readonly because: string | null;
}

/** Shown by the facts; hinted; nothing known; not shown, where it would be; ruled out. */
const OPEN = 2.4;
const HALF = 0.9;
const QUIET = -1.7;
const SHUT = -5;

const UNKNOWN: Gate = { weight: 0, because: null };
const gate = (weight: number, because: string | null): Gate => ({ weight, because });

type Rule = (facts: Facts) => Gate;

const n = (value: number, digits = 1): string => String(Number(value.toFixed(digits)));
const percent = (share: number): string => `${Math.round(share * 100)} %`;

/** What is low, as it should be, or high. */
const LEVEL_WORDS: Readonly<Record<'drink' | 'lift', readonly [low: string, right: string, high: string]>> = {
  drink: [
    'it had less water than its flours want',
    'its water is what its flours want',
    'it had more water than its flours can take up',
  ],
  lift: ['little lift in it', 'its lift is what such a bake has', 'much lift in it'],
};

/** Where something should be high (+1) or low (−1) for the cause. */
const byLevel =
  (of: 'drink' | 'lift', wanted: Level): Rule =>
  (facts) => {
    const level = facts[of];
    if (level === null) return UNKNOWN;
    const because = LEVEL_WORDS[of][level + 1]!;
    return level === wanted ? gate(OPEN, because) : gate(level === 0 ? QUIET : SHUT, because);
  };

/** Only what somebody states as usual accuses; our own usual figures hint. */
const MUCH = 1.35;
const LITTLE = 0.7;
const HINT = 1.3;
/** As much as is usual, within what recipes differ by. */
const NEAR = 0.2;

function byUsual(of: 'fat' | 'egg' | 'sugar', more: boolean): Rule {
  return (facts) => {
    const { family, usual } = facts;
    const amount = facts[of];
    if (amount === null) return UNKNOWN;
    const [, fat, sugar, egg] = FAMILY_RECORDS[family].ratios;
    const stated = usual[of];
    const typical = stated ?? { fat, sugar, egg }[of];
    if (typical <= 0) return UNKNOWN;
    const ratio = amount / typical;
    const because = `${n(amount, 0)} g ${of} to 100 g flour, where ${n(typical, 0)} g ${stated === undefined ? 'would be common' : 'is usual'}`;
    const over = more ? ratio / MUCH : LITTLE / Math.max(ratio, 0.01);
    const near = Math.abs(Math.log(ratio)) < NEAR || ratio > 1 === more;
    if (stated !== undefined) return over >= 1 ? gate(OPEN, because) : gate(near ? QUIET : SHUT, because);
    if (over >= HINT) return gate(HALF, because);
    return over >= 0.9 ? UNKNOWN : gate(ratio > 1 === more ? QUIET : QUIET - 1, because);
  };
}

/** Egg above this binds, g per 100 g flour; a hundred grams of it as much as a gram of gum. */
const SPARE_EGG = 20;
const EGG_BINDS = 0.012;
const SWEET_RICE_BINDS = 1.2;

/** What holds a bake together over what such a bake needs; null where nothing is known, or it goes without. */
function binding({
  family,
  gum,
  egg,
  shares,
}: Facts): { readonly share: number; readonly needs: number } | null {
  const needs = FAMILY_RECORDS[family].xanthan;
  if (gum === null) return null;
  const spare = Math.max(0, (egg ?? 0) - SPARE_EGG) * EGG_BINDS;
  return {
    share: needs === 0 ? Infinity : (gum + spare + shares.sweetRice * SWEET_RICE_BINDS) / needs,
    needs,
  };
}

const noBinder: Rule = (facts) => {
  const found = binding(facts);
  if (!found) return UNKNOWN;
  if (found.needs === 0) return gate(SHUT, 'such a bake holds without a binder');
  if (facts.shares.nut >= 0.4 && (facts.egg ?? 0) >= 15) return gate(SHUT, 'nuts and egg hold it together');
  const because = `${n(facts.gum!)} g binder to 100 g flour, where ${n(found.needs)} g is usual`;
  if (found.share < 0.25) return gate(OPEN, because);
  if (found.share < 0.55) return gate(HALF, because);
  return gate(found.share < 0.9 ? QUIET : SHUT, because);
};

const tooMuchGum: Rule = ({ gum, family }) => {
  if (gum === null) return UNKNOWN;
  const usual = Math.max(FAMILY_RECORDS[family].xanthan, 0.3);
  const because = `${n(gum)} g binder to 100 g flour, where ${n(usual)} g is usual`;
  if (gum >= 1.9 * usual) return gate(OPEN, because);
  if (gum >= 1.5 * usual) return gate(HALF, because);
  return gate(gum >= 0.7 * usual ? QUIET : SHUT, because);
};

/** Soda that stands alone, g per 100 g flour: from here on it is tasted; with acid twice as much is used up. */
const TASTED = 0.9;

const tooMuchSoda: Rule = ({ soda, acidGone, lift }) => {
  if (soda === null) return lift === 1 ? gate(-0.9, null) : gate(QUIET, null);
  const because = `${n(soda)} g soda to 100 g flour${acidGone ? ', and no acid for it' : ''}`;
  const over = soda / (acidGone ? TASTED : 1.3 * TASTED);
  if (over >= 1) return gate(OPEN + Math.min(1, Math.log(over)), because);
  return gate(over >= 0.6 ? (acidGone ? HALF : QUIET) : SHUT, because);
};

const acidGone: Rule = (facts) =>
  facts.acidGone
    ? gate(OPEN - 0.6, 'what was sour in it has been replaced')
    : gate(SHUT + 1.5, facts.soda === null ? null : 'nothing sour was taken out');

/** Flours that stay gritty unless they are ground finely or rest long. */
const gritty: Rule = ({ coarse, shares }) => {
  if (coarse) return gate(OPEN, 'the flour is coarse');
  if (shares.coarse >= 0.5)
    return gate(0.4, `${percent(shares.coarse)} of the flours are such as are often coarse`);
  return gate(shares.coarse > 0 ? QUIET : QUIET - 1, null);
};

const noRest: Rule = ({ restMinutes, family }) => {
  const [needs] = FAMILY_RECORDS[family].rest;
  if (needs === 0) return gate(-2.4, 'such a bake isn’t rested');
  if (restMinutes === null) return UNKNOWN;
  const because = `it rested for ${n(restMinutes, 0)} minutes of the ${n(needs, 0)} that it wants`;
  if (restMinutes <= needs / 3) return gate(OPEN, because);
  return gate(restMinutes < 0.75 * needs ? 0 : -2.6, because);
};

const underSet: Rule = ({ family, pierced, timed, unset }) => {
  if (unset) return gate(OPEN, 'it had not set when it came out');
  if (family !== 'choux') return gate(SHUT + 1.5, null);
  if (pierced === true) return gate(QUIET, 'they were pierced');
  if (pierced === null) return gate(HALF, null);
  return gate(
    timed !== null && timed < 0.9 ? HALF : OPEN,
    'they were not pierced, so the steam stayed inside',
  );
};

const FOAMS: ReadonlySet<FamilyId> = new Set<FamilyId>(['foam', 'flourless']);
const foamFell: Rule = ({ family, foamHurt }) => {
  if (foamHurt) return gate(OPEN + 0.4, 'the foam was whipped or stirred hard');
  return FOAMS.has(family) ? gate(-0.6, null) : gate(SHUT, 'it doesn’t stand on a foam');
};

/** Above what such a bake usually has. */
const STARCHY = 0.25;

const tooMuchStarch: Rule = ({ family, shares, starchRatio }) => {
  if (starchRatio !== null)
    return gate(starchRatio >= MUCH ? OPEN : SHUT, `${n(starchRatio)} times as much starch as is usual`);
  const { blends } = FAMILY_RECORDS[family];
  const reference = Object.entries(blends['grain-blend'] ?? {}).reduce(
    (sum, [flour, share]) => sum + (flour.endsWith('-starch') ? share / 100 : 0),
    0,
  );
  const because = `${percent(shares.starch)} of it is starch, where ${percent(reference)} is usual`;
  const over = shares.starch - reference;
  if (over >= STARCHY) return gate(OPEN, because);
  return gate(over >= 0.12 ? 0 : over >= -0.05 ? QUIET : SHUT, because);
};

/** A thermometer that is nearer to the dial than this, °C, says that the oven is right. */
const OVEN_RIGHT = 8;

const byOven =
  (sign: 1 | -1): Rule =>
  ({ ovenOff }) => {
    if (ovenOff === null) return UNKNOWN;
    const off = sign * ovenOff;
    const because =
      Math.abs(ovenOff) < OVEN_RIGHT
        ? 'the thermometer agrees with the dial'
        : `the thermometer stood ${n(Math.abs(ovenOff), 0)} °C ${ovenOff > 0 ? 'above' : 'below'} the dial`;
    if (off >= OVEN_RIGHT) return gate(OPEN + Math.min(0.8, (off - OVEN_RIGHT) / 25), because);
    return gate(off > -OVEN_RIGHT ? QUIET : SHUT, because);
  };

const UNDER = 0.9;
const OVER = 1.12;
const timedWords = (timed: number): string => `it had ${percent(timed)} of the minutes that it should need`;

const underBaked: Rule = ({ timed, inner, ovenOff, family }) => {
  const done = FAMILY_RECORDS[family].doneCelsius;
  if (inner !== null && inner >= done - 1.5) return gate(SHUT, `${n(inner, 0)} °C in the middle is done`);
  if (inner !== null && inner < done - 4)
    return gate(OPEN + 0.4, `${n(inner, 0)} °C in the middle, where ${n(done, 0)} °C is done`);
  if (timed === null) return UNKNOWN;
  if (timed < UNDER) return gate(OPEN + Math.min(0.9, 4 * (UNDER - timed)), timedWords(timed));
  if (ovenOff !== null && ovenOff <= -OVEN_RIGHT)
    return gate(HALF, 'in so cool an oven the minutes are too few');
  return gate(timed <= 1.05 ? QUIET : SHUT, timedWords(timed));
};

const overBaked: Rule = ({ timed }) => {
  if (timed === null) return UNKNOWN;
  if (timed > OVER) return gate(OPEN + Math.min(0.6, 2 * (timed - OVER)), timedWords(timed));
  return gate(timed >= 0.95 ? QUIET : SHUT, timedWords(timed));
};

const FULL = 0.85;
const tinTooSmall: Rule = ({ fill }) => {
  if (fill === null) return gate(QUIET, null);
  return gate(fill >= FULL ? OPEN + 0.4 : SHUT, `the tin was ${percent(fill)} full`);
};

/** Eaten warm: cutting them warm is no fault. */
const WARM: ReadonlySet<FamilyId> = new Set<FamilyId>([
  'pancake',
  'doughnut',
  'crumble',
  'steamed-pudding',
  'mug-cake',
]);
const cutWarm: Rule = ({ cutWarm: warm, family }) => {
  if (warm === null) return gate(-0.6, null);
  if (!warm) return gate(SHUT, 'it was cut cold');
  return WARM.has(family) ? gate(-2.5, 'such a bake is eaten warm') : gate(OPEN - 0.4, 'it was cut warm');
};

/** Hours in the cold that bakes want which are to keep their shape. */
const COLD: Readonly<Partial<Record<FamilyId, number>>> = {
  'drop-cookie': 1,
  'cut-out': 1,
  'crisp-wafer': 0.5,
  pastry: 0.5,
};
const noChill: Rule = ({ family, chillHours }) => {
  const needs = COLD[family];
  if (needs === undefined) return gate(SHUT, 'such a bake isn’t chilled');
  if (chillHours === null) return UNKNOWN;
  const because = chillHours === 0 ? 'it was baked warm' : `it was chilled for ${n(chillHours)} h`;
  if (chillHours < needs / 3) return gate(OPEN - 0.4, because);
  return gate(chillHours < needs ? 0 : chillHours < 2 * needs ? QUIET : SHUT, because);
};

const byShare =
  (of: 'bean' | 'nut', from: number, strength: number, words: string): Rule =>
  ({ shares }) => {
    const because = `${percent(shares[of])} of the flours are ${words}`;
    if (shares[of] >= from) return gate(strength, because);
    return gate(shares[of] > 0 ? QUIET : SHUT, because);
  };

const seedAndSoda: Rule = ({ shares, soda }) => {
  if (shares.seed < 0.05) return gate(SHUT, 'no seed in it turns green');
  return soda === 0 ? gate(QUIET, 'no soda in it') : gate(OPEN, `${percent(shares.seed)} seeds, and soda`);
};

const stale: Rule = ({ days }) => {
  if (days === null) return gate(-1, null);
  return days >= 1
    ? gate(OPEN, `it was ${n(days, 0)} ${days === 1 ? 'day' : 'days'} old`)
    : gate(SHUT, 'it was fresh');
};

const shortRise: Rule = ({ family, proofed }) => {
  if (family !== 'yeast-dough' && family !== 'doughnut') return gate(SHUT, 'it isn’t raised by yeast');
  if (proofed === null) return family === 'yeast-dough' ? UNKNOWN : gate(QUIET, null);
  return proofed ? gate(-2.4, 'it had risen as it should') : gate(OPEN, 'it had hardly risen');
};

const nutsBrown: Rule = (facts) => byShare('nut', 0.3, OPEN - 0.8, 'nuts')(facts);

/** One rule a cause: what must be shown before it may be named, or closes it. Thresholds are common practice, no source. */
export const GATES: Readonly<Record<CauseId, Rule>> = {
  'too-wet': byLevel('drink', 1),
  'too-dry': byLevel('drink', -1),
  'no-binder': noBinder,
  'too-much-gum': tooMuchGum,
  'too-little-lift': byLevel('lift', -1),
  'too-much-lift': byLevel('lift', 1),
  'too-much-soda': tooMuchSoda,
  'no-acid': acidGone,
  'too-much-fat': byUsual('fat', true),
  'too-little-fat': byUsual('fat', false),
  gritty,
  'no-rest': noRest,
  'under-set': underSet,
  'foam-collapse': foamFell,
  'too-much-starch': tooMuchStarch,
  'too-much-sugar': byUsual('sugar', true),
  'too-hot': byOven(1),
  'too-cold': byOven(-1),
  'under-baked': underBaked,
  'over-baked': overBaked,
  'pan-too-small': tinTooSmall,
  'cut-hot': cutWarm,
  'no-chill': noChill,
  'too-little-egg': byUsual('egg', false),
  'too-much-egg': byUsual('egg', true),
  'bean-flour': byShare('bean', 0.3, OPEN + 0.4, 'beans'),
  'soda-with-seed': seedAndSoda,
  staling: stale,
  'over-mixed': () => gate(-1, 'without gluten there is little to overwork'),
  'sugar-undissolved': ({ family, coarse }) =>
    FOAMS.has(family) ? gate(coarse ? OPEN : -0.3, coarse ? 'the sugar is coarse' : null) : gate(-3, null),
  'under-proofed': shortRise,
  'nut-browning': nutsBrown,
  spoiled: () => gate(-2, null),
};
