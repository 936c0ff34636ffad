/** A line taken apart: its stretches of amount-and-thing, and what stands in brackets. */
export interface Segments {
  readonly pieces: readonly { readonly text: string; readonly sign: 1 | -1; readonly times: number }[];
  readonly brackets: readonly string[];
  /** The line without its brackets, and without "plus extra for dusting" and the like. */
  readonly bare: string;
  /** Words after the first comma: how it is prepared. */
  readonly preparation: string;
  /** The other of two measures side by side ("200 g/7 oz"), which was not taken. */
  readonly dual: string | null;
}

const AMOUNT_AHEAD =
  '(?=(?:an? |one |two |three |half |a half )?[\\d./]*\\s*(?:\\d|cup|c\\b|tbsp|tablespoon|tsp|teaspoon|stick|pinch|g\\b|ml\\b|oz))';
const PLUS = new RegExp(`\\s*(?:,?\\s+plus|\\s\\+|,?\\s+and|\\s&)\\s+${AMOUNT_AHEAD}`, 'i');
const MINUS = new RegExp(`\\s+(?:minus|less)\\s+${AMOUNT_AHEAD}`, 'i');
/** "1 lb 2 oz" is a sum, "2 8-ounce packages" a count of packs. */
const POUNDS_AND_OUNCES =
  /(\d)\s*((?:lbs?|pounds?|kgs?)\.?)\s+(?:and\s+)?(\d[\d./]*\s*(?:oz|ounces?|g|grams?)\b)/gi;
const COUNTED_PACKS =
  /^(\d+)\s+(\d[\d./]*)\s*-?\s*(ounces?|oz|g|grams?|ml|pounds?|lb)\.?\s*-?\s*(cans?|tins?|packages?|packets?|pkgs?|jars?|boxe?s?|bags?|containers?|blocks?|bars?|tubs?|cartons?|sachets?|bottles?)\b/i;
const TIMES = /^(\d+)\s*[x×]\s*(?=\d)/i;
const METRIC = '(?:kg|g|gr|grams?|ml|l|litres?|liters?)';
const DUAL = new RegExp(
  `([\\d.,/ ]+\\s?(?:${METRIC}|oz|ounces?|lb|lbs|cups?|fl oz|tbsps?|tablespoons?|tsps?|teaspoons?|sticks?))\\s*\\/\\s*([\\d.,/ ]+\\s?(?:${METRIC}|oz|ounces?|lb|lbs|cups?|fl oz|pints?|pt|gills?|sticks?|tbsps?|tablespoons?))\\b\\.?`,
  'i',
);
const AMOUNT_BEHIND =
  /^((?:about )?(?:\d[\d./ ]*\s?[a-z]+\.?|(?:a )?(?:pinch|dash|handful)|\d+))\s*(?:$|[,(])/i;
const ADDENDA =
  /,?\s*\b(?:(?:plus|with) (?:extra|more|some|a little)|and (?:extra|more|a little (?:extra|more))|to taste|as needed|optional|if needed|or as required)\b.*$/i;

const IS_METRIC = new RegExp(`\\d\\s?${METRIC}$`, 'i');

/** Of two measures given side by side the metric one is taken. */
function preferMetric(text: string): { readonly text: string; readonly dual: string | null } {
  let dual: string | null = null;
  const kept = text.replace(DUAL, (_, one: string, other: string) => {
    const [first, second] = [one.trim(), other.trim()];
    const metricSecond = IS_METRIC.test(second) && !IS_METRIC.test(first);
    dual = metricSecond ? first : second;
    return metricSecond ? second : first;
  });
  return { text: kept, dual };
}

function splitSigned(text: string): { text: string; sign: 1 | -1 }[] {
  const plus = text.split(PLUS).map((piece) => ({ text: piece, sign: 1 as 1 | -1 }));
  return plus.flatMap(({ text: piece, sign }) => {
    const [first = '', ...rest] = piece.split(MINUS);
    return [{ text: first, sign }, ...rest.map((less) => ({ text: less, sign: -1 as const }))];
  });
}

/** Takes a cleaned line apart. Example: "1 cup plus 2 tbsp flour (sifted)" → pieces "1 cup", "2 tbsp flour"; bracket "sifted". */
export function takeApart(line: string): Segments {
  const brackets: string[] = [];
  const bare = line
    .replace(COUNTED_PACKS, '$1 ($2 $3) $4')
    .replace(POUNDS_AND_OUNCES, '$1 $2 plus $3')
    .replace(/\(([^()]*)\)?|\[([^\]]*)\]/g, (_, round?: string, square?: string) => {
      brackets.push((round ?? square ?? '').trim());
      return ' ';
    })
    .replace(/[()]/g, ' ')
    .replace(ADDENDA, '')
    .replace(/\s+/g, ' ')
    .trim();
  const comma = /,(?!\d)\s*/.exec(bare);
  const preparation = comma ? bare.slice(comma.index + comma[0].length) : '';
  const head = comma && !PLUS.test(bare.slice(comma.index)) ? bare.slice(0, comma.index) : bare;
  // "3 bars, 100 g each" says it in brackets without brackets.
  if (/^\d[\d./]*\s*[a-z]+\.? each\b/i.test(preparation)) brackets.push(preparation);
  // "Milk, 200 ml": the amount stands after the name.
  const behind = /\d/.test(head) ? undefined : AMOUNT_BEHIND.exec(preparation)?.[1];
  const { text: measured, dual } = preferMetric(behind ? `${behind} ${head}`.trim() : head.trim());
  const pieces = splitSigned(measured).map(({ text, sign }) => {
    const times = TIMES.exec(text);
    return { text: times ? text.slice(times[0].length) : text, sign, times: times ? Number(times[1]) : 1 };
  });
  return { pieces, brackets, bare, preparation, dual };
}
