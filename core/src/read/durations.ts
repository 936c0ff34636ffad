import { NUMBERS_IN_WORDS } from './numberWords';

/** A duration that a text names, minutes, with where it stands. */
export interface Duration {
  readonly from: number;
  readonly to: number;
  readonly low: number;
  readonly high: number;
}

const ONES: Readonly<Record<string, number>> = {
  ...NUMBERS_IN_WORDS,
  thirteen: 13,
  fourteen: 14,
  fifteen: 15,
  sixteen: 16,
  seventeen: 17,
  eighteen: 18,
  nineteen: 19,
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
  sixty: 60,
  ninety: 90,
};
const TENS = 'twenty|thirty|forty|fifty|sixty|ninety';
export const NUMBER_WORD = `(?:(?:${TENS})[- ](?:one|two|three|four|five|six|seven|eight|nine)|${Object.keys(ONES).join('|')})`;
const VULGAR: Readonly<Record<string, number>> = { '½': 0.5, '¼': 0.25, '¾': 0.75, '⅓': 1 / 3, '⅔': 2 / 3 };
const FIGURE = `(?:\\d+(?:\\.\\d+)?(?:\\s+\\d\\/\\d|\\s?[½¼¾⅓⅔])?|\\d\\/\\d|[½¼¾⅓⅔])`;
const NUMBER = `(?:${FIGURE}|${NUMBER_WORD})`;
const HOURS = '(?:hours?|hrs?\\.?|h|Stunden?|Std\\.?|heures?|ore|horas?|timm(?:ar|e)|uur|uren)(?![\\p{L}])';
const MINUTES = '(?:minutes?|mins?\\.?|m|Minuten|minuti|minutos|minuter)(?![\\p{L}])';
const SECONDS = '(?:seconds?|secs?\\.?|s)(?![\\p{L}])';
export const TIME_UNIT = `(?:${HOURS}|${MINUTES}|${SECONDS})`;
const TO = '(?:\\s*(?:-|–|—|to|or|and)\\s*|(?<=\\d{2})\\/(?=\\d{2}))';
/** As others say it. */
const HALF_HOUR =
  "(?:een half uur|ein(?:e|er) halben? Stunde|(?:una )?mezz['’]ora|une demi-heure|media hora|en halv ?timme)";
/** "1 hr 10", "1h20", "1 hour 15 minutes", "an hour and a half", "half an hour". */
const ONE = `(?:(?:${NUMBER})\\s*${HOURS}\\s*(?:and\\s*)?\\d{1,2}(?:\\s*${MINUTES})?(?!\\d|\\s*(?:-|–|to)\\s*\\d{1,3}(?!\\d)(?!\\s*${HOURS}))|(?:an?|one) hour and (?:a half|a quarter|three quarters)|(?:an?|one) hour and (?:ten|fifteen|twenty|twenty[- ]five|thirty|forty|10|15|20|25|30|40|45)\\b(?!\\s*${MINUTES})|(?:${NUMBER})(?: and a (?:half|quarter))? hours?|three[- ]quarters of an hour|half an hour|${HALF_HOUR}|(?:a )?quarter of an hour|(?:an?|one|another) (?:good |scant |full |generous )?(?:hour|minute|min\\b)(?: and a (?:half|quarter))?|(?:${NUMBER})\\s*m\\s*\\d{1,2}(?:\\s*s\\b)?|(?:${NUMBER})\\s*${MINUTES}\\s*(?:and\\s*)?\\d{1,2}\\s*${SECONDS}|(?:${NUMBER})(?:\\s+more)?\\s*-?\\s*${TIME_UNIT})`;
const SPAN = new RegExp(
  `(?<![\\d.\\p{L}])(?:about |around |ca\\.? )?(?:(?<!\\b(?:gas|mark) )(${NUMBER})(?:${TO})(?=(?:about )?${NUMBER}\\s*-?\\s*${TIME_UNIT})|(${ONE})(?:${TO})(?=${ONE}|${FIGURE}(?:\\s|$|[,.;)])))?(${ONE}|(?<=${TIME_UNIT}${TO})${FIGURE})`,
  'giu',
);

function numberOf(words: string): number {
  const text = words.trim().toLowerCase();
  const mixed = /^(\d+(?:\.\d+)?)?\s*(?:([½¼¾⅓⅔])|(\d)\/(\d))?$/.exec(text);
  if (mixed && text !== '')
    return (
      Number(mixed[1] ?? 0) +
      (mixed[2] ? VULGAR[mixed[2]]! : 0) +
      (mixed[3] ? Number(mixed[3]) / Number(mixed[4]) : 0)
    );
  return text.split(/[- ]/).reduce((sum, word) => sum + (ONES[word] ?? 0), 0);
}

const IS_TENS = new RegExp(`^(?:${TENS})$`, 'i');
const IS_HALF_HOUR = new RegExp(`^${HALF_HOUR}`, 'i');
const perOf = (unit: string) =>
  /^(?:h|st|ore|timm|uur|uren)/i.test(unit) ? 60 : /^s/i.test(unit) ? 1 / 60 : 1;

/** One length of time, minutes; its unit is what a bare number beside it is of. */
function minutesOf(words: string): { readonly minutes: number; readonly per: number } {
  const text = words.trim().toLowerCase();
  const add = /and a half/.test(text)
    ? 0.5
    : /and a quarter/.test(text)
      ? 0.25
      : /and three quarters/.test(text)
        ? 0.75
        : 0;
  if (/^three[- ]quarters of/.test(text)) return { minutes: 45, per: 60 };
  if (/^half an hour/.test(text) || IS_HALF_HOUR.test(text)) return { minutes: 30, per: 60 };
  if (/^(?:a )?quarter of/.test(text)) return { minutes: 15, per: 60 };
  const past = /^(?:an?|one) hour and (\S+)$/.exec(text);
  if (past && add === 0) return { minutes: 60 + numberOf(past[1]!), per: 60 };
  const a = /^(?:an?|one|another) (?:\w+ )?(hour|min)/.exec(text);
  if (a) return { minutes: (1 + add) * perOf(a[1]!), per: perOf(a[1]!) };
  const bits = new RegExp(
    `^(${NUMBER})(?: and a (?:half|quarter)| more)?\\s*-?\\s*(${TIME_UNIT}|hours?)\\s*(?:and\\s*)?(\\d{1,2})?`,
    'iu',
  ).exec(text);
  if (!bits) return { minutes: numberOf(text), per: 1 };
  const per = perOf(bits[2]!);
  const rest = bits[3] ? Number(bits[3]) * (per === 60 ? 1 : 1 / 60) : 0;
  return { minutes: (numberOf(bits[1]!) + add) * per + rest, per };
}

/** After a temperature a bare number is minutes, and so are "40 more": "180/40", "350 for 35-40". */
const UNITLESS =
  /(?:(?<=\b(?:another|a further|further)\s)|(?<=\b(?:bake|cook)(?: for)?(?: about)?\s)(?=\d{1,2}\s*(?:[-–]\s*\d{1,2}\s*)?(?:[.,;)]|$))|(?<=\b(?:chill|freeze|rest|stand|cool|prove|proof|rise|refrigerate|soak|leave (?:it|them))\s)(?=\d{1,2}\s*(?:$|[.,;)]|before\b|in\b|then\b|and\b))|(?<=(?:\d{3}|°|º|°[CF]|\d[CF]|\bdeg\.?|\bdegrees|gas \d|mark \d)\s*(?:(?:non[- ]?)?fan)?\)?\s*(?:\([^()\d]{0,20}\)\s*)?(?:\/|for|,|–|-)?\s*)(?<!\d)(?<!(?:gas|mark) ?1\/)|\b(?=\d+(?:\s*[-–]\s*\d+)? more\b)|\b(?=\d{1,2} ?\+ ?\d{1,2} ?min))(\d{1,2})(?:\s*(?:-|–|to|or)\s*(\d{1,2}))?(?!\d|\s*,\s*\d+(?:\s*[-–]\s*\d+)?\s*m|\s*[-–°º]\s*\d|\s*(?:[CF]\b|°|º|cm|mm|x|×|fan|g\b|ml|%|\.\d|min|m\b|h|sec|s\b|(?:lined|greased|buttered|baking|large|small|trays?|sheets?|tins?|pans?|racks?|layers?)\b))/giu;

/** "For fourteen to sixteen, till": words without a unit after one that had it. */
const UNITLESS_WORDS = new RegExp(
  `(?<!\\b(?:cut|stamp|make|shape)(?: out)? )\\b(?:for|another|a further|give \\w+)\\s+(${NUMBER_WORD})(?:${TO}(${NUMBER_WORD}))?(?=\\s*(?:more\\b|[,.;]|$))`,
  'giu',
);

/** Most clauses name no time: a text without any of these needn't be looked at. */
const HAS_UNIT =
  /hour|min|sec|stunde|\bstd|heure|\bore\b|mezz['’]ora|\bhoras?\b|timm|\buur|\buren|(?:\b|\d)hrs?\b|\d\s*[hms]\b|\dh\d/i;
const MAY_BE_BARE =
  /\d\s*[°ºCF/]|\d{3}|\b(?:chill|freeze|rest|stand|cool|prove|proof|rise|refrigerate|soak|leave|more|another|further|give|gas|mark|for|bake|cook)\b|\d ?\+ ?\d/i;

/** Degrees that an oven with a fan is set lower. Common practice. */
const FAN_LOWER = 20;
/** "110/90" is an oven without fan and with it, and no ninety minutes. */
function isFanOf(before: string, value: number): boolean {
  const oven = Number(/(\d{3})\s*\/\s*$/.exec(before)?.[1] ?? 0);
  return oven > 0 && oven - value === FAN_LOWER;
}

/** "180/160 fan/4": the gas mark, where one is told of all three. */
const isGasMark = (before: string, value: number): boolean =>
  value <= HOTTEST_GAS && /\d{3}\s*\/\s*\d{3}\s*fan\s*\/\s*$/i.test(before);
const HOTTEST_GAS = 9;

/** Every duration of a text, a range as one: "1 hour to 1 hour 10", "90 secs to 1m45", "1 1/2 hrs to 1 3/4". */
export function durationsIn(text: string): Duration[] {
  const said = HAS_UNIT.test(text) ? spansIn(text) : [];
  if (!MAY_BE_BARE.test(text)) return said;
  const bare = [...text.matchAll(UNITLESS), ...text.matchAll(UNITLESS_WORDS)].flatMap((match): Duration[] => {
    const [from, to] = [match.index, match.index + match[0].length];
    const [low, high] = [numberOf(match[1]!), numberOf(match[2] ?? match[1]!)];
    return low > 0 &&
      high >= low &&
      !isFanOf(text.slice(0, from), low) &&
      !isGasMark(text.slice(0, from), high) &&
      !said.some((one) => one.from < to && from < one.to)
      ? [{ from, to, low, high }]
      : [];
  });
  return [...said, ...bare].sort((a, b) => a.from - b.from);
}

const AN_OVEN = /^[1-5]\d\d$/;
function spansIn(text: string): Duration[] {
  return [...text.matchAll(SPAN)].flatMap((match): Duration[] => {
    const [whole, bare, first, last = ''] = match;
    const end = /^[\d½¼¾⅓⅔/\s.]+$/u.test(last) ? null : minutesOf(last);
    const begin = first === undefined ? null : minutesOf(first);
    const high = end ? end.minutes : numberOf(last) * (begin?.per ?? 1);
    const low = bare === undefined ? (begin?.minutes ?? high) : numberOf(bare) * (end?.per ?? 1);
    // "Twenty-five" is no range.
    const tens = bare !== undefined && IS_TENS.test(bare);
    // "An hour and ten minutes" is none either.
    const hourAnd = begin?.per === 60 && high < 60 && /hours? and\s+\S+\s+min/i.test(whole);
    const sum = (high < low && tens) || hourAnd ? low + high : null;
    // "325 - 40 min" is an oven and its time.
    if (high < low && end !== null && AN_OVEN.test(bare ?? '')) {
      const from = match.index + whole.lastIndexOf(last);
      return [{ from, to: from + last.length, low: high, high }];
    }
    if (!(low > 0) || (high < low && sum === null)) return [];
    if (sum !== null) return [{ from: match.index, to: match.index + whole.length, low: sum, high: sum }];
    return [{ from: match.index, to: match.index + whole.length, low, high }];
  });
}
