import { FAMILY_RECORDS } from '../../family';
import type { Docket, DocketLine, DocketPart } from '../../docket';
import type { ConversionRequest } from '../../kitchen';
import type { BalanceId, Tilted } from '../../vocabulary';
import { CAUSES, mainPart, type CauseId, type CauseTest, type Facts } from '../why';

/** The one thing to do otherwise, as the next variant. */
export interface OneChange {
  readonly cause: CauseId;
  readonly causeName: string;
  /** In words, with its figures. */
  readonly words: string;
  /** What is asked otherwise of the engine; null: nothing of the formula, only of the bake. */
  readonly request: Partial<ConversionRequest> | null;
  /** What should come of it: said before, and compared afterwards. */
  readonly expect: string;
  readonly costs: CauseTest['costs'];
}

/** No smaller step is seen, no larger one is safe to take at once. */
const LEAST_STEP = 0.08;
const MOST_STEP = 0.35;

/** From where a balance stands to the middle of its band, as a factor of one step. */
function stepOf(part: DocketPart, id: BalanceId, sign: 1 | -1): number {
  const balance = part.balances.find((one) => one.id === id);
  if (!balance || balance.converted <= 0) return 1 + sign * LEAST_STEP;
  const middle = (balance.band[0] + balance.band[1]) / 2;
  const wanted = sign * (middle / balance.converted - 1);
  return 1 + sign * Math.min(MOST_STEP, Math.max(LEAST_STEP, wanted));
}

const tilted = ({ tilt }: ConversionRequest, of: Tilted, factor: number): Partial<ConversionRequest> => ({
  tilt: { ...tilt, [of]: Number((tilt[of] * factor).toFixed(2)) },
});

const lineOf = (part: DocketPart, of: RegExp): DocketLine | undefined =>
  part.lines.find(
    ({ ingredient, grams }) => ingredient !== null && of.test(ingredient) && (grams?.central ?? 0) > 0,
  );

/** A line brought to so much of what it is. */
function override(part: DocketPart, of: RegExp, factor: number, { overrides }: ConversionRequest) {
  const line = lineOf(part, of);
  if (!line) return null;
  const grams = Number((line.grams!.central * factor).toFixed(line.grams!.central < 20 ? 1 : 0));
  return {
    words: `${line.name}: ${grams} g in the place of ${Number(line.grams!.central.toFixed(1))} g`,
    request: { overrides: [...overrides.filter((one) => one.line !== line.id), { line: line.id, grams }] },
  };
}

interface Made {
  readonly words: string;
  readonly request: Partial<ConversionRequest> | null;
}
type Maker = (facts: Facts, docket: Docket, part: DocketPart, request: ConversionRequest) => Made | null;

const percent = (factor: number): string => `${Math.round(Math.abs(factor - 1) * 100)} %`;

const tilting =
  (of: Tilted, balance: BalanceId, sign: 1 | -1, words: (by: string) => string): Maker =>
  (_, __, part, request) => {
    const factor = stepOf(part, balance, sign);
    return { words: words(percent(factor)), request: tilted(request, of, factor) };
  };

/** To what is usual where that is known, else by a fifth. */
function towardsUsual(now: number | null, usual: number | undefined, sign: 1 | -1): number {
  if (now === null || now <= 0 || usual === undefined) return 1 + sign * 0.2;
  return Math.min(1 + MOST_STEP, Math.max(1 - MOST_STEP, usual / now));
}

const EGGS = /^eggs?(?:-|$)|egg-(?:white|yolk)/;

const degrees = (celsius: number): string =>
  `${Math.round(Math.abs(celsius))} °C (${Math.round(Math.abs(celsius) * 1.8)} °F)`;

/** Of the bake, not of the formula. */
const byDial: Maker = ({ ovenOff }) =>
  ovenOff === null || Math.abs(ovenOff) < 1
    ? null
    : { words: `the dial ${degrees(ovenOff)} ${ovenOff < 0 ? 'higher' : 'lower'}`, request: null };

const byMinutes: Maker = ({ timed }, { bake }) => {
  if (timed === null || !bake.minutes) return null;
  const by = Math.round(bake.minutes.central * (1 - timed));
  if (Math.abs(by) < 1) return null;
  return { words: `${Math.abs(by)} minutes ${by > 0 ? 'longer' : 'less'}: ${bake.doneSigns}`, request: null };
};

/** What is done otherwise for a cause, in figures; a cause without one is a matter of the hand. */
const MAKERS: Readonly<Partial<Record<CauseId, Maker>>> = {
  'too-wet': tilting('drink', 'drinkThirst', -1, (by) => `${by} less liquid`),
  'too-dry': tilting('drink', 'drinkThirst', 1, (by) => `${by} more liquid`),
  'no-binder': ({ gum, family }, _, __, request) => {
    const usual = FAMILY_RECORDS[family].xanthan;
    if (gum === null || gum <= 0)
      return {
        words: 'a binder, where there was none',
        request: { school: 'gum', ...tilted(request, 'binder', 1) },
      };
    const factor = Math.min(1.6, Math.max(1 + LEAST_STEP, usual / gum));
    return { words: `${percent(factor)} more binder`, request: tilted(request, 'binder', factor) };
  },
  'too-much-gum': ({ gum, family }, _, __, request) => {
    const usual = FAMILY_RECORDS[family].xanthan;
    const factor = Math.max(0.4, Math.min(1 - LEAST_STEP, usual / Math.max(gum ?? usual, 0.1)));
    return { words: `${percent(factor)} less binder`, request: tilted(request, 'binder', factor) };
  },
  'too-much-fat': ({ fat, usual }, _, __, request) => {
    const factor = Math.min(1 - LEAST_STEP, towardsUsual(fat, usual.fat, -1));
    return { words: `${percent(factor)} less fat`, request: tilted(request, 'fat', factor) };
  },
  'too-little-fat': ({ fat, usual }, _, __, request) => {
    const factor = Math.max(1 + LEAST_STEP, towardsUsual(fat, usual.fat, 1));
    return { words: `${percent(factor)} more fat`, request: tilted(request, 'fat', factor) };
  },
  'too-much-sugar': ({ sugar, usual }, _, __, request) => {
    const factor = Math.min(1 - LEAST_STEP, towardsUsual(sugar, usual.sugar, -1));
    return { words: `${percent(factor)} less sugar`, request: tilted(request, 'sugar', factor) };
  },
  'too-much-egg': ({ egg, usual }, _, part, request) =>
    override(part, EGGS, Math.min(0.9, towardsUsual(egg, usual.egg, -1)), request),
  'too-little-egg': ({ egg, usual }, _, part, request) =>
    override(part, EGGS, Math.max(1.1, towardsUsual(egg, usual.egg, 1)), request),
  'too-much-lift': (_, __, part, request) =>
    override(part, /^baking-powder|^yeast|-yeast$/, stepOf(part, 'lift', -1), request),
  'too-little-lift': (_, __, part, request) =>
    override(part, /^baking-powder|^yeast|-yeast$/, stepOf(part, 'lift', 1), request),
  'too-much-soda': (_, __, part, request) => override(part, /^baking-soda/, 0.5, request),
  'too-hot': byDial,
  'too-cold': byDial,
  'under-baked': byMinutes,
  'over-baked': byMinutes,
  'no-chill': ({ chillHours }, docket) =>
    docket.rest.cold
      ? { words: 'an hour more in the cold', request: { rest: Math.round((chillHours ?? 0) * 60) + 60 } }
      : null,
};

const EXPECT: Readonly<Partial<Record<CauseId, string>>> = {
  'too-wet': 'no wet line, and a crumb that springs back; a little less moist',
  'too-dry': 'a crumb that holds together and is moister; a minute or two longer in the oven',
  'no-binder': 'slices that hold; a little more chew',
  'too-much-gum': 'a shorter, more tender crumb; a little more crumbly',
  'too-much-fat': 'less spread, and no grease on the paper',
  'too-little-fat': 'more spread, and a shorter crumb',
  'too-much-sugar': 'less spread, paler, softer at the edge',
  'too-hot': 'flatter, paler, done through at the same minutes',
  'too-cold': 'browner and higher at the same minutes',
  'under-baked': 'done through; browner',
  'over-baked': 'moister and paler',
};

/** What a cause asks to be done otherwise, computed on this docket. Example: too wet, drink 1.9 of 0.8–1.7 → a tilt of the drink. */
export function oneChange(
  cause: CauseId,
  facts: Facts,
  docket: Docket,
  request: ConversionRequest,
): OneChange {
  const part = mainPart(docket);
  const made = part ? (MAKERS[cause]?.(facts, docket, part, request) ?? null) : null;
  const { change, name, test } = CAUSES[cause];
  return {
    cause,
    causeName: name,
    words: made?.words ?? change,
    request: made?.request ?? null,
    expect: EXPECT[cause] ?? 'what was seen should be gone, and nothing else should be otherwise',
    costs: made?.request ? 'half a batch' : test.costs,
  };
}
