import type { Locale } from '../vocabulary';

const CUPS = /\bcups?\b/gi;
/** Words and signs that tell where a recipe comes from, with the weight of each as evidence. */
const SIGNS: readonly (readonly [Exclude<Locale, 'metric'>, RegExp, number])[] = [
  [
    'AU',
    /20 ?ml tablespoons?|\bsize 7 eggs?\b|\braw sugar\b|\bbicarb soda\b|\bwheaten cornflour\b|\bthickened cream\b|\bcopha\b/gi,
    4,
  ],
  [
    'UK',
    /\b(?:caster|icing sugar|plain flour|self[- ]raising|bicarbonate|cornflour|treacle|golden syrup|double cream|courgettes?|sultanas|demerara|mixed spice|wholemeal|knob of|gas(?: mark)? \d|fan \d|baking tin|greaseproof|dessertspoons?|teaspoonfuls?|tablespoonfuls?|pie[- ]dish|pudding basin|fairy cakes?|s\.? ?r\.? flour|(?<=\d ?oz\.? )marg|mk\.? \d|strong flour|black treacle|single cream)\b|\bg\.?m\.? ?\d/gi,
    2,
  ],
  [
    'US',
    /\b(?:all[- ]purpose|confectioners|(?<=[\d½¼¾] )sticks?|°F|degrees F|heavy cream|half[- ]and[- ]half|molasses|cornstarch|baking soda|zucchini|kosher|powdered sugar|cake flour|self-rising|graham|semisweet|9x13)\b|(?<!\d{3} ?(?:°?C)? ?\/ ?\d{2})\d ?°?F\b/gi,
    2,
  ],
  ['US', /\binch(?:es)?\b/gi, 1],
  ['US', CUPS, 1],
];
const METRIC_UNIT = /\d ?(?:g|kg|ml|dl|cl|l)\b/gi;

/** An oven in °C alone: whoever writes so has no cups of a US kitchen, whatever the starch is called. */
const CELSIUS = /\d{3} ?(?:°|º)? ?C\b|(?:°|º) ?C\b|\bcelsius\b/;
const FAHRENHEIT = /\d ?(?:°|º)? ?F\b|degrees F|fahrenheit/i;

const DECILITRES = /(?:\d|½) ?dl\b[^]*(?:\d|½) ?dl\b/;

const weigh = (text: string, pattern: RegExp) => text.match(pattern)?.length ?? 0;

/**
 * The place whose cups and spoons the recipe means: by its words and units. Without a sign it is what the household takes
 * for usual, else metric where there are metric units, else the US cup.
 */
export function inferLocale(text: string, usual: Locale | null = null): Locale {
  const score: Record<Locale, number> = { US: 0, UK: 0, AU: 0, metric: 0 };
  for (const [locale, pattern, weight] of SIGNS) score[locale] += weight * weigh(text, pattern);
  const metric = weigh(text, METRIC_UNIT);
  const cups = weigh(text, CUPS);
  // Whoever measures by the decilitre has no cup of any country's.
  if (cups === 0 && DECILITRES.test(text)) return 'metric';
  if (CELSIUS.test(text) && !FAHRENHEIT.test(text)) score.US = score.UK === 0 && metric > cups ? 0 : cups;
  if (score.AU > 0 && score.AU >= score.US - cups) return 'AU';
  // British words with cups: it is Australia or New Zealand that measures so.
  if (score.UK > 0 && cups > 1 && score.US === cups) return 'AU';
  if (score.US === 0 && score.UK === 0) return usual ?? (metric > 0 ? 'metric' : 'US');
  return score.UK > score.US ? 'UK' : 'US';
}
