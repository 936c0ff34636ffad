/** A line taken apart: its stretches of amount-and-thing, and what stands in brackets. */
export interface Segments {
  readonly pieces: readonly { readonly text: string; readonly sign: 1 | -1; readonly times: number }[];
  readonly brackets: readonly string[];
  /** The line without its brackets, and without "plus extra for dusting" and the like. */
  readonly bare: string;
  /** Words after the first comma: how it is prepared. */
  readonly preparation: string;
}

const AMOUNT_AHEAD =
  '(?=(?:an? |one |two |three |half |a half )?[\\d./]*\\s*(?:\\d|cup|c\\b|tbsp|tablespoon|tsp|teaspoon|stick|pinch|g\\b|ml\\b|oz))';
const PLUS = new RegExp(`\\s*(?:,?\\s+plus|\\s\\+|,?\\s+and|\\s&)\\s+${AMOUNT_AHEAD}`, 'i');
const MINUS = new RegExp(`\\s+(?:minus|less)\\s+${AMOUNT_AHEAD}`, 'i');
const TIMES = /^(\d+)\s*[x×]\s*(?=\d)/i;
const METRIC = '(?:kg|g|gr|grams?|ml|l|litres?|liters?)';
const DUAL = new RegExp(
  `([\\d.,/ ]+\\s?(?:${METRIC}|oz|ounces?|lb|lbs|cups?|fl oz))\\s*\\/\\s*([\\d.,/ ]+\\s?(?:${METRIC}|oz|ounces?|lb|lbs|cups?|fl oz|sticks?|tbsp))\\b\\.?`,
  'i',
);
const ADDENDA =
  /,?\s*\b(?:(?:plus|with) (?:extra|more|some|a little)|and (?:extra|more|a little (?:extra|more))|to taste|as needed|optional|if needed|or as required)\b.*$/i;

/** Of two measures given side by side the metric one is taken. */
function preferMetric(text: string): string {
  return text.replace(DUAL, (_, first: string, second: string) =>
    new RegExp(`\\d\\s?${METRIC}$`, 'i').test(second.trim()) &&
    !new RegExp(`\\d\\s?${METRIC}$`, 'i').test(first.trim())
      ? second.trim()
      : first.trim(),
  );
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
  const pieces = splitSigned(preferMetric(head.trim())).map(({ text, sign }) => {
    const times = TIMES.exec(text);
    return { text: times ? text.slice(times[0].length) : text, sign, times: times ? Number(times[1]) : 1 };
  });
  return { pieces, brackets, bare, preparation };
}
