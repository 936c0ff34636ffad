import { celsiusOf, celsiusOfGas } from '../quantity';
import { OVEN_WORDS } from './data/ovenWords';
import { TIME_UNIT, NUMBER_WORD } from './durations';

/** How hot something is to be, °C as written, with where that stands. */
export interface Setting {
  readonly from: number;
  readonly to: number;
  /** Of an oven without fan; of one with where `fan`. */
  readonly celsius: number;
  readonly fan: boolean;
  /** What it is of: a thermometer within the bake, in sugar or in milk sets no oven. */
  readonly of: 'oven' | 'fat' | 'inside';
}

const DEGREE =
  '(?:°|º|\\bdegrees?\\b|\\bdeg\\b\\.?|\\bgraden\\b|\\bGrad\\b|\\bgrader\\b|\\bgradi\\b|\\bgrados\\b|\\bdegr[ée]s\\b)';
const TEMPERATURE = new RegExp(
  `(?<![\\d.]|\\d,|(?<!\\p{L})[x×]\\s?|[\\p{L}])(\\d{2,3})\\s*(?:${DEGREE}\\s*([CF])?(?![\\p{L}])|([CF])(?![\\p{L}])|celsius|(fahrenheit))|\\b(?:gas|regulo|reg\\.?|g\\.?m\\.?)(?: mark)?\\s*([½¼]|1/[24]|\\d{1,2})(?![\\d\\p{L}])|\\bmark\\s*(\\d{1,2})\\b`,
  'giu',
);
/** A number of three figures that stands as a temperature does: "at 200", "oven 350", "350 for 20", "180/40", "180, 12 min". */
const BARE = new RegExp(
  `(?:(?:@|\\b(?:pre-?heat|at|to|down|on|oven(?: on)?|fan|in at|oil|fat|in(?=\\s*(?:an? )?\\d{3}\\s*(?:°\\s*)?(?:oil|fat|oven))))\\s*[,:]?\\s*(?:about\\s*)?(\\d{3})\\b(?!\\s*(?:g|ml|kg|cm|mm|${TIME_UNIT}|watts?|w\\b(?!\\. ?\\p{L}|\\/)|strokes))|(?<![\\d./]|\\d,|(?<!\\p{L})[x×]\\s?|\\d\\s?-)\\b(\\d{3}|[6-9]\\d(?=\\s?fan))(?=\\s*(?:→|->|\\(\\s*fan\\s*\\d{3}|(?:non[- ]?)?fan|conv(?!entional)|\\/\\s*\\d{2,3}\\s*(?:fan)?|\\/\\s*\\d[\\d ./]*\\s*(?:${TIME_UNIT})|(?:(?:\\.{2,3}|…)\\s*)?for (?:about |around |abt\\.? |approx\\.? |roughly )?(?:\\d|an?\\b|half|${NUMBER_WORD}\\b)|,\\s*(?:\\d+(?:\\s*[-–]\\s*\\d+)?\\s*m|an? |half an|\\d+¼?½? ?h)|(?:\\s+(?:very|hot|really|nice))+,?\\s+\\d+(?:\\s*[-–]\\s*\\d+)?\\s*m|\\s\\d+(?:\\s*[-–]\\s*\\d+)?\\s*(?:m|h(?:ou)?rs?\\b)|\\s\\d{1,2}\\s*[-–]\\s*\\d{1,2}(?=\\s*(?:[.,;()]|[-–]\\s|$))|\\s+w\\/|\\s*[-–]\\s*\\d{1,2}\\b(?!\\d)|,? or \\d{3}|\\s+oven\\b))|(?<=\\bfan\\s*/\\s*)(\\d{3})\\b|(?<=\\bfan )([6-9]\\d)(?=\\s+for\\b|\\s*[,.;]|\\s*$))`,
  'giu',
);
/** A clause that is nothing else. */
const ALONE = /^\W*(?:(?:[A-Ha-h]|\d{1,2})[.):]\s+)?(\d{3})\W*$/;
const INSIDE =
  /\b(?:inside|internal(?:ly)?|in the core|core|reach(?:es)?|cent(?:re|er) should|probe|thermometer|boil|stage|crack|caramel)\b/i;
/** No oven that is baked in is so cool. */
const WARMED =
  /\b(?:sugar|syrup|milk|water|cream|custard|lukewarm|chocolate|butter(?:milk)?|egg|proof|prove)\b/i;
const HOTTEST_LIQUID = 125;
/** "Cook the paste to 65C." */
const COOKED_TO = /\b(?:cook|heat|warm|whisk|stir|bring|cool)\b[^.;]*\bto (?:about |around )?$/i;
const FAT = /\b(?:oil|fat|lard|dripping|shortening|deep[- ]?fr|fry)/i;
/** Lowest number that can only be °F when the letter is missing. */
const ONLY_FAHRENHEIT = 260;
const COOLEST_OVEN = 60;
/** A number that no dial has is still what the page says. */
const HOTTEST = 600;
/** What stands between the ways in which one oven is said: "180C/160C fan/gas 4", "200, or 180 if yours is fan". */
const SAID_AGAIN =
  /^\s*(?:°|º)?\s*[CF]?\s*(?:[/(,]|or|oven)?\s*(?:or|fan|forced|conv\w*|,|\/|\(|\)|-|\d{3}|oven|gas|mark|if yours is|is|yours|a|one|no|hot air|circulating air|top(?:\/| and | & )bottom heat|°|\s)*\s*(?:\/|\(|,)?\s*$/i;
const LONGEST_BETWEEN = 40;
const FAN_BEHIND =
  /^\s*°?\s*(?:[CF]\b)?\s*\(?\s*(?:fan|conv(?!entional))(?! off|-?less)(?![^),;/]{0,12}\d{3})/i;
const FAN_AHEAD = /\b(?:fan|convection|hot air|circulating air)(?: oven)?:?\s*$/i;
const NO_FAN = /^\s*\(?not fan/i;
/** "180 (160 fan)": the fan's is the one in the brackets. */
const FAN_NEXT = /^\s*(?:°|º)?\s*[CF]?\s*[(/]\s*\d{2,3}/i;
const OVEN = /\boven\b|\bbak|\bfan\b|\bgas\b/i;
const BAKES = /\boven\b|\bbake\b/i;

/** A text without any of these names no heat. */
const MAY_HEAT = /\d{2}|\bgas\b|\bg\.?m\b|\bmark\b|\breg(?:ulo)?\b|\boven\b/i;

interface Figure {
  readonly from: number;
  readonly to: number;
  readonly value: number;
  readonly gas: boolean;
}

const celsiusIn = (value: number, scale?: string): number =>
  scale === 'F' || (scale === undefined && value > ONLY_FAHRENHEIT) ? celsiusOf(value) : value;

/** Every figure that may be a temperature, in the order of the text. */
function figuresIn(text: string): Figure[] {
  const alone = ALONE.exec(text);
  const scaled = [...text.matchAll(TEMPERATURE)].flatMap((match): Figure[] => {
    const [whole, figure, one, two, three, gas, mark] = match;
    const scale = (one ?? two ?? (three ? 'F' : undefined))?.toUpperCase();
    const marked = gas ?? mark;
    const value = marked ? celsiusOfGas(marked) : celsiusIn(Number(figure), scale);
    if (value === undefined) return [];
    return [{ from: match.index, to: match.index + whole.length, value, gas: marked !== undefined }];
  });
  const bare = [...text.matchAll(BARE)].map((match): Figure => {
    const figure = match.slice(1).find((one) => one !== undefined)!;
    const from = match.index + match[0].lastIndexOf(figure);
    return { from, to: from + figure.length, value: celsiusIn(Number(figure)), gas: false };
  });
  const whole = alone
    ? [{ from: alone.index, to: text.length, value: celsiusIn(Number(alone[1])), gas: false }]
    : [];
  return [...whole, ...scaled, ...bare].sort((a, b) => a.from - b.from);
}

/** What a figure is the heat of, by the words around it. `between`: since the figure before it. */
function heatOf({ from, to, value }: Figure, text: string, between: string): Setting['of'] {
  const beside = text.slice(Math.max(0, from - 40), to) + /^[^,;]{0,20}/.exec(text.slice(to))![0];
  const near = `${/[(/,]?\s*\p{L}*\s*$/u.exec(text.slice(0, from))?.[0] ?? ''}${text.slice(to, to + 14)}`;
  const within =
    INSIDE.test(beside) ||
    (value < HOTTEST_LIQUID && COOKED_TO.test(text.slice(Math.max(0, from - 40), from))) ||
    (value < HOTTEST_LIQUID && WARMED.test(beside));
  if (within && !OVEN.test(near + between)) return 'inside';
  const clause = text.slice(Math.max(0, from - 60), to + 30);
  return FAT.test(clause) && !BAKES.test(clause) ? 'fat' : 'oven';
}

/** A heat that is only said in words; one beside a figure says nothing more. */
function inWords(text: string): Setting[] {
  const [found] = OVEN_WORDS.flatMap(([words, celsius]) => {
    const match = words.exec(text);
    return match ? [{ from: match.index, to: match.index + match[0].length, celsius }] : [];
  });
  return found ? [{ ...found, fan: false, of: 'oven' }] : [];
}

/** Every temperature that a clause names; those of one oven, with and without fan or in two scales, are one. */
export function settingsIn(text: string): Setting[] {
  if (!MAY_HEAT.test(text)) return [];
  const settings: Setting[] = [];
  let byGas = false;
  for (const one of figuresIn(text)) {
    const before = settings.at(-1);
    if ((before && one.from < before.to) || one.value > HOTTEST || one.value < 0) continue;
    const between = before ? text.slice(before.to, one.from) : '';
    const [ahead, behind] = [text.slice(0, one.from), text.slice(one.to)];
    const fan = FAN_BEHIND.test(behind) || FAN_AHEAD.test(ahead);
    if (before && between.length < LONGEST_BETWEEN && SAID_AGAIN.test(between)) {
      // A mark of gas is of so many degrees as beside it; without the fan is what others go by.
      const says: boolean = !fan && (before.fan || (byGas && !one.gas));
      const plain = says ? { celsius: Math.max(one.value, before.fan ? before.celsius : 0), fan: false } : {};
      settings[settings.length - 1] = { ...before, to: one.to, ...plain };
      if (says) byGas = one.gas;
      continue;
    }
    const of = heatOf(one, text, between);
    if (of === 'oven' && one.value < COOLEST_OVEN) continue;
    byGas = one.gas;
    settings.push({
      from: one.from,
      to: one.to,
      celsius: one.value,
      fan: fan && !NO_FAN.test(behind) && !FAN_NEXT.test(behind),
      of,
    });
  }
  return settings.some(({ of }) => of === 'oven') ? settings : [...settings, ...inWords(text)];
}
