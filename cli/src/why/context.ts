import { NOTHING_KNOWN, readChange, type Facts, type Level } from '@omniarton/core/next';
import { FAMILIES, type FamilyId } from '@omniarton/core/vocabulary';
import { UsageError } from '../usageError';

/** A case's context as a file has it: whatever somebody wrote down. */
export type RawContext = Readonly<Record<string, unknown>>;

const LEVELS: Readonly<Record<string, Level>> = { low: -1, ok: 0, right: 0, high: 1 };

/** What a flour of a case is, by its name. */
const FLOURS: Readonly<Record<keyof Facts['shares'], RegExp>> = {
  nut: /almond|hazelnut|walnut|pecan|cashew|pistachio|chestnut|\bnuts?\b|tiger ?nut|peanut/i,
  coconut: /coconut/i,
  seed: /sunflower|pumpkin seed|\bseeds?\b|chia|flax|linseed|hemp/i,
  bean: /chickpea|gram|lentil|\bbeans?\b|\bpea\b|soy|lupin|besan/i,
  starch: /starch|tapioca|arrowroot|corn ?flour/i,
  sweetRice: /sweet rice|glutinous|mochi/i,
  coarse: /brown rice|sorghum|corn ?meal|polenta|millet|buckwheat|teff|wild rice|black rice/i,
};

const numberOf = (value: unknown): number | null =>
  typeof value === 'number' && Number.isFinite(value) ? value : null;
const objectOf = (value: unknown): RawContext =>
  typeof value === 'object' && value !== null ? (value as RawContext) : {};

/** All words of a context: where somebody wrote what no field holds. */
const wordsOf = (context: RawContext): string =>
  Object.entries(context)
    .filter(([key, value]) => typeof value === 'string' && key !== 'resultA' && key !== 'change')
    .map(([key, value]) => `${key}: ${String(value)}`)
    .join('; ');

function sharesOf(flours: RawContext): Facts['shares'] {
  const share = (of: RegExp) =>
    Object.entries(flours).reduce(
      (sum, [name, part]) => sum + (of.test(name) ? (numberOf(part) ?? 0) : 0),
      0,
    );
  return Object.fromEntries(
    Object.entries(FLOURS).map(([key, of]) => [key, share(of)]),
  ) as unknown as Facts['shares'];
}

/** How old it was, days: a number, or words. */
function daysOf(context: RawContext, words: string): number | null {
  for (const key of ['daysOld', 'ageDays', 'ageD', 'day', 'days', 'storedDays', 'age']) {
    const days = numberOf(context[key]);
    if (days !== null) return days;
  }
  const hours = numberOf(context['ageH'] ?? context['storedH'] ?? context['eatenAfterH']);
  if (hours !== null) return hours / 24;
  const named = /\bday (\d)|(\d) (?:days?|nights?)\b/i.exec(words);
  if (named) return Number(named[1] ?? named[2]);
  return /\b(?:two|three|four) (?:days|nights)|\bnext day|\bovernight in (?:the|a) (?:fridge|box|tin)|\bin the fridge\b|\bstored|\bkept\b|\bsecond day/i.test(
    words,
  )
    ? 1
    : null;
}

function proofOf(context: RawContext, words: string): boolean | null {
  const minutes = numberOf(context['proofMin']);
  if (/proof[^;]*(?:doubled|double\b|well risen|full|ripe)/i.test(words)) return true;
  if (/proof[^;]*(?:barely|hardly|short|not|half|under|little|skipped|cold)/i.test(words)) return false;
  return minutes === null ? null : minutes >= 40;
}

const familyOf = (name: unknown): FamilyId => {
  const found = FAMILIES.find((one) => one === name);
  if (found) return found;
  throw new UsageError(`why: no family is called "${String(name)}"; there are ${FAMILIES.join(', ')}`);
};

/** Amounts that a case states as usual; starch by its ratio. */
function usualOf(context: RawContext): Pick<Facts, 'usual' | 'starchRatio'> {
  const stated = (key: string) => {
    const value = numberOf(context[key]);
    return value === null ? {} : { value };
  };
  const of = {
    fat: stated('usualFatPer100'),
    egg: stated('usualEggPer100'),
    sugar: stated('usualSugarPer100'),
  };
  const usual = Object.fromEntries(
    Object.entries(of).flatMap(([key, { value }]) => (value === undefined ? [] : [[key, value]])),
  ) as Facts['usual'];
  const byName = (name: RegExp) => numberOf(Object.entries(context).find(([key]) => name.test(key))?.[1]);
  const [starch, usualStarch] = [byName(/^starchPer/), byName(/^usualStarch/)];
  return { usual, starchRatio: starch !== null && usualStarch ? starch / usualStarch : null };
}

/** How full the tin was; a basin well under the usual one is full. */
function fillOf(context: RawContext): number | null {
  const fill = numberOf(objectOf(context['tin'])['fill']);
  const [own, usual] = [numberOf(context['basinMl']), numberOf(context['usualBasinMl'])];
  return own !== null && usual !== null && own < SMALL * usual ? Math.max(fill ?? 0, FULL) : fill;
}
const SMALL = 0.8;
const FULL = 0.95;

const FOAM_HURT =
  /\b(?:over|under)-?(?:whipped|beaten|whisked)|whipped until (?:dry|stiff and dry)|\bfolded (?:in )?(?:hard|roughly|for|until (?:smooth|thin))|\bknocked|\bstood (?:for )?\d|\bwaited|\bdry peaks|\bstirred (?:in )?hard|\bdeflated|\bbeaten in/i;
const COARSE = /\bcoarse|\bstone-?ground|\bgritty|\bgranulated|\bsemolina-like|\bcorn ?meal\b|\bpolenta/i;
const UNSET =
  /\b(?:not|never|barely|half) (?:quite )?set\b|\bunset\b|\bdid(?:n.t| not) (?:set|thicken)|\brunny filling/i;
const ACID_GONE = /none|replaced|gone|left out|without|sweet milk/i;

const textAt = (context: RawContext, key: string): string => {
  const value = context[key];
  return typeof value === 'string' ? value : '';
};

/** What a case's context says, in the terms of the diagnosis. */
export function factsOfCase(family: unknown, context: RawContext): Facts {
  const flours = objectOf(context['floursByShare']);
  const words = wordsOf(context);
  const shares = sharesOf(flours);
  const number = (key: string) => numberOf(context[key]);
  const [dial, real] = [number('ovenDialC'), number('ovenTrueC')];
  const [baked, predicted] = [number('bakedMin'), number('predictedMin')];
  const changes: unknown = context['changesFromA'];
  return {
    ...NOTHING_KNOWN,
    ...usualOf(context),
    family: familyOf(family),
    shares: { ...shares, starch: number('starchShare') ?? shares.starch },
    gum: number('gumPer100'),
    fat: number('fatPer100'),
    egg: number('eggPer100'),
    sugar: number('sugarPer100'),
    drink: LEVELS[textAt(context, 'drinkVsThirst')] ?? null,
    lift: LEVELS[textAt(context, 'lift')] ?? null,
    soda: number('sodaPer100'),
    acidGone: ACID_GONE.test(textAt(context, 'acid')),
    restMinutes: number('restMin'),
    chillHours: number('chillH'),
    ovenOff: dial === null || real === null ? null : real - dial,
    fill: fillOf(context),
    timed: baked !== null && predicted ? baked / predicted : null,
    inner: number('innerC'),
    cutWarm: context['cut'] === undefined ? null : /hot|warm/i.test(textAt(context, 'cut')),
    proofed: proofOf(context, words),
    pierced: typeof context['pierced'] === 'boolean' ? context['pierced'] : null,
    unset: UNSET.test(words),
    foamHurt: FOAM_HURT.test(words),
    coarse: COARSE.test(`${words}; ${Object.keys(flours).join('; ')}`),
    days: daysOf(context, words),
    changes: Array.isArray(changes)
      ? changes.map((one) => ({ words: String(one), changes: readChange(String(one)) }))
      : null,
  };
}
