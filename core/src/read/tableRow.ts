import { readAmount } from './amount';
import { CARD_PART, cleanLine, unscanned } from './clean';

const COLUMNS = /\s*\t\s*|\s+(?:\.\s*){3,}\s*|\s{3,}|\s+\|\s+|^\s*\||\|\s*$/;
/** "|300 g|flour|": a stroke at either end, with or without spaces between them. */
const FRAMED = /^\s*\|.*\|\s*$/;
const AMOUNT_CELL =
  /^(?:about |approx\.? |ca\.? )?(?:[\d¼½¾⅓⅔⅛]|an? |half |one |two |three |a pinch|pinch|some$|to taste$)/i;
const NUMBER_CELL = /^\d[\d.,]*(?:\s*[-–]\s*\d[\d.,]*)?$/;
const WEIGHT_CELL = /^\d[\d.,]*\s?(?:g|ml)$/i;
const IN_GRAMS = /^\d[\d.,]*\s?(?:g|kg|ml|l)\b/i;
const MORE = /^\s*(?:\+|plus|and)\s/i;

/** "4 tbsp + extra": some more, of no weight. */
const AND_EXTRA = /\s*(?:\+|plus|and)\s+(?:extra|more|some)$/i;

const isAmount = (cell: string) => AMOUNT_CELL.test(cell);
/** "BASE: 125 g butter": an amount with its name, behind the list's own name or without. */
const isThing = (cell: string) => {
  const plain = cleanLine(cell).replace(CARD_PART, '');
  return isAmount(plain) && readAmount(plain).words !== '';
};
/** So many of a row's cells make a list of it, though a last one may have no amount: "125 g butter | 2 eggs | nutmeg". */
const A_LIST = 3;
const MOSTLY = 0.6;
/** "All-purpose flour  2 1/2 cups": an amount by itself has no name after it. */
const isBare = (cell: string) => {
  const { quantity, words } = readAmount(cleanLine(cell));
  return quantity !== null && words.split(' ').length <= 2;
};

/** "250 g flour · 100 g sugar, plus a bit to finish · pinch of salt". */
const DOTS = /\s+[·•∙]\s+/u;
/** What is kept back for later would swallow the things behind it. */
const PLUS_SOME = /\bplus (?:an? |some |extra |more )/i;

/** "coating: sugar": a row may say first what it is for. */
const LABELS = /^(\p{L}[\p{L} ]{1,20}: )(\p{L}.*)$/u;

/** "1 egg with 1 tbsp milk. Topping: 3 tbsp sugar": behind a name of its own it is another row. */
const ANOTHER_LABEL = /(?<=\p{Ll})\.\s+(?=(?:(?:For|To) )?(?:the )?\p{Lu}\p{Ll}[\p{L} ]{1,20}:\s+[\d½¼¾⅓⅔])/u;

const HEADS_BESIDE = /^(?:FOR (?:THE )?)?\p{Lu}{4,}(?: \p{Lu}{3,})?:?$/u;

/** "Eggs | 2 + 1 yolk". */
const AND_A_YOLK = /^(\d+) ?\+ ?(\d+ (?:egg )?(?:yolk|white)s?)$/i;

/** "Lemon zest | 1 lemon" is the zest of one; null: the amount says nothing of the food itself. */
function ofIt(amount: string, food: string): string | null {
  const [, eggs = '', apart = ''] = (/^eggs?$/i.test(food) && AND_A_YOLK.exec(amount)) || [];
  if (eggs !== '') return `${eggs} ${food} + ${apart}`;
  const [, fruit = '', part = ''] = /^(\p{L}+) (zest|juice|rind|peel)$/iu.exec(food) ?? [];
  return fruit !== '' && new RegExp(`^\\S+ ${fruit}s?$`, 'i').test(amount)
    ? `${part.toLowerCase()} of ${amount}`
    : null;
}

/**
 * A row of a table in the order of a line: the amount, in brackets what else it weighs, the name, how it is prepared. Several
 * lines where two lists stand side by side. A line without columns is itself.
 */
export function rowsOf(written: string): string[] {
  const source = unscanned(written);
  const dotted = PLUS_SOME.test(source) ? source.split(DOTS) : [];
  if (dotted.length >= A_LIST && dotted.filter(isThing).length >= MOSTLY * dotted.length)
    return dotted.flatMap(rowsOf);
  const labelled = source.split(ANOTHER_LABEL);
  if (labelled.length > 1) return labelled.flatMap(rowsOf);
  const cells = (FRAMED.test(source) ? source.replaceAll('|', ' | ') : source)
    .split(COLUMNS)
    .map((cell) => cell.trim())
    .filter((cell) => cell !== '' && !/^[-–—]$/.test(cell));
  if (cells.length < 2) return [source];
  // "Top:   3 whites, 150 g sugar": a name of its own before a gap.
  if (/^\p{L}[\p{L} ]{1,20}:$/u.test(cells[0]!)) return [cells.join(' ')];
  const [first = '', ...others] = cells;
  const things = cells.filter(isThing).length;
  // "3/4 cup butter      FILLING": the head of the list that stands beside.
  if (things === 1 && cells.length === 2 && isThing(first) && HEADS_BESIDE.test(cells[1]!)) return [first];
  if (things === cells.length || (things >= A_LIST && things >= MOSTLY * cells.length)) return cells;
  const at = cells.findIndex((cell) => isAmount(cell));
  const name = cells.find((cell) => !isAmount(cell) && !MORE.test(cell));
  if (at < 0 || name === undefined || (at === 0 && !isBare(first))) return [cells.join(' ')];
  const amount = cells[at]!;
  const second = others.find((cell) => cell !== amount && NUMBER_CELL.test(cell));
  // Beside a weight a further column is the same in other measures: "175 g | 1 1/3 cups".
  const again = (cell: string) => IN_GRAMS.test(amount) && isAmount(cell);
  // "1 sachet | 8 g": what it weighs, in a column of its own.
  const weight = others.find((cell) => cell !== amount && !IN_GRAMS.test(amount) && WEIGHT_CELL.test(cell));
  const rest = cells.filter(
    (cell) => cell !== amount && cell !== second && cell !== weight && cell !== name && !again(cell),
  );
  const weighed = weight ?? (second && !NUMBER_CELL.test(amount) ? `${second} g` : undefined);
  const beside = weighed ? ` (${weighed})` : '';
  const added = rest.filter((cell) => MORE.test(cell)).map((cell) => ` ${cell}`);
  const prepared = rest.filter((cell) => !MORE.test(cell)).map((cell) => `, ${cell}`);
  const [label = '', food = name] = LABELS.exec(name)?.slice(1) ?? [];
  const measured = amount.replace(AND_EXTRA, '');
  if (measured !== amount) added.push(', plus extra');
  return [
    `${label}${ofIt(measured, food) ?? `${measured}${beside} ${food}`}${prepared.join('')}${added.join('')}`,
  ];
}
